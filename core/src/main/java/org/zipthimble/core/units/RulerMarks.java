package org.zipthimble.core.units;

import java.util.ArrayList;
import java.util.List;

/** The marks of a tape ruler at some scale: as fine as can be told apart, labelled as close as can be read. */
public final class RulerMarks {
  private static final double LEAST_GAP = 4.5;
  private static final double LEAST_LABEL_GAP = 34;
  private static final int MOST_MARKS = 4_000;

  /**
   * A mark.
   *
   * @param inches where it stands
   * @param level 0 for a whole unit, 1, 2, 3, 4 for ever shorter marks
   * @param label what is written at it; empty for none
   */
  public record Mark(double inches, int level, String label) {}

  private RulerMarks() {}

  /**
   * The marks between two places.
   *
   * @param scale pixels per inch
   * @param from in inches
   * @param to in inches
   */
  public static List<Mark> between(double scale, double from, double to, Unit unit) {
    double unitInches = unit == Unit.INCH ? 1 : unit == Unit.MILLIMETRE ? 10 / Unit.MM_PER_INCH : 0.5;
    int[] parts = unit == Unit.INCH ? new int[] {1, 2, 4, 8, 16} : unit == Unit.MILLIMETRE ? new int[] {1, 2, 10}
        : new int[] {1, 2, 4, 12, 36};
    int level = 0;
    while (level + 1 < parts.length && unitInches / parts[level + 1] * scale >= LEAST_GAP) {
      level++;
    }
    int every = everyLabel(unitInches * scale);
    int fine = parts[level];
    List<Mark> marks = new ArrayList<>();
    long first = (long) Math.ceil(from / unitInches * fine);
    long last = (long) Math.floor(to / unitInches * fine);
    for (long i = first; i <= last && marks.size() < MOST_MARKS; i++) {
      boolean labelled = i % ((long) fine * every) == 0;
      marks.add(new Mark(i * unitInches / fine, level(i, fine, parts), labelled ? label(i / fine, unit) : ""));
    }
    return marks;
  }

  private static String label(long units, Unit unit) {
    return String.valueOf(unit == Unit.INCH ? units : unit == Unit.MILLIMETRE ? units * 10 : units * 36);
  }

  private static int everyLabel(double unitPixels) {
    int every = 1;
    int[] steps = {2, 5, 10, 20, 50, 100, 200, 500};
    for (int i = 0; every * unitPixels < LEAST_LABEL_GAP && i < steps.length; i++) {
      every = steps[i];
    }
    return every;
  }

  private static int level(long index, int fine, int[] parts) {
    for (int level = 0; level < parts.length; level++) {
      if (index * parts[level] % fine == 0) {
        return level;
      }
    }
    return parts.length - 1;
  }
}
