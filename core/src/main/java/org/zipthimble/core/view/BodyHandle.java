package org.zipthimble.core.view;

/**
 * The handle of a mug at its back, half an oval ring in the plane of the axis. It is met by steps of the distance to it.
 *
 * @param out from the axis to the middle of the ring's ends
 * @param wide how far the ring reaches beyond them
 * @param high half its height
 * @param thick radius of its round section
 * @param middle y of its middle
 */
record BodyHandle(double out, double wide, double high, double thick, double middle, Surface surface) implements Solid {
  private static final int STEPS = 40;
  private static final double NEAR = 2e-3;
  private static final double SLOPE = 1e-4;

  /** The distance to it; it lies on the side away from the front. */
  private double distance(double x, double y, double z) {
    double across = -z - out;
    double up = y - middle;
    // the ring's middle line is an ellipse, whose distance is told well enough by the scaled radius
    double scaled = Math.sqrt(across * across / (wide * wide) + up * up / (high * high));
    double flat = (scaled - 1) * Math.min(wide, high);
    double behind = across < -0.15 ? -across - 0.15 : 0;
    return Math.sqrt(flat * flat + x * x + behind * behind) - thick;
  }

  @Override
  public void meet(Ray r) {
    double reach = Math.max(wide, high) + thick;
    double bx = -r.ox;
    double by = middle - r.oy;
    double bz = -out - r.oz;
    double along = bx * r.dx + by * r.dy + bz * r.dz;
    double square = bx * bx + by * by + bz * bz - along * along;
    if (square > reach * reach || along + reach < 0 || along - reach > r.at) {
      return;
    }
    double t = Math.max(0, along - reach);
    for (int i = 0; i < STEPS && t < along + reach; i++) {
      double d = distance(r.ox + t * r.dx, r.oy + t * r.dy, r.oz + t * r.dz);
      if (d < NEAR) {
        if (r.nearer(t)) {
          normal(r, t);
        }
        return;
      }
      t += d * 0.8;
    }
  }

  private void normal(Ray r, double t) {
    double x = r.ox + t * r.dx;
    double y = r.oy + t * r.dy;
    double z = r.oz + t * r.dz;
    double gx = distance(x + SLOPE, y, z) - distance(x - SLOPE, y, z);
    double gy = distance(x, y + SLOPE, z) - distance(x, y - SLOPE, z);
    double gz = distance(x, y, z + SLOPE) - distance(x, y, z - SLOPE);
    double length = Math.max(1e-12, Math.sqrt(gx * gx + gy * gy + gz * gz));
    r.meets(t, gx / length, gy / length, gz / length, Double.NaN, Double.NaN, surface);
  }
}
