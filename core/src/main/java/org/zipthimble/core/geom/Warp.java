package org.zipthimble.core.geom;

/** A map of the plane that bends straight lines; smooth, and undone by {@link #back}. */
public interface Warp {
  /** How far apart in inches the places are by which the slopes are told. */
  double NEAR = 1e-6;

  /** Where a place comes to lie. */
  Point there(Point p);

  /** Where a place came from. */
  Point back(Point p);

  /** The straight map that is nearest to this one about a place, by central differences. */
  default Affine about(Point p) {
    Point left = there(p.plus(-NEAR, 0));
    Point right = there(p.plus(NEAR, 0));
    Point above = there(p.plus(0, -NEAR));
    Point below = there(p.plus(0, NEAR));
    double a = (right.x() - left.x()) / (2 * NEAR);
    double b = (right.y() - left.y()) / (2 * NEAR);
    double c = (below.x() - above.x()) / (2 * NEAR);
    double d = (below.y() - above.y()) / (2 * NEAR);
    Point at = there(p);
    return new Affine(a, b, c, d, at.x() - a * p.x() - c * p.y(), at.y() - b * p.x() - d * p.y());
  }
}
