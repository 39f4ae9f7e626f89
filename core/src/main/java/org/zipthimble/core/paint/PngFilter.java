package org.zipthimble.core.paint;

/**
 * Filters rows for PNG (ISO/IEC 15948, 9): of none, sub, up and Paeth the one whose bytes, taken as
 * signed, have the least sum of sizes. The first row of a band counts the row above it as black, so its
 * filters look to the left only.
 */
final class PngFilter {
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
    byte[][] tried = new byte[4][length];
    for (int y = 0; y < count; y++) {
      unpack(rgb, y);
      int best = choose(tried, y == 0);
      int at = y * (length + 1);
      out[at] = (byte) (best == 3 ? 4 : best);
      System.arraycopy(tried[best], 0, out, at + 1, length);
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

  private int choose(byte[][] tried, boolean first) {
    long none = 0;
    long sub = 0;
    long up = 0;
    long paeth = 0;
    for (int i = 0; i < length; i++) {
      int value = row[i] & 255;
      int left = i >= depth ? row[i - depth] & 255 : 0;
      int over = above[i] & 255;
      int corner = i >= depth ? above[i - depth] & 255 : 0;
      byte n = (byte) value;
      byte s = (byte) (value - left);
      byte u = (byte) (value - over);
      byte p = (byte) (value - nearest(left, over, corner));
      tried[0][i] = n;
      tried[1][i] = s;
      tried[2][i] = u;
      tried[3][i] = p;
      none += Math.abs(n);
      sub += Math.abs(s);
      up += Math.abs(u);
      paeth += Math.abs(p);
    }
    if (first) {
      return none <= sub ? 0 : 1;
    }
    return up <= paeth && up <= sub && up <= none ? 2 : sub <= paeth && sub <= none ? 1 : none <= paeth ? 0 : 3;
  }

  private static int nearest(int left, int over, int corner) {
    int toLeft = Math.abs(over - corner);
    int toOver = Math.abs(left - corner);
    int toCorner = Math.abs(left + over - 2 * corner);
    return toLeft <= toOver && toLeft <= toCorner ? left : toOver <= toCorner ? over : corner;
  }
}
