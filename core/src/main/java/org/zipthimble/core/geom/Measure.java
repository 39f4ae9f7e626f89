package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Measures of paths. */
public final class Measure {
  private Measure() {}

  /** The exact box around a path, curves by the zeros of their derivatives; empty for a path with no places. */
  public static Optional<Box> bounds(Path path) {
    List<Point> extremes = new ArrayList<>();
    Segment.Visitor<Point> visitor =
        new Segment.Visitor<>() {
          private Point begun = new Point(0, 0);
          private Point now = begun;

          @Override
          public Point start(Point to) {
            begun = to;
            return go(to);
          }

          @Override
          public Point line(Point to) {
            return go(to);
          }

          @Override
          public Point curve(Point first, Point second, Point to) {
            addTurning(extremes, now, first, second, to);
            return go(to);
          }

          @Override
          public Point close() {
            now = begun;
            return now;
          }

          private Point go(Point to) {
            now = to;
            extremes.add(to);
            return to;
          }
        };
    path.segments().forEach(s -> s.accept(visitor));
    return extremes.isEmpty() ? Optional.empty() : Optional.of(Box.around(extremes));
  }

  /**
   * The box around all places of a path, handles of curves included, in inches: no curve leaves it, and it is found sooner than {@link
   * #bounds}. Empty for a path with no places.
   */
  public static Optional<Box> hull(Path path) {
    if (path.segments().isEmpty()) {
      return Optional.empty();
    }
    Hull hull = new Hull();
    path.segments().forEach(s -> s.accept(hull));
    return Optional.of(new Box(hull.left, hull.top, hull.right - hull.left, hull.bottom - hull.top));
  }

  private static final class Hull implements Segment.Visitor<Hull> {
    private double left = Double.POSITIVE_INFINITY;
    private double top = Double.POSITIVE_INFINITY;
    private double right = Double.NEGATIVE_INFINITY;
    private double bottom = Double.NEGATIVE_INFINITY;

    @Override
    public Hull start(Point to) {
      left = Math.min(left, to.x());
      top = Math.min(top, to.y());
      right = Math.max(right, to.x());
      bottom = Math.max(bottom, to.y());
      return this;
    }

    @Override
    public Hull line(Point to) {
      return start(to);
    }

    @Override
    public Hull curve(Point first, Point second, Point to) {
      return start(first).start(second).start(to);
    }

    @Override
    public Hull close() {
      return this;
    }
  }

  /** The place on a cubic curve at t from 0 to 1. */
  public static Point onCurve(Point p0, Point p1, Point p2, Point p3, double t) {
    double u = 1 - t;
    double w0 = u * u * u;
    double w1 = 3 * u * u * t;
    double w2 = 3 * u * t * t;
    double w3 = t * t * t;
    return new Point(
        w0 * p0.x() + w1 * p1.x() + w2 * p2.x() + w3 * p3.x(),
        w0 * p0.y() + w1 * p1.y() + w2 * p2.y() + w3 * p3.y());
  }

  private static void addTurning(List<Point> out, Point p0, Point p1, Point p2, Point p3) {
    for (double t : turning(p0.x(), p1.x(), p2.x(), p3.x())) {
      out.add(onCurve(p0, p1, p2, p3, t));
    }
    for (double t : turning(p0.y(), p1.y(), p2.y(), p3.y())) {
      out.add(onCurve(p0, p1, p2, p3, t));
    }
  }

  private static List<Double> turning(double p0, double p1, double p2, double p3) {
    double a = 3 * (p3 - 3 * p2 + 3 * p1 - p0);
    double b = 6 * (p2 - 2 * p1 + p0);
    double c = 3 * (p1 - p0);
    List<Double> found = new ArrayList<>();
    if (Math.abs(a) < 1e-14) {
      if (b != 0) {
        keep(found, -c / b);
      }
      return found;
    }
    double under = b * b - 4 * a * c;
    if (under >= 0) {
      double q = -0.5 * (b + Math.copySign(Math.sqrt(under), b));
      keep(found, q / a);
      if (q != 0) {
        keep(found, c / q);
      }
    }
    return found;
  }

  private static void keep(List<Double> found, double t) {
    if (t > 0 && t < 1) {
      found.add(t);
    }
  }
}
