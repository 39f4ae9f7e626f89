package org.zipthimble.core.nest;

/**
 * How pieces may lie.
 *
 * @param gap between pieces, in inches
 * @param step pieces may be turned by whole multiples of this, in degrees
 * @param free whether any turn is allowed
 * @param millis how long to look for something better, in milliseconds
 * @param seed the same seed and the same work give the same way of searching
 */
public record Rules(double gap, double step, boolean free, long millis, long seed) {
  /** Checks the figures. */
  public Rules {
    if (!(gap >= 0 && gap <= 5) || !(step > 0 && step <= 360) || millis < 0) {
      throw new IllegalArgumentException("nesting rules are out of range: " + gap + ", " + step + ", " + millis);
    }
  }
}
