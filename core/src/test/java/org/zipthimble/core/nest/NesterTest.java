package org.zipthimble.core.nest;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Polygons;
import org.zipthimble.core.work.Progress;

/** Nesting: nothing overlaps, the gap is kept, puzzles with a known perfect answer come out well. */
class NesterTest {
  private static final Stock SHEET = new Stock(new Box(0.25, 0.25, 11.5, 11.5), false, Optional.empty());

  static void assertSound(List<Part> parts, Nest nest, Stock stock, double gap) {
    for (int i = 0; i < nest.spots().size(); i++) {
      Path a = placed(parts, nest.spots().get(i));
      Box box = Measure.bounds(a).orElseThrow();
      assertTrue(stock.usable().grown(1e-3).contains(box, 1e-3), "inside the usable area: " + box);
      for (int k = 0; k < i; k++) {
        if (nest.spots().get(i).sheet() == nest.spots().get(k).sheet()) {
          Path b = placed(parts, nest.spots().get(k));
          if (gap > 0) {
            assertTrue(Polygons.distance(a, b) > gap - 2e-3, "the gap is kept");
          } else {
            assertTrue(Extent.area(Combine.combine(Way.KEEP_OVERLAP, List.of(a, b))) < 2e-3, "nothing overlaps");
          }
        }
      }
    }
  }

  private static Path placed(List<Part> parts, Spot spot) {
    return parts.stream().filter(p -> p.id().equals(spot.id())).findFirst().orElseThrow().outline().mapped(spot.map());
  }

  /** A rectangle cut by random straight lines into pieces, each turned at random: the perfect answer is its own area. */
  static List<Part> puzzle(int pieces, long seed, double width, double height, boolean turned) {
    Random random = new Random(seed);
    List<Path> cut = new ArrayList<>(List.of(Shapes.rectangle(new Box(0, 0, width, height))));
    while (cut.size() < pieces) {
      cut.sort((a, b) -> Double.compare(Extent.area(b), Extent.area(a)));
      Path largest = cut.remove(0);
      Point middle = Measure.bounds(largest).orElseThrow().centre();
      double angle = random.nextDouble() * 180;
      Path half = Shapes.rectangle(new Box(-50, 0, 100, 50)).mapped(
          Affine.turn(angle, new Point(0, 0)).then(Affine.move(middle.x() + random.nextGaussian() * 0.2, middle.y())));
      cut.add(Combine.combine(Way.KEEP_OVERLAP, List.of(largest, half)));
      cut.add(Combine.combine(Way.TAKE_AWAY, List.of(largest, half)));
    }
    List<Part> parts = new ArrayList<>();
    for (Path p : cut) {
      Affine turn = Affine.turn(turned ? random.nextDouble() * 360 : 0, new Point(0, 0));
      parts.add(new Part("p" + parts.size(), p.mapped(turn)));
    }
    return parts;
  }

  @Test
  void aPuzzleTurnedAtRandomComesOutWell() {
    List<Part> parts = puzzle(12, 5, 10, 8, true);
    Stock roll = new Stock(new Box(0, 0, 10, 60), true, Optional.empty());
    Nest nest = Nester.nest(parts, roll, new Rules(0, 90, true, 4000, 1), Progress.SILENT, n -> {});
    assertEquals(12, nest.spots().size());
    assertSound(parts, nest, roll, 0);
    assertTrue(nest.yield() > 0.7, "yield " + nest.yield());
  }

  /** Searched to its end, so that no clock is asked: the perfect answer is the rectangle that was cut. */
  @ParameterizedTest
  @CsvSource({"12, 5", "20, 20", "24, 3", "30, 30", "40, 8"})
  void aCutRectangleIsPutTogetherAgain(int pieces, long seed) {
    List<Part> parts = puzzle(pieces, seed, 12, 10, true);
    Stock roll = new Stock(new Box(0, 0, 12, 60), true, Optional.empty());
    Nest nest = byCorners(parts, roll, new Rules(0, 90, true, 0, 1));
    assertEquals(pieces, nest.spots().size());
    assertSound(parts, nest, roll, 0);
    assertEquals(10, nest.length(), 0.001);
    assertEquals(1, nest.yield(), 0.001);
  }

