package org.zipthimble.core.type;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.lucene.analysis.compound.hyphenation.Hyphenation;
import org.apache.lucene.analysis.compound.hyphenation.HyphenationTree;
import org.xml.sax.InputSource;

/**
 * Where words may be parted, by patterns in the form of TeX: letters with figures between them, of which the largest that any pattern puts
 * at a place counts, and odd ones allow a parting (F. M. Liang, Word Hy-phen-a-tion by Com-put-er, Stanford 1983).
 */
public final class Hyphens {
  /** The fewest letters left before a parting, and after it, as the patterns for English were made for. */
  private static final int LEAST_BEFORE = 2;

  private static final int LEAST_AFTER = 3;

  /** Words that the patterns would part wrongly; they are kept beside them in the same collection (hyph-en-us). */
  private static final Map<String, List<Integer>> EXCEPTIONS = Stream.of(
      "as-so-ciate", "as-so-ciates", "dec-li-na-tion", "oblig-a-tory", "phil-an-thropic", "present", "presents", "project", "projects",
      "reci-procity",
      "re-cog-ni-zance", "ref-or-ma-tion", "ret-ri-bu-tion", "ta-ble")
      .collect(Collectors.toUnmodifiableMap(w -> w.replace("-", ""), Hyphens::marked));

  private static List<Integer> marked(String word) {
    List<Integer> places = new ArrayList<>();
    for (int i = word.indexOf('-'); i >= 0; i = word.indexOf('-', i + 1)) {
      places.add(i - places.size());
    }
    return List.copyOf(places);
  }

  private static final class English {
    private static final Hyphens ONE = new Hyphens("hyphens-en-us.txt");

    private English() {}
  }

  private final HyphenationTree tree = new HyphenationTree();

  private Hyphens(String file) {
    InputStream found = Hyphens.class.getResourceAsStream("/org/zipthimble/core/type/" + file);
    if (found == null) {
      throw new IllegalStateException("the patterns are not in the program: " + file);
    }
    try (BufferedReader in = new BufferedReader(new InputStreamReader(found, StandardCharsets.UTF_8))) {
      tree.loadPatterns(new InputSource(new StringReader(document(in.lines().toList()))));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The form in which the library reads patterns: which letters count as one, then all patterns. */
  private static String document(List<String> patterns) {
    String letters = IntStream.rangeClosed('a', 'z').mapToObj(c -> Character.toString(c) + Character.toUpperCase((char) c))
        .collect(Collectors.joining(" "));
    return "<hyphenation-info><hyphen-char value=\"-\"/><classes>" + letters + "</classes><patterns>" + String.join(" ", patterns)
        + "</patterns></hyphenation-info>";
  }

  /** Those for American English. */
  public static Hyphens english() {
    return English.ONE;
  }

  /** The places within a word before which it may be parted, counted in characters. */
  public List<Integer> places(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    if (lower.length() != word.length() || lower.length() < LEAST_BEFORE + LEAST_AFTER) {
      return List.of();
    }
    if (EXCEPTIONS.containsKey(lower)) {
      return EXCEPTIONS.get(lower);
    }
    Hyphenation found = tree.hyphenate(lower, LEAST_BEFORE, LEAST_AFTER);
    return found == null ? List.of() : Arrays.stream(found.getHyphenationPoints())
        .filter(i -> i >= LEAST_BEFORE && i <= lower.length() - LEAST_AFTER).boxed().toList();
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
