package org.zipthimble.core.geom;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.units.Insets;

/** An upright rectangle in inches, y downwards; width and height are zero or more. */
public record Box(double x, double y, double width, double height) {
  /** Checks that it is finite and not inside out. */
  public Box {
    if (!(width >= 0) || !(height >= 0) || !Double.isFinite(x + y + width + height)) {
      throw new IllegalArgumentException("not a box: " + x + ", " + y + ", " + width + " x " + height);
    }
  }

  /** The box between two opposite corners, in any order. */
  public static Box between(Point a, Point b) {
    return new Box(Math.min(a.x(), b.x()), Math.min(a.y(), b.y()), Math.abs(a.x() - b.x()), Math.abs(a.y() - b.y()));
  }

  /** The smallest box that holds all points; at least one is needed. */
  public static Box around(List<Point> points) {
    double left = points.stream().mapToDouble(Point::x).min().orElseThrow();
    double right = points.stream().mapToDouble(Point::x).max().orElseThrow();
    double top = points.stream().mapToDouble(Point::y).min().orElseThrow();
    double bottom = points.stream().mapToDouble(Point::y).max().orElseThrow();
    return new Box(left, top, right - left, bottom - top);
  }

  /** The x of the right side, in the box's unit, inches as a rule. */
  public double right() {
    return x + width;
  }

  /** The y of the lower side, in the box's unit, inches as a rule. */
  public double bottom() {
    return y + height;
  }

  /** The middle. */
  public Point centre() {
    return new Point(x + width / 2, y + height / 2);
  }

  /** The box with a border, in its own unit, added on every side; a negative border takes away, down to nothing. */
  public Box grown(double border) {
    double w = Math.max(0, width + 2 * border);
    double h = Math.max(0, height + 2 * border);
    return new Box(x + (width - w) / 2, y + (height - h) / 2, w, h);
  }

  /** What two boxes share; empty when they do not meet. */
  public Optional<Box> meet(Box other) {
    double left = Math.max(x, other.x);
    double top = Math.max(y, other.y);
    double right = Math.min(right(), other.right());
    double bottom = Math.min(bottom(), other.bottom());
    return left <= right && top <= bottom ? Optional.of(new Box(left, top, right - left, bottom - top)) : Optional.empty();
  }

  /** The smallest box that holds both. */
  public Box union(Box other) {
    return between(
        new Point(Math.min(x, other.x), Math.min(y, other.y)),
        new Point(Math.max(right(), other.right()), Math.max(bottom(), other.bottom())));
  }

  /** Whether the place is inside or on the edge. */
  public boolean contains(Point p) {
    return p.x() >= x && p.x() <= right() && p.y() >= y && p.y() <= bottom();
  }

  /** Whether the other box lies inside, or on the edge, within a tolerance in inches. */
  public boolean contains(Box other, double tolerance) {
    return other.x >= x - tolerance && other.y >= y - tolerance
        && other.right() <= right() + tolerance && other.bottom() <= bottom() + tolerance;
  }

  /** The four corners, clockwise from the top left. */
  public List<Point> corners() {
    return List.of(new Point(x, y), new Point(right(), y), new Point(right(), bottom()), new Point(x, bottom()));
  }

  /** The same reaching farther out on each side. */
  public Box grown(Insets by) {
    return new Box(x - by.left(), y - by.top(), width + by.left() + by.right(), height + by.top() + by.bottom());
  }

  /** The same drawn in on each side. */
  public Box shrunk(Insets by) {
    return new Box(x + by.left(), y + by.top(), width - by.left() - by.right(), height - by.top() - by.bottom());
  }
}
