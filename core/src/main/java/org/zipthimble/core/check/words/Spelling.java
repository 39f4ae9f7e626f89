package org.zipthimble.core.check.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.ParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.lucene.analysis.hunspell.Dictionary;
import org.apache.lucene.analysis.hunspell.Hunspell;
import org.apache.lucene.analysis.hunspell.SortingStrategy;
import org.apache.lucene.analysis.hunspell.TimeoutPolicy;
import org.zipthimble.core.kept.Recent;
import org.zipthimble.core.work.Ongoing;

/**
 * Spelling of English by the dictionary that ships. It is read when a word is first met that none of its words' forms is, which takes a
 * moment. Safe for several threads.
 */
final class Spelling {
  private static final int MOST_KEPT = 5_000;
  private static final int MOST_SUGGESTED = 3;
  private static final int LONGEST_MEANT = 22;
  private static final int SHORTEST = 2;
  private static final int LONGEST = 40;
  private static final Pattern WORD = Pattern.compile(
      "(?<![\\p{L}\\p{N}@./_-])\\p{L}[\\p{L}\\p{Mn}'’]*(?![\\p{L}\\p{N}@/_])(?!\\.\\p{L})(?!-\\p{L})");

  /** Days and months however they are written, and what invitations shorten. */
  private static final Set<String> CALENDAR = Set.of(
      "monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday", "january", "february", "april", "june", "july",
      "september", "october", "november",
      "december", "mon", "tue", "tues", "wed", "thu", "thurs", "fri", "sat", "sun", "jan", "feb", "mar", "apr", "jun", "jul", "aug", "sep",
      "sept", "oct", "nov", "dec",
      "rsvp", "pm", "am", "lb", "lbs", "oz", "tbsp", "tsp");

  private static final class Shipped {
    private static final Hunspell ENGLISH = read();

    private Shipped() {}

    private static Hunspell read() {
      try (InputStream affixes = open("en.aff"); InputStream words = open("en.dic")) {
        // no limit of time, so that what is found does not depend on the machine; words are short
        return new Hunspell(new Dictionary(affixes, List.of(words), false, SortingStrategy.inMemory()), TimeoutPolicy.NO_TIMEOUT,
            () -> { });
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (ParseException e) {
        throw new IllegalStateException("the dictionary cannot be read", e);
      }
    }

    private static InputStream open(String file) {
      InputStream in = Spelling.class.getResourceAsStream("/org/zipthimble/core/check/" + file);
      if (in == null) {
        throw new IllegalStateException("the dictionary is not in the program: " + file);
      }
      return in;
    }
  }

  private static final Recent<String, Void, Boolean> KNOWN = Recent.plain(MOST_KEPT, Spelling::isRight);
  private static final Recent<Meant, Void, List<String>> SUGGESTED = Recent.plain(MOST_KEPT, m -> meant(m.word(), m.english()));

  private record Meant(String word, English english) {}

  /** A word that the dictionary does not have, and where it stands. */
  record Unknown(String word, int from, int to) {}

  private Spelling() {}

  /**
   * The words of a text that are not known. Names are not in a dictionary: a word with a capital within a sentence, or in capitals
   * throughout, counts only where it is one letter away from a word that is known.
   *
   * @param right words that are right, in small letters
   */
  static List<Unknown> unknown(String text, Set<String> right, English english) {
    List<Unknown> out = new ArrayList<>();
    Matcher found = WORD.matcher(text);
    while (found.find()) {
      Ongoing.check();
      String word = found.group().replace('’', '\'').replaceAll("'+$", "");
      boolean asked = word.length() >= SHORTEST && word.length() <= LONGEST && !right.contains(word.toLowerCase(Locale.ROOT))
          && !right.contains(owned(word).toLowerCase(Locale.ROOT));
      if (asked && !known(word, english) && (!name(word) || near(word, english))) {
        out.add(new Unknown(found.group(), found.start(), found.start() + word.length()));
      }
    }
    return out;
  }

  /** Without the sign of who owns. */
  private static String owned(String word) {
    return word.replaceAll("'[sS]$", "");
  }

  private static boolean name(String word) {
    return Character.isUpperCase(word.charAt(0));
  }

  /** Whether it is a known word but for one letter put in, left out, taken for another or changed with its neighbour. */
  private static boolean near(String word, English english) {
    return english.lacks(word) || suggestions(word, english).stream()
        .anyMatch(s -> oneAway(word.toLowerCase(Locale.ROOT), s.toLowerCase(Locale.ROOT)));
  }

  private static boolean oneAway(String a, String b) {
    if (Math.abs(a.length() - b.length()) > 1 || a.length() < 5 || a.charAt(0) != b.charAt(0) || b.indexOf(' ') >= 0
        || b.indexOf('-') >= 0) {
      return false;
    }
    int i = 0;
    while (i < Math.min(a.length(), b.length()) && a.charAt(i) == b.charAt(i)) {
      i++;
    }
    String restA = a.substring(i);
    String restB = b.substring(i);
    boolean swapped = restA.length() > 1 && restA.length() == restB.length() && restA.charAt(0) == restB.charAt(1)
        && restA.charAt(1) == restB.charAt(0)
        && restA.substring(2).equals(restB.substring(2));
    return swapped || a.length() == b.length() && restA.substring(Math.min(1, restA.length()))
        .equals(restB.substring(Math.min(1, restB.length())))
        || a.length() > b.length() && restA.substring(1).equals(restB) || b.length() > a.length() && restB.substring(1).equals(restA);
  }

  private static boolean known(String word, English english) {
    return CALENDAR.contains(word.toLowerCase(Locale.ROOT)) || english.adds(owned(word)) || inDictionary(word)
        && !english.lacks(owned(word));
  }

  private static boolean inDictionary(String word) {
    return KNOWN.get(word);
  }

  /**
   * Whether a word is right as it is written or in small letters; the rules, which take long to read, are asked only where it is none of
   * the forms they make in either way.
   */
  private static boolean isRight(String word) {
    List<String> ways = new ArrayList<>(List.of(word, word.toLowerCase(Locale.ROOT)));
    if (word.equals(word.toUpperCase(Locale.ROOT))) {
      ways.add(word.charAt(0) + word.substring(1).toLowerCase(Locale.ROOT));
    }
    return ways.stream().anyMatch(Vocabulary.english()::has) || ways.stream().anyMatch(Shipped.ENGLISH::spell);
  }

  /** Up to three words that may have been meant, in the case in which the word is written. */
  static List<String> suggestions(String word, English english) {
    String plain = word.replace('’', '\'');
    return plain.length() > LONGEST_MEANT ? List.of() : SUGGESTED.get(new Meant(plain, english));
  }

  private static List<String> meant(String word, English english) {
    boolean capitals = word.equals(word.toUpperCase(Locale.ROOT));
    boolean title = !capitals && Character.isUpperCase(word.charAt(0));
    List<String> all = new ArrayList<>(english.near(word));
    Shipped.ENGLISH.suggest(capitals ? word.toLowerCase(Locale.ROOT) : word).stream().filter(s -> !english.lacks(s)).forEach(all::add);
    return all.stream().map(s -> capitals ? s.toUpperCase(Locale.ROOT) : title
        ? s.substring(0, 1).toUpperCase(Locale.ROOT) + s.substring(1) : s).distinct().limit(MOST_SUGGESTED).toList();
  }
}
