package org.zipthimble.core.check.all;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Check;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.JobCheck;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.ColourEdits;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.store.ThimbleFile;

/** Faults that went unseen and false alarms, each with a small job of its own; and what is found in every demo job. */
class NothingLeavesWrongTest {
  private static Set<String> codes(Job job) {
    return Checks.run(job).stream().map(Finding::code).collect(Collectors.toSet());
  }

  private static Item turned(Item item, double degrees) {
    return item.with(item.placement().withTurn(degrees));
  }

  @ParameterizedTest
  @ValueSource(doubles = {3, -3, 6, 10, -14})
  void aTurnedGroundThatLeavesWedgesIsFound(double degrees) {
    assertTrue(codes(Made.card(turned(Made.background("i1"), degrees))).contains("bare-inside"));
  }

  @ParameterizedTest
  @CsvSource({"0.05,true", "0.08,true", "0.25,false", "0.5,false"})
  void aGroundThatStopsShortIsToldFromOneWithAMargin(double inset, boolean found) {
    Job job = Made.card(Made.rectangle("i1", inset, inset, 5 - 2 * inset, 7 - 2 * inset));
    assertEquals(found, codes(job).contains("bare-inside"), codes(job).toString());
  }

  @Test
  void aGroundThatLeavesAPartOfTheItemAsPaperIsLeftInPeace() {
    assertFalse(codes(Made.card(Made.rectangle("i1", -0.125, -0.125, 5.25, 5))).contains("bare-inside"), "the upper two thirds");
    assertFalse(codes(Made.card(Made.ellipse("i1", 1, 1, 3, 4))).contains("bare-inside"), "no ground at all");
    Job whole = Made.card(Made.background("i1"));
    assertEquals(Set.of(), codes(whole));
  }

  @Test
  void anEdgeThatFadesOutIsNoGroundThere() {
    Item ground = Made.background("i1");
    Item soft = ground.with(ground.properties().withEffects(Effects.NONE.withFeather(0.4)));
    assertTrue(codes(Made.card(soft)).contains("bare-inside"), codes(Made.card(soft)).toString());
  }

  @Test
  void aPictureThatIsSeeThroughAtItsEdgeIsNoGroundThere() throws Exception {
    BufferedImage image = new BufferedImage(210, 290, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(0x5D8A4E));
    g.fillRect(0, 0, 190, 290);
    g.dispose();
    Picture picture = Pictures.look("fades.png", PngFile.bytes(image, 40), Pictures.Limits.USUAL);
    Job job = Made.with(picture, Made.photo("i1", picture, -0.125, -0.125, 5.25, 7.25));
    Finding found = Checks.run(job).stream().filter(f -> f.code().equals("bare-inside")).findFirst().orElseThrow();
    assertEquals("right", found.side().orElseThrow().spoken());
    assertEquals(0.36, found.figure(), 0.06);
  }

  @Test
  void onePressSaysThatThePaperIsMeantAndItStaysSaid() throws Exception {
    Job job = Made.card(turned(Made.background("i1"), 4));
    Finding found = Checks.run(job).stream().filter(f -> f.code().equals("bare-inside")).findFirst().orElseThrow();
    Mend meant = Checks.mends(job, found).stream().filter(m -> m.key().equals("mend.paper")).findFirst().orElseThrow();
    Job said = meant.edit().change().apply(job);
    assertFalse(codes(said).contains("bare-inside"));
    Job again = ThimbleFile.read("x", new java.io.ByteArrayInputStream(ThimbleFile.bytes(said)));
    assertEquals(said, again);
    assertFalse(codes(again).contains("bare-inside"));
  }

  private static Job combined(HoldsWords words) {
    return Shaping.combine("f1", Set.of("i2", "i3"), Way.JOIN).change()
        .apply(Made.card(Made.background("i1"), Made.ellipse("i2", 1, 3, 1, 1), words));
  }

