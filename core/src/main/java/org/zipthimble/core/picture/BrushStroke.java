package org.zipthimble.core.picture;

import java.util.List;
import org.zipthimble.core.geom.Point;

/**
 * A stroke of the brush over a picture.
 *
 * @param places along the stroke, each 0 to 1 across and down the whole picture; a stroke may begin and end outside
 * @param radius as a part of the picture's width, above zero to 1
 * @param soft how much of the radius fades out: 0 for a hard edge, 1 for all of it
 * @param restores whether it brings back what was rubbed out
 */
public record BrushStroke(List<Point> places, double radius, double soft, boolean restores) {
  /** The finest brush in hand, in inches across. */
  public static final double LEAST_SIZE = 0.005;

  /** The widest brush in hand, in inches across. */
  public static final double MOST_SIZE = 20;

  /** The most places of one stroke. */
  public static final int MOST = 4_000;

  /** Keeps a copy and checks the figures. */
  public BrushStroke {
    places = List.copyOf(places);
    if (places.isEmpty() || places.size() > MOST || !(radius > 0 && radius <= 1) || !(soft >= 0 && soft <= 1)) {
      throw new IllegalArgumentException("a stroke has 1 to " + MOST + " places and a radius of 0 to 1: " + radius);
    }
    for (Point p : places) {
      if (!(Math.abs(p.x()) <= 10 && Math.abs(p.y()) <= 10)) {
        throw new IllegalArgumentException("a stroke runs far outside the picture: " + p);
      }
    }
  }
}
