package org.zipthimble.core.nest;

import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;

/**
 * Where a piece lies: turned about its own origin, then moved.
 *
 * @param sheet from 0
 * @param turn degrees clockwise as seen
 */
public record Spot(String id, int sheet, double x, double y, double turn) {
  /** The map from the piece's own ground to the sheet. */
  public Affine map() {
    return Affine.turn(turn, new Point(0, 0)).then(Affine.move(x, y));
  }
}
