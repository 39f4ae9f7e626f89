package org.zipthimble.core.geom;

/** Ready outlines. */
public final class Shapes {
  /**
   * Control-point distance for a quarter circle as a fraction of the radius: 4/3·(√2 − 1). The
   * curve's greatest distance from the true circle is 0.00027 of the radius.
   */
  public static final double QUARTER = 4.0 / 3.0 * (Math.sqrt(2) - 1);

  private Shapes() {}

  /** A rectangle with sharp corners, clockwise from the top left. */
  public static Path rectangle(Box b) {
    return Path.build().start(b.x(), b.y()).line(b.right(), b.y()).line(b.right(), b.bottom())
        .line(b.x(), b.bottom()).close().path();
  }

  /** A rectangle with round corners; the radius, in the box's unit, is held to half the shorter side. */
  public static Path rectangle(Box b, double radius) {
    double r = Math.min(radius, Math.min(b.width(), b.height()) / 2);
    if (r <= 0) {
      return rectangle(b);
    }
    double k = r * (1 - QUARTER);
    return Path.build()
        .start(b.x() + r, b.y()).line(b.right() - r, b.y())
        .curve(b.right() - k, b.y(), b.right(), b.y() + k, b.right(), b.y() + r)
        .line(b.right(), b.bottom() - r)
        .curve(b.right(), b.bottom() - k, b.right() - k, b.bottom(), b.right() - r, b.bottom())
        .line(b.x() + r, b.bottom())
        .curve(b.x() + k, b.bottom(), b.x(), b.bottom() - k, b.x(), b.bottom() - r)
        .line(b.x(), b.y() + r)
        .curve(b.x(), b.y() + k, b.x() + k, b.y(), b.x() + r, b.y())
        .close().path();
  }

  /** The ellipse that touches the four sides of a box, in four curves. */
  public static Path ellipse(Box b) {
    Point c = b.centre();
    double rx = b.width() / 2;
    double ry = b.height() / 2;
    double kx = rx * QUARTER;
    double ky = ry * QUARTER;
    return Path.build()
        .start(c.x(), b.y())
        .curve(c.x() + kx, b.y(), b.right(), c.y() - ky, b.right(), c.y())
        .curve(b.right(), c.y() + ky, c.x() + kx, b.bottom(), c.x(), b.bottom())
        .curve(c.x() - kx, b.bottom(), b.x(), c.y() + ky, b.x(), c.y())
        .curve(b.x(), c.y() - ky, c.x() - kx, b.y(), c.x(), b.y())
        .close().path();
  }

  /** A straight line between two places. */
  public static Path line(Point from, Point to) {
    return Path.build().start(from).line(to).path();
  }
}
