package org.zipthimble.core.check.all;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.check.picture.PictureResolution;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Side;

class ChecksTest {
  private static List<String> codes(Job job) {
    return Checks.run(job).stream().map(Finding::code).toList();
  }

  private static Finding only(Job job) {
    List<Finding> findings = Checks.run(job);
    assertEquals(1, findings.size(), findings.toString());
    return findings.get(0);
  }

  @Test
  void aSoundCardHasNoFindings() {
    Job job = Made.card(Made.background("i1"), Made.words("i2", "Spring Swap", 1, 1, 3, 0.6, Made.style("Fraunces", "Regular", 24)));
    assertEquals(List.of(), Checks.run(job));
  }

  @Test
  void anEmptyFaceIsFoundEvenWhenItsObjectsDoNotPrint() {
    assertEquals("empty-face", only(Made.card()).code());
    Item guide = Made.rectangle("i1", 1, 1, 1, 1);
    assertEquals("empty-face", only(Made.card(guide.with(guide.properties().withRole(Role.GUIDE)))).code());
    assertEquals("empty-face", only(Made.card(guide.with(guide.properties().withVisible(false)))).code());
  }

  @ParameterizedTest
  @EnumSource(Side.class)
  void aSideThatMissesTheBleedIsNamedWithItsFigure(Side side) {
    double cut = 1.0 / 16;
    double left = -0.125 + (side == Side.LEFT ? cut : 0);
    double top = -0.125 + (side == Side.TOP ? cut : 0);
    double right = 5.125 - (side == Side.RIGHT ? cut : 0);
    double bottom = 7.125 - (side == Side.BOTTOM ? cut : 0);
    Finding finding = only(Made.card(Made.rectangle("i1", left, top, right - left, bottom - top)));
    assertEquals("bleed-short", finding.code());
    assertEquals(Optional.of(side), finding.side());
    assertEquals(Weight.RUIN, finding.weight());
    assertEquals(1.0 / 16, finding.figure(), 1e-9);
    assertEquals(0.125, finding.limit());
    assertTrue(finding.title().contains("1/16 in"), finding.title());
    assertEquals(1.0 / 16, Math.min(finding.where().width(), finding.where().height()), 1e-9, "the strip that lacks colour");
  }

  @Test
  void artThatStopsAtTheTrimIsFoundOnAllFourSides() {
    List<Finding> findings = Checks.run(Made.card(Made.rectangle("i1", 0, 0, 5, 7)));
    assertEquals(4, findings.size());
    assertTrue(findings.stream().allMatch(f -> f.figure() == 0 && f.sentence().contains("stops at the trim")));
  }

  @ParameterizedTest
  @CsvSource({"-0.125, 0", "-0.1245, 0", "-0.12, 1", "-0.05, 1", "0, 1", "0.01, 1", "0.05, 0", "0.5, 0"})
  void onlyArtThatWasMeantToReachCounts(double left, int findings) {
    Item art = Made.rectangle("i1", left, 1, 2, 2);
    assertEquals(findings, Checks.run(Made.card(art)).size());
  }

  @Test
  void aPictureTurnedALittleThatMissesTheBleedIsFound() {
    Picture picture = Made.photograph(2000, 2000);
    ItemPhoto photo = Made.photo("i1", picture, -0.06, 1, 3, 3);
    Job job = Made.with(picture, photo.with(Placement.of(-0.06, 1, 3, 3, 0.5)));
    assertEquals(List.of("bleed-short"), codes(job));
  }

  @Test
  void aTipThatPokesPastTheTrimIsNoFault() {
    assertEquals(List.of(), codes(Made.card(Made.ellipse("i1", -0.06, 3, 0.6, 0.6))));
  }

  @Test
  void aPanelOverColourIsOnlyWorthALookAndWhatIsHiddenIsNothing() {
    Item panel = Made.rectangle("i2", 0, 2, 2, 2);
    Finding finding = only(Made.card(Made.background("i1"), panel));
    assertEquals(Weight.LOOK, finding.weight());
    assertEquals(List.of(), codes(Made.card(panel, Made.background("i3"))), "a full background above hides it");
    Item faint = Made.background("i3");
    assertEquals(List.of("bleed-short"), codes(Made.card(panel, faint.with(faint.properties().withOpacity(0.5)))),
        "what shines through hides nothing");
  }

  @Test
  void aRuleThatEndsBetweenTrimAndBleedIsFound() {
    Item rule = ItemShape.of(ItemProperties.of("i1", "Rule"), Placement.of(0, -0.05, 0, 0, 0).withTurn(0), new Outline.Straight(),
        Optional.empty(), Optional.of(LineLook.of(2, Made.BEET)));
    Item across = rule.with(Placement.of(1, -0.05, 3, 0, 0));
    assertEquals(List.of("bleed-short"), codes(Made.card(across)), "a rule along the side, just outside the trim");
  }

