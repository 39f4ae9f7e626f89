package org.zipthimble.core.overlay;

import java.util.Arrays;
import org.locationtech.jts.algorithm.CGAlgorithmsDD;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Ongoing;

/**
 * Straight edges cut at all their crossings, until they meet only at their ends. Which side of an edge a place lies on is told exactly, so
 * that the last look, which finds nothing to cut, proves it.
 */
final class Noded {
  private static final int MOST_LOOKS = 16;

  /** In so many first looks places near an edge are drawn onto it; afterwards only those that lie on it are. */
  private static final int DRAWING_LOOKS = 3;

  /** Above this share of its parts a sign in double precision is sure (Shewchuk, "Adaptive Precision Floating-Point Arithmetic", 1997). */
  private static final double SURE = 3.3306690738754716e-16;

  private final double snap;
  private final int mostCrossings;
  private final NumberedPlaces places;
  private int[] from = new int[256];
  private int[] to = new int[256];
  private int[] weight = new int[256];
  private int[] own = new int[256];
  private boolean[] fresh = new boolean[256];
  private int count;
  private int crossings;
  private int cuts;
  private int[] cutEdge = new int[64];
  private int[] cutPlace = new int[64];
  private double[] cutAlong = new double[64];
  private double drawn;

  /**
   * No edges yet.
   *
   * @param snap how near places are the same and how near to an edge they are drawn onto it, in inches
   * @param mostCrossings more than these are not worked out
   */
  Noded(double snap, int mostCrossings) {
    this.snap = snap;
    this.mostCrossings = mostCrossings;
    this.places = new NumberedPlaces(snap);
  }

  int count() {
    return count;
  }

  NumberedPlaces places() {
    return places;
  }

  int from(int edge) {
    return from[edge];
  }

  int to(int edge) {
    return to[edge];
  }

  /** By how much the count of turns to its one side is above that to the other. */
  int weight(int edge) {
    return weight[edge];
  }

  /** The number that the edge came in with. */
  int own(int edge) {
    return own[edge];
  }

  boolean fresh(int edge) {
    return fresh[edge];
  }

  double fromX(int edge) {
    return places.x(from[edge]);
  }

  double fromY(int edge) {
    return places.y(from[edge]);
  }

  double toX(int edge) {
    return places.x(to[edge]);
  }

  double toY(int edge) {
    return places.y(to[edge]);
  }

  /** Takes the edges of a closed ring, numbered on from a number. */
  void ring(Coordinate[] ring, int itsWeight, int first) {
    int last = places.at(ring[0].x, ring[0].y);
    for (int i = 1; i < ring.length; i++) {
      int now = places.at(ring[i].x, ring[i].y);
      add(last, now, itsWeight, first + i - 1);
      last = now;
    }
  }

  /** Takes the rings of an area found before, each edge with the number it had there. */
  void area(Arrangement found, int itsWeight) {
    for (int i = 0; i < found.area().getNumGeometries(); i++) {
      Polygon polygon = (Polygon) found.area().getGeometryN(i);
      again(polygon.getExteriorRing().getCoordinates(), found, itsWeight);
      for (int k = 0; k < polygon.getNumInteriorRing(); k++) {
        again(polygon.getInteriorRingN(k).getCoordinates(), found, itsWeight);
      }
    }
  }

  private void again(Coordinate[] ring, Arrangement found, int itsWeight) {
    int last = places.at(ring[0].x, ring[0].y);
    for (int i = 1; i < ring.length; i++) {
      int now = places.at(ring[i].x, ring[i].y);
      add(last, now, itsWeight, found.number(found.edge(ring[i - 1].x, ring[i - 1].y, ring[i].x, ring[i].y)));
      last = now;
    }
  }

  /** Takes an edge; one without a length is left out. */
  void add(int start, int end, int itsWeight, int number) {
    if (start == end) {
      return;
    }
    if (count == from.length) {
      int size = count * 2;
      from = Arrays.copyOf(from, size);
      to = Arrays.copyOf(to, size);
      weight = Arrays.copyOf(weight, size);
      own = Arrays.copyOf(own, size);
      fresh = Arrays.copyOf(fresh, size);
    }
    from[count] = start;
    to[count] = end;
    weight[count] = itsWeight;
    own[count] = number;
    fresh[count++] = true;
  }

  /**
   * Cuts the edges.
   *
   * @return whether it came to an end
   * @throws IllegalStateException with a {@link Trouble} within when they cross one another more often than is worked out
   */
  boolean cut() {
    for (int look = 0; look < MOST_LOOKS; look++) {
      Ongoing.check();
      cuts = 0;
      drawn = look < DRAWING_LOOKS ? snap : 0;
      new Boxes(this, snap).pairs(this::pair);
      if (cuts == 0) {
        return true;
      }
      divide();
    }
    return false;
  }

  /** Whether edges cross or touch anywhere but at their ends. */
  boolean tangled() {
    cuts = 0;
    drawn = 0;
    new Boxes(this, snap).pairs(this::pair);
    return cuts > 0;
  }

