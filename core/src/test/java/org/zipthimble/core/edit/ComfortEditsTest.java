package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.form.Handle;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Columns;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;

/** Copies, groups from inside, looks, guides, and what the steps are called. */
class ComfortEditsTest {
  private static final double EXACT = 1e-9;

  private static Job done(Job job, Edit edit) {
    return edit.change().apply(job);
  }

  private static Face face(Job job) {
    return job.faces().get(0);
  }

  private static Item item(Job job, String id) {
    return face(job).find(id).orElseThrow();
  }

  private static Job two() {
    return Made.card(Made.rectangle("i1", 1, 1, 1, 1), Made.ellipse("i2", 3, 2, 0.5, 0.5),
        Made.words("i3", "Beans", 1, 4, 2, 1, Made.style("Caveat", "Bold", 20)));
  }

  @Test
  void aDuplicateStandsAboveAllBesideItUnderANewId() {
    Job job = done(two(), Copies.duplicate("f1", Set.of("i1"), 0.5, 0.25));
    assertEquals(List.of("i1", "i2", "i3", "i4"), face(job).items().stream().map(Item::id).toList());
    assertEquals(new Box(1.5, 1.25, 1, 1), item(job, "i4").placement().box());
    assertEquals(item(job, "i1").properties().name(), item(job, "i4").properties().name());
  }

  @Test
  void membersAreDuplicatedInsideTheirGroup() {
    Job grouped = done(two(), Grouping.group("f1", Set.of("i1", "i2")));
    String group = face(grouped).items().stream().filter(i -> !i.members().isEmpty()).findFirst().orElseThrow().id();
    Job job = done(grouped, Grouping.inside("f1", group, Copies.duplicate("f1", Set.of("i1"), 0, 2)));
    assertEquals(3, item(job, group).members().size());
    assertEquals(2, face(job).items().size());
    assertEquals(new Box(1, 1, 2.5, 3), item(job, group).placement().around(), "its box grew with them");
  }

  @Test
  void pastedObjectsBringTheirPicturesAndNewIds() {
    Picture picture = Made.picture(30, 20);
    Item photo = Made.photo("i1", picture, 1, 1, 1, 0.66);
    Job job = done(two(), Copies.paste("f1", List.of(photo, photo), Map.of(picture.id(), picture), 0.125, 0.125));
    assertEquals(5, face(job).items().size());
    assertTrue(job.pictures().containsKey(picture.id()));
    assertEquals(5, face(job).items().stream().map(Item::id).distinct().count());
  }

  @Test
  void copiesGoToEveryOtherFaceAtTheSamePlace() {
    Job more = done(done(two(), Edits.addFace("back")), Edits.addFace("inside"));
    Job job = done(more, Copies.onAllFaces("f1", Set.of("i1", "i3")));
    assertEquals(List.of(3, 2, 2), job.faces().stream().map(f -> f.items().size()).toList());
    assertEquals(item(job, "i1").placement(), job.faces().get(2).items().get(0).placement());
  }

  @Test
  void letGoFromATurnedGroupThingsStayWhereTheyAreSeen() {
    Job grouped = done(two(), Grouping.group("f1", Set.of("i1", "i2")));
    String group = face(grouped).items().stream().filter(i -> !i.members().isEmpty()).findFirst().orElseThrow().id();
    Job turned = done(grouped, Edits.place("f1", Set.of(group), "edit.turn", p -> p.withTurn(30)));
    Box before = Scene.of(face(turned)).around(item(turned, "i1"));
    Job apart = done(turned, Grouping.ungroup("f1", Set.of(group)));
    Box after = Scene.of(face(apart)).around(item(apart, "i1"));
    assertEquals(before.x(), after.x(), EXACT);
    assertEquals(before.bottom(), after.bottom(), EXACT);
  }

  @Test
  void groundsFollowGroupsWithinGroups() {
    Job one = done(two(), Grouping.group("f1", Set.of("i1", "i2")));
    String inner = face(one).items().stream().filter(i -> !i.members().isEmpty()).findFirst().orElseThrow().id();
    Job both = done(one, Grouping.group("f1", Set.of(inner, "i3")));
    String outer = face(both).items().get(0).id();
    assertEquals(Optional.of(inner), face(both).holder("i1").map(Item::id));
    Affine ground = Scene.of(face(both)).under("i1");
    assertEquals(new Point(1, 1), ground.apply(new Point(item(both, "i1").placement().x(), item(both, "i1").placement().y())));
    assertEquals(ground, Scene.of(face(both)).under("i1"));
    assertEquals(Scene.of(face(both)).inside(Optional.of(inner)), ground);
    Job moved = done(both, Grouping.inside("f1", inner, Edits.place("f1", Set.of("i1"), "edit.move", p -> p.moved(-0.5, 0))));
    assertEquals(0.5, item(moved, outer).placement().x(), EXACT, "both boxes fit again");
    assertEquals(new Box(3, 2, 0.5, 0.5), Scene.of(face(moved)).around(item(moved, "i2")));
  }

