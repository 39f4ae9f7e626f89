package org.zipthimble.core.units;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.wording.Trouble;

/**
 * Reads a typed measure: numbers, mixed fractions, units and the four operations with brackets.
 * A hyphen directly between a whole number and a fraction joins them (4-3/4 is four and three
 * quarters); with spaces around it, it takes away. Two lengths beside each other add up (2ft 6in).
 */
final class SumReader {
  private static final int LONGEST_TEXT = 200;
  private static final int DEEPEST = 20;
  private static final String VULGAR = "¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
  private static final double[] VULGAR_VALUES = {
    1 / 4d, 1 / 2d, 3 / 4d, 1 / 7d, 1 / 9d, 1 / 10d, 1 / 3d, 2 / 3d, 1 / 5d, 2 / 5d, 3 / 5d, 4 / 5d, 1 / 6d, 5 / 6d,
    1 / 8d, 3 / 8d, 5 / 8d, 7 / 8d
  };
  private static final Pattern MIXED = Pattern.compile("(\\d{1,9})(?:\\s+|-)(\\d{1,9})\\s*/\\s*(\\d{1,9})(?![\\d.])");
  private static final Pattern FRACTION_OF_UNIT = Pattern.compile("(\\d{1,9})\\s*/\\s*(\\d{1,9})(?=\\s*(?:[\\p{L}&&[^x]]|[\"'″′”’]))");
  private static final Pattern VULGAR_MIXED = Pattern.compile("(\\d{0,9})\\s*([" + VULGAR + "])");
  private static final Pattern DECIMAL = Pattern.compile("\\d{1,15}(?:\\.\\d{0,15})?|\\.\\d{1,15}");
  private static final Pattern WORD = Pattern.compile("[\\p{L}%°]+|''|[\"'″′”’]");
  private static final Map<String, Double> INCHES_PER =
      Map.ofEntries(
          Map.entry("in", 1d), Map.entry("inch", 1d), Map.entry("inches", 1d), Map.entry("\"", 1d),
          Map.entry("″", 1d), Map.entry("”", 1d), Map.entry("''", 1d),
          Map.entry("ft", 12d), Map.entry("foot", 12d), Map.entry("feet", 12d), Map.entry("'", 12d),
          Map.entry("′", 12d), Map.entry("’", 12d),
          Map.entry("mm", 1 / Unit.MM_PER_INCH), Map.entry("cm", 10 / Unit.MM_PER_INCH),
          Map.entry("m", 1000 / Unit.MM_PER_INCH),
          Map.entry("pt", 1 / Unit.PT_PER_INCH), Map.entry("point", 1 / Unit.PT_PER_INCH),
          Map.entry("points", 1 / Unit.PT_PER_INCH), Map.entry("pica", 12 / Unit.PT_PER_INCH),
          Map.entry("picas", 12 / Unit.PT_PER_INCH));

  /** A value that either is a plain number or a length in inches. */
  record Value(double amount, boolean length) {
    double inches(Unit unit) {
      return length ? amount : unit.toInches(amount);
    }

    double number() {
      return amount;
    }
  }

  private final String text;
  private final boolean units;
  private final Unit plainUnit;
  private int at;
  private int depth;

  /**
   * A reader of lengths, or of plain numbers.
   *
   * @param plainUnit the unit of a length that names none; null reads plain numbers and refuses units
   */
  SumReader(String text, Unit plainUnit) {
    this.text = text == null ? "" : text.strip();
    this.units = plainUnit != null;
    this.plainUnit = plainUnit;
  }

  Value read() throws Trouble {
    if (text.isEmpty()) {
      throw Trouble.of("measure.empty");
    }
    if (text.length() > LONGEST_TEXT) {
      throw Trouble.of("measure.longText");
    }
    Value value = sum();
    skip();
    if (at < text.length()) {
      throw unreadable();
    }
    if (Double.isNaN(value.amount) || Double.isInfinite(value.amount)) {
      throw Trouble.of("measure.notFinite", text);
    }
    return value;
  }

  private Value sum() throws Trouble {
    Value left = product();
    while (true) {
      skip();
      if (taken('+')) {
        left = add(left, product(), 1);
      } else if (taken('-') || taken('−')) {
        left = add(left, product(), -1);
      } else if (left.length && at < text.length() && startsNumber(text.charAt(at))) {
        left = beside(left);
      } else {
        return left;
      }
    }
  }

  private Value beside(Value left) throws Trouble {
    Value right = product();
    if (!right.length) {
      throw unreadable();
    }
    return new Value(left.amount + right.amount, true);
  }

