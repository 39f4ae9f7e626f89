package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.units.Insets;

/** Crop marks: two short lines outside each corner that point at the trim. Common practice, no source. */
public final class CropMarks {
  /** How long a mark is, in inches. */
  public static final double LENGTH = 0.25;

  /** How far from the trim it stays at least, in inches, and always outside the bleed. */
  public static final double GAP = 0.125;

  /** Its width: a quarter point, in inches. */
  public static final double WIDTH = 0.25 / 72;

  private CropMarks() {}

  /** How far the marks reach outside a side of the trim, in inches. */
  public static double reach(double bleed) {
    return Math.max(GAP, bleed + 1.0 / 32) + LENGTH;
  }

  /** How far they reach outside each side. */
  public static Insets reach(Insets bleed) {
    return new Insets(reach(bleed.left()), reach(bleed.top()), reach(bleed.right()), reach(bleed.bottom()));
  }

  /** The eight marks around a trim box. */
  public static List<Path> around(Box trim, Insets bleed) {
    Insets far = reach(bleed);
    List<Path> marks = new ArrayList<>();
    for (double x : new double[] {trim.x(), trim.right()}) {
      marks.add(Shapes.line(new Point(x, trim.y() - far.top()), new Point(x, trim.y() - far.top() + LENGTH)));
      marks.add(Shapes.line(new Point(x, trim.bottom() + far.bottom() - LENGTH), new Point(x, trim.bottom() + far.bottom())));
    }
    for (double y : new double[] {trim.y(), trim.bottom()}) {
      marks.add(Shapes.line(new Point(trim.x() - far.left(), y), new Point(trim.x() - far.left() + LENGTH, y)));
      marks.add(Shapes.line(new Point(trim.right() + far.right() - LENGTH, y), new Point(trim.right() + far.right(), y)));
    }
    return marks;
  }
}
