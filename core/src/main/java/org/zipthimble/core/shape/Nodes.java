package org.zipthimble.core.shape;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;
import org.zipthimble.core.overlay.Fit;

/** Editing a path by its points: each function gives the changed path and leaves the given one alone. */
public final class Nodes {
  private static final double SMOOTH_DEGREES = 1;

  private Nodes() {}

  /** A point of a path: the contour, and the place in it from 0; an open contour has one more than it has spans. */
  public record At(int contour, int index) {}

  /** A point with what stands beside it. */
  public record Node(At at, Point place, Optional<Point> handleIn, Optional<Point> handleOut, boolean smooth) {}

  /** All points of a path. */
  public static List<Node> of(Path path) {
    List<Node> nodes = new ArrayList<>();
    List<Contour> contours = Contour.of(path);
    for (int c = 0; c < contours.size(); c++) {
      int count = count(contours.get(c));
      for (int i = 0; i < count; i++) {
        nodes.add(node(contours.get(c), new At(c, i)));
      }
    }
    return nodes;
  }

  private static int count(Contour contour) {
    return contour.spans().size() + (contour.closed() ? 0 : 1);
  }

  private static Node node(Contour contour, At at) {
    Optional<Span> in = before(contour, at.index());
    Optional<Span> out = after(contour, at.index());
    Point place = out.map(Span::from).or(() -> in.map(Span::to)).orElseThrow();
    boolean smooth = in.isPresent() && out.isPresent() && !(in.get().straight() && out.get().straight())
        && angle(in.get().heading(1), out.get().heading(0)) < SMOOTH_DEGREES;
    return new Node(at, place, in.filter(s -> !s.straight()).map(Span::second), out.filter(s -> !s.straight()).map(Span::first), smooth);
  }

  private static Optional<Span> before(Contour contour, int index) {
    int n = contour.spans().size();
    return index > 0 ? Optional.of(contour.spans().get(index - 1))
        : contour.closed() ? Optional.of(contour.spans().get(n - 1)) : Optional.empty();
  }

  private static Optional<Span> after(Contour contour, int index) {
    return index < contour.spans().size() ? Optional.of(contour.spans().get(index)) : Optional.empty();
  }

  private static double angle(Point a, Point b) {
    return Math.toDegrees(Math.abs(Math.atan2(a.x() * b.y() - a.y() * b.x(), a.x() * b.x() + a.y() * b.y())));
  }

  /** Puts points elsewhere by a distance; the handles go with them. */
  public static Path moved(Path path, List<At> points, double dx, double dy) {
    Set<At> moving = new HashSet<>(points);
    return changed(path, (contour, c) -> {
      List<Span> spans = new ArrayList<>(contour.spans());
      int n = spans.size();
      for (int i = 0; i < n; i++) {
        Span s = spans.get(i);
        boolean begin = moving.contains(new At(c, i));
        boolean end = moving.contains(new At(c, contour.closed() ? (i + 1) % n : i + 1));
        if (begin || end) {
          spans.set(i, s.between(begin ? s.from().plus(dx, dy) : s.from(), end ? s.to().plus(dx, dy) : s.to()));
        }
      }
      return new Contour(spans, contour.closed());
    });
  }

  /**
   * Puts a handle elsewhere.
   *
   * @param out whether it is the handle of the span after the point
   * @param keepSmooth whether the other handle turns with it, as long as it is
   */
  public static Path handled(Path path, At point, boolean out, Point to, boolean keepSmooth) {
    return changed(path, point, contour -> {
      List<Span> spans = new ArrayList<>(contour.spans());
      int n = spans.size();
      int mine = out ? point.index() : Math.floorMod(point.index() - 1, n);
      int other = out ? Math.floorMod(point.index() - 1, n) : point.index() % n;
      Span s = spans.get(mine);
      spans.set(mine, out ? Span.curve(s.from(), to, s.second(), s.to()) : Span.curve(s.from(), s.first(), to, s.to()));
      boolean hasOther = contour.closed() || (out ? point.index() > 0 : point.index() < n);
      if (keepSmooth && hasOther && other != mine && !spans.get(other).straight()) {
        Span o = spans.get(other);
        Point at = out ? o.to() : o.from();
        Point pull = out ? o.second() : o.first();
        Point along = Fit.unit(to, at);
        double length = at.distance(pull);
        Point mirrored = at.plus(along.x() * length, along.y() * length);
        spans.set(other, out ? Span.curve(o.from(), o.first(), mirrored, o.to()) : Span.curve(o.from(), mirrored, o.second(), o.to()));
      }
      return new Contour(spans, contour.closed());
    });
  }

