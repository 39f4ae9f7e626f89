package org.zipthimble.core.thing;

import java.util.function.ToDoubleFunction;

/**
 * A figure with how far the truth may lie from it: the expanded uncertainty with coverage factor 2.2, which holds over 95 of 100 even
 * where the error of a tape is itself only guessed (JCGM 100, Guide to the Expression of Uncertainty in Measurement, 5.1.2 and 6.3).
 *
 * @param value in inches, or radians for an angle
 * @param within to each side of it
 */
public record Gauge(double value, double within) {
  /** The coverage factor. */
  private static final double COVER = 2.2;
  private static final double STEP = 1e-5;

  /** Whether it holds a figure, in its own unit. */
  public boolean holds(double truth) {
    return Math.abs(truth - value) <= within;
  }

  /**
   * What follows from readings, each with the same standard error: the law of propagation, with slopes by central differences.
   *
   * @param error the standard error of each reading, in inches
   */
  static Gauge of(double[] readings, double error, ToDoubleFunction<double[]> rule) {
    double sum = 0;
    for (int i = 0; i < readings.length; i++) {
      double[] more = readings.clone();
      double[] less = readings.clone();
      more[i] += STEP;
      less[i] -= STEP;
      double slope = (rule.applyAsDouble(more) - rule.applyAsDouble(less)) / (2 * STEP);
      sum += slope * slope * error * error;
    }
    return new Gauge(rule.applyAsDouble(readings), COVER * Math.sqrt(sum));
  }
}
