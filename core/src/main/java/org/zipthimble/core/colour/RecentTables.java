package org.zipthimble.core.colour;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** The few tables that were used last; making one takes a while. Safe for several threads. */
final class RecentTables<T> {
  private static final int MOST = 3;

  private final Map<Object, T> made = new LinkedHashMap<>(8, 0.75f, true) {
    private static final long serialVersionUID = 1;

    @Override
    protected boolean removeEldestEntry(Map.Entry<Object, T> eldest) {
      return size() > MOST;
    }
  };

  synchronized T get(Object key, Supplier<T> maker) {
    T there = made.get(key);
    if (there == null) {
      there = maker.get();
      made.put(key, there);
    }
    return there;
  }
}
