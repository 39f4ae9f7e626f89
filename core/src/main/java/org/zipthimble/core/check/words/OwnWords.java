package org.zipthimble.core.check.words;

import java.util.Collection;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.kept.Reading;

/**
 * Words that the person holds right in all of their jobs; the program tells them once it has read its settings. Safe for several threads.
 */
public final class OwnWords {
  private static volatile Set<String> known = Set.of();

  private OwnWords() {}

  /** Takes these for right from now on, and no others. */
  public static void know(Collection<String> words) {
    known = words.stream().map(w -> w.toLowerCase(Locale.ROOT)).collect(Collectors.toUnmodifiableSet());
  }

  /** The words, in small letters. */
  static Set<String> now() {
    return Reading.world("own words", () -> known);
  }
}
