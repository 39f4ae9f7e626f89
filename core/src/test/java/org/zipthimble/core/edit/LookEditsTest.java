package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Viewport;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.units.Insets;

/** Looks taken up and given, colours changed everywhere, copies, mends at a press, and the view they are seen in. */
class LookEditsTest {
  private static final double EXACT = 1e-9;
  private static final Colour GREEN = Colour.of(0x2E7A3B);

  private static Job done(Job job, Edit... edits) {
    Job out = job;
    for (Edit edit : edits) {
      out = edit.change().apply(out);
    }
    return out;
  }

  private static Item item(Job job, String id) {
    return job.faces().get(0).find(id).orElseThrow();
  }

  @Test
  void aShapesLookGoesToAnother() {
    ItemShape from = Made.rectangle("a", 0, 0, 1, 1).filled(Optional.of(GREEN)).withLine(Optional.of(LineLook.of(3, Made.BEET)));
    Job job = Made.card(from.with(from.properties().withOpacity(0.5)), Made.ellipse("b", 2, 2, 1, 1));
    Job given = done(job, LookEdits.give("f1", Set.of("b"), LookEdits.of(item(job, "a"))));
    HasOutline to = item(given, "b").outlined().orElseThrow();
    assertEquals(Optional.of(GREEN), to.fill());
    assertEquals(3, to.line().orElseThrow().widthPt());
    assertEquals(0.5, to.properties().opacity());
    assertEquals(item(job, "b").placement(), to.placement(), "where it stands is its own");
  }

  @Test
  void wordsTakeTypeFromWordsAndColourFromShapes() {
    HoldsWords big = Made.words("a", "Peas", 0, 0, 2, 1, Made.style("Fraunces", "Black", 60).withColour(GREEN));
    HoldsWords small = Made.words("b", "Beans", 0, 2, 2, 1, Made.style("Figtree", "Regular", 12));
    Job job = Made.card(big, small, Made.ellipse("c", 3, 3, 1, 1));
    HoldsWords taken = item(done(job, LookEdits.give("f1", Set.of("b"), LookEdits.of(big))), "b").words().orElseThrow();
    assertEquals(big.style(), taken.style());
    assertEquals("Beans", taken.text());
    HoldsWords red = item(done(job, LookEdits.give("f1", Set.of("b"), LookEdits.of(item(job, "c")))), "b").words().orElseThrow();
    assertEquals(Made.BEET, red.style().colour());
    assertEquals("Figtree", red.style().family(), "a shape has no type to give");
  }

  @Test
  void aColourIsChangedWhereverItStands() {
    Job job = done(Made.card(Made.ellipse("a", 0, 0, 1, 1), Made.words("w", "Beans", 0, 2, 2, 1, Made.style("Figtree", "Regular", 12)),
        Made.rectangle("b", 2, 2, 1, 1)),
        Grouping.group("f1", Set.of("a", "b")));
    Job green = done(job, LookEdits.recolour("f1", Set.copyOf(job.faces().get(0).items().stream().map(Item::id).toList()), Made.BEET,
        GREEN));
    Set<Colour> colours = new HashSet<>();
    green.faces().get(0).all().forEach(i -> colours.addAll(i.colours()));
    assertEquals(Set.of(GREEN, Made.CREAM), colours);
  }

  @Test
  void foilIsGivenToWordsAndShapesAndTakenAway() {
    Job job = Made.card(Made.rectangle("s", 0, 0, 1, 1), Made.words("w", "Beans", 0, 2, 2, 1, Made.style("Figtree", "Regular", 12)));
    FillStyle.Finish foil = FillStyle.Finish.of(Texture.Surface.FOIL, GREEN);
    Job shiny = done(job, LookEdits.finish("f1", Set.of("s", "w"), Optional.of(foil)));
    assertEquals(Optional.of(foil), item(shiny, "s").finish());
    assertEquals(Optional.of(foil), item(shiny, "w").finish());
    Job plain = done(shiny, LookEdits.finish("f1", Set.of("s", "w"), Optional.empty()));
    assertEquals(Optional.empty(), item(plain, "w").finish());
    assertEquals(Optional.of(Made.CREAM), item(plain, "s").outlined().orElseThrow().fill(), "its own colour was kept below");
  }

  @Test
  void outlinedWordsKeepTheirFoil() {
    HoldsWords words = Made.words("w", "Beans", 0, 2, 3, 1, Made.style("Fraunces", "Black", 30))
        .finished(Optional.of(FillStyle.Finish.of(Texture.Surface.FOIL, GREEN)));
    Job outlined = done(Made.card(words), Shaping.outlined("f1", Set.of("w")));
    Item shape = outlined.faces().get(0).items().get(0);
    assertTrue(shape.outlined().isPresent());
    assertEquals(Texture.Surface.FOIL, shape.finish().orElseThrow().surface());
    assertEquals(GREEN, shape.finish().get().colour());
  }

  @ParameterizedTest
  @CsvSource({"0.25, 2", "0, 6", "-0.1, 1"})
  void aBorderKeepsItsDistanceWithItsOuterEdge(double distance, double points) {
    Job job = Made.card();
    HasOutline border = LookEdits.border("b", job.frame(job.faces().get(0)), distance, LineLook.of(points, Made.BEET), 0);
    double half = points / 72 / 2;
    assertEquals(distance, border.placement().x() - half, EXACT);
    assertEquals(5 - distance, border.placement().x() + border.placement().width() + half, EXACT);
    assertEquals(7 - distance, border.placement().y() + border.placement().height() + half, EXACT);
    assertEquals(Optional.empty(), border.fill());
  }

