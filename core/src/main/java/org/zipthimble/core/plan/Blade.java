package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How the cutter is set.
 *
 * @param name of the blade in the person's words
 * @param pressure in grams, 1 to 5000
 * @param speed in inches per second, above zero to 100
 * @param passes how often each line is cut, 1 to 20
 * @param overcut how far a closed cut goes on past its beginning, in inches; 0 to 0.5
 * @param trail how far the blade's edge trails behind the middle of its holder, in inches; 0 to 0.1
 */
@RecordBuilder
public record Blade(String name, double pressure, double speed, int passes, double overcut, double trail) implements BladeBuilder.With {
  /** The highest pressure, in grams. */
  public static final double MOST_PRESSURE = 5000;

  /** The highest speed, in inches a second. */
  public static final double MOST_SPEED = 100;

  /** The most times one after another. */
  public static final int MOST_PASSES = 20;

  /** The longest overcut, in inches. */
  public static final double MOST_OVERCUT = 0.5;

  /** The farthest that a blade trails, in inches. */
  public static final double MOST_TRAIL = 0.1;

  /** Usual figures for thin vinyl (common practice, no source). */
  public static final Blade FINE = new Blade("fine point", 110, 8, 1, 1.0 / 32, 0.01);

  /** Checks the ranges. */
  public Blade {
    boolean sound = pressure >= 1 && pressure <= MOST_PRESSURE && speed > 0 && speed <= MOST_SPEED && passes >= 1 && passes <= MOST_PASSES
        && overcut >= 0 && overcut <= MOST_OVERCUT && trail >= 0 && trail <= MOST_TRAIL;
    if (name == null || !sound) {
      throw new IllegalArgumentException("a blade's figures are out of range: " + pressure + ", " + speed + ", " + passes);
    }
  }

  /** The same with other settings of the machine: pressure in grams, speed in inches per second, how many passes. */
  public Blade set(String other, double grams, double inchesPerSecond, int times) {
    return withName(other).withPressure(grams).withSpeed(inchesPerSecond).withPasses(times);
  }

  /** The same with another overcut and trail, in inches. */
  public Blade reaching(double past, double behind) {
    return withOvercut(past).withTrail(behind);
  }
}
