package org.zipthimble.core.overlay;

import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.noding.snap.SnappingNoder;
import org.locationtech.jts.operation.overlayng.OverlayNG;

/** Cuts lines at all their crossings. */
final class Noding {
  private Noding() {}

  /** The lines in parts that meet only at their ends; near lines are drawn together first, and where that fails they are not. */
  static Geometry noded(List<LineString> lines) {
    Geometry all = Rings.MAKER.createMultiLineString(lines.toArray(new LineString[0]));
    try {
      return OverlayNG.overlay(all, Rings.MAKER.createLineString(), OverlayNG.UNION, null, new SnappingNoder(Rings.SNAP));
    } catch (RuntimeException tooTangled) {
      return Rings.union(all);
    }
  }
}
