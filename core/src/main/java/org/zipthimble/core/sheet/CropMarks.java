package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;

/** Crop marks: two short lines outside each corner that point at the trim. Common practice, no source. */
public final class CropMarks {
  /** How long a mark is, in inches. */
  public static final double LENGTH = 0.25;

  /** How far from the trim it stays at least, in inches, and always outside the bleed. */
  public static final double GAP = 0.125;

  /** Its width: a quarter point, in inches. */
  public static final double WIDTH = 0.25 / 72;

  private CropMarks() {}

  /** How far the marks reach outside the trim, in inches. */
  public static double reach(double bleed) {
    return Math.max(GAP, bleed + 1.0 / 32) + LENGTH;
  }

  /** The eight marks around a trim box. */
  public static List<Path> around(Box trim, double bleed) {
    double near = reach(bleed) - LENGTH;
    double far = reach(bleed);
    List<Path> marks = new ArrayList<>();
    for (double x : new double[] {trim.x(), trim.right()}) {
      marks.add(Shapes.line(new Point(x, trim.y() - far), new Point(x, trim.y() - near)));
      marks.add(Shapes.line(new Point(x, trim.bottom() + near), new Point(x, trim.bottom() + far)));
    }
    for (double y : new double[] {trim.y(), trim.bottom()}) {
      marks.add(Shapes.line(new Point(trim.x() - far, y), new Point(trim.x() - near, y)));
      marks.add(Shapes.line(new Point(trim.right() + near, y), new Point(trim.right() + far, y)));
    }
    return marks;
  }
}
