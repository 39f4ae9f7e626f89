package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.linemerge.LineMerger;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Rule;

/** Finds where an area is thinner than a width. */
public final class Thin {
  /** A thin place this long, in widths, counts; a mere corner does not. */
  private static final double LONG = 0.8;

  /** The tip of a corner as sharp as 12 degrees is this long, in widths: 1 / (2 tan 6°). */
  private static final double TIP = 5;

  /** Less than the least width by so much is told; what is as wide but for the arithmetic is not. */
  private static final double CLEARLY = 0.97;

  /** So many strips are measured. */
  private static final int MOST = 12;

  private static final int HALVINGS = 9;
  private static final BufferParameters FINE = new BufferParameters(16);

  private Thin() {}

  /**
   * A thin place.
   *
   * @param width of it in inches: twice the radius of the largest circle in it
   */
  public record Place(Box where, double width) {}

  /**
   * The thinnest place of an area that is thinner than a width in inches, away from the tips of its corners: what an opening by a
   * disc of that width (erosion, then dilation) takes away.
   */
  public static Optional<Place> thinnest(Path outline, double width) {
    Geometry area = Rings.area(outline, Rule.NON_ZERO);
    Geometry core = Offset.grown(area, -width / 2, Corner.ROUND);
    Geometry opened = core.isEmpty() ? core : Offset.grown(core, width / 2 * 1.02 + 2e-4, Corner.ROUND);
    Geometry lost = opened.isEmpty() ? area : OverlayNGRobust.overlay(area, opened, OverlayNG.DIFFERENCE);
    List<Place> places = new ArrayList<>();
    // The longest strips are the ones that tear; of a jagged coast the rest are its teeth.
    List<Polygon> longest = Rings.polygons(lost).stream().filter(p -> p.getArea() >= width * width * 0.05)
        .sorted(Comparator.comparingDouble((Polygon p) -> -p.getLength())).limit(MOST).toList();
    Geometry rim = longest.isEmpty() ? opened : opened.buffer(1e-6);
    for (Polygon part : longest) {
      MaximumInscribedCircle circle = new MaximumInscribedCircle(part, width / 200);
      double across = 2 * circle.getRadiusLine().getLength();
      boolean strip = part.getLength() / 2 > across + LONG * width && across > 0;
      boolean tip = !core.isEmpty() && touches(part, rim) == 1 && part.getLength() / 2 < TIP * width;
      double local = strip && !tip ? local(area, circle.getCenter(), width) : width;
      if (local < width * CLEARLY) {
        var e = part.getEnvelopeInternal();
        places.add(new Place(new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight()), local));
      }
    }
    return places.stream().min((a, b) -> Double.compare(a.width(), b.width()));
  }

  /** The width of the area at a place: that of the largest disc within the area which covers the place, found by halving. */
  private static double local(Geometry area, Geometry place, double width) {
    // A disc that covers the place and is no wider than this lies within it.
    Envelope near = new Envelope(place.getCoordinate());
    near.expandBy(3 * width);
    Geometry around = OverlayNGRobust.overlay(area, area.getFactory().toGeometry(near), OverlayNG.INTERSECTION);
    double low = 0;
    double high = width;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = i == 0 ? width * CLEARLY : (low + high) / 2;
      Geometry core = BufferOp.bufferOp(around, -middle / 2, FINE);
      if (!core.isEmpty() && core.distance(place) <= middle / 2) {
        low = middle;
      } else {
        high = middle;
      }
      if (low >= width * CLEARLY) {
        return low;
      }
    }
    return (low + high) / 2;
  }

  /** In how many places a lost part touches what is left: one for a tip, two or more for a bridge. */
  private static int touches(Polygon part, Geometry rim) {
    Geometry shared = OverlayNGRobust.overlay(part.getBoundary(), rim, OverlayNG.INTERSECTION);
    LineMerger merger = new LineMerger();
    merger.add(shared);
    return merger.getMergedLineStrings().size();
  }
}