  /** Adds a point on a span at t, without changing the form. */
  public static Path added(Path path, At span, double t) {
    return changed(path, span, contour -> {
      List<Span> spans = new ArrayList<>(contour.spans());
      Span s = spans.get(span.index());
      Span first = s.part(0, t);
      spans.set(span.index(), first);
      spans.add(span.index() + 1, s.part(t, 1).between(first.to(), s.to()));
      return new Contour(spans, contour.closed());
    });
  }

  /** Takes points away; the spans beside one become one, its handles kept. A contour left with one point goes too. */
  public static Path removed(Path path, List<At> points) {
    Path out = path;
    List<At> order = new ArrayList<>(points);
    order.sort((a, b) -> a.contour() != b.contour() ? b.contour() - a.contour() : b.index() - a.index());
    for (At at : order) {
      out = removed(out, at);
    }
    return out;
  }

  private static Path removed(Path path, At at) {
    List<Contour> contours = new ArrayList<>(Contour.of(path));
    Contour contour = contours.get(at.contour());
    List<Span> spans = new ArrayList<>(contour.spans());
    int n = spans.size();
    if (n <= (contour.closed() ? 2 : 1)) {
      contours.remove(at.contour());
      return Contour.path(contours);
    }
    if (!contour.closed() && (at.index() == 0 || at.index() == n)) {
      spans.remove(at.index() == 0 ? 0 : n - 1);
    } else {
      int in = Math.floorMod(at.index() - 1, n);
      int out = at.index();
      Span a = spans.get(in);
      Span b = spans.get(out);
      boolean straight = a.straight() && b.straight();
      spans.set(in, straight ? Span.line(a.from(), b.to()) : Span.curve(a.from(), a.first(), b.second(), b.to()));
      spans.remove(out);
    }
    contours.set(at.contour(), new Contour(spans, contour.closed()));
    return Contour.path(contours);
  }

  /** Makes points corners: the handles are drawn in, straight spans stay straight. */
  public static Path cornered(Path path, List<At> points) {
    return ends(path, points, (span, begin) -> span.straight() ? span
        : begin ? Span.curve(span.from(), span.from(), span.second(), span.to())
            : Span.curve(span.from(), span.first(), span.to(), span.to()));
  }

  /** Makes points smooth: both handles stand on one line, along the chord of the points beside, a third of the way to them. */
  public static Path smoothed(Path path, List<At> points) {
    return changed(path, (contour, c) -> {
      List<Span> spans = new ArrayList<>(contour.spans());
      int n = spans.size();
      for (At at : points) {
        if (at.contour() != c || !contour.closed() && (at.index() == 0 || at.index() == n)) {
          continue;
        }
        int in = Math.floorMod(at.index() - 1, n);
        Span a = spans.get(in);
        Span b = spans.get(at.index());
        Point along = Fit.unit(a.from(), b.to());
        double before = a.from().distance(a.to()) / 3;
        double after = b.from().distance(b.to()) / 3;
        spans.set(in, Span.curve(a.from(), a.first(), a.to().plus(-along.x() * before, -along.y() * before), a.to()));
        Span now = spans.get(at.index());
        spans.set(at.index(), Span.curve(now.from(), now.from().plus(along.x() * after, along.y() * after), now.second(), now.to()));
      }
      return new Contour(spans, contour.closed());
    });
  }

  /** Makes spans straight lines, or curves that still lie on them. */
  public static Path bent(Path path, List<At> spans, boolean straight) {
    return changed(path, (contour, c) -> {
      List<Span> out = new ArrayList<>(contour.spans());
      for (At at : spans) {
        if (at.contour() == c && at.index() < out.size()) {
          Span s = out.get(at.index());
          out.set(at.index(), straight ? Span.line(s.from(), s.to()) : Span.curve(s.from(), s.first(), s.second(), s.to()));
        }
      }
      return new Contour(out, contour.closed());
    });
  }

