package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.item.Placement;

/**
 * Where a piece lies on the sheets of its lane.
 *
 * @param piece names it: the id of its object, of the part of it and the copy
 * @param sheet from 0
 * @param x of the piece's own origin after it is turned, in inches from the sheet's top left
 * @param turn degrees clockwise
 */
@RecordBuilder
public record PiecePlace(String piece, int sheet, double x, double y, double turn) implements PiecePlaceBuilder.With {
  /** Checks the figures. */
  public PiecePlace {
    if (piece == null || piece.isBlank() || sheet < 0 || sheet > 10_000
        || !(Math.abs(x) <= Placement.FARTHEST && Math.abs(y) <= Placement.FARTHEST && Double.isFinite(turn))) {
      throw new IllegalArgumentException("not a place on a sheet: " + piece + ", " + sheet + ", " + x + ", " + y + ", " + turn);
    }
  }

  /** The same, moved by inches. */
  public PiecePlace moved(double dx, double dy) {
    return withX(x + dx).withY(y + dy);
  }
}
