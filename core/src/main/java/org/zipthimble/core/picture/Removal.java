package org.zipthimble.core.picture;

import java.util.stream.IntStream;

/** Takes a background colour out of a picture. */
final class Removal {
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

  /** How much of each pixel is subject: none within reach of the background's colour, all beyond the passage. */
  private void weigh() {
    double near = backdrop.near();
    double passage = Math.max(1e-6, backdrop.clean() * Math.max(near, 0.02) * 2);
    IntStream.range(0, height).parallel().forEach(y -> {
      for (int x = 0; x < width; x++) {
        int at = y * width + x;
        double share = (unlike(pixels[at], backdrop.colour().rgb()) - near) / passage;
        kept[at] = (byte) Math.round(255 * Math.max(0, Math.min(1, share)));
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
    IntStream.range(0, height).parallel().forEach(y -> {
      for (int x = 0; x < width; x++) {
        int at = y * width + x;
        boolean edge = open[at] || near(open, x, y);
        kept[at] = edge ? kept[at] : (byte) 255;
      }
    });
  }

  /** Goes on into full background; a pixel of the passage is entered and goes no farther. */
  private int visit(boolean inside, int at, boolean[] open, int[] stack, int size) {
    if (inside && !open[at] && (kept[at] & 255) < 255) {
      open[at] = true;
      if (kept[at] == 0) {
        stack[size] = at;
        return size + 1;
      }
    }
    return size;
  }

  /** Whether background lies within two pixels. */
  private boolean near(boolean[] open, int x, int y) {
    for (int dy = Math.max(0, y - 2); dy <= Math.min(height - 1, y + 2); dy++) {
      for (int dx = Math.max(0, x - 2); dx <= Math.min(width - 1, x + 2); dx++) {
        if (open[dy * width + dx] && kept[dy * width + dx] == 0) {
          return true;
        }
      }
    }
    return false;
  }

  /** Lays the shares down as opacity; of a pixel that is part background the background's colour is taken away again. */
  private void clean() {
    int back = backdrop.colour().rgb();
    IntStream.range(0, height).parallel().forEach(y -> {
      for (int x = 0; x < width; x++) {
        int at = y * width + x;
        int share = kept[at] & 255;
        if (share < 255) {
          int alpha = (pixels[at] >>> 24) * share / 255;
          int rgb = share == 0 ? pixels[at] & 0xFFFFFF : parted(pixels[at], back, share);
          pixels[at] = alpha << 24 | rgb;
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
