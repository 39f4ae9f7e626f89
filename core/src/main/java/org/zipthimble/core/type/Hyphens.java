package org.zipthimble.core.type;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Where words may be parted, by patterns in the form of TeX: letters with figures between them, of which the largest that any pattern puts
 * at a place counts, and odd ones allow a parting (F. M. Liang, Word Hy-phen-a-tion by Com-put-er, Stanford 1983).
 */
public final class Hyphens {
  /** The fewest letters left before a parting, and after it, as the patterns for English were made for. */
  private static final int LEAST_BEFORE = 2;

  private static final int LEAST_AFTER = 3;

  /** Words that the patterns would part wrongly; they are kept beside them in the same collection (hyph-en-us). */
  private static final List<String> EXCEPTIONS = List.of(
      "as-so-ciate", "as-so-ciates", "dec-li-na-tion", "oblig-a-tory", "phil-an-thropic", "present", "presents", "project", "projects", "reci-procity",
      "re-cog-ni-zance", "ref-or-ma-tion", "ret-ri-bu-tion", "ta-ble");

  private static final class English {
    private static final Hyphens ONE = new Hyphens("hyphens-en-us.txt");

    private English() {}
  }

  private final Map<String, int[]> patterns = new HashMap<>();
  private final Map<String, List<Integer>> exceptions = new HashMap<>();
  private int longest;

  private Hyphens(String file) {
    InputStream found = Hyphens.class.getResourceAsStream("/org/zipthimble/core/type/" + file);
    if (found == null) {
      throw new IllegalStateException("the patterns are not in the program: " + file);
    }
    try (BufferedReader in = new BufferedReader(new InputStreamReader(found, StandardCharsets.UTF_8))) {
      in.lines().filter(l -> !l.isBlank()).forEach(this::pattern);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    for (String word : EXCEPTIONS) {
      List<Integer> places = new ArrayList<>();
      for (int i = word.indexOf('-'); i >= 0; i = word.indexOf('-', i + 1)) {
        places.add(i - places.size());
      }
      exceptions.put(word.replace("-", ""), places);
    }
  }

  /** Those for American English. */
  public static Hyphens english() {
    return English.ONE;
  }

  private void pattern(String pattern) {
    StringBuilder letters = new StringBuilder();
    int[] figures = new int[pattern.length() + 1];
    for (char c : pattern.toCharArray()) {
      if (Character.isDigit(c)) {
        figures[letters.length()] = c - '0';
      } else {
        letters.append(c);
      }
    }
    patterns.put(letters.toString(), figures);
    longest = Math.max(longest, letters.length());
  }

  /** The places within a word before which it may be parted, counted in characters. */
  public List<Integer> places(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    if (lower.length() != word.length() || lower.length() < LEAST_BEFORE + LEAST_AFTER) {
      return List.of();
    }
    if (exceptions.containsKey(lower)) {
      return exceptions.get(lower);
    }
    String dotted = "." + lower + ".";
    int[] most = new int[dotted.length() + 1];
    for (int i = 0; i < dotted.length(); i++) {
      for (int j = i + 1; j <= Math.min(dotted.length(), i + longest); j++) {
        int[] figures = patterns.get(dotted.substring(i, j));
        for (int k = 0; figures != null && k <= j - i; k++) {
          most[i + k] = Math.max(most[i + k], figures[k]);
        }
      }
    }
    List<Integer> out = new ArrayList<>();
    for (int i = LEAST_BEFORE; i <= lower.length() - LEAST_AFTER; i++) {
      if (most[i + 1] % 2 == 1) {
        out.add(i);
      }
    }
    return out;
  }

  /** The places in a text, between two others, at which a word of letters alone may be parted; in their order. */
  List<Integer> places(String text, int from, int to) {
    List<Integer> out = new ArrayList<>();
    int begun = from;
    while (begun < to) {
      int end = begun;
      while (end < to && Character.isLetter(text.charAt(end))) {
        end++;
      }
      for (int place : places(text.substring(begun, end))) {
        out.add(begun + place);
      }
      begun = Math.max(end, begun + 1);
    }
    return out;
  }
}
