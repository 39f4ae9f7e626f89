package org.zipthimble.practice.machine;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a practice cutter is set up.
 *
 * @param width of the mat in inches, 1 to 100
 * @param height of the mat in inches, 1 to 2000
 * @param margin along every edge that the blade cannot reach, in inches
 * @param blade its name
 * @param pressure in grams, where the program that sends says nothing
 * @param speed in inches per second, where the program that sends says nothing
 * @param acceleration in inches per second squared
 * @param material how many inches of the mat's height are covered with material
 * @param hurry how many times faster than a real machine it works; 0 for at once
 */
@RecordBuilder
public record Setup(
    double width, double height, double margin, String blade, double pressure, double speed, double acceleration, double material,
    double hurry) implements SetupBuilder.With {
  /** A mat of 12 x 12 in. */
  public static final Setup USUAL = new Setup(12, 12, 0.25, "fine point", 110, 8, 40, 12, 10);

  /** Checks the figures. */
  public Setup {
    boolean sound = width >= 1 && width <= 100 && height >= 1 && height <= 2000 && margin >= 0 && margin < Math.min(width, height) / 2
        && pressure > 0 && speed > 0 && acceleration > 0 && material >= 0 && hurry >= 0;
    if (!sound || blade == null) {
      throw new IllegalArgumentException("a cutter's set-up is out of range");
    }
  }

  /** The same with another mat, covered whole. */
  public Setup mat(double wide, double high) {
    return withWidth(wide).withHeight(high).withMaterial(high);
  }

  /** The same with another blade and how it goes. */
  public Setup going(String name, double grams, double inchesPerSecond, double perSecondSquared) {
    return withBlade(name).withPressure(grams).withSpeed(inchesPerSecond).withAcceleration(perSecondSquared);
  }
}
