package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;

/**
 * Writes polygons of straight edges with the curves that the edges came from: a run of edges along one curve
 * becomes the exact part of that curve, and where two curves cross, their true crossing is found.
 */
final class Recover {
  /** How far an edge that was drawn together with another may lie from the edge it stands for. */
  private static final double REACH = 4 * Rings.SNAP;

  /** Ends of parts nearer than this go on without a break. */
  private static final double JOIN = 4 * Rings.SNAP;

  private final BiFunction<Point, Point, List<Rings.Edge>> origins;

  private Recover(BiFunction<Point, Point, List<Rings.Edge>> origins) {
    this.origins = origins;
  }

  /** The path of an area, its shells clockwise and its holes the other way; the edges it came from are looked for. */
  static Path path(Geometry area, Rings.Edges edges) {
    return path(area, (a, b) -> edges.near(a, b, REACH));
  }

  /** The same of an area whose edges are known by number. */
  static Path path(Arrangement faces, Rings.Edges edges) {
    return path(faces.area(), (a, b) -> {
      List<Rings.Edge> found = new ArrayList<>(1);
      for (int e = faces.edge(a.x(), a.y(), b.x(), b.y()); e >= 0; e = faces.alike(e)) {
        found.add(edges.all.get(faces.number(e)));
      }
      return found;
    });
  }

  private static Path path(Geometry area, BiFunction<Point, Point, List<Rings.Edge>> origins) {
    Recover recover = new Recover(origins);
    List<Contour> out = new ArrayList<>();
    for (Polygon polygon : Rings.polygons(area)) {
      out.addAll(recover.contours(polygon));
    }
    return Contour.path(out);
  }

  private List<Contour> contours(Polygon polygon) {
    List<Contour> out = new ArrayList<>();
    for (List<Point> ring : Rings.rings(polygon)) {
      out.add(contour(ring));
    }
    return out;
  }

  /** Edges of a ring that follow one another along one span. */
  private static final class Run {
    private final Span span;
    private Point from;
    private Point to;
    private double t0;
    private double t1;

    Run(Span span, Point from, Point to, double t0, double t1) {
      this.span = span;
      this.from = from;
      this.to = to;
      this.t0 = t0;
      this.t1 = t1;
    }

    boolean straight() {
      return span.straight();
    }

    Span written() {
      return straight() ? Span.line(from, to) : span.part(t0, t1).between(from, to);
    }
  }

