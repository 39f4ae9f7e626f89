package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;

/**
 * Paths through a map that bends them: every line and curve is followed piece by piece by cubics with the true ends and the true slopes
 * there (the chain rule), halved until they run within a tolerance of the true course.
 */
public final class Bending {
  /** The greatest distance from the true course, in inches: a twelfth of a dot at 1,600 dots per inch. */
  public static final double TOLERANCE = 5e-5;

  private static final int DEEPEST = 12;
  private static final double STRAIGHT = 1e-7;
  private static final double[] ASKED = {0.17, 0.34, 0.5, 0.66, 0.83};

  private Bending() {}

  /**
   * A path bent.
   *
   * @param step the longest piece in inches that is taken for one without looking closer
   */
  public static Path of(Path path, Warp warp, double step) {
    List<Contour> out = new ArrayList<>();
    for (Contour contour : Contour.of(path)) {
      List<Span> spans = new ArrayList<>();
      for (Span span : contour.spans()) {
        double reach = span.from().distance(span.first()) + span.first().distance(span.second()) + span.second().distance(span.to());
        int pieces = (int) Math.max(1, Math.min(256, Math.ceil(reach / Math.max(1e-3, step))));
        for (int i = 0; i < pieces; i++) {
          follow(span, (double) i / pieces, (i + 1.0) / pieces, warp, 0, spans);
        }
      }
      out.add(new Contour(spans, contour.closed()));
    }
    return Contour.path(out);
  }

  private static void follow(Span span, double t0, double t1, Warp warp, int depth, List<Span> out) {
    Point from = warp.there(span.at(t0));
    Point to = warp.there(span.at(t1));
    Point begins = slope(span, t0, warp);
    Point ends = slope(span, t1, warp);
    double third = (t1 - t0) / 3;
    Span near = Span.curve(from, from.plus(begins.x() * third, begins.y() * third), to.plus(-ends.x() * third, -ends.y() * third), to);
    double off = 0;
    double bow = 0;
    for (double t : ASKED) {
      Point truly = warp.there(span.at(t0 + (t1 - t0) * t));
      off = Math.max(off, truly.distance(near.at(t)));
      bow = Math.max(bow, Inside.distance(from, to, truly));
    }
    if (off > TOLERANCE && depth < DEEPEST) {
      double half = (t0 + t1) / 2;
      follow(span, t0, half, warp, depth + 1, out);
      follow(span, half, t1, warp, depth + 1, out);
    } else {
      out.add(span.straight() && bow < STRAIGHT ? Span.line(from, to) : near);
    }
  }

  private static Point slope(Span span, double t, Warp warp) {
    Affine about = warp.about(span.at(t));
    Point slope = span.slope(t);
    return new Point(about.a() * slope.x() + about.c() * slope.y(), about.b() * slope.x() + about.d() * slope.y());
  }
}
