package org.zipthimble.core.shape;

import org.zipthimble.core.geom.CornerLook;

/**
 * One figure of a ready shape.
 *
 * @param name names it in the wording and in the job file
 * @param usual what a new shape begins with; of a length, as a part of the shorter side
 */
public record Setting(String name, Measured measured, double least, double most, double usual) {
  /** What a figure is. */
  public enum Measured {
    /** Inches. */
    LENGTH,
    /** A whole number. */
    COUNT,
    /** Degrees. */
    ANGLE,
    /** A part of a whole, shown in percent. */
    PART,
    /** One of the corner looks, by its place in {@link CornerLook}. */
    CORNER
  }

  static Setting length(String name, double usual) {
    return new Setting(name, Measured.LENGTH, 0, 10_000, usual);
  }

  static Setting count(String name, double least, double most, double usual) {
    return new Setting(name, Measured.COUNT, least, most, usual);
  }

  static Setting angle(String name, double least, double most, double usual) {
    return new Setting(name, Measured.ANGLE, least, most, usual);
  }

  static Setting part(String name, double least, double most, double usual) {
    return new Setting(name, Measured.PART, least, most, usual);
  }

  static Setting corner(String name) {
    return new Setting(name, Measured.CORNER, 0, CornerLook.values().length - 1, 0);
  }

  /** The value brought into range; whole where it counts. */
  public double held(double value) {
    double in = Math.max(least, Math.min(most, value));
    return measured == Measured.COUNT || measured == Measured.CORNER ? Math.rint(in) : in;
  }
}
