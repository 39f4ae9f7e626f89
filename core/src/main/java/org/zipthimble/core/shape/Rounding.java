package org.zipthimble.core.shape;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;
import org.zipthimble.core.overlay.Fit;
import org.zipthimble.core.overlay.Polygons;

/** Polygons with rounded corners. */
final class Rounding {
  private Rounding() {}

  /** A closed polygon whose corners are arcs of a radius, held so that no two arcs overlap. */
  static Path of(List<Point> corners, double radius) {
    int n = corners.size();
    List<Span> spans = new ArrayList<>();
    List<Span> arcs = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      arcs.add(arc(corners.get((i + n - 1) % n), corners.get(i), corners.get((i + 1) % n), radius));
    }
    for (int i = 0; i < n; i++) {
      Span arc = arcs.get(i);
      Span next = arcs.get((i + 1) % n);
      if (!arc.shorterThan(Contour.SAME)) {
        spans.add(arc);
      }
      if (arc.to().distance(next.from()) > Contour.SAME) {
        spans.add(Span.line(arc.to(), next.from()));
      }
    }
    return new Contour(spans, true).path();
  }

  private static Span arc(Point before, Point at, Point after, double radius) {
    Point in = Fit.unit(at, before);
    Point out = Fit.unit(at, after);
    double between = Math.acos(Math.max(-1, Math.min(1, in.x() * out.x() + in.y() * out.y())));
    double half = Math.tan(between / 2);
    double cut = radius <= 0 || half == 0 ? 0 : Math.min(radius / half, Math.min(at.distance(before), at.distance(after)) / 2);
    if (cut <= 0 || Math.PI - between < 1e-6) {
      return new Span(at, at, at, at, false);
    }
    double r = cut * half;
    double pull = 4.0 / 3 * Math.tan((Math.PI - between) / 4) * r;
    Point a = at.plus(in.x() * cut, in.y() * cut);
    Point b = at.plus(out.x() * cut, out.y() * cut);
    return Span.curve(a, a.plus(-in.x() * pull, -in.y() * pull), b.plus(-out.x() * pull, -out.y() * pull), b);
  }
}
