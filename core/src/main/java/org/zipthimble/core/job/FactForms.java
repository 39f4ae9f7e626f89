package org.zipthimble.core.job;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.wording.Trouble;

/** How days and hours are written in English. */
public final class FactForms {
  /** Forms of a day. */
  public static final List<String> DAYS = List.of("weekdayMonthDay", "monthDay", "monthDayYear", "dayMonth", "weekdayDayMonth", "inWords",
      "inWordsWithYear", "weekday", "year", "yearInWords", "figures");

  /** Forms of an hour. */
  public static final List<String> HOURS = List.of("twelve", "twelveShort", "twentyFour", "inWords");

  private static final String[] SMALL = {
    "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve", "thirteen", "fourteen",
        "fifteen",
    "sixteen", "seventeen", "eighteen", "nineteen"};
  private static final String[] TENS = {"", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"};
  private static final String[] ORDINALS = {
    "", "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh", "twelfth", "thirteenth",
    "fourteenth", "fifteenth", "sixteenth", "seventeenth", "eighteenth", "nineteenth", "twentieth"};

  private FactForms() {}

  /** A day in a form; in the usual one where the form is unknown. */
  public static String day(LocalDate day, String form) {
    return switch (form) {
      case "monthDay" -> write(day, "MMMM d");
      case "monthDayYear" -> write(day, "MMMM d, yyyy");
      case "dayMonth" -> write(day, "d MMMM");
      case "weekdayDayMonth" -> write(day, "EEEE d MMMM");
      case "inWords" -> write(day, "EEEE") + ", the " + ordinal(day.getDayOfMonth()) + " of " + write(day, "MMMM");
      case "inWordsWithYear" -> day(day, "inWords") + ", " + year(day.getYear());
      case "weekday" -> write(day, "EEEE");
      case "year" -> write(day, "yyyy");
      case "yearInWords" -> year(day.getYear());
      case "figures" -> write(day, "M/d/yyyy");
      default -> write(day, "EEEE, MMMM d");
    };
  }

  /** An hour in a form; in the usual one where the form is unknown. */
  public static String hour(LocalTime hour, String form) {
    int twelve = hour.getHour() % 12 == 0 ? 12 : hour.getHour() % 12;
    String half = hour.getHour() < 12 ? "a.m." : "p.m.";
    String minutes = String.format(Locale.ROOT, ":%02d", hour.getMinute());
    return switch (form) {
      case "twelveShort" -> twelve + (hour.getMinute() == 0 ? "" : minutes) + " " + half;
      case "twentyFour" -> String.format(Locale.ROOT, "%02d:%02d", hour.getHour(), hour.getMinute());
      case "inWords" -> spoken(hour).map(s -> s + " " + part(hour)).orElse(twelve + minutes + " " + half);
      default -> twelve + minutes + " " + half;
    };
  }

  /**
   * A day as a person types it: 2027-03-13, 3/13/2027, March 13, 2027, 13 March 2027; a weekday before it must be its own.
   *
   * @throws Trouble with a sentence when it is none
   */
  public static LocalDate readDay(String text) throws Trouble {
    String plain = text.strip().replaceAll("(?<=\\d)(st|nd|rd|th)\\b", "").replaceAll("\\s+", " ");
    String bare = plain.replaceAll("(?i)^(mon|tues|wednes|thurs|fri|satur|sun)day,? ", "");
    for (String pattern : List.of("uuuu-M-d", "M/d/uuuu", "MMMM d, uuuu", "MMMM d uuuu", "MMM d, uuuu", "MMM d uuuu", "d MMMM uuuu",
        "d MMM uuuu")) {
      try {
        LocalDate day = LocalDate.parse(bare, new DateTimeFormatterBuilder().parseCaseInsensitive().appendPattern(pattern)
            .toFormatter(Locale.ENGLISH).withResolverStyle(ResolverStyle.STRICT));
        if (plain.length() > bare.length() && !plain.toLowerCase(Locale.ROOT).startsWith(write(day, "EEEE").toLowerCase(Locale.ROOT))) {
          throw Trouble.of("fact.weekday", write(day, "MMMM d, yyyy"), write(day, "EEEE"));
        }
        return day;
      } catch (DateTimeParseException next) {
        continue;
      }
    }
    throw Trouble.of("fact.noDay", text.strip());
  }

  /**
   * An hour as a person types it: 14:00, 2 pm, 2:30 p.m., noon.
   *
   * @throws Trouble with a sentence when it is none
   */
  public static LocalTime readHour(String text) throws Trouble {
    String plain = text.strip().toLowerCase(Locale.ROOT).replace(".", "").replaceAll("\\s+", "");
    if (plain.equals("noon") || plain.equals("midnight")) {
      return LocalTime.of(plain.equals("noon") ? 12 : 0, 0);
    }
    Matcher found = Pattern.compile("(\\d{1,2})(?::(\\d{2}))?(am|pm)?").matcher(plain);
    if (found.matches()) {
      int hour = Integer.parseInt(found.group(1));
      int minute = found.group(2) == null ? 0 : Integer.parseInt(found.group(2));
      String half = found.group(3);
      boolean sound = minute < 60 && (half == null ? hour < 24 && (found.group(2) != null || hour > 12) : hour >= 1 && hour <= 12);
      if (sound) {
        return LocalTime.of(half == null ? hour : hour % 12 + (half.equals("pm") ? 12 : 0), minute);
      }
    }
    throw Trouble.of("fact.noHour", text.strip());
  }

  private static String write(LocalDate day, String pattern) {
    return day.format(DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH));
  }

  private static String part(LocalTime hour) {
    return hour.getHour() < 12 ? "in the morning" : hour.getHour() < 18 ? "in the afternoon" : "in the evening";
  }

  /** As an hour is said; empty for minutes that nobody says so. */
  private static Optional<String> spoken(LocalTime hour) {
    int next = (hour.getHour() + 1) % 12 == 0 ? 12 : (hour.getHour() + 1) % 12;
    int now = hour.getHour() % 12 == 0 ? 12 : hour.getHour() % 12;
    return switch (hour.getMinute()) {
      case 0 -> Optional.of(SMALL[now] + " o’clock");
      case 15 -> Optional.of("quarter past " + SMALL[now]);
      case 30 -> Optional.of("half past " + SMALL[now]);
      case 45 -> Optional.of("quarter to " + SMALL[next]);
      default -> Optional.empty();
    };
  }

  /** A number of a day as the word that orders it, 1 to 99. */
  static String ordinal(int number) {
    if (number <= 20) {
      return ORDINALS[number];
    }
    return number % 10 == 0 ? TENS[number / 10].replaceAll("y$", "ieth") : TENS[number / 10] + "-" + ORDINALS[number % 10];
  }

  /** A year in words, as invitations write it: two thousand twenty-seven, nineteen hundred ninety-eight. */
  static String year(int year) {
    if (year < 1000 || year > 9999) {
      return String.valueOf(year);
    }
    int rest = year % 100;
    String end = rest == 0 ? "" : " " + below100(rest);
    return year % 1000 < 100 ? below100(year / 1000) + " thousand" + end : below100(year / 100) + " hundred" + end;
  }

  private static String below100(int number) {
    return number < 20 ? SMALL[number] : TENS[number / 10] + (number % 10 == 0 ? "" : "-" + SMALL[number % 10]);
  }
}