  private Contour contour(List<Point> ring) {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < ring.size(); i++) {
      Run last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
      Run next = run(ring.get(i), ring.get((i + 1) % ring.size()), Optional.ofNullable(last));
      if (last != null && follows(last, next)) {
        last.to = next.to;
        last.t1 = next.t1;
      } else {
        runs.add(next);
      }
    }
    closeUp(runs);
    for (int i = 0; i < runs.size(); i++) {
      meet(runs.get(i), runs.get((i + 1) % runs.size()));
    }
    List<Span> spans = new ArrayList<>();
    runs.forEach(r -> spans.add(r.written()));
    return new Contour(merged(spans), true);
  }

  /** The last run goes on into the first where the ring was begun in the middle of a span. */
  private static void closeUp(List<Run> runs) {
    if (runs.size() > 1) {
      Run last = runs.get(runs.size() - 1);
      Run first = runs.get(0);
      if (follows(last, first)) {
        first.from = last.from;
        first.t0 = last.t0;
        runs.remove(runs.size() - 1);
      }
    }
  }

  private static boolean follows(Run last, Run next) {
    if (last.straight() || last.span != next.span) {
      return false;
    }
    boolean sameWay = (last.t1 - last.t0) * (next.t1 - next.t0) > 0;
    Point left = last.span.at(last.t1);
    // Where a curve crosses itself, it is at one place twice: what lies between tells whether it goes on.
    return sameWay && left.distance(next.span.at(next.t0)) <= JOIN && left.distance(next.span.at((last.t1 + next.t0) / 2)) <= JOIN;
  }

  private Run run(Point a, Point b, Optional<Run> last) {
    Rings.Edge best = null;
    double least = REACH;
    for (Rings.Edge edge : origins.apply(a, b)) {
      double off = Math.max(edge.distance(a), edge.distance(b));
      boolean goesOn = last.isPresent() && last.get().span == edge.span();
      double score = goesOn ? off - 2 * Rings.SNAP : off;
      if (score < least && off < REACH && edge.along(a) != edge.along(b)) {
        least = score;
        best = edge;
      }
    }
    if (best == null) {
      return new Run(Span.line(a, b), a, b, 0, 1);
    }
    return new Run(best.span(), a, b, best.along(a), best.along(b));
  }

  /** Puts the meeting of two runs where their spans truly cross; where they do not, it stays on the edge. */
  private static void meet(Run one, Run two) {
    if (one == two || one.straight() && two.straight()) {
      if (one == two && !one.straight()) {
        Point start = one.span.at(one.t0);
        one.from = start;
        one.to = start;
      }
      return;
    }
    Point guess = one.to;
    double s = one.straight() ? along(one.span, guess) : one.t1;
    double t = two.straight() ? along(two.span, guess) : two.t0;
    double s0 = s;
    double t0 = t;
    for (int round = 0; round < 12; round++) {
      Point p = one.span.at(s);
      Point q = two.span.at(t);
      Point dp = one.span.slope(s);
      Point dq = two.span.slope(t);
      double det = dp.x() * -dq.y() + dq.x() * dp.y();
      if (Math.abs(det) < 1e-14) {
        break;
      }
      double rx = q.x() - p.x();
      double ry = q.y() - p.y();
      s += (rx * -dq.y() + dq.x() * ry) / det;
      t += (dp.x() * ry - dp.y() * rx) / det;
      if (!(s > -0.5 && s < 1.5 && t > -0.5 && t < 1.5)) {
        break;
      }
    }
    boolean within = s >= -1e-9 && s <= 1 + 1e-9 && t >= -1e-9 && t <= 1 + 1e-9;
    Point met = within ? one.span.at(s) : guess;
    if (!within || met.distance(two.span.at(t)) > 1e-9 || met.distance(guess) > 5 * JOIN) {
      s = s0;
      t = t0;
      met = guess;
    }
    one.to = met;
    one.t1 = Math.max(0, Math.min(1, s));
    two.from = met;
    two.t0 = Math.max(0, Math.min(1, t));
  }

  private static double along(Span line, Point p) {
    double dx = line.to().x() - line.from().x();
    double dy = line.to().y() - line.from().y();
    return ((p.x() - line.from().x()) * dx + (p.y() - line.from().y()) * dy) / (dx * dx + dy * dy);
  }

  /** Takes out places in the middle of straight lines, and spans of no length. */
  static List<Span> merged(List<Span> spans) {
    List<Span> out = new ArrayList<>();
    for (Span span : spans) {
      if (span.shorterThan(1e-7)) {
        continue;
      }
      Span last = out.isEmpty() ? null : out.get(out.size() - 1);
      if (last != null && inLine(last, span)) {
        out.set(out.size() - 1, Span.line(last.from(), span.to()));
      } else {
        out.add(last == null || last.to().equals(span.from()) ? span : span.between(last.to(), span.to()));
      }
    }
    if (out.size() > 2 && inLine(out.get(out.size() - 1), out.get(0))) {
      out.set(0, Span.line(out.get(out.size() - 1).from(), out.get(0).to()));
      out.remove(out.size() - 1);
    }
    if (!out.isEmpty()) {
      Span last = out.get(out.size() - 1);
      out.set(out.size() - 1, last.between(last.from(), out.get(0).from()));
    }
    return out;
  }

  private static boolean inLine(Span a, Span b) {
    return a.straight() && b.straight() && Inside.distance(a.from(), b.to(), a.to()) < 2e-6
        && a.from().distance(b.to()) > Math.max(a.length(), b.length());
  }
}
