package org.zipthimble.core.units;

/**
 * A unit that lengths are shown and typed in. Conversions come from the definitions: 1 in = 25.4 mm
 * (international inch), 1 pt = 1/72 in (ISO 32000).
 */
public enum Unit {
  /** Inches, shown with fractions down to sixty-fourths. */
  INCH("in", 1),
  /** Millimetres. */
  MILLIMETRE("mm", 25.4),
  /** Points of 1/72 inch. */
  POINT("pt", 72);

  /** Millimetres in an inch, by definition. */
  public static final double MM_PER_INCH = 25.4;

  /** Points in an inch, by definition. */
  public static final double PT_PER_INCH = 72;

  private final String sign;
  private final double perInch;

  Unit(String sign, double perInch) {
    this.sign = sign;
    this.perInch = perInch;
  }

  /** The sign written after a value. */
  public String sign() {
    return sign;
  }

  /** How many of this unit make an inch. */
  public double perInch() {
    return perInch;
  }

  /** A value in this unit, in inches. */
  public double toInches(double value) {
    return value / perInch;
  }

  /** A value in inches, in this unit. */
  public double fromInches(double inches) {
    return inches * perInch;
  }
}
