package org.zipthimble.core.geom;

/** A straight-line map: x' = a·x + c·y + e, y' = b·x + d·y + f. Turns are in degrees, clockwise on the screen. */
public record Affine(double a, double b, double c, double d, double e, double f) {
  /** Leaves everything where it is. */
  public static final Affine IDENTITY = new Affine(1, 0, 0, 1, 0, 0);

  /** Moves by a distance in the unit of what is mapped, inches as a rule. */
  public static Affine move(double dx, double dy) {
    return new Affine(1, 0, 0, 1, dx, dy);
  }

  /** Scales about the origin by two factors; a negative one mirrors. */
  public static Affine scale(double sx, double sy) {
    return new Affine(sx, 0, 0, sy, 0, 0);
  }

  /** Turns by degrees about a place, clockwise as seen with y downwards. Quarter turns are exact. */
  public static Affine turn(double degrees, Point about) {
    double quarters = degrees / 90;
    double cos;
    double sin;
    if (quarters == Math.rint(quarters)) {
      int quarter = Math.floorMod((long) quarters, 4);
      cos = quarter == 0 ? 1 : quarter == 2 ? -1 : 0;
      sin = quarter == 1 ? 1 : quarter == 3 ? -1 : 0;
    } else {
      cos = Math.cos(Math.toRadians(degrees));
      sin = Math.sin(Math.toRadians(degrees));
    }
    return move(-about.x(), -about.y()).then(new Affine(cos, sin, -sin, cos, 0, 0)).then(move(about.x(), about.y()));
  }

  /** This map, and the other one after it. */
  public Affine then(Affine o) {
    return new Affine(
        o.a * a + o.c * b, o.b * a + o.d * b,
        o.a * c + o.c * d, o.b * c + o.d * d,
        o.a * e + o.c * f + o.e, o.b * e + o.d * f + o.f);
  }

  /** Where a place comes to lie. */
  public Point apply(Point p) {
    return new Point(a * p.x() + c * p.y() + e, b * p.x() + d * p.y() + f);
  }

  /** The smallest upright box around a mapped box. */
  public Box apply(Box box) {
    return Box.around(box.corners().stream().map(this::apply).toList());
  }

  /** How much areas grow, as a factor; negative when it mirrors. */
  public double determinant() {
    return a * d - b * c;
  }

  /** The length scale, a factor of 0 or more: the square root of the area scale. */
  public double meanScale() {
    return Math.sqrt(Math.abs(determinant()));
  }

  /**
   * The map that undoes this one.
   *
   * @throws IllegalArgumentException when everything is squeezed onto a line
   */
  public Affine inverse() {
    double det = determinant();
    if (det == 0 || !Double.isFinite(det)) {
      throw new IllegalArgumentException("this map cannot be undone: " + this);
    }
    return new Affine(d / det, -b / det, -c / det, a / det, (c * f - d * e) / det, (b * e - a * f) / det);
  }
}
