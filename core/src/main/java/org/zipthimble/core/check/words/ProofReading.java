package org.zipthimble.core.check.words;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zipthimble.core.job.FamilyNames;

/**
 * What a proof-reader finds in words without a dictionary: a word twice, a weekday that is not that of its date, words that only hold a
 * place.
 */
final class ProofReading {
  /** Words that are said twice on purpose (common practice, no source). */
  private static final Set<String> TWICE = Set.of("had", "that", "so", "ha", "ho", "hear", "there", "now", "no", "bye", "knock", "yum",
      "very", "is", "please", "win");

  private static final Pattern DOUBLED = Pattern.compile("(?<![\\p{L}\\p{N}'’-])(\\p{L}[\\p{L}'’]*)(\\s+)(\\1)(?![\\p{L}\\p{N}'’-])",
      Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final String DAYS = names(Stream.of(DayOfWeek.values()).map(d -> d.getDisplayName(TextStyle.FULL, Locale.ENGLISH)));
  private static final String MONTHS = names(Stream.of(Month.values()).map(m -> m.getDisplayName(TextStyle.FULL, Locale.ENGLISH)));
  /** Between the parts of a date stand blanks, commas, line ends, dots and small words. */
  private static final String BETWEEN = "(?:\\s|,|\\.|·|\\bthe\\b|\\bof\\b)*";
  private static final Pattern DAY_FIRST = Pattern.compile(
      "\\b(" + DAYS + ")\\b" + BETWEEN + "\\b(\\d{1,2})(?:st|nd|rd|th)?\\b" + BETWEEN + "\\b(" + MONTHS + ")\\b" + BETWEEN
      + "\\b(\\d{4})\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern MONTH_FIRST = Pattern.compile(
      "\\b(" + DAYS + ")\\b" + BETWEEN + "\\b(" + MONTHS + ")\\b" + BETWEEN + "\\b(\\d{1,2})(?:st|nd|rd|th)?\\b" + BETWEEN
      + "\\b(\\d{4})\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern HELD = Pattern.compile("lorem ipsum|\\[[\\p{L} ]{2,30}\\]|\\b[Xx]{2,}[/.-][Xx]{2,}",
      Pattern.CASE_INSENSITIVE);

  private ProofReading() {}

  /**
   * Something found.
   *
   * @param from where they begin in the text
   * @param said the words that are meant
   * @param right what stands in their stead in the mended text; empty where only the person knows
   * @param mended the whole text, mended; the same where only the person knows
   */
  record Slip(int from, String said, Optional<String> right, String mended) {}

  private static String names(Stream<String> full) {
    // in full, or by their first three letters
    return full.map(n -> n.substring(0, 3) + "(?:" + n.substring(3) + ")?").collect(Collectors.joining("|"));
  }

  /** Family names, and decades, with an apostrophe that makes them owners where many are meant: the Wheeler's, 1990's. */
  private static final Pattern APOSTROPHE = Pattern.compile("\\b([Tt]he|THE)\\s+(\\p{Lu}[\\p{L}]+)['’]([sS])(?=\\s*(?:$|[.,!;:&\\n]|and"
      + "\\b|are\\b|will\\b|invite\\b|request\\b))|\\b(\\d{2,3}0)['’]([sS])\\b", Pattern.MULTILINE);

  /** Plurals that were written as if they owned something. */
  static List<Slip> apostrophes(String text) {
    List<Slip> found = new ArrayList<>();
    Matcher m = APOSTROPHE.matcher(text);
    while (m.find()) {
      boolean years = m.group(4) != null;
      String right = years ? m.group(4) + m.group(5) : m.group(1) + " " + FamilyNames.plural(m.group(2));
      found.add(new Slip(m.start(), m.group(), Optional.of(right), text.substring(0, m.start()) + right + text.substring(m.end())));
    }
    return found;
  }

  /** Words that stand twice in a row; the mended text has each once. */
  static List<Slip> doubled(String text) {
    List<Slip> found = new ArrayList<>();
    Matcher twice = DOUBLED.matcher(text);
    while (twice.find()) {
      // a line that begins anew with a capital goes on from nothing: Thank you / You made the day
      boolean anew = twice.group(2).contains("\n") && Character.isUpperCase(twice.group(3).charAt(0))
          && Character.isLowerCase(twice.group(1).charAt(0));
      if (!anew && !TWICE.contains(twice.group(1).toLowerCase(Locale.ROOT))) {
        String kept = text.substring(0, twice.end(1)) + text.substring(twice.end());
        found.add(new Slip(twice.start(), twice.group(1), Optional.of(twice.group(1)), kept));
      }
    }
    return found;
  }

  /** Weekdays that the calendar does not give their date, and days that their month does not have. */
  static List<Slip> weekdays(String text) {
    List<Slip> found = new ArrayList<>();
    dates(text, DAY_FIRST, 2, 3, found);
    dates(text, MONTH_FIRST, 3, 2, found);
    return found;
  }

  private static void dates(String text, Pattern form, int day, int month, List<Slip> found) {
    Matcher date = form.matcher(text);
    while (date.find()) {
      String said = date.group().replaceAll("\\s+", " ");
      try {
        DayOfWeek right = LocalDate.of(Integer.parseInt(date.group(4)), month(date.group(month)), Integer.parseInt(date.group(day)))
            .getDayOfWeek();
        String typed = date.group(1);
        if (!right.name().startsWith(typed.toUpperCase(Locale.ROOT).substring(0, 3))) {
          String put = likeTyped(typed, right.getDisplayName(typed.length() > 3 ? TextStyle.FULL : TextStyle.SHORT, Locale.ENGLISH));
          found.add(new Slip(date.start(), said, Optional.of(put), text.substring(0, date.start(1)) + put + text.substring(date.end(1))));
        }
      } catch (DateTimeException noSuchDay) {
        found.add(new Slip(date.start(), said, Optional.empty(), text));
      }
    }
  }

  private static Month month(String name) {
    return Stream.of(Month.values()).filter(m -> m.name().startsWith(name.toUpperCase(Locale.ROOT).substring(0, 3))).findFirst()
        .orElseThrow();
  }

  /** In capitals where that is how it was typed. */
  private static String likeTyped(String typed, String name) {
    return typed.equals(typed.toUpperCase(Locale.ROOT)) ? name.toUpperCase(Locale.ROOT) : typed.equals(typed.toLowerCase(Locale.ROOT))
        ? name.toLowerCase(Locale.ROOT) : name;
  }

  /**
   * Words that only hold a place for others.
   *
   * @param fresh what a new block says before anything is typed
   */
  static List<Slip> held(String text, String fresh) {
    if (text.strip().equals(fresh)) {
      return List.of(new Slip(text.indexOf(fresh), fresh, Optional.empty(), text));
    }
    Matcher held = HELD.matcher(text);
    return held.find() ? List.of(new Slip(held.start(), held.group(), Optional.empty(), text)) : List.of();
  }
}
