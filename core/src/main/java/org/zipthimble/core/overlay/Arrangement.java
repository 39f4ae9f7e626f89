package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntPredicate;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Ongoing;

/**
 * The faces that cut edges divide the plane into, and how often the rings turn round each. Half-edge 2m runs along edge m, 2m + 1 back; a
 * half-edge's face lies to the side of positive angles.
 */
final class Arrangement {
  /** How many times the usual distance places are drawn together at most. */
  private static final double FARTHEST = 600;

  private final Noded edges;
  private final NumberedPlaces places;
  /** Edges of the same ends are one here; the first of them, and for each the next. */
  private int[] merged;
  private final int[] alike;
  private int count;
  private int[] weights;
  private int[] starts;
  private int[] around;
  private int[] standing;
  private int[] faceOf;
  private int faces;
  private int[] turns;
  private int[] joined;
  private int[] firsts;
  private Geometry area;

  private Arrangement(Noded edges) {
    this.edges = edges;
    this.places = edges.places();
    this.alike = new int[edges.count()];
  }

  /**
   * The faces of closed rings, and the area where the count of turns is as asked.
   *
   * @param snap how near places are the same, in inches; where the edges cannot be cut soundly, they are drawn together from farther
   * @param mostCrossings more than these are not worked out
   * @param rings puts the rings' edges in
   * @throws IllegalStateException with a {@link Trouble} within when they cross too often
   */
  static Arrangement where(double snap, int mostCrossings, Consumer<Noded> rings, IntPredicate inside) {
    for (double near = snap; near <= snap * FARTHEST; near *= 8) {
      Ongoing.check();
      Noded edges = new Noded(near, mostCrossings);
      rings.accept(edges);
      if (edges.cut()) {
        Arrangement faces = new Arrangement(edges);
        faces.merge();
        faces.arrange();
        faces.trace();
        faces.count();
        if (faces.consistent() && faces.polygons(inside)) {
          return faces;
        }
      }
    }
    throw Noded.tangled(mostCrossings);
  }

  /** Polygons that touch one another at single places at most. */
  Geometry area() {
    return area;
  }

  /** The first of the edges between two places of the area, or -1. */
  int edge(double ax, double ay, double bx, double by) {
    int a = places.find(ax, ay);
    int b = places.find(bx, by);
    for (int i = a < 0 || b < 0 ? 0 : starts[a]; a >= 0 && b >= 0 && i < starts[a + 1]; i++) {
      if (origin(around[i] ^ 1) == b) {
        return merged[around[i] >> 1];
      }
    }
    return -1;
  }

  /** The next edge between the same places, or -1. */
  int alike(int edge) {
    return alike[edge];
  }

  /** The number that an edge came in with. */
  int number(int edge) {
    return edges.own(edge);
  }

  private int origin(int half) {
    return (half & 1) == 0 ? edges.from(merged[half >> 1]) : edges.to(merged[half >> 1]);
  }

  /** Edges of the same ends become one; those whose turns cancel vanish. */
  private void merge() {
    int n = edges.count();
    int mask = Integer.highestOneBit(Math.max(4, n * 2)) * 2 - 1;
    int[] table = new int[mask + 1];
    Arrays.fill(table, -1);
    int[] all = new int[n];
    int[] sums = new int[n];
    int found = 0;
    for (int e = 0; e < n; e++) {
      int a = edges.from(e);
      int b = edges.to(e);
      long key = a < b ? (long) a << 32 | b : (long) b << 32 | a;
      int slot = (int) (key * 0x9E3779B97F4A7C15L >>> 33) & mask;
      while (table[slot] >= 0 && !same(all[table[slot]], a, b)) {
        slot = slot + 1 & mask;
      }
      int at = table[slot];
      alike[e] = -1;
      if (at < 0) {
        table[slot] = found;
        all[found] = e;
        sums[found++] = edges.weight(e);
      } else {
        sums[at] += edges.from(all[at]) == a ? edges.weight(e) : -edges.weight(e);
        alike[e] = alike[all[at]];
        alike[all[at]] = e;
      }
    }
    merged = all;
    weights = sums;
    for (int i = 0; i < found; i++) {
      if (sums[i] != 0) {
        merged[count] = all[i];
        weights[count++] = sums[i];
      }
    }
  }

