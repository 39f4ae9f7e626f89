package org.zipthimble.core.overlay;

import java.util.Arrays;

/**
 * A tree of boxes over straight edges in their own order, which is good as it is: edges that follow one another lie beside one another.
 * A leaf holds edges that go on from one another without turning back in either direction, so that they touch at their ends alone.
 * Tells which edges of different leaves may touch.
 */
final class Boxes {
  /** The most edges to a leaf. */
  private static final int LEAF = 8;

  private final Noded edges;
  /** The first edge of every leaf, and one more. */
  private int[] starts;
  private final int leaves;
  private final double[] minX;
  private final double[] minY;
  private final double[] maxX;
  private final double[] maxY;
  private final boolean[] fresh;

  /** What is done with two edges whose leaves' boxes touch. */
  interface Pair {
    void take(int one, int two);
  }

  /** What is done with an edge that a line to the left may cross; the answer is the x to the left of which nothing is wanted any more. */
  interface Crossed {
    double take(int edge);
  }

  /**
   * The boxes of edges as they are now.
   *
   * @param reach how much wider the boxes are than the edges, in inches
   */
  Boxes(Noded edges, double reach) {
    this.edges = edges;
    int blocks = Math.max(1, divide());
    this.leaves = Integer.highestOneBit(Math.max(1, blocks * 2 - 1));
    this.minX = new double[leaves * 2];
    this.minY = new double[leaves * 2];
    this.maxX = new double[leaves * 2];
    this.maxY = new double[leaves * 2];
    this.fresh = new boolean[leaves * 2];
    starts = Arrays.copyOf(starts, leaves + 1);
    Arrays.fill(starts, blocks, leaves + 1, edges.count());
    for (int leaf = 0; leaf < leaves; leaf++) {
      leaf(leaf, reach);
    }
    for (int node = leaves - 1; node > 0; node--) {
      int left = node * 2;
      int right = left + 1;
      minX[node] = Math.min(minX[left], minX[right]);
      minY[node] = Math.min(minY[left], minY[right]);
      maxX[node] = Math.max(maxX[left], maxX[right]);
      maxY[node] = Math.max(maxY[left], maxY[right]);
      fresh[node] = fresh[left] || fresh[right];
    }
  }

  /** Tells where the leaves begin; how many there are. */
  private int divide() {
    starts = new int[edges.count() / 2 + 2];
    int found = 0;
    double wayX = 0;
    double wayY = 0;
    for (int e = 0; e < edges.count(); e++) {
      double dx = edges.toX(e) - edges.fromX(e);
      double dy = edges.toY(e) - edges.fromY(e);
      boolean goesOn = e > 0 && edges.from(e) == edges.to(e - 1) && e - starts[found - 1] < LEAF && dx * wayX >= 0 && dy * wayY >= 0;
      if (!goesOn) {
        if (found + 1 == starts.length) {
          starts = Arrays.copyOf(starts, found * 2);
        }
        starts[found++] = e;
        wayX = 0;
        wayY = 0;
      }
      wayX = dx != 0 ? Math.signum(dx) : wayX;
      wayY = dy != 0 ? Math.signum(dy) : wayY;
    }
    return found;
  }

  private void leaf(int leaf, double reach) {
    double x0 = Double.POSITIVE_INFINITY;
    double y0 = x0;
    double x1 = Double.NEGATIVE_INFINITY;
    double y1 = x1;
    boolean any = false;
    for (int e = starts[leaf]; e < starts[leaf + 1]; e++) {
      double ax = edges.fromX(e);
      double ay = edges.fromY(e);
      double bx = edges.toX(e);
      double by = edges.toY(e);
      x0 = Math.min(x0, Math.min(ax, bx));
      y0 = Math.min(y0, Math.min(ay, by));
      x1 = Math.max(x1, Math.max(ax, bx));
      y1 = Math.max(y1, Math.max(ay, by));
      any |= edges.fresh(e);
    }
    int node = leaves + leaf;
    minX[node] = x0 - reach;
    minY[node] = y0 - reach;
    maxX[node] = x1 + reach;
    maxY[node] = y1 + reach;
    fresh[node] = any;
  }

  /** Every two edges of which one at least is fresh and which may touch, each pair once. */
  void pairs(Pair pair) {
    within(1, pair);
  }

  private void within(int node, Pair pair) {
    if (!fresh[node] || node >= leaves) {
      return;
    }
    within(node * 2, pair);
    within(node * 2 + 1, pair);
    between(node * 2, node * 2 + 1, pair);
  }

  private void between(int one, int two, Pair pair) {
    if (!(fresh[one] || fresh[two]) || minX[one] > maxX[two] || minX[two] > maxX[one] || minY[one] > maxY[two] || minY[two] > maxY[one]) {
      return;
    }
    if (one >= leaves) {
      for (int e = starts[one - leaves]; e < starts[one - leaves + 1]; e++) {
        if (meets(e, two)) {
          for (int f = starts[two - leaves]; f < starts[two - leaves + 1]; f++) {
            pair.take(e, f);
          }
        }
      }
      return;
    }
    between(one * 2, two * 2, pair);
    between(one * 2, two * 2 + 1, pair);
    between(one * 2 + 1, two * 2, pair);
    between(one * 2 + 1, two * 2 + 1, pair);
  }

  private boolean meets(int edge, int node) {
    double ax = edges.fromX(edge);
    double bx = edges.toX(edge);
    double ay = edges.fromY(edge);
    double by = edges.toY(edge);
    return Math.min(ax, bx) <= maxX[node] && Math.max(ax, bx) >= minX[node] && Math.min(ay, by) <= maxY[node]
        && Math.max(ay, by) >= minY[node];
  }

  /** The edges whose boxes a line from a place to the left meets, as long as they may lie to the right of what the last answer told. */
  void leftOf(double x, double y, Crossed crossed) {
    left(1, x, y, Double.NEGATIVE_INFINITY, crossed);
  }

  private double left(int node, double x, double y, double nearest, Crossed crossed) {
    if (minY[node] > y || maxY[node] < y || minX[node] > x || maxX[node] < nearest) {
      return nearest;
    }
    double now = nearest;
    if (node >= leaves) {
      for (int e = starts[node - leaves]; e < starts[node - leaves + 1]; e++) {
        now = Math.max(now, crossed.take(e));
      }
      return now;
    }
    now = left(node * 2, x, y, now, crossed);
    return left(node * 2 + 1, x, y, now, crossed);
  }
}
