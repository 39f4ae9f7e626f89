package org.zipthimble.core.picture;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Softens a field of values: three box means in each direction, close to a bell curve, and of just its variance (Gwosdek, Grewenig, Bruhn
 * and Weickert, "Theoretical Foundations of Gaussian Convolution by Extended Box Filtering", 2011; from memory).
 */
public final class Blur {
  /** Below this nothing is done. */
  private static final double LEAST = 0.3;

  /** Up to this radius all weights are taken at once; sums that run along are sooner done with wider boxes. */
  private static final int FEW = 1;

  /** So many columns are worked down side by side. */
  private static final int STRIP = 256;

  /** So many rows are softened one after another. */
  private static final int BAND = 64;

  /** A field of values, asked for by its rows, from several threads at once. */
  @FunctionalInterface
  interface Rows {
    /** Lays the values of one row down, as many as the field is wide. */
    void row(int y, float[] into);
  }

  private Blur() {}

  /**
   * The softened field.
   *
   * @param sigma the width of the bell in pixels; nothing is done below 0.3
   */
  public static float[] soft(float[] field, int width, int height, double sigma) {
    return sigma < LEAST ? field : soft((y, into) -> System.arraycopy(field, y * width, into, 0, width), width, height, sigma);
  }

  /**
   * The same of a field that is made row by row.
   *
   * @param sigma the width of the bell in pixels; below 0.3 the field is given back as it is
   */
  static float[] soft(Rows field, int width, int height, double sigma) {
    if (sigma < LEAST) {
      return whole(field, width, height);
    }
    // Each box has a third of the variance: r(r+1)/3 of a box of 2r+1 whole places, and the part p that its two ends count makes up for
    // the rest.
    double third = sigma * sigma / 3;
    int radius = (int) Math.floor((Math.sqrt(12 * third + 1) - 1) / 2);
    double wide = 2 * radius + 1;
    float part = (float) (wide * (third - radius * (radius + 1) / 3.0) / (2 * ((radius + 1.0) * (radius + 1) - third)));
    return radius <= FEW ? tapped(field, width, height, kernel(radius, part))
        : summed(whole(field, width, height), width, height, radius, part);
  }

  private static float[] whole(Rows field, int width, int height) {
    float[] out = new float[width * height];
    IntStream.range(0, height).parallel().forEach(y -> {
      float[] row = new float[width];
      field.row(y, row);
      System.arraycopy(row, 0, out, y * width, width);
    });
    return out;
  }

  /** The weights of three boxes one after another, from the middle to the end. */
  private static float[] kernel(int radius, float part) {
    double[] box = new double[2 * radius + 3];
    Arrays.fill(box, 1, box.length - 1, 1 / (2 * radius + 1 + 2.0 * part));
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

  /**
   * Whole rows are softened across when they are needed for the first time, and go down the field together: they are still near at hand
   * then.
   */
  private static float[] tapped(Rows field, int width, int height, float[] kernel) {
    float[] out = new float[width * height];
    int bands = (height + BAND - 1) / BAND;
    IntStream.range(0, bands).parallel()
        .forEach(i -> new Band(field, width, height, kernel).soften(i * BAND, Math.min(height, (i + 1) * BAND), out));
    return out;
  }

  /** Some rows that follow one another, and those about them that reach into them. */
  private static final class Band {
    private final Rows field;
    private final int width;
    private final int height;
    private final float[] kernel;
    private final int reach;
    private final float[] raw;
    private final float[] wide;
    private final float[] shifted;
    private final float[][] across;

    Band(Rows field, int width, int height, float[] kernel) {
      this.field = field;
      this.width = width;
      this.height = height;
      this.kernel = kernel;
      this.reach = kernel.length - 1;
      this.raw = new float[width];
      this.wide = new float[width + 2 * reach];
      this.shifted = new float[width];
      this.across = new float[2 * reach + 1][width];
    }

    void soften(int top, int bottom, float[] out) {
      float[] soft = new float[width];
      for (int y = top - reach; y < top + reach; y++) {
        across(y);
      }
      for (int y = top; y < bottom; y++) {
        across(y + reach);
        weigh(soft, row(y), kernel[0], false);
        for (int k = 1; k <= reach; k++) {
          weigh(soft, row(y - k), kernel[k], true);
          weigh(soft, row(y + k), kernel[k], true);
        }
        System.arraycopy(soft, 0, out, y * width, width);
      }
    }

    private float[] row(int y) {
      return across[Math.floorMod(y, across.length)];
    }

    private void across(int y) {
      field.row(held(y, height), raw);
      System.arraycopy(raw, 0, wide, reach, width);
      Arrays.fill(wide, 0, reach, raw[0]);
      Arrays.fill(wide, reach + width, wide.length, raw[width - 1]);
      float[] into = row(y);
      weigh(into, raw, kernel[0], false);
      for (int k = 1; k <= reach; k++) {
        System.arraycopy(wide, reach - k, shifted, 0, width);
        weigh(into, shifted, kernel[k], true);
        System.arraycopy(wide, reach + k, shifted, 0, width);
        weigh(into, shifted, kernel[k], true);
      }
    }

    /** One array beside the other, place by place: so the compiler takes several at once. */
    private static void weigh(float[] into, float[] from, float weight, boolean more) {
      if (more) {
        for (int x = 0; x < into.length; x++) {
          into[x] += weight * from[x];
        }
      } else {
        for (int x = 0; x < into.length; x++) {
          into[x] = weight * from[x];
        }
      }
    }
  }

  private static float[] summed(float[] a, int width, int height, int radius, float part) {
    float[] b = new float[a.length];
    for (int pass = 0; pass < 3; pass++) {
      float[] from = a;
      float[] to = b;
      IntStream.range(0, height).parallel().forEach(y -> line(from, to, y * width, width, radius, part));
      int strips = (width + STRIP - 1) / STRIP;
      IntStream.range(0, strips).parallel()
          .forEach(i -> columns(to, from, i * STRIP, Math.min(width, (i + 1) * STRIP), width, height, radius, part));
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
