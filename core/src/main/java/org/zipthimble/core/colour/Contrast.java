package org.zipthimble.core.colour;

import java.util.stream.IntStream;

/** How far two colours stand apart in light (W3C Web Content Accessibility Guidelines 2.2, "relative luminance" and "contrast ratio"). */
public final class Contrast {
  /** The least for words that are read with ease (success criterion 1.4.3). */
  public static final double LEAST = 4.5;

  /** The least for large words. */
  public static final double LEAST_LARGE = 3;

  /** From this size on words are large, in points; bold ones sooner. */
  public static final double LARGE_PT = 18;

  /** From this size on bold words are large, in points. */
  public static final double LARGE_BOLD_PT = 14;

  /** Each value of a part of a colour, as light. */
  private static final double[] LINEAR = IntStream.range(0, 256).mapToDouble(Contrast::linear).toArray();

  private Contrast() {}

  /** From 1, alike, to 21, black on white. */
  public static double ratio(Colour a, Colour b) {
    return ratio(luminance(a), luminance(b));
  }

  /** The same of the light of two colours, 0 to 1 each. */
  public static double ratio(double one, double two) {
    return (Math.max(one, two) + 0.05) / (Math.min(one, two) + 0.05);
  }

  /** The light of a colour of sRGB, 0 for black to 1 for white. */
  public static double luminance(Colour colour) {
    return luminance(colour.red() << 16 | colour.green() << 8 | colour.blue());
  }

  /** The same of a pixel, 0xRRGGBB; what stands above that counts for nothing. */
  public static double luminance(int rgb) {
    return 0.2126 * LINEAR[rgb >> 16 & 255] + 0.7152 * LINEAR[rgb >> 8 & 255] + 0.0722 * LINEAR[rgb & 255];
  }

  private static double linear(int part) {
    double v = part / 255.0;
    return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
  }

  /** The least ratio for words of a size. */
  public static double least(double sizePt, boolean bold) {
    return sizePt >= LARGE_PT || bold && sizePt >= LARGE_BOLD_PT ? LEAST_LARGE : LEAST;
  }
}
