package org.zipthimble.core.arrange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;

/** Lining up, spacing, scaling and turning: what holds however things lie. */
class ArrangeLawsTest {
  private static Job scattered(long seed) {
    Random random = new Random(seed);
    List<Item> items = new ArrayList<>();
    for (int i = 1; i <= 5; i++) {
      items.add(Made.rectangle("i" + i, random.nextDouble() * 4, random.nextDouble() * 6, 0.2 + random.nextDouble(),
          0.2 + random.nextDouble()));
    }
    return Made.card(items.toArray(new Item[0]));
  }

  private static Set<String> all(Job job) {
    Set<String> ids = new TreeSet<>();
    job.faces().get(0).items().forEach(i -> ids.add(i.id()));
    return ids;
  }

  private static Face face(Job job) {
    return job.faces().get(0);
  }

  private static Job done(Job job, Edit edit) {
    return edit.change().apply(job);
  }

  private static Map<String, Box> boxes(Job job) {
    Map<String, Box> out = new TreeMap<>();
    PlacedBox.of(face(job), all(job)).forEach(s -> out.put(s.id(), s.box()));
    return out;
  }

  @ParameterizedTest
  @EnumSource(AlignObjects.Edge.class)
  void linedUpTheyStandOnOneLineAndMoveNoOtherWay(AlignObjects.Edge edge) {
    for (AlignObjects.To to : AlignObjects.To.values()) {
      Job job = scattered(edge.ordinal() * 10L + to.ordinal());
      Job lined = done(job, AlignObjects.edit(job.frame(face(job)), face(job), all(job), edge, to, Optional.of("i3")));
      Map<String, Box> before = boxes(job);
      Map<String, Box> after = boxes(lined);
      double line = edge.of(after.get("i1"));
      after.forEach((id, box) -> {
        assertEquals(line, edge.of(box), 1e-9, id + " " + edge + " " + to);
        assertEquals(edge.axis().other().start(before.get(id)), edge.axis().other().start(box), 1e-9, "the other way it stays");
        assertEquals(before.get(id).width(), box.width(), 1e-9);
      });
      if (to == AlignObjects.To.KEY) {
        assertEquals(before.get("i3"), after.get("i3"), "the key object stays");
      }
      if (to == AlignObjects.To.TRIM) {
        assertEquals(edge.of(job.frame(face(job)).trim()), line, 1e-9);
      }
      Map<String, Box> again = boxes(
          done(lined, AlignObjects.edit(job.frame(face(job)), face(lined), all(job), edge, to, Optional.of("i3"))));
      after.forEach((id, box) -> assertTrue(box.contains(again.get(id), 1e-9), "a second time changes nothing"));
    }
  }

