package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;

/**
 * Fits cubic curves to chains of places: least squares with the ends' directions held, places moved to their
 * nearest parameters by Newton's rule, and a chain halved where it is farthest off until it is near enough
 * (after Schneider, "An Algorithm for Automatically Fitting Digitized Curves", Graphics Gems, 1990).
 */
public final class Fit {
  private static final int ROUNDS = 6;

  /** The cosine of the least turn that is a corner in a dense chain. */
  private static final double SHARP = Math.cos(Math.toRadians(50));

  private final double tolerance;
  /** The places that are being fitted. */
  private double[] xs;
  private double[] ys;
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
    Point[] ways = new Point[n];
    for (int i = 0; i < n; i++) {
      ways[i] = unit(chain.get(i), chain.get((i + arm) % n));
    }
    // the less the cosine of a turn, the more it turns
    double[] turn = new double[n];
    for (int i = 0; i < n; i++) {
      Point a = ways[Math.floorMod(i - arm, n)];
      turn[i] = -(a.x() * ways[i].x() + a.y() * ways[i].y());
    }
    List<Integer> corners = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      boolean most = turn[i] > -SHARP;
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
    curve(places, unit(places.get(0), places.get(arm)), unit(places.get(n - 1), places.get(n - 1 - arm)));
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
    curve(round, tangent, new Point(-tangent.x(), -tangent.y()));
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
    curve(places, first, last);
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

  private void curve(List<Point> places, Point first, Point last) {
    xs = new double[places.size()];
    ys = new double[xs.length];
    for (int i = 0; i < xs.length; i++) {
      xs[i] = places.get(i).x();
      ys[i] = places.get(i).y();
    }
    curve(0, xs.length - 1, first, last, 0);
  }

  private Point place(int i) {
    return new Point(xs[i], ys[i]);
  }

  /** Fits the places from one to another, both counted in. */
  private void curve(int begin, int end, Point first, Point last, int depth) {
    Point from = place(begin);
    Point to = place(end);
    if (end - begin == 1) {
      double third = from.distance(to) / 3;
      out.add(Span.curve(from, from.plus(first.x() * third, first.y() * third), to.plus(last.x() * third, last.y() * third), to));
      return;
    }
    double[] t = lengths(begin, end);
    Span best = solve(begin, t, first, last);
    int worst = worst(begin, t, best);
    double off = off(begin, t, best, worst);
    for (int round = 0; round < ROUNDS && off > tolerance && off <= 40 * tolerance; round++) {
      nearer(begin, t, best);
      best = solve(begin, t, first, last);
      worst = worst(begin, t, best);
      off = off(begin, t, best, worst);
    }
    if (off <= tolerance || depth > 40) {
      out.add(best);
      return;
    }
    int cut = begin + Math.max(1, Math.min(end - begin - 1, worst));
    Point through = middleTangent(place(cut - 1), place(cut), place(cut + 1));
    curve(begin, cut, first, new Point(-through.x(), -through.y()), depth + 1);
    curve(cut, end, through, last, depth + 1);
  }

  private double[] lengths(int begin, int end) {
    double[] t = new double[end - begin + 1];
    for (int i = 1; i < t.length; i++) {
      double dx = xs[begin + i] - xs[begin + i - 1];
      double dy = ys[begin + i] - ys[begin + i - 1];
      t[i] = t[i - 1] + Math.sqrt(dx * dx + dy * dy);
    }
    double all = t[t.length - 1];
    for (int i = 1; i < t.length; i++) {
      t[i] /= all;
    }
    return t;
  }

  private Span solve(int begin, double[] t, Point first, Point last) {
    Point from = place(begin);
    Point to = place(begin + t.length - 1);
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
      double rx = xs[begin + i] - from.x() * start - to.x() * end;
      double ry = ys[begin + i] - from.y() * start - to.y() * end;
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

  /** A coordinate of a curve as a cubic polynomial: the factors of 1, t, t² and t³. */
  private static double[] factors(double p0, double p1, double p2, double p3) {
    return new double[] {p0, 3 * (p1 - p0), 3 * (p2 - 2 * p1 + p0), p3 - 3 * p2 + 3 * p1 - p0};
  }

  private void nearer(int begin, double[] t, Span span) {
    double[] fx = factors(span.from().x(), span.first().x(), span.second().x(), span.to().x());
    double[] fy = factors(span.from().y(), span.first().y(), span.second().y(), span.to().y());
    for (int i = 1; i + 1 < t.length; i++) {
      double at = t[i];
      double dx = fx[1] + at * (2 * fx[2] + at * 3 * fx[3]);
      double dy = fy[1] + at * (2 * fy[2] + at * 3 * fy[3]);
      double dd = dx * dx + dy * dy;
      if (dd > 0) {
        double qx = xs[begin + i] - (fx[0] + at * (fx[1] + at * (fx[2] + at * fx[3])));
        double qy = ys[begin + i] - (fy[0] + at * (fy[1] + at * (fy[2] + at * fy[3])));
        double to = at + (qx * dx + qy * dy) / dd;
        t[i] = to > 0 ? to < 1 ? to : 1 : 0;
      }
    }
  }

  private int worst(int begin, double[] t, Span span) {
    double[] fx = factors(span.from().x(), span.first().x(), span.second().x(), span.to().x());
    double[] fy = factors(span.from().y(), span.first().y(), span.second().y(), span.to().y());
    int worst = t.length / 2;
    double most = -1;
    for (int i = 1; i + 1 < t.length; i++) {
      double at = t[i];
      double qx = xs[begin + i] - (fx[0] + at * (fx[1] + at * (fx[2] + at * fx[3])));
      double qy = ys[begin + i] - (fy[0] + at * (fy[1] + at * (fy[2] + at * fy[3])));
      double off = qx * qx + qy * qy;
      if (off > most) {
        most = off;
        worst = i;
      }
    }
    return worst;
  }

  private double off(int begin, double[] t, Span span, int i) {
    return place(begin + i).distance(span.at(t[i]));
  }

  public static Point unit(Point a, Point b) {
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double length = Math.sqrt(dx * dx + dy * dy);
    return length == 0 ? new Point(1, 0) : new Point(dx / length, dy / length);
  }
}
