package org.zipthimble.core.picture;

import java.util.stream.IntStream;

/** Tones, a named look and a tint, laid on pixel by pixel: the same at every size of the picture. */
final class Grading {
  /** The eye's weights of red, green and blue (ITU-R BT.709). */
  private static final double RED = 0.2126;

  private static final double GREEN = 0.7152;
  private static final double BLUE = 0.0722;

  private final Retouch retouch;
  private final int[] own;
  private final int[] looked;
  private final int[] tints = new int[256];
  private final int[] shares = new int[256];
  private final int strength;

  Grading(Retouch retouch) {
    this.retouch = retouch;
    this.own = curves(retouch.tones());
    this.looked = curves(retouch.look().tones());
    this.strength = (int) Math.round(retouch.strength() * 256);
    for (int i = 0; i < 256; i++) {
      double level = i / 255.0;
      int tint = 0;
      for (int shift = 16; shift >= 0; shift -= 8) {
        tint |= (int) Math.round(retouch.look().tint(shift, level)) << shift;
      }
      tints[i] = tint;
      shares[i] = (int) Math.round(retouch.look().share(level) * 256);
    }
  }

  /** Whether anything is changed at all. */
  static boolean needed(Retouch retouch) {
    return retouch.tint().isPresent() || !retouch.tones().equals(Tones.NONE) || retouch.look() != PictureLook.NONE
        && retouch.strength() > 0;
  }

  /** Changes pixels of 0xAARRGGBB, not premultiplied. */
  void apply(int[] pixels) {
    int chunk = 65_536;
    int chunks = (pixels.length + chunk - 1) / chunk;
    IntStream.range(0, chunks).parallel().forEach(c -> {
      int last = 0;
      int made = of(0);
      for (int i = c * chunk; i < Math.min(pixels.length, (c + 1) * chunk); i++) {
        int rgb = pixels[i] & 0xFFFFFF;
        if (rgb != last) {
          last = rgb;
          made = of(rgb);
        }
        pixels[i] = pixels[i] & 0xFF000000 | made;
      }
    });
  }

  /** The colour that a colour becomes. */
  int of(int rgb) {
    if (retouch.tint().isPresent()) {
      return retouch.tint().get().rgb();
    }
    int toned = toned(rgb, own, retouch.tones().saturation());
    if (retouch.look() == PictureLook.NONE || strength == 0) {
      return toned;
    }
    int look = toned(toned, looked, retouch.look().tones().saturation());
    int level = (int) Math.round(luma(look >> 16 & 255, look >> 8 & 255, look & 255));
    int full = mixed(look, tints[level], shares[level]);
    return mixed(toned, full, strength);
  }

  /** From a to b by 0 to 256 parts. */
  private static int mixed(int a, int b, int share) {
    int out = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int from = a >> shift & 255;
      out |= from + ((b >> shift & 255) - from) * share / 256 << shift;
    }
    return out;
  }

  private static double luma(double r, double g, double b) {
    return RED * r + GREEN * g + BLUE * b;
  }

  private static int toned(int rgb, int[] curves, double saturation) {
    double r = curves[rgb >> 16 & 255];
    double g = curves[256 + (rgb >> 8 & 255)];
    double b = curves[512 + (rgb & 255)];
    if (saturation != 0) {
      double grey = luma(r, g, b);
      double more = saturation < 0 ? 1 + saturation : 1 + 1.5 * saturation;
      r = grey + (r - grey) * more;
      g = grey + (g - grey) * more;
      b = grey + (b - grey) * more;
    }
    return part(r) << 16 | part(g) << 8 | part(b);
  }

  private static int part(double v) {
    return (int) Math.round(Math.max(0, Math.min(255, v)));
  }

  /** Brightness bends the curve and leaves black and white; contrast turns it about the middle; warmth parts red and blue. */
  private static int[] curves(Tones t) {
    int[] out = new int[768];
    double bend = Math.pow(2, -t.brightness());
    double hard = t.contrast() < 0 ? 1 + t.contrast() : 1 + 2 * t.contrast();
    for (int channel = 0; channel < 3; channel++) {
      double gain = channel == 0 ? 1 + 0.2 * t.warmth() : channel == 2 ? 1 - 0.2 * t.warmth() : 1;
      for (int i = 0; i < 256; i++) {
        double v = Math.pow(i / 255.0, bend);
        v = ((v - 0.5) * hard + 0.5) * gain;
        out[256 * channel + i] = part(255 * v);
      }
    }
    return out;
  }
}
