package org.zipthimble.core.overlay;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;

/** Combining: curves stay curves, areas by circle geometry, touching and coincident edges. */
class CombineTest {
  private static Path circle(double x, double y, double r) {
    return Shapes.ellipse(new Box(x - r, y - r, 2 * r, 2 * r));
  }

  private static Path box(double x, double y, double w, double h) {
    return Shapes.rectangle(new Box(x, y, w, h));
  }

  /** The lens of two circles of radius r, d apart: 2r²·acos(d/2r) − d/2·√(4r² − d²) (circle segment, geometry handbooks). */
  @Test
  void theOverlapOfTwoCirclesIsALensOfTwoArcs() {
    Path lens = Combine.combine(Way.KEEP_OVERLAP, List.of(circle(0, 0, 1), circle(1, 0, 1)));
    double truth = 2 * Math.acos(0.5) - 0.5 * Math.sqrt(3);
    // A circle of four cubics has 1.00027 of the radius at most, so its area is up to 0.0004 larger.
    assertEquals(truth, Extent.area(lens), 6e-4);
    assertTrue(Extent.points(lens) <= 6, "points: " + Extent.points(lens));
    Path joined = Combine.combine(Way.JOIN, List.of(circle(0, 0, 1), circle(1, 0, 1)));
    double one = Extent.area(circle(0, 0, 1));
    assertEquals(2 * one - Extent.area(lens), Extent.area(joined), 1e-7, "inclusion and exclusion");
    Path bitten = Combine.combine(Way.TAKE_AWAY, List.of(circle(0, 0, 1), circle(1, 0, 1)));
    assertEquals(one - Extent.area(lens), Extent.area(bitten), 1e-7);
    Path compound = Combine.combine(Way.COMPOUND, List.of(circle(0, 0, 1), circle(1, 0, 1)));
    assertEquals(2 * (one - Extent.area(lens)), Extent.area(compound), 1e-7);
  }

  @Test
  void boxesSideBySideJoinIntoOneOfFourCorners() {
    Path joined = Combine.combine(Way.JOIN, List.of(box(0, 0, 1, 1), box(1, 0, 2, 1)));
    assertEquals(4, Extent.points(joined));
    assertEquals(3, Extent.area(joined), 1e-12);
    assertEquals(Path.EMPTY, Combine.combine(Way.KEEP_OVERLAP, List.of(box(0, 0, 1, 1), box(1, 0, 2, 1))));
    assertEquals(Path.EMPTY, Combine.combine(Way.TAKE_AWAY, List.of(box(0, 0, 1, 1), box(0, 0, 1, 1))));
  }

  @Test
  void aRingKeepsItsHoleAndAWholeWithoutHolesLosesIt() {
    Path ring = Combine.combine(Way.TAKE_AWAY, List.of(circle(0, 0, 2), circle(0, 0, 1)));
    assertEquals(Extent.area(circle(0, 0, 2)) - Extent.area(circle(0, 0, 1)), Extent.area(ring), 1e-9);
    assertEquals(8, Extent.points(ring));
    assertTrue(!Inside.contains(ring, new Point(0, 0), 1e-3) && Inside.contains(ring, new Point(1.5, 0), 1e-3));
    assertEquals(Extent.area(circle(0, 0, 2)), Extent.area(Combine.withoutHoles(ring)), 1e-9);
  }

  @Test
  void partsOfOneCurveBegunElsewhereMeetWithoutSlivers() {
    Path whole = circle(0, 0, 1);
    Path half = Combine.combine(Way.KEEP_OVERLAP, List.of(whole, box(-2, 0.21, 4, 3)));
    Path rest = Combine.combine(Way.TAKE_AWAY, List.of(whole, half));
    Path again = Combine.combine(Way.JOIN, List.of(half, rest));
    assertEquals(Extent.area(whole), Extent.area(again), 2e-4);
    assertEquals(1, Contour.of(again).size());
    assertTrue(Extent.points(again) <= 7, "points: " + Extent.points(again));
    assertEquals(2, Contour.of(Combine.combine(Way.TAKE_AWAY, List.of(half, whole))).size() + 2, "nothing is left");
  }

