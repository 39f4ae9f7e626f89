package org.zipthimble.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.units.Side;

/** Weeding boxes and weed lines keep their distance from every piece, measured by another library (JTS 1.20), or say that they cannot. */
class WeedingTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final Lane LANE = Lane.of("l1", "Leaf", Material.CUT_VINYL, Made.BEET).withSupply(Supply.MAT_12);

  private static Item kiss(Item item) {
    return item.with(item.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS)));
  }

  private static Job job(CutPlan plan, Item... items) {
    return Made.card(items).withCutting(plan);
  }

  /** Many rounds, nested from the very corner of the mat on. */
  private static Job full(CutPlan plan) {
    Item[] items = new Item[12];
    for (int i = 0; i < items.length; i++) {
      items[i] = kiss(Made.ellipse("i" + (i + 1), i % 3 * 1.6, i / 3 * 1.7, 1.2 + i % 4 * 0.1, 1.3));
    }
    return job(plan, items);
  }

  private static Geometry lines(Path path, boolean area) {
    Geometry all = SHAPES.createEmpty(area ? 2 : 1);
    for (List<Point> places : Flatten.chains(path, 1e-4)) {
      List<Coordinate> coordinates = new ArrayList<>(places.stream().map(p -> new Coordinate(p.x(), p.y())).toList());
      if (area && !coordinates.get(0).equals2D(coordinates.get(coordinates.size() - 1))) {
        coordinates.add(coordinates.get(0));
      }
      Coordinate[] ready = coordinates.toArray(new Coordinate[0]);
      all = all.union(area ? SHAPES.createPolygon(ready).buffer(0) : SHAPES.createLineString(ready));
    }
    return all;
  }

  private static double nearest(CutSheet sheet) {
    double nearest = Double.MAX_VALUE;
    for (CutLine extra : sheet.extras()) {
      for (CutPiece piece : sheet.pieces()) {
        nearest = Math.min(nearest, lines(extra.path(), false).distance(lines(piece.outline(), true)));
      }
    }
    return nearest;
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.01, 1.0 / 32, 0.1, 0.2})
  void boxAndLinesKeepTheTypedDistanceFromEveryPiece(double clear) {
    Job job = full(CutPlan.NONE.withLanes(List.of(LANE)).withNested(true).weeded(0.25, 1.5).withWeedClear(Optional.of(clear)));
    List<CutSheet> sheets = Layout.of(job).sheets();
    assertFalse(sheets.isEmpty());
    for (CutSheet sheet : sheets) {
      assertTrue(sheet.extras().size() > 1, "a box and lines");
      assertTrue(nearest(sheet) >= clear - 5e-4, "nearest " + nearest(sheet));
    }
  }

  @Test
  void whereNothingIsTypedTheyKeepAThirtySecond() {
    Job job = full(CutPlan.NONE.withLanes(List.of(LANE)).withNested(true).weeded(0.25, 0));
    Layout.of(job).sheets().forEach(s -> assertTrue(nearest(s) >= CutPlan.WEED_CLEAR - 5e-4, "nearest " + nearest(s)));
  }

  @Test
  void aSideWithoutRoomIsLeftOutAndANoteSaysWhich() {
    Lane narrow = LANE.withSupply(Supply.mat(4, 4, 0.25));
    CutPlan plan = CutPlan.NONE.withLanes(List.of(narrow)).weeded(0.25, 0);
    Job job = job(plan, kiss(Made.rectangle("i1", 0, 0, 3.48, 1)));
    CutSheet sheet = Layout.of(job).sheets().get(0);
    Set<Side> without = Weeding.without(plan, sheet);
    assertTrue(without.contains(Side.LEFT) && without.contains(Side.RIGHT) && !without.contains(Side.BOTTOM), without.toString());
    assertTrue(nearest(sheet) >= CutPlan.WEED_CLEAR - 1e-9);
    assertEquals(4 - without.size(), Contour.of(sheet.extras().get(0).path()).size(), "each side left is a line");
    Finding note = Checks.run(job).stream().filter(f -> f.code().equals("weed-room")).findFirst().orElseThrow();
    assertEquals(Weight.NOTE, note.weight());
    assertTrue(note.sentence().contains("left") && note.sentence().contains("right"), note.sentence());
  }

  @Test
  void withRoomAllRoundTheBoxIsWholeAndNothingIsSaid() {
    Lane roomy = LANE.withSupply(Supply.mat(12, 12, 0.25));
    Job job = job(CutPlan.NONE.withLanes(List.of(roomy.withBlade(roomy.blade().reaching(0, 0.09)))).weeded(0.05, 0),
        kiss(Made.ellipse("i1", 1, 1, 2, 2)));
    CutSheet sheet = Layout.of(job).sheets().get(0);
    List<Contour> box = Contour.of(sheet.extras().get(0).path());
    assertEquals(Set.of(), Weeding.without(job.cutting(), sheet));
    assertTrue(box.size() == 1 && box.get(0).closed());
    assertTrue(Checks.run(job).stream().noneMatch(f -> f.code().equals("weed-room")));
  }
}
