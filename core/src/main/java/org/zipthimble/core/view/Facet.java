package org.zipthimble.core.view;

import org.zipthimble.core.geom.Box;

/**
 * A flat part in space: a piece of a plane, its art in inches along two edges of it.
 *
 * @param corner where the flat piece's own origin lies
 * @param right a unit step along the flat piece to the right
 * @param down a unit step along it downwards
 * @param part of the flat piece that is there, in inches
 * @param folds how deep the cloth's folds are; 0 for what is flat
 */
record Facet(Vec corner, Vec right, Vec down, Box part, Cover cover, Surface front, Surface back, double folds) implements Solid {
  @Override
  public void meet(Ray r) {
    double nx = right.y() * down.z() - right.z() * down.y();
    double ny = right.z() * down.x() - right.x() * down.z();
    double nz = right.x() * down.y() - right.y() * down.x();
    double facing = nx * r.dx + ny * r.dy + nz * r.dz;
    if (Math.abs(facing) < 1e-9) {
      return;
    }
    double t = (nx * (corner.x() - r.ox) + ny * (corner.y() - r.oy) + nz * (corner.z() - r.oz)) / facing;
    if (!r.nearer(t)) {
      return;
    }
    double px = r.ox + t * r.dx - corner.x();
    double py = r.oy + t * r.dy - corner.y();
    double pz = r.oz + t * r.dz - corner.z();
    double a = px * right.x() + py * right.y() + pz * right.z();
    double b = px * down.x() + py * down.y() + pz * down.z();
    if (a < part.x() || b < part.y() || a > part.right() || b > part.bottom() || !cover.holds(a, b)) {
      return;
    }
    // with y down and z towards the eye, right x down points to the eye: the front looks there
    boolean seen = facing < 0;
    double sign = seen ? 1 : -1;
    double bendX = folds * (Math.sin(a * 0.9 + Math.sin(b * 0.55) * 2.1) * 0.6 + Math.sin(b * 1.3 - a * 0.45 + Math.sin(a * 0.8)) * 0.4);
    double bendY = folds * Math.sin(b * 0.7 + Math.sin(a * 0.6) * 1.7);
    double mx = sign * nx + bendX * right.x() + bendY * down.x();
    double my = sign * ny + bendX * right.y() + bendY * down.y();
    double mz = sign * nz + bendX * right.z() + bendY * down.z();
    double length = Math.sqrt(mx * mx + my * my + mz * mz);
    r.meets(t, mx / length, my / length, mz / length, a, b, seen ? front : back);
  }
}
