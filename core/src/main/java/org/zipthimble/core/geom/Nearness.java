package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.DistanceOp;

/** An outline made ready for being asked often how near it comes to others, each seen through a map. */
public final class Nearness {
  private static final GeometryFactory MAKER = new GeometryFactory();

  private final Geometry edges;

  /**
   * Makes an outline ready.
   *
   * @param tolerance how far its straight edges may be from its curves, in its own inches
   */
  public Nearness(Path outline, double tolerance) {
    List<LineString> all = new ArrayList<>();
    for (List<Point> chain : Flatten.chains(outline, tolerance)) {
      if (chain.size() > 1) {
        all.add(MAKER.createLineString(chain.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new)));
      }
    }
    this.edges = MAKER.createMultiLineString(all.toArray(LineString[]::new));
  }

  /** Whether there is nothing to be near to. */
  public boolean empty() {
    return edges.isEmpty();
  }

  /** The least distance of the edges of both in inches, 0 where they cross. */
  public double to(Nearness other, Affine own, Affine others) {
    return new DistanceOp(seen(own), other.seen(others)).distance();
  }

  private Geometry seen(Affine m) {
    return new AffineTransformation(m.a(), m.c(), m.e(), m.b(), m.d(), m.f()).transform(edges);
  }
}
