package org.zipthimble.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.item.CutEdge;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Blade;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Split;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.plan.Turns;

/** Cut lines, lanes, sheets, splits, bridges, the way of the blade, and the checks for it. */
class CutJobTest {
  private static final Lane LOW = Lane.of("l1", "Cream", Material.CUT_VINYL, Made.CREAM).withSupply(Supply.MAT_12);
  private static final Lane HIGH = Lane.of("l2", "Beet", Material.CUT_VINYL, Made.BEET).withSupply(Supply.MAT_12);

  private static Item cut(Item item, String lane, CutKind kind) {
    return item.with(item.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane(lane).withKind(kind)));
  }

  private static Item kiss(Item item, String lane) {
    return cut(item, lane, CutKind.KISS);
  }

  private static Job job(CutPlan plan, Item... items) {
    return Made.card(items).withCutting(plan);
  }

  private static CutPlan plan(Lane... lanes) {
    return CutPlan.NONE.withLanes(List.of(lanes));
  }

  private static List<CutLine> lines(Job job) {
    return CutLines.of(job, job.faces().get(0));
  }

  private static List<String> codes(Job job) {
    return Checks.run(job).stream().map(Finding::code).filter(c -> c.startsWith("cut")).toList();
  }

  @Test
  void theLaneBelowGrowsUnderTheOneAboveSoThatNoGapShows() {
    Job job = job(plan(LOW.withUnderlay(Optional.of(1.0 / 32)), HIGH), kiss(Made.rectangle("i1", 1, 1, 1, 1), "l1"),
        kiss(Made.ellipse("i2", 2, 2, 1, 1), "l2"));
    List<CutLine> low = lines(job).stream().filter(l -> l.lane().equals("l1")).toList();
    double own = 1;
    double grown = Math.PI / 4 + Math.PI / 32 + Math.PI / 1024;
    assertEquals(2, low.size(), "the square, and the round grown by the underlay: they do not touch");
    assertEquals(own + grown, low.stream().mapToDouble(l -> Extent.area(l.path())).sum(), 2e-3);
    Job drawn = job.withCutting(job.cutting().with(LOW.withUnderlay(Optional.of(-0.1))));
    Job over = drawn.changed("f1", f -> f.changed("i2", i -> i.with(i.placement().moved(-0.9, -0.9))));
    double left = lines(over).stream().filter(l -> l.lane().equals("l1")).mapToDouble(l -> Extent.area(l.path())).sum();
    assertEquals(1 - Math.PI * 0.16, left, 2e-3, "it draws back from under the round but for a tenth of an inch");
  }

  @Test
  void anObjectClearsItsGapInWhatLiesUnderItAndStaysLive() {
    Item figure = kiss(Made.ellipse("i2", 1.5, 1.5, 1, 1), "l2");
    Job job = job(plan(LOW, HIGH), kiss(Made.rectangle("i1", 1, 1, 2, 2), "l1"), figure.with(figure.properties().withClearGap(0.0625)));
    assertEquals(4 - Math.PI * 0.5625 * 0.5625, area(job, "i1"), 2e-3);
    Job moved = Edits.place("f1", Set.of("i2"), "edit.move", p -> p.moved(5, 0)).change().apply(job);
    assertEquals(4, area(moved, "i1"), 1e-9);
  }

  private static double area(Job job, String source) {
    return lines(job).stream().filter(l -> l.source().equals(source)).mapToDouble(l -> Extent.area(l.path())).sum();
  }

  @Test
  void aPrintedThingIsCutOnTheTrimAtADistanceOrAlongItsArt() {
    Item round = Made.ellipse("i1", 1, 1, 2, 2);
    ItemProperties both = round.properties().withRole(Role.PRINTS_AND_CUTS);
    Job at = job(plan(LOW), round.with(both.withCutting(Cutting.PLAIN.withLane("l1").along(CutEdge.OUTLINE, 0.125))));
    assertEquals(Math.PI * 1.125 * 1.125, area(at, "i1"), 2e-3);
    Job trim = job(plan(LOW), round.with(both.withCutting(Cutting.PLAIN.withLane("l1").along(CutEdge.TRIM, 0))));
    assertEquals(35, area(trim, "i1"), 1e-9);
  }

  @Test
  void aMirroredLaneIsCutAsAMirrorImageAndAWrongOneIsTold() {
    Item leaf = kiss(Drawings.shape(ItemProperties.of("i1", "Leaf"), Path.build().start(1, 1).line(3, 1).line(1, 2).close().path(),
        Optional.of(Colour.BLACK), Optional.empty()), "l1");
    Job job = job(plan(LOW.withMirrored(true)), leaf);
    CutPiece piece = Pieces.of(job, job.cutting().lanes().get(0)).get(0);
    assertTrue(org.zipthimble.core.geom.Inside.contains(piece.outline(), new Point(2.9, 1.9), 1e-3),
        "the right angle stands at the right now");
    assertTrue(codes(job).contains("cut-mirrored"));
    assertTrue(codes(job(plan(Lane.of("l1", "Film", Material.IRON_ON, Made.BEET).withMirrored(false)), leaf)).contains("cut-unmirrored"));
    assertFalse(codes(job(plan(LOW), leaf)).contains("cut-mirrored"));
  }

  @Test
  void whatIsInsideIsCutFirstAndAClosedCutGoesOnPastItsBeginning() {
    Path ring = Shapes.rectangle(new Box(1, 1, 4, 4)).plus(Shapes.rectangle(new Box(2, 2, 1, 1)));
    List<CutLine> lines = List.of(
        new CutLine(ring, CutKind.THROUGH, "l1", "a", "a", "a"),
        new CutLine(Shapes.line(new Point(1.2, 1.2), new Point(1.8, 1.2)), CutKind.SCORE, "l1", "b", "b", "b"));
    Blade plain = Blade.FINE.reaching(0, 0);
    List<Stroke> strokes = ToolPath.of(lines, plain);
    assertEquals(CutKind.SCORE, strokes.get(0).kind());
    assertEquals(4, strokes.get(1).length(), 1e-9, "the inner square before the outer one");
    assertEquals(16, strokes.get(2).length(), 1e-9);
    assertEquals(16 + 0.25, ToolPath.of(lines, plain.reaching(0.25, 0)).get(2).length(), 1e-9);
  }

  /** A trailing blade: the holder runs ahead along each edge and swings round each corner on an arc of the trail. */
  @Test
  void theHolderSwingsRoundCornersAheadOfTheBlade() {
    double trail = 0.02;
    List<Point> way = ToolPath.ahead(List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1)), trail);
    assertEquals(trail, way.get(0).x(), 1e-12);
    assertEquals(new Point(1, 1 + trail), way.get(way.size() - 1));
    double arc = 0;
    for (int i = 1; i + 1 < way.size() - 1; i++) {
      assertEquals(trail, way.get(i).distance(new Point(1, 0)), 1e-9);
      arc += way.get(i).distance(way.get(i + 1));
    }
    assertEquals(Math.PI / 2 * trail, arc, 1e-4);
  }

  @Test
  void travelIsShortenedAgainstTheOrderOfDrawing() {
    List<CutLine> lines = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      double x = i * 7 % 10;
      double y = i * 3 % 10;
      lines.add(new CutLine(Shapes.rectangle(new Box(x, y, 0.3, 0.3)), CutKind.KISS, "l1", "s" + i, "s", "s"));
    }
    double drawn = 0;
    Point at = new Point(0, 0);
    for (CutLine l : lines) {
      Point begin = org.zipthimble.core.geom.Contour.of(l.path()).get(0).begin();
      drawn += at.distance(begin);
      at = begin;
    }
    assertTrue(ToolPath.travel(ToolPath.of(lines, Blade.FINE.reaching(0, 0))) < drawn * 0.4);
  }

  /** A word 24.311 in wide on the longer mat, which cuts 23.5: turn, scale to 0.9666, or split (trade properties, cutting). */
  @Test
  void whatIsTooLargeIsToldWithItsFigureAndTheWaysOut() {
    Item wide = kiss(Made.rectangle("i1", 0, 0, 24.311, 3), "l1");
    Job job = job(plan(LOW.withSupply(Supply.mat(24, 12, 0.25))), wide);
    Layout.TooLarge large = Layout.of(job).tooLarge().get(0);
    assertEquals(23.5 / 24.311, large.scale(), 1e-9);
    assertFalse(large.turned());
    assertEquals(0.811, Checks.run(job).stream().filter(f -> f.code().equals("cut-size")).findFirst().orElseThrow().figure(), 1e-9);
    Job split = job.withCutting(job.cutting().withSplit(new Split(true, List.of(), false, 0)));
    assertTrue(Layout.of(split).tooLarge().isEmpty());
    assertEquals(2, Layout.of(split).sheets().size());
  }

  @Test
  void aSplitKeepsEveryBitOfTheDesignAndFindsWhereItDoesLeastHarm() {
    List<Item> bars = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      bars.add(kiss(Made.rectangle("i" + i, i * 3, 0, 2.4, 5), "l1"));
    }
    Job job = job(plan(LOW).withSplit(new Split(true, List.of(), true, 0)), bars.toArray(new Item[0]));
    List<CutSheet> sheets = Layout.of(job).sheets();
    assertEquals(3, sheets.size());
    double pieces = sheets.stream().flatMap(s -> s.pieces().stream()).flatMap(p -> p.lines().stream()).filter(l -> !l.source().isEmpty())
        .mapToDouble(l -> Extent.area(l.path())).sum();
    assertEquals(120, pieces, 1e-6);
    Splitting.Parts parts = Splitting.parts(job, LOW, Pieces.of(job, LOW));
    parts.seams().forEach(seam -> assertEquals(0, Splitting.crossed(lines(job), seam), "seams run between the bars"));
    sheets.forEach(s -> assertTrue(s.supply().usable().contains(s.reach().orElseThrow(), 1e-6), "each part goes on its mat"));
    assertEquals(1, Assembly.pages(job).size());
    for (CutSheet sheet : sheets) {
      Box holder = ToolPath.of(sheet.lines(), LOW.blade()).stream().map(s -> Box.around(s.places())).reduce(Box::union).orElseThrow();
      assertTrue(sheet.supply().usable().contains(holder, 1e-6), "the holder of a trailing blade stays in reach too: " + holder);
    }
  }

  @Test
  void counterPartsOfAStencilAreFoundAndBridgesHoldThem() {
    Lane film = Lane.of("l1", "Film", Material.STENCIL_FILM, Made.BEET);
    Item words = cut(Made.words("i1", "BOA", 0.5, 0.5, 4.5, 2, Made.style("Josefin Sans", "Bold", 110)), "l1", CutKind.THROUGH);
    Job job = job(plan(film), words);
    assertEquals(4, codes(job).stream().filter("cut-island"::equals).count(), "two in B, one in O, one in A");
    Path cut = new Forms(job).outline(words);
    Job held = Shaping.bridged("f1", "i1", Bridges.propose(cut, 0.15, 2)).change().apply(job);
    assertEquals(0, codes(held).stream().filter("cut-island"::equals).count());
    ItemGroup group = (ItemGroup) held.faces().get(0).items().get(0);
    assertEquals(1 + 8, group.members().size());
    Job back = Grouping.ungroup("f1", Set.of(group.id())).change().apply(held);
    assertEquals("BOA", ((HoldsWords) back.faces().get(0).items().get(0)).text());
  }

  @Test
  void eachFaultForTheBladeIsFoundCountedAndMeasured() {
    Item open = kiss(Drawings.shape(ItemProperties.of("o", "Open"), Path.build().start(0, 0).line(1, 0).line(1, 1).path(),
        Optional.of(Colour.BLACK), Optional.empty()), "l1");
    Item crossing = kiss(Drawings.shape(ItemProperties.of("c", "Bow"),
        Path.build().start(2, 0).line(3, 1).line(3, 0).line(2, 1).close().path(), Optional.of(Colour.BLACK), Optional.empty()), "l1");
    Item speck = kiss(Made.rectangle("s", 4, 0, 0.05, 0.05), "l1");
    Item once = kiss(Made.rectangle("a", 0, 2, 1, 1), "l1");
    Item twice = kiss(Made.rectangle("b", 0, 2, 1, 1), "l1");
    Item beside = kiss(Made.rectangle("d", 1.02, 2, 1, 1), "l1");
    Item touching = kiss(Made.rectangle("e", 2.02, 2, 1, 1), "l1");
    Item thin = kiss(Made.rectangle("t", 0, 4, 2, 0.03), "l1");
    Item nowhere = kiss(Made.rectangle("n", 0, 5, 1, 1), "");
    Item words = kiss(Made.words("w", "Ab", 1, 5, 2, 1, Made.style("Josefin Sans", "Bold", 40)), "l1");
    Job job = job(plan(LOW), open, crossing, speck, once, twice, beside, touching, thin, nowhere, words);
    List<String> codes = codes(job);
    for (String code : List.of("cut-open", "cut-crossing", "cut-speck", "cut-twice", "cut-double", "cut-thin", "cut-gap", "cut-no-lane",
        "cut-words")) {
      assertTrue(codes.contains(code), code + " in " + codes);
    }
    Finding gap = Checks.run(job).stream().filter(f -> f.code().equals("cut-gap") && f.figure() < 0.03).findFirst().orElseThrow();
    assertEquals(0.02, gap.figure(), 1e-6);
    assertEquals(0.03, Checks.run(job).stream().filter(f -> f.code().equals("cut-thin") && f.itemId().equals(Optional.of("t")))
        .mapToDouble(Finding::figure).min().orElse(9), 1e-3);
    assertTrue(codes(job(plan(LOW), kiss(Made.rectangle("g", 1, 1, 1, 1), "l1"))).isEmpty(), "a sound cut has no findings");
  }

  @Test
  void weedingLinesStopShortOfThePieces() {
    Job job = job(plan(LOW).weeded(0.25, 0.5).withNested(true), kiss(Made.ellipse("i1", 1, 1, 2, 2), "l1"),
        kiss(Made.ellipse("i2", 1, 4, 2, 2), "l1"));
    CutSheet sheet = Layout.of(job).sheets().get(0);
    assertTrue(sheet.extras().size() > 3);
    for (CutLine line : sheet.extras().subList(1, sheet.extras().size())) {
      for (CutPiece piece : sheet.pieces()) {
        double inside = Extent.length(org.zipthimble.core.overlay.Clip.inside(line.path(), piece.outline()));
        assertEquals(0, inside, 1e-9);
      }
    }
  }

  @Test
  void piecesLieWhereTheyWereNestedOrMovedByHandAndConflictsAreTold() {
    Job job = job(plan(LOW).withNested(true).spaced(0.125, Turns.QUARTER, false), kiss(Made.rectangle("i1", 1, 1, 2, 1), "l1"),
        kiss(Made.ellipse("i2", 1, 3, 1, 1), "l1"));
    CutSheet sheet = Layout.of(job).sheets().get(0);
    assertEquals(2, sheet.pieces().size());
    var laid = Layout.laid(job, LOW);
    Job moved = CutEdits.laid("l1", laid.stream().map(l -> l.piece().equals("i2") ? l.moved(5, 5) : l).toList(), "edit.layPiece").change()
        .apply(job);
    CutPiece before = sheet.pieces().stream().filter(p -> p.id().equals("i2")).findFirst().orElseThrow();
    CutPiece after = Layout.of(moved).sheets().get(0).pieces().stream().filter(p -> p.id().equals("i2")).findFirst().orElseThrow();
    assertEquals(Pieces.middle(before.outline()).x() + 5, Pieces.middle(after.outline()).x(), 1e-6);
    CutPiece first = sheet.pieces().get(0);
    assertTrue(Layout.conflict(sheet, before.mapped(Affine.move(30, 0)), 0.125).isPresent(), "off the mat");
    Point to = Pieces.middle(first.outline());
    Point from = Pieces.middle(before.outline());
    assertEquals(Optional.of(first.name()),
        Layout.conflict(sheet, before.mapped(Affine.move(to.x() - from.x(), to.y() - from.y())), 0.125));
    assertTrue(Layout.conflict(sheet, before, 0.12).isEmpty());
  }

  @Test
  void alignmentMarksStandAtTheSamePlaceInEveryLane() {
    Job job = job(plan(LOW, HIGH).withMarks(true), kiss(Made.rectangle("i1", 1, 1, 3, 3), "l1"),
        kiss(Made.ellipse("i2", 2, 2, 1, 1), "l2"));
    Map<String, List<Box>> marks = new java.util.TreeMap<>();
    lines(job).stream().filter(l -> l.source().isEmpty()).forEach(l -> marks.computeIfAbsent(l.lane(), k -> new ArrayList<>())
        .add(org.zipthimble.core.geom.Measure.bounds(l.path()).orElseThrow()));
    assertEquals(2, marks.get("l1").size());
    assertEquals(marks.get("l1"), marks.get("l2"));
  }

  @Test
  void scriptLettersAreOnePieceOnceTheyAreJoined() {
    Item words = kiss(Made.words("i1", "bean", 0.5, 0.5, 4, 2, Made.style("Great Vibes", "Regular", 72)), "l1");
    Job job = job(plan(LOW), words);
    assertTrue(Pieces.count(new Forms(job).outline(words)) < 4, "its letters run into each other");
    Item apart = kiss(Made.words("i1", "bean", 0.5, 0.5, 4, 2, Made.style("Josefin Sans", "Bold", 60)), "l1");
    assertEquals(4, Pieces.count(new Forms(job).outline(apart)));
  }
}
