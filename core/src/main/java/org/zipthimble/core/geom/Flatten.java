package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;

/** Turns curves into chains of straight lines. */
public final class Flatten {
  private static final int MOST_STEPS = 512;

  private Flatten() {}

  /**
   * The contours of a path as chains of places.
   *
   * @param tolerance the greatest distance in inches between a curve and its chain, above zero. The
   *     number of steps is derived from it: the chord error of a step of 1/n is at most |B″|/(8n²),
   *     and |B″| of a cubic is at most 6 times its greatest second difference; at most 512 steps.
   * @return open chains; a closed contour repeats its first place at the end
   */
  public static List<List<Point>> chains(Path path, double tolerance) {
    if (!(tolerance > 0)) {
      throw new IllegalArgumentException("tolerance must be above zero: " + tolerance);
    }
    List<List<Point>> chains = new ArrayList<>();
    Segment.Visitor<Boolean> visitor =
        new Segment.Visitor<>() {
          private List<Point> chain = new ArrayList<>();

          @Override
          public Boolean start(Point to) {
            chain = new ArrayList<>();
            chains.add(chain);
            return chain.add(to);
          }

          @Override
          public Boolean line(Point to) {
            return chain.add(to);
          }

          @Override
          public Boolean curve(Point first, Point second, Point to) {
            Point from = chain.get(chain.size() - 1);
            int steps = steps(from, first, second, to, tolerance);
            for (int i = 1; i < steps; i++) {
              chain.add(Measure.onCurve(from, first, second, to, (double) i / steps));
            }
            return chain.add(to);
          }

          @Override
          public Boolean close() {
            Point begun = chain.get(0);
            if (!begun.equals(chain.get(chain.size() - 1))) {
              chain.add(begun);
            }
            return true;
          }
        };
    path.segments().forEach(s -> s.accept(visitor));
    return chains;
  }

  public static int steps(Point p0, Point p1, Point p2, Point p3, double tolerance) {
    double first = Math.hypot(p0.x() - 2 * p1.x() + p2.x(), p0.y() - 2 * p1.y() + p2.y());
    double second = Math.hypot(p1.x() - 2 * p2.x() + p3.x(), p1.y() - 2 * p2.y() + p3.y());
    double bend = 6 * Math.max(first, second);
    return (int) Math.min(MOST_STEPS, Math.max(1, Math.ceil(Math.sqrt(bend / (8 * tolerance)))));
  }
}