  private boolean same(int edge, int a, int b) {
    return edges.from(edge) == a && edges.to(edge) == b || edges.from(edge) == b && edges.to(edge) == a;
  }

  /** Puts the half-edges that leave each place in the order of their angles. */
  private void arrange() {
    int n = places.count();
    starts = new int[n + 1];
    for (int h = 0; h < count * 2; h++) {
      starts[origin(h) + 1]++;
    }
    for (int i = 0; i < n; i++) {
      starts[i + 1] += starts[i];
    }
    around = new int[count * 2];
    int[] filled = Arrays.copyOf(starts, n);
    for (int h = 0; h < count * 2; h++) {
      around[filled[origin(h)]++] = h;
    }
    standing = new int[count * 2];
    for (int place = 0; place < n; place++) {
      if (starts[place + 1] - starts[place] > 2) {
        turn(place);
      }
      for (int i = starts[place]; i < starts[place + 1]; i++) {
        standing[around[i]] = i;
      }
    }
  }

  private void turn(int place) {
    for (int i = starts[place] + 1; i < starts[place + 1]; i++) {
      int now = around[i];
      int k = i;
      while (k > starts[place] && before(place, now, around[k - 1])) {
        around[k] = around[--k];
      }
      around[k] = now;
    }
  }

  /** Whether a half-edge's angle, from just above -90 to 270 degrees, is the lesser. */
  private boolean before(int place, int one, int two) {
    int a = origin(one ^ 1);
    int b = origin(two ^ 1);
    boolean rightA = rightwards(place, a);
    if (rightA != rightwards(place, b)) {
      return rightA;
    }
    return side(place, a, b) > 0;
  }

  private boolean rightwards(int place, int end) {
    double dx = places.x(end) - places.x(place);
    return dx > 0 || dx == 0 && places.y(end) > places.y(place);
  }

  private int side(int a, int b, int p) {
    return Noded.side(places.x(a), places.y(a), places.x(b), places.y(b), places.x(p), places.y(p));
  }

  /** The half-edge that leaves where another comes in, so many steps against the order of angles from the way back. */
  private int turned(int half, int steps) {
    int back = half ^ 1;
    int place = origin(back);
    int degree = starts[place + 1] - starts[place];
    int at = standing[back] - starts[place] - steps;
    return around[starts[place] + Math.floorMod(at, degree)];
  }

  private void trace() {
    faceOf = new int[count * 2];
    Arrays.fill(faceOf, -1);
    for (int h = 0; h < faceOf.length; h++) {
      if (faceOf[h] < 0) {
        for (int k = h; faceOf[k] < 0; k = turned(k, 1)) {
          faceOf[k] = faces;
        }
        faces++;
      }
    }
    turns = new int[faces];
    joined = new int[faces];
    for (int i = 0; i < faces; i++) {
      joined[i] = i;
    }
  }

  private int root(int face) {
    int at = face;
    while (joined[at] != at) {
      joined[at] = joined[joined[at]];
      at = joined[at];
    }
    return at;
  }

  /** Counts the turns round every face, part by part of what hangs together, from left to right. */
  private void count() {
    int[] part = new int[places.count()];
    Arrays.fill(part, -1);
    int[] queue = new int[places.count()];
    List<Integer> parts = new ArrayList<>();
    for (int place = 0; place < part.length; place++) {
      if (part[place] < 0 && starts[place + 1] > starts[place]) {
        parts.add(spread(place, parts.size(), part, queue));
      }
    }
    parts.sort(Comparator.comparingDouble(places::x).thenComparingDouble(places::y));
    Boxes boxes = new Boxes(edges, 0);
    int[] halfOf = halves();
    firsts = new int[faces];
    for (int h = faceOf.length - 1; h >= 0; h--) {
      firsts[faceOf[h]] = h;
    }
    boolean[] known = new boolean[faces];
    int[] stack = new int[faces];
    for (int i = 0; i < parts.size(); i++) {
      int place = parts.get(i);
      int outer = faceOf[outermost(place)];
      int around = i == 0 ? -1 : within(place, boxes, halfOf, part);
      turns[outer] = around < 0 ? 0 : turns[around];
      if (around >= 0) {
        joined[root(outer)] = root(around);
      }
      flood(outer, known, stack);
    }
  }

