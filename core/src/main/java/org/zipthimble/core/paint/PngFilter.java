package org.zipthimble.core.paint;

import java.util.Arrays;

/**
 * Filters rows for PNG (ISO/IEC 15948, 9): of none, sub, up and Paeth the one whose bytes, taken as
 * signed, have the least sum of sizes. The first row of a band counts the row above it as black, so its
 * filters look to the left only.
 */
final class PngFilter {
  private static final int NONE = 0;
  private static final int SUB = 1;
  private static final int UP = 2;
  private static final int PAETH = 4;
  private static final int LOOKED_AT = 8;

  private final int depth;
  private final int length;
  private byte[] above;
  private byte[] row;

  /**
   * Filters rows.
   *
   * @param depth 3 for red, green and blue, 4 with opacity
   */
  PngFilter(int width, int depth) {
    this.depth = depth;
    length = width * depth;
    above = new byte[length];
    row = new byte[length];
  }

  byte[] rows(int[] rgb, int count) {
    byte[] out = new byte[count * (length + 1)];
    for (int y = 0; y < count; y++) {
      unpack(rgb, y);
      int filter = y > 0 && Arrays.equals(row, above) ? UP : choose(y == 0);
      int at = y * (length + 1);
      out[at] = (byte) filter;
      write(filter, out, at + 1);
      byte[] swap = above;
      above = row;
      row = swap;
    }
    return out;
  }

  private void unpack(int[] rgb, int y) {
    int from = y * (length / depth);
    for (int i = 0, at = 0; at < length; i++, at += depth) {
      int pixel = rgb[from + i];
      row[at] = (byte) (pixel >> 16);
      row[at + 1] = (byte) (pixel >> 8);
      row[at + 2] = (byte) pixel;
      if (depth == 4) {
        row[at + 3] = (byte) (pixel >>> 24);
      }
    }
  }

  /** The filter whose bytes are the smallest, looked at in every eighth pixel: it is nearly as good a guess for far less work. */
  private int choose(boolean first) {
    long none = 0;
    long sub = 0;
    long up = 0;
    long paeth = 0;
    for (int pixel = depth; pixel < length; pixel += LOOKED_AT * depth) {
      for (int i = pixel; i < pixel + depth; i++) {
        int value = row[i] & 255;
        int left = row[i - depth] & 255;
        int over = above[i] & 255;
        none += Math.abs((byte) value);
        sub += Math.abs((byte) (value - left));
        up += Math.abs((byte) (value - over));
        paeth += Math.abs((byte) (value - nearest(left, over, above[i - depth] & 255)));
      }
    }
    if (first) {
      return none <= sub ? NONE : SUB;
    }
    return up <= paeth && up <= sub && up <= none ? UP : sub <= paeth && sub <= none ? SUB : none <= paeth ? NONE : PAETH;
  }

  private void write(int filter, byte[] out, int at) {
    int first = Math.min(depth, length);
    for (int i = 0; i < first; i++) {
      int over = filter == UP || filter == PAETH ? above[i] : 0;
      out[at + i] = (byte) (row[i] - over);
    }
    switch (filter) {
      case NONE -> System.arraycopy(row, 0, out, at, length);
      case SUB -> {
        for (int part = 0; part < first; part++) {
          int left = row[part];
          for (int i = part + depth; i < length; i += depth) {
            int value = row[i];
            out[at + i] = (byte) (value - left);
            left = value;
          }
        }
      }
      case UP -> {
        for (int i = first; i < length; i++) {
          out[at + i] = (byte) (row[i] - above[i]);
        }
      }
      default -> {
        for (int part = 0; part < first; part++) {
          int left = row[part] & 255;
          int corner = above[part] & 255;
          for (int i = part + depth; i < length; i += depth) {
            int value = row[i] & 255;
            int over = above[i] & 255;
            out[at + i] = (byte) (value - nearest(left, over, corner));
            left = value;
            corner = over;
          }
        }
      }
    }
  }

  private static int nearest(int left, int over, int corner) {
    int toLeft = Math.abs(over - corner);
    int toOver = Math.abs(left - corner);
    int toCorner = Math.abs(left + over - 2 * corner);
    return toLeft <= toOver && toLeft <= toCorner ? left : toOver <= toCorner ? over : corner;
  }
}
