package org.zipthimble.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.PiecePlace;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.plan.Turns;
import org.zipthimble.core.send.Content;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** Lanes that are taken away and put in another order, a scrap as the stock, and faces that are not there to be cut. */
class LanesTest {
  private static final Lane CREAM = Lane.of("l1", "Cream", Material.CUT_VINYL, Made.CREAM).withSupply(Supply.MAT_12);
  private static final Lane BEET = Lane.of("l2", "Beet", Material.CUT_VINYL, Made.BEET).withSupply(Supply.MAT_12);
  private static final Lane CARD = Lane.of("l3", "Card", Material.CARD, Made.CREAM).withSupply(Supply.MAT_12);

  private static Item cut(Item item, String lane) {
    return item.with(item.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane(lane).withKind(CutKind.KISS)));
  }

  private static Job job(Item... items) {
    return Made.card(items).withCutting(CutPlan.NONE.withLanes(List.of(CREAM, BEET, CARD)));
  }

  private static Job done(Job job, Edit... edits) {
    Job out = job;
    for (Edit edit : edits) {
      out = edit.change().apply(out);
    }
    return out;
  }

  private static List<String> lanes(Job job) {
    return job.cutting().lanes().stream().map(Lane::id).toList();
  }

  private static Job three() {
    return job(cut(Made.rectangle("a", 1, 1, 1, 1), "l1"), cut(Made.rectangle("b", 2.5, 1, 1, 1), "l2"),
        cut(Made.ellipse("c", 1, 3, 1, 1), "l2"));
  }

  @Test
  void aLaneThatIsTakenAwayLeavesItsObjectsWithoutOne() {
    Job job = done(three(), CutEdits.removeLane("l2"));
    assertEquals(List.of("l1", "l3"), lanes(job));
    assertEquals("", job.faces().get(0).find("b").orElseThrow().properties().cutting().lane());
    assertEquals("l1", job.faces().get(0).find("a").orElseThrow().properties().cutting().lane());
    assertTrue(Checks.run(job).stream().anyMatch(f -> f.code().equals("cut-no-lane") && f.itemId().equals(Optional.of("b"))),
        "what is cut from nothing is told: " + Checks.run(job));
  }

  @Test
  void aLaneIsTakenFromMembersOfGroupsToo() {
    Job job = done(three(), Grouping.group("f1", Set.of("b", "c")));
    Job combined = done(three(), Shaping.combine("f1", Set.of("b", "c"), Way.JOIN));
    for (Job each : List.of(job, combined)) {
      Job without = done(each, CutEdits.removeLane("l2"));
      assertTrue(without.faces().get(0).all().stream().noneMatch(i -> i.properties().cutting().lane().equals("l2")));
    }
  }

  private static Item in(Job job, String id) {
    return job.faces().get(0).find(id).orElseThrow();
  }

  private static String lane(Job job, String id) {
    return in(job, id).properties().cutting().lane();
  }

  /**
   * Two cream rectangles and a beet ellipse that are to be cut lie in two lanes, cut as vinyl usually is, and no more of it need be
   * chosen.
   */
  @Test
  void whatIsToBeCutLiesInTheLaneOfItsColour() {
    Job blank = Made.card(Made.rectangle("a", 1, 1, 1, 1), Made.ellipse("b", 2.5, 1, 1, 1), Made.rectangle("c", 1, 3, 1, 1),
        Made.rectangle("d", 1, 5, 1, 1));
    Job cut = done(blank, CutEdits.role("f1", Set.of("a", "b", "c"), Role.CUTS));
    assertEquals(List.of("l1", "l2"), lanes(cut));
    assertEquals(List.of(Made.CREAM, Made.BEET), cut.cutting().lanes().stream().map(Lane::colour).toList());
    assertEquals(List.of("l1", "l2", "l1", ""), List.of(lane(cut, "a"), lane(cut, "b"), lane(cut, "c"), lane(cut, "d")));
    assertEquals(CutKind.KISS, in(cut, "b").properties().cutting().kind());
    assertEquals(Role.PRINTS, in(cut, "d").properties().role());
    assertEquals(cut, done(cut, CutEdits.role("f1", Set.of("b"), Role.CUTS)), "what lies in a lane stays there");
    Job moved = done(cut, CutEdits.cutting("f1", Set.of("c"), c -> c.withLane("l2").withKind(CutKind.THROUGH)),
        CutEdits.role("f1", Set.of("c"), Role.PRINTS_AND_CUTS));
    assertEquals("l2", lane(moved, "c"));
    assertEquals(CutKind.THROUGH, in(moved, "c").properties().cutting().kind());
  }

  /** Stickers are of many colours and are cut out of one sheet. */
  @Test
  void whatIsPrintedAndCutLiesInOneLane() {
    Job blank = Made.card(Made.rectangle("a", 1, 1, 1, 1), Made.ellipse("b", 2.5, 1, 1, 1));
    Job cut = done(blank, CutEdits.role("f1", Set.of("a", "b"), Role.PRINTS_AND_CUTS));
    assertEquals(List.of("l1"), lanes(cut));
    assertEquals("l1", lane(cut, "b"));
    assertEquals(Role.PRINTS_AND_CUTS, in(cut, "b").properties().role());
  }

  /** Who thinks better of it has nothing to tidy up; a lane that was worked on stays. */
  @Test
  void aLaneThatNobodyLiesInGoesUnlessItWasChanged() {
    Job blank = Made.card(Made.rectangle("a", 1, 1, 1, 1), Made.ellipse("b", 2.5, 1, 1, 1));
    Job cut = done(blank, CutEdits.role("f1", Set.of("a", "b"), Role.CUTS), CutEdits.lane("l2", l -> l.withCost(0.2)));
    Job one = done(cut, CutEdits.role("f1", Set.of("b"), Role.PRINTS));
    assertEquals(List.of("l1", "l2"), lanes(one), "its cost was typed");
    Job none = done(one, CutEdits.role("f1", Set.of("a"), Role.GUIDE));
    assertEquals(List.of("l2"), lanes(none));
    assertEquals("", lane(none, "a"));
    assertEquals(List.of("l1", "l2", "l3"), lanes(done(three(), CutEdits.role("f1", Set.of("a"), Role.PRINTS))),
        "a lane of the person’s own stays too");
  }

  @Test
  void whenNoMoreLanesCanBeMadeItLiesInNone() {
    List<Lane> many = java.util.stream.IntStream.range(0, CutPlan.MOST_LANES).mapToObj(i -> CREAM.withId("x" + i)).toList();
    Job full = Made.card(Made.ellipse("b", 2.5, 1, 1, 1)).withCutting(CutPlan.NONE.withLanes(many));
    Job cut = done(full, CutEdits.role("f1", Set.of("b"), Role.CUTS));
    assertEquals("", lane(cut, "b"));
    assertEquals(Role.CUTS, in(cut, "b").properties().role());
  }

  @Test
  void takingAwayNobodysLaneChangesNothing() {
    Job job = three();
    assertEquals(job, done(job, CutEdits.removeLane("l9")));
  }

  @Test
  void aLaneTakenAwaySavesAndOpens() throws Trouble {
    Job job = done(three(), CutEdits.laid("l2", List.of(new PiecePlace("b", 0, 1, 1, 0)), "edit.nest"), CutEdits.removeLane("l2"));
    assertFalse(job.cutting().laid().containsKey("l2"), "where its pieces lay is forgotten with it");
    assertEquals(job, ThimbleFile.read("job", new ByteArrayInputStream(ThimbleFile.bytes(job))));
  }

  @Test
  void lanesGoToAnyPlaceOfTheOrder() {
    assertEquals(List.of("l2", "l3", "l1"), lanes(done(three(), CutEdits.orderLane("l1", 2))));
    assertEquals(List.of("l3", "l1", "l2"), lanes(done(three(), CutEdits.orderLane("l3", 0))));
    assertEquals(List.of("l1", "l3", "l2"), lanes(done(three(), CutEdits.orderLane("l2", 99))));
    assertEquals(List.of("l2", "l1", "l3"), lanes(done(three(), CutEdits.orderLane("l2", -5))));
    assertEquals(three(), done(three(), CutEdits.orderLane("nobody", 1)));
  }

  /** The lines stay the same; only which lane lies below which changes. */
  @Test
  void anotherOrderCutsTheSamePieces() {
    Job job = three();
    Job other = done(job, CutEdits.orderLane("l1", 2));
    assertEquals(Set.copyOf(CutLines.of(job, job.faces().get(0))), Set.copyOf(CutLines.of(other, other.faces().get(0))));
  }

  @Test
  void aLaneIsChosenOnceAndCutTwice() {
    Job job = done(Made.card(Made.rectangle("a", 1, 1, 1, 1), Made.rectangle("b", 3, 1, 1, 1)), CutEdits.addLane(CREAM),
        CutEdits.assign("f1", Set.of("a", "b"), CREAM));
    assertEquals(List.of("l1"), lanes(job));
    assertEquals(2, CutLines.of(job, job.faces().get(0)).size());
  }

  /** An L-shaped scrap: what is laid out stays on it, and in its notch lies nothing. */
  @Test
  void aScrapIsTheStock() throws Exception {
    Path scrap = Path.build().start(0, 0).line(4, 0).line(4, 2).line(2, 2).line(2, 6).line(0, 6).close().path();
    Job job = done(job(cut(Made.rectangle("a", 1, 1, 1.5, 1.5), "l1"), cut(Made.rectangle("b", 1, 3, 1.5, 1.5), "l1"),
        cut(Made.rectangle("c", 3, 3, 1.5, 1.5), "l1")),
        CutEdits.scrap("l1", scrap.mapped(Affine.move(10, 20))),
        CutEdits.plan("edit.nest", p -> p.withNested(true).withTurns(Turns.NONE).withGap(0.1)));
    Supply supply = job.cutting().lane("l1").orElseThrow().supply();
    assertEquals(4, supply.size().width(), 1e-9);
    assertEquals(6, supply.size().height(), 1e-9);
    assertEquals(new Box(0, 0, 4, 6), Measure.bounds(supply.scrap().orElseThrow()).orElseThrow(), "its own corner is the origin");
    List<CutSheet> sheets = Layout.of(job).of("l1");
    double area = 0;
    for (CutSheet sheet : sheets) {
      for (CutLine line : sheet.lines()) {
        Path outside = org.zipthimble.core.overlay.Combine.combine(Way.TAKE_AWAY, List.of(supply.scrap().get(), line.path()));
        area += Extent.area(line.path());
        assertEquals(Extent.area(supply.scrap().get()) - Extent.area(line.path()), Extent.area(outside), 1e-6,
            "it lies wholly on the scrap");
      }
    }
    assertEquals(3 * 2.25, area, 1e-6, "every piece is cut once");
  }

  @Test
  void aScrapNeedsAnOutline() {
    assertThrows(IllegalArgumentException.class, () -> CutEdits.scrap("l1", Path.EMPTY));
  }

  @Test
  void aScrapComesBackFromAFile() throws Trouble {
    Job job = done(three(), CutEdits.scrap("l1", Shapes.ellipse(new Box(0, 0, 5, 4))));
    assertEquals(job, ThimbleFile.read("job", new ByteArrayInputStream(ThimbleFile.bytes(job))));
  }

  private static Item lost(String id) {
    return cut(Made.words(id, "Marrow", 1, 1, 3, 1, Made.style("Gone Garden", "Regular", 24)), "l1");
  }

  @Test
  void facesThatAreCutAndNotHereAreNamedOnce() {
    assertEquals(List.of(), CutFonts.missing(three()));
    assertEquals(List.of("Gone Garden Regular"), CutFonts.missing(job(lost("a"), lost("b"))));
    Item prints = Made.words("p", "Marrow", 1, 1, 3, 1, Made.style("Gone Garden", "Bold", 24));
    assertEquals(List.of(), CutFonts.missing(job(prints)), "what is only printed is no matter of the blade");
  }

  @Test
  void aFaceInACombinationThatIsCutIsNamed() {
    HoldsWords words = Made.words("w", "Marrow", 1, 1, 3, 1, Made.style("Gone Garden", "Regular", 24));
    Job job = done(job(cut(Made.rectangle("r", 1, 1, 3, 2), "l1"), words), Shaping.combine("f1", Set.of("r", "w"), Way.TAKE_AWAY));
    String group = job.faces().get(0).items().get(0).id();
    Job cut = done(job, org.zipthimble.core.edit.Edits.properties(
        "f1", Set.of(group), "edit.role", p -> p.withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS))));
    assertEquals(List.of("Gone Garden Regular"), CutFonts.missing(cut));
  }

  @Test
  void nothingIsCutInAStandInWithoutAPersonsWord(@TempDir java.nio.file.Path folder) throws Exception {
    Job job = job(lost("a"));
    FileOrder order = FileOrder.of(folder.resolve("a.svg"), OptionalInt.empty(), 300, PageOptions.of(job))
        .withContent(Optional.of(Content.DESIGN));
    Trouble trouble = assertThrows(Trouble.class, () -> Sender.send(job, order, Progress.SILENT));
    assertTrue(trouble.getMessage().contains("Gone Garden Regular"), trouble.getMessage());
    assertFalse(java.nio.file.Files.exists(folder.resolve("a.svg")));
    assertEquals(1, Sender.send(job, order.withStandIns(true), Progress.SILENT).size(), "with it, it is");
  }

  /** Film that is pressed on is cut from behind, and so is what is read through a pane; common practice, no source. */
  @ParameterizedTest
  @CsvSource({"AS_SEEN, CUT_VINYL, false", "IRON_ON, IRON_ON, true", "PANE_INSIDE, CUT_VINYL, true"})
  void aNewLaneIsMadeAsTheTicketAsks(Process process, Material material, boolean mirrored) {
    Job job = done(Made.card(Made.rectangle("a", 1, 1, 1, 1)), ThingEdits.process(process));
    Lane lane = CutEdits.fresh(job, Made.BEET);
    assertEquals(material, lane.material());
    assertEquals(mirrored, lane.mirrored());
    job = done(job, CutEdits.addLane(lane), CutEdits.assign("f1", Set.of("a"), lane), CutEdits.material(lane.id(), Material.CARD));
    assertEquals(Material.CARD, job.cutting().lanes().get(0).material());
    assertEquals(mirrored, job.cutting().lanes().get(0).mirrored(), "another material goes onto the thing the same way");
    assertTrue(Checks.run(job).stream().noneMatch(f -> f.code().startsWith("cut-mirrored") || f.code().startsWith("cut-unmirrored")));
  }
}