  /** Opens a closed contour at a point, or parts an open one there in two. */
  public static Path opened(Path path, At point) {
    List<Contour> contours = new ArrayList<>(Contour.of(path));
    Contour contour = contours.get(point.contour());
    int n = contour.spans().size();
    if (contour.closed()) {
      contours.set(point.contour(), new Contour(contour.startingAt(point.index() % n).spans(), false));
    } else if (point.index() > 0 && point.index() < n) {
      contours.set(point.contour(), new Contour(contour.spans().subList(0, point.index()), false));
      contours.add(point.contour() + 1, new Contour(contour.spans().subList(point.index(), n), false));
    }
    return Contour.path(contours);
  }

  /**
   * Joins two open ends: of one contour, which closes, or of two, which become one. Ends that lie apart are joined
   * by a straight line.
   */
  public static Path joined(Path path, At one, At two) {
    List<Contour> contours = new ArrayList<>(Contour.of(path));
    Contour a = contours.get(one.contour());
    Contour b = contours.get(two.contour());
    if (a.closed() || b.closed() || one.equals(two)) {
      return path;
    }
    List<Span> spans = new ArrayList<>(one.index() == 0 && one.contour() != two.contour() ? a.reversed().spans() : a.spans());
    if (one.contour() != two.contour()) {
      List<Span> rest = two.index() == 0 ? b.spans() : b.reversed().spans();
      bridge(spans, rest.get(0).from());
      spans.addAll(rest);
      contours.set(one.contour(), new Contour(spans, false));
      contours.remove(two.contour());
    } else {
      bridge(spans, spans.get(0).from());
      contours.set(one.contour(), new Contour(spans, true));
    }
    return Contour.path(contours);
  }

  private static void bridge(List<Span> spans, Point to) {
    Span last = spans.get(spans.size() - 1);
    if (last.to().distance(to) <= 1e-6) {
      spans.set(spans.size() - 1, last.between(last.from(), to));
    } else {
      spans.add(Span.line(last.to(), to));
    }
  }

  /** The span nearest to a place: where on it, 0 to 1, and how far away, in inches. */
  public record Near(At span, double t, Point place, double distance) {}

  /** The place on a path's line that is nearest to another place; empty for a path without spans. */
  public static Optional<Near> nearest(Path path, Point to) {
    Near best = null;
    List<Contour> contours = Contour.of(path);
    for (int c = 0; c < contours.size(); c++) {
      List<Span> spans = contours.get(c).spans();
      for (int i = 0; i < spans.size(); i++) {
        double t = nearest(spans.get(i), to);
        Point place = spans.get(i).at(t);
        if (best == null || place.distance(to) < best.distance()) {
          best = new Near(new At(c, i), t, place, place.distance(to));
        }
      }
    }
    return Optional.ofNullable(best);
  }

  private static double nearest(Span span, Point to) {
    double best = 0;
    int steps = span.straight() ? 1 : 32;
    for (int i = 1; i <= steps; i++) {
      double t = (double) i / steps;
      best = span.at(t).distance(to) < span.at(best).distance(to) ? t : best;
    }
    double width = 1.0 / steps;
    for (int round = 0; round < 50; round++) {
      double low = Math.max(0, best - width);
      double high = Math.min(1, best + width);
      double a = span.at(low).distance(to);
      double b = span.at(best).distance(to);
      double c = span.at(high).distance(to);
      best = a < b && a <= c ? low : c < b ? high : best;
      width *= a < b || c < b ? 1 : 0.5;
    }
    return best;
  }

  private interface EndChange {
    Span of(Span span, boolean begin);
  }

  private static Path ends(Path path, List<At> points, EndChange change) {
    return changed(path, (contour, c) -> {
      List<Span> spans = new ArrayList<>(contour.spans());
      int n = spans.size();
      for (int i = 0; i < n; i++) {
        if (points.contains(new At(c, i))) {
          spans.set(i, change.of(spans.get(i), true));
        }
        if (points.contains(new At(c, contour.closed() ? (i + 1) % n : i + 1))) {
          spans.set(i, change.of(spans.get(i), false));
        }
      }
      return new Contour(spans, contour.closed());
    });
  }

  private interface ContourChange {
    Contour of(Contour contour, int index);
  }

  private static Path changed(Path path, ContourChange change) {
    List<Contour> contours = Contour.of(path);
    List<Contour> out = new ArrayList<>(contours.size());
    for (int c = 0; c < contours.size(); c++) {
      out.add(change.of(contours.get(c), c));
    }
    return Contour.path(out);
  }

  private static Path changed(Path path, At at, java.util.function.UnaryOperator<Contour> change) {
    return changed(path, (contour, c) -> c == at.contour() ? change.apply(contour) : contour);
  }
}
