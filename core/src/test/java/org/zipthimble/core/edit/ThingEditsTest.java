package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.check.edge.Seam;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.form.Leaving;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.thing.OnThings;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;

/** Putting jobs onto things, turning art round them, making patterns meet, and what is found in places that are no good. */
class ThingEditsTest {
  private static final Cup CUP = Cup.straight(3, 4, 0);

  private static Item rectangle(String id, double x, double y, double w, double h, int colour) {
    return ItemShape.of(ItemProperties.of(id, id), Placement.of(x, y, w, h, 0), new Outline.Rectangle(0), Optional.of(Colour.of(colour)),
        Optional.empty());
  }

  private static Job wrap(Item... items) {
    return OnThings.job(OnThings.cup(CUP), items);
  }

  private static Item ground() {
    return rectangle("i90", -0.125, -0.125, CUP.along() + 0.25, 4.25, 0xF0E0C0);
  }

  private static Face face(Job job) {
    return job.faces().get(0);
  }

  private static List<Finding> found(Job job, String code) {
    return Checks.run(job).stream().filter(f -> f.code().equals(code)).toList();
  }

  @Test
  void aJobTakesTheSizeOfItsThingAndGoesTheWayItAsks() {
    Job job = wrap();
    assertEquals(Math.PI * 3 + 0.125, job.ticket().finished().width(), 1e-9);
    assertEquals(0.125, job.ticket().bleed().least());
    assertTrue(job.ticket().mirror());
    assertEquals(Destination.SUBLIMATION, job.colour().to());
    assertEquals(4, job.frame(face(job)).keepOuts().size());
    Job vinyl = OnThings.job("party-cup");
    assertFalse(vinyl.ticket().mirror());
    assertEquals(Destination.HOME_PRINTER, vinyl.colour().to());
    Job flat = ThingEdits.flat().change().apply(job);
    assertTrue(flat.frame(face(flat)).keepOuts().isEmpty());
    Job resized = job.withTicket(job.ticket().sized(new Size(5, 5)));
    assertTrue(resized.onThing(face(resized)).isEmpty(), "another size is no longer that of the thing");
  }

  @Test
  void composedOnTheFlatBandTheEdgeIsTheBand() {
    Job bent = OnThings.job("tapered-tumbler-20");
    Job flat = ThingEdits.bent(false).change().apply(bent);
    assertTrue(flat.development(face(flat)).isEmpty());
    Size band = Leaving.of(bent, face(bent)).frame().size();
    assertEquals(band.width(), flat.ticket().finished().width(), 1e-9);
    assertTrue(flat.frame(face(flat)).outline().isPresent());
    assertEquals(bent.ticket().finished(), ThingEdits.bent(true).change().apply(flat).ticket().finished());
  }

  /** Turned once round, all is where it was; on the way what lies over the seam stands at both ends. */
  @Test
  void artIsTurnedRoundTheCup() {
    Job job = wrap(ground(), rectangle("i1", 4, 1, 1, 1, 0x2B6F55));
    double once = CUP.round();
    Job now = job;
    boolean twins = false;
    for (int i = 0; i < 12; i++) {
      now = ThingEdits.turned(face(now).id(), once / 12).change().apply(now);
      twins |= face(now).items().size() == 3;
      assertTrue(face(now).items().size() <= 3, "never more than the two ends");
    }
    assertTrue(twins, "it went over the seam");
    List<Item> small = face(now).items().stream().filter(i -> i.placement().width() < 2).toList();
    assertEquals(1, small.size());
    assertEquals(4, small.get(0).placement().x(), 1e-9);
    assertEquals(ground().placement(), face(now).items().get(0).placement(), "what goes all round stays");
  }

  @Test
  void aRowOfRepeatsIsMadeToMeet() {
    Job blank = wrap();
    Item row = LiveGroups.of(blank, ItemProperties.of("i2", "row"), List.of(rectangle("i3", -0.2, 1, 0.5, 0.3, 0x7A2E22)),
        new LiveEffect.Repeated(new Pattern.Grid(14, 1, 0.21, 0, false)));
    Job job = blank.changed(face(blank).id(), f -> f.withItems(List.of(ground(), row)));
    Seam before = Seam.of(job, face(job)).orElseThrow();
    assertFalse(before.meets(), "as laid it does not meet: " + before.apart());
    assertEquals(1, found(job, "seam-apart").size());
    Job met = ThingEdits.meet(face(job).id()).change().apply(job);
    Pattern.Grid grid = face(met).items().get(1).holder().orElseThrow().effect().pattern().orElseThrow().asGrid().orElseThrow();
    double step = 0.5 + grid.gapX();
    assertEquals(Math.rint(CUP.round() / step), CUP.round() / step, 1e-9, "a whole number goes round");
    Box box = face(met).items().get(1).placement().around();
    assertTrue(box.x() <= -0.125 + step && box.right() >= CUP.along(), box.toString());
    assertTrue(Seam.of(met, face(met)).orElseThrow().meets(), "it meets");
    assertTrue(ThingEdits.meets(met, face(met).id()), "there is nothing left to do");
    assertTrue(found(met, "seam-apart").isEmpty());
  }

