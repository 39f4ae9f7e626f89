package org.zipthimble.core.paint;

import java.util.Arrays;

/**
 * Filters rows for PNG (ISO/IEC 15948, 9): of none, sub, up and Paeth the one whose bytes, taken as
 * signed, have the least sum of sizes; a row like the one above it takes up. The first row of a band counts the row above it as black, so
 * its filters look to the left only.
 */
final class PngFilter {
  private static final int NONE = 0;
  private static final int SUB = 1;
  private static final int UP = 2;
  private static final int PAETH = 4;
  private static final int LOOKED_AT = 8;

  /** A filter is chosen anew for every so many rows: neighbouring ones are much alike. */
  private static final int EVERY = 4;
  private static final int HIGH = 0x80808080;

  private final int width;
  private final int depth;

  /**
   * Filters rows.
   *
   * @param depth 3 for red, green and blue, 4 with opacity
   */
  PngFilter(int width, int depth) {
    this.width = width;
    this.depth = depth;
  }

  byte[] rows(int[] pixels, int count) {
    int length = width * depth + 1;
    byte[] out = new byte[count * length];
    int chosen = -1;
    for (int y = 0; y < count; y++) {
      int from = y * width;
      boolean like = y > 0 && unlike(pixels, from, from + width) < 0;
      if (!like && (chosen < 0 || y % EVERY == 0)) {
        chosen = choose(pixels, from, y == 0);
      }
      int filter = like ? UP : chosen;
      out[y * length] = (byte) filter;
      switch (filter) {
        case PAETH -> guessed(pixels, from, out, y * length + 1);
        case UP -> up(pixels, from, out, y * length + 1);
        default -> differences(pixels, from, filter == SUB, out, y * length + 1);
      }
      // what was chosen without a row above, or above rows that are all alike, tells nothing of the next
      chosen = like || y == 0 ? -1 : chosen;
    }
    return out;
  }

  /**
   * The first place where a row is not like the one above it, below zero where there is none. Rows are mostly like it, and this is many
   * pixels at once.
   */
  private int unlike(int[] pixels, int from, int to) {
    int runs = Arrays.mismatch(pixels, from, to, pixels, from - width, to - width);
    return runs < 0 ? runs : from + runs;
  }

  /** The filter whose bytes are the smallest, looked at in every eighth pixel: it is nearly as good a guess for far less work. */
  private int choose(int[] pixels, int from, boolean first) {
    long none = 0;
    long sub = 0;
    long up = 0;
    long paeth = 0;
    for (int x = 1; x < width; x += LOOKED_AT) {
      int pixel = pixels[from + x];
      int left = pixels[from + x - 1];
      int over = first ? 0 : pixels[from + x - width];
      int corner = first ? 0 : pixels[from + x - width - 1];
      for (int part = 0; part < depth * 8; part += 8) {
        int value = pixel >>> part & 255;
        int beside = left >>> part & 255;
        int above = over >>> part & 255;
        none += Math.abs((byte) value);
        sub += Math.abs((byte) (value - beside));
        up += Math.abs((byte) (value - above));
        paeth += Math.abs((byte) (value - nearest(beside, above, corner >>> part & 255)));
      }
    }
    if (first) {
      return none <= sub ? NONE : SUB;
    }
    return up <= paeth && up <= sub && up <= none ? UP : sub <= paeth && sub <= none ? SUB : none <= paeth ? NONE : PAETH;
  }

  /** All parts of a pixel less those of another, each by itself and modulo 256. */
  private static int less(int pixel, int other) {
    return (pixel | HIGH) - (other & ~HIGH) ^ (pixel ^ ~other) & HIGH;
  }

  private void put(int pixel, byte[] out, int at) {
    out[at] = (byte) (pixel >> 16);
    out[at + 1] = (byte) (pixel >> 8);
    out[at + 2] = (byte) pixel;
    if (depth == 4) {
      out[at + 3] = (byte) (pixel >>> 24);
    }
  }

  private void differences(int[] pixels, int from, boolean sub, byte[] out, int begin) {
    int at = begin;
    int left = 0;
    for (int i = from; i < from + width; i++) {
      int pixel = pixels[i];
      put(sub ? less(pixel, left) : pixel, out, at);
      left = pixel;
      at += depth;
    }
  }

  /** What is like the row above is nought, which the array holds. */
  private void up(int[] pixels, int from, byte[] out, int begin) {
    int end = from + width;
    for (int i = unlike(pixels, from, end); i >= 0; i = i < end ? unlike(pixels, i, end) : -1) {
      do {
        put(less(pixels[i], pixels[i - width]), out, begin + (i - from) * depth);
        i++;
      } while (i < end && pixels[i] != pixels[i - width]);
    }
  }

  /** The same: where a pixel and the one before it are like those above, what is guessed is the pixel itself. */
  private void guessed(int[] pixels, int from, byte[] out, int begin) {
    int end = from + width;
    for (int i = unlike(pixels, from, end); i >= 0; i = i < end ? unlike(pixels, i, end) : -1) {
      int left = i > from ? pixels[i - 1] : 0;
      int corner = i > from ? pixels[i - 1 - width] : 0;
      do {
        int pixel = pixels[i];
        int over = pixels[i - width];
        int at = begin + (i - from) * depth;
        out[at] = (byte) ((pixel >> 16) - nearest(left >> 16 & 255, over >> 16 & 255, corner >> 16 & 255));
        out[at + 1] = (byte) ((pixel >> 8) - nearest(left >> 8 & 255, over >> 8 & 255, corner >> 8 & 255));
        out[at + 2] = (byte) (pixel - nearest(left & 255, over & 255, corner & 255));
        if (depth == 4) {
          out[at + 3] = (byte) ((pixel >>> 24) - nearest(left >>> 24, over >>> 24, corner >>> 24));
        }
        left = pixel;
        corner = over;
        i++;
      } while (i < end && (left != corner || pixels[i] != pixels[i - width]));
    }
  }

  private static int nearest(int left, int over, int corner) {
    int toLeft = Math.abs(over - corner);
    int toOver = Math.abs(left - corner);
    int toCorner = Math.abs(left + over - 2 * corner);
    return toLeft <= toOver && toLeft <= toCorner ? left : toOver <= toCorner ? over : corner;
  }
}
