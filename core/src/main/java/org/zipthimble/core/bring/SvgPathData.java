package org.zipthimble.core.bring;

import java.util.List;
import org.zipthimble.core.geom.Arcs;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;

/** The whole path grammar of SVG (W3C SVG 1.1, 8.3): all commands, relative and absolute, arcs as cubics. */
final class SvgPathData {
  private final String text;
  private final int most;
  private int at;
  private int count;
  private final Path.Builder out = Path.build();
  private Point now = new Point(0, 0);
  private Point begun = now;
  private Point lastControl = now;
  private char lastKind = ' ';
  private boolean any;

  private SvgPathData(String text, int most) {
    this.text = text;
    this.most = most;
  }

  /** The path up to the first mistake, as the standard asks (8.3.9). */
  static Path read(String text, int most) {
    SvgPathData data = new SvgPathData(text, most);
    try {
      data.commands();
    } catch (NumberFormatException mistake) {
      return data.out.path();
    }
    return data.out.path();
  }

  private void commands() {
    char command = ' ';
    while (skip()) {
      char c = text.charAt(at);
      if (Character.isLetter(c)) {
        command = c;
        at++;
        if (command == 'z' || command == 'Z') {
          close();
          continue;
        }
      } else if (command == ' ' || command == 'z' || command == 'Z') {
        throw new NumberFormatException();
      }
      if (++count > most) {
        throw new IllegalArgumentException("a path of too many places");
      }
      step(command);
      command = command == 'M' ? 'L' : command == 'm' ? 'l' : command;
    }
  }

  private void close() {
    if (any) {
      out.close();
      now = begun;
    }
    lastKind = 'Z';
  }

  private void step(char command) {
    boolean relative = Character.isLowerCase(command);
    char kind = Character.toUpperCase(command);
    if (kind != 'M' && !any) {
      throw new NumberFormatException();
    }
    if (kind != 'M' && lastKind == 'Z') {
      out.start(now);
      begun = now;
    }
    switch (kind) {
      case 'M' -> {
        now = place(relative);
        begun = now;
        out.start(now);
        any = true;
      }
      case 'L' -> line(place(relative));
      case 'H' -> line(new Point(number() + (relative ? now.x() : 0), now.y()));
      case 'V' -> line(new Point(now.x(), number() + (relative ? now.y() : 0)));
      case 'C' -> curve(place(relative), place(relative), place(relative));
      case 'S' -> curve(lastKind == 'C' || lastKind == 'S' ? mirrored() : now, place(relative), place(relative));
      case 'Q' -> quadratic(place(relative), place(relative));
      case 'T' -> quadratic(lastKind == 'Q' || lastKind == 'T' ? mirrored() : now, place(relative));
      case 'A' -> arc(relative);
      default -> throw new NumberFormatException();
    }
    lastKind = kind;
  }

  private void line(Point to) {
    out.line(to);
    now = to;
  }

  private void curve(Point first, Point second, Point to) {
    out.curve(first, second, to);
    lastControl = second;
    now = to;
  }

  private void quadratic(Point control, Point to) {
    Point first = Span.between(now, control, 2.0 / 3);
    Point second = Span.between(to, control, 2.0 / 3);
    out.curve(first, second, to);
    lastControl = control;
    now = to;
  }

  private void arc(boolean relative) {
    double rx = number();
    double ry = number();
    double turn = number();
    boolean large = flag();
    boolean sweep = flag();
    Point to = place(relative);
    List<Span> spans = Arcs.ellipse(now, rx, ry, turn, large, sweep, to);
    for (Span s : spans) {
      if (s.straight()) {
        out.line(s.to());
      } else {
        out.curve(s.first(), s.second(), s.to());
      }
    }
    now = to;
  }

  private Point mirrored() {
    return new Point(2 * now.x() - lastControl.x(), 2 * now.y() - lastControl.y());
  }

  private Point place(boolean relative) {
    double x = number();
    double y = number();
    return relative ? now.plus(x, y) : new Point(x, y);
  }

  private boolean flag() {
    skip();
    if (at >= text.length() || text.charAt(at) != '0' && text.charAt(at) != '1') {
      throw new NumberFormatException();
    }
    return text.charAt(at++) == '1';
  }

  private boolean skip() {
    while (at < text.length() && (text.charAt(at) <= ' ' || text.charAt(at) == ',')) {
      at++;
    }
    return at < text.length();
  }

  private double number() {
    skip();
    int begin = at;
    if (at < text.length() && (text.charAt(at) == '-' || text.charAt(at) == '+')) {
      at++;
    }
    digits();
    if (at < text.length() && text.charAt(at) == '.') {
      at++;
      digits();
    }
    if (at < text.length() && (text.charAt(at) == 'e' || text.charAt(at) == 'E')) {
      int mark = at++;
      if (at < text.length() && (text.charAt(at) == '-' || text.charAt(at) == '+')) {
        at++;
      }
      if (at >= text.length() || !Character.isDigit(text.charAt(at))) {
        at = mark;
      } else {
        digits();
      }
    }
    double value = Double.parseDouble(text.substring(begin, at));
    if (!(Math.abs(value) < 1e7)) {
      throw new NumberFormatException();
    }
    return value;
  }

  private void digits() {
    while (at < text.length() && Character.isDigit(text.charAt(at))) {
      at++;
    }
  }
}
