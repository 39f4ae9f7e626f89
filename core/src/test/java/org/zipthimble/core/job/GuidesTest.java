package org.zipthimble.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;

class GuidesTest {
  private static final double EXACT = 1e-9;

  @Test
  void aGuideMeasuresMirrorsAndIsClipped() {
    Guide slant = new Guide(new Point(0, 0), 45, false);
    assertEquals(Math.sqrt(2) / 2, slant.distance(new Point(1, 0)), EXACT, "geometry: distance from the diagonal");
    Point mirrored = slant.mirror().apply(new Point(3, 1));
    assertEquals(1, mirrored.x(), EXACT);
    assertEquals(3, mirrored.y(), EXACT);
    Point[] ends = slant.within(new Box(1, 0, 2, 2)).orElseThrow();
    assertEquals(new Point(1, 1).distance(ends[0]), 0, 1e-6);
    assertEquals(new Point(2, 2).distance(ends[1]), 0, 1e-6);
    assertTrue(slant.within(new Box(5, 0, 1, 1)).isEmpty());
    assertTrue(Guide.down(2).upright() && Guide.across(2).level());
    assertEquals(45, new Guide(new Point(0, 0), 225, false).degrees(), EXACT);
    assertThrows(IllegalArgumentException.class, () -> new Guide(new Point(Double.NaN, 0), 0, false));
  }

  @Test
  void columnsAndRowsFillTheSizeBetweenTheMargins() {
    Columns columns = new Columns(3, 2, 0.5, 1, 0.5, 1, 0.25);
    List<Box> cells = columns.cells(new Size(5, 7));
    assertEquals(6, cells.size());
    assertEquals(new Box(0.5, 1, 3.5 / 3, 4.75 / 2), cells.get(0));
    assertEquals(4.5, cells.get(2).right(), EXACT);
    assertEquals(6, cells.get(5).bottom(), EXACT);
    assertEquals(0.25, cells.get(1).x() - cells.get(0).right(), EXACT);
    assertFalse(Columns.of(40, 1, 1, 0.2).goesOn(new Size(5, 7)));
    assertThrows(IllegalArgumentException.class, () -> Columns.of(0, 1, 1, 1));
  }

  @Test
  void theWallHasFortyItemsAndAnswersWordsAndSizes() {
    List<WallItem> wall = WallItem.standard();
    assertTrue(wall.size() >= 40, "items: " + wall.size());
    assertEquals(Purpose.values().length, wall.stream().map(i -> i.purpose().orElseThrow()).collect(Collectors.toSet()).size());
    assertEquals(Set.of("jar_label", "large_label"), found(wall, "jar"));
    assertTrue(found(wall, "5 x 7").containsAll(Set.of("invitation", "small_print", "sticker_sheet")));
    assertTrue(found(wall, "7 x 5").contains("invitation"), "either way round");
    assertTrue(found(wall, "210 mm x 297 mm").contains("print_a4"));
    assertTrue(found(wall, "2x6").contains("short_bookmark"));
    assertEquals(Set.of(), found(wall, "zeppelin"));
  }

  private static Set<String> found(List<WallItem> wall, String search) {
    return wall.stream().filter(i -> i.answers(search, Unit.INCH)).map(WallItem::key).collect(Collectors.toSet());
  }

  /** Common practice, no source: a 5 x 7 card goes in a 5.25 x 7.25 envelope. */
  @Test
  void envelopesFitTheirCards() {
    assertEquals(StandardItem.ENVELOPE_A7, WallItem.envelopes(new Size(5, 7)).get(0));
    assertEquals(StandardItem.ENVELOPE_A2, WallItem.envelopes(new Size(4.25, 5.5)).get(0));
    assertEquals(StandardItem.ENVELOPE_A6, WallItem.envelopes(new Size(6, 4)).get(0));
    assertEquals(List.of(), WallItem.envelopes(new Size(20, 30)));
  }

  @Test
  void oneScaleHangsTheTallestWhole() {
    assertEquals(8, WallScale.fitting(List.of(new Size(5, 7), new Size(24, 36)), 1000, 288), EXACT);
    assertEquals(WallScale.MOST, WallScale.fitting(List.of(new Size(1, 1)), 1000, 288), EXACT);
  }
}
