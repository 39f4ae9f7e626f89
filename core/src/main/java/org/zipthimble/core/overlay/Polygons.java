package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;

/** Outlines as rings of straight edges, and plain measures of such rings. */
public final class Polygons {
  private Polygons() {}

  /**
   * Rings of few straight edges that hold an outline: nowhere inside it, and at most three times a distance outside.
   *
   * @param coarse in inches
   * @return shells and holes, the largest shell first
   */
  public static List<List<Point>> around(Path outline, double coarse) {
    Geometry area = Rings.area(outline, Rule.NON_ZERO);
    Geometry simple = coarse > 0.001
        ? TopologyPreservingSimplifier.simplify(BufferOp.bufferOp(area, coarse), coarse)
        : area;
    List<Polygon> polygons = new ArrayList<>(Rings.polygons(simple));
    polygons.sort((a, b) -> Double.compare(b.getArea(), a.getArea()));
    List<List<Point>> out = new ArrayList<>();
    polygons.forEach(p -> out.addAll(Rings.rings(p)));
    return out;
  }

  /** How deep a place lies inside rings by the even-odd rule, in inches; below zero outside. */
  public static double depth(List<List<Point>> rings, double x, double y) {
    Point p = new Point(x, y);
    double least = Double.MAX_VALUE;
    boolean in = false;
    for (List<Point> ring : rings) {
      for (int i = 0, k = ring.size() - 1; i < ring.size(); k = i++) {
        Point a = ring.get(i);
        Point b = ring.get(k);
        least = Math.min(least, Inside.distance(a, b, p));
        if (a.y() > y != b.y() > y && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
          in = !in;
        }
      }
    }
    return in ? least : -least;
  }

  /** The least distance between two outlines in inches; 0 where they touch or cross. */
  public static double distance(Path a, Path b) {
    return DistanceOp.distance(Rings.area(a, Rule.NON_ZERO), Rings.area(b, Rule.NON_ZERO));
  }

  /** Whether the area of an outline is covered by another one's, but for a border in inches. */
  public static boolean within(Path inner, Path outer, double border) {
    Geometry out = BufferOp.bufferOp(Rings.area(outer, Rule.NON_ZERO), border);
    return out.covers(Rings.area(inner, Rule.NON_ZERO));
  }
}
