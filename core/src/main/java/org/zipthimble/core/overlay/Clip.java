package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;

/** Lines cut off by areas. */
public final class Clip {
  private Clip() {}

  /** What of straight lines lies outside an area; curves are followed within 0.00005 in. */
  public static Path outside(Path lines, Path area) {
    return cut(lines, area, OverlayNG.DIFFERENCE);
  }

  /** What of straight lines lies inside an area. */
  public static Path inside(Path lines, Path area) {
    return cut(lines, area, OverlayNG.INTERSECTION);
  }

  private static Path cut(Path lines, Path area, int operation) {
    List<LineString> strings = new ArrayList<>();
    for (List<Point> chain : Flatten.chains(lines, Rings.FINE)) {
      if (chain.size() > 1) {
        strings.add(Rings.MAKER.createLineString(
            chain.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new)));
      }
    }
    Geometry all = Rings.MAKER.createMultiLineString(strings.toArray(new LineString[0]));
    Geometry left = OverlayNGRobust.overlay(all, Rings.area(area, Rule.NON_ZERO), operation);
    Path.Builder out = Path.build();
    for (int i = 0; i < left.getNumGeometries(); i++) {
      Coordinate[] places = left.getGeometryN(i).getCoordinates();
      if (left.getGeometryN(i) instanceof LineString && places.length > 1) {
        out.start(places[0].x, places[0].y);
        for (int k = 1; k < places.length; k++) {
          out.line(places[k].x, places[k].y);
        }
      }
    }
    return out.path();
  }
}
