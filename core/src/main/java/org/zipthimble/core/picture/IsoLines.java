package org.zipthimble.core.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.zipthimble.core.geom.Point;

/**
 * The lines along which a field of values passes a level, by marching squares with straight interpolation
 * between the middles of pixels; the field is bordered by what is outside. Closed lines, the higher values always on
 * the same hand.
 */
final class IsoLines {
  private final float[] field;
  private final int width;
  private final int height;
  private final float level;
  private final int across;
  private final int[] next;

  private IsoLines(float[] field, int width, int height, float level) {
    this.field = field;
    this.width = width;
    this.height = height;
    this.level = level;
    this.across = width + 2;
    this.next = new int[2 * across * (height + 2)];
    Arrays.fill(next, -1);
  }

  /** Closed chains in pixels, the first pixel's middle at 0.5, 0.5; the first place is not repeated. */
  static List<List<Point>> of(float[] field, int width, int height, float level) {
    return new IsoLines(field, width, height, level).chains();
  }

  /** Values of the bordered field, its first place one outside. */
  private float at(int x, int y) {
    boolean out = x < 1 || y < 1 || x > width || y > height;
    return out ? -1e-3f : field[(y - 1) * width + x - 1];
  }

  private boolean in(int x, int y) {
    return at(x, y) >= level;
  }

  private int flat(int x, int y) {
    return 2 * (y * across + x);
  }

  private int upright(int x, int y) {
    return 2 * (y * across + x) + 1;
  }

  private List<List<Point>> chains() {
    // Every edge is written by the one cell that is left by it.
    IntStream.rangeClosed(0, height).parallel().forEach(this::row);
    List<List<Point>> out = new ArrayList<>();
    for (int start = 0; start < next.length; start++) {
      if (next[start] >= 0) {
        List<Point> chain = new ArrayList<>();
        int edge = start;
        while (next[edge] >= 0) {
          chain.add(place(edge));
          int to = next[edge];
          next[edge] = -1;
          edge = to;
        }
        out.add(chain);
      }
    }
    return out;
  }

  private void row(int y) {
    boolean upper = in(0, y);
    boolean lower = in(0, y + 1);
    for (int x = 0; x <= width; x++) {
      boolean nextUpper = in(x + 1, y);
      boolean nextLower = in(x + 1, y + 1);
      if (upper != lower || upper != nextUpper || upper != nextLower) {
        cell(x, y, (upper ? 1 : 0) | (nextUpper ? 2 : 0) | (nextLower ? 4 : 0) | (lower ? 8 : 0));
      }
      upper = nextUpper;
      lower = nextLower;
    }
  }

  /** One cell between four middles; a saddle is parted by the mean of the four. */
  private void cell(int x, int y, int kind) {
    int top = flat(x, y);
    int right = upright(x + 1, y);
    int bottom = flat(x, y + 1);
    int left = upright(x, y);
    switch (kind) {
      case 1 -> next[left] = top;
      case 2 -> next[top] = right;
      case 3 -> next[left] = right;
      case 4 -> next[right] = bottom;
      case 6 -> next[top] = bottom;
      case 7 -> next[left] = bottom;
      case 8 -> next[bottom] = left;
      case 9 -> next[bottom] = top;
      case 11 -> next[bottom] = right;
      case 12 -> next[right] = left;
      case 13 -> next[right] = top;
      case 14 -> next[top] = left;
      default -> saddle(kind == 5, (at(x, y) + at(x + 1, y) + at(x, y + 1) + at(x + 1, y + 1)) / 4 >= level, top, right, bottom, left);
    }
  }

  private void saddle(boolean falling, boolean full, int top, int right, int bottom, int left) {
    if (falling) {
      next[left] = full ? bottom : top;
      next[right] = full ? top : bottom;
    } else {
      next[top] = full ? left : right;
      next[bottom] = full ? right : left;
    }
  }

  private Point place(int edge) {
    int cell = edge / 2;
    int x = cell % across;
    int y = cell / across;
    boolean flat = edge % 2 == 0;
    float a = at(x, y);
    float b = flat ? at(x + 1, y) : at(x, y + 1);
    double t = a == b ? 0.5 : Math.max(0.001, Math.min(0.999, (level - a) / (b - a)));
    return flat ? new Point(x - 0.5 + t, y - 0.5) : new Point(x - 0.5, y - 0.5 + t);
  }
}
