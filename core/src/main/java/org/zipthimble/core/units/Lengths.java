package org.zipthimble.core.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** Lengths as people type and read them. All lengths inside the program are inches. */
public final class Lengths {
  /** The longest length that can be typed, in inches. */
  public static final double LONGEST = 10_000;

  private static final int FINEST_FRACTION = 64;
  private static final double NEAR = 1e-7;

  private Lengths() {}

  /**
   * Reads a length: {@code 4.75}, {@code 4 3/4}, {@code 4-3/4"}, {@code 4¾}, {@code 120 mm}, {@code 2ft 6in}, or a sum.
   *
   * @param unit the unit of a number that names none
   * @return inches, between -{@link #LONGEST} and {@link #LONGEST}
   * @throws Trouble with a sentence that says what cannot be read
   */
  public static double parse(String text, Unit unit) throws Trouble {
    double inches = new SumReader(text, unit).read().inches(unit);
    if (!(Math.abs(inches) <= LONGEST)) {
      throw Trouble.of("length.tooLong", text.strip(), showWithSign(LONGEST, Unit.INCH));
    }
    return inches;
  }

  /**
   * Reads a plain number, or a sum of them, within a range.
   *
   * @throws Trouble with a sentence that names the range
   */
  public static double parseNumber(String text, double least, double most) throws Trouble {
    double value = new SumReader(text, null).read().number();
    if (!(value >= least && value <= most)) {
      throw Trouble.of("number.range", text.strip(), plain(least, 4), plain(most, 4));
    }
    return value;
  }

  /** A length without its unit's sign: inches as a fraction where one fits, else as a decimal. */
  public static String show(double inches, Unit unit) {
    return switch (unit) {
      case INCH -> showInches(inches);
      case MILLIMETRE -> plain(unit.fromInches(inches), 3);
      case POINT -> plain(unit.fromInches(inches), 2);
    };
  }

  /** A length, given in inches, in a unit with the unit's sign. */
  public static String showWithSign(double inches, Unit unit) {
    return show(inches, unit) + " " + unit.sign();
  }

  /** A size with its unit's sign. */
  public static String show(Size size, Unit unit) {
    return Wording.text("size.pair", show(size.width(), unit), show(size.height(), unit), unit.sign());
  }

  /** A number with at most the given decimals and no trailing zeros, the same in every locale. */
  public static String plain(double value, int decimals) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }

  private static String showInches(double inches) {
    double size = Math.abs(inches);
    double parts = size * FINEST_FRACTION;
    long whole = Math.round(parts);
    if (Math.abs(parts - whole) > NEAR * FINEST_FRACTION) {
      return plain(inches, 4);
    }
    String minus = inches < 0 && whole != 0 ? "-" : "";
    long inchPart = whole / FINEST_FRACTION;
    long top = whole % FINEST_FRACTION;
    if (top == 0) {
      return minus + inchPart;
    }
    long bottom = FINEST_FRACTION;
    while (top % 2 == 0) {
      top /= 2;
      bottom /= 2;
    }
    return minus + (inchPart == 0 ? "" : inchPart + " ") + top + "/" + bottom;
  }
}