  @Test
  void checksLookInsideCombinations() {
    assertTrue(codes(combined(Made.words("i3", "Bean", 1, 1, 3, 1, Made.style("No Such Face", "Regular", 20)))).contains("font-missing"));
    assertTrue(codes(combined(Made.words("i3", "Bean \u6f22", 1, 1, 3, 1, Made.style("Figtree", "Regular", 20))))
        .contains("character-missing"));
    assertTrue(codes(combined(Made.words("i3", "Bean bean bean bean bean bean", 1, 1, 1, 0.4, Made.style("Figtree", "Regular", 20))))
        .contains("words-left-over"));
    assertTrue(codes(combined(Made.words("i3", "Bean", 4.4, 1, 3, 1, Made.style("Figtree", "Regular", 40)))).contains("words-outside"));
    assertEquals(Set.of(), codes(combined(Made.words("i3", "Bean", 1, 1, 3, 1, Made.style("Figtree", "Regular", 20)))));
  }

  @Test
  void checksLookIntoTheTilesOfPatterns() {
    Picture coarse = Made.picture(20, 20);
    Item tile = Made.photo("t1", coarse, 0, 0, 1, 1);
    ItemShape ground = Made.background("i1").withFillStyle(
        Optional.of(new FillStyle.Tiles(List.of(tile), new org.zipthimble.core.units.Size(1, 1), FillStyle.Laying.GRID)));
    Job job = Made.with(coarse, ground);
    assertTrue(codes(job).contains("picture-small"), codes(job).toString());
    Item heavy = Made.rectangle("t1", 0, 0, 0.5, 0.5).withFill(Optional.of(Colour.of(0x00FF00)));
    ItemShape inked = Made.background("i1").withFillStyle(
        Optional.of(new FillStyle.Tiles(List.of(heavy), new org.zipthimble.core.units.Size(1, 1), FillStyle.Laying.GRID)));
    Job press = Made.card(inked).withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
    assertTrue(codes(press).contains("colour-range"), codes(press).toString());
  }

  @Test
  void whatLiesWhollyBesideTheItemIsSaidAsANote() {
    Finding found = Checks.run(Made.card(Made.background("i1"), Made.ellipse("i2", 9, 1, 1, 1))).get(0);
    assertEquals("off-item", found.code());
    assertEquals(Weight.NOTE, found.weight());
    assertEquals(Optional.of("i2"), found.itemId());
  }

  @Test
  void aFaceWithUnseenShapesAndBlankWordsIsEmpty() {
    ItemShape unseen = Made.ellipse("i1", 1, 1, 2, 2).withFill(Optional.empty());
    Item blank = Made.words("i2", "  ", 1, 4, 2, 1, Made.style("Figtree", "Regular", 20));
    assertEquals(Set.of("empty-face"), codes(Made.card(unseen, blank)));
  }

  @Test
  void whitePicturesAndTransfersThatAreNotMirroredAreFound() throws Exception {
    BufferedImage image = new BufferedImage(900, 900, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, 900, 900);
    g.dispose();
    Picture white = Pictures.look("white.png", PngFile.bytes(image, 300), Pictures.Limits.USUAL);
    Job plain = Made.with(white, Made.background("i1"), Made.photo("i2", white, 1, 1, 3, 3));
    Job pressed = ColourEdits.destination(Destination.SUBLIMATION).change()
        .apply(plain.withPalette(plain.palette().withStock(Colour.of(0xC0C0C0))));
    assertTrue(codes(pressed).contains("white-unprinted"), codes(pressed).toString());
    assertFalse(codes(pressed).contains("transfer-unmirrored"));
    Job unmirrored = pressed.withTicket(pressed.ticket().withMirror(false));
    Finding found = Checks.run(unmirrored).stream().filter(f -> f.code().equals("transfer-unmirrored")).findFirst().orElseThrow();
    assertEquals(Weight.RUIN, found.weight());
    assertTrue(Checks.mends(unmirrored, found).get(0).edit().change().apply(unmirrored).ticket().mirror());
  }