  @ParameterizedTest
  @EnumSource(Spacing.By.class)
  void spacedEvenlyTheyAreEven(Spacing.By by) {
    for (Axis axis : Axis.values()) {
      Job job = scattered(by.ordinal() * 10L + axis.ordinal());
      Job spaced = done(job, Spacing.evenly(job.frame(face(job)), face(job), all(job), axis, by, AlignObjects.To.EACH_OTHER));
      List<Box> sorted = boxes(spaced).values().stream().sorted(Comparator.comparingDouble(b -> switch (by) {
        case MIDDLES -> axis.middle(b);
        case ENDS -> axis.end(b);
        default -> axis.start(b);
      })).toList();
      double step = Double.NaN;
      for (int i = 1; i < sorted.size(); i++) {
        Box a = sorted.get(i - 1);
        Box b = sorted.get(i);
        double here = switch (by) {
          case GAPS -> axis.start(b) - axis.end(a);
          case STARTS -> axis.start(b) - axis.start(a);
          case MIDDLES -> axis.middle(b) - axis.middle(a);
          case ENDS -> axis.end(b) - axis.end(a);
        };
        assertEquals(Double.isNaN(step) ? here : step, here, 1e-9, by + " " + axis);
        step = here;
      }
      if (by == Spacing.By.GAPS) {
        assertTrue(Spacing.gaps(face(spaced), all(spaced), axis).orElseThrow().even());
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"0", "0.25", "-0.125", "1.5"})
  void aTypedGapIsTheGap(double gap) {
    Job job = scattered(42);
    Job set = done(job, Spacing.gap(face(job), all(job), Axis.ACROSS, gap, Optional.of("i2")));
    Spacing.Gaps gaps = Spacing.gaps(face(set), all(set), Axis.ACROSS).orElseThrow();
    assertEquals(gap, gaps.least(), 1e-9);
    assertEquals(gap, gaps.most(), 1e-9);
    assertEquals(boxes(job).get("i2"), boxes(set).get("i2"));
    double end = boxes(set).values().stream().mapToDouble(Box::right).max().orElseThrow();
    Job pulled = done(set, Spacing.pulled(face(set), all(set), Axis.ACROSS, end + 1));
    assertEquals(gap + 0.25, Spacing.gaps(face(pulled), all(pulled), Axis.ACROSS).orElseThrow().least(), 1e-9, "an inch over four gaps");
    assertTrue(Spacing.gaps(face(job), Set.of("i1"), Axis.DOWN).isEmpty(), "one alone has no gap");
  }

  @Property(seed = "20261128")
  void scalingAndBackIsNoChange(@ForAll long seed) {
    Random random = new Random(seed);
    Job job = scattered(random.nextLong());
    double factor = 0.2 + 3 * random.nextDouble();
    Point about = new Point(random.nextDouble() * 5, random.nextDouble() * 7);
    Job scaled = done(job, Resizing.scale("f1", all(job), factor, about));
    Map<String, Box> after = boxes(scaled);
    boxes(job).forEach((id, box) -> {
      assertEquals(box.width() * factor, after.get(id).width(), 1e-9);
      assertEquals(about.x() + (box.x() - about.x()) * factor, after.get(id).x(), 1e-9);
    });
    Map<String, Box> back = boxes(done(scaled, Resizing.scale("f1", all(job), 1 / factor, about)));
    boxes(job).forEach((id, box) -> assertTrue(box.contains(back.get(id), 1e-9), id));
  }

  @Property(seed = "20261128")
  void turningFourTimesAndFlippingTwiceIsNoChange(@ForAll long seed) {
    Random random = new Random(seed);
    Job job = scattered(random.nextLong());
    Point about = new Point(random.nextDouble() * 5, random.nextDouble() * 7);
    Job turned = job;
    for (int i = 0; i < 4; i++) {
      turned = done(turned, Resizing.turn("f1", all(job), 90, about));
    }
    Map<String, Box> round = boxes(turned);
    boxes(job).forEach((id, box) -> assertTrue(box.contains(round.get(id), 1e-6), id));
    double lean = random.nextDouble() * 180;
    Job flipped = done(done(job, Resizing.flip("f1", all(job), lean, about)), Resizing.flip("f1", all(job), lean, about));
    Map<String, Box> same = boxes(flipped);
    boxes(job).forEach((id, box) -> assertTrue(box.contains(same.get(id), 1e-6), id));
  }

  @Test
  void fittedIntoABoxTheyFillIt() {
    Job job = scattered(5);
    Box from = Resizing.box(face(job), all(job)).orElseThrow();
    Box to = new Box(1, 1, 2, 3);
    Job fitted = done(job, Resizing.fit("f1", all(job), from, to));
    Box there = Resizing.box(face(fitted), all(job)).orElseThrow();
    assertTrue(there.contains(to, 1e-9) && to.contains(there, 1e-9), there.toString());
    assertTrue(Resizing.box(face(job), Set.of("nobody")).isEmpty());
  }

  /** Whatever is moved near a line comes to lie on it, and what is far from all stays where it was put. */
  @Property(seed = "20261128")
  void aSnapEndsOnALineWithinReach(@ForAll long seed) {
    Random random = new Random(seed);
    Job job = scattered(random.nextLong());
    Item moving = face(job).items().get(0);
    Snapper snapper = Snapper.of(job, face(job), Set.of(moving.id()), 0);
    Box box = moving.placement().around();
    double dx = random.nextDouble() * 4 - 2;
    double dy = random.nextDouble() * 4 - 2;
    Snapper.Snapped snapped = snapper.move(box, dx, dy, 0.06);
    assertTrue(Math.abs(snapped.dx() - dx) <= 0.0601 && Math.abs(snapped.dy() - dy) <= 0.0601, "no farther than the reach");
    assertTrue(snapped.dx() == dx && snapped.dy() == dy || !snapped.hints().isEmpty(), "what snaps says so");
    Snapper.Snapped none = snapper.move(box, dx, dy, 0);
    assertEquals(dx, none.dx(), 1e-9, "without reach nothing snaps");
    assertEquals(dy, none.dy(), 1e-9);
  }

  @Test
  void aGridHoldsWhatNoLineDoes() {
    Job job = Made.card(Made.rectangle("i1", 1.03, 1.02, 1, 1));
    Snapper.Snapped snapped = Snapper.of(job, face(job), Set.of("i1"), 0.25).move(new Box(1.03, 1.02, 1, 1), 0.2, 0.2, 0.06);
    assertEquals(1.25, 1.03 + snapped.dx(), 1e-9);
    assertEquals(1.25, 1.02 + snapped.dy(), 1e-9);
  }

  @ParameterizedTest
  @CsvSource({"1, 1", "3, 2", "7, 31"})
  void formsHaveTheirLines(int columns, int rows) {
    LineLook line = LineLook.of(1, Colour.BLACK);
    Box box = new Box(1, 1, 3.5, 5);
    HoldsObjects table = FormGrid.table(10, box, columns, rows, line);
    assertEquals(1 + columns - 1 + rows - 1, table.members().size());
    assertEquals("i10", table.id());
    HoldsObjects boxes = FormGrid.boxes(10, box, columns, rows, 0.05, line);
    assertEquals(columns * rows, boxes.members().size());
    assertEquals(rows, FormGrid.lines(10, box, rows, line).members().size());
    Set<String> ids = new TreeSet<>();
    table.members().forEach(m -> assertTrue(ids.add(m.id())));
    assertThrows(IllegalArgumentException.class, () -> FormGrid.table(1, box, 0, 1, line));
    assertThrows(IllegalArgumentException.class, () -> FormGrid.boxes(1, box, 100, 100, 0, line), "more than are drawn");
  }

  @ParameterizedTest
  @EnumSource(SimilarObjects.By.class)
  void whatIsLockedOrHiddenIsNotAlike(SimilarObjects.By by) {
    ItemShape one = Made.rectangle("i1", 0, 0, 1, 1);
    ItemShape two = Made.rectangle("i2", 1, 0, 1, 1);
    ItemShape locked = Made.rectangle("i3", 2, 0, 1, 1);
    HoldsWords words = Made.words("i4", "a", 0, 2, 1, 1, Made.style("Figtree", "Regular", 12));
    HoldsWords same = Made.words("i5", "b", 0, 3, 1, 1, Made.style("Figtree", "Regular", 20));
    List<Item> beside = List.of(one, two, locked.withProperties(locked.properties().withLocked(true)), words, same);
    Set<String> shapes = SimilarObjects.among(beside, Set.of("i1"), by);
    assertEquals(by == SimilarObjects.By.FONT ? Set.of("i1") : Set.of("i1", "i2"), shapes);
    assertFalse(shapes.contains("i3"));
    assertEquals(Set.of("i4", "i5"), SimilarObjects.among(beside, Set.of("i4"), by));
  }
}
