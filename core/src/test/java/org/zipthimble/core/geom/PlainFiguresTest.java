package org.zipthimble.core.geom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.wording.Trouble;

/** Figures whose areas and parts follow by plain arithmetic: squares within squares, boards, pinches, bars and loops. */
class PlainFiguresTest {
  private static final double FINE = 1e-6;

  private static Path square(double x, double y, double side) {
    return Shapes.rectangle(new Box(x, y, side, side));
  }

  private static Path nest(int depth) {
    Path all = Path.EMPTY;
    for (int i = 0; i < depth; i++) {
      all = all.plus(square(i, i, 2 * depth - 2 * i));
    }
    return all;
  }

  @ParameterizedTest
  @CsvSource({"1, 4", "2, 12", "3, 24", "4, 40", "7, 112"})
  void squaresWithinSquaresAreRingsByTheEvenOddRule(int depth, double area) {
    Path rings = Combine.clean(nest(depth), Rule.EVEN_ODD);
    assertEquals(area, Extent.area(rings), FINE, "the sides are 2, 4, 6 and so on: each second frame counts");
    assertEquals((depth + 1) / 2, Combine.parts(rings).size());
    assertEquals(4.0 * depth * depth, Extent.area(Combine.clean(nest(depth), Rule.NON_ZERO)), FINE, "all run the same way");
  }

  /** Squares of one colour of a board touch at corners alone: parts of their own, with both colours one square without a seam. */
  @Test
  void aBoardIsThirtyTwoPartsOrOneSquare() {
    List<Path> dark = new ArrayList<>();
    List<Path> all = new ArrayList<>();
    for (int i = 0; i < 64; i++) {
      Path one = square(i % 8, Math.floorDiv(i, 8), 1);
      all.add(one);
      if ((i + i / 8) % 2 == 0) {
        dark.add(one);
      }
    }
    Path board = Combine.combine(Way.JOIN, dark);
    assertEquals(32, Extent.area(board), FINE);
    assertEquals(32, Combine.parts(board).size());
    Path whole = Combine.combine(Way.JOIN, all);
    assertEquals(64, Extent.area(whole), FINE);
    assertEquals(4, Contour.of(whole).get(0).spans().size(), "no seam is left");
    assertEquals(Path.EMPTY, Combine.combine(Way.KEEP_OVERLAP, List.of(all.get(0), all.get(1))), "neighbours share an edge, no area");
    assertEquals(
        0, Extent.area(Combine.combine(Way.COMPOUND, List.of(whole, board, Combine.combine(Way.TAKE_AWAY, List.of(whole, board))))), FINE);
  }

  /** The tips of a clasp meet in one place: what they hold is a hole that touches the outside. */
  @Test
  void whatAClaspHoldsIsAHole() {
    Path clasp = Path.build().start(0, 0).line(4, 0).line(4, 4).line(3, 4).line(3, 1).line(1, 1).line(1, 3).line(3, 4).line(0, 4).close()
        .path();
    Path clean = Combine.clean(clasp, Rule.NON_ZERO);
    assertEquals(16 - Extent.area(Path.build().start(3, 4).line(3, 1).line(1, 1).line(1, 3).close().path()), Extent.area(clean), FINE);
    assertEquals(1, Combine.parts(clean).size());
    assertEquals(2, Contour.of(Combine.parts(clean).get(0)).size(), "a shell and a hole");
    assertEquals(1, Contour.of(Combine.withoutHoles(clean)).size());
  }

