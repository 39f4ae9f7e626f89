package org.zipthimble.core.geom;

/** A place in inches, y downwards. */
public record Point(double x, double y) {
  /** The place moved by a distance in inches. */
  public Point plus(double dx, double dy) {
    return new Point(x + dx, y + dy);
  }

  /** The distance to another place in inches. */
  public double distance(Point other) {
    return Math.hypot(other.x - x, other.y - y);
  }
}
