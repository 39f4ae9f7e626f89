package org.zipthimble.core.proof;

import java.awt.image.BufferedImage;

/**
 * How far two pictures of one size are apart, over all pixels and the three colours.
 *
 * @param mean the mean difference as a share of full scale
 * @param largest the largest difference as a share of full scale
 */
public record Comparison(double mean, double largest) {
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
    for (int y = 0; y < a.getHeight(); y++) {
      for (int x = 0; x < a.getWidth(); x++) {
        int one = a.getRGB(x, y);
        int other = b.getRGB(x, y);
        for (int shift = 0; shift <= 16; shift += 8) {
          int apart = Math.abs((one >> shift & 255) - (other >> shift & 255));
          sum += apart;
          largest = Math.max(largest, apart);
        }
      }
    }
    return new Comparison(sum / (3.0 * 255 * a.getWidth() * a.getHeight()), largest / 255.0);
  }
}
