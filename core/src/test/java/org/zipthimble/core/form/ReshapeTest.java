package org.zipthimble.core.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;

class ReshapeTest {
  @Property(seed = "20261128")
  void pullingAPinKeepsTheOppositeOneWhereItIs(
      @ForAll Handle handle, @ForAll @DoubleRange(min = 0, max = 359) double turn,
      @ForAll @DoubleRange(min = -3, max = 9) double x, @ForAll @DoubleRange(min = -3, max = 9) double y, @ForAll boolean keep) {
    Placement from = Placement.of(1, 2, 3, 1.5, turn);
    Placement to = Reshape.pulled(from, handle, new Point(x, y), keep);
    Point before = at(from, -handle.across(), -handle.down());
    Point after = at(to, -handle.across(), -handle.down());
    assertEquals(before.x(), after.x(), 1e-9);
    assertEquals(before.y(), after.y(), 1e-9);
    assertTrue(to.width() >= Reshape.LEAST - 1e-12 && to.height() > 0);
    if (keep) {
      assertEquals(2, to.width() / to.height(), 1e-6);
    }
  }

  private static Point at(Placement p, int across, int down) {
    return p.toGround().apply(new Point(p.width() * (across + 1) / 2, p.height() * (down + 1) / 2));
  }

  @Test
  void aPinGoesWhereItIsPulled() {
    Placement to = Reshape.pulled(Placement.of(1, 1, 2, 2, 0), Handle.BOTTOM_RIGHT, new Point(4, 5), false);
    assertEquals(Placement.of(1, 1, 3, 4, 0), to);
    Placement side = Reshape.pulled(Placement.of(1, 1, 2, 2, 0), Handle.LEFT, new Point(0, 9), false);
    assertEquals(Placement.of(0, 1, 3, 2, 0), side);
  }

  @Test
  void typedSizesKeepProportionWhenAsked() {
    Placement from = Placement.of(0, 0, 4, 2, 0);
    assertEquals(Placement.of(0, 0, 6, 3, 0), Reshape.widened(from, 6, true));
    assertEquals(Placement.of(0, 0, 6, 2, 0), Reshape.widened(from, 6, false));
    assertEquals(Placement.of(0, 0, 2, 1, 0), Reshape.heightened(from, 1, true));
  }

  @Test
  void theBeadTurnsTowardsThePointerInSteps() {
    Placement from = Placement.of(0, 0, 2, 2, 0);
    assertEquals(90, Reshape.turnedTowards(from, new Point(9, 1), 0).turn(), 1e-9);
    assertEquals(180, Reshape.turnedTowards(from, new Point(1, 9), 0).turn(), 1e-9);
    assertEquals(45, Reshape.turnedTowards(from, new Point(5, -2.5), 15).turn(), 1e-9);
    assertEquals(270, Placement.of(0, 0, 1, 1, -90).turn(), "turns are kept from 0 to 360");
  }

  @Test
  void aLineLiesBetweenItsEnds() {
    Placement line = Reshape.line(new Point(1, 1), new Point(4, 5));
    assertEquals(5, line.width(), 1e-12);
    assertEquals(new Point(1, 1).x(), line.toGround().apply(new Point(0, 0)).x(), 1e-9);
    assertEquals(5, line.toGround().apply(new Point(5, 0)).y(), 1e-9);
  }

  @Test
  void groupingAndUngroupingLeavesEverythingInPlace() {
    Item turned = Made.rectangle("i1", 1, 1, 2, 1).with(Placement.of(1, 1, 2, 1, 30));
    Job job = Made.card(turned, Made.ellipse("i2", 2, 3, 1, 1));
    Job grouped = Grouping.group("f1", Set.of("i1", "i2")).change().apply(job);
    assertEquals(1, grouped.faces().get(0).items().size());
    ItemGroup group = (ItemGroup) grouped.faces().get(0).items().get(0);
    Box before = turned.placement().around().union(new Box(2, 3, 1, 1));
    assertEquals(before.width(), group.placement().width(), 1e-9);
    Job apart = Grouping.ungroup("f1", Set.of(group.id())).change().apply(grouped);
    for (String id : List.of("i1", "i2")) {
      Placement was = job.faces().get(0).find(id).orElseThrow().placement();
      Placement is = apart.faces().get(0).find(id).orElseThrow().placement();
      assertEquals(was.x(), is.x(), 1e-9);
      assertEquals(was.y(), is.y(), 1e-9);
      assertEquals(was.turn(), is.turn(), 1e-9);
    }
  }

  @Test
  void aGroupThatGrewLetsItsMembersGoAsTheyAreSeen() {
    Job job = Grouping.group("f1", Set.of("i1", "i2")).change().apply(
        Made.card(Made.rectangle("i1", 0, 0, 1, 1), Made.rectangle("i2", 1, 1, 1, 1)));
    String id = job.faces().get(0).items().get(0).id();
    Job grown = Edits.place("f1", Set.of(id), "edit.resize", p -> Placement.of(0, 0, 4, 4, 0)).change().apply(job);
    Job apart = Grouping.ungroup("f1", Set.of(id)).change().apply(grown);
    assertEquals(Placement.of(2, 2, 2, 2, 0), apart.faces().get(0).find("i2").orElseThrow().placement());
  }

  @Test
  void aDuplicateIsAnotherObjectAStepAside() {
    Job job = Copies.duplicate("f1", Set.of("i1"), Copies.STEP, Copies.STEP).change().apply(Made.card(Made.rectangle("i1", 0, 0, 1, 1)));
    Item copy = job.faces().get(0).items().get(1);
    assertEquals("i2", copy.id());
    assertEquals(Copies.STEP, copy.placement().x());
  }

  @Test
  void removingTheLastUseOfAPictureLetsItGo() {
    var picture = Made.picture(30, 20);
    Job job = Made.with(picture, Made.photo("i1", picture, 0, 0, 1, 1));
    assertTrue(Edits.remove("f1", Set.of("i1")).change().apply(job).pictures().isEmpty());
  }
}
