package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.type.Story;

/**
 * Changes of what words say that keep their looks: quotation marks, dashes and fractions as a typesetter sets them, and the case of
 * letters.
 */
public final class Typography {
  private static final Map<String, String> FRACTIONS = Map.ofEntries(
      Map.entry("1/2", "½"), Map.entry("1/3", "⅓"), Map.entry("2/3", "⅔"), Map.entry("1/4", "¼"), Map.entry("3/4", "¾"),
      Map.entry("1/5", "⅕"),
      Map.entry("1/6", "⅙"), Map.entry("1/8", "⅛"), Map.entry("3/8", "⅜"), Map.entry("5/8", "⅝"), Map.entry("7/8", "⅞"));

  private static final List<String> SMALL = List.of("a", "an", "and", "as", "at", "but", "by", "for", "from", "in", "nor", "of", "on",
      "or", "the", "to", "up", "with");

  /** What becomes of a match; the same text for nothing. */
  private record Rule(Pattern pattern, Function<Matcher, String> to) {}

  private static final List<Rule> SIGNS = List.of(
      rule("(?<![\\d/])(\\d/\\d)(?![\\d/])", m -> FRACTIONS.getOrDefault(m.group(1), m.group(1))),
      rule("(?<=\\d)(\\s?)x(\\s?)(?=\\d)", m -> m.group(1) + "×" + m.group(2)),
      rule("\\.\\.\\.", m -> "…"),
      rule("(?<=\\d)--?(?=\\d)", m -> "–"),
      rule("\\s?--\\s?", m -> m.group().strip().length() == m.group().length() ? "—" : " – "),
      rule("(?<=\\s)-(?=\\s)", m -> "–"),
      rule("(?<=\\d)\"", m -> "″"),
      rule("\"(?=\\S)(?<![\\p{L}\\p{N}.,;!?]\")", m -> "“"),
      rule("\"", m -> "”"),
      rule("'(?=\\d\\ds?\\b)", m -> "’"),
      rule("(?<![\\p{L}\\p{N}.,;!?])'(?=\\S)", m -> "‘"),
      rule("'", m -> "’"));

  /** How the case of letters is changed. */
  public enum CaseChange {
    /** All capitals. */
    CAPITALS,
    /** All small. */
    SMALL,
    /** A capital at the beginning of every word but small ones. */
    TITLE,
    /** A capital at the beginning of every sentence. */
    SENTENCE
  }

  private record Change(int from, int to, String text) {}

  private Typography() {}

  private static Rule rule(String pattern, Function<Matcher, String> to) {
    return new Rule(Pattern.compile(pattern), to);
  }

  /** The words with typesetters' signs between two places: quotation marks that open and close, dashes, fractions, times and ellipses. */
  public static Story signs(Story story, int from, int to) {
    Story now = story;
    int end = to;
    for (Rule rule : SIGNS) {
      String text = now.text();
      List<Change> changes = new ArrayList<>();
      Matcher found = rule.pattern().matcher(text);
      while (found.find()) {
        String put = rule.to().apply(found);
        if (found.start() >= from && found.end() <= end && !put.equals(found.group())) {
          changes.add(new Change(found.start(), found.end(), put));
        }
      }
      for (int i = changes.size() - 1; i >= 0; i--) {
        end += changes.get(i).text().length() - (changes.get(i).to() - changes.get(i).from());
      }
      now = made(now, changes);
    }
    return now;
  }

  /** The words with their letters in another case between two places. */
  public static Story cased(Story story, int from, int to, CaseChange change) {
    String text = story.text();
    List<Change> changes = new ArrayList<>();
    Matcher words = Pattern.compile("[\\p{L}\\p{N}’']+").matcher(text);
    while (words.find()) {
      if (words.start() >= from && words.end() <= to) {
        boolean begins = text.substring(0, words.start()).strip().isEmpty() || text.substring(0, words.start()).stripTrailing()
            .matches("(?s).*[.!?:…]")
            || text.substring(Math.max(0, text.lastIndexOf('\n', words.start()) + 1), words.start()).isBlank();
        String put = cased(words.group(), begins, change);
        if (!put.equals(words.group()) && put.length() == words.group().length()) {
          letters(words.start(), words.group(), put, changes);
        }
      }
    }
    return made(story, changes);
  }

  /** Only the letters that differ, so that a word of two looks keeps both. */
  private static void letters(int at, String was, String is, List<Change> out) {
    for (int i = 0; i < was.length(); i++) {
      if (was.charAt(i) != is.charAt(i)) {
        out.add(new Change(at + i, at + i + 1, is.substring(i, i + 1)));
      }
    }
  }

  private static String cased(String word, boolean begins, CaseChange change) {
    String small = word.toLowerCase(Locale.ROOT);
    String first = small.isEmpty() ? small : small.substring(0, 1).toUpperCase(Locale.ROOT) + small.substring(1);
    return switch (change) {
      case CAPITALS -> word.toUpperCase(Locale.ROOT);
      case SMALL -> small;
      case TITLE -> begins || !SMALL.contains(small) ? first : small;
      case SENTENCE -> begins ? first : small;
    };
  }

  /** Fields say what their facts say and are left alone. */
  private static Story made(Story story, List<Change> changes) {
    Story now = story;
    for (int i = changes.size() - 1; i >= 0; i--) {
      Change c = changes.get(i);
      boolean field = story.part(c.from(), c.to()).runs().stream().anyMatch(r -> r.field().isPresent());
      now = field ? now : now.typed(c.from(), c.to(), c.text());
    }
    return now;
  }
}
