package org.zipthimble.practice.machine;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Reads plotter language order by order as it comes in. Orders are two letters and figures, ended by a semicolon, by
 * the next order's letters or by the end. What is no such order is told, not obeyed; a limit holds for each order.
 */
public final class OrderReader {
  private static final int LONGEST = 400_000;

  private final InputStream in;
  private int ahead = -2;

  /** Reads from a stream. */
  public OrderReader(InputStream in) {
    this.in = in;
  }

  /**
   * The next order.
   *
   * @return empty at the end
   * @throws Nonsense when what comes is no order; reading can go on
   */
  public Optional<CutterOrder> next() throws IOException, Nonsense {
    int c = read();
    while (c >= 0 && (c == ';' || c <= ' ')) {
      c = read();
    }
    if (c < 0) {
      return Optional.empty();
    }
    int second = read();
    if (!letter(c) || !letter(second)) {
      skip();
      throw new Nonsense(printable(c) + printable(second));
    }
    String word = ("" + (char) c + (char) second).toUpperCase(java.util.Locale.ROOT);
    StringBuilder text = new StringBuilder();
    c = read();
    while (c >= 0 && c != ';' && !letter(c)) {
      if (text.length() > LONGEST) {
        skip();
        throw new Nonsense(word);
      }
      text.append((char) c);
      c = read();
    }
    if (letter(c)) {
      ahead = c;
    }
    return Optional.of(new CutterOrder(word, figures(word, text.toString())));
  }

  private static List<Double> figures(String word, String text) throws Nonsense {
    List<Double> out = new ArrayList<>();
    for (String part : text.split("[,\\s]+")) {
      if (!part.isEmpty()) {
        try {
          double value = Double.parseDouble(part);
          if (!(Math.abs(value) < 1e9)) {
            throw new Nonsense(word + part);
          }
          out.add(value);
        } catch (NumberFormatException e) {
          throw new Nonsense(word + part);
        }
      }
    }
    return out;
  }

  private void skip() throws IOException {
    int c = read();
    for (int i = 0; c >= 0 && c != ';' && i < LONGEST; i++) {
      c = read();
    }
  }

  private int read() throws IOException {
    if (ahead != -2) {
      int c = ahead;
      ahead = -2;
      return c;
    }
    return in.read();
  }

  private static boolean letter(int c) {
    return c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z';
  }

  private static String printable(int c) {
    return c > ' ' && c < 127 ? String.valueOf((char) c) : "?";
  }

  /** Something that is no order. */
  public static final class Nonsense extends Exception {
    private static final long serialVersionUID = 1L;

    Nonsense(String what) {
      super(what.length() > 20 ? what.substring(0, 20) : what);
    }
  }
}
