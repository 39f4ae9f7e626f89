package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;

/**
 * Fits cubic curves to chains of places: least squares with the ends' directions held, places moved to their
 * nearest parameters by Newton's rule, and a chain halved where it is farthest off until it is near enough
 * (after Schneider, "An Algorithm for Automatically Fitting Digitized Curves", Graphics Gems, 1990).
 */
public final class Fit {
  private static final int ROUNDS = 6;

  private final double tolerance;
  private final List<Span> out = new ArrayList<>();

  private Fit(double tolerance) {
    this.tolerance = tolerance;
  }

  /**
   * How a chain is read.
   *
   * @param tolerance the greatest distance in inches between a place and the curve
   * @param cornerDegrees a turn sharper than this is a corner
   * @param straight an edge longer than this, in inches, is a straight line
   */
  public record Reading(double tolerance, double cornerDegrees, double straight) {
    /** Checks the ranges. */
    public Reading {
      if (!(tolerance > 0) || !(cornerDegrees > 0 && cornerDegrees <= 180) || !(straight > 0)) {
        throw new IllegalArgumentException("a fit needs figures above zero");
      }
    }
  }

  /**
   * The contour that follows a chain.
   *
   * @param closed the last place is followed by the first one, which is not repeated
   */
  public static Contour contour(List<Point> chain, boolean closed, Reading reading) {
    List<Point> places = new ArrayList<>();
    for (Point p : chain) {
      if (places.isEmpty() || places.get(places.size() - 1).distance(p) > 1e-8) {
        places.add(p);
      }
    }
    if (closed && places.size() > 1 && places.get(0).distance(places.get(places.size() - 1)) <= 1e-8) {
      places.remove(places.size() - 1);
    }
    if (places.size() < (closed ? 3 : 2)) {
      return new Contour(places.size() == 2 ? List.of(Span.line(places.get(0), places.get(1))) : List.of(), false);
    }
    Fit fit = new Fit(reading.tolerance());
    Breaks breaks = new Breaks(places, closed, reading);
    List<Integer> at = breaks.places();
    if (at.isEmpty()) {
      fit.whole(places);
    } else {
      List<Point> turned = new ArrayList<>(places.subList(at.get(0), places.size()));
      turned.addAll(places.subList(0, at.get(0)));
      if (closed) {
        turned.add(turned.get(0));
      }
      int base = at.get(0);
      for (int i = 0; i < at.size(); i++) {
        int end = i + 1 < at.size() ? at.get(i + 1) - base : turned.size() - 1;
        if (end > at.get(i) - base) {
          fit.stretch(turned.subList(at.get(i) - base, end + 1), breaks, base + at.get(i) - base, base + end);
        }
      }
    }
    return new Contour(Recover.merged(fit.out).isEmpty() ? fit.out : closed ? Recover.merged(fit.out) : fit.out, closed);
  }

  /**
   * The closed contour of a dense chain such as the edge of pixels makes. Corners are found by the turn over three
   * places to either hand, and what is nearly straight becomes a line.
   *
   * @param tolerance the greatest distance between a place and the contour, in the chain's own units
   */
  public static Contour traced(List<Point> chain, double tolerance) {
    int n = chain.size();
    if (n < 4) {
      return new Contour(List.of(), true);
    }
    List<Integer> corners = sharp(chain);
    Fit fit = new Fit(tolerance);
    if (corners.isEmpty()) {
      fit.whole(chain);
    } else {
      for (int i = 0; i < corners.size(); i++) {
        int from = corners.get(i);
        int to = i + 1 < corners.size() ? corners.get(i + 1) : corners.get(0) + n;
        List<Point> stretch = new ArrayList<>();
        for (int k = from; k <= to; k++) {
          stretch.add(chain.get(k % n));
        }
        fit.between(stretch);
      }
    }
    return new Contour(Recover.merged(fit.out.stream().map(s -> straightened(s, tolerance)).toList()), true);
  }

