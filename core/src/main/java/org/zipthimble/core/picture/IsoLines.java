package org.zipthimble.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.zipthimble.core.geom.Point;

/**
 * The lines along which a field of values passes a level, by marching squares with straight interpolation
 * between the middles of pixels; the field is bordered by what is outside. Closed lines, the higher values always on
 * the same hand.
 *
 * <p>Every line crosses an edge between two pixels of one row, as it goes round some pixel. These edges are marked first; then each line is
 * walked from cell to cell, and the marks it meets are taken away.
 */
final class IsoLines {
  private static final float OUTSIDE = -1e-3f;

  private static final int TOP = 0;
  private static final int RIGHT = 1;
  private static final int BOTTOM = 2;
  private static final int LEFT = 3;

  private final float[] field;
  private final int width;
  private final int height;
  private final float level;
  /** So many words of marks has a row of the bordered field. */
  private final int words;
  private final long[] marks;

  private IsoLines(float[] field, int width, int height, float level) {
    this.field = field;
    this.width = width;
    this.height = height;
    this.level = level;
    this.words = width / Long.SIZE + 1;
    this.marks = new long[words * (height + 2)];
  }

  /** Closed chains in pixels, the first pixel's middle at 0.5, 0.5; the first place is not repeated. */
  static List<List<Point>> of(float[] field, int width, int height, float level) {
    return new IsoLines(field, width, height, level).chains();
  }

  /** Values of the bordered field, its first place one outside. */
  private float at(int x, int y) {
    boolean out = x < 1 || y < 1 || x > width || y > height;
    return out ? OUTSIDE : field[(y - 1) * width + x - 1];
  }

  private boolean in(int x, int y) {
    return at(x, y) >= level;
  }

  private List<List<Point>> chains() {
    IntStream.rangeClosed(1, height).parallel().forEach(this::mark);
    List<List<Point>> out = new ArrayList<>();
    for (int i = 0; i < marks.length; i++) {
      while (marks[i] != 0) {
        out.add(walked(i % words * Long.SIZE + Long.numberOfTrailingZeros(marks[i]), i / words));
      }
    }
    return out;
  }

  /**
   * Marks where the level is passed between one pixel of a row and the next; without turning off the way at a pixel, as half of them would
   * surprise.
   */
  private void mark(int y) {
    int base = (y - 1) * width;
    long before = OUTSIDE >= level ? 1 : 0;
    for (int word = 0; word < words; word++) {
      int first = word * Long.SIZE;
      int last = Math.min(width - first, Long.SIZE);
      long in = 0;
      for (int i = 0; i < last; i++) {
        in |= (field[base + first + i] >= level ? 1L : 0L) << i;
      }
      if (last < Long.SIZE && OUTSIDE >= level) {
        in |= -1L << last;
      }
      marks[y * words + word] = (in ^ (in << 1 | before)) & (last < Long.SIZE - 1 ? (1L << last + 1) - 1 : -1L);
      before = in >>> Long.SIZE - 1;
    }
  }

  /** The line through the edge between a pixel of the bordered field and the next one of its row. */
  private List<Point> walked(int startX, int startY) {
    List<Point> chain = new ArrayList<>();
    int x = startX;
    boolean up = in(startX, startY);
    int y = up ? startY - 1 : startY;
    int side = up ? BOTTOM : TOP;
    chain.add(flat(startX, startY));
    while (true) {
      side = wayOut(x, y, side);
      if (side == TOP || side == BOTTOM) {
        int edge = side == TOP ? y : y + 1;
        if (x == startX && edge == startY) {
          return chain;
        }
        chain.add(flat(x, edge));
      } else {
        chain.add(upright(side == LEFT ? x : x + 1, y));
      }
      switch (side) {
        case TOP -> y--;
        case RIGHT -> x++;
        case BOTTOM -> y++;
        default -> x--;
      }
      side ^= 2;
    }
  }

  /** Where a line that came into a cell between four middles by one side leaves it; a saddle is parted by the mean of the four. */
  private int wayOut(int x, int y, int by) {
    int kind = (in(x, y) ? 1 : 0) | (in(x + 1, y) ? 2 : 0) | (in(x + 1, y + 1) ? 4 : 0) | (in(x, y + 1) ? 8 : 0);
    return switch (kind) {
      case 1, 9, 13 -> TOP;
      case 2, 3, 11 -> RIGHT;
      case 4, 6, 7 -> BOTTOM;
      case 8, 12, 14 -> LEFT;
      case 5 -> full(x, y) == (by == LEFT) ? BOTTOM : TOP;
      default -> full(x, y) == (by == TOP) ? LEFT : RIGHT;
    };
  }

  private boolean full(int x, int y) {
    return (at(x, y) + at(x + 1, y) + at(x, y + 1) + at(x + 1, y + 1)) / 4 >= level;
  }

  private Point flat(int x, int y) {
    marks[y * words + x / Long.SIZE] &= ~(1L << x);
    return new Point(x - 0.5 + part(at(x, y), at(x + 1, y)), y - 0.5);
  }

  private Point upright(int x, int y) {
    return new Point(x - 0.5, y - 0.5 + part(at(x, y), at(x, y + 1)));
  }

  private double part(float a, float b) {
    return a == b ? 0.5 : Math.max(0.001, Math.min(0.999, (level - a) / (b - a)));
  }
}
