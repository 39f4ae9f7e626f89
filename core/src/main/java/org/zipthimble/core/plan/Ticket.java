package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;

/**
 * The physical properties of a job. Lengths are inches whatever unit the person reads.
 *
 * @param item what is made, such as Invitation
 * @param number the docket number, 1 or more
 * @param finished the trimmed size, each side 1/8 to 200 in
 * @param bleed past each side, 0 to 2 in
 * @param safe how far words keep inside each side of the trim, 0 or more and under half the shorter side
 * @param ppi pixels per inch that pictures must have, 36 to 2400
 * @param mirror whether the output is turned left for right
 * @param stock what it is printed on, in the person's words
 * @param quantity how many, 1 to 1,000,000
 * @param unit the unit that sizes are shown in
 */
@RecordBuilder
public record Ticket(
    String item, int number, Size finished, Insets bleed, Insets safe, double ppi, boolean mirror, String stock,
    int quantity, Unit unit) implements TicketBuilder.With {
  /** The shortest side. */
  public static final double LEAST_SIDE = 0.125;

  /** The longest side. */
  public static final double MOST_SIDE = 200;

  /** The widest bleed. */
  public static final double MOST_BLEED = 2;

  /** The least resolution. */
  public static final double LEAST_PPI = 36;

  /** The highest resolution. */
  public static final double MOST_PPI = 2400;

  /** The largest run. */
  public static final int MOST = 1_000_000;

  /** Checks the ranges. */
  public Ticket {
    check("width", finished.width(), LEAST_SIDE, MOST_SIDE);
    check("height", finished.height(), LEAST_SIDE, MOST_SIDE);
    check("bleed", bleed.most(), 0, MOST_BLEED);
    check("safe area", safe.most(), 0, mostSafe(finished));
    check("resolution", ppi, LEAST_PPI, MOST_PPI);
    check("quantity", quantity, 1, MOST);
    check("number", number, 1, MOST);
    if (item == null || stock == null || unit == null) {
      throw new IllegalArgumentException("a ticket needs all its lines");
    }
  }

  /** A ticket with the trade's usual figures: 1/8 in bleed and safe area, 300 ppi (common practice, no source). */
  public static Ticket usual(String item, Size finished) {
    return new Ticket(item, 1, finished, Insets.all(0.125), Insets.all(Math.min(0.125, mostSafe(finished))), 300, false, "", 1, Unit.INCH);
  }

  /** The widest safe margin for a size, in inches: just under half its shorter side. */
  public static double mostSafe(Size size) {
    return Math.min(size.width(), size.height()) / 2 * 0.99;
  }

  private static void check(String what, double value, double least, double most) {
    if (!(value >= least && value <= most)) {
      throw new IllegalArgumentException(what + " must be " + least + " to " + most + ": " + value);
    }
  }

  /** The same at another size; a safe margin that no longer fits is brought in. */
  public Ticket sized(Size size) {
    return withSafe(safe.atMost(mostSafe(size))).withFinished(size);
  }
}
