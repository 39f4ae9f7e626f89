package org.zipthimble.core.thing;

import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;

/**
 * A round hole in a thing.
 *
 * @param at its middle, in inches from the top left
 * @param across its diameter, in inches, 0.01 to 20
 */
public record Hole(Point at, double across) {
  /** Words and faces keep this far from the edge of a hole, in inches; common practice, no source. */
  public static final double CLEAR = 1.0 / 16;

  /** Checks the diameter. */
  public Hole {
    Ranges.check("a hole", across, 0.01, 20);
  }

  /** The hole itself. */
  public Path outline() {
    return circle(across);
  }

  /** What stays free around it. */
  Path keepOut() {
    return circle(across + 2 * CLEAR);
  }

  private Path circle(double wide) {
    return Shapes.ellipse(new Box(at.x() - wide / 2, at.y() - wide / 2, wide, wide));
  }
}
