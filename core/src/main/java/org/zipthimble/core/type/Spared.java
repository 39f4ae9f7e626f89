package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;

/** What of a block words keep clear of, and what is left of a line. */
final class Spared {
  private static final double FINE = 0.003;

  private final List<List<Point>> chains;

  Spared(Path path) {
    this.chains = Flatten.chains(path, FINE);
  }

  /** A free part of a line. */
  record Free(double left, double right) {
    double width() {
      return right - left;
    }
  }

  /** The widest free part between two edges, over a band of the block's height; nothing wide where all is taken. */
  Free widest(double left, double right, double top, double bottom) {
    List<Free> taken = new ArrayList<>();
    for (List<Point> chain : chains) {
      double from = Double.MAX_VALUE;
      double to = -Double.MAX_VALUE;
      for (int i = 0; i < chain.size(); i++) {
        Point a = chain.get(i);
        Point b = chain.get((i + 1) % chain.size());
        for (double x : within(a, b, top, bottom)) {
          from = Math.min(from, x);
          to = Math.max(to, x);
        }
      }
      if (to > from) {
        taken.add(new Free(from, to));
      }
    }
    taken.sort(Comparator.comparingDouble(Free::left));
    Free best = new Free(left, left);
    double at = left;
    for (Free t : taken) {
      if (Math.min(t.left(), right) - at > best.width()) {
        best = new Free(at, Math.min(t.left(), right));
      }
      at = Math.max(at, Math.min(right, t.right()));
    }
    return right - at > best.width() ? new Free(at, right) : best;
  }

  /** The places along a line at the ends of its edge's part within a band. */
  private static double[] within(Point a, Point b, double top, double bottom) {
    double low = Math.min(a.y(), b.y());
    double high = Math.max(a.y(), b.y());
    if (high < top || low > bottom) {
      return new double[0];
    }
    if (high == low) {
      return new double[] {a.x(), b.x()};
    }
    double t0 = (Math.max(low, top) - a.y()) / (b.y() - a.y());
    double t1 = (Math.min(high, bottom) - a.y()) / (b.y() - a.y());
    return new double[] {a.x() + (b.x() - a.x()) * t0, a.x() + (b.x() - a.x()) * t1};
  }
}
