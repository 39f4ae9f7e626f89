package org.zipthimble.core.nest;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.overlay.Polygons;

/**
 * A piece as the search sees it: rings of straight edges about the middle of its box, grown by half the gap, and
 * circles that fill it. Two pieces that do not touch here keep the gap.
 */
final class Form {
  /** How far straight edges may lie outside the grown outline, in inches. */
  private static final double COARSE = 0.006;

  /** How far straight edges may lie beside a curve, in inches. */
  private static final double FLAT = 0.0005;

  /** Pieces that reach into each other by less than twice this only touch, in inches: no blade knows it. */
  private static final double TOUCH = 1e-6;

  /** Places nearer than this are one, in inches. */
  private static final double LEAST = 1e-12;

  /** Sharper corners are drawn in no further. */
  private static final double SHARP = 0.05;

  private static final int MOST_POLES = 9;

  final String id;
  final Point middle;
  final double[][] xs;
  final double[][] ys;
  final double[][] poles;
  final double radius;
  final double area;
  final double[] edgeAngles;

  /** The sides and corners of the outer ring. */
  final Corners bare;

  private Form(String id, Point middle, List<List<Point>> rings, double[][] poles, double area, Corners bare) {
    this.id = id;
    this.middle = middle;
    this.poles = poles;
    this.area = area;
    xs = new double[rings.size()][];
    ys = new double[rings.size()][];
    double far = 0;
    List<Double> angles = new ArrayList<>();
    for (int r = 0; r < rings.size(); r++) {
      List<Point> ring = within(rings, r);
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
    this.bare = bare;
  }

  /** A ring drawn in by a hair, so that pieces that lie flush do not count as lying over each other. */
  private static List<Point> within(List<List<Point>> rings, int r) {
    List<Point> ring = rings.get(r);
    int n = ring.size();
    Point a = ring.get(0);
    Point b = ring.get(1);
    double length = Math.max(LEAST, Math.hypot(b.x() - a.x(), b.y() - a.y()));
    double side = TOUCH * (Polygons.depth(rings, (a.x() + b.x()) / 2 - TOUCH * (b.y() - a.y()) / length,
        (a.y() + b.y()) / 2 + TOUCH * (b.x() - a.x()) / length) > 0 ? 1 : -1);
    List<Point> out = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      Point from = ring.get((i + n - 1) % n);
      Point at = ring.get(i);
      Point to = ring.get((i + 1) % n);
      double in = Math.max(LEAST, Math.hypot(at.x() - from.x(), at.y() - from.y()));
      double on = Math.max(LEAST, Math.hypot(to.x() - at.x(), to.y() - at.y()));
      double dx = (at.y() - from.y()) / in + (to.y() - at.y()) / on;
      double dy = (at.x() - from.x()) / in + (to.x() - at.x()) / on;
      double far = side / Math.max(SHARP, (dx * dx + dy * dy) / 2);
      out.add(new Point(at.x() - far * dx, at.y() + far * dy));
    }
    return out;
  }

  static Form of(Part part, double gap) {
    List<List<Point>> own = Polygons.around(part.outline(), FLAT);
    if (own.isEmpty()) {
      throw new IllegalArgumentException("a piece without an area: " + part.id());
    }
    Point middle = Box.around(own.get(0)).centre();
    // a piece of a few straight sides is seen as it is: it goes flush with others
    Corners bare = Corners.of(own.get(0), middle, gap / 2);
    List<List<Point>> rings = gap == 0 ? own : own.size() == 1 && bare.plain() ? List.of(bare.ring(middle, gap / 2))
        : Polygons.around(Offset.of(part.outline(), gap / 2, Corner.ROUND), Math.min(COARSE, gap / 4));
    return new Form(part.id(), middle, rings, poles(rings, middle), Extent.area(part.outline()), bare);
  }

  /** Circles within the rings, each as large as it can be while its middle lies outside the earlier ones; found on a grid. */
  private static double[][] poles(List<List<Point>> rings, Point middle) {
    Box box = Box.around(rings.get(0));
    int n = 28;
    double step = Math.max(box.width(), box.height()) / n;
    List<double[]> places = new ArrayList<>();
    for (double y = box.y() + step / 2; y < box.bottom(); y += step) {
      for (double x = box.x() + step / 2; x < box.right(); x += step) {
        double in = Polygons.depth(rings, x, y);
        if (in > 0) {
          places.add(new double[] {x - middle.x(), y - middle.y(), in});
        }
      }
    }
    places.sort((a, b) -> Double.compare(b[2], a[2]));
    List<double[]> out = new ArrayList<>();
    for (double[] p : places) {
      boolean free = out.stream().allMatch(o -> Math.hypot(o[0] - p[0], o[1] - p[1]) > o[2] + p[2] * 0.3);
      if (free && out.size() < MOST_POLES) {
        out.add(new double[] {p[0], p[1], p[2] - TOUCH});
      }
    }
    if (out.isEmpty()) {
      Point p = rings.get(0).get(0);
      out.add(new double[] {p.x() - middle.x(), p.y() - middle.y(), step / 4});
    }
    return out.toArray(new double[0][]);
  }
}