  /** The places where a chain turns by more than 50 degrees over an arm of three places, the sharpest of each stretch. */
  private static List<Integer> sharp(List<Point> chain) {
    int n = chain.size();
    int arm = Math.min(3, n / 4);
    double[] turn = new double[n];
    for (int i = 0; i < n; i++) {
      Point a = unit(chain.get(Math.floorMod(i - arm, n)), chain.get(i));
      Point b = unit(chain.get(i), chain.get((i + arm) % n));
      turn[i] = Math.abs(Math.atan2(a.x() * b.y() - a.y() * b.x(), a.x() * b.x() + a.y() * b.y()));
    }
    List<Integer> corners = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      boolean most = turn[i] > Math.toRadians(50);
      for (int k = 1; k <= arm && most; k++) {
        most = turn[i] > turn[Math.floorMod(i - k, n)] && turn[i] >= turn[(i + k) % n];
      }
      if (most) {
        corners.add(i);
      }
    }
    return corners;
  }

  private void between(List<Point> places) {
    int n = places.size();
    if (n == 2) {
      out.add(Span.line(places.get(0), places.get(1)));
      return;
    }
    int arm = Math.min(3, n - 1);
    curve(places, unit(places.get(0), places.get(arm)), unit(places.get(n - 1), places.get(n - 1 - arm)), 0);
  }

  private static Span straightened(Span span, double tolerance) {
    boolean flat = Inside.distance(span.from(), span.to(), span.first()) < tolerance / 2
        && Inside.distance(span.from(), span.to(), span.second()) < tolerance / 2;
    return flat ? Span.line(span.from(), span.to()) : span;
  }

  private void whole(List<Point> places) {
    List<Point> round = new ArrayList<>(places);
    round.add(places.get(0));
    Point tangent = middleTangent(places.get(places.size() - 1), places.get(0), places.get(1));
    curve(round, tangent, new Point(-tangent.x(), -tangent.y()), 0);
  }

  private void stretch(List<Point> places, Breaks breaks, int begin, int end) {
    if (places.size() == 2) {
      out.add(Span.line(places.get(0), places.get(1)));
      return;
    }
    Point first = breaks.lineInto(begin).orElseGet(() -> endTangent(places.get(0), places.get(1), places.get(2)));
    int n = places.size();
    Point last = breaks.lineOutOf(end).map(p -> new Point(-p.x(), -p.y()))
        .orElseGet(() -> endTangent(places.get(n - 1), places.get(n - 2), places.get(n - 3)));
    curve(places, first, last, 0);
  }

  /** The direction at the end of a parabola through three places. */
  private static Point endTangent(Point p0, Point p1, Point p2) {
    double h1 = p0.distance(p1);
    double h2 = p1.distance(p2);
    double ax = (p1.x() - p0.x()) / h1;
    double ay = (p1.y() - p0.y()) / h1;
    double bx = (p2.x() - p1.x()) / h2;
    double by = (p2.y() - p1.y()) / h2;
    double w = h1 / (h1 + h2);
    double x = ax + (ax - bx) * w;
    double y = ay + (ay - by) * w;
    double length = Math.hypot(x, y);
    return length < 1e-12 ? new Point(ax, ay) : new Point(x / length, y / length);
  }

  /** The direction in the middle of a parabola through three places. */
  private static Point middleTangent(Point p0, Point p1, Point p2) {
    double h1 = Math.max(1e-12, p0.distance(p1));
    double h2 = Math.max(1e-12, p1.distance(p2));
    double x = (p1.x() - p0.x()) / h1 * h2 + (p2.x() - p1.x()) / h2 * h1;
    double y = (p1.y() - p0.y()) / h1 * h2 + (p2.y() - p1.y()) / h2 * h1;
    double length = Math.hypot(x, y);
    return length < 1e-12 ? unit(p0, p2) : new Point(x / length, y / length);
  }

  private void curve(List<Point> p, Point first, Point last, int depth) {
    int n = p.size();
    Point from = p.get(0);
    Point to = p.get(n - 1);
    if (n == 2) {
      double third = from.distance(to) / 3;
      out.add(Span.curve(from, from.plus(first.x() * third, first.y() * third), to.plus(last.x() * third, last.y() * third), to));
      return;
    }
    double[] t = lengths(p);
    Span best = solve(p, t, first, last);
    int worst = worst(p, t, best);
    for (int round = 0; round < ROUNDS && off(p, t, best, worst) > tolerance; round++) {
      if (off(p, t, best, worst) > 40 * tolerance) {
        break;
      }
      nearer(p, t, best);
      best = solve(p, t, first, last);
      worst = worst(p, t, best);
    }
    if (off(p, t, best, worst) <= tolerance || depth > 40) {
      out.add(best);
      return;
    }
    int cut = Math.max(1, Math.min(n - 2, worst));
    Point through = middleTangent(p.get(cut - 1), p.get(cut), p.get(cut + 1));
    curve(p.subList(0, cut + 1), first, new Point(-through.x(), -through.y()), depth + 1);
    curve(p.subList(cut, n), through, last, depth + 1);
  }

  private static double[] lengths(List<Point> p) {
    double[] t = new double[p.size()];
    for (int i = 1; i < t.length; i++) {
      t[i] = t[i - 1] + p.get(i - 1).distance(p.get(i));
    }
    double all = t[t.length - 1];
    for (int i = 1; i < t.length; i++) {
      t[i] /= all;
    }
    return t;
  }

  private static Span solve(List<Point> p, double[] t, Point first, Point last) {
    Point from = p.get(0);
    Point to = p.get(p.size() - 1);
    double c00 = 0;
    double c01 = 0;
    double c11 = 0;
    double x0 = 0;
    double x1 = 0;
    double dot = first.x() * last.x() + first.y() * last.y();
    for (int i = 0; i < t.length; i++) {
      double u = 1 - t[i];
      double b1 = 3 * u * u * t[i];
      double b2 = 3 * u * t[i] * t[i];
      double start = u * u * u + b1;
      double end = t[i] * t[i] * t[i] + b2;
      double rx = p.get(i).x() - from.x() * start - to.x() * end;
      double ry = p.get(i).y() - from.y() * start - to.y() * end;
      c00 += b1 * b1;
      c01 += b1 * b2 * dot;
      c11 += b2 * b2;
      x0 += b1 * (first.x() * rx + first.y() * ry);
      x1 += b2 * (last.x() * rx + last.y() * ry);
    }
    double det = c00 * c11 - c01 * c01;
    double chord = from.distance(to);
    double a = det == 0 ? 0 : (x0 * c11 - x1 * c01) / det;
    double b = det == 0 ? 0 : (c00 * x1 - c01 * x0) / det;
    double least = 1e-3 * chord;
    if (!(a > least && b > least)) {
      a = chord / 3;
      b = chord / 3;
    }
    return Span.curve(from, from.plus(first.x() * a, first.y() * a), to.plus(last.x() * b, last.y() * b), to);
  }

  private static void nearer(List<Point> p, double[] t, Span span) {
    for (int i = 1; i + 1 < t.length; i++) {
      Point q = span.at(t[i]);
      Point d = span.slope(t[i]);
      double dd = d.x() * d.x() + d.y() * d.y();
      if (dd > 0) {
        double step = ((p.get(i).x() - q.x()) * d.x() + (p.get(i).y() - q.y()) * d.y()) / dd;
        t[i] = Math.max(0, Math.min(1, t[i] + step));
      }
    }
  }

  private static int worst(List<Point> p, double[] t, Span span) {
    int worst = p.size() / 2;
    double most = -1;
    for (int i = 1; i + 1 < t.length; i++) {
      double off = p.get(i).distance(span.at(t[i]));
      if (off > most) {
        most = off;
        worst = i;
      }
    }
    return worst;
  }

  private static double off(List<Point> p, double[] t, Span span, int i) {
    return p.get(i).distance(span.at(t[i]));
  }

  static Point unit(Point a, Point b) {
    double length = a.distance(b);
    return length == 0 ? new Point(1, 0) : new Point((b.x() - a.x()) / length, (b.y() - a.y()) / length);
  }
}
