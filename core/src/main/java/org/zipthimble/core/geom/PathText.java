package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Paths as text: the absolute M, L, C and Z of the SVG path grammar (W3C SVG 1.1, 8.3). */
public final class PathText {
  private static final Pattern TOKEN = Pattern.compile("\\s*,?\\s*([MLCZ]|-?\\d+(?:\\.\\d+)?(?:[eE]-?\\d+)?)");

  private PathText() {}

  /** Writes a path so that reading gives the very same places again. */
  public static String write(Path path) {
    return write(path, PathText::number);
  }

  /** Writes a path with its figures as a format gives them. */
  public static String write(Path path, DoubleFunction<String> figure) {
    StringBuilder out = new StringBuilder();
    Segment.Visitor<StringBuilder> visitor =
        new Segment.Visitor<>() {
          @Override
          public StringBuilder start(Point to) {
            return put(out.append("M"), to, figure);
          }

          @Override
          public StringBuilder line(Point to) {
            return put(out.append("L"), to, figure);
          }

          @Override
          public StringBuilder curve(Point first, Point second, Point to) {
            return put(put(put(out.append("C"), first, figure).append(' '), second, figure).append(' '), to, figure);
          }

          @Override
          public StringBuilder close() {
            return out.append("Z");
          }
        };
    path.segments().forEach(s -> s.accept(visitor));
    return out.toString();
  }

  /**
   * Reads a path.
   *
   * @throws IllegalArgumentException when the text is not such a path
   */
  public static Path read(String text) {
    Path.Builder out = Path.build();
    Matcher matcher = TOKEN.matcher(text);
    int at = 0;
    char command = ' ';
    boolean wanting = false;
    List<Double> numbers = new ArrayList<>();
    while (matcher.find(at) && matcher.start() == at) {
      at = matcher.end();
      String token = matcher.group(1);
      if (Character.isLetter(token.charAt(0))) {
        if (wanting || !numbers.isEmpty()) {
          throw new IllegalArgumentException("a path with places missing");
        }
        command = token.charAt(0);
        wanting = command != 'Z';
        if (command == 'Z') {
          out.close();
        }
      } else {
        numbers.add(Double.parseDouble(token));
        place(out, command, numbers);
        wanting &= !numbers.isEmpty();
      }
    }
    if (wanting || !numbers.isEmpty() || !text.substring(at).isBlank()) {
      throw new IllegalArgumentException("not a path of M, L, C and Z");
    }
    return out.path();
  }

  private static void place(Path.Builder out, char command, List<Double> n) {
    int needed = command == 'C' ? 6 : 2;
    if (command == ' ' || command == 'Z') {
      throw new IllegalArgumentException("a path with a number in the wrong place");
    }
    if (n.size() < needed) {
      return;
    }
    switch (command) {
      case 'M' -> out.start(n.get(0), n.get(1));
      case 'L' -> out.line(n.get(0), n.get(1));
      default -> out.curve(n.get(0), n.get(1), n.get(2), n.get(3), n.get(4), n.get(5));
    }
    n.clear();
  }

  private static StringBuilder put(StringBuilder out, Point p, DoubleFunction<String> figure) {
    return out.append(figure.apply(p.x())).append(' ').append(figure.apply(p.y()));
  }

  private static String number(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e9 ? String.valueOf((long) value) : String.valueOf(value);
  }
}
