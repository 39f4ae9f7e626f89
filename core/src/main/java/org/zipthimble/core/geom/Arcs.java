package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;

/** Arcs of circles and ellipses as cubic curves. */
public final class Arcs {
  private Arcs() {}

  /**
   * An arc of a circle in parts of at most 45 degrees; the deviation is below 5e-6 of the radius.
   *
   * @param fromDegrees where it begins, from the x axis, clockwise as seen with y downwards
   * @param sweepDegrees how far it goes; below zero the other way
   */
  public static List<Span> arc(Point centre, double radius, double fromDegrees, double sweepDegrees) {
    int parts = Math.max(1, (int) Math.ceil(Math.abs(sweepDegrees) / 45 - 1e-9));
    double step = Math.toRadians(sweepDegrees) / parts;
    double k = 4.0 / 3 * Math.tan(step / 4) * radius;
    List<Span> spans = new ArrayList<>(parts);
    double angle = Math.toRadians(fromDegrees);
    for (int i = 0; i < parts; i++) {
      double next = angle + step;
      Point a = centre.plus(radius * Math.cos(angle), radius * Math.sin(angle));
      Point b = centre.plus(radius * Math.cos(next), radius * Math.sin(next));
      spans.add(Span.curve(
          a, a.plus(-Math.sin(angle) * k, Math.cos(angle) * k), b.plus(Math.sin(next) * k, -Math.cos(next) * k), b));
      angle = next;
    }
    return spans;
  }

  /**
   * The elliptical arc of the SVG path grammar, by its end points (W3C SVG 1.1, appendix F.6.5 and F.6.6).
   *
   * @param turnDegrees the turn of the ellipse's x axis
   */
  public static List<Span> ellipse(Point from, double rx, double ry, double turnDegrees, boolean large, boolean sweep, Point to) {
    double a = Math.abs(rx);
    double b = Math.abs(ry);
    if (a == 0 || b == 0 || from.equals(to)) {
      return List.of(Span.line(from, to));
    }
    double phi = Math.toRadians(turnDegrees);
    double cos = Math.cos(phi);
    double sin = Math.sin(phi);
    double dx = (from.x() - to.x()) / 2;
    double dy = (from.y() - to.y()) / 2;
    double x1 = cos * dx + sin * dy;
    double y1 = -sin * dx + cos * dy;
    double over = x1 * x1 / (a * a) + y1 * y1 / (b * b);
    if (over > 1) {
      a *= Math.sqrt(over);
      b *= Math.sqrt(over);
    }
    double under = a * a * y1 * y1 + b * b * x1 * x1;
    double root = Math.sqrt(Math.max(0, (a * a * b * b - under) / under)) * (large == sweep ? -1 : 1);
    double cx = root * a * y1 / b;
    double cy = -root * b * x1 / a;
    double begin = Math.atan2((y1 - cy) / b, (x1 - cx) / a);
    double end = Math.atan2((-y1 - cy) / b, (-x1 - cx) / a);
    double turn = end - begin;
    if (sweep && turn < 0) {
      turn += 2 * Math.PI;
    } else if (!sweep && turn > 0) {
      turn -= 2 * Math.PI;
    }
    Affine place = Affine.scale(a, b).then(new Affine(cos, sin, -sin, cos, 0, 0)).then(
        Affine.move(cos * cx - sin * cy + (from.x() + to.x()) / 2, sin * cx + cos * cy + (from.y() + to.y()) / 2));
    List<Span> spans = new ArrayList<>();
    for (Span span : arc(new Point(0, 0), 1, Math.toDegrees(begin), Math.toDegrees(turn))) {
      spans.add(span.mapped(place));
    }
    int last = spans.size() - 1;
    spans.set(0, spans.get(0).between(from, spans.get(0).to()));
    spans.set(last, spans.get(last).between(spans.get(last).from(), to));
    return spans;
  }
}
