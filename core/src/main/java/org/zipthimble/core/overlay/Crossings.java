package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.valid.IsSimpleOp;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;

/** Where outlines cross themselves or lie on each other. */
public final class Crossings {
  private Crossings() {}

  /**
   * Places where a path's contours cross or touch themselves or each other, each once.
   *
   * @param most how many are looked for
   */
  public static List<Point> own(Path path, int most) {
    Geometry lines = lines(path);
    List<Point> out = new ArrayList<>();
    if (lines.isEmpty()) {
      return out;
    }
    IsSimpleOp simple = new IsSimpleOp(lines);
    simple.setFindAllLocations(true);
    for (Coordinate c : simple.getNonSimpleLocations()) {
      Point p = new Point(c.x, c.y);
      boolean end = Contour.of(path).stream().anyMatch(k -> k.closed() && k.begin().distance(p) < 1e-9 && once(k, p));
      if (!end && out.size() < most && out.stream().noneMatch(o -> o.distance(p) < 1e-6)) {
        out.add(p);
      }
    }
    return out;
  }

  private static boolean once(Contour contour, Point p) {
    return contour.spans().stream().filter(s -> s.from().distance(p) < 1e-9).count() < 2;
  }

  /** The length in inches along which the lines of two paths run on each other within a distance. */
  public static double shared(Path a, Path b, double within) {
    Geometry band = org.locationtech.jts.operation.buffer.BufferOp.bufferOp(lines(b), within);
    return OverlayNGRobust.overlay(lines(a), band, OverlayNG.INTERSECTION).getLength();
  }

  private static Geometry lines(Path path) {
    List<LineString> out = new ArrayList<>();
    for (List<Point> chain : Flatten.chains(path, Rings.FINE * 4)) {
      List<Coordinate> places = new ArrayList<>();
      for (Point p : chain) {
        Coordinate c = new Coordinate(p.x(), p.y());
        if (places.isEmpty() || places.get(places.size() - 1).distance(c) > 1e-9) {
          places.add(c);
        }
      }
      if (places.size() > 1) {
        out.add(Rings.MAKER.createLineString(places.toArray(new Coordinate[0])));
      }
    }
    return Rings.MAKER.createMultiLineString(out.toArray(new LineString[0]));
  }
}
