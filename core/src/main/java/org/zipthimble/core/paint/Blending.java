package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.picture.Pixels;

/** Mixes pixels by the blend modes of PDF (ISO 32000-1, 11.3.3 to 11.3.6), in the screen's RGB. */
final class Blending {
  private final Blend mode;
  private final double[] below = new double[3];
  private final double[] above = new double[3];
  private final double[] mixed = new double[3];

  Blending(Blend mode) {
    this.mode = mode;
  }

  /**
   * Lays a picture over another one.
   *
   * @param left where its left edge lies in the lower one, in pixels
   * @param opacity 0 to 1
   */
  void lay(BufferedImage top, BufferedImage under, int left, int upper, double opacity) {
    int from = Math.max(0, -left);
    int to = Math.min(top.getWidth(), under.getWidth() - left);
    if (to <= from) {
      return;
    }
    int[] row = new int[to - from];
    int[] back = new int[to - from];
    for (int y = Math.max(0, -upper); y < Math.min(top.getHeight(), under.getHeight() - upper); y++) {
      Pixels.argb(top, from, y, row.length, 1, row, 0);
      Pixels.argb(under, left + from, upper + y, row.length, 1, back, 0);
      for (int x = 0; x < row.length; x++) {
        if (row[x] >>> 24 > 0) {
          back[x] = over(row[x], back[x], opacity);
        }
      }
      under.setRGB(left + from, upper + y, row.length, 1, back, 0, row.length);
    }
  }

  /** One pixel over another, each 0xAARRGGBB and not premultiplied. */
  int over(int top, int under, double opacity) {
    double as = (top >>> 24) / 255.0 * opacity;
    double ab = (under >>> 24) / 255.0;
    double ar = as + ab - as * ab;
    if (ar <= 0) {
      return 0;
    }
    for (int i = 0; i < 3; i++) {
      above[i] = (top >> 16 - 8 * i & 255) / 255.0;
      below[i] = (under >> 16 - 8 * i & 255) / 255.0;
    }
    blend();
    int out = (int) Math.round(ar * 255) << 24;
    for (int i = 0; i < 3; i++) {
      double c = (1 - as / ar) * below[i] + as / ar * ((1 - ab) * above[i] + ab * mixed[i]);
      out |= (int) Math.round(255 * Math.max(0, Math.min(1, c))) << 16 - 8 * i;
    }
    return out;
  }

  private void blend() {
    switch (mode) {
      case HUE -> light(saturated(above, saturation(below)), luma(below));
      case SATURATION -> light(saturated(below, saturation(above)), luma(below));
      case COLOR -> light(above, luma(below));
      case LUMINOSITY -> light(below, luma(above));
      default -> {
        for (int i = 0; i < 3; i++) {
          mixed[i] = part(mode, below[i], above[i]);
        }
      }
    }
  }

  private static double part(Blend mode, double b, double s) {
    return switch (mode) {
      case MULTIPLY -> b * s;
      case SCREEN -> b + s - b * s;
      case OVERLAY -> part(Blend.HARD_LIGHT, s, b);
      case DARKEN -> Math.min(b, s);
      case LIGHTEN -> Math.max(b, s);
      case COLOR_DODGE -> b == 0 ? 0 : s >= 1 ? 1 : Math.min(1, b / (1 - s));
      case COLOR_BURN -> b >= 1 ? 1 : s <= 0 ? 0 : 1 - Math.min(1, (1 - b) / s);
      case HARD_LIGHT -> s <= 0.5 ? b * 2 * s : b + (2 * s - 1) - b * (2 * s - 1);
      case SOFT_LIGHT -> s <= 0.5 ? b - (1 - 2 * s) * b * (1 - b) : b + (2 * s - 1) * (soft(b) - b);
      case DIFFERENCE -> Math.abs(b - s);
      case EXCLUSION -> b + s - 2 * b * s;
      default -> s;
    };
  }

  private static double soft(double x) {
    return x <= 0.25 ? ((16 * x - 12) * x + 4) * x : Math.sqrt(x);
  }

  private static double luma(double[] c) {
    return 0.3 * c[0] + 0.59 * c[1] + 0.11 * c[2];
  }

  private static double saturation(double[] c) {
    return Math.max(c[0], Math.max(c[1], c[2])) - Math.min(c[0], Math.min(c[1], c[2]));
  }

  /** A colour with another saturation: its middle part keeps its place between the least and the greatest. */
  private static double[] saturated(double[] c, double wanted) {
    double least = Math.min(c[0], Math.min(c[1], c[2]));
    double span = saturation(c);
    double[] out = new double[3];
    for (int i = 0; i < 3 && span > 0; i++) {
      out[i] = (c[i] - least) * wanted / span;
    }
    return out;
  }

  /** A colour with another lightness, drawn back into range towards its grey. */
  private void light(double[] c, double wanted) {
    double d = wanted - luma(c);
    double least = 1;
    double most = 0;
    for (int i = 0; i < 3; i++) {
      mixed[i] = c[i] + d;
      least = Math.min(least, mixed[i]);
      most = Math.max(most, mixed[i]);
    }
    double l = luma(mixed);
    for (int i = 0; i < 3; i++) {
      if (least < 0) {
        mixed[i] = l + (mixed[i] - l) * l / (l - least);
      }
      if (most > 1) {
        mixed[i] = l + (mixed[i] - l) * (1 - l) / (most - l);
      }
    }
  }
}
