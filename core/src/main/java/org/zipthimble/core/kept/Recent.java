package org.zipthimble.core.kept;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * The results that were asked for last, told apart by a value that is all the maker is handed, but for a subject of which it is recorded
 * what was asked ({@link Reading}). The maker is given once, so that it knows nothing else. Safe for several threads.
 *
 * @param <K> what tells results apart
 * @param <S> the subject
 * @param <V> the result, never null
 */
public final class Recent<K, S, V> {
  private static final List<Recent<?, ?, ?>> EVERY = new CopyOnWriteArrayList<>();

  private final BiFunction<K, S, V> maker;
  private final Map<K, Reading.Traced<V>> kept;

  private Recent(int most, BiFunction<K, S, V> maker) {
    this.maker = maker;
    this.kept = new LinkedHashMap<>(16, 0.75f, true) {
      private static final long serialVersionUID = 1;

      @Override
      protected boolean removeEldestEntry(Map.Entry<K, Reading.Traced<V>> eldest) {
        return size() > most;
      }
    };
    EVERY.add(this);
  }

  /**
   * Keeps what is made of a value and what is asked of a subject.
   *
   * @param most how many results, at least 1
   */
  public static <K, S, V> Recent<K, S, V> of(int most, BiFunction<K, S, V> maker) {
    return new Recent<>(most, maker);
  }

  /**
   * Keeps what is made of a value alone.
   *
   * @param most how many results, at least 1
   */
  public static <K, V> Recent<K, Void, V> plain(int most, Function<K, V> maker) {
    return new Recent<>(most, (key, nothing) -> maker.apply(key));
  }

  static void letGo() {
    EVERY.forEach(Recent::empty);
  }

  private void empty() {
    synchronized (kept) {
      kept.clear();
    }
  }

  /** What is made of a value alone. */
  public V get(K key) {
    return get(key, null);
  }

  /** What was kept, or what is made now. */
  public V get(K key, S subject) {
    Reading.Traced<V> known;
    synchronized (kept) {
      known = kept.get(key);
    }
    if (known != null && known.holds(subject)) {
      Kept.seen(this, this, key, known.value(), () -> maker.apply(key, subject));
      return known.value();
    }
    Reading.Traced<V> made = Reading.traced(subject, () -> maker.apply(key, subject));
    synchronized (kept) {
      kept.put(key, made);
    }
    return made.value();
  }
}
