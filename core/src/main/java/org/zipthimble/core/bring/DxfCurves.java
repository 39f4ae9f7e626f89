package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Arcs;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;
import org.zipthimble.core.overlay.Fit;

/** The curves of drawing exchange entities, in the file's own units with y upwards. */
final class DxfCurves {
  private static final int SAMPLES = 24;

  private DxfCurves() {}

  static Optional<Contour> of(DxfEntity e) {
    return switch (e.kind()) {
      case "LINE" -> Optional.of(new Contour(lined(List.of(
          new Point(e.number(10, 0), e.number(20, 0)), new Point(e.number(11, 0), e.number(21, 0)))), false));
      case "CIRCLE" -> Optional.of(new Contour(Arcs.arc(centre(e), radius(e), 0, 360), true));
      case "ARC" -> Optional.of(new Contour(Arcs.arc(centre(e), radius(e), e.number(50, 0), sweep(e.number(50, 0), e.number(51, 360))),
          false));
      case "ELLIPSE" -> Optional.of(ellipse(e));
      case "LWPOLYLINE" -> Optional.of(light(e));
      case "POLYLINE" -> Optional.of(heavy(e));
      case "SPLINE" -> spline(e);
      default -> Optional.empty();
    };
  }

  private static Point centre(DxfEntity e) {
    return new Point(e.number(10, 0), e.number(20, 0));
  }

  private static double radius(DxfEntity e) {
    double r = e.number(40, 0);
    if (!(r > 0)) {
      throw new IllegalArgumentException("a round without a radius");
    }
    return r;
  }

  private static double sweep(double from, double to) {
    double sweep = (to - from) % 360;
    return sweep <= 0 ? sweep + 360 : sweep;
  }

  private static Contour ellipse(DxfEntity e) {
    double mx = e.number(11, 1);
    double my = e.number(21, 0);
    double major = Math.hypot(mx, my);
    double begin = Math.toDegrees(e.number(41, 0));
    double end = Math.toDegrees(e.number(42, 2 * Math.PI));
    double ratio = e.number(40, 1);
    if (!(major > 0) || !(ratio > 0)) {
      throw new IllegalArgumentException("an ellipse without an axis");
    }
    double sweep = sweep(begin, end);
    Affine map = Affine.scale(major, major * ratio).then(Affine.turn(Math.toDegrees(Math.atan2(my, mx)), new Point(0, 0)))
        .then(Affine.move(e.number(10, 0), e.number(20, 0)));
    List<Span> spans = Arcs.arc(new Point(0, 0), 1, begin, sweep).stream().map(s -> s.mapped(map)).toList();
    return new Contour(spans, sweep > 359.999);
  }

  private static List<Span> lined(List<Point> places) {
    List<Span> out = new ArrayList<>();
    for (int i = 0; i + 1 < places.size(); i++) {
      if (places.get(i).distance(places.get(i + 1)) > Contour.SAME) {
        out.add(Span.line(places.get(i), places.get(i + 1)));
      }
    }
    return out;
  }

  private static Contour light(DxfEntity e) {
    List<Point> places = new ArrayList<>();
    List<Double> bulges = new ArrayList<>();
    double x = 0;
    for (DxfEntity.Pair p : e.pairs()) {
      if (p.code() == 10) {
        x = number(p.value());
      } else if (p.code() == 20) {
        places.add(new Point(x, number(p.value())));
        bulges.add(0.0);
      } else if (p.code() == 42 && !bulges.isEmpty()) {
        bulges.set(bulges.size() - 1, number(p.value()));
      }
    }
    return bulged(places, bulges, ((int) e.number(70, 0) & 1) == 1);
  }

  private static Contour heavy(DxfEntity e) {
    List<Point> places = new ArrayList<>();
    List<Double> bulges = new ArrayList<>();
    for (DxfEntity v : e.vertices()) {
      if (((int) v.number(70, 0) & 16) == 0) {
        places.add(new Point(v.number(10, 0), v.number(20, 0)));
        bulges.add(v.number(42, 0));
      }
    }
    return bulged(places, bulges, ((int) e.number(70, 0) & 1) == 1);
  }

  private static double number(String text) {
    double value = Double.parseDouble(text);
    if (!(Math.abs(value) < 1e9)) {
      throw new IllegalArgumentException("a figure too large: " + text);
    }
    return value;
  }

  /** A bulge is the tangent of a quarter of the angle of the arc to the next place; above zero it turns against the clock. */
  private static Contour bulged(List<Point> places, List<Double> bulges, boolean closed) {
    List<Span> out = new ArrayList<>();
    int n = places.size();
    for (int i = 0; i < (closed ? n : n - 1); i++) {
      Point a = places.get(i);
      Point b = places.get((i + 1) % n);
      if (a.distance(b) <= Contour.SAME) {
        continue;
      }
      double bulge = bulges.get(i);
      if (Math.abs(bulge) < 1e-9) {
        out.add(Span.line(a, b));
      } else {
        out.addAll(arc(a, b, bulge));
      }
    }
    return new Contour(out, closed && out.size() > 1);
  }

