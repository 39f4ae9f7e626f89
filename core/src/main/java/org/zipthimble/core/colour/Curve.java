package org.zipthimble.core.colour;

/** A curve of one channel, from 0 to 1 to about 0 to 1. */
interface Curve {
  /** Leaves everything as it is. */
  Curve STRAIGHT = v -> v;

  double at(double v);

  /** Through evenly spaced values, straight between them (ISO 15076-1, 10.6). */
  static Curve through(double[] values) {
    return v -> {
      double place = Math.max(0, Math.min(1, v)) * (values.length - 1);
      int low = Math.min((int) place, Math.max(0, values.length - 2));
      double share = place - low;
      return share == 0 ? values[low] : values[low] + share * (values[low + 1] - values[low]);
    };
  }

  /** A power. */
  static Curve power(double gamma) {
    return v -> Math.pow(Math.max(0, v), gamma);
  }

  /**
   * A curve by figures (ISO 15076-1, 10.18, table 68).
   *
   * @param kind 0 to 4
   * @param p its figures, in the order g, a, b, c, d, e, f
   */
  static Curve figures(int kind, double[] p) {
    return switch (kind) {
      case 0 -> power(p[0]);
      case 1 -> v -> v >= -p[2] / p[1] ? raised(p, v) : 0;
      case 2 -> v -> v >= -p[2] / p[1] ? raised(p, v) + p[3] : p[3];
      case 3 -> v -> v >= p[4] ? raised(p, v) : p[3] * v;
      default -> v -> v >= p[4] ? raised(p, v) + p[5] : p[3] * v + p[6];
    };
  }

  private static double raised(double[] p, double v) {
    return Math.pow(Math.max(0, p[1] * v + p[2]), p[0]);
  }
}
