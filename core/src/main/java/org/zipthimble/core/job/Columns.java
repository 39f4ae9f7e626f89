package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Size;

/**
 * Columns and rows by number, between margins, parted by one gutter. All lengths are inches.
 *
 * @param columns 1 to 60
 * @param rows 1 to 60
 * @param left the margin at the left, from the trim inwards
 * @param gutter the gap between neighbours, 0 or more
 */
public record Columns(int columns, int rows, double left, double top, double right, double bottom, double gutter) {
  /** The most columns or rows. */
  public static final int MOST = 60;

  /** Checks the ranges. */
  public Columns {
    if (columns < 1 || rows < 1 || columns > MOST || rows > MOST) {
      throw new IllegalArgumentException("columns and rows are 1 to " + MOST + ": " + columns + " x " + rows);
    }
    for (double length : new double[] {left, top, right, bottom, gutter}) {
      if (!(length >= 0 && length <= Ticket.MOST_SIDE)) {
        throw new IllegalArgumentException("a margin or gutter is 0 to " + Ticket.MOST_SIDE + " in: " + length);
      }
    }
  }

  /** One margin all round; margin and gutter in inches. */
  public static Columns of(int columns, int rows, double margin, double gutter) {
    return new Columns(columns, rows, margin, margin, margin, margin, gutter);
  }

  /** Whether there is room for them on an item of this size. */
  public boolean goesOn(Size size) {
    return cellWidth(size) > 0 && cellHeight(size) > 0;
  }

  /** The cells row by row, each row from the left; empty when there is no room for them. */
  public List<Box> cells(Size size) {
    List<Box> cells = new ArrayList<>();
    if (!goesOn(size)) {
      return cells;
    }
    double w = cellWidth(size);
    double h = cellHeight(size);
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        cells.add(new Box(left + column * (w + gutter), top + row * (h + gutter), w, h));
      }
    }
    return cells;
  }

  private double cellWidth(Size size) {
    return (size.width() - left - right - (columns - 1) * gutter) / columns;
  }

  private double cellHeight(Size size) {
    return (size.height() - top - bottom - (rows - 1) * gutter) / rows;
  }
}