  private static List<Span> arc(Point a, Point b, double bulge) {
    double sweep = 4 * Math.atan(bulge);
    double chord = a.distance(b);
    double r = chord / 2 / Math.sin(Math.abs(sweep) / 2);
    double toCentre = r * Math.cos(sweep / 2) * Math.signum(bulge);
    Point m = Span.between(a, b, 0.5);
    Point c = new Point(m.x() - (b.y() - a.y()) / chord * toCentre, m.y() + (b.x() - a.x()) / chord * toCentre);
    double from = Math.toDegrees(Math.atan2(a.y() - c.y(), a.x() - c.x()));
    List<Span> spans = new ArrayList<>(Arcs.arc(c, r, from, Math.toDegrees(sweep)));
    spans.set(0, spans.get(0).between(a, spans.get(0).to()));
    Span last = spans.get(spans.size() - 1);
    spans.set(spans.size() - 1, last.between(last.from(), b));
    return spans;
  }

  /** Cubic splines without weights as their very Bézier parts, by inserting knots; all others by places on them, fitted. */
  private static Optional<Contour> spline(DxfEntity e) {
    int degree = (int) e.number(71, 3);
    List<Double> knots = e.numbers(40);
    List<Point> control = places(e, 10, 20);
    List<Double> weights = e.numbers(41);
    boolean closed = ((int) e.number(70, 0) & 1) == 1;
    if (control.size() < 2) {
      List<Point> through = places(e, 11, 21);
      return through.size() < 2 ? Optional.empty() : Optional.of(new Contour(lined(through), closed));
    }
    boolean sound = degree >= 1 && degree <= 10 && knots.size() == control.size() + degree + 1;
    if (!sound || control.size() > 20_000) {
      throw new IllegalArgumentException("a spline with the wrong number of knots");
    }
    boolean even = weights.isEmpty() || weights.stream().allMatch(w -> Math.abs(w - weights.get(0)) < 1e-12);
    List<Span> spans = degree == 3 && even && clamped(knots, control.size()) ? bezier(knots, control)
        : sampled(degree, knots, control, weights);
    boolean closes = spans.size() > 1 && spans.get(0).from().distance(spans.get(spans.size() - 1).to()) < 1e-9;
    return Optional.of(new Contour(spans, closes));
  }

  private static List<Point> places(DxfEntity e, int xCode, int yCode) {
    List<Point> out = new ArrayList<>();
    double x = 0;
    for (DxfEntity.Pair p : e.pairs()) {
      if (p.code() == xCode) {
        x = number(p.value());
      } else if (p.code() == yCode) {
        out.add(new Point(x, number(p.value())));
      }
    }
    return out;
  }

  private static boolean clamped(List<Double> knots, int n) {
    return knots.get(0).equals(knots.get(3)) && knots.get(n).equals(knots.get(n + 3));
  }

  /** The Bézier part of every span between two knots, by its polar form (de Boor's triangle with a knot for each step). */
  private static List<Span> bezier(List<Double> knots, List<Point> control) {
    List<Span> out = new ArrayList<>();
    for (int k = 3; k < control.size(); k++) {
      double from = knots.get(k);
      double to = knots.get(k + 1);
      if (to > from) {
        Span span = Span.curve(polar(knots, control, k, from, from, from), polar(knots, control, k, from, from, to),
            polar(knots, control, k, from, to, to), polar(knots, control, k, to, to, to));
        if (!span.shorterThan(Contour.SAME)) {
          out.add(span);
        }
      }
    }
    return out;
  }

  private static Point polar(List<Double> knots, List<Point> control, int k, double... at) {
    Point[] d = {control.get(k - 3), control.get(k - 2), control.get(k - 1), control.get(k)};
    for (int r = 1; r <= 3; r++) {
      for (int j = 3; j >= r; j--) {
        double low = knots.get(k - 3 + j);
        double high = knots.get(k + 1 + j - r);
        d[j] = Span.between(d[j - 1], d[j], high == low ? 0 : (at[r - 1] - low) / (high - low));
      }
    }
    return d[3];
  }

  private static List<Span> sampled(int degree, List<Double> knots, List<Point> control, List<Double> weights) {
    List<Point> places = new ArrayList<>();
    for (int k = degree; k < control.size(); k++) {
      double a = knots.get(k);
      double b = knots.get(k + 1);
      if (b > a) {
        for (int s = places.isEmpty() ? 0 : 1; s <= SAMPLES; s++) {
          places.add(at(degree, knots, control, weights, k, a + (b - a) * s / SAMPLES));
        }
      }
    }
    if (places.size() < 2) {
      return List.of();
    }
    Box box = Box.around(places);
    double size = box.width() + box.height();
    return Fit.contour(places, false, new Fit.Reading(Math.max(1e-9, size * 2e-5), 25, 1e12)).spans();
  }

  /** De Boor's rule with weights. */
  private static Point at(int degree, List<Double> knots, List<Point> control, List<Double> weights, int k, double u) {
    double[][] d = new double[degree + 1][3];
    for (int i = 0; i <= degree; i++) {
      int c = k - degree + i;
      double w = weights.size() == control.size() ? weights.get(c) : 1;
      d[i] = new double[] {control.get(c).x() * w, control.get(c).y() * w, w};
    }
    for (int r = 1; r <= degree; r++) {
      for (int i = degree; i >= r; i--) {
        double low = knots.get(k - degree + i);
        double high = knots.get(i + 1 + k - r);
        double a = high == low ? 0 : (u - low) / (high - low);
        for (int c = 0; c < 3; c++) {
          d[i][c] = d[i - 1][c] * (1 - a) + d[i][c] * a;
        }
      }
    }
    return new Point(d[degree][0] / d[degree][2], d[degree][1] / d[degree][2]);
  }
}