  @Test
  void tilesAreMadeToMeet() {
    ItemShape tiled = (ItemShape) ground();
    FillStyle.Tiles tiles = new FillStyle.Tiles(List.of(rectangle("i8", 0, 0, 0.4, 0.4, 0x2B6F55)), new Size(0.7, 0.7),
        FillStyle.Laying.GRID);
    Job job = wrap(tiled.withFillStyle(Optional.of(tiles)));
    Job met = ThingEdits.meet(face(job).id()).change().apply(job);
    FillStyle.Tiles now = (FillStyle.Tiles) face(met).items().get(0).outlined().orElseThrow().fillStyle().orElseThrow();
    assertEquals(Math.rint(CUP.round() / now.tile().width()), CUP.round() / now.tile().width(), 1e-9);
    assertEquals(now.tile().width() / 0.7, now.art().get(0).placement().width() / 0.4, 1e-9, "its art goes with it");
  }

  @Test
  void theSeamTellsByHowMuchAPatternIsOff() {
    // a band that comes in 0.2 in lower at the right end than it begins at the left
    Job job = wrap(ground(), rectangle("i1", -0.2, 1, 5, 0.6, 0x2B6F55), rectangle("i2", 4.8, 1.2, 5.2, 0.6, 0x2B6F55));
    Seam seam = Seam.of(job, face(job)).orElseThrow();
    assertFalse(seam.meets());
    assertEquals(-0.2, seam.shift(), 0.02);
    assertEquals(200, seam.picture().getWidth());
  }

  @Test
  void wordsInAHoleARimOrASeamAreFoundAndMovedClear() {
    Job job = wrap(ground(), Made.words("i1", "SEED", 4, 0.02, 2, 0.4, Made.style("Figtree", "Bold", 24)));
    Finding finding = found(job, "zone-crossed").get(0);
    assertTrue(finding.sentence().contains("rim"), finding.sentence());
    Job mended = Checks.mends(job, finding).get(0).edit().change().apply(job);
    assertTrue(found(mended, "zone-crossed").isEmpty(), "moved clear");
    Job panel = OnThings.job("metal-panel-12-6", Made.words("i1", "OOO", 0.2, 0.2, 2, 0.8, Made.style("Figtree", "Bold", 40)));
    assertEquals(Weight.RUIN, found(panel, "zone-crossed").get(0).weight(), "a hole takes letters away");
  }

  @Test
  void whatMustBeSeenWholeCountsLikeWords() {
    Item face = rectangle("i1", 0.1, 0.1, 1, 1, 0x2B6F55);
    Job plain = OnThings.job("metal-panel-12-6", face);
    assertTrue(found(plain, "zone-crossed").isEmpty());
    Job whole = OnThings.job("metal-panel-12-6", face.with(face.properties().withWhole(Optional.of(true))));
    assertEquals(1, found(whole, "zone-crossed").size());
    Job guide = OnThings.job("metal-panel-12-6", face.with(face.properties().withWhole(Optional.of(true)).withRole(Role.GUIDE)));
    assertEquals(1, found(guide, "zone-crossed").size(), "a guide may stand for a face in a picture");
  }

  @Test
  void wordsPastTheEdgeOfADiscAreFound() {
    Job job = OnThings.job("round-coaster", Made.words("i1", "CORNER", 0.05, 0.05, 2, 0.5, Made.style("Figtree", "Bold", 24)));
    assertEquals(Weight.RUIN, found(job, "zone-past").get(0).weight());
  }

  /** Art that ends short is told by its side; a disc of art that is large enough is well. */
  @Test
  void aSideThatFallsShortIsNamed() {
    Job well = OnThings.job("round-coaster", Made.ellipse("i1", -0.13, -0.13, 4.01, 4.01));
    assertTrue(found(well, "overhang-short").isEmpty());
    Job moved = OnThings.job("round-coaster", Made.ellipse("i1", -0.05, -0.13, 4.01, 4.01));
    List<Finding> short1 = found(moved, "overhang-short");
    assertTrue(short1.stream().anyMatch(f -> f.side().equals(Optional.of(Side.LEFT))), short1.toString());
    assertTrue(short1.stream().noneMatch(f -> f.side().equals(Optional.of(Side.RIGHT))), short1.toString());
    Job small = OnThings.job("round-coaster", Made.ellipse("i1", 0, 0, 3.75, 3.75));
    assertEquals(4, found(small, "overhang-short").size());
  }

  /** The cut along the edge of a tapered wrap is the curved band itself. */
  @Test
  void theEdgeIsCutAsTheBand() {
    Job job = OnThings.job("tapered-tumbler-20");
    Job cut = ThingEdits.cutEdge(face(job).id()).change().apply(job);
    Path line = CutLines.leaving(cut, face(cut)).stream().map(CutLine::path).findFirst().orElseThrow();
    Path band = Leaving.of(cut, face(cut)).frame().outline().orElseThrow();
    Box a = Measure.bounds(line).orElseThrow();
    Box b = Measure.bounds(band).orElseThrow();
    assertTrue(a.contains(b, 1e-3) && b.contains(a, 1e-3), a + " " + b);
    for (Point p : org.zipthimble.core.geom.Flatten.chains(band, 0.001).get(0)) {
      assertTrue(Inside.distance(line, p, 1e-4) < 1e-3, "on the band");
    }
  }
}