  /** Eight half squares of 2 in: two make a square with a slanting gap, so its side is 2 in and the gap by the root of two. */
  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void halvesAreLaidIntoSquaresWithTheirGap(boolean free) {
    double gap = 0.1;
    double square = 2 + gap / Math.sqrt(2);
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      Path half = Combine.combine(Way.KEEP_OVERLAP, List.of(Shapes.rectangle(new Box(0, 0, 2, 2)),
          Shapes.rectangle(new Box(-5, 0, 10, 5)).mapped(Affine.turn(45, new Point(0, 0)))));
      parts.add(new Part("p" + i, half.mapped(Affine.turn(free ? 17 * i : 90 * i, new Point(0, 0)))));
    }
    Stock roll = new Stock(new Box(0.5, 0.5, 2 * square + gap + 0.001, 40), true, Optional.empty());
    Nest nest = byCorners(parts, roll, new Rules(gap, 90, free, 0, 1));
    assertEquals(8, nest.spots().size());
    assertSound(parts, nest, roll, gap);
    assertEquals(2 * square + gap, nest.length(), 0.01);
  }

  private static Nest byCorners(List<Part> parts, Stock stock, Rules rules) {
    List<Form> forms = parts.stream().map(p -> Form.of(p, rules.gap())).toList();
    assertTrue(CornerSearch.suits(forms));
    List<List<Pose>> found = new ArrayList<>();
    new CornerSearch(forms, new Field(stock.usable(), stock.scrap(), rules.gap() / 2), rules, () -> false).search(found::add);
    return Nester.laid(found.get(found.size() - 1), stock, rules);
  }

  @Test
  void theGapAndTheEdgeAreKept() {
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < 14; i++) {
      parts.add(new Part("e" + i, Shapes.ellipse(new Box(5, 7, 2.5, 1.2 + i * 0.05))));
    }
    Nest nest = Nester.nest(parts, SHEET, new Rules(0.125, 90, false, 600, 1), Progress.SILENT, n -> {});
    assertEquals(14, nest.spots().size());
    assertEquals(1, nest.sheets());
    assertSound(parts, nest, SHEET, 0.125);
    assertTrue(nest.spots().stream().allMatch(s -> Math.abs(s.turn() / 90 - Math.rint(s.turn() / 90)) < 1e-9));
  }

  @Test
  void whatGoesOnNoSheetIsNamedAndTheRestTakesAsManySheetsAsItNeeds() {
    List<Part> parts = new ArrayList<>(List.of(new Part("wide", Shapes.rectangle(new Box(0, 0, 24.311, 2)))));
    for (int i = 0; i < 6; i++) {
      parts.add(new Part("half" + i, Shapes.rectangle(new Box(0, 0, 11, 5.5))));
    }
    Nest nest = Nester.nest(parts, SHEET, new Rules(0.125, 360, false, 200, 1), Progress.SILENT, n -> {});
    assertEquals(List.of("wide"), nest.left());
    assertEquals(3, nest.sheets());
    assertSound(parts, nest, SHEET, 0.125);
  }

  @Test
  void piecesStayInsideAScrapAndInsideTheHoleOfAFrame() {
    Path scrap = Shapes.ellipse(new Box(0.25, 0.25, 10, 7));
    Stock stock = new Stock(new Box(0, 0, 11, 8), false, Optional.of(scrap));
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      parts.add(new Part("r" + i, Shapes.rectangle(new Box(0, 0, 1.5, 1.2))));
    }
    Nest nest = Nester.nest(parts, stock, new Rules(0.1, 90, false, 300, 1), Progress.SILENT, n -> {});
    nest.spots().forEach(s -> assertTrue(Polygons.within(placed(parts, s), scrap, 2e-3)));
    assertTrue(nest.spots().size() >= 8, "laid: " + nest.spots().size());

    Path frame = Combine.combine(Way.TAKE_AWAY, List.of(
        Shapes.rectangle(new Box(0, 0, 11.4, 11.4)), Shapes.rectangle(new Box(0.5, 0.5, 10.4, 10.4))));
    List<Part> framed = List.of(new Part("frame", frame), new Part("in", Shapes.ellipse(new Box(0, 0, 9, 9))));
    Nest inside = Nester.nest(framed, SHEET, new Rules(0.125, 90, false, 300, 1), Progress.SILENT, n -> {});
    assertEquals(1, inside.sheets(), "the round lies in the frame's hole");
    assertSound(framed, inside, SHEET, 0.125);
  }

  @Test
  void stoppedAtOnceItGivesWhatItHas() {
    List<Part> parts = puzzle(10, 3, 8, 8, true);
    Progress stop = new Progress() {
      @Override
      public void at(double fraction) {}

      @Override
      public boolean stopped() {
        return true;
      }
    };
    Stock roll = new Stock(new Box(0, 0, 8, 60), true, Optional.empty());
    Nest nest = Nester.nest(parts, roll, new Rules(0, 90, false, 60_000, 1), stop, n -> {});
    assertEquals(10, nest.spots().size());
    assertSound(parts, nest, roll, 0);
  }
}
