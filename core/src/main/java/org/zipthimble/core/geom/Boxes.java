package org.zipthimble.core.geom;

/**
 * A tree of boxes over straight edges in their own order, which is good as it is: edges that follow one another lie beside one another.
 * Tells which edges may touch.
 */
final class Boxes {
  /** Edges to a leaf. */
  private static final int LEAF = 4;

  private final Noded edges;
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
    int blocks = Math.max(1, (edges.count() + LEAF - 1) / LEAF);
    this.leaves = Integer.highestOneBit(Math.max(1, blocks * 2 - 1));
    this.minX = new double[leaves * 2];
    this.minY = new double[leaves * 2];
    this.maxX = new double[leaves * 2];
    this.maxY = new double[leaves * 2];
    this.fresh = new boolean[leaves * 2];
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

  private void leaf(int leaf, double reach) {
    double x0 = Double.POSITIVE_INFINITY;
    double y0 = x0;
    double x1 = Double.NEGATIVE_INFINITY;
    double y1 = x1;
    boolean any = false;
    int end = Math.min(edges.count(), (leaf + 1) * LEAF);
    for (int e = leaf * LEAF; e < end; e++) {
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
    if (!fresh[node]) {
      return;
    }
    if (node >= leaves) {
      int begin = (node - leaves) * LEAF;
      int end = Math.min(edges.count(), begin + LEAF);
      for (int e = begin; e < end; e++) {
        for (int f = e + 1; f < end; f++) {
          pair.take(e, f);
        }
      }
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
      int begin = (one - leaves) * LEAF;
      int end = Math.min(edges.count(), begin + LEAF);
      int other = (two - leaves) * LEAF;
      int otherEnd = Math.min(edges.count(), other + LEAF);
      for (int e = begin; e < end; e++) {
        for (int f = other; f < otherEnd; f++) {
          pair.take(e, f);
        }
      }
      return;
    }
    between(one * 2, two * 2, pair);
    between(one * 2, two * 2 + 1, pair);
    between(one * 2 + 1, two * 2, pair);
    between(one * 2 + 1, two * 2 + 1, pair);
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
      int end = Math.min(edges.count(), (node - leaves + 1) * LEAF);
      for (int e = (node - leaves) * LEAF; e < end; e++) {
        now = Math.max(now, crossed.take(e));
      }
      return now;
    }
    now = left(node * 2, x, y, now, crossed);
    return left(node * 2 + 1, x, y, now, crossed);
  }
}
