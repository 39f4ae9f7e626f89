package org.zipthimble.core.nest;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Point;

/**
 * The corners and straight sides of a piece, on its own ground about its middle, or moved to where it lies. Sides run so that the piece
 * lies at rising angles from their direction; angles are in radians.
 */
final class Corners {
  /** Sides shorter than this part of the piece's radius are none. */
  private static final double LEAST_SIDE = 0.003;

  /** Sides longer than this part of the piece's radius are no pieces of a curve. */
  private static final double STRAIGHT_SIDE = 0.12;

  /** A smaller turn is none, in radians. */
  private static final double STRAIGHT_ON = 0.02;

  /** A piece that turns by more than this at once is rounded in several cuts, in radians. */
  private static final double CUT = Math.PI / 3;

  private static final int MOST_PLAIN = 16;

  /** How much of a plain piece is no curve. */
  private static final double MOSTLY = 0.9;

  /** How far a corner may lie outside where it is rounded or cut, as a part of the piece's radius. */
  private static final double FAR = 0.3;

  /** From where each side goes to where. */
  final double[][] sides;

  /** Each corner: its place, the angle at which the piece begins, and how wide it is. */
  final double[][] corners;

  /** The length of all sides. */
  final double length;

  private double left = Double.MAX_VALUE;
  private double top = Double.MAX_VALUE;
  private double right = -Double.MAX_VALUE;
  private double bottom = -Double.MAX_VALUE;

  /** Which part of the outline is no curve, 0 to 1. */
  final double straight;

  private Corners(double[][] sides, double[][] corners, double straight) {
    this.straight = straight;
    this.sides = sides;
    this.corners = corners;
    double sum = 0;
    for (double[] side : sides) {
      sum += Math.hypot(side[2] - side[0], side[3] - side[1]);
      reach(side[0], side[1]);
      reach(side[2], side[3]);
    }
    length = sum;
    for (double[] corner : corners) {
      reach(corner[0], corner[1]);
    }
  }

  private void reach(double x, double y) {
    left = Math.min(left, x);
    right = Math.max(right, x);
    top = Math.min(top, y);
    bottom = Math.max(bottom, y);
  }

  /** Whether a place lies in the box about the sides and corners. */
  boolean near(double x, double y) {
    return x > left - NEAR && x < right + NEAR && y > top - NEAR && y < bottom + NEAR;
  }

  /** Whether the boxes about both meet. */
  boolean near(Corners other) {
    return left < other.right + 2 * NEAR && other.left < right + 2 * NEAR && top < other.bottom + 2 * NEAR && other.top < bottom + 2 * NEAR;
  }

