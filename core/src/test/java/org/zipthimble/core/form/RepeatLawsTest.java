package org.zipthimble.core.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.item.Pattern;

/** Where the copies of a repeat stand: rows, rows of bricks, a width that is filled, circles, courses, mirrors. */
class RepeatLawsTest {
  private static final Box BOX = new Box(1, 2, 0.5, 0.25);

  private static List<Box> boxes(Pattern pattern) {
    return Repeats.of(BOX, pattern).stream().map(m -> m.apply(BOX)).toList();
  }

  @ParameterizedTest
  @CsvSource({"1, 1, 0, 0", "3, 2, 0.25, 0.125", "5, 4, 0, -0.1"})
  void rowsAndColumnsStandAGapApart(int across, int down, double gapX, double gapY) {
    List<Box> boxes = boxes(new Pattern.Grid(across, down, gapX, gapY, false));
    assertEquals(across * down, boxes.size());
    for (int i = 0; i < boxes.size(); i++) {
      assertEquals(1 + i % across * (0.5 + gapX), boxes.get(i).x(), 1e-9);
      assertEquals(2 + i / across * (0.25 + gapY), boxes.get(i).y(), 1e-9);
    }
  }

  @Test
  void everySecondRowOfBricksIsHalfAStepOn() {
    List<Box> boxes = boxes(new Pattern.Grid(4, 3, 0.25, 0, true));
    assertEquals(boxes.get(0).x() + 0.375, boxes.get(4).x(), 1e-9);
    assertEquals(boxes.get(0).x(), boxes.get(8).x(), 1e-9);
  }

  /** As many as go in with the gap that is asked for at least, the first and the last flush with the ends. */
  @Property(seed = "20261128")
  void aWidthIsFilledFromEndToEnd(@ForAll @DoubleRange(min = 1.1, max = 20) double width,
      @ForAll @DoubleRange(min = 0, max = 1) double gap) {
    Pattern.Fill fill = new Pattern.Fill(width, gap);
    List<Box> boxes = boxes(fill);
    assertEquals(Repeats.filling(0.5, fill), boxes.size());
    assertEquals(1, boxes.get(0).x(), 1e-9);
    if (boxes.size() > 1) {
      assertEquals(1 + width, boxes.get(boxes.size() - 1).right(), 1e-9);
      double between = boxes.get(1).x() - boxes.get(0).right();
      assertTrue(between >= gap - 1e-9, "gap " + between);
      assertTrue(0.5 * (boxes.size() + 1) + gap * boxes.size() > width - 1e-9, "one more would not go in");
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {2, 3, 12, 60})
  void copiesStandRoundACentre(int count) {
    Point centre = new Point(4, 4);
    Set<Long> angles = new HashSet<>();
    for (boolean turning : new boolean[] {false, true}) {
      List<Affine> maps = Repeats.of(BOX, new Pattern.Round(count, centre, turning, false));
      assertEquals(count, maps.size());
      for (Affine map : maps) {
        Point middle = map.apply(BOX.centre());
        assertEquals(BOX.centre().distance(centre), middle.distance(centre), 1e-9);
        angles.add(Math.round(Math.atan2(middle.y() - 4, middle.x() - 4) * 1e6));
        assertEquals(1, map.determinant(), 1e-9, "none is a mirror image");
        if (!turning) {
          assertEquals(1, map.a(), 1e-9, "what does not turn stands upright");
        }
      }
      assertEquals(count, angles.size());
    }
    long mirrored = Repeats.of(BOX, new Pattern.Round(count, centre, true, true)).stream().filter(m -> m.determinant() < 0).count();
    assertEquals(count / 2, mirrored, "every second one");
  }

  @Test
  void copiesFollowACourse() {
    Path line = Shapes.line(new Point(0, 0), new Point(6, 0));
    List<Box> boxes = boxes(new Pattern.Along(line, 4, false));
    for (int i = 0; i < 4; i++) {
      assertEquals(2 * i, boxes.get(i).centre().x(), 1e-6, "both ends have one");
      assertEquals(0, boxes.get(i).centre().y(), 1e-6);
    }
    Path circle = Shapes.ellipse(new Box(-2, -2, 4, 4));
    List<Affine> round = Repeats.of(BOX, new Pattern.Along(circle, 8, true));
    for (Affine map : round) {
      Point middle = map.apply(BOX.centre());
      assertEquals(2, middle.distance(new Point(0, 0)), 2e-3);
      Point along = map.apply(BOX.centre().plus(1, 0));
      double cosine = ((along.x() - middle.x()) * middle.x() + (along.y() - middle.y()) * middle.y()) / 2;
      assertEquals(0, cosine, 2e-3, "each lies along the course");
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 30, 45, 90, 135})
  void aMirrorIsItsOwnWayBack(double degrees) {
    Affine mirror = Repeats.mirror(degrees, new Point(1, 1));
    Point p = new Point(3, -2);
    assertEquals(0, mirror.apply(mirror.apply(p)).distance(p), 1e-9);
    assertEquals(-1, mirror.determinant(), 1e-9);
    Point on = new Point(1 + Math.cos(Math.toRadians(degrees)), 1 + Math.sin(Math.toRadians(degrees)));
    assertEquals(0, mirror.apply(on).distance(on), 1e-9, "what lies on the axis stays");
    assertEquals(2, boxes(new Pattern.Mirror(degrees, new Point(1, 1))).size());
  }

  @Test
  void figuresOutOfRangeAreRefused() {
    List<Supplier<Pattern>> wrong = List.of(
        () -> new Pattern.Grid(0, 1, 0, 0, false), () -> new Pattern.Grid(1, 100_000, 0, 0, false),
        () -> new Pattern.Grid(1, 1, Double.NaN, 0, false),
        () -> new Pattern.Fill(-1, 0), () -> new Pattern.Fill(Double.NaN, 0), () -> new Pattern.Round(0, new Point(0, 0), false, false),
        () -> new Pattern.Round(1_000_000, new Point(0, 0), false, false), () -> new Pattern.Along(Path.EMPTY, 0, false));
    wrong.forEach(w -> assertThrows(IllegalArgumentException.class, w::get));
  }
}
