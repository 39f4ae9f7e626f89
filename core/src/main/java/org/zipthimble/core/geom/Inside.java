package org.zipthimble.core.geom;

import java.util.List;

/** Whether a place is within a path, and how far from its line. */
public final class Inside {
  private Inside() {}

  /** Whether the place is inside by the non-zero rule; open contours count as closed. */
  public static boolean contains(Path path, Point p, double tolerance) {
    int winding = 0;
    for (List<Point> chain : Flatten.chains(path, tolerance)) {
      for (int i = 0; i < chain.size(); i++) {
        winding += crossing(chain.get(i), chain.get((i + 1) % chain.size()), p);
      }
    }
    return winding != 0;
  }

  /** The distance from a place to the nearest place on a path's line, in inches. */
  public static double distance(Path path, Point p, double tolerance) {
    double least = Double.POSITIVE_INFINITY;
    for (List<Point> chain : Flatten.chains(path, tolerance)) {
      for (int i = 0; i + 1 < chain.size(); i++) {
        least = Math.min(least, distance(chain.get(i), chain.get(i + 1), p));
      }
    }
    return least;
  }

  static int crossing(Point a, Point b, Point p) {
    boolean up = a.y() <= p.y() && b.y() > p.y();
    boolean down = b.y() <= p.y() && a.y() > p.y();
    if (!up && !down) {
      return 0;
    }
    double side = (b.x() - a.x()) * (p.y() - a.y()) - (p.x() - a.x()) * (b.y() - a.y());
    return up && side > 0 ? 1 : down && side < 0 ? -1 : 0;
  }

  public static double distance(Point a, Point b, Point p) {
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double length = dx * dx + dy * dy;
    double t = length == 0 ? 0 : Math.max(0, Math.min(1, ((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / length));
    return p.distance(a.plus(t * dx, t * dy));
  }
}
