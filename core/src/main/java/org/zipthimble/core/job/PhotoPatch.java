package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.geom.Point;

/**
 * Where art lies in a photograph of the person's own. Places are parts of the photograph's width and height, 0 to 1 from its top left, and
 * may lie a little outside.
 *
 * @param picture the photograph's id among the job's pictures
 * @param topLeft where the art's top left lies, and so on round
 * @param sag by which the middles of its upper and lower edges lie lower than their ends, as a part of the patch's height, -1 to 1
 * @param round the degrees of a round thing that the patch goes about, 0 (flat) to 170
 */
@RecordBuilder
public record PhotoPatch(String picture, Point topLeft, Point topRight, Point bottomRight, Point bottomLeft, double sag, double round)
    implements PhotoPatchBuilder.With {
  /** The most degrees of a round thing that are seen. */
  public static final double MOST_ROUND = 170;

  private static final double FARTHEST = 2;

  /** Checks the places. */
  public PhotoPatch {
    for (Point p : new Point[] {topLeft, topRight, bottomRight, bottomLeft}) {
      if (!(Math.abs(p.x()) <= FARTHEST && Math.abs(p.y()) <= FARTHEST)) {
        throw new IllegalArgumentException("a corner lies far outside the photograph: " + p);
      }
    }
    if (picture == null || !(Math.abs(sag) <= 1) || !(round >= 0 && round <= MOST_ROUND)) {
      throw new IllegalArgumentException("a patch sags by -1 to 1 and goes about 0 to " + MOST_ROUND + " degrees: " + sag + ", " + round);
    }
  }

  /** In the middle of a photograph, with a tenth of it as the margin around. */
  public static PhotoPatch of(String picture) {
    return new PhotoPatch(picture, new Point(0.3, 0.3), new Point(0.7, 0.3), new Point(0.7, 0.7), new Point(0.3, 0.7), 0, 0);
  }
}
