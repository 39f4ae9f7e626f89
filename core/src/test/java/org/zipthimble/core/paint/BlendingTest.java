package org.zipthimble.core.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.colour.Blend;

/**
 * Blend modes against the formulas of ISO 32000-1, 11.3.3 (the basic compositing formula), 11.3.5.2 (separable) and 11.3.5.3 (the others),
 * written down here a second time, and against values worked out by hand.
 */
class BlendingTest {
  private static double separable(Blend mode, double b, double s) {
    return switch (mode) {
      case NORMAL -> s;
      case MULTIPLY -> b * s;
      case SCREEN -> 1 - (1 - b) * (1 - s);
      case OVERLAY -> b <= 0.5 ? 2 * b * s : 1 - 2 * (1 - b) * (1 - s);
      case DARKEN -> Math.min(b, s);
      case LIGHTEN -> Math.max(b, s);
      case COLOR_DODGE -> b == 0 ? 0 : s == 1 ? 1 : Math.min(1, b / (1 - s));
      case COLOR_BURN -> b == 1 ? 1 : s == 0 ? 0 : 1 - Math.min(1, (1 - b) / s);
      case HARD_LIGHT -> s <= 0.5 ? 2 * b * s : 1 - 2 * (1 - b) * (1 - s);
      case SOFT_LIGHT -> {
        double d = b <= 0.25 ? ((16 * b - 12) * b + 4) * b : Math.sqrt(b);
        yield s <= 0.5 ? b - (1 - 2 * s) * b * (1 - b) : b + (2 * s - 1) * (d - b);
      }
      case DIFFERENCE -> Math.abs(b - s);
      case EXCLUSION -> b + s - 2 * b * s;
      default -> throw new IllegalArgumentException(mode + " takes a colour as one");
    };
  }

  private static double lum(double[] c) {
    return 0.3 * c[0] + 0.59 * c[1] + 0.11 * c[2];
  }

  private static double sat(double[] c) {
    return Math.max(c[0], Math.max(c[1], c[2])) - Math.min(c[0], Math.min(c[1], c[2]));
  }

  private static double[] setLum(double[] c, double l) {
    double d = l - lum(c);
    double[] out = {c[0] + d, c[1] + d, c[2] + d};
    double of = lum(out);
    double n = Math.min(out[0], Math.min(out[1], out[2]));
    double x = Math.max(out[0], Math.max(out[1], out[2]));
    for (int i = 0; i < 3; i++) {
      if (n < 0) {
        out[i] = of + (out[i] - of) * of / (of - n);
      }
      if (x > 1) {
        out[i] = of + (out[i] - of) * (1 - of) / (x - of);
      }
    }
    return out;
  }

  private static double[] setSat(double[] c, double s) {
    double n = Math.min(c[0], Math.min(c[1], c[2]));
    double[] out = new double[3];
    for (int i = 0; i < 3; i++) {
      out[i] = sat(c) == 0 ? 0 : (c[i] - n) * s / sat(c);
    }
    return out;
  }

  private static double[] mixed(Blend mode, double[] b, double[] s) {
    return switch (mode) {
      case HUE -> setLum(setSat(s, sat(b)), lum(b));
      case SATURATION -> setLum(setSat(b, sat(s)), lum(b));
      case COLOR -> setLum(s, lum(b));
      case LUMINOSITY -> setLum(b, lum(s));
      default -> new double[] {separable(mode, b[0], s[0]), separable(mode, b[1], s[1]), separable(mode, b[2], s[2])};
    };
  }

  private static double[] parts(int pixel) {
    return new double[] {(pixel >> 16 & 255) / 255.0, (pixel >> 8 & 255) / 255.0, (pixel & 255) / 255.0};
  }

  @ParameterizedTest
  @EnumSource(Blend.class)
  void everyModeFollowsItsFormula(Blend mode) {
    Random random = new Random(12);
    for (int i = 0; i < 3000; i++) {
      int top = random.nextInt();
      int under = random.nextInt();
      double opacity = i % 3 == 0 ? 1 : random.nextDouble();
      double as = (top >>> 24) / 255.0 * opacity;
      double ab = (under >>> 24) / 255.0;
      double ar = as + ab - as * ab;
      int got = new Blending(mode).over(top, under, opacity);
      assertEquals(ar * 255, got >>> 24, 0.51);
      double[] b = parts(under);
      double[] s = parts(top);
      double[] m = mixed(mode, b, s);
      for (int k = 0; k < 3 && ar > 0.02; k++) {
        double wanted = (1 - as / ar) * b[k] + as / ar * ((1 - ab) * s[k] + ab * m[k]);
        assertEquals(Math.max(0, Math.min(1, wanted)) * 255, parts(got)[k] * 255, 0.52,
            mode + " " + Integer.toHexString(top) + " over " + Integer.toHexString(under));
      }
    }
  }

