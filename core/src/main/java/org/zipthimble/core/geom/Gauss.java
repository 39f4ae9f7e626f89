package org.zipthimble.core.geom;

import java.util.function.DoubleUnaryOperator;

/**
 * Gauss-Legendre quadrature with 16 nodes (Abramowitz and Stegun, Handbook of Mathematical Functions,
 * table 25.4): exact for polynomials up to degree 31.
 */
final class Gauss {
  private static final double[] NODES = {
    0.0950125098376374, 0.2816035507792589, 0.4580167776572274, 0.6178762444026438,
    0.7554044083550030, 0.8656312023878318, 0.9445750230732326, 0.9894009349916499
  };
  private static final double[] WEIGHTS = {
    0.1894506104550685, 0.1826034150449236, 0.1691565193950025, 0.1495959888165767,
    0.1246289712555339, 0.0951585116824928, 0.0622535239386479, 0.0271524594117541
  };

  private Gauss() {}

  static double integral(double from, double to, DoubleUnaryOperator f) {
    double half = (to - from) / 2;
    double middle = (from + to) / 2;
    double sum = 0;
    for (int i = 0; i < NODES.length; i++) {
      sum += WEIGHTS[i] * (f.applyAsDouble(middle - half * NODES[i]) + f.applyAsDouble(middle + half * NODES[i]));
    }
    return sum * half;
  }
}
