package org.zipthimble.core.job;

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
  /** Usual figures for thin vinyl (common practice, no source). */
  public static final Blade FINE = new Blade("fine point", 110, 8, 1, 1.0 / 32, 0.01);

  /** Checks the ranges. */
  public Blade {
    boolean sound = pressure >= 1 && pressure <= 5000 && speed > 0 && speed <= 100 && passes >= 1 && passes <= 20
        && overcut >= 0 && overcut <= 0.5 && trail >= 0 && trail <= 0.1;
    if (name == null || !sound) {
      throw new IllegalArgumentException("a blade's figures are out of range: " + pressure + ", " + speed + ", " + passes);
    }
  }

  /** The same with other settings of the machine. */
  public Blade set(String other, double grams, double inchesPerSecond, int times) {
    return withName(other).withPressure(grams).withSpeed(inchesPerSecond).withPasses(times);
  }

  /** The same with another overcut and trail. */
  public Blade reaching(double past, double behind) {
    return withOvercut(past).withTrail(behind);
  }
}
