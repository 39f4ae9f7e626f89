package org.zipthimble.core.view;

/** A place or a direction in space, in inches. */
record Vec(double x, double y, double z) {
  Vec plus(Vec o) {
    return new Vec(x + o.x, y + o.y, z + o.z);
  }

  Vec times(double f) {
    return new Vec(x * f, y * f, z * f);
  }

  Vec minus(Vec o) {
    return plus(o.times(-1));
  }

  double dot(Vec o) {
    return x * o.x + y * o.y + z * o.z;
  }

  Vec cross(Vec o) {
    return new Vec(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
  }

  double length() {
    return Math.sqrt(dot(this));
  }

  Vec unit() {
    return times(1 / length());
  }
}
