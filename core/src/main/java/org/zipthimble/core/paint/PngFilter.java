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
    for (int y = 0; y < count; y++) {
      int from = y * width;
      boolean again = y > 0 && Arrays.equals(pixels, from, from + width, pixels, from - width, from);
      int filter = again ? UP : choose(pixels, from, y == 0);
      out[y * length] = (byte) filter;
      if (filter == PAETH) {
        guessed(pixels, from, out, y * length + 1);
      } else {
        differences(pixels, from, filter, out, y * length + 1);
      }
    }
    return out;
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

  private void differences(int[] pixels, int from, int filter, byte[] out, int begin) {
    int at = begin;
    int left = 0;
    for (int i = from; i < from + width; i++) {
      int pixel = pixels[i];
      int put = filter == UP ? less(pixel, pixels[i - width]) : filter == SUB ? less(pixel, left) : pixel;
      left = pixel;
      out[at] = (byte) (put >> 16);
      out[at + 1] = (byte) (put >> 8);
      out[at + 2] = (byte) put;
      if (depth == 4) {
        out[at + 3] = (byte) (put >>> 24);
      }
      at += depth;
    }
  }

  private void guessed(int[] pixels, int from, byte[] out, int begin) {
    for (int part = 0; part < depth; part++) {
      int shift = part == 3 ? 24 : 16 - 8 * part;
      int left = 0;
      int corner = 0;
      int at = begin + part;
      for (int i = from; i < from + width; i++) {
        int value = pixels[i] >>> shift & 255;
        int over = pixels[i - width] >>> shift & 255;
        out[at] = (byte) (value - nearest(left, over, corner));
        left = value;
        corner = over;
        at += depth;
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