  /**
   * The sides and corners of a ring, which may run either way.
   *
   * @param middle what the places are told from, in inches
   * @param out how far the sides are moved outwards, in inches
   */
  static Corners of(List<Point> ring, Point middle, double out) {
    int n = ring.size();
    double[] ringX = ring.stream().mapToDouble(p -> p.x() - middle.x()).toArray();
    double[] ringY = ring.stream().mapToDouble(p -> p.y() - middle.y()).toArray();
    double radius = 0;
    double area = 0;
    for (int i = 0, k = n - 1; i < n; k = i++) {
      area += ringX[k] * ringY[i] - ringX[i] * ringY[k];
      radius = Math.max(radius, Math.hypot(ringX[i], ringY[i]));
    }
    double least = LEAST_SIDE * radius;
    double far = FAR * radius + out;
    double straight = STRAIGHT_SIDE * radius;
    List<double[]> sides = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      int a = area > 0 ? i : n - 1 - i;
      int b = area > 0 ? (i + 1) % n : (2 * n - 2 - i) % n;
      double[] last = sides.isEmpty() ? null : sides.get(sides.size() - 1);
      if (last != null && last[2] == ringX[a] && last[3] == ringY[a]
          && Math.abs(turn(last, ringX[b] - ringX[a], ringY[b] - ringY[a])) < 1e-7) {
        last[2] = ringX[b];
        last[3] = ringY[b];
      } else {
        sides.add(new double[] {ringX[a], ringY[a], ringX[b], ringY[b]});
      }
    }
    sides.removeIf(s -> Math.hypot(s[2] - s[0], s[3] - s[1]) < least);
    double known = 0;
    double whole = 0;
    for (double[] side : sides) {
      double length = Math.hypot(side[2] - side[0], side[3] - side[1]);
      known += length > straight ? length : 0;
      whole += length;
      double dx = out * (side[3] - side[1]) / length;
      double dy = out * (side[0] - side[2]) / length;
      side[0] += dx;
      side[2] += dx;
      side[1] += dy;
      side[3] += dy;
    }
    List<double[]> corners = new ArrayList<>();
    for (int i = 0; i < sides.size(); i++) {
      double[] in = sides.get(i);
      double[] next = sides.get((i + 1) % sides.size());
      double turn = turn(in, next[2] - next[0], next[3] - next[1]);
      if (turn > STRAIGHT_ON && turn < Math.PI - STRAIGHT_ON) {
        double[] at = meeting(in, next);
        if (Math.hypot(at[0] - in[2], at[1] - in[3]) < far && Math.hypot(at[0] - next[0], at[1] - next[1]) < far) {
          corners.add(new double[] {at[0], at[1], Math.atan2(next[3] - next[1], next[2] - next[0]), Math.PI - turn});
        }
      }
    }
    return new Corners(sides.toArray(new double[0][]), corners.toArray(new double[0][]), whole == 0 ? 0 : known / whole);
  }

  /** How far a direction turns from a side's, in radians; positive towards the inside. */
  private static double turn(double[] side, double dx, double dy) {
    double sx = side[2] - side[0];
    double sy = side[3] - side[1];
    return Math.atan2(sx * dy - sy * dx, sx * dx + sy * dy);
  }

  private static double[] meeting(double[] a, double[] b) {
    double ax = a[2] - a[0];
    double ay = a[3] - a[1];
    double bx = b[2] - b[0];
    double by = b[3] - b[1];
    double t = ((b[0] - a[0]) * by - (b[1] - a[1]) * bx) / (ax * by - ay * bx);
    return new double[] {a[0] + t * ax, a[1] + t * ay};
  }

  /** Whether the piece has a few straight sides and bulges at every corner. */
  boolean plain() {
    return sides.length >= 3 && sides.length <= MOST_PLAIN && corners.length == sides.length && straight > MOSTLY;
  }

  /** The ring about such a piece whose sides have been moved outwards by so much, with corners cut just outside of round ones. */
  List<Point> ring(Point middle, double out) {
    List<Point> ring = new ArrayList<>();
    for (int i = 0; i < sides.length; i++) {
      double[] in = sides[i];
      double[] next = sides[(i + 1) % sides.length];
      double turn = turn(in, next[2] - next[0], next[3] - next[1]);
      double length = Math.hypot(in[2] - in[0], in[3] - in[1]);
      double outwards = Math.atan2(in[0] - in[2], in[3] - in[1]);
      double x = in[2] - out * (in[3] - in[1]) / length;
      double y = in[3] - out * (in[0] - in[2]) / length;
      int cuts = (int) Math.ceil(turn / CUT);
      double far = out / Math.cos(turn / cuts / 2);
      for (int k = 0; k < cuts; k++) {
        double angle = outwards + turn * (k + 0.5) / cuts;
        ring.add(new Point(middle.x() + x + far * Math.cos(angle), middle.y() + y + far * Math.sin(angle)));
      }
    }
    return ring;
  }

  /** The same turned about the middle and moved. */
  Corners moved(double x, double y, double degrees) {
    double angle = Math.toRadians(degrees);
    double cos = Math.cos(angle);
    double sin = Math.sin(angle);
    double[][] s = new double[sides.length][];
    for (int i = 0; i < s.length; i++) {
      double[] from = sides[i];
      s[i] = new double[] {cos * from[0] - sin * from[1] + x, sin * from[0] + cos * from[1] + y, cos * from[2] - sin * from[3] + x,
          sin * from[2] + cos * from[3] + y};
    }
    double[][] c = new double[corners.length][];
    for (int i = 0; i < c.length; i++) {
      double[] from = corners[i];
      c[i] = new double[] {cos * from[0] - sin * from[1] + x, sin * from[0] + cos * from[1] + y, from[2] + angle, from[3]};
    }
    return new Corners(s, c, straight);
  }

  /** Whether two pieces have the same sides, as they lie. */
  boolean like(Corners other) {
    if (sides.length != other.sides.length) {
      return false;
    }
    for (int i = 0; i < sides.length; i++) {
      for (int k = 0; k < sides[i].length; k++) {
        if (Math.abs(sides[i][k] - other.sides[i][k]) > NEAR) {
          return false;
        }
      }
    }
    return true;
  }

  /** How much of a side lies along another's, each on its own side of it. */
  static double along(double[] a, double[] b) {
    double bx = b[2] - b[0];
    double by = b[3] - b[1];
    double ax = a[2] - a[0];
    double ay = a[3] - a[1];
    double dot = ax * bx + ay * by;
    double cross = ax * by - ay * bx;
    if (dot >= 0 || Math.abs(cross) > -dot * NEARLY) {
      return 0;
    }
    double length = Math.sqrt(bx * bx + by * by);
    double off = ((a[0] - b[0]) * by - (a[1] - b[1]) * bx) / length;
    if (Math.abs(off) > NEAR) {
      return 0;
    }
    double from = ((a[2] - b[0]) * bx + (a[3] - b[1]) * by) / length;
    double to = ((a[0] - b[0]) * bx + (a[1] - b[1]) * by) / length;
    return Math.max(0, Math.min(to, length) - Math.max(from, 0));
  }

  /** What counts as one place, in inches. */
  static final double NEAR = 1e-4;

  private static final double NEARLY = 1e-4;
}
