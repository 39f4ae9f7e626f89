package org.zipthimble.core.proof;

import java.awt.image.BufferedImage;
import org.zipthimble.core.picture.Pixels;

/**
 * How far two pictures of one size are apart, over all pixels and the three colours.
 *
 * @param mean the mean difference as a share of full scale
 * @param largest the largest difference as a share of full scale
 * @param local the largest difference of two small squares of {@link #SQUARE} pixels, of which the means are taken, and of which one may
 *     lie a
 *     pixel beside the other: smoothing and rounding of edges goes out in them, something that is missing does not
 */
public record Comparison(double mean, double largest, double local) {
  /** The side of the squares, in pixels. */
  public static final int SQUARE = 5;

  /**
   * Compares two pictures.
   *
   * @throws IllegalArgumentException when their sizes differ
   */
  public static Comparison of(BufferedImage a, BufferedImage b) {
    if (a.getWidth() != b.getWidth() || a.getHeight() != b.getHeight()) {
      throw new IllegalArgumentException("pictures of different sizes cannot be compared");
    }
    long sum = 0;
    int largest = 0;
    // Sums of the differences of all pixels above and left of a place, a row at a time and of the rows a square is high.
    int width = a.getWidth();
    int height = a.getHeight();
    int[] ones = new int[width];
    int[] others = new int[width];
    long[][] sums = new long[3 * (SQUARE + 1)][width + 1];
    long local = 0;
    for (int y = 0; y < height; y++) {
      long[] row = new long[3];
      int now = (y + 1) % (SQUARE + 1);
      int before = y % (SQUARE + 1);
      int above = (y + 2) % (SQUARE + 1);
      Pixels.row(a, y, ones);
      Pixels.row(b, y, others);
      for (int x = 0; x < width; x++) {
        int one = ones[x];
        int other = others[x];
        for (int shift = 0; shift <= 16; shift += 8) {
          int apart = (one >> shift & 255) - (other >> shift & 255);
          sum += Math.abs(apart);
          largest = Math.max(largest, Math.abs(apart));
          int part = shift / 8;
          row[part] += apart;
          int own = part * (SQUARE + 1);
          sums[own + now][x + 1] = sums[own + before][x + 1] + row[part];
          if (y + 1 >= SQUARE && x + 1 >= SQUARE) {
            long square = sums[own + now][x + 1] - sums[own + above][x + 1] - sums[own + now][x + 1 - SQUARE]
                + sums[own + above][x + 1 - SQUARE];
            if (Math.abs(square) > local) {
              local = Math.max(local, nearest(a, b, x + 1 - SQUARE, y + 1 - SQUARE, shift));
            }
          }
        }
      }
    }
    return new Comparison(sum / (3.0 * 255 * width * height), largest / 255.0, local / (255.0 * SQUARE * SQUARE));
  }

  /** The least difference of a square of one picture from those of the other that lie up to a pixel beside it. */
  private static long nearest(BufferedImage a, BufferedImage b, int x, int y, int shift) {
    long own = square(a, x, y, shift);
    long least = Long.MAX_VALUE;
    for (int dy = -1; dy <= 1; dy++) {
      for (int dx = -1; dx <= 1; dx++) {
        boolean inside = x + dx >= 0 && y + dy >= 0 && x + dx + SQUARE <= b.getWidth() && y + dy + SQUARE <= b.getHeight();
        least = inside ? Math.min(least, Math.abs(own - square(b, x + dx, y + dy, shift))) : least;
      }
    }
    return least;
  }

  private static long square(BufferedImage image, int x, int y, int shift) {
    int[] pixels = new int[SQUARE * SQUARE];
    Pixels.argb(image, x, y, SQUARE, SQUARE, pixels, 0);
    long sum = 0;
    for (int pixel : pixels) {
      sum += pixel >> shift & 255;
    }
    return sum;
  }
}
