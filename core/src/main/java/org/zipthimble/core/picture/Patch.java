package org.zipthimble.core.picture;

/**
 * Fills what was rubbed out with the colours around it: each level of a pyramid is the mean of what is known below it, and what
 * is not known takes the value of the level above (pull and push, Gortler and others 1996, from memory).
 */
final class Patch {
  /** What is filled is smooth; a picture of this many pixels holds it. */
  private static final int MOST = 1_000_000;

  private Patch() {}

  /**
   * Fills in place.
   *
   * @param pixels of 0xAARRGGBB
   * @param gone how much of each pixel was rubbed out, 0 to 255
   */
  static void fill(int[] pixels, byte[] gone, int width, int height) {
    int step = 1;
    while ((long) (width / step) * (height / step) > MOST) {
      step *= 2;
    }
    Level level = Level.known(pixels, gone, width, height, step);
    level.fill();
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int at = y * width + x;
        int share = gone[at] & 255;
        if (share > 0) {
          pixels[at] = 0xFF000000 | mixed(pixels[at], level.at((x + 0.5) / step - 0.5, (y + 0.5) / step - 0.5), share);
        }
      }
    }
  }

  private static int mixed(int own, int fill, int share) {
    int out = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int a = own >> shift & 255;
      out |= a + ((fill >> shift & 255) - a) * share / 255 << shift;
    }
    return out;
  }

  /** Colours times weight, and weight; 1 for what is known. */
  private static final class Level {
    private final int width;
    private final int height;
    private final float[] sums;

    Level(int width, int height) {
      this.width = width;
      this.height = height;
      this.sums = new float[4 * width * height];
    }

    static Level known(int[] pixels, byte[] gone, int width, int height, int step) {
      Level out = new Level(Math.max(1, (width + step - 1) / step), Math.max(1, (height + step - 1) / step));
      float[] counts = new float[out.width * out.height];
      for (int y = 0; y < height; y++) {
        for (int x = 0; x < width; x++) {
          int at = y * width + x;
          int to = y / step * out.width + x / step;
          counts[to]++;
          if (gone[at] == 0 && pixels[at] >>> 24 > 127) {
            out.add(to, pixels[at] >> 16 & 255, pixels[at] >> 8 & 255, pixels[at] & 255, 1);
          }
        }
      }
      for (int i = 0; i < counts.length; i++) {
        // A cell that is rubbed out in part counts by what is left of it.
        for (int c = 0; c < 4 && counts[i] > 0; c++) {
          out.sums[4 * i + c] /= counts[i];
        }
      }
      return out;
    }

    private void add(int to, float r, float g, float b, float weight) {
      sums[4 * to] += r * weight;
      sums[4 * to + 1] += g * weight;
      sums[4 * to + 2] += b * weight;
      sums[4 * to + 3] += weight;
    }

    /** Gives every cell a weight of 1. */
    void fill() {
      if (width == 1 && height == 1) {
        if (sums[3] == 0) {
          add(0, 255, 255, 255, 1);
        }
        whole(0);
        return;
      }
      Level above = new Level((width + 1) / 2, (height + 1) / 2);
      for (int y = 0; y < height; y++) {
        for (int x = 0; x < width; x++) {
          for (int c = 0; c < 4; c++) {
            above.sums[4 * (y / 2 * above.width + x / 2) + c] += sums[4 * (y * width + x) + c];
          }
        }
      }
      for (int i = 0; i < above.width * above.height; i++) {
        float weight = above.sums[4 * i + 3];
        for (int c = 0; c < 4 && weight > 1; c++) {
          above.sums[4 * i + c] /= weight;
        }
      }
      above.fill();
      for (int y = 0; y < height; y++) {
        for (int x = 0; x < width; x++) {
          int to = y * width + x;
          float lacking = 1 - sums[4 * to + 3];
          if (lacking > 0) {
            above.onto(this, to, (x + 0.5) / 2 - 0.5, (y + 0.5) / 2 - 0.5, lacking);
          }
          whole(to);
        }
      }
    }

    private void whole(int at) {
      float weight = sums[4 * at + 3];
      for (int c = 0; c < 4 && weight > 0; c++) {
        sums[4 * at + c] /= weight;
      }
    }

    private void onto(Level below, int to, double x, double y, float weight) {
      for (int i = 0; i < 4; i++) {
        int at = corner(x, y, i);
        below.add(to, sums[at], sums[at + 1], sums[at + 2], weight * share(x, y, i));
      }
    }

    private int corner(double x, double y, int i) {
      int cx = Math.max(0, Math.min(width - 1, (int) Math.floor(x) + i % 2));
      int cy = Math.max(0, Math.min(height - 1, (int) Math.floor(y) + i / 2));
      return 4 * (cy * width + cx);
    }

    private static float share(double x, double y, int i) {
      double right = x - Math.floor(x);
      double low = y - Math.floor(y);
      return (float) ((i % 2 == 0 ? 1 - right : right) * (i < 2 ? 1 - low : low));
    }

    int at(double x, double y) {
      float r = 0;
      float g = 0;
      float b = 0;
      for (int i = 0; i < 4; i++) {
        int at = corner(x, y, i);
        float share = share(x, y, i);
        r += sums[at] * share;
        g += sums[at + 1] * share;
        b += sums[at + 2] * share;
      }
      return part(r) << 16 | part(g) << 8 | part(b);
    }

    private static int part(float v) {
      return Math.max(0, Math.min(255, Math.round(v)));
    }
  }
}
