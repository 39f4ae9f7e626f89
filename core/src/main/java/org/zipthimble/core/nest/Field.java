package org.zipthimble.core.nest;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.overlay.Polygons;

/** Where poses may lie: a box, less what is outside a scrap's outline. */
final class Field {
  /** What reaches past the edge by less counts as within, in inches. */
  static final double EDGE = 5e-6;

  double left;
  double top;
  double right;
  double bottom;
  private final List<List<Point>> scrap;

  Field(Box box, Optional<Path> scrap, double border) {
    left = box.x() - border;
    top = box.y() - border;
    right = box.right() + border;
    bottom = box.bottom() + border;
    this.scrap = scrap.map(s -> Polygons.around(border > 0 ? Offset.of(s, border, Corner.ROUND) : s, 0.0005)).orElse(List.of());
  }

  double width() {
    return right - left;
  }

  double length() {
    return bottom - top;
  }

  /** Whether a pose lies within; tells sooner than how far it reaches outside. */
  boolean holds(Pose p) {
    if (p.left < left - EDGE || p.right > right + EDGE || p.top < top - EDGE || p.bottom > bottom + EDGE) {
      return false;
    }
    for (int r = 0; r < p.xs.length && !scrap.isEmpty(); r++) {
      for (int i = 0; i < p.xs[r].length; i++) {
        if (!within(p.xs[r][i], p.ys[r][i])) {
          return false;
        }
      }
    }
    return scrap.stream().allMatch(ring -> ring.stream().noneMatch(corner -> p.covers(corner.x(), corner.y())));
  }

  /** Whether a place lies in the scrap, by the even-odd rule. */
  private boolean within(double x, double y) {
    boolean in = false;
    for (List<Point> ring : scrap) {
      Point b = ring.get(ring.size() - 1);
      for (Point a : ring) {
        if (a.y() > y != b.y() > y && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
          in = !in;
        }
        b = a;
      }
    }
    return in;
  }

  /** How far a pose reaches outside; 0 when it lies within. */
  double outside(Pose p) {
    double out = Math.max(0, left - p.left) + Math.max(0, p.right - right) + Math.max(0, top - p.top) + Math.max(0, p.bottom - bottom);
    double most = out > 1e-9 ? Math.sqrt(out * Math.max(0.02, p.form.poles[0][2])) + 1e-4 : 0;
    if (scrap.isEmpty()) {
      return most;
    }
    double deepest = 0;
    for (int r = 0; r < p.xs.length; r++) {
      for (int i = 0; i < p.xs[r].length; i++) {
        deepest = Math.min(deepest, Polygons.depth(scrap, p.xs[r][i], p.ys[r][i]));
      }
    }
    for (List<Point> ring : scrap) {
      for (Point corner : ring) {
        if (p.covers(corner.x(), corner.y())) {
          deepest = Math.min(deepest, -0.05);
        }
      }
    }
    return most + (deepest < -1e-6 ? Math.sqrt(-deepest * Math.max(0.02, p.form.poles[0][2])) + 1e-4 : 0);
  }
}
