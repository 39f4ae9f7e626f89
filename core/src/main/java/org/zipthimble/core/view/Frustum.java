package org.zipthimble.core.view;

/**
 * The side of a cone's frustum or a cylinder about the y axis. Its art is told by the angle from the front, to the right as seen from
 * outside, and the part of the way down.
 *
 * @param from y of its upper edge, in inches
 * @param to y of its lower edge
 * @param flat where the art of its outer side lies
 * @param within where the art of its inner side lies
 * @param outside what its outer side looks like
 * @param inside what its inner side looks like
 */
record Frustum(double from, double to, double upper, double lower, Flat flat, Flat within, Surface outside, Surface inside)
    implements Solid {
  /** Takes an angle in radians, -π to π, and a part of the way down, 0 to 1, to the flat piece. */
  interface Flat {
    /** The place across, in inches. */
    double x(double angle, double down);

    /** The place down, in inches. */
    double y(double angle, double down);
  }

  @Override
  public void meet(Ray r) {
    double k = (lower - upper) / (to - from);
    double base = upper + k * (r.oy - from);
    double a = r.dx * r.dx + r.dz * r.dz - k * k * r.dy * r.dy;
    double b = r.ox * r.dx + r.oz * r.dz - k * base * r.dy;
    double c = r.ox * r.ox + r.oz * r.oz - base * base;
    if (Math.abs(a) < 1e-12) {
      if (Math.abs(b) > 1e-12) {
        place(r, -c / (2 * b), k);
      }
      return;
    }
    double d = b * b - a * c;
    if (d < 0) {
      return;
    }
    double root = Math.sqrt(d);
    place(r, (-b - root) / a, k);
    place(r, (-b + root) / a, k);
  }

  private void place(Ray r, double t, double k) {
    if (!r.nearer(t)) {
      return;
    }
    double y = r.oy + t * r.dy;
    double radius = upper + k * (y - from);
    if (y < from || y > to || radius <= 0) {
      return;
    }
    double x = r.ox + t * r.dx;
    double z = r.oz + t * r.dz;
    double length = Math.sqrt(1 + k * k);
    double nx = x / radius / length;
    double ny = -k / length;
    double nz = z / radius / length;
    boolean out = nx * r.dx + ny * r.dy + nz * r.dz < 0;
    if (out) {
      double angle = Math.atan2(x, z);
      double down = (y - from) / (to - from);
      r.meets(t, nx, ny, nz, flat.x(angle, down), flat.y(angle, down), outside);
    } else {
      double angle = Math.atan2(x, z);
      double down = (y - from) / (to - from);
      r.meets(t, -nx, -ny, -nz, within.x(angle, down), within.y(angle, down), inside);
    }
  }
}
