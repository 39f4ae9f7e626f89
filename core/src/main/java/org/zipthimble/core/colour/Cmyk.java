package org.zipthimble.core.colour;

import java.util.Locale;

/**
 * Amounts of the four process inks, each 0 to 1.
 *
 * @param cyan of the plate
 * @param magenta of the plate
 * @param yellow of the plate
 * @param black of the plate
 */
public record Cmyk(double cyan, double magenta, double yellow, double black) {
  /** Black ink alone. */
  public static final Cmyk BLACK = new Cmyk(0, 0, 0, 1);

  /** No ink. */
  public static final Cmyk NONE = new Cmyk(0, 0, 0, 0);

  /** A black with depth for large areas, 60/40/40/100 (common practice, no source). */
  public static final Cmyk RICH_BLACK = new Cmyk(0.6, 0.4, 0.4, 1);

  /** Checks the ranges. */
  public Cmyk {
    for (double v : new double[] {cyan, magenta, yellow, black}) {
      if (!(v >= 0 && v <= 1)) {
        throw new IllegalArgumentException("amounts of ink are 0 to 1: " + v);
      }
    }
  }

  /** The sum of the four, 0 to 4: 3 is a load of 300 %. */
  public double load() {
    return cyan + magenta + yellow + black;
  }

  /** The amounts in the order of the plates, each 0 to 1. */
  public double[] parts() {
    return new double[] {cyan, magenta, yellow, black};
  }

  /** From amounts in the order of the plates, cut off at 0 and 1. */
  static Cmyk of(double[] parts) {
    return new Cmyk(cut(parts[0]), cut(parts[1]), cut(parts[2]), cut(parts[3]));
  }

  /** A part of every ink, 0 to 1. */
  public Cmyk tint(double share) {
    return new Cmyk(cyan * share, magenta * share, yellow * share, black * share);
  }

  /** Whole per cents, as a printer reads them: {@code 60/40/40/100}. */
  public String text() {
    return String.format(Locale.ROOT, "%d/%d/%d/%d", Math.round(cyan * 100), Math.round(magenta * 100), Math.round(yellow * 100),
        Math.round(black * 100));
  }

  private static double cut(double v) {
    // What a damaged table gives may be no number at all.
    return v >= 0 ? Math.min(1, v) : 0;
  }
}
