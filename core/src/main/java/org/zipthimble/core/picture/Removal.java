package org.zipthimble.core.picture;

import java.util.stream.IntStream;

/** Takes a background colour out of a picture. */
final class Removal {
  /** How many pixels beside the background may be part background. */
  private static final int BESIDE = 2;

  /** The largest distance there is, black to white. */
  private static final double FARTHEST = Math.sqrt(9 * 255.0 * 255.0);

  private final Backdrop backdrop;
  private final int width;
  private final int height;
  private final int[] pixels;
  private final byte[] kept;

  private Removal(Backdrop backdrop, int[] pixels, int width, int height) {
    this.backdrop = backdrop;
    this.pixels = pixels;
    this.width = width;
    this.height = height;
    this.kept = new byte[pixels.length];
  }

  /** Changes pixels of 0xAARRGGBB in place: the background becomes see-through, and its share in the edges is taken out. */
  static void apply(Backdrop backdrop, int[] pixels, int width, int height) {
    Removal removal = new Removal(backdrop, pixels, width, height);
    removal.weigh();
    if (backdrop.connected()) {
      removal.keepIslands();
    }
    removal.clean();
  }

  /** How unlike two colours are, by the eye's weights of red, green and blue, 0 to 1 (common practice, no source). */
  static double unlike(int rgb, int other) {
    double dr = (rgb >> 16 & 255) - (other >> 16 & 255);
    double dg = (rgb >> 8 & 255) - (other >> 8 & 255);
    double db = (rgb & 255) - (other & 255);
    return Math.sqrt(2 * dr * dr + 4 * dg * dg + 3 * db * db) / FARTHEST;
  }

  /** All within reach of the background's colour goes, all else is kept. */
  private void weigh() {
    IntStream.range(0, height).parallel().forEach(y -> {
      for (int x = 0; x < width; x++) {
        int at = y * width + x;
        kept[at] = (byte) (unlike(pixels[at], backdrop.colour().rgb()) > backdrop.near() ? 255 : 0);
      }
    });
  }

  /** What does not hang together with the picture's edge by way of background is kept whole. */
  private void keepIslands() {
    boolean[] open = new boolean[pixels.length];
    int[] stack = new int[Math.max(64, 4 * (width + height))];
    int size = 0;
    for (int i = 0; i < 2 * (width + height); i++) {
      int x = i < width ? i : i < 2 * width ? i - width : (i - 2 * width) < height ? 0 : width - 1;
      int y = i < width ? 0 : i < 2 * width ? height - 1 : (i - 2 * width) % height;
      int at = y * width + x;
      if (kept[at] == 0 && !open[at]) {
        open[at] = true;
        stack[size++] = at;
      }
    }
    while (size > 0) {
      int at = stack[--size];
      int x = at % width;
      if (size + 4 > stack.length) {
        stack = java.util.Arrays.copyOf(stack, stack.length * 2);
      }
      size = visit(x > 0, at - 1, open, stack, size);
      size = visit(x < width - 1, at + 1, open, stack, size);
      size = visit(at >= width, at - width, open, stack, size);
      size = visit(at < pixels.length - width, at + width, open, stack, size);
    }
    for (int at = 0; at < open.length; at++) {
      kept[at] = (byte) (open[at] ? 0 : 255);
    }
  }

  private int visit(boolean inside, int at, boolean[] open, int[] stack, int size) {
    if (inside && !open[at] && kept[at] == 0) {
      open[at] = true;
      stack[size] = at;
      return size + 1;
    }
    return size;
  }

  /**
   * How much of a pixel beside the background is subject: how unlike the background it is, against the most unlike one near it,
   * which is subject alone.
   */
  private int share(int x, int y) {
    double most = 0;
    for (int dy = Math.max(0, y - BESIDE); dy <= Math.min(height - 1, y + BESIDE); dy++) {
      for (int dx = Math.max(0, x - BESIDE); dx <= Math.min(width - 1, x + BESIDE); dx++) {
        int at = dy * width + dx;
        most = kept[at] == 0 ? most : Math.max(most, unlike(pixels[at], backdrop.colour().rgb()));
      }
    }
    double own = unlike(pixels[y * width + x], backdrop.colour().rgb());
    double share = most <= 0 ? 1 : Math.min(1, own / most);
    return (int) Math.round(255 * (1 + backdrop.clean() * (share - 1)));
  }

  /** The shares of a row: nothing of the background, all of the subject but for what lies beside the background. */
  private void shares(int y, byte[] out) {
    int[] zeros = new int[width + 2 * BESIDE + 1];
    for (int dy = Math.max(0, y - BESIDE); dy <= Math.min(height - 1, y + BESIDE); dy++) {
      for (int x = 0; x < width; x++) {
        zeros[x + BESIDE] += kept[dy * width + x] == 0 ? 1 : 0;
      }
    }
    int near = 0;
    for (int x = 0; x < 2 * BESIDE; x++) {
      near += zeros[x];
    }
    for (int x = 0; x < width; x++) {
      near += zeros[x + 2 * BESIDE];
      int at = y * width + x;
      out[at] = (byte) (kept[at] == 0 ? 0 : near == 0 ? 255 : share(x, y));
      near -= zeros[x];
    }
  }

  /** Lays the shares down as opacity; of a pixel that is part background the background's colour is taken away again. */
  private void clean() {
    int back = backdrop.colour().rgb();
    byte[] shares = new byte[pixels.length];
    IntStream.range(0, height).parallel().forEach(y -> shares(y, shares));
    IntStream.range(0, height).parallel().forEach(y -> {
      for (int at = y * width; at < (y + 1) * width; at++) {
        int share = shares[at] & 255;
        if (share < 255) {
          int rgb = share == 0 ? pixels[at] & 0xFFFFFF : parted(pixels[at], back, share);
          pixels[at] = (pixels[at] >>> 24) * share / 255 << 24 | rgb;
        }
      }
    });
  }

  private static int parted(int rgb, int back, int share) {
    int out = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int b = back >> shift & 255;
      int own = b + ((rgb >> shift & 255) - b) * 255 / share;
      out |= Math.max(0, Math.min(255, own)) << shift;
    }
    return out;
  }
}
