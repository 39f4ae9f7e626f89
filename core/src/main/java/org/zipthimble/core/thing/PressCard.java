package org.zipthimble.core.thing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zipthimble.core.wording.Wording;

/**
 * What is noted of pressing one kind of blank.
 *
 * @param key what it goes by, in small letters, figures and hyphens
 * @param blank what is pressed
 * @param film or paper that carries the print
 * @param fahrenheit 100 to 500
 * @param seconds 1 to 7200
 * @param layers what lies on what, from below, in the person's words
 * @param order what is done, step by step
 * @param says the supplier's own words; empty for none
 * @param from where the figures come from
 * @param results what came of it, the newest last
 */
@RecordBuilder
public record PressCard(
    String key, String blank, String film, double fahrenheit, int seconds, Pressure pressure, String layers, Peel peel, List<String> order,
    String says, From from,
    List<Result> results) implements PressCardBuilder.With {
  /** The least heat. */
  public static final double LEAST_HEAT = 100;

  /** The greatest heat. */
  public static final double MOST_HEAT = 500;

  /** The longest time in seconds. */
  public static final int LONGEST = 7200;

  /** The longest word or sentence. */
  public static final int MOST_LETTERS = 400;

  /** The most steps, and the most results. */
  public static final int MOST = 60;

  /** How hard it is pressed. */
  public enum Pressure {
    /** None, as in an oven with a sleeve. */
    NONE,
    /** Light. */
    LIGHT,
    /** Medium. */
    MEDIUM,
    /** Medium to firm. */
    MEDIUM_FIRM,
    /** Firm. */
    FIRM;

    /** Its name. */
    public String title() {
      return Wording.of(this);
    }
  }

  /** When the paper or film is taken off. */
  public enum Peel {
    /** At once. */
    HOT,
    /** After a few breaths. */
    WARM,
    /** When it has cooled. */
    COLD;

    /** Its name. */
    public String title() {
      return Wording.of(this);
    }
  }

  /** Where figures come from; the supplier's word comes first. */
  public enum From {
    /** The supplier of the blank says so. */
    SUPPLIER,
    /** Tried by the person. */
    OWN,
    /** Common practice, to begin with. */
    COMMON,
    /** Made up for the demo. */
    MADE_UP;

    /** Its name. */
    public String title() {
      return Wording.of(this);
    }
  }

  /**
   * What came of a pressing.
   *
   * @param picture the name of a file beside the card; empty for none
   */
  public record Result(LocalDate day, String words, Optional<String> picture) {
    /** Checks the words. */
    public Result {
      if (day == null || words == null || words.length() > MOST_LETTERS) {
        throw new IllegalArgumentException("a result has a day and up to " + MOST_LETTERS + " letters");
      }
    }
  }

  /** Checks the ranges. */
  public PressCard {
    order = List.copyOf(order);
    results = List.copyOf(results);
    if (key == null || !key.matches("[a-z0-9]([a-z0-9-]{0,78}[a-z0-9])?")) {
      throw new IllegalArgumentException("a card's key is made of small letters, figures and hyphens: " + key);
    }
    if (blank == null || blank.isBlank() || blank.length() > MOST_LETTERS || film.length() > MOST_LETTERS || layers.length() > MOST_LETTERS
        || says.length() > MOST_LETTERS) {
      throw new IllegalArgumentException("a card names its blank, in up to " + MOST_LETTERS + " letters");
    }
    if (!(fahrenheit >= LEAST_HEAT && fahrenheit <= MOST_HEAT) || seconds < 1 || seconds > LONGEST || pressure == null || peel == null
        || from == null) {
      throw new IllegalArgumentException("a card's heat is " + LEAST_HEAT + " to " + MOST_HEAT + " F, its time 1 to " + LONGEST + " s: "
          + fahrenheit + ", " + seconds);
    }
    if (order.size() > MOST || results.size() > MOST || order.stream().anyMatch(o -> o.length() > MOST_LETTERS)) {
      throw new IllegalArgumentException("a card has up to " + MOST + " steps and results");
    }
  }

  /** A key made of words: what is no letter or figure becomes a hyphen. */
  public static String keyOf(String words) {
    String plain = words.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    String cut = plain.substring(0, Math.min(70, plain.length())).replaceAll("^-+|-+$", "");
    return cut.isEmpty() ? "card" : cut;
  }

  /** The heat in degrees Celsius: (F - 32) × 5 / 9, exactly by definition of the scales. */
  public double celsius() {
    return (fahrenheit - 32) * 5 / 9;
  }

  /** Degrees Fahrenheit of degrees Celsius. */
  public static double fahrenheit(double celsius) {
    return celsius * 9 / 5 + 32;
  }

  /** The heat in both scales, whole degrees. */
  public String heat() {
    return Wording.text("press.heat", Math.round(fahrenheit), Math.round(celsius()));
  }

  /** The time in minutes and seconds. */
  public String time() {
    return seconds < 60 ? Wording.text("press.seconds", seconds)
        : seconds % 60 == 0 ? Wording.text("press.minutes", seconds / 60)
        : Wording.text("press.minutesSeconds", seconds / 60, seconds % 60);
  }

  /** Whether it answers a search: every word is found in it. */
  public boolean answers(String search) {
    String all = String.join(" ", blank, film, layers, says, String.join(" ", order), heat(), time(), pressure.title(), peel.title(),
        from.title()).toLowerCase(Locale.ROOT);
    return List.of(search.strip().toLowerCase(Locale.ROOT).split("\\s+")).stream().allMatch(all::contains);
  }
}
