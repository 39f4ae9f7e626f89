package org.zipthimble.core.geom;

import com.fasterxml.jackson.core.io.NumberInput;
import java.util.function.DoubleFunction;

/** Paths as text: the absolute M, L, C and Z of the SVG path grammar (W3C SVG 1.1, 8.3). */
public final class PathText {
  /** So many numbers has a curve. */
  private static final int MOST_NUMBERS = 6;

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
    return new Reading(text).path();
  }

  /** Goes through a text from token to token. */
  private static final class Reading {
    private final String text;
    private final Path.Builder out = Path.build();
    private final double[] numbers = new double[MOST_NUMBERS];
    private int count;
    private int at;

    Reading(String text) {
      this.text = text;
    }

    Path path() {
      char command = ' ';
      boolean wanting = false;
      int begin = token();
      while (begin < text.length()) {
        char first = text.charAt(begin);
        if (first == 'M' || first == 'L' || first == 'C' || first == 'Z') {
          if (wanting || count > 0) {
            throw new IllegalArgumentException("a path with places missing");
          }
          at = begin + 1;
          command = first;
          wanting = command != 'Z';
          if (command == 'Z') {
            out.close();
          }
        } else {
          number(begin);
          place(command);
          wanting &= count > 0;
        }
        begin = token();
      }
      if (wanting || count > 0 || !text.substring(at).isBlank()) {
        throw new IllegalArgumentException("not a path of M, L, C and Z");
      }
      return out.path();
    }

    /** Where the next token begins: behind spaces and at most one comma. */
    private int token() {
      int begin = spaces(at);
      return begin < text.length() && text.charAt(begin) == ',' ? spaces(begin + 1) : begin;
    }

    private int spaces(int from) {
      int i = from;
      while (i < text.length() && (text.charAt(i) == ' ' || text.charAt(i) >= '\t' && text.charAt(i) <= '\r')) {
        i++;
      }
      return i;
    }

    private int digits(int from) {
      int i = from;
      while (i < text.length() && text.charAt(i) >= '0' && text.charAt(i) <= '9') {
        i++;
      }
      return i;
    }

    private boolean stands(int i, char one, char other) {
      return i < text.length() && (text.charAt(i) == one || text.charAt(i) == other);
    }

    private void number(int begin) {
      int whole = stands(begin, '-', '-') ? begin + 1 : begin;
      int end = digits(whole);
      if (end == whole) {
        throw new IllegalArgumentException("not a path of M, L, C and Z");
      }
      int part = stands(end, '.', '.') ? digits(end + 1) : end;
      end = part > end + 1 ? part : end;
      if (stands(end, 'e', 'E')) {
        int power = stands(end + 1, '-', '-') ? end + 2 : end + 1;
        int after = digits(power);
        end = after > power ? after : end;
      }
      numbers[count++] = NumberInput.parseDouble(text.substring(begin, end), true);
      at = end;
    }

    private void place(char command) {
      if (command == ' ' || command == 'Z') {
        throw new IllegalArgumentException("a path with a number in the wrong place");
      }
      if (count < (command == 'C' ? MOST_NUMBERS : 2)) {
        return;
      }
      switch (command) {
        case 'M' -> out.start(numbers[0], numbers[1]);
        case 'L' -> out.line(numbers[0], numbers[1]);
        default -> out.curve(numbers[0], numbers[1], numbers[2], numbers[3], numbers[4], numbers[5]);
      }
      count = 0;
    }
  }

  private static StringBuilder put(StringBuilder out, Point p, DoubleFunction<String> figure) {
    return out.append(figure.apply(p.x())).append(' ').append(figure.apply(p.y()));
  }

  private static String number(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e9 ? String.valueOf((long) value) : String.valueOf(value);
  }
}
