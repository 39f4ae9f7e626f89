package org.zipthimble.core.overlay;

import java.util.Arrays;
import org.locationtech.jts.algorithm.MinimumBoundingCircle;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.wording.Trouble;

/**
 * What lies within a distance of an area, or what is left of it when that is taken from what is around. The rings are led along at the
 * distance, round outward corners by their joints and straight across at inward ones. By the theorem on convolutions (Guibas, Ramshaw and
 * Stolfi, "A Kinetic Framework for Computational Geometry", 1983) the turns round a place are then at least the number of parts of the
 * area that a disk about it meets, less the holes that lie within the disk whole; without the holes that fit into a disk at all, which are
 * filled anyhow, what has a turn is the answer.
 */
final class MinkowskiSum {
  /** The most crossings that are worked out this way. */
  private static final int MOST = 4_000_000;

  private static final double MITRE_LIMIT = 4;

  private final double distance;
  private final double step;
  private final Corner corner;
  private double[] xs = new double[1024];
  private double[] ys = new double[1024];
  private int length;

  private MinkowskiSum(double distance, int quarter, Corner corner) {
    this.distance = distance;
    this.step = Math.PI / 2 / quarter;
    this.corner = corner;
  }

  /**
   * An area grown or shrunk.
   *
   * @param distance in inches; above zero outwards, below zero inwards
   * @param quarter chords for a quarter of a round joint, above zero
   * @param corner round or mitred; a mitre is cut off at four times the distance
   * @throws IllegalStateException with a {@link Trouble} within when the edges cross too often
   */
  static Geometry of(Geometry area, double distance, int quarter, Corner corner) {
    MinkowskiSum swept = new MinkowskiSum(Math.abs(distance), quarter, corner);
    // Shrinking grows what is around: its turns are one more than those of its edges, which the far outside lacks.
    return Arrangement.where(Rings.SAME, MOST, noded -> swept.all(area, distance > 0, noded), distance > 0 ? t -> t > 0 : t -> t < 0)
        .area();
  }

  private void all(Geometry area, boolean grows, Noded noded) {
    for (Polygon polygon : Rings.polygons(area)) {
      if (grows || !fills(polygon.getExteriorRing())) {
        ring(polygon.getExteriorRing(), grows, noded);
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
          if (!grows || !fills(polygon.getInteriorRingN(i))) {
            ring(polygon.getInteriorRingN(i), !grows, noded);
          }
        }
      }
    }
  }

  /** Whether a ring fits into a disk of the distance. */
  private boolean fills(LineString ring) {
    Envelope box = ring.getEnvelopeInternal();
    if (Math.max(box.getWidth(), box.getHeight()) > 2 * distance) {
      return false;
    }
    return Math.hypot(box.getWidth(), box.getHeight()) <= 2 * distance || new MinimumBoundingCircle(ring).getRadius() <= distance;
  }

  private void ring(LineString line, boolean counter, Noded noded) {
    Coordinate[] ring = line.getCoordinates();
    boolean turned = Orientation.isCCW(ring) != counter;
    double[] x = new double[ring.length];
    double[] y = new double[ring.length];
    int n = 0;
    for (int i = 0; i + 1 < ring.length; i++) {
      Coordinate c = ring[turned ? ring.length - 1 - i : i];
      if (n == 0 || c.x != x[n - 1] || c.y != y[n - 1]) {
        x[n] = c.x;
        y[n++] = c.y;
      }
    }
    length = 0;
    lead(x, y, n);
    int first = noded.places().at(xs[0], ys[0]);
    int last = first;
    for (int i = 1; i < length; i++) {
      int now = noded.places().at(xs[i], ys[i]);
      noded.add(last, now, 1, 0);
      last = now;
    }
    noded.add(last, first, 1, 0);
  }

  /** The way beside a ring that runs with the area on the side of positive angles. */
  private void lead(double[] x, double[] y, int n) {
    double[] dx = new double[n];
    double[] dy = new double[n];
    double[] size = new double[n];
    for (int i = 0; i < n; i++) {
      int next = i + 1 < n ? i + 1 : 0;
      double ex = x[next] - x[i];
      double ey = y[next] - y[i];
      size[i] = Math.sqrt(ex * ex + ey * ey);
      dx[i] = ex / size[i];
      dy[i] = ey / size[i];
    }
    double[] half = new double[n];
    for (int i = 0; i < n; i++) {
      int before = i > 0 ? i - 1 : n - 1;
      // The tangent of half the turn; above zero outwards.
      double sine = dx[before] * dy[i] - dy[before] * dx[i];
      double cosine = dx[before] * dx[i] + dy[before] * dy[i];
      half[i] = cosine <= -1 + 1e-12 ? Double.POSITIVE_INFINITY : sine / (1 + cosine);
    }
    // A turn no greater than that of a joint's chords needs no joint.
    double gentle = Math.tan(step / 2);
    for (int i = 0; i < n; i++) {
      int before = i > 0 ? i - 1 : n - 1;
      if (Math.abs(half[i]) <= gentle) {
        double on = distance / Math.sqrt(1 + half[i] * half[i]);
        put(x[i] + on * (dy[i] - dx[i] * half[i]), y[i] - on * (dx[i] + dy[i] * half[i]));
        continue;
      }
      double ax = x[i] + distance * dy[before];
      double ay = y[i] - distance * dx[before];
      double bx = x[i] + distance * dy[i];
      double by = y[i] - distance * dx[i];
      put(ax, ay);
      if (half[i] > 0) {
        joint(x[i], y[i], dx[before], dy[before], dx[i], dy[i], half[i]);
      }
      put(bx, by);
    }
  }

  /** What lies between the ends of two strips at an outward corner. */
  private void joint(double x, double y, double ax, double ay, double bx, double by, double half) {
    if (corner == Corner.ROUND) {
      double turn = 2 * Math.atan(half);
      int steps = (int) Math.ceil(turn / step);
      double from = Math.atan2(-ax, ay);
      for (int i = 1; i < steps; i++) {
        double angle = from + turn * i / steps;
        put(x + distance * Math.cos(angle), y + distance * Math.sin(angle));
      }
    } else if (corner == Corner.MITRE && 1 + half * half <= MITRE_LIMIT * MITRE_LIMIT) {
      put(x + distance * (by - bx * half), y - distance * (bx + by * half));
    } else if (corner == Corner.MITRE) {
      // Too sharp: both sides go on as far as a line across the tip at the limit.
      double turn = Math.atan(half);
      double on = (MITRE_LIMIT - Math.cos(turn)) / Math.sin(turn);
      put(x + distance * (ay + ax * on), y - distance * (ax - ay * on));
      put(x + distance * (by - bx * on), y - distance * (bx + by * on));
    }
  }

  private void put(double x, double y) {
    if (length == xs.length) {
      xs = Arrays.copyOf(xs, length * 2);
      ys = Arrays.copyOf(ys, length * 2);
    }
    xs[length] = x;
    ys[length++] = y;
  }
}
