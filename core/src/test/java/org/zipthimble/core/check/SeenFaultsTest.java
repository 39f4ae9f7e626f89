package org.zipthimble.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.check.all.Report;
import org.zipthimble.core.check.edge.EdgeReach;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.edit.PictureEdits;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.fill.BlockRoom;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.CutEdge;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Kind;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Course;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Faults that a check has to see wherever they hide: at a corner, in a mount, in words, in what is cut, in patterns and live groups. */
class SeenFaultsTest {
  private static final Lane VINYL = Lane.of("l1", "Cream", Material.CUT_VINYL, Made.CREAM);

  private static List<String> codes(Job job) {
    return Checks.run(job).stream().map(Finding::code).distinct().sorted().toList();
  }

  private static Finding only(Job job, String code) {
    List<Finding> found = Checks.run(job).stream().filter(f -> f.code().equals(code)).toList();
    assertEquals(1, found.size(), Checks.run(job).toString());
    return found.get(0);
  }

  private static Job done(Job job, Edit edit) {
    return edit.change().apply(job);
  }

  private static HoldsWords lost(String id) {
    return Made.words(id, "Marrow", 1, 1, 3, 1, Made.style("Gone Garden", "Regular", 24));
  }

  private static Item cut(Item item) {
    return item.with(item.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withKind(CutKind.KISS).withLane("l1")));
  }

  private static Job vinyl(Item... items) {
    return Made.card(items).withCutting(CutPlan.NONE.withLanes(List.of(VINYL)));
  }

  /** All four sides are reached, the corners not far enough. */
  @Test
  void bleedThatIsOpenAtACornerIsSeen() {
    ItemShape sheet = Made.background("g").withOutline(new Outline.Rectangle(0.3));
    List<Finding> found = Checks.run(Made.card(sheet)).stream().filter(f -> f.code().equals("bleed-open")).toList();
    assertEquals(4, found.size(), "each rounded corner of the art leaves less than the bleed past a corner");
    assertTrue(found.stream().allMatch(f -> f.weight() == Weight.RUIN));
    assertEquals(4, found.stream().map(Finding::sentence).distinct().count(), "each names its corner");
  }

  @Test
  void aCornerInsideTheRoundingIsCovered() {
    ItemShape sheet = Made.rectangle("g", -0.25, -0.25, 5.5, 7.5).withOutline(new Outline.Rectangle(0.1));
    assertEquals(List.of(), codes(Made.card(sheet)));
  }

  @Test
  void anEmptyMountIsWorthALook() {
    Job job = done(Made.card(Made.background("g"), Made.ellipse("e", 1, 1, 2, 2)), Mounts.make("f1", Set.of("e")));
    Finding finding = only(job, "mount-empty");
    assertEquals(Weight.LOOK, finding.weight());
    assertEquals(1, finding.where().x(), 1e-9);
    Picture picture = Made.picture(900, 900);
    String mount = Mounts.among(job.faces().get(0).items()).get(0).id();
    Job filled = done(job, Mounts.fill("f1", List.of(mount), List.of(picture)));
    assertFalse(codes(filled).contains("mount-empty"));
  }

  @Test
  void aWordThatIsWiderThanItsBlockIsSeen() {
    Item wide = Made.words("w", "Marrowfieldseedlibrary", 1, 1, 0.5, 2, Made.style("Fraunces", "Regular", 24));
    Finding finding = only(Made.card(Made.background("g"), wide), "words-too-wide");
    assertEquals(Optional.of("w"), finding.itemId());
    assertEquals(1, finding.figure());
  }

  /**
   * A press makes the block as wide as its word; what the words are ranged on and the top stay, turned or not, and it is no wider than it
   * has to be.
   */
  @ParameterizedTest
  @CsvSource({"LEFT, 0, 0", "CENTRE, 0.5, 0", "RIGHT, 1, 0", "CENTRE, 0.5, 30"})
  void aPressGivesAWideWordItsRoom(Align align, double share, double turn) {
    HoldsWords words = Made.words("w", "Marrowfieldseedlibrary", 1, 1, 0.5, 2, Made.style("Fraunces", "Regular", 24));
    words = words.styled(s -> s.withAlign(align)).with(words.placement().withTurn(turn));
    Job job = Made.card(Made.background("g"), words);
    Mend mend = Checks.mends(job, only(job, "words-too-wide")).get(0);
    Job mended = done(job, mend.edit());
    assertFalse(codes(mended).contains("words-too-wide"));
    HoldsWords now = mended.faces().get(0).find("w").flatMap(Item::words).orElseThrow();
    Point before = words.placement().toGround().apply(new Point(words.placement().width() * share, 0));
    Point after = now.placement().toGround().apply(new Point(now.placement().width() * share, 0));
    assertEquals(before.x(), after.x(), 1e-9);
    assertEquals(before.y(), after.y(), 1e-9);
    double narrower = now.placement().width() - 0.03;
    assertTrue(now.with(now.placement().withWidth(narrower)).set(new JobFonts(mended)).tooWide() > 0);
  }

  @Test
  void wordsThatFindNoRoomAreCounted() {
    Item full = Made.words("w", "Beans\nPeas\nMarrows\nLeeks", 1, 1, 2, 0.5, Made.style("Fraunces", "Regular", 24));
    Job job = Made.card(Made.background("g"), full);
    Finding found = only(job, "words-left-over");
    assertTrue(found.figure() >= 2);
    Job mended = done(job, Checks.mends(job, found).get(0).edit());
    assertFalse(codes(mended).contains("words-left-over"));
    assertEquals(1, mended.faces().get(0).find("w").orElseThrow().placement().y(), 1e-9);
  }

  /** Along a line no block is of any help, and none is offered. */
  @Test
  void wordsAlongALineAreNotGivenABlock() {
    HoldsWords along = Made.words("w", "Marrowfieldseedlibrary", 1, 1, 0.5, 2, Made.style("Fraunces", "Regular", 24))
        .withCourse(Optional.of(Course.ARC));
    Job job = Made.card(along);
    assertEquals(Optional.empty(), BlockRoom.room(along, new JobFonts(job)));
    assertEquals(job, done(job, StoryEdits.room("f1", "w")));
  }

  /** A curve that a program cut into spans a thousandth of an inch long makes a blade stutter. */
  @Test
  void pointsThatStandTooDenseAreSeen() {
    Path.Builder path = Path.build().start(0, 0);
    for (int i = 1; i <= 200; i++) {
      path = path.line(i / 200.0, 0.02 * Math.sin(i / 12.0));
    }
    ItemShape dense = ItemShape.of(ItemProperties.of("d", "Dense"), Placement.of(1, 1, 0.3, 0.3, 0),
        new Outline.Drawn(path.line(1, 1).line(0, 1).close().path()),
        Optional.of(Made.BEET), Optional.empty());
    Finding finding = only(vinyl(cut(dense)), "cut-dense");
    assertTrue(finding.figure() > 100, "how many: " + finding.figure());
    assertFalse(codes(vinyl(cut(Made.ellipse("e", 1, 1, 2, 2)))).contains("cut-dense"));
  }

  @Test
  void aMissingFaceIsSeenInLooseWords() {
    assertTrue(codes(Made.card(Made.background("g"), lost("w"))).contains("font-missing"));
  }

  @Test
  void aMissingFaceIsSeenInACombination() {
    Job job = done(Made.card(Made.background("g"), Made.rectangle("r", 1, 1, 3, 1), lost("w")),
        Shaping.combine("f1", Set.of("r", "w"), Way.TAKE_AWAY));
    assertTrue(codes(job).contains("font-missing"), codes(job).toString());
  }

  @Test
  void aMissingFaceIsSeenInAPattern() {
    Item tiled = Made.rectangle("r", 1, 1, 3, 3).withFillStyle(
        Optional.of(new FillStyle.Tiles(List.of(lost("w")), new Size(1, 1), FillStyle.Laying.GRID)));
    assertTrue(codes(Made.card(Made.background("g"), tiled)).contains("font-missing"));
  }

  @Test
  void aMissingFaceIsSeenInWordsThatAreOnlyCut() {
    assertTrue(codes(vinyl(cut(lost("w")))).contains("font-missing"));
  }

  @Test
  void aMissingFaceIsSeenInAGroupWithinAGroup() {
    Job job = done(Made.card(Made.background("g"), Made.rectangle("r", 1, 1, 3, 1), lost("w"), Made.ellipse("e", 1, 3, 1, 1)),
        Grouping.group("f1", Set.of("r", "w")));
    String inner = job.faces().get(0).items().stream().filter(i -> !i.members().isEmpty()).findFirst().orElseThrow().id();
    assertTrue(codes(done(job, Grouping.group("f1", Set.of(inner, "e")))).contains("font-missing"));
  }

  @Test
  void whatIsHiddenLacksNothing() {
    Item hidden = lost("w").with(lost("w").properties().withVisible(false));
    assertFalse(codes(Made.card(Made.background("g"), hidden)).contains("font-missing"));
  }

  /** Bytes that begin as a picture does and end in the middle. */
  private static Picture damaged() {
    byte[] whole = Made.png(120, 80);
    byte[] half = java.util.Arrays.copyOf(whole, whole.length / 3);
    return Picture.of(new Blob(half), Kind.PNG, "torn.png", 120, 80);
  }

  @Test
  void aPictureThatCannotBeDecodedIsAFinding() {
    Picture torn = damaged();
    Job job = Made.with(torn, Made.background("g"), Made.photo("p", torn, 1, 1, 0.4, 0.2));
    Finding finding = only(job, "picture-damaged");
    assertEquals(Weight.RUIN, finding.weight());
    assertEquals(Optional.of("p"), finding.itemId());
  }

  @Test
  void aDamagedPictureNeverBecomesARectangleThatIsCut() {
    Picture torn = damaged();
    ItemPhoto photo = Made.photo("p", torn, 1, 1, 3, 2);
    Item cut = photo.with(photo.properties().withRole(Role.CUTS)
        .withCutting(Cutting.PLAIN.withKind(CutKind.KISS).withLane("l1").along(CutEdge.OUTLINE, 0)));
    Job job = Made.with(torn, cut).withCutting(CutPlan.NONE.withLanes(List.of(VINYL)));
    List<CutLine> lines = CutLines.of(job, job.faces().get(0));
    assertTrue(lines.stream().allMatch(l -> l.path().segments().isEmpty()), lines.toString());
    assertTrue(new Forms(job).opaque(torn, 128).segments().isEmpty());
    assertTrue(codes(job).contains("picture-damaged"), codes(job).toString());
  }

  @Test
  void aDamagedPictureInAMountOrAPatternIsSeenToo() {
    Picture torn = damaged();
    Item tiled = Made.rectangle("r", 1, 4, 2, 2).withFillStyle(
        Optional.of(new FillStyle.Tiles(List.of(Made.photo("t", torn, 0, 0, 0.4, 0.2)), new Size(0.5, 0.5), FillStyle.Laying.BRICK)));
    assertTrue(codes(Made.with(torn, Made.background("g"), tiled)).contains("picture-damaged"));
    Job mounted = done(Made.with(torn, Made.background("g"), Made.ellipse("e", 1, 1, 2, 2), Made.photo("p", torn, 0, 0, 1, 1)),
        Mounts.make("f1", Set.of("e", "p")));
    assertTrue(codes(mounted).contains("picture-damaged"));
  }

  /** Relinked, a picture that was torn is whole wherever it was: placed, in a mount, in a pattern. */
  @Test
  void relinkingReachesPatternsAndMounts() throws Trouble {
    Picture torn = damaged();
    Item tiled = Made.rectangle("r", 1, 4, 2, 2).withFillStyle(
        Optional.of(new FillStyle.Tiles(List.of(Made.photo("t", torn, 0, 0, 0.4, 0.2)), new Size(0.5, 0.5), FillStyle.Laying.GRID)));
    Job job = done(Made.with(torn, Made.background("g"), Made.ellipse("e", 1, 1, 2, 2), Made.photo("p", torn, 0, 0, 1, 1), tiled,
        Made.photo("q", torn, 3, 3, 0.3, 0.2)),
        Mounts.make("f1", Set.of("e", "p")));
    Picture whole = Made.picture(120, 80);
    Job linked = done(job, PictureEdits.relink(torn.id(), whole));
    assertEquals(Set.of(whole.id()), linked.pictures().keySet());
    assertFalse(codes(linked).contains("picture-damaged"), codes(linked).toString());
    assertEquals(List.of(whole.id()), linked.faces().get(0).find("r").orElseThrow().pictureIds());
    assertEquals(job, done(linked, PictureEdits.relink(whole.id(), torn)), "and back again");
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 0.125, 0.2})
  void aFaceThatReachesNoSideIsWhiteAllRound(double inset) {
    Job job = Made.card(Made.rectangle("a", 0.5 + inset, 0.5 + inset, 3, 3));
    EdgeReach reach = EdgeReach.of(job, job.faces().get(0));
    assertTrue(reach.whiteAllRound());
    assertFalse(EdgeReach.of(Made.card(Made.background("g")), Made.card(Made.background("g")).faces().get(0)).whiteAllRound());
  }

  @Test
  void theSidesAlongWhichNothingLiesAreNamed() {
    Job job = Made.card(Made.rectangle("a", 2, 3, 10, 10));
    EdgeReach reach = EdgeReach.of(job, job.faces().get(0));
    assertEquals(List.of(Side.LEFT, Side.TOP), reach.bare());
    assertEquals(List.of(), EdgeReach.of(Made.card(Made.background("g")), Made.card(Made.background("g")).faces().get(0)).bare());
  }

  @Test
  void aNoteIsToldAndNotCounted() {
    Item words = cut(Made.words("w", "Beans", 1, 1, 3, 1, Made.style("Fraunces", "Black", 40)));
    Report report = Report.of(vinyl(words));
    List<Finding> notes = report.findings().stream().filter(f -> f.weight() == Weight.NOTE).toList();
    assertEquals(List.of("cut-words"), notes.stream().map(Finding::code).toList(), report.findings().toString());
    assertEquals(report.findings().size() - 1, report.counted());
    assertFalse(Checks.ruin(notes));
  }

  @Test
  void aFindingsSentencesAreWhole() {
    Job job = Made.card(Made.rectangle("a", 0, 0, 5, 7), lost("w"));
    for (Finding finding : Checks.run(job)) {
      for (String text : List.of(finding.title(), finding.sentence())) {
        assertFalse(text.isBlank() || text.contains("{"), finding.code() + ": " + text);
        assertEquals(text, new String(text.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8));
      }
    }
  }
}