  @Test
  void copiesHaveIdentitiesOfTheirOwnAndStandBeside() {
    Job job = Made.card(Made.rectangle("a", 1, 1, 1, 1));
    Job twice = done(job, Copies.duplicate("f1", Set.of("a"), 0.25, 0.5));
    assertEquals(2, twice.faces().get(0).items().size());
    Item copy = twice.faces().get(0).items().get(1);
    assertFalse(copy.id().equals("a"));
    assertEquals(1.25, copy.placement().x(), EXACT);
    assertEquals(1.5, copy.placement().y(), EXACT);
  }

  @Test
  void aGridOfCopiesHasItsGaps() {
    Job job = Made.card(Made.rectangle("a", 0, 0, 1, 0.5));
    Job grid = done(job, Copies.grid("f1", Set.of("a"), 3, 2, 0.25, 0.125));
    List<Item> items = grid.faces().get(0).items();
    assertEquals(6, items.size());
    assertEquals(6, items.stream().map(Item::id).distinct().count());
    assertEquals(2.5, items.get(2).placement().x(), EXACT);
    assertEquals(0.625, items.get(5).placement().y(), EXACT);
    assertThrows(IllegalArgumentException.class, () -> Copies.grid("f1", Set.of("a"), 0, 2, 0, 0));
    assertThrows(IllegalArgumentException.class, () -> Copies.grid("f1", Set.of("a"), 1000, 1000, 0, 0));
  }

  @Test
  void whatGoesOnAllFacesGoesOnTheOthersOnce() {
    Job job = Made.card(Made.rectangle("a", 1, 1, 1, 1));
    Job three = job.withFaces(List.of(job.faces().get(0), Face.of("f2", "back", List.of()), Face.of("f3", "inside", List.of())));
    Job all = done(three, Copies.onAllFaces("f1", Set.of("a")));
    assertEquals(List.of(1, 1, 1), all.faces().stream().map(f -> f.items().size()).toList());
    assertEquals(3, all.faces().stream().flatMap(f -> f.items().stream()).map(Item::id).distinct().count());
  }

  /** Every mend that is offered takes its finding away, or, where a ground of the same colour was laid below, leaves it as worth a look. */
  @ParameterizedTest
  @CsvSource({"0, 0, 5, 7", "-0.0625, -0.125, 5.1875, 7.25", "0, -0.125, 5, 7.25", "-0.125, -0.125, 5.25, 7.2"})
  void everyMendOfABleedMendsIt(double x, double y, double width, double height) {
    Job job = Made.card(Made.rectangle("g", x, y, width, height));
    List<Finding> findings = Checks.run(job);
    assertFalse(findings.isEmpty());
    for (Finding finding : findings) {
      List<Mend> mends = Checks.mends(job, finding);
      assertFalse(mends.isEmpty(), finding.sentence());
      for (Mend mend : mends) {
        Job mended = done(job, mend.edit());
        assertFalse(mended.equals(job), mend.key());
        assertTrue(Checks.run(mended).stream().noneMatch(f -> f.code().equals(finding.code()) && f.side().equals(finding.side())
            && (f.weight() == Weight.RUIN || !mend.key().equals("mend.ground"))), mend.key() + ": " + finding.sentence());
        assertFalse(mend.edit().label().isBlank());
      }
    }
  }

  @Test
  void mendsReachTheBleedOfEachSide() {
    Job job = Made.card(Made.rectangle("g", 0, 0, 5, 7));
    Job uneven = job.withTicket(job.ticket().withBleed(new Insets(0.5, 0.125, 0, 0.25)));
    Job mended = uneven;
    for (int i = 0; i < 4; i++) {
      List<Finding> left = Checks.run(mended);
      if (!left.isEmpty()) {
        mended = done(mended, Checks.mends(mended, left.get(0)).get(0).edit());
      }
    }
    assertEquals(List.of(), Checks.run(mended));
    Box box = item(mended, "g").placement().box();
    assertTrue(box.x() <= -0.5 + EXACT && box.bottom() >= 7.25 - EXACT, box.toString());
  }

  @Test
  void aViewFitsAndKeepsThePlaceUnderTheHand() {
    Viewport fit = Viewport.fit(new Box(0, 0, 5, 7), 800, 600, 20);
    assertEquals(560 / 7.0, fit.scale(), EXACT);
    Point middle = fit.toPixel(new Point(2.5, 3.5));
    assertEquals(400, middle.x(), EXACT);
    assertEquals(300, middle.y(), EXACT);
    Point hand = new Point(123, 456);
    Point under = fit.toFace(hand);
    Viewport near = fit.scaledAt(fit.scale() * 3, hand);
    assertEquals(under.x(), near.toFace(hand).x(), 1e-6);
    assertEquals(under.y(), near.toFace(hand).y(), 1e-6);
    Point shifted = fit.moved(10, -5).toPixel(new Point(0, 0));
    assertEquals(fit.toPixel(new Point(0, 0)).x() + 10, shifted.x(), EXACT);
    assertEquals(fit.toPixel(new Point(0, 0)).y() - 5, shifted.y(), EXACT);
  }

  /** Art painted for one view and laid by the map into another one lies where it would have been painted. */
  @Test
  void artOfOneViewIsLaidIntoAnother() {
    Viewport then = Viewport.fit(new Box(0, 0, 5, 7), 800, 600, 20);
    Viewport now = then.scaledAt(then.scale() * 1.37, new Point(200, 150)).moved(-40, 13);
    var map = then.toPixels().inverse().then(now.toPixels());
    for (Point p : List.of(new Point(0, 0), new Point(5, 7), new Point(1.3, 2.7))) {
      Point laid = map.apply(then.toPixel(p));
      assertEquals(now.toPixel(p).x(), laid.x(), 1e-6);
      assertEquals(now.toPixel(p).y(), laid.y(), 1e-6);
    }
  }
}