  private boolean leftmost(int p, int q) {
    return places.x(p) < places.x(q) || places.x(p) == places.x(q) && places.y(p) < places.y(q);
  }

  /** Numbers all places that hang together with one; the leftmost of them. */
  private int spread(int place, int number, int[] part, int[] queue) {
    int head = 0;
    int tail = 0;
    int least = place;
    part[place] = number;
    queue[tail++] = place;
    while (head < tail) {
      int now = queue[head++];
      least = leftmost(now, least) ? now : least;
      for (int i = starts[now]; i < starts[now + 1]; i++) {
        int end = origin(around[i] ^ 1);
        if (part[end] < 0) {
          part[end] = number;
          queue[tail++] = end;
        }
      }
    }
    return least;
  }

  /** The half-edge leaving a leftmost place whose face lies to the left of everything that hangs together with it. */
  private int outermost(int place) {
    int best = around[starts[place]];
    for (int i = starts[place] + 1; i < starts[place + 1]; i++) {
      if (side(place, origin(best ^ 1), origin(around[i] ^ 1)) > 0) {
        best = around[i];
      }
    }
    return best;
  }

  private int[] halves() {
    int[] half = new int[edges.count()];
    Arrays.fill(half, -1);
    for (int m = 0; m < count; m++) {
      half[merged[m]] = m * 2;
    }
    return half;
  }

  /** The face of another part in which a place lies, or -1 outside of all: the one to the right of the nearest edge on its left. */
  private int within(int place, Boxes boxes, int[] halfOf, int[] part) {
    double x = places.x(place);
    double y = places.y(place);
    int[] best = {-1};
    boxes.leftOf(x, y, e -> {
      boolean up = edges.fromY(e) <= y && edges.toY(e) > y;
      boolean down = edges.toY(e) <= y && edges.fromY(e) > y;
      if (halfOf[e] < 0 || !up && !down || part[edges.from(e)] == part[place]) {
        return Double.NEGATIVE_INFINITY;
      }
      int low = up ? edges.from(e) : edges.to(e);
      int high = up ? edges.to(e) : edges.from(e);
      if (side(low, high, place) < 0 && (best[0] < 0 || rightOf(low, high, best[0]))) {
        best[0] = e;
      }
      return best[0] < 0 ? Double.NEGATIVE_INFINITY : Math.min(edges.fromX(best[0]), edges.toX(best[0]));
    });
    if (best[0] < 0) {
      return -1;
    }
    boolean up = edges.fromY(best[0]) < edges.toY(best[0]);
    return faceOf[up ? halfOf[best[0]] ^ 1 : halfOf[best[0]]];
  }

  /** Whether an edge lies to the right of another at a height that both reach; they do not cross. */
  private boolean rightOf(int low, int high, int other) {
    boolean up = edges.fromY(other) < edges.toY(other);
    int otherLow = up ? edges.from(other) : edges.to(other);
    int otherHigh = up ? edges.to(other) : edges.from(other);
    if (places.y(low) >= places.y(otherLow)) {
      int side = side(otherLow, otherHigh, low);
      return side == 0 ? side(otherLow, otherHigh, high) < 0 : side < 0;
    }
    int side = side(low, high, otherLow);
    return side == 0 ? side(low, high, otherHigh) > 0 : side > 0;
  }

  /** Counts the turns round the faces that hang together with one, each from a neighbour by the edge between them. */
  private void flood(int outer, boolean[] known, int[] stack) {
    int top = 0;
    known[outer] = true;
    stack[top++] = outer;
    while (top > 0) {
      int face = stack[--top];
      int begin = firsts[face];
      int h = begin;
      do {
        int other = faceOf[h ^ 1];
        if (!known[other]) {
          known[other] = true;
          turns[other] = turns[face] - weight(h);
          stack[top++] = other;
        }
        h = turned(h, 1);
      } while (h != begin);
    }
  }