  /** Worked by hand: the one over the other, both opaque, as 0xRRGGBB. */
  @ParameterizedTest
  @CsvSource({
      "MULTIPLY, 808080, 808080, 404040", "SCREEN, 808080, 808080, c0c0c0", "DARKEN, ff0000, 00ff00, 000000",
          "LIGHTEN, ff0000, 00ff00, ffff00",
      "DIFFERENCE, ffffff, 336699, cc9966", "EXCLUSION, ffffff, 336699, cc9966", "COLOR_DODGE, ffffff, 010101, ffffff",
      "COLOR_BURN, 000000, fefefe, 000000",
      "COLOR, 808080, ff0000, 4c4c4c", "LUMINOSITY, ffffff, 204060, ffffff", "HUE, 777777, ff0000, 4c4c4c",
      "NORMAL, 123456, abcdef, 123456"})
  void knownMixtures(Blend mode, String top, String under, String wanted) {
    int got = new Blending(mode).over(0xFF000000 | Integer.parseInt(top, 16), 0xFF000000 | Integer.parseInt(under, 16), 1);
    for (int shift = 0; shift < 24; shift += 8) {
      assertEquals(Integer.parseInt(wanted, 16) >> shift & 255, got >> shift & 255, 1, mode + ": " + Integer.toHexString(got));
    }
  }

  /** What has nothing below it is laid down as it is, and what is wholly see-through changes nothing, whatever the mode. */
  @ParameterizedTest
  @EnumSource(Blend.class)
  void withoutABackdropTheSourceStays(Blend mode) {
    assertEquals(0xFF204060, new Blending(mode).over(0xFF204060, 0x00FFFFFF, 1));
    assertEquals(0xFF204060, new Blending(mode).over(0x00ABCDEF, 0xFF204060, 1));
    assertEquals(0xFF204060, new Blending(mode).over(0xFFABCDEF, 0xFF204060, 0));
    assertEquals(0, new Blending(mode).over(0, 0, 1));
  }

  /**
   * A grey picture over a grey one: hue, saturation and colour leave what is below, lightness takes what is above; so black's plate is
   * mixed.
   */
  @Test
  void onThePlateOfBlackTheOtherModesChooseOne() {
    for (int below = 0; below < 256; below += 15) {
      for (int above = 0; above < 256; above += 15) {
        int b = 0xFF000000 | below * 0x010101;
        int s = 0xFF000000 | above * 0x010101;
        for (Blend mode : new Blend[] {Blend.HUE, Blend.SATURATION, Blend.COLOR}) {
          assertEquals(b, new Blending(mode).over(s, b, 1), mode + " " + above + " over " + below);
        }
        assertEquals(s, new Blending(Blend.LUMINOSITY).over(s, b, 1));
      }
    }
  }

  @Test
  void aPictureIsLaidWhereItBelongsAndNowhereElse() {
    BufferedImage under = new BufferedImage(10, 10, BufferedImage.TYPE_INT_ARGB_PRE);
    for (int i = 0; i < 100; i++) {
      under.setRGB(i % 10, i / 10, 0xFFFFFFFF);
    }
    BufferedImage top = new BufferedImage(4, 4, BufferedImage.TYPE_INT_ARGB_PRE);
    for (int i = 0; i < 16; i++) {
      top.setRGB(i % 4, i / 4, 0xFF800000);
    }
    for (int[] at : new int[][] {{3, 4}, {-2, -2}, {8, 9}, {20, 20}}) {
      BufferedImage page = new BufferedImage(10, 10, BufferedImage.TYPE_INT_ARGB_PRE);
      page.setData(under.getData());
      new Blending(Blend.MULTIPLY).lay(top, page, at[0], at[1], 1);
      int changed = 0;
      for (int y = 0; y < 10; y++) {
        for (int x = 0; x < 10; x++) {
          boolean inside = x >= at[0] && x < at[0] + 4 && y >= at[1] && y < at[1] + 4;
          assertEquals(inside ? 0xFF800000 : 0xFFFFFFFF, page.getRGB(x, y), x + ", " + y);
          changed += inside ? 1 : 0;
        }
      }
      assertTrue(changed <= 16);
    }
  }
}
