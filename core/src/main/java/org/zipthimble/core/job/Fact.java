package org.zipthimble.core.job;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.wording.Wording;

/**
 * Something that is true of a job and stands in its words: who, when, where. Words show it through fields, so that it is typed once.
 *
 * @param name what the person calls it, 1 to 60 characters
 * @param value as text; of a date as {@code 2027-03-13}, of a time as {@code 14:00} (ISO 8601); empty while it is not known
 */
public record Fact(String name, Kind kind, String value) {
  private static final int LONGEST_NAME = 60;
  private static final int LONGEST_VALUE = 2000;

  /** An address without what only programs need. */
  private static final String BARE = "bare";

  /** What a fact tells. */
  public enum Kind {
    /** Whom it is about. */
    NAMES,
    /** The day. */
    DATE,
    /** The hour. */
    TIME,
    /** Where. */
    PLACE,
    /** The day by which an answer is wished. */
    REPLY,
    /** An address in the web or of a letter box. */
    WEB,
    /** Anything else. */
    OTHER;

    /** Whether it is a day of the calendar. */
    public boolean day() {
      return this == DATE || this == REPLY;
    }
  }

  /** Checks that what should be a day or an hour is one. */
  public Fact {
    if (name == null || name.isBlank() || name.length() > LONGEST_NAME || kind == null || value == null || value.length() > LONGEST_VALUE) {
      throw new IllegalArgumentException("a fact has a name of up to " + LONGEST_NAME + " characters and a value: " + name);
    }
    if (value.indexOf('\n') >= 0 || value.indexOf('\r') >= 0) {
      throw new IllegalArgumentException("a fact is one line: " + name);
    }
    try {
      if (kind.day() && !value.isEmpty()) {
        LocalDate.parse(value);
      } else if (kind == Kind.TIME && !value.isEmpty()) {
        LocalTime.parse(value);
      }
    } catch (DateTimeException e) {
      throw new IllegalArgumentException("a day or an hour that is none: " + value, e);
    }
  }

  /** The facts that an invitation begins with, none of them known yet. */
  public static List<Fact> usual() {
    return java.util.Arrays.stream(Kind.values()).filter(k -> k != Kind.OTHER).map(k -> new Fact(Wording.of(k), k, "")).toList();
  }

  /** The same with another value. */
  public Fact saying(String other) {
    return new Fact(name, kind, other);
  }

  /** The day that it tells. */
  public Optional<LocalDate> day() {
    return kind.day() && !value.isEmpty() ? Optional.of(LocalDate.parse(value)) : Optional.empty();
  }

  /** The hour that it tells. */
  public Optional<LocalTime> hour() {
    return kind == Kind.TIME && !value.isEmpty() ? Optional.of(LocalTime.parse(value)) : Optional.empty();
  }

  /** What stands in words that show it: in the form that is wished, or its name in brackets while it is not known. */
  public String shown(String form) {
    if (value.isBlank()) {
      return "[" + name + "]";
    }
    if (kind == Kind.WEB && form.equals(BARE)) {
      return value.replaceFirst("^https?://(www\\.)?", "").replaceFirst("/$", "");
    }
    return day().map(d -> FactForms.day(d, form)).or(() -> hour().map(h -> FactForms.hour(h, form))).orElse(value);
  }

  /** The forms in which it can be shown; the first is the usual one. */
  public List<String> forms() {
    return kind.day() ? FactForms.DAYS : kind == Kind.TIME ? FactForms.HOURS : kind == Kind.WEB ? List.of("", BARE) : List.of("");
  }
}
