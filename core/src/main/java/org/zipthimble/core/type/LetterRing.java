package org.zipthimble.core.type;

import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.LineSide;

/**
 * A line round letters.
 *
 * @param widthPt in points, above zero up to 720
 * @param side which side of the letters' outline it covers
 */
public record LetterRing(double widthPt, Colour colour, LineSide side) {
  /** The widest ring, in points. */
  public static final double MOST_PT = 720;

  /** Checks the figures. */
  public LetterRing {
    if (!(widthPt > 0 && widthPt <= MOST_PT) || colour == null || side == null) {
      throw new IllegalArgumentException("a line round letters is above 0 and up to " + MOST_PT + " pt wide: " + widthPt);
    }
  }
}
