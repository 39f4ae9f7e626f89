package org.zipthimble.core.nest;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Offset;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Polygons;

/**
 * A piece as the search sees it: rings of straight edges about the middle of its box, grown by half the gap, and
 * circles that fill it. Two pieces that do not touch here keep the gap.
 */
final class Form {
  /** How far straight edges may lie outside the grown outline, in inches. */
  private static final double COARSE = 0.006;

  private static final int MOST_POLES = 9;

  final String id;
  final Point middle;
  final double[][] xs;
  final double[][] ys;
  final double[][] poles;
  final double radius;
  final double area;
  final double[] edgeAngles;

  private Form(String id, Point middle, List<List<Point>> rings, double[][] poles, double area) {
    this.id = id;
    this.middle = middle;
    this.poles = poles;
    this.area = area;
    xs = new double[rings.size()][];
    ys = new double[rings.size()][];
    double far = 0;
    List<Double> angles = new ArrayList<>();
    for (int r = 0; r < rings.size(); r++) {
      List<Point> ring = rings.get(r);
      xs[r] = new double[ring.size()];
      ys[r] = new double[ring.size()];
      for (int i = 0; i < ring.size(); i++) {
        xs[r][i] = ring.get(i).x() - middle.x();
        ys[r][i] = ring.get(i).y() - middle.y();
        far = Math.max(far, Math.hypot(xs[r][i], ys[r][i]));
      }
    }
    radius = far;
    for (int i = 0; i < xs[0].length; i++) {
      int k = (i + 1) % xs[0].length;
      double dx = xs[0][k] - xs[0][i];
      double dy = ys[0][k] - ys[0][i];
      if (Math.hypot(dx, dy) > far * 0.25) {
        angles.add(Math.toDegrees(Math.atan2(dy, dx)));
      }
    }
    edgeAngles = angles.stream().mapToDouble(a -> a).toArray();
  }

  static Form of(Part part, double gap) {
    Path grown = gap > 0 ? Offset.of(part.outline(), gap / 2, Corner.ROUND) : part.outline();
    List<List<Point>> rings = Polygons.around(grown, gap > 0 ? Math.min(COARSE, gap / 4) : 0.0005);
    if (rings.isEmpty()) {
      throw new IllegalArgumentException("a piece without an area: " + part.id());
    }
    Box box = Box.around(rings.get(0));
    return new Form(part.id(), box.centre(), rings, poles(rings, box), Extent.area(part.outline()));
  }

  /** Circles within the rings, each as large as it can be while its middle lies outside the earlier ones; found on a grid. */
  private static double[][] poles(List<List<Point>> rings, Box box) {
    int n = 28;
    double step = Math.max(box.width(), box.height()) / n;
    List<double[]> places = new ArrayList<>();
    for (double y = box.y() + step / 2; y < box.bottom(); y += step) {
      for (double x = box.x() + step / 2; x < box.right(); x += step) {
        double in = Polygons.depth(rings, x, y);
        if (in > 0) {
          places.add(new double[] {x - box.centre().x(), y - box.centre().y(), in});
        }
      }
    }
    places.sort((a, b) -> Double.compare(b[2], a[2]));
    List<double[]> out = new ArrayList<>();
    for (double[] p : places) {
      boolean free = out.stream().allMatch(o -> Math.hypot(o[0] - p[0], o[1] - p[1]) > o[2] + p[2] * 0.3);
      if (free && out.size() < MOST_POLES) {
        out.add(p);
      }
    }
    if (out.isEmpty()) {
      Point p = rings.get(0).get(0);
      out.add(new double[] {p.x() - box.centre().x(), p.y() - box.centre().y(), step / 4});
    }
    return out.toArray(new double[0][]);
  }
}
