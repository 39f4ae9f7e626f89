package org.zipthimble.core.form;

import java.lang.ref.ReferenceQueue;
import java.lang.ref.WeakReference;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Results kept for as long as what they were made of lives. Objects of a job never change, so that the very same
 * object always gives the same result; they are told apart by identity, never compared. Safe for several threads.
 */
public final class Memo<V> {
  /** How many results one object may have: what is pulled about makes a new one in every frame. */
  private static final int MOST = 48;

  /** Of so many states of faces results are kept: every page of a book, but not every step that can be taken back. */
  public static final int STATES = 400;

  private final Map<Key, Map<Object, V>> kept;
  private final ReferenceQueue<Object> gone = new ReferenceQueue<>();

  /** Keeps the results of all objects that live. */
  public Memo() {
    kept = new HashMap<>();
  }

  /**
   * Keeps the results of the objects last asked for alone: for results so large that those of every step that can be taken back must not stay.
   *
   * @param objects how many objects, at least 1
   */
  public Memo(int objects) {
    kept = new LinkedHashMap<>(16, 0.75f, true) {
      private static final long serialVersionUID = 1;

      @Override
      protected boolean removeEldestEntry(Map.Entry<Key, Map<Object, V>> eldest) {
        return size() > objects;
      }
    };
  }

  /** What was kept for an object and a detail, or what is made now. */
  public V get(Object of, Object detail, Supplier<V> maker) {
    synchronized (kept) {
      for (Object old = gone.poll(); old != null; old = gone.poll()) {
        kept.remove(old);
      }
      Map<Object, V> details = kept.get(new Key(of, null));
      if (details != null && details.containsKey(detail)) {
        return details.get(detail);
      }
    }
    V made = maker.get();
    synchronized (kept) {
      kept.computeIfAbsent(new Key(of, gone), k -> new Newest<>()).put(detail, made);
    }
    return made;
  }

  /** The results of one object, the newest few. */
  private static final class Newest<V> extends LinkedHashMap<Object, V> {
    private static final long serialVersionUID = 1;

    @Override
    protected boolean removeEldestEntry(Map.Entry<Object, V> eldest) {
      return size() > MOST;
    }
  }

  private static final class Key extends WeakReference<Object> {
    private final int hash;

    Key(Object of, ReferenceQueue<Object> gone) {
      super(of, gone);
      this.hash = System.identityHashCode(of);
    }

    @Override
    public int hashCode() {
      return hash;
    }

    @Override
    public boolean equals(Object other) {
      return this == other || other instanceof Key && get() != null && get() == ((Key) other).get();
    }
  }
}
