package org.zipthimble.core.view;

/** A ray and the nearest thing it has met so far; used again for every pixel of a row, so that nothing is made anew. */
final class Ray {
  /** Nearer meetings are the surface that a ray has just left. */
  static final double LEAST = 1e-6;

  double ox;
  double oy;
  double oz;
  double dx;
  double dy;
  double dz;
  double at;
  double nx;
  double ny;
  double nz;
  /** Where on the flat piece, in inches. */
  double u;
  double v;
  Surface surface;

  void from(Vec eye) {
    ox = eye.x();
    oy = eye.y();
    oz = eye.z();
  }

  void towards(double x, double y, double z) {
    double length = Math.sqrt(x * x + y * y + z * z);
    dx = x / length;
    dy = y / length;
    dz = z / length;
    at = Double.MAX_VALUE;
    surface = null;
  }

  boolean nearer(double t) {
    return t > LEAST && t < at;
  }

  void meets(double t, double normalX, double normalY, double normalZ, double artX, double artY, Surface what) {
    at = t;
    nx = normalX;
    ny = normalY;
    nz = normalZ;
    u = artX;
    v = artY;
    surface = what;
  }
}
