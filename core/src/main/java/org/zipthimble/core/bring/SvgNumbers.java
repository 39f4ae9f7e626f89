package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;

/** Numbers, lengths and transforms of SVG (W3C SVG 1.1, 4.2 and 7.6). */
final class SvgNumbers {
  private static final Pattern NUMBER = Pattern.compile("[+-]?(?:\\d++(?:\\.\\d*+)?+|\\.\\d++)(?:[eE][+-]?\\d++)?+");
  private static final Pattern LENGTH = Pattern.compile("\\s*+(" + NUMBER.pattern() + ")\\s*(px|in|mm|cm|pt|pc|q|em|ex|%)?+\\s*+",
      Pattern.CASE_INSENSITIVE);
  private static final List<String> TRANSFORMS = List.of("matrix", "translate", "scale", "rotate", "skewX", "skewY");
  private static final double MOST = 1e7;

  private SvgNumbers() {}

  static List<Double> all(String text) {
    List<Double> out = new ArrayList<>();
    Matcher m = NUMBER.matcher(text);
    while (m.find()) {
      out.add(held(Double.parseDouble(m.group())));
    }
    return out;
  }

  private static double held(double value) {
    if (!(Math.abs(value) <= MOST)) {
      throw new IllegalArgumentException("a figure too large: " + value);
    }
    return value;
  }

  /** A length in inches; empty where its unit is none of a ruler's. */
  static OptionalDouble inches(String text) {
    Matcher m = LENGTH.matcher(text == null ? "" : text);
    if (!m.matches() || m.group(2) == null) {
      return OptionalDouble.empty();
    }
    double value = held(Double.parseDouble(m.group(1)));
    return switch (m.group(2).toLowerCase(java.util.Locale.ROOT)) {
      case "in" -> OptionalDouble.of(value);
      case "mm" -> OptionalDouble.of(value / 25.4);
      case "cm" -> OptionalDouble.of(value / 2.54);
      case "q" -> OptionalDouble.of(value / 101.6);
      case "pt" -> OptionalDouble.of(value / 72);
      case "pc" -> OptionalDouble.of(value / 6);
      default -> OptionalDouble.empty();
    };
  }

  /** A length in user units, a pixel being one of them; per cents of a whole. */
  static double units(String text, double usual, double whole) {
    Matcher m = LENGTH.matcher(text == null ? "" : text);
    if (!m.matches()) {
      return usual;
    }
    double value = held(Double.parseDouble(m.group(1)));
    String unit = m.group(2) == null ? "px" : m.group(2).toLowerCase(java.util.Locale.ROOT);
    OptionalDouble inches = inches(text);
    return inches.isPresent() ? inches.getAsDouble() * 96
        : unit.equals("%") ? value / 100 * whole : unit.equals("em") ? value * 16 : unit.equals("ex") ? value * 8 : value;
  }

  static Affine transform(String text) {
    Affine map = Affine.IDENTITY;
    String all = text == null ? "" : text;
    // One step forward through the text, whatever it holds.
    int from = 0;
    for (int open = all.indexOf('('); open >= 0; open = all.indexOf('(', from)) {
      int close = all.indexOf(')', open);
      if (close < 0) {
        break;
      }
      String before = all.substring(from, open).strip();
      Optional<String> word = TRANSFORMS.stream().filter(before::endsWith).findFirst();
      if (word.isPresent()) {
        map = one(word.get(), all(all.substring(all.lastIndexOf('(', close) + 1, close))).then(map);
      }
      from = close + 1;
    }
    return map;
  }

  private static Affine one(String word, List<Double> n) {
    double a = n.isEmpty() ? 0 : n.get(0);
    double b = n.size() > 1 ? n.get(1) : 0;
    return switch (word) {
      case "matrix" -> n.size() < 6 ? Affine.IDENTITY : new Affine(n.get(0), n.get(1), n.get(2), n.get(3), n.get(4), n.get(5));
      case "translate" -> Affine.move(a, b);
      case "scale" -> Affine.scale(a, n.size() > 1 ? b : a);
      case "rotate" -> Affine.turn(a, n.size() > 2 ? new Point(b, n.get(2)) : new Point(0, 0));
      case "skewX" -> new Affine(1, 0, Math.tan(Math.toRadians(a)), 1, 0, 0);
      default -> new Affine(1, Math.tan(Math.toRadians(a)), 0, 1, 0, 0);
    };
  }
}
