package org.zipthimble.core.colour;

/**
 * A colour of CIELAB (ISO/CIE 11664-4) under the light of the ICC profile connection space, D50.
 *
 * @param l lightness, 0 to 100
 * @param a green (below 0) to red
 * @param b blue (below 0) to yellow
 */
public record Lab(double l, double a, double b) {
  /** The lightness below which a colour may be taken for black. */
  private static final double NEARLY_BLACK = 15;

  /** The white of the connection space (ISO 15076-1, 7.2.16). */
  static final double[] WHITE = {0.9642, 1.0, 0.8249};

  /** Linear sRGB (IEC 61966-2-1) to XYZ, adapted from D65 to D50 by Bradford's matrix (ISO 15076-1, annex E). */
  private static final double[][] TO_XYZ = {
    {0.4360747, 0.3850649, 0.1430804}, {0.2225045, 0.7168786, 0.0606169}, {0.0139322, 0.0971045, 0.7141733}
  };

  private static final double[][] FROM_XYZ = {
    {3.1338561, -1.6168667, -0.4906146}, {-0.9787684, 1.9161415, 0.0334540}, {0.0719453, -0.2289914, 1.4052427}
  };

  private static final double LOW = 216.0 / 24389;
  private static final double STEEP = 24389.0 / 27;

  /** Checks that the figures are numbers. */
  public Lab {
    if (!Double.isFinite(l) || !Double.isFinite(a) || !Double.isFinite(b)) {
      throw new IllegalArgumentException("not a colour of Lab: " + l + ", " + a + ", " + b);
    }
  }

  /** A colour of sRGB as Lab. */
  public static Lab of(Colour colour) {
    return ofXyz(xyz(colour.red() / 255.0, colour.green() / 255.0, colour.blue() / 255.0));
  }

  /** XYZ of a colour of sRGB, its parts 0 to 1. */
  static double[] xyz(double red, double green, double blue) {
    return times(TO_XYZ, linear(red), linear(green), linear(blue));
  }

  static Lab ofXyz(double[] xyz) {
    double x = bent(xyz[0] / WHITE[0]);
    double y = bent(xyz[1] / WHITE[1]);
    double z = bent(xyz[2] / WHITE[2]);
    return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
  }

  double[] toXyz() {
    double y = (l + 16) / 116;
    return new double[] {WHITE[0] * straight(y + a / 500), WHITE[1] * straight(y), WHITE[2] * straight(y - b / 200)};
  }

  /** The nearest colour of sRGB: parts out of its range are cut off. */
  public Colour colour() {
    double[] rgb = rgb();
    return new Colour(part(rgb[0]), part(rgb[1]), part(rgb[2]));
  }

  /** Whether sRGB holds this colour, within half a step of 255. */
  public boolean withinRgb() {
    for (double v : rgb()) {
      if (v < -0.5 / 255 || v > 1 + 0.5 / 255) {
        return false;
      }
    }
    return true;
  }

  private double[] rgb() {
    double[] xyz = toXyz();
    double[] lin = times(FROM_XYZ, xyz[0], xyz[1], xyz[2]);
    return new double[] {curved(lin[0]), curved(lin[1]), curved(lin[2])};
  }

  private static int part(double value) {
    return (int) Math.round(255 * Math.max(0, Math.min(1, value)));
  }

  private static double[] times(double[][] m, double x, double y, double z) {
    double[] out = new double[3];
    for (int i = 0; i < 3; i++) {
      out[i] = m[i][0] * x + m[i][1] * y + m[i][2] * z;
    }
    return out;
  }

  static double linear(double v) {
    return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
  }

  private static double curved(double v) {
    return v <= 0.0031308 ? v * 12.92 : 1.055 * Math.pow(v, 1 / 2.4) - 0.055;
  }

  private static double bent(double t) {
    return t > LOW ? Math.cbrt(t) : (STEEP * t + 16) / 116;
  }

  private static double straight(double f) {
    double cube = f * f * f;
    return cube > LOW ? cube : (116 * f - 16) / STEEP;
  }

  /** Whether it is so dark that black with depth may stand for it. */
  public boolean nearlyBlack() {
    return l < NEARLY_BLACK;
  }
}