  private Value add(Value left, Value right, int sign) {
    if (left.length != right.length) {
      return new Value(left.inches(plainUnit) + sign * right.inches(plainUnit), true);
    }
    return new Value(left.amount + sign * right.amount, left.length);
  }

  private Value product() throws Trouble {
    Value left = signed();
    while (true) {
      skip();
      if (taken('*') || taken('×') || taken('x')) {
        left = times(left, signed());
      } else if (taken('/') || taken('÷')) {
        left = over(left, signed());
      } else {
        return left;
      }
    }
  }

  private Value times(Value left, Value right) throws Trouble {
    if (left.length && right.length) {
      throw Trouble.of("measure.area", text);
    }
    return new Value(left.amount * right.amount, left.length || right.length);
  }

  private Value over(Value left, Value right) throws Trouble {
    if (right.amount == 0) {
      throw Trouble.of("measure.byZero", text);
    }
    if (right.length) {
      throw Trouble.of("measure.ratio", text);
    }
    return new Value(left.amount / right.amount, left.length);
  }

  private Value signed() throws Trouble {
    skip();
    int sign = 1;
    while (taken('-') || taken('−')) {
      sign = -sign;
    }
    Value value = single();
    return new Value(sign * value.amount, value.length);
  }

  private Value single() throws Trouble {
    skip();
    if (taken('(')) {
      if (++depth > DEEPEST) {
        throw unreadable();
      }
      Value inner = sum();
      skip();
      if (!taken(')')) {
        throw Trouble.of("measure.bracket", text);
      }
      depth--;
      return withUnit(inner);
    }
    return withUnit(new Value(number(), false));
  }

  private double number() throws Trouble {
    Matcher fraction = FRACTION_OF_UNIT.matcher(text).region(at, text.length());
    if (units && fraction.lookingAt()) {
      at = fraction.end();
      return divided(fraction.group(1), fraction.group(2));
    }
    Matcher mixed = MIXED.matcher(text).region(at, text.length());
    if (mixed.lookingAt()) {
      at = mixed.end();
      return Double.parseDouble(mixed.group(1)) + divided(mixed.group(2), mixed.group(3));
    }
    Matcher vulgar = VULGAR_MIXED.matcher(text).region(at, text.length());
    if (vulgar.lookingAt()) {
      at = vulgar.end();
      double whole = vulgar.group(1).isEmpty() ? 0 : Double.parseDouble(vulgar.group(1));
      return whole + VULGAR_VALUES[VULGAR.indexOf(vulgar.group(2))];
    }
    Matcher decimal = DECIMAL.matcher(text).region(at, text.length());
    if (!decimal.lookingAt()) {
      throw unreadable();
    }
    at = decimal.end();
    if (at < text.length() && text.charAt(at) == ',') {
      throw Trouble.of("measure.comma", text);
    }
    return Double.parseDouble(decimal.group());
  }

  private double divided(String top, String bottom) throws Trouble {
    double by = Double.parseDouble(bottom);
    if (by == 0) {
      throw Trouble.of("measure.byZero", text);
    }
    return Double.parseDouble(top) / by;
  }

  private Value withUnit(Value value) throws Trouble {
    int before = at;
    skip();
    Matcher word = WORD.matcher(text).region(at, text.length());
    if (!word.lookingAt() || "x".equals(word.group())) {
      at = before;
      return value;
    }
    String name = word.group().toLowerCase(Locale.ROOT);
    if (!units) {
      if (!"%".equals(name) && !"°".equals(name)) {
        throw Trouble.of("measure.plainOnly", text);
      }
      at = word.end();
      return value;
    }
    Double inches = INCHES_PER.get(name);
    if (inches == null) {
      throw Trouble.of("px".equals(name) ? "measure.pixels" : "measure.unit", text, word.group());
    }
    if (value.length) {
      throw unreadable();
    }
    at = word.end();
    return new Value(value.amount * inches, true);
  }

  private static boolean startsNumber(char c) {
    return c >= '0' && c <= '9' || c == '.' || VULGAR.indexOf(c) >= 0;
  }

  private boolean taken(char wanted) {
    if (at < text.length() && text.charAt(at) == wanted) {
      at++;
      return true;
    }
    return false;
  }

  private void skip() {
    while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
      at++;
    }
  }

  private Trouble unreadable() {
    return Trouble.of(units ? "measure.unreadable" : "measure.unreadableNumber", text);
  }
}