  @Test
  void whatAnEditLeavesAloneStaysTheVerySame() {
    Job job = two();
    Job moved = done(job, Edits.place("f1", Set.of("i2"), "edit.move", p -> p.moved(1, 0)));
    assertSame(item(job, "i1"), item(moved, "i1"));
    assertNotEquals(item(job, "i2"), item(moved, "i2"));
    Job grouped = done(job, Grouping.group("f1", Set.of("i1", "i2")));
    Job other = done(grouped, Edits.place("f1", Set.of("i3"), "edit.move", p -> p.moved(1, 0)));
    assertSame(face(grouped).items().get(0), face(other).items().get(0), "a group whose members stay is the same group");
  }

  @Test
  void aLookIsTakenUpAndGivenAsFarAsEachCanCarryIt() {
    Job job = done(two(), Edits.shape("f1", Set.of("i1"), "edit.line",
        s -> s.withLine(Optional.of(LineLook.of(2, Colour.BLACK))).filled(Optional.of(Made.BEET))));
    Job round = done(done(job, LookEdits.round("f1", Set.of("i1"), 0.2)),
        Edits.properties("f1", Set.of("i1"), "edit.opacity", f -> f.withOpacity(0.5)));
    Job given = done(round, LookEdits.give("f1", Set.of("i2", "i3"), LookEdits.of(item(round, "i1"))));
    ItemShape ellipse = (ItemShape) item(given, "i2");
    assertEquals(Optional.of(Made.BEET), ellipse.fill());
    assertEquals(2, ellipse.line().orElseThrow().widthPt());
    assertTrue(ellipse.outline() instanceof Outline.Ellipse, "its form stays");
    HoldsWords words = (HoldsWords) item(given, "i3");
    assertEquals(Made.BEET, words.style().colour());
    assertEquals("Caveat", words.style().family());
    assertEquals(0.5, words.properties().opacity());
    Job type = done(given, LookEdits.give("f1", Set.of("i3"),
        LookEdits.of(Made.words("x", "A", 0, 0, 1, 1, Made.style("Figtree", "Bold", 33)))));
    assertEquals(33, ((HoldsWords) item(type, "i3")).style().sizePt());
  }

  @Test
  void recolouringReachesMembersLinesAndWords() {
    Job grouped = done(two(), Grouping.group("f1", Set.of("i2", "i3")));
    String group = face(grouped).items().stream().filter(i -> !i.members().isEmpty()).findFirst().orElseThrow().id();
    Job job = done(grouped, LookEdits.recolour("f1", Set.of(group), Made.BEET, Colour.of(0x3A6B45)));
    assertEquals(Optional.of(Colour.of(0x3A6B45)), ((ItemShape) item(job, "i2")).fill());
    assertEquals(Colour.of(0x3A6B45), ((HoldsWords) item(job, "i3")).style().colour());
    assertEquals(Optional.of(Made.CREAM), ((ItemShape) item(job, "i1")).fill(), "others stay");
  }

  @Test
  void aBorderKeepsItsDistanceFromTheTrimToItsOuterEdge() {
    HasOutline border = LookEdits.border("i9", two().frame(two().faces().get(0)), 0.25, LineLook.of(7.2, Colour.BLACK), 0.1);
    assertEquals(0.25 + 0.05, border.placement().x(), EXACT, "half of 7.2 pt is 0.05 in");
    assertEquals(5 - 2 * 0.3, border.placement().width(), EXACT);
    assertEquals(0.1, ((Outline.Rectangle) border.outline()).radius());
  }

  @Test
  void swatchesAreKeptOnceAndTheStockHasAColour() {
    Job job = done(done(done(two(), LookEdits.keep(Made.BEET)), LookEdits.keep(Made.BEET)),
        LookEdits.palette("edit.stock", p -> p.withStock(Made.CREAM)));
    assertEquals(new Palette(List.of(Swatch.of("#7a2e22", Made.BEET)), Made.CREAM), job.palette());
    assertEquals(List.of(), job.palette().without(Made.BEET).swatches());
    assertSame(job, History.of(job).after(LookEdits.keep(Made.BEET)).now(), "keeping it again is no step");
  }

