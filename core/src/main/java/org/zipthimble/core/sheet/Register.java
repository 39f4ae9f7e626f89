package org.zipthimble.core.sheet;

import java.util.List;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;

/** Registration marks for a cutter's eye: round black spots outside the corners of what is printed and cut afterwards. */
public final class Register {
  /** The radius of a mark in inches. */
  public static final double RADIUS = 0.1;

  /** From the bleed's edge to the middle of a mark, in inches. */
  public static final double OUT = 0.35;

  private Register() {}

  /** Whether a face has objects that are printed and cut, so that it needs marks. */
  public static boolean wanted(Face face) {
    return Scene.of(face).everything().stream().anyMatch(n -> n.cut().isPresent() && n.cutRound());
  }

  /** Whether any face of a job needs marks. */
  public static boolean wanted(Job job) {
    return job.leaving().stream().anyMatch(Register::wanted);
  }

  /** The middles of the four marks round a box, clockwise from the top left. */
  public static List<Point> marks(Box bleed) {
    return bleed.grown(OUT).corners();
  }

  static Path mark(Point at) {
    return Shapes.ellipse(new Box(at.x() - RADIUS, at.y() - RADIUS, 2 * RADIUS, 2 * RADIUS));
  }
}