  @Test
  void withoutBleedNothingIsAsked() {
    Job job = Made.card(Made.rectangle("i1", 0, 0, 5, 7));
    assertEquals(List.of(), codes(job.withTicket(job.ticket().withBleed(Insets.NONE))));
  }

  /** 1575 px over 5.25 in are 300 ppi (arithmetic); less than two thirds of the target would ruin it (common practice). */
  @ParameterizedTest
  @CsvSource({"1575, NONE", "1574, LOOK", "1051, LOOK", "1049, RUIN", "788, RUIN"})
  void picturesAreWeighedAtTheirPlacedSize(int pixels, String weight) {
    Picture picture = Made.photograph(pixels, pixels);
    Job job = Made.with(picture, Made.photo("i1", picture, -0.125, 0.5, 5.25, 5.25));
    List<Finding> findings = Checks.run(job);
    assertEquals(weight, findings.isEmpty() ? "NONE" : findings.get(0).weight().name());
    assertEquals(OptionalDouble.of(pixels / 5.25), PictureResolution.lowest(job));
  }

  @Test
  void aGroupThatGrewLowersTheResolutionOfItsPicture() {
    Picture picture = Made.photograph(600, 600);
    Job small = Made.with(picture, Made.photo("i1", picture, 1, 1, 2, 2), Made.rectangle("i2", 1, 1, 2, 2));
    Job grouped = Grouping.group("f1", Set.of("i1", "i2")).change().apply(small);
    assertEquals(List.of(), codes(grouped));
    String id = grouped.faces().get(0).items().get(0).id();
    Job grown = Edits.place("f1", Set.of(id), "edit.resize", p -> Placement.of(0.5, 0.5, 4, 4, 0))
        .change().apply(grouped);
    Finding finding = only(grown);
    assertEquals(150, finding.figure(), 1e-9);
    assertTrue(finding.mend().contains("2 × 2 in"), finding.mend());
  }

  @Test
  void wordsPastTheSafeAreaAndPastTheTrimWeighDifferently() {
    Item near = Made.words("i1", "HHHHHH", 0.02, 1, 3, 0.6, Made.style("Figtree", "Bold", 24));
    Finding look = only(Made.card(near));
    assertEquals("words-outside", look.code());
    assertEquals(Weight.LOOK, look.weight());
    assertEquals(Optional.of(Side.LEFT), look.side());
    Finding ruin = only(Made.card(near.with(Placement.of(-0.2, 1, 3, 0.6, 0))));
    assertEquals(Weight.RUIN, ruin.weight());
    assertTrue(ruin.figure() > 0.25 && ruin.figure() < 0.33, "about 0.325 less the H's own left edge: " + ruin.figure());
  }

  @Test
  void theBlockMayPassTheSafeAreaAsLongAsTheInkDoesNot() {
    Item wide = Made.words("i1", "ab", -1, 1, 7, 0.6,
        Made.style("Figtree", "Regular", 20).withAlign(Align.CENTRE));
    assertEquals(List.of(), codes(Made.card(wide)));
  }

  @Test
  void wordsThatFindNoRoomAreCounted() {
    Item words = Made.words("i1", "one two three four five six seven eight nine ten", 1, 1, 1, 0.5, Made.style("Figtree", "Regular", 14));
    Finding finding = only(Made.card(words));
    assertEquals("words-left-over", finding.code());
    assertTrue(finding.figure() >= 4 && finding.title().startsWith((int) finding.figure() + " words left over"), finding.title());
  }

  @Test
  void missingFontsAndCharactersAreFound() {
    Finding font = only(Made.card(Made.words("i1", "Beans", 1, 1, 3, 0.6, Made.style("Barn Grotesk", "Heavy", 20))));
    assertEquals("font-missing", font.code());
    assertTrue(font.sentence().contains("Barn Grotesk Heavy") && font.sentence().contains("Figtree"), font.sentence());
    Finding character = only(Made.card(Made.words("i1", "Beans 漢", 1, 1, 3, 0.6, Made.style("Figtree", "Regular", 20))));
    assertEquals("character-missing", character.code());
  }

  @Test
  void allFindingsOfAllFacesAreGiven() {
    Job job = Made.card(Made.rectangle("i1", 0, 0, 5, 7));
    Job two = Edits.addFace("back").change().apply(job);
    assertEquals(5, Checks.run(two).size());
    assertTrue(Checks.ruin(Checks.run(two)));
    assertFalse(Checks.ruin(List.of()));
    assertEquals(new Box(0, 0, 5, 7), Checks.run(two).get(4).where());
  }
}
