package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import org.locationtech.jts.index.hprtree.HPRtree;
import org.zipthimble.core.wording.Trouble;

/** Counts how often edges cross before they are crossed in earnest: a thousand lines that all cross one another make half a million places. */
final class Tangle {
  /** The most crossings that are worked out; on two cores about ten seconds' work. */
  static final int MOST = 100_000;

  private Tangle() {}

  /**
   * Looks at the edges of rings.
   *
   * @throws IllegalStateException with a {@link Trouble} within when they cross one another more than {@link #MOST} times
   */
  static void check(List<Coordinate[]> rings) {
    List<Coordinate[]> edges = edges(rings, null);
    if ((long) edges.size() * edges.size() / 2 > MOST) {
      count(edges, edges, true);
    }
  }

  /** The same for the edges of one area with those of another. */
  static void check(Geometry a, Geometry b) {
    Envelope both = a.getEnvelopeInternal().intersection(b.getEnvelopeInternal());
    List<Coordinate[]> first = edges(rings(a), both);
    List<Coordinate[]> second = edges(rings(b), both);
    if ((long) first.size() * second.size() > MOST) {
      count(first, second, false);
    }
  }

  private static List<Coordinate[]> rings(Geometry geometry) {
    List<Coordinate[]> out = new ArrayList<>();
    for (Object line : LinearComponentExtracter.getLines(geometry)) {
      out.add(((LineString) line).getCoordinates());
    }
    return out;
  }

  private static List<Coordinate[]> edges(List<Coordinate[]> rings, Envelope within) {
    List<Coordinate[]> out = new ArrayList<>();
    for (Coordinate[] ring : rings) {
      for (int i = 0; i + 1 < ring.length; i++) {
        if (within == null || within.intersects(ring[i], ring[i + 1])) {
          out.add(new Coordinate[] {ring[i], ring[i + 1]});
        }
      }
    }
    return out;
  }

  private static void count(List<Coordinate[]> first, List<Coordinate[]> second, boolean same) {
    HPRtree tree = new HPRtree();
    first.forEach(e -> tree.insert(new Envelope(e[0], e[1]), e));
    int[] count = {0};
    for (Coordinate[] edge : second) {
      tree.query(new Envelope(edge[0], edge[1]), found -> {
        Coordinate[] other = (Coordinate[]) found;
        if (other != edge && crosses(edge, other) && ++count[0] > (same ? 2 * MOST : MOST)) {
          Trouble trouble = Trouble.of("geom.tangled", MOST);
          throw new IllegalStateException(trouble.getMessage(), trouble);
        }
      });
    }
  }

  private static boolean crosses(Coordinate[] a, Coordinate[] b) {
    return Orientation.index(a[0], a[1], b[0]) * Orientation.index(a[0], a[1], b[1]) < 0
        && Orientation.index(b[0], b[1], a[0]) * Orientation.index(b[0], b[1], a[1]) < 0;
  }
}