  /** A cubic that crosses itself encloses a loop: both its arms and the loop keep the curve. */
  @Test
  void aCurveThatCrossesItselfKeepsItsLoopAndItsArms() {
    Path loop = Path.build().start(0, 0).curve(new Point(6, 4), new Point(-2, 4), new Point(4, 0)).close().path();
    Path clean = Combine.clean(loop, Rule.NON_ZERO);
    Span span = Contour.of(loop).get(0).spans().get(0);
    double off = 0;
    for (List<Point> chain : Flatten.chains(clean, 1e-5)) {
      for (Point p : chain) {
        off = Math.max(off, Inside.distance(loop, p, 1e-5));
      }
    }
    assertEquals(0, off, 1e-4, "nothing lies off the curve and its chord");
    // x = 28t³ - 42t² + 18t is 2 on the axis of symmetry: (t - 1/2)(28t² - 28t + 4) = 0, so the crossing is where 7t² - 7t + 1 = 0.
    double first = (7 - Math.sqrt(21)) / 14;
    Point crossing = span.at(first);
    assertEquals(0, crossing.distance(span.at(1 - first)), FINE);
    assertTrue(Contour.of(clean).stream().flatMap(c -> c.spans().stream()).anyMatch(s -> s.from().distance(crossing) < 1e-4),
        "the true crossing is a corner");
    double loopArea = Math.abs(new Contour(List.of(span.part(first, 1 - first)), true).area());
    double arms = Math.abs(new Contour(List.of(span.part(0, first), span.part(1 - first, 1)), true).area());
    assertEquals(loopArea + arms, Extent.area(clean), 1e-4);
  }

  @ParameterizedTest
  @CsvSource({"0.05, 0.0100", "0.09, 0.0004", "0.1, 0", "0.15, 0", "3, 0"})
  void aSquareHoleCloses(double distance, double left) {
    Path frame = Combine.combine(Way.TAKE_AWAY, List.of(square(0, 0, 2), square(0.9, 0.9, 0.2)));
    double grown = 4 + 8 * distance + Math.PI * distance * distance;
    assertEquals(grown - left, Extent.area(Offset.of(frame, distance, Corner.ROUND)), 2e-3 * (1 + distance),
        "a hole of 0.2 in by " + distance);
  }

  /** A bar with a neck of 0.1 in falls apart when 0.06 in are taken from every side, and vanishes at half its own width. */
  @Test
  void whatIsThinFallsApart() {
    Path bar = Combine.combine(Way.JOIN, List.of(square(0, 0, 1), square(2, 0, 1), Shapes.rectangle(new Box(0.5, 0.45, 2, 0.1))));
    assertEquals(1, Combine.parts(Offset.of(bar, -0.04, Corner.MITRE)).size());
    Path parts = Offset.of(bar, -0.06, Corner.MITRE);
    assertEquals(2, Combine.parts(parts).size());
    assertEquals(2 * 0.88 * 0.88, Extent.area(parts), 1e-3);
    assertEquals(Path.EMPTY, Offset.of(bar, -0.51, Corner.MITRE));
  }

  /** However far: no more places than a round joint has chords (this once asked for more than there is memory). */
  @ParameterizedTest
  @CsvSource({"100", "100000", "1000000000"})
  void anOffsetBeyondAllMeasureStillEnds(double distance) {
    Path grown = Offset.of(square(0, 0, 1), distance, Corner.ROUND);
    assertTrue(Extent.points(grown) < 700, Extent.points(grown) + " points");
    assertEquals(1 + 4 * distance + Math.PI * distance * distance, Extent.area(grown), 1e-3 * distance * distance);
    assertEquals(Path.EMPTY, Offset.of(square(0, 0, 1), -distance, Corner.ROUND));
  }

  @Test
  void whatCrossesTooOftenIsRefusedWithASentence() {
    Path.Builder out = Path.build().start(0, 0);
    for (int i = 1; i < 700; i++) {
      out.line(i % 2 * 10, i * 7919 % 701 / 70.0);
    }
    IllegalStateException refused = assertThrows(IllegalStateException.class, () -> Combine.clean(out.close().path(), Rule.NON_ZERO));
    assertTrue(refused.getCause() instanceof Trouble && refused.getMessage().contains("100"), refused.getMessage());
  }
}
