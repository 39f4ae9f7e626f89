package org.zipthimble.core.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.overlay.Fit;

/** An outline while it is being drawn, point by point; a point that is dragged has a handle to either side. */
public final class Draft {
  private final List<Point> places = new ArrayList<>();
  private final List<Optional<Point>> pulls = new ArrayList<>();

  /** A corner after the last point. */
  public void add(Point at) {
    places.add(at);
    pulls.add(Optional.empty());
  }

  /** Makes the last point smooth: the curve leaves it towards a place and comes in from the other side. */
  public void bend(Point at, Point towards) {
    if (!pulls.isEmpty() && at.distance(towards) > 1e-6) {
      pulls.set(pulls.size() - 1, Optional.of(new Point(towards.x() - at.x(), towards.y() - at.y())));
    }
  }

  /** How many points there are. */
  public int count() {
    return places.size();
  }

  /** The first point. */
  public Point begin() {
    return places.get(0);
  }

  /** The points. */
  public List<Point> places() {
    return List.copyOf(places);
  }

  /** The outline. */
  public Path path(boolean closed) {
    Path.Builder out = Path.build();
    for (int i = 0; i < places.size(); i++) {
      if (i == 0) {
        out.start(places.get(0));
      } else {
        join(out, i - 1, i);
      }
    }
    if (closed && places.size() > 1) {
      join(out, places.size() - 1, 0);
      out.close();
    }
    return out.path();
  }

  /** The outline with a straight line on to where the pointer is. */
  public Path shown(Optional<Point> pointer) {
    Path path = path(false);
    if (places.isEmpty() || pointer.isEmpty()) {
      return path;
    }
    Path.Builder next = Path.build().start(places.get(places.size() - 1));
    return path.plus(next.line(pointer.get()).path());
  }

  private void join(Path.Builder out, int a, int b) {
    Point from = places.get(a);
    Point to = places.get(b);
    if (pulls.get(a).isEmpty() && pulls.get(b).isEmpty()) {
      out.line(to);
      return;
    }
    Point first = pulls.get(a).map(p -> from.plus(p.x(), p.y())).orElse(from);
    Point second = pulls.get(b).map(p -> to.plus(-p.x(), -p.y())).orElse(to);
    out.curve(first, second, to);
  }

  /** Places joined by straight lines. */
  public static Path chain(List<Point> places) {
    Path.Builder out = Path.build().start(places.get(0));
    places.subList(1, places.size()).forEach(out::line);
    return out.path();
  }

  /**
   * A line drawn by hand as smooth curves.
   *
   * @param tolerance how far the curves may leave the hand's line, in inches
   * @param closes an end nearer than this to the beginning closes it
   * @return empty for less than three places
   */
  public static Optional<Contour> smoothed(List<Point> hand, double tolerance, double closes) {
    List<Point> calm = new ArrayList<>();
    for (Point p : hand) {
      if (calm.isEmpty() || calm.get(calm.size() - 1).distance(p) > tolerance / 2) {
        calm.add(p);
      }
    }
    if (calm.size() < 3) {
      return Optional.empty();
    }
    boolean closed = calm.size() > 5 && calm.get(0).distance(calm.get(calm.size() - 1)) <= closes;
    if (closed) {
      calm.remove(calm.size() - 1);
    }
    return Optional.of(Fit.contour(averaged(calm, closed), closed, new Fit.Reading(tolerance, 60, 1e9)));
  }

  /** Each place drawn to the middle of its neighbours, twice; the ends stay. */
  private static List<Point> averaged(List<Point> places, boolean closed) {
    List<Point> now = places;
    for (int round = 0; round < 2; round++) {
      List<Point> next = new ArrayList<>();
      int n = now.size();
      for (int i = 0; i < n; i++) {
        boolean end = !closed && (i == 0 || i == n - 1);
        Point a = now.get(Math.floorMod(i - 1, n));
        Point b = now.get(i);
        Point c = now.get((i + 1) % n);
        next.add(end ? b : new Point((a.x() + 2 * b.x() + c.x()) / 4, (a.y() + 2 * b.y() + c.y()) / 4));
      }
      now = next;
    }
    return now;
  }
}
