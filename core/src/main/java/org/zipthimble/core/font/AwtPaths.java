package org.zipthimble.core.font;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Segment;

/** Glyph outlines from the toolkit's form and back; quadratic curves become the equal cubic ones. */
public final class AwtPaths {
  private AwtPaths() {}

  /** An outline in the toolkit's form, filled by the non-zero rule. */
  public static Path2D write(Path path) {
    Path2D.Double out = new Path2D.Double(Path2D.WIND_NON_ZERO);
    path.segments().forEach(s -> s.accept(new Segment.Visitor<Path2D>() {
      @Override
      public Path2D start(Point to) {
        out.moveTo(to.x(), to.y());
        return out;
      }

      @Override
      public Path2D line(Point to) {
        out.lineTo(to.x(), to.y());
        return out;
      }

      @Override
      public Path2D curve(Point first, Point second, Point to) {
        out.curveTo(first.x(), first.y(), second.x(), second.y(), to.x(), to.y());
        return out;
      }

      @Override
      public Path2D close() {
        out.closePath();
        return out;
      }
    }));
    return out;
  }

  static Path read(PathIterator in) {
    Path.Builder out = Path.build();
    double[] c = new double[6];
    Point now = new Point(0, 0);
    Point begun = now;
    for (; !in.isDone(); in.next()) {
      switch (in.currentSegment(c)) {
        case PathIterator.SEG_MOVETO -> {
          now = new Point(c[0], c[1]);
          begun = now;
          out.start(now);
        }
        case PathIterator.SEG_LINETO -> {
          now = new Point(c[0], c[1]);
          out.line(now);
        }
        case PathIterator.SEG_QUADTO -> now = raised(out, now, new Point(c[0], c[1]), new Point(c[2], c[3]));
        case PathIterator.SEG_CUBICTO -> {
          now = new Point(c[4], c[5]);
          out.curve(c[0], c[1], c[2], c[3], c[4], c[5]);
        }
        default -> {
          now = begun;
          out.close();
        }
      }
    }
    return out.path();
  }

  private static Point raised(Path.Builder out, Point from, Point control, Point to) {
    out.curve(
        from.x() + (control.x() - from.x()) * 2 / 3, from.y() + (control.y() - from.y()) * 2 / 3,
        to.x() + (control.x() - to.x()) * 2 / 3, to.y() + (control.y() - to.y()) * 2 / 3,
        to.x(), to.y());
    return to;
  }
}
