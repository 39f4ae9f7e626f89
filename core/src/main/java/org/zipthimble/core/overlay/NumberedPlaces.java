package org.zipthimble.core.overlay;

import java.util.Arrays;

/** Numbered places; one nearer than a distance to one that is there already is the same. */
final class NumberedPlaces {
  /** How many times the distance a cell is wide: a place then mostly has all that may be near in the one cell it lies in. */
  private static final int CELL = 16;

  private final double snap;
  private final double cell;
  private double[] xs = new double[256];
  private double[] ys = new double[256];
  private int[] next = new int[256];
  private int[] heads = new int[512];
  private int count;

  /**
   * No places yet.
   *
   * @param snap in inches, above zero
   */
  NumberedPlaces(double snap) {
    this.snap = snap;
    this.cell = CELL * snap;
    Arrays.fill(heads, -1);
  }

  int count() {
    return count;
  }

  double x(int place) {
    return xs[place];
  }

  double y(int place) {
    return ys[place];
  }

  /** The number of the nearest place within the distance, or of a new one. */
  int at(double x, double y) {
    int found = find(x, y);
    return found >= 0 ? found : add(x, y);
  }

  /** The number of the nearest place within the distance, or -1. */
  int find(double x, double y) {
    long left = cell(x - snap);
    long wide = Math.min(1, cell(x + snap) - left);
    long top = cell(y - snap);
    long high = Math.min(1, cell(y + snap) - top);
    int best = -1;
    double least = snap * snap;
    for (int i = 0; i <= wide; i++) {
      for (int k = 0; k <= high; k++) {
        for (int at = heads[slot(left + i, top + k)]; at >= 0; at = next[at]) {
          double dx = xs[at] - x;
          double dy = ys[at] - y;
          double off = dx * dx + dy * dy;
          if (off < least || off == least && at < best) {
            least = off;
            best = at;
          }
        }
      }
    }
    return best;
  }

  private int add(double x, double y) {
    if (count == xs.length) {
      grow();
    }
    xs[count] = x;
    ys[count] = y;
    hang(count);
    return count++;
  }

  private void grow() {
    int size = count * 2;
    xs = Arrays.copyOf(xs, size);
    ys = Arrays.copyOf(ys, size);
    next = Arrays.copyOf(next, size);
    heads = new int[size * 2];
    Arrays.fill(heads, -1);
    for (int i = 0; i < count; i++) {
      hang(i);
    }
  }

  private void hang(int place) {
    int slot = slot(cell(xs[place]), cell(ys[place]));
    next[place] = heads[slot];
    heads[slot] = place;
  }

  private long cell(double along) {
    return (long) Math.floor(along / cell);
  }

  private int slot(long cx, long cy) {
    long mixed = (cx * 0x9E3779B97F4A7C15L ^ cy) * 0xC2B2AE3D27D4EB4FL;
    return (int) (mixed >>> 40 ^ mixed >>> 20) & heads.length - 1;
  }
}