  private void pair(int e, int f) {
    int a = from[e];
    int b = to[e];
    int c = from[f];
    int d = to[f];
    boolean ac = a == c;
    boolean ad = a == d;
    boolean bc = b == c;
    boolean bd = b == d;
    if (ac && bd || ad && bc || !fresh[e] && !fresh[f]) {
      return;
    }
    double ax = places.x(a);
    double ay = places.y(a);
    double bx = places.x(b);
    double by = places.y(b);
    double cx = places.x(c);
    double cy = places.y(c);
    double dx = places.x(d);
    double dy = places.y(d);
    if (Math.max(ax, bx) + snap < Math.min(cx, dx) || Math.max(cx, dx) + snap < Math.min(ax, bx)
        || Math.max(ay, by) + snap < Math.min(cy, dy) || Math.max(cy, dy) + snap < Math.min(ay, by)) {
      return;
    }
    boolean near = !ac && !bc && near(e, c);
    near |= !ad && !bd && near(e, d);
    near |= !ac && !ad && near(f, a);
    near |= !bc && !bd && near(f, b);
    if (near || ac || ad || bc || bd) {
      return;
    }
    if (side(ax, ay, bx, by, cx, cy) * side(ax, ay, bx, by, dx, dy) < 0
        && side(cx, cy, dx, dy, ax, ay) * side(cx, cy, dx, dy, bx, by) < 0) {
      cross(e, f);
    }
  }

  /** Cuts an edge at a place that lies on it or near it; whether it does. */
  private boolean near(int e, int place) {
    double ax = fromX(e);
    double ay = fromY(e);
    double px = places.x(place) - ax;
    double py = places.y(place) - ay;
    double dx = toX(e) - ax;
    double dy = toY(e) - ay;
    double dot = px * dx + py * dy;
    double square = dx * dx + dy * dy;
    if (dot <= 0 || dot >= square) {
      return false;
    }
    double cross = px * dy - py * dx;
    boolean on = drawn > 0 ? cross * cross <= drawn * drawn * square : side(ax, ay, toX(e), toY(e), places.x(place), places.y(place)) == 0;
    if (on) {
      cutAt(e, place, dot / square);
    }
    return on;
  }

  private void cross(int e, int f) {
    if (++crossings > mostCrossings) {
      throw tangled(mostCrossings);
    }
    double ax = fromX(e);
    double ay = fromY(e);
    double ex = toX(e) - ax;
    double ey = toY(e) - ay;
    double fx = toX(f) - fromX(f);
    double fy = toY(f) - fromY(f);
    double gx = fromX(f) - ax;
    double gy = fromY(f) - ay;
    double det = ex * fy - ey * fx;
    double s = det == 0 ? 0.5 : Math.max(0, Math.min(1, (gx * fy - gy * fx) / det));
    double t = det == 0 ? 0.5 : Math.max(0, Math.min(1, (gx * ey - gy * ex) / det));
    int place = places.at(ax + s * ex, ay + s * ey);
    if (place != from[e] && place != to[e]) {
      cutAt(e, place, s);
    }
    if (place != from[f] && place != to[f]) {
      cutAt(f, place, t);
    }
  }

  static IllegalStateException tangled(int mostCrossings) {
    Trouble trouble = Trouble.of("geom.tangled", mostCrossings);
    return new IllegalStateException(trouble.getMessage(), trouble);
  }

  private void cutAt(int edge, int place, double along) {
    if (cuts == cutEdge.length) {
      cutEdge = Arrays.copyOf(cutEdge, cuts * 2);
      cutPlace = Arrays.copyOf(cutPlace, cuts * 2);
      cutAlong = Arrays.copyOf(cutAlong, cuts * 2);
    }
    cutEdge[cuts] = edge;
    cutPlace[cuts] = place;
    cutAlong[cuts++] = along;
  }

  private void divide() {
    int[] first = new int[count];
    int[] next = new int[cuts];
    Arrays.fill(first, -1);
    for (int i = 0; i < cuts; i++) {
      next[i] = first[cutEdge[i]];
      first[cutEdge[i]] = i;
    }
    int edges = count;
    int[] oldFrom = from;
    int[] oldTo = to;
    int[] oldWeight = weight;
    int[] oldOwn = own;
    int room = count + cuts;
    from = new int[room];
    to = new int[room];
    weight = new int[room];
    own = new int[room];
    fresh = new boolean[room];
    count = 0;
    int[] here = new int[16];
    for (int e = 0; e < edges; e++) {
      Ongoing.check();
      if (first[e] < 0) {
        add(oldFrom[e], oldTo[e], oldWeight[e], oldOwn[e]);
        fresh[count - 1] = false;
        continue;
      }
      int n = 0;
      for (int i = first[e]; i >= 0; i = next[i]) {
        if (n == here.length) {
          here = Arrays.copyOf(here, n * 2);
        }
        here[n++] = i;
      }
      sort(here, n);
      int last = oldFrom[e];
      for (int i = 0; i < n; i++) {
        add(last, cutPlace[here[i]], oldWeight[e], oldOwn[e]);
        last = cutPlace[here[i]];
      }
      add(last, oldTo[e], oldWeight[e], oldOwn[e]);
    }
  }

  private void sort(int[] here, int n) {
    for (int i = 1; i < n; i++) {
      int now = here[i];
      int k = i;
      while (k > 0 && (cutAlong[here[k - 1]] > cutAlong[now] || cutAlong[here[k - 1]] == cutAlong[now]
          && cutPlace[here[k - 1]] > cutPlace[now])) {
        here[k] = here[--k];
      }
      here[k] = now;
    }
  }

  /** On which side of the way from a to b a place lies: 1 where the way turns towards positive angles, -1, or 0 on it; exact. */
  static int side(double ax, double ay, double bx, double by, double px, double py) {
    double left = (bx - ax) * (py - ay);
    double right = (by - ay) * (px - ax);
    double det = left - right;
    double bound = SURE * (Math.abs(left) + Math.abs(right));
    if (det > bound) {
      return 1;
    }
    return det < -bound ? -1 : CGAlgorithmsDD.orientationIndex(ax, ay, bx, by, px, py);
  }
}
