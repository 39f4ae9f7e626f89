package org.zipthimble.core.view;

/**
 * A flat ring or disc across the y axis.
 *
 * @param y where it lies, in inches
 * @param inner radius; 0 for a whole disc
 * @param half of the flat piece's size, which puts its middle on the axis; of no account for a bare one
 */
record RingSolid(double y, double inner, double outer, double half, Cover cover, Surface above, Surface below) implements Solid {
  @Override
  public void meet(Ray r) {
    if (Math.abs(r.dy) < 1e-12) {
      return;
    }
    double t = (y - r.oy) / r.dy;
    if (!r.nearer(t)) {
      return;
    }
    double x = r.ox + t * r.dx;
    double z = r.oz + t * r.dz;
    double square = x * x + z * z;
    if (square < inner * inner || square > outer * outer || !cover.holds(half + x, half + z)) {
      return;
    }
    boolean up = r.dy > 0;
    r.meets(t, 0, up ? -1 : 1, 0, half + x, half + z, up ? above : below);
  }
}
