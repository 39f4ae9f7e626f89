package org.zipthimble.core.guide;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How well what is typed fits a name and the other words people have for the thing; one slip in a longer word does no harm. */
public final class Seeking {
  private static final int WHOLE = 100;
  private static final int BEGINS = 80;
  private static final int INSIDE = 60;
  private static final int OTHER = 50;
  private static final int OTHER_BEGINS = 40;
  private static final int SLIP = 15;
  private static final int PHRASE = 45;

  /** Shorter words are mistaken for others by one letter. */
  private static final int LONG_ENOUGH = 5;

  private Seeking() {}

  /**
   * How well something fits, every typed word counted.
   *
   * @param typed what was typed, in any case; nothing typed fits everything
   * @param title the name on the screen
   * @param also other words for it, parted by commas; may be empty
   * @return 0 where a typed word is in neither; the larger, the better
   */
  public static int fit(String typed, String title, String also) {
    List<String> words = words(typed);
    if (words.isEmpty()) {
      return 1;
    }
    String name = title.toLowerCase(Locale.ROOT);
    String others = also.toLowerCase(Locale.ROOT);
    int sum = 0;
    for (String word : words) {
      int fit = fit(word, name, words(name), words(others));
      if (fit == 0) {
        return 0;
      }
      sum += fit;
    }
    String phrase = typed.strip().toLowerCase(Locale.ROOT);
    boolean same = List.of(others.split("\\s*,\\s*")).contains(phrase) || name.equals(phrase);
    return sum / words.size() + (same ? PHRASE : 0);
  }

  private static int fit(String word, String name, List<String> names, List<String> others) {
    if (names.contains(word)) {
      return WHOLE;
    }
    if (names.stream().anyMatch(n -> n.startsWith(word))) {
      return BEGINS;
    }
    if (name.contains(word)) {
      return INSIDE;
    }
    if (others.contains(word)) {
      return OTHER;
    }
    if (others.stream().anyMatch(o -> o.startsWith(word))) {
      return OTHER_BEGINS;
    }
    return word.length() >= LONG_ENOUGH
        && (names.stream().anyMatch(n -> oneSlip(word, n)) || others.stream().anyMatch(o -> oneSlip(word, o))) ? SLIP : 0;
  }

  private static List<String> words(String text) {
    List<String> out = new ArrayList<>();
    for (String word : text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")) {
      if (!word.isEmpty()) {
        out.add(word);
      }
    }
    return out;
  }

  /** One letter too many, too few, another, or two that changed places. */
  private static boolean oneSlip(String typed, String meant) {
    if (Math.abs(typed.length() - meant.length()) > 1) {
      return false;
    }
    int from = 0;
    int shorter = Math.min(typed.length(), meant.length());
    while (from < shorter && typed.charAt(from) == meant.charAt(from)) {
      from++;
    }
    int back = 0;
    while (back < shorter - from && typed.charAt(typed.length() - 1 - back) == meant.charAt(meant.length() - 1 - back)) {
      back++;
    }
    String left = typed.substring(from, typed.length() - back);
    String right = meant.substring(from, meant.length() - back);
    return left.length() <= 1 && right.length() <= 1 || left.length() == 2 && new StringBuilder(left).reverse().toString().equals(right);
  }
}