  @Test
  void whiteOnAWhiteBlankIsSaidOnceAsANote() {
    ItemShape one = Made.rectangle("i1", -1, -1, 8, 10).withFill(Optional.of(Colour.WHITE));
    ItemShape two = Made.ellipse("i2", 1, 1, 2, 2).withFill(Optional.of(Colour.WHITE));
    Job job = ColourEdits.destination(Destination.SUBLIMATION).change().apply(Made.card(one, two));
    List<Finding> white = Checks.run(job).stream().filter(f -> f.code().startsWith("white")).toList();
    assertEquals(1, white.size());
    assertEquals(Weight.NOTE, white.get(0).weight());
  }

  private static Item kiss(Item item, Cutting cutting) {
    return item.with(item.properties().withRole(Role.PRINTS_AND_CUTS).withCutting(cutting.withLane("l1").withKind(CutKind.KISS)));
  }

  private static Job cut(Item... items) {
    return Made.card(items).withCutting(CutPlan.NONE.withLanes(List.of(Lane.of("l1", "Paper", Material.CARD, Made.CREAM))));
  }

  @Test
  void colourThatIsGrownPastItsCutIsEnough() {
    Item round = Made.ellipse("i1", 1, 1, 2, 2);
    assertTrue(codes(cut(kiss(round, Cutting.PLAIN))).contains("bleed-open"), "without it the cut runs along the very edge");
    assertFalse(codes(cut(kiss(round, Cutting.PLAIN.withSpread(0.0625)))).contains("bleed-open"));
    assertTrue(codes(cut(kiss(round, Cutting.PLAIN.withSpread(0.02)))).contains("bleed-open"));
  }

