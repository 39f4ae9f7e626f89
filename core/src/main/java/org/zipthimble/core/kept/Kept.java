package org.zipthimble.core.kept;

import java.lang.ref.ReferenceQueue;
import java.lang.ref.WeakReference;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;

/**
 * Results kept for as long as what they were made of lives. The maker is given once, so that it knows nothing but what it is handed: an
 * object that never changes, told apart by identity; a detail, told apart by equality; and a subject, such as a job, of which it is
 * recorded what was asked ({@link Reading}). What was kept for the object and the detail is given again where the subject has the same
 * answers. Values of the detail must not hold the object, or it would never go. Safe for several threads.
 *
 * @param <A> the object
 * @param <D> the detail
 * @param <S> the subject
 * @param <V> the result
 */
public final class Kept<A, D, S, V> {
  /** Of so many states of faces results are kept: every page of a book, but not every step that can be taken back. */
  public static final int STATES = 400;

  /** How many details one object usually has: what is pulled about makes a new one in every frame. */
  public static final int DETAILS = 48;

  /** How many subjects' results one detail has. */
  private static final int SUBJECTS = 6;

  private static final int ALL = Integer.MAX_VALUE;
  private static final List<Kept<?, ?, ?, ?>> EVERY = new CopyOnWriteArrayList<>();

  private static volatile Witness witness;

  private final Maker<A, D, S, V> maker;
  private final int details;
  private final Map<Key, Map<D, Deque<Reading.Traced<V>>>> kept;
  private final ReferenceQueue<Object> gone = new ReferenceQueue<>();

  /** Makes a result of what it is handed and of nothing else. */
  public interface Maker<A, D, S, V> {
    /** The result. */
    V make(A of, D detail, S subject);
  }

  /** Sees every result that is given again, and what would be made in its place; for tests. */
  interface Witness {
    void seen(Object by, Object of, Object detail, Object given, Supplier<?> afresh);
  }

  private Kept(int objects, int details, Maker<A, D, S, V> maker) {
    this.maker = maker;
    this.details = details;
    this.kept = new Newest<>(objects);
    EVERY.add(this);
  }

  /** Keeps the results of all objects that live. */
  public static <A, D, S, V> Kept<A, D, S, V> ofAll(Maker<A, D, S, V> maker) {
    return new Kept<>(ALL, DETAILS, maker);
  }

  /**
   * Keeps the results of the objects last asked for alone: for results so large that those of every step that can be taken back must not
   * stay, and for those that hold the object.
   *
   * @param objects how many objects, at least 1
   */
  public static <A, D, S, V> Kept<A, D, S, V> ofNewest(int objects, Maker<A, D, S, V> maker) {
    return new Kept<>(objects, DETAILS, maker);
  }

  /** Keeps the results of all objects that live, of so many details each. */
  public static <A, D, S, V> Kept<A, D, S, V> ofDetails(int details, Maker<A, D, S, V> maker) {
    return new Kept<>(ALL, details, maker);
  }

  /** Lets all results go, of everything: when another job takes the place of the one they were made of. */
  public static void letGo() {
    EVERY.forEach(Kept::empty);
    Recent.letGo();
  }

  private void empty() {
    synchronized (kept) {
      kept.clear();
    }
  }

  static void seen(Object by, Object of, Object detail, Object given, Supplier<?> afresh) {
    if (witness != null) {
      witness.seen(by, of, detail, given, afresh);
    }
  }

  static void watch(Witness by) {
    witness = by;
  }

  /** Of how many objects it keeps something. */
  int size() {
    synchronized (kept) {
      sweep();
      return kept.size();
    }
  }

  private void sweep() {
    for (Object old = gone.poll(); old != null; old = gone.poll()) {
      kept.remove(old);
    }
  }

  /** What was kept, or what is made now. */
  public V of(A of, D detail, S subject) {
    List<Reading.Traced<V>> known;
    synchronized (kept) {
      sweep();
      Map<D, Deque<Reading.Traced<V>>> its = kept.get(new Key(of, null));
      Deque<Reading.Traced<V>> all = its == null ? null : its.get(detail);
      known = all == null ? List.of() : List.copyOf(all);
    }
    for (Reading.Traced<V> one : known) {
      if (one.holds(subject)) {
        seen(this, of, detail, one.value(), () -> maker.make(of, detail, subject));
        return one.value();
      }
    }
    Reading.Traced<V> made = Reading.traced(subject, () -> maker.make(of, detail, subject));
    synchronized (kept) {
      Deque<Reading.Traced<V>> all = kept.computeIfAbsent(new Key(of, gone), k -> new Newest<>(details))
          .computeIfAbsent(detail, d -> new ArrayDeque<>());
      all.addFirst(made);
      if (all.size() > SUBJECTS) {
        all.removeLast();
      }
    }
    return made.value();
  }

  /** The newest few. */
  private static final class Newest<K, V> extends LinkedHashMap<K, V> {
    private static final long serialVersionUID = 1;

    private final int most;

    Newest(int most) {
      super(16, 0.75f, true);
      this.most = most;
    }

    @Override
    protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
      return size() > most;
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