  @Test
  void guidesAreAddedMovedTurnedAndTakenAway() {
    Job job = done(done(two(), GuideEdits.add("f1", Guide.down(1))), GuideEdits.add("f1", Guide.across(2)));
    job = done(job, GuideEdits.change("f1", 0, Guide.down(1).withAxis(true)));
    job = done(job, GuideEdits.columns("f1", Optional.of(Columns.of(2, 3, 0.5, 0.125))));
    assertEquals(2, face(job).guides().lines().size());
    assertTrue(face(job).guides().lines().get(0).axis());
    assertEquals(1, face(done(job, GuideEdits.remove("f1", 1))).guides().lines().size());
    assertSame(job, History.of(job).after(GuideEdits.remove("f1", 7)).now());
    assertEquals(Guides.NONE, face(done(job, GuideEdits.clear("f1"))).guides());
  }

  @Test
  void stepsSayWhatTheyTouched() {
    History history = History.of(two())
        .after(Edits.place("f1", Set.of("i1"), "edit.move", p -> p.moved(1, 0)))
        .after(Edits.place("f1", Set.of("i1", "i2"), "edit.move", p -> p.moved(1, 0)))
        .after(Edits.add("f1", Made.rectangle("i9", 0, 0, 1, 1)))
        .after(Edits.rename("Other"));
    assertEquals(List.of("move: Rectangle i1", "move", "add Rectangle i9", "rename the job"),
        history.done().stream().map(History.Step::label).toList());
  }

  @Test
  void jumpingGoesToAnyStepAndIsHeldWithinThem() {
    History history = History.of(two());
    for (int i = 0; i < 5; i++) {
      history = history.after(Edits.rename("N" + i));
    }
    assertEquals("N1", history.at(2).now().name());
    assertEquals("N4", history.at(2).at(99).now().name());
    assertEquals("Test card", history.at(-3).now().name());
    assertEquals(3, history.at(2).undone().size());
  }

  @Test
  void aJobWithoutANameTakesThatOfItsFirstFile() {
    Job untitled = StandardItem.blank("Table card", new Size(4.25, 6), 1);
    Job named = done(untitled, Edits.namedAfter(untitled, "swap_table-card").orElseThrow());
    assertEquals("Swap table card", named.name());
    assertEquals(Optional.empty(), Edits.namedAfter(named, "another"), "a name once given stays");
    assertEquals(Optional.empty(), Edits.namedAfter(untitled, "untitled-table-card"), "the proposed name is no name");
    assertEquals(Optional.empty(), Edits.namedAfter(untitled, "--"));
  }

  @Property(seed = "20261128")
  void pullingAboutTheMiddleKeepsIt(
      @ForAll @DoubleRange(min = -5, max = 5) double x, @ForAll @DoubleRange(min = -5, max = 5) double y,
      @ForAll @DoubleRange(min = 0, max = 359) double turn, @ForAll boolean keep) {
    Placement from = Placement.of(1, 2, 2, 1, turn);
    for (Handle handle : Handle.values()) {
      Placement pulled = Reshape.pulledAboutMiddle(from, handle, new Point(x, y), keep);
      assertEquals(from.centre().x(), pulled.centre().x(), 1e-9);
      assertEquals(from.centre().y(), pulled.centre().y(), 1e-9);
      assertTrue(pulled.width() >= Reshape.LEAST && pulled.height() > 0);
      if (keep) {
        assertEquals(2, pulled.width() / pulled.height(), 1e-6);
      }
    }
  }

  @Property(seed = "20261128")
  void pullingAPinLeavesTheOppositeOneWhereItIs(
      @ForAll @DoubleRange(min = -5, max = 9) double x, @ForAll @DoubleRange(min = -5, max = 9) double y,
      @ForAll @DoubleRange(min = 0, max = 359) double turn) {
    Placement from = Placement.of(1, 2, 2, 1, turn);
    for (Handle handle : Handle.values()) {
      Placement pulled = Reshape.pulled(from, handle, new Point(x, y), false);
      Point before = Reshape.reference(from, -handle.across(), -handle.down());
      Point after = Reshape.reference(pulled, -handle.across(), -handle.down());
      assertEquals(0, before.distance(after), 1e-9);
    }
  }

  @Test
  void nineReferencesOfATurnedBox() {
    Placement quarter = Placement.of(0, 0, 4, 2, 90);
    assertEquals(0, new Point(3, -1).distance(Reshape.reference(quarter, -1, -1)), EXACT, "its top left is at the right above");
    assertEquals(0, new Point(2, 1).distance(Reshape.reference(quarter, 0, 0)), EXACT);
    assertEquals(0, new Point(1, 3).distance(Reshape.reference(quarter, 1, 1)), EXACT);
  }
}