  @Test
  void whatIsCutPastTheTrimIsFound() {
    Item out = Made.ellipse("i1", 4, 1, 2, 2);
    Finding found = Checks.run(
        cut(out.with(out.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS))))).stream()
        .filter(f -> f.code().equals("cut-past-trim")).findFirst().orElseThrow();
    assertEquals(1, found.figure(), 0.01);
  }

  @Test
  void nothingIsToldAsNothing() {
    for (double over : new double[] {0.0005, 0.001, 0.004}) {
      Job words = Made.card(Made.background("i1"), Made.words("i2", "H", 0.125 - over, 1, 3, 1, Made.style("Figtree", "Regular", 20)));
      Checks.run(words).forEach(f -> assertFalse(f.sentence().contains(" 0 in"), f.sentence()));
    }
    HasOutline closed = Drawings.shape(ItemProperties.of("i1", "Nearly"),
        org.zipthimble.core.geom.Path.build().start(1, 1).line(2, 1).line(2, 2).line(1, 1.0000001).path(),
        Optional.empty(), Optional.of(LineLook.of(1, Made.BEET)));
    assertFalse(
        codes(cut(closed.with(closed.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS)))))
        .contains("cut-open"));
  }

  @Test
  void aCheckThatFailsSaysSoAndTheOthersGoOn() {
    Check failing = new JobCheck() {
      @Override
      public Set<String> codes() {
        return Set.of("failing");
      }

      @Override
      public List<Finding> examine(Job job) {
        return Optional.<List<Finding>>empty().orElseThrow();
      }
    };
    Finding found = Checks.asked(failing, "f1", "front", () -> ((JobCheck) failing).examine(Made.card())).get(0);
    assertEquals("check-failed", found.code());
    assertTrue(found.sentence().contains("front") && found.sentence().contains("failing"), found.sentence());
  }

  @Test
  void aCutOfNoSizeStopsNothing() {
    Item flat = Made.rectangle("i1", 1, 1, 0, 0);
    Item none = flat.with(flat.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS)));
    assertFalse(codes(cut(none, Made.words("i2", "Bean", 4.4, 1, 3, 1, Made.style("Figtree", "Regular", 40)))).isEmpty());
    assertTrue(codes(cut(none, Made.words("i2", "Bean", 4.4, 1, 3, 1, Made.style("Figtree", "Regular", 40)))).contains("words-outside"));
  }

  @Test
  void lettersThatHoldAPictureAndDoNotFitAreFound() {
    Picture picture = Made.picture(600, 600);
    Job job = Made.with(picture, Made.background("i1"), Made.words("i2", "Bean", 1, 1, 3, 0.05, Made.style("Figtree", "Bold", 60)));
    Job mounted = Mounts.make("f1", Set.of("i2")).change().apply(job);
    String mount = mounted.faces().get(0).items().get(1).id();
    Job held = Mounts.fill("f1", List.of(mount), List.of(picture)).change().apply(mounted);
    assertTrue(codes(held).contains("mount-unseen") || codes(held).contains("words-left-over"), codes(held).toString());
  }

  @Test
  void aLineCutsWhatItCrossesAndEachPieceKeepsItsLook() {
    ItemShape square = Made.rectangle("i1", 1, 1, 2, 2);
    ItemShape round = Made.ellipse("i2", 2, 1.5, 2, 1);
    HasOutline line = Drawings.shape(ItemProperties.of("i3", "Line"), org.zipthimble.core.geom.Path.build().start(0.5, 2).line(5, 2).path(),
        Optional.empty(), Optional.of(LineLook.of(1, Colour.BLACK)));
    Job job = Shaping.apart("f1", Set.of("i1", "i2", "i3")).change().apply(Made.card(square, round, line));
    List<Item> items = job.faces().get(0).items();
    assertTrue(items.stream().anyMatch(i -> i.id().equals("i3")), "the line is still there");
    List<HasOutline> pieces = items.stream().filter(i -> !i.id().equals("i3")).map(i -> i.outlined().orElseThrow()).toList();
    assertEquals(6, pieces.size(), "each of the three fields in two");
    double cream = pieces.stream().filter(p -> p.fill().equals(Optional.of(Made.CREAM))).mapToDouble(NothingLeavesWrongTest::area).sum();
    double beet = pieces.stream().filter(p -> p.fill().equals(Optional.of(Made.BEET))).mapToDouble(NothingLeavesWrongTest::area).sum();
    assertEquals(Math.PI * 0.5, beet, 1e-3, "the round lay above: all of it keeps its look");
    assertEquals(4 - Math.PI * 0.25, cream, 1e-3);
  }

  private static double area(HasOutline shape) {
    Placement p = shape.placement();
    return Extent.area(shape.outline().within(p.width(), p.height()));
  }

  /** A new false alarm or a lost finding in a demo job is seen here. */
  @Test
  void theFindingsOfEveryDemoJobAreThese() throws Exception {
    Map<String, List<String>> wanted = new TreeMap<>(Map.of(
        "bed-sign", List.of("cut-gap", "cut-gap", "cut-gap", "cut-gap"),
        "place-cards", List.of("row-misfit"),
        "planting-calendar", List.of("colour-range", "picture-small"),
        "shirt", List.of("cut-words", "cut-words", "cut-words"),
        "two-faults", List.of("bleed-short", "picture-small"),
        "window-decal", List.of("cut-gap", "cut-gap", "cut-thin", "cut-thin", "cut-words", "cut-words")));
    Map<String, List<String>> found = new TreeMap<>();
    try (Stream<Path> jobs = Files.list(Path.of("..", "samples"))) {
      for (Path file : jobs.filter(f -> f.toString().endsWith(ThimbleFile.ENDING)).toList()) {
        String name = file.getFileName().toString().replace(ThimbleFile.ENDING, "");
        found.put(name, new ArrayList<>(Checks.run(ThimbleFile.open(file)).stream().map(Finding::code).sorted().toList()));
        wanted.putIfAbsent(name, List.of());
      }
    }
    assertEquals(26, found.size());
    assertEquals(wanted, found);
  }
}
