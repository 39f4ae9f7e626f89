package org.zipthimble.core.geom;

/**
 * One straight line or cubic curve with both of its ends, in inches.
 *
 * @param first the control point after the start; a third of the way along for a straight line
 * @param second the control point before the end
 */
public record Span(Point from, Point first, Point second, Point to, boolean straight) {
  /** A straight line. */
  public static Span line(Point from, Point to) {
    return new Span(from, between(from, to, 1.0 / 3), between(from, to, 2.0 / 3), to, true);
  }

  /** A cubic curve. */
  public static Span curve(Point from, Point first, Point second, Point to) {
    return new Span(from, first, second, to, false);
  }

  /** The place at t from 0 to 1. */
  public Point at(double t) {
    return straight ? between(from, to, t) : Measure.onCurve(from, first, second, to, t);
  }

  /** The derivative by t, as a vector in inches. */
  public Point slope(double t) {
    if (straight) {
      return new Point(to.x() - from.x(), to.y() - from.y());
    }
    double u = 1 - t;
    double w0 = -3 * u * u;
    double w1 = 3 * u * u - 6 * u * t;
    double w2 = 6 * u * t - 3 * t * t;
    double w3 = 3 * t * t;
    return new Point(
        w0 * from.x() + w1 * first.x() + w2 * second.x() + w3 * to.x(),
        w0 * from.y() + w1 * first.y() + w2 * second.y() + w3 * to.y());
  }

  /** The direction at t, 0 to 1, as a vector of length 1; where the derivative vanishes, the direction a little farther in. */
  public Point heading(double t) {
    Point d = slope(t);
    double length = Math.hypot(d.x(), d.y());
    if (length < 1e-9) {
      d = slope(t < 0.5 ? t + 1e-4 : t - 1e-4);
      length = Math.hypot(d.x(), d.y());
    }
    return length == 0 ? new Point(1, 0) : new Point(d.x() / length, d.y() / length);
  }

  /** The part from t0 to t1, each 0 to 1, exactly (de Casteljau); t0 above t1 turns it round. */
  public Span part(double t0, double t1) {
    if (straight) {
      return line(at(t0), at(t1));
    }
    Point a = at(t0);
    Point b = at(t1);
    Point slopeA = slope(t0);
    Point slopeB = slope(t1);
    double third = (t1 - t0) / 3;
    return curve(a, a.plus(slopeA.x() * third, slopeA.y() * third), b.plus(-slopeB.x() * third, -slopeB.y() * third), b);
  }

  /** The same with its ends put elsewhere; the control points go with the ends they belong to. */
  public Span between(Point begin, Point end) {
    if (straight) {
      return line(begin, end);
    }
    return curve(
        begin, first.plus(begin.x() - from.x(), begin.y() - from.y()),
        second.plus(end.x() - to.x(), end.y() - to.y()), end);
  }

  /** The same, run the other way. */
  public Span reversed() {
    return new Span(to, second, first, from, straight);
  }

  /** The same seen through a map. */
  public Span mapped(Affine map) {
    return new Span(map.apply(from), map.apply(first), map.apply(second), map.apply(to), straight);
  }

  /** The length in inches: Gauss-Legendre with 16 places on each of 4 parts, better than 1e-9 on smooth curves. */
  public double length() {
    if (straight) {
      return from.distance(to);
    }
    double sum = 0;
    for (int part = 0; part < 4; part++) {
      sum += Gauss.integral(part / 4.0, (part + 1) / 4.0, t -> {
        Point d = slope(t);
        return Math.hypot(d.x(), d.y());
      });
    }
    return sum;
  }

  /** Whether all four places are the same within a distance in inches. */
  public boolean shorterThan(double least) {
    return from.distance(to) < least && from.distance(first) < least && from.distance(second) < least;
  }

  /** The part of the way from one place to another. */
  public static Point between(Point a, Point b, double t) {
    return new Point(a.x() + (b.x() - a.x()) * t, a.y() + (b.y() - a.y()) * t);
  }
}
