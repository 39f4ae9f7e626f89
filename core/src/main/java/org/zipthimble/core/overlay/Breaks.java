package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.zipthimble.core.geom.Point;

/** Where a chain turns a corner, and which of its edges are straight lines. */
final class Breaks {
  private final List<Point> places;
  private final boolean closed;
  private final Fit.Reading reading;

  Breaks(List<Point> places, boolean closed, Fit.Reading reading) {
    this.places = places;
    this.closed = closed;
    this.reading = reading;
  }

  /** The places at which curves must end, in order; an open chain's first one is always among them. */
  List<Integer> places() {
    TreeSet<Integer> at = new TreeSet<>();
    int n = places.size();
    for (int i = 0; i < n; i++) {
      boolean inner = closed || i > 0 && i + 1 < n;
      if (inner && (corner(i) || line(i) != line(index(i - 1)) || line(i) && line(index(i - 1)))) {
        at.add(i);
      }
    }
    if (!closed) {
      at.add(0);
    }
    return new ArrayList<>(at);
  }

  private int index(int i) {
    return Math.floorMod(i, places.size());
  }

  /** Whether the edge that begins at a place is a straight line. */
  private boolean line(int i) {
    if (!closed && i + 1 >= places.size()) {
      return false;
    }
    return places.get(index(i)).distance(places.get(index(i + 1))) > reading.straight();
  }

  private boolean corner(int i) {
    return Math.toDegrees(turn(i)) > reading.cornerDegrees();
  }

  private double turn(int i) {
    Point a = places.get(index(i - 1));
    Point b = places.get(index(i));
    Point c = places.get(index(i + 1));
    double x1 = b.x() - a.x();
    double y1 = b.y() - a.y();
    double x2 = c.x() - b.x();
    double y2 = c.y() - b.y();
    return Math.abs(Math.atan2(x1 * y2 - y1 * x2, x1 * x2 + y1 * y2));
  }

  /** The direction of the straight line that runs smoothly into a place. */
  Optional<Point> lineInto(int i) {
    int at = index(i);
    if (!closed && at == 0 || corner(at) || !line(index(at - 1))) {
      return Optional.empty();
    }
    return Optional.of(Fit.unit(places.get(index(at - 1)), places.get(at)));
  }

  /** The direction of the straight line that runs smoothly out of a place. */
  Optional<Point> lineOutOf(int i) {
    int at = index(i);
    if (!closed && at + 1 >= places.size() || corner(at) || !line(at)) {
      return Optional.empty();
    }
    return Optional.of(Fit.unit(places.get(at), places.get(index(at + 1))));
  }
}
