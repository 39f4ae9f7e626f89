package org.zipthimble.core.nest;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.work.Progress;

/** What holds of every nest: each piece once, as it was asked for, within the stock and apart from the others, with figures that add up. */
class NestLawsTest {
  private static final Stock SHEET = new Stock(new Box(0.25, 0.25, 11.5, 11.5), false, Optional.empty());
  private static final Stock ROLL = new Stock(new Box(0, 0, 9, 120), true, Optional.empty());

  private static Rules rules(double gap, double step, boolean free) {
    return new Rules(gap, step, free, 0, 7);
  }

  private static List<Part> mixed(int count, long seed) {
    Random random = new Random(seed);
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double w = 0.5 + 2 * random.nextDouble();
      double h = 0.5 + 2 * random.nextDouble();
      Path outline = switch (i % 4) {
        case 0 -> Shapes.rectangle(new Box(0, 0, w, h));
        case 1 -> Shapes.ellipse(new Box(0, 0, w, h));
        case 2 -> ReadyForm.HEART.path(w, h, ReadyForm.HEART.usual(w, h));
        default -> ReadyForm.STAR.path(w, h, ReadyForm.STAR.usual(w, h));
      };
      parts.add(new Part("p" + i, outline));
    }
    return parts;
  }

  private static Nest nested(List<Part> parts, Stock stock, Rules rules) {
    return Nester.nest(parts, stock, rules, Progress.SILENT, better -> { });
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void everyPieceHasOnePlaceAndTheFiguresAddUp(long seed) {
    List<Part> parts = mixed(24, seed);
    Nest nest = nested(parts, SHEET, rules(0.1, 90, false));
    assertTrue(nest.left().isEmpty(), nest.left().toString());
    Set<String> ids = new HashSet<>();
    nest.spots().forEach(s -> assertTrue(ids.add(s.id()), s.id() + " lies twice"));
    assertEquals(24, ids.size());
    NesterTest.assertSound(parts, nest, SHEET, 0.1);
    assertEquals(1 + nest.spots().stream().mapToInt(Spot::sheet).max().orElseThrow(), nest.sheets());
    double area = parts.stream().mapToDouble(p -> Extent.area(p.outline())).sum();
    assertEquals(area / nest.used(), nest.yield(), 1e-6);
    assertTrue(nest.yield() > 0.2 && nest.yield() <= 1, "yield " + nest.yield());
  }

  @ParameterizedTest
  @CsvSource({"360, 1", "180, 2", "90, 4", "45, 8"})
  void piecesAreTurnedByWholeStepsAlone(double step, int ways) {
    Nest nest = nested(mixed(16, 3), SHEET, rules(0.05, step, false));
    Set<Long> turns = new HashSet<>();
    for (Spot spot : nest.spots()) {
      double turn = ((spot.turn() % 360) + 360) % 360;
      assertEquals(0, Math.abs(turn / step - Math.rint(turn / step)), 1e-9, "turned by " + turn);
      turns.add(Math.round(turn));
    }
    assertTrue(turns.size() <= ways, turns.toString());
  }

  @Test
  void aRollIsAsLongAsItsLastPiece() {
    List<Part> parts = mixed(20, 6);
    Nest nest = nested(parts, ROLL, rules(0.125, 90, false));
    assertEquals(1, nest.sheets());
    double last = nest.spots().stream().mapToDouble(
        s -> Measure.bounds(parts.get(Integer.parseInt(s.id().substring(1))).outline().mapped(s.map())).orElseThrow().bottom())
        .max().orElseThrow();
    assertEquals(last, nest.length(), 0.01);
    assertEquals(nest.length() * 9, nest.used(), 0.2);
  }

  @Test
  void theSameWorkIsDoneTheSameWay() {
    List<Part> parts = mixed(18, 9);
    assertEquals(nested(parts, SHEET, rules(0.1, 90, false)), nested(parts, SHEET, rules(0.1, 90, false)));
  }

  /** Squares that fill a sheet, to its very edge too: as many as go side by side, and no more. */
  @ParameterizedTest
  @CsvSource({"2, 0, 25", "2, 0.25, 25", "2.3, 0, 25", "3, 0.1, 9", "5.75, 0, 4"})
  void squaresFillASheet(double side, double gap, int most) {
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < most + 3; i++) {
      parts.add(new Part("p" + i, Shapes.rectangle(new Box(0, 0, side, side))));
    }
    Nest nest = nested(parts, SHEET, rules(gap, 90, false));
    assertEquals(2, nest.sheets(), "three are too many for the first sheet");
    assertEquals(most, nest.spots().stream().filter(s -> s.sheet() == 0).count());
    NesterTest.assertSound(parts, nest, SHEET, gap);
  }

  @Test
  void aNewPieceFindsRoomBesideThoseThatLie() {
    List<Part> lying = List.of(new Part("a", Shapes.rectangle(new Box(0.25, 0.25, 11.5, 5))));
    Optional<Spot> room = Nester.room(lying, new Part("b", Shapes.rectangle(new Box(0, 0, 4, 4))), SHEET, rules(0.25, 90, false));
    Box there = Measure.bounds(Shapes.rectangle(new Box(0, 0, 4, 4)).mapped(room.orElseThrow().map())).orElseThrow();
    assertTrue(there.y() >= 5.5 - 0.01 && there.bottom() <= 11.75 + 0.01, there.toString());
    assertTrue(Nester.room(lying, new Part("c", Shapes.rectangle(new Box(0, 0, 7, 7))), SHEET, rules(0.25, 90, false)).isEmpty(),
        "no room for so large a one");
  }

  @Test
  void nothingToLayIsNoSheet() {
    Nest nest = nested(List.of(), SHEET, rules(0, 90, false));
    assertTrue(nest.spots().isEmpty() && nest.left().isEmpty());
  }

  @ParameterizedTest
  @CsvSource({"-1, 90, 0", "6, 90, 0", "NaN, 90, 0", "0, 0, 0", "0, 361, 0", "0, NaN, 0", "0, 90, -1"})
  void rulesOutOfRangeAreRefused(double gap, double step, long millis) {
    assertThrows(IllegalArgumentException.class, () -> new Rules(gap, step, false, millis, 1));
  }
}
