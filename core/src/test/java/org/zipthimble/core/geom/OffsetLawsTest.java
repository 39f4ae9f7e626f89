package org.zipthimble.core.geom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Offset;

/** Outlines at a distance against Steiner's formula for convex areas (A + L d + π d², L + 2 π d) and against the area of plain figures. */
class OffsetLawsTest {
  private static Path convex(long seed) {
    Random random = new Random(seed);
    int corners = 3 + random.nextInt(9);
    Path.Builder out = Path.build();
    for (int i = 0; i < corners; i++) {
      double angle = 2 * Math.PI * (i + 0.3 * random.nextDouble()) / corners;
      double x = 3 * Math.cos(angle);
      double y = 1.5 * Math.sin(angle);
      if (i == 0) {
        out.start(x, y);
      } else {
        out.line(x, y);
      }
    }
    return out.close().path();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void roundOffsetsFollowSteiner(long seed) {
    Path shape = convex(seed);
    double area = Math.abs(Extent.area(shape));
    double length = Extent.length(shape);
    for (double d : new double[] {0.0625, 0.25, 1}) {
      Path grown = Offset.of(shape, d, Corner.ROUND);
      assertEquals(area + length * d + Math.PI * d * d, Extent.area(grown), 2e-3 * d * length + 1e-3, "seed " + seed + " by " + d);
      assertEquals(length + 2 * Math.PI * d, Extent.length(grown), 4e-3 * length, "seed " + seed + " by " + d);
      Path back = Offset.of(grown, -d, Corner.ROUND);
      assertEquals(area, Extent.area(back), 4e-3 * length, "there and back: what is convex is as it was");
    }
  }

  @ParameterizedTest
  @CsvSource({"0.1", "0.5", "2"})
  void squaresGrowByTheirCorner(double d) {
    Path square = Shapes.rectangle(new Box(0, 0, 3, 3));
    assertEquals((3 + 2 * d) * (3 + 2 * d), Extent.area(Offset.of(square, d, Corner.MITRE)), 1e-3);
    assertEquals(9 + 12 * d + Math.PI * d * d, Extent.area(Offset.of(square, d, Corner.ROUND)), 5e-3);
    // a bevel cuts each corner between the ends of its two edges: half a square of d is left of each
    assertEquals(9 + 12 * d + 2 * d * d, Extent.area(Offset.of(square, d, Corner.BEVEL)), 5e-3);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.25, 0.5, 1, 1.4})
  void inwardsARectangleShrinksUntilNothingIsLeft(double d) {
    Path shape = Shapes.rectangle(new Box(1, 1, 4, 3));
    assertEquals((4 - 2 * d) * (3 - 2 * d), Extent.area(Offset.of(shape, -d, Corner.ROUND)), 1e-3);
    assertEquals(Path.EMPTY, Offset.of(shape, -1.6, Corner.ROUND));
  }

  @Test
  void holesCloseAsTheirEdgeGrows() {
    Path ring = Combine.combine(Way.TAKE_AWAY, List.of(Shapes.ellipse(new Box(-2, -2, 4, 4)), Shapes.ellipse(new Box(-1, -1, 2, 2))));
    assertEquals(3 * Math.PI, Extent.area(ring), 0.01);
    double d = 0.25;
    assertEquals(Math.PI * (2.25 * 2.25 - 0.75 * 0.75), Extent.area(Offset.of(ring, d, Corner.ROUND)), 0.02);
    assertEquals(Math.PI * 3.1 * 3.1, Extent.area(Offset.of(ring, 1.1, Corner.ROUND)), 0.04, "a hole that is filled is gone");
    assertEquals(Math.PI * (1.75 * 1.75 - 1.25 * 1.25), Extent.area(Offset.of(ring, -d, Corner.ROUND)), 0.02);
  }

  @Test
  void aLineBecomesAStadium() {
    Path line = Shapes.line(new Point(0, 0), new Point(4, 3));
    assertEquals(5 * 2 * 0.5 + Math.PI * 0.25, Extent.area(Offset.around(line, 0.5, true)), 5e-3);
    Box bounds = Measure.bounds(Offset.around(Shapes.line(new Point(0, 0), new Point(4, 0)), 0.5, true)).orElseThrow();
    assertTrue(bounds.contains(new Box(-0.5, -0.5, 5, 1), 1e-3) && new Box(-0.5, -0.5, 5, 1).contains(bounds, 1e-3), bounds.toString());
  }

  /** Joining, taking away and overlap of two discs: a lens of 2 r² acos(d/2r) - d/2 √(4r² - d²). */
  @ParameterizedTest
  @ValueSource(doubles = {0.2, 1, 1.7, 1.99})
  void twoDiscsMakeALens(double d) {
    Path one = Shapes.ellipse(new Box(-1, -1, 2, 2));
    Path two = Shapes.ellipse(new Box(d - 1, -1, 2, 2));
    double lens = 2 * Math.acos(d / 2) - d / 2 * Math.sqrt(4 - d * d);
    assertEquals(lens, Extent.area(Combine.combine(Way.KEEP_OVERLAP, List.of(one, two))), 2e-3);
    assertEquals(2 * Math.PI - lens, Extent.area(Combine.combine(Way.JOIN, List.of(one, two))), 4e-3);
    assertEquals(Math.PI - lens, Extent.area(Combine.combine(Way.TAKE_AWAY, List.of(one, two))), 3e-3);
    List<Path> apart = Combine.apart(List.of(one, two));
    assertEquals(3, apart.size(), "two moons and a lens");
    assertEquals(2 * Math.PI - lens, apart.stream().mapToDouble(Extent::area).sum(), 4e-3);
    for (Path piece : apart) {
      assertTrue(Inside.contains(piece, Combine.inside(piece), 1e-4));
    }
  }

  @Test
  void aShapeIsPartedAndItsHolesAreTakenOut() {
    Path ring = Combine.combine(Way.TAKE_AWAY, List.of(Shapes.rectangle(new Box(0, 0, 4, 4)), Shapes.rectangle(new Box(1, 1, 2, 2))));
    Path far = ring.plus(Shapes.rectangle(new Box(10, 0, 1, 1)));
    List<Path> parts = Combine.parts(far);
    assertEquals(List.of(12.0, 1.0), parts.stream().map(p -> Math.rint(Extent.area(p) * 1e6) / 1e6).toList(), "the largest first");
    assertEquals(16, Extent.area(Combine.withoutHoles(ring)), 1e-9);
    assertTrue(Combine.parts(Path.EMPTY).isEmpty());
  }
}