  private int weight(int half) {
    return (half & 1) == 0 ? weights[half >> 1] : -weights[half >> 1];
  }

  /** Whether the counts agree across every edge, as they do when the edges are closed rings that are truly cut. */
  private boolean consistent() {
    for (int h = 0; h < faceOf.length; h += 2) {
      if (turns[faceOf[h]] != turns[faceOf[h ^ 1]] + weights[h >> 1]) {
        return false;
      }
    }
    return true;
  }

  private boolean polygons(IntPredicate inside) {
    boolean[] in = new boolean[faces];
    for (int i = 0; i < faces; i++) {
      in[i] = inside.test(turns[i]);
    }
    for (int h = 0; h < faceOf.length; h += 2) {
      if (in[faceOf[h]] && in[faceOf[h ^ 1]]) {
        joined[root(faceOf[h])] = root(faceOf[h ^ 1]);
      }
    }
    List<List<LinearRing>> shells = new ArrayList<>();
    List<List<LinearRing>> holes = new ArrayList<>();
    int[] polygonOf = new int[faces];
    Arrays.fill(polygonOf, -1);
    boolean[] done = new boolean[faceOf.length];
    int[] onWay = new int[places.count()];
    Arrays.fill(onWay, -1);
    for (int h = 0; h < faceOf.length; h++) {
      if (!done[h] && bounds(h, in)) {
        int root = root(faceOf[h]);
        if (polygonOf[root] < 0) {
          polygonOf[root] = shells.size();
          shells.add(new ArrayList<>());
          holes.add(new ArrayList<>());
        }
        rings(h, in, done, onWay, shells.get(polygonOf[root]), holes.get(polygonOf[root]));
      }
    }
    Polygon[] out = new Polygon[shells.size()];
    for (int i = 0; i < out.length; i++) {
      if (shells.get(i).size() != 1) {
        return false;
      }
      out[i] = Rings.MAKER.createPolygon(shells.get(i).get(0), holes.get(i).toArray(new LinearRing[0]));
    }
    area = Rings.MAKER.createMultiPolygon(out);
    return true;
  }

  private boolean bounds(int half, boolean[] in) {
    return in[faceOf[half]] && !in[faceOf[half ^ 1]];
  }

  /** Follows the edge of what is inside; where it comes to a place again, the way since is a ring of its own. */
  private void rings(int begin, boolean[] in, boolean[] done, int[] onWay, List<LinearRing> shells, List<LinearRing> holes) {
    int[] way = new int[64];
    int length = 0;
    int h = begin;
    do {
      int place = origin(h);
      if (onWay[place] >= 0) {
        length = split(way, onWay[place], length, onWay, shells, holes);
      }
      if (length == way.length) {
        way = Arrays.copyOf(way, length * 2);
      }
      onWay[place] = length;
      way[length++] = place;
      done[h] = true;
      int steps = 1;
      int next = turned(h, steps);
      while (!bounds(next, in)) {
        next = turned(h, ++steps);
      }
      h = next;
    } while (h != begin);
    split(way, 0, length, onWay, shells, holes);
  }

  private int split(int[] way, int begin, int end, int[] onWay, List<LinearRing> shells, List<LinearRing> holes) {
    Coordinate[] ring = new Coordinate[end - begin + 1];
    double area = 0;
    double x0 = places.x(way[begin]);
    double y0 = places.y(way[begin]);
    for (int i = begin; i < end; i++) {
      ring[i - begin] = new Coordinate(places.x(way[i]), places.y(way[i]));
      int next = i + 1 < end ? way[i + 1] : way[begin];
      area += (places.x(way[i]) - x0) * (places.y(next) - y0) - (places.x(next) - x0) * (places.y(way[i]) - y0);
      onWay[way[i]] = -1;
    }
    ring[end - begin] = ring[0];
    (area > 0 ? shells : holes).add(Rings.MAKER.createLinearRing(ring));
    return begin;
  }
}
