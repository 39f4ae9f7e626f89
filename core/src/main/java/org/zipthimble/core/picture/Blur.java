package org.zipthimble.core.picture;

import java.util.stream.IntStream;

/**
 * Softens a field of values: three box means in each direction, close to a bell curve, and of just its variance (Gwosdek, Grewenig, Bruhn and
 * Weickert, "Theoretical Foundations of Gaussian Convolution by Extended Box Filtering", 2011; from memory).
 */
public final class Blur {
  /** Up to this radius all weights are taken at once; sums that run along are sooner done with wider boxes. */
  private static final int FEW = 1;

  /** So many columns are worked down side by side. */
  private static final int STRIP = 256;

  private Blur() {}

  /**
   * The softened field.
   *
   * @param sigma the width of the bell in pixels; nothing is done below 0.3
   */
  public static float[] soft(float[] field, int width, int height, double sigma) {
    if (sigma < 0.3) {
      return field;
    }
    // Each box has a third of the variance: r(r+1)/3 of a box of 2r+1 whole places, and the part p that its two ends count makes up for the rest.
    double third = sigma * sigma / 3;
    int radius = (int) Math.floor((Math.sqrt(12 * third + 1) - 1) / 2);
    double wide = 2 * radius + 1;
    float part = (float) (wide * (third - radius * (radius + 1) / 3.0) / (2 * ((radius + 1.0) * (radius + 1) - third)));
    return radius <= FEW ? tapped(field, width, height, kernel(radius, part)) : summed(field, width, height, radius, part);
  }

  /** The weights of three boxes one after another, from the middle to the end. */
  private static float[] kernel(int radius, float part) {
    double[] box = new double[2 * radius + 3];
    java.util.Arrays.fill(box, 1, box.length - 1, 1 / (2 * radius + 1 + 2.0 * part));
    box[0] = part / (2 * radius + 1 + 2.0 * part);
    box[box.length - 1] = box[0];
    double[] all = box;
    for (int pass = 0; pass < 2; pass++) {
      double[] more = new double[all.length + box.length - 1];
      for (int i = 0; i < all.length; i++) {
        for (int k = 0; k < box.length; k++) {
          more[i + k] += all[i] * box[k];
        }
      }
      all = more;
    }
    float[] half = new float[all.length / 2 + 1];
    for (int i = 0; i < half.length; i++) {
      half[i] = (float) all[all.length / 2 + i];
    }
    return half;
  }

  private static float[] tapped(float[] field, int width, int height, float[] kernel) {
    float[] across = new float[field.length];
    float[] out = new float[field.length];
    int reach = kernel.length - 1;
    IntStream.range(0, height).parallel().forEach(y -> {
      float[] row = new float[width + 2 * reach];
      for (int i = 0; i < row.length; i++) {
        row[i] = field[y * width + held(i - reach, width)];
      }
      int base = y * width;
      for (int x = 0; x < width; x++) {
        across[base + x] = kernel[0] * row[x + reach];
      }
      for (int k = 1; k <= reach; k++) {
        float weight = kernel[k];
        for (int x = 0; x < width; x++) {
          across[base + x] += weight * (row[x + reach - k] + row[x + reach + k]);
        }
      }
    });
    IntStream.range(0, height).parallel().forEach(y -> {
      int base = y * width;
      for (int x = 0; x < width; x++) {
        out[base + x] = kernel[0] * across[base + x];
      }
      for (int k = 1; k <= reach; k++) {
        float weight = kernel[k];
        int above = held(y - k, height) * width;
        int below = held(y + k, height) * width;
        for (int x = 0; x < width; x++) {
          out[base + x] += weight * (across[above + x] + across[below + x]);
        }
      }
    });
    return out;
  }

  private static float[] summed(float[] field, int width, int height, int radius, float part) {
    float[] a = field.clone();
    float[] b = new float[field.length];
    for (int pass = 0; pass < 3; pass++) {
      float[] from = a;
      float[] to = b;
      IntStream.range(0, height).parallel().forEach(y -> line(from, to, y * width, width, radius, part));
      int strips = (width + STRIP - 1) / STRIP;
      IntStream.range(0, strips).parallel().forEach(i -> columns(to, from, i * STRIP, Math.min(width, (i + 1) * STRIP), width, height, radius, part));
    }
    return a;
  }

  /** One mean along a row; the ends of the box count in part, and beyond the field its last value goes on. */
  private static void line(float[] in, float[] out, int base, int length, int radius, float part) {
    float weight = 2 * radius + 1 + 2 * part;
    float sum = 0;
    for (int i = -radius; i <= radius; i++) {
      sum += in[base + held(i, length)];
    }
    for (int i = 0; i < length; i++) {
      float ends = part * (in[base + held(i - radius - 1, length)] + in[base + held(i + radius + 1, length)]);
      out[base + i] = (sum + ends) / weight;
      sum += in[base + held(i + radius + 1, length)] - in[base + held(i - radius, length)];
    }
  }

  /** The same down some columns at once. */
  private static void columns(float[] in, float[] out, int left, int right, int width, int height, int radius, float part) {
    float weight = 2 * radius + 1 + 2 * part;
    float[] sums = new float[right - left];
    for (int i = -radius; i <= radius; i++) {
      int row = held(i, height) * width + left;
      for (int x = 0; x < sums.length; x++) {
        sums[x] += in[row + x];
      }
    }
    for (int y = 0; y < height; y++) {
      int before = held(y - radius - 1, height) * width + left;
      int after = held(y + radius + 1, height) * width + left;
      int leaving = held(y - radius, height) * width + left;
      int row = y * width + left;
      for (int x = 0; x < sums.length; x++) {
        out[row + x] = (sums[x] + part * (in[before + x] + in[after + x])) / weight;
        sums[x] += in[after + x] - in[leaving + x];
      }
    }
  }

  private static int held(int i, int length) {
    return i < 0 ? 0 : i >= length ? length - 1 : i;
  }
}
