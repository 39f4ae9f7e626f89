package org.zipthimble.core.picture;

/** Softens a field of values: three box means in each direction, close to a bell curve. */
public final class Blur {
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
    // The variance of three boxes of 2r+1 is ((2r+1)² - 1) / 4.
    double wanted = (Math.sqrt(4 * sigma * sigma + 1) - 1) / 2;
    int radius = (int) Math.floor(wanted);
    float part = (float) (wanted - radius);
    float[] a = field.clone();
    float[] b = new float[field.length];
    for (int pass = 0; pass < 3; pass++) {
      lines(a, b, width, height, 1, width, radius, part);
      lines(b, a, height, width, width, 1, radius, part);
    }
    return a;
  }

  /** One mean along lines; the ends of the box count in part, and beyond the field its last value goes on. */
  private static void lines(float[] in, float[] out, int length, int count, int step, int stride, int radius, float part) {
    float weight = 2 * radius + 1 + 2 * part;
    for (int line = 0; line < count; line++) {
      int base = line * stride;
      float sum = 0;
      for (int i = -radius; i <= radius; i++) {
        sum += in[base + held(i, length) * step];
      }
      for (int i = 0; i < length; i++) {
        float ends = part * (in[base + held(i - radius - 1, length) * step] + in[base + held(i + radius + 1, length) * step]);
        out[base + i * step] = (sum + ends) / weight;
        sum += in[base + held(i + radius + 1, length) * step] - in[base + held(i - radius, length) * step];
      }
    }
  }

  private static int held(int i, int length) {
    return i < 0 ? 0 : i >= length ? length - 1 : i;
  }
}
