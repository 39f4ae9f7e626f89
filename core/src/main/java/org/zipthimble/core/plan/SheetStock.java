package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What is known of the paper beside its size.
 *
 * @param cost of a sheet, in the person's money; 0 where it is not known
 * @param grain which way its fibres lie
 * @param roll whether it comes from a roll, so that a sheet is only as long as it need be, up to its height
 */
@RecordBuilder
public record SheetStock(double cost, Grain grain, boolean roll) implements SheetStockBuilder.With {
  /** The dearest sheet. */
  public static final double MOST_COST = 10_000;

  /** Cut sheets of which no more is known. */
  public static final SheetStock UNKNOWN = new SheetStock(0, Grain.UNKNOWN, false);

  /** Which way fibres lie. */
  public enum Grain {
    /** Nobody has said. */
    UNKNOWN,
    /** Along the long side of the sheet. */
    LONG,
    /** Along the short side. */
    SHORT
  }

  /** Checks the cost. */
  public SheetStock {
    if (grain == null || !(cost >= 0 && cost <= MOST_COST)) {
      throw new IllegalArgumentException("a sheet costs 0 to " + MOST_COST + ": " + cost);
    }
  }
}