  @Test
  void breakApartGivesEveryPieceOnceTheLargestFirst() {
    List<Path> pieces = Combine.apart(List.of(circle(0, 0, 1), circle(1, 0, 1)));
    assertEquals(3, pieces.size());
    double sum = pieces.stream().mapToDouble(Extent::area).sum();
    assertEquals(Extent.area(Combine.combine(Way.JOIN, List.of(circle(0, 0, 1), circle(1, 0, 1)))), sum, 1e-6);
    assertTrue(Extent.area(pieces.get(0)) >= Extent.area(pieces.get(2)));
    List<Path> nine = new ArrayList<>(List.of(box(0, 0, 3, 3)));
    nine.add(box(1, -1, 1, 5));
    nine.add(box(-1, 1, 5, 1));
    assertEquals(13, Combine.apart(nine).size(), "a square crossed by two bars: nine fields and four ends");
  }

  @Test
  void aFigureOfEightIsCleanedByEitherRule() {
    Path five = Path.build().start(0, -1).line(0.5878, 0.809).line(-0.9511, -0.309).line(0.9511, -0.309).line(-0.5878, 0.809)
        .close().path();
    Path full = Combine.clean(five, Rule.NON_ZERO);
    Path open = Combine.clean(five, Rule.EVEN_ODD);
    // A pentagram's inner pentagon has φ⁻² of the outer radius.
    double inner = Math.pow((1 + Math.sqrt(5)) / 2, -2);
    double pentagon = 2.5 * Math.sin(Math.toRadians(72)) * inner * inner;
    assertEquals(pentagon, Extent.area(full) - Extent.area(open), 1e-3);
    assertEquals(10, Extent.points(full));
  }

  /** Steiner: a convex shape of area A and perimeter P grown by t has A + P·t + π·t² and P + 2π·t. */
  @Test
  void offsetsOfConvexShapesFollowSteiner() {
    for (Path shape : List.of(box(0, 0, 3, 2), circle(0, 0, 1.5), Shapes.ellipse(new Box(0, 0, 4, 1)))) {
      for (double t : new double[] {0.01, 0.125, 1, 3}) {
        Path grown = Offset.of(shape, t, Corner.ROUND);
        double area = Extent.area(shape) + Extent.length(shape) * t + Math.PI * t * t;
        double length = Extent.length(shape) + 2 * Math.PI * t;
        assertEquals(area, Extent.area(grown), length * 3e-4);
        assertEquals(length, Extent.length(grown), length * 5e-4);
        assertTrue(Extent.points(grown) <= 40, "points " + Extent.points(grown) + " at " + t + " of " + Extent.length(shape) + " at " + t);
      }
    }
  }

  @Test
  void cornersGoRoundMitredOrBevelled() {
    assertEquals(16, Extent.area(Offset.of(box(0, 0, 2, 2), 1, Corner.MITRE)), 1e-6);
    assertEquals(4, Extent.points(Offset.of(box(0, 0, 2, 2), 1, Corner.MITRE)));
    assertEquals(16 - 4 * 0.5, Extent.area(Offset.of(box(0, 0, 2, 2), 1, Corner.BEVEL)), 1e-6);
    Path round = Offset.of(box(0, 0, 2, 2), 1, Corner.ROUND);
    assertEquals(12 + Math.PI, Extent.area(round), 2e-3);
    assertTrue(Extent.points(round) <= 12, "points " + Extent.points(round));
    assertEquals(1, Extent.area(Offset.of(box(0, 0, 2, 2), -0.5, Corner.ROUND)), 1e-6);
    assertEquals(Path.EMPTY, Offset.of(box(0, 0, 2, 2), -1.01, Corner.ROUND));
  }
}
