package org.zipthimble.samples.ornament;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;

/** The forms that ornaments are built of. */
final class OrnamentForms {
  private static final int STEPS = 14;

  private OrnamentForms() {}

  /** A pointed leaf from 0, 0 to 1, 0. */
  static Path leaf(double width) {
    return Path.build().start(0, 0).curve(0.22, -width * 0.62, 0.66, -width * 0.66, 1, 0)
        .curve(0.62, width * 0.5, 0.26, width * 0.56, 0, 0).close().path();
  }

  /** A round leaf from 0, 0 to 1, 0. */
  static Path roundLeaf(double width) {
    return Path.build().start(0, 0).curve(0.1, -width * 0.8, 0.98, -width * 0.8, 1, 0)
        .curve(0.98, width * 0.8, 0.1, width * 0.8, 0, 0).close().path();
  }

  /** A heart-shaped leaf from 0, 0 to 1, 0. */
  static Path heartLeaf(double width) {
    return Path.build().start(0, 0).curve(-0.1, -width * 0.9, 0.55, -width * 0.8, 1, 0)
        .curve(0.55, width * 0.8, -0.1, width * 0.9, 0, 0).close().path();
  }

  static Path disc(double x, double y, double radius) {
    return Shapes.ellipse(new Box(x - radius, y - radius, 2 * radius, 2 * radius));
  }

  static Path oval(double x, double y, double rx, double ry) {
    return Shapes.ellipse(new Box(x - rx, y - ry, 2 * rx, 2 * ry));
  }

  static Path box(double x, double y, double width, double height, double radius) {
    return Shapes.rectangle(new Box(x, y, width, height), radius);
  }

  /** A closed polygon. */
  static Path polygon(double... xy) {
    Path.Builder out = Path.build().start(xy[0], xy[1]);
    for (int i = 2; i < xy.length; i += 2) {
      out.line(xy[i], xy[i + 1]);
    }
    return out.close().path();
  }

  /** A form with another one as its hole; the hole is turned the other way round for the non-zero rule. */
  static Path holed(Path outer, Path inner) {
    return outer.plus(inner.mapped(new Affine(-1, 0, 0, 1, 0, 0)).mapped(mirroredBack(inner)));
  }

  private static Affine mirroredBack(Path inner) {
    Box box = org.zipthimble.core.geom.Measure.bounds(inner).orElseThrow();
    return Affine.move(2 * box.x() + box.width(), 0);
  }

  /** A ring; the hole is symmetric, so mirroring it only turns it round. */
  static Path ring(double x, double y, double outer, double inner) {
    return holed(disc(x, y, outer), disc(x, y, inner));
  }

  /** A star with points at an outer radius and valleys at an inner one, the first point up. */
  static Path star(int points, double outer, double inner) {
    Path.Builder out = Path.build();
    for (int i = 0; i < points * 2; i++) {
      double angle = Math.PI * i / points - Math.PI / 2;
      double r = i % 2 == 0 ? outer : inner;
      Point p = new Point(r * Math.cos(angle), r * Math.sin(angle));
      if (i == 0) {
        out.start(p);
      } else {
        out.line(p);
      }
    }
    return out.close().path();
  }

  /** A stroke along a curve given by t from 0 to 1, its width going from one to another. */
  static Path ribbon(DoubleFunction<Point> along, double from, double to) {
    List<Point> left = new ArrayList<>();
    List<Point> right = new ArrayList<>();
    for (int i = 0; i <= STEPS; i++) {
      double t = (double) i / STEPS;
      Point p = along.apply(t);
      Point a = along.apply(t - 0.005);
      Point b = along.apply(t + 0.005);
      double length = Math.max(1e-9, a.distance(b));
      double half = (from + (to - from) * t) / 2;
      double nx = -(b.y() - a.y()) / length * half;
      double ny = (b.x() - a.x()) / length * half;
      left.add(p.plus(nx, ny));
      right.add(0, p.plus(-nx, -ny));
    }
    Path.Builder out = Path.build();
    smooth(out, left, true);
    smooth(out, right, false);
    return out.close().path();
  }

  /** A smooth curve through places (Catmull-Rom as cubics). */
  private static void smooth(Path.Builder out, List<Point> p, boolean begin) {
    if (begin) {
      out.start(p.get(0));
    } else {
      out.line(p.get(0));
    }
    for (int i = 0; i + 1 < p.size(); i++) {
      Point a = p.get(Math.max(0, i - 1));
      Point b = p.get(i);
      Point c = p.get(i + 1);
      Point d = p.get(Math.min(p.size() - 1, i + 2));
      out.curve(b.x() + (c.x() - a.x()) / 6, b.y() + (c.y() - a.y()) / 6, c.x() - (d.x() - b.x()) / 6, c.y() - (d.y() - b.y()) / 6, c.x(),
          c.y());
    }
  }

  /** A place on a cubic. */
  static DoubleFunction<Point> cubic(double... c) {
    return t -> org.zipthimble.core.geom.Measure.onCurve(
        new Point(c[0], c[1]), new Point(c[2], c[3]), new Point(c[4], c[5]), new Point(c[6], c[7]), t);
  }

  /** A place on a circle's arc between two angles in degrees, 0 to the right, clockwise. */
  static DoubleFunction<Point> arc(double x, double y, double radius, double from, double to) {
    return t -> {
      double angle = Math.toRadians(from + (to - from) * t);
      return new Point(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
    };
  }

  /** A place on a wave from 0 to its length. */
  static DoubleFunction<Point> wave(double length, double height, double turns) {
    return t -> new Point(length * t, height * Math.sin(2 * Math.PI * turns * t));
  }

  /** Puts a form of length one at a place, in a direction in degrees, as long as asked. */
  static Affine at(Point place, double degrees, double length) {
    return Affine.scale(length, length).then(Affine.turn(degrees, new Point(0, 0))).then(Affine.move(place.x(), place.y()));
  }

  /** The direction of a curve at t, in degrees. */
  static double direction(DoubleFunction<Point> along, double t) {
    Point a = along.apply(t - 0.01);
    Point b = along.apply(t + 0.01);
    return Math.toDegrees(Math.atan2(b.y() - a.y(), b.x() - a.x()));
  }

  /** The mirror image in the upright line at x. */
  static Affine flip(double x) {
    return new Affine(-1, 0, 0, 1, 2 * x, 0);
  }
}
