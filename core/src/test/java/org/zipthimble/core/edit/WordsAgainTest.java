package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.WordStyle;

/** Outlines that are words again, letters joined to pieces, backings that follow, letters covered by gradients and patterns. */
class WordsAgainTest {
  private static Item item(Job job, String id) {
    return job.faces().get(0).find(id).orElseThrow();
  }

  private static Job card(String text, WordStyle style) {
    return Made.card(Made.words("w", text, 0.5, 1, 4, 3, style));
  }

  private static Box reach(Job job, Item item) {
    return Measure.bounds(new Forms(job).outline(item)).orElseThrow();
  }

  @Test
  void outlinesAreWordsAgainWhereTheyStandAndAsLargeAsTheyAre() {
    Job job = card("Seeds", Made.style("Alegreya", "Regular", 40));
    Job shapes = Shaping.outlined("f1", Set.of("w")).change().apply(job);
    assertTrue(item(shapes, "w").outlined().flatMap(s -> s.outline().asLettered()).isPresent());
    assertEquals(item(job, "w"), item(Shaping.wordsAgain("f1", Set.of("w")).change().apply(shapes), "w"),
        "untouched they are what they were");
    Job moved = Edits.place("f1", Set.of("w"), "edit.move", p -> Reshape.widened(p.moved(0.25, 2).withTurn(30), p.width() * 1.5, true))
        .change().apply(shapes);
    Job again = Shaping.wordsAgain("f1", Set.of("w")).change().apply(moved);
    HoldsWords words = item(again, "w").words().orElseThrow();
    assertEquals(60, words.style().sizePt(), 1e-6);
    Box was = reach(moved, item(moved, "w"));
    Box is = reach(again, words);
    assertEquals(0, was.centre().distance(is.centre()), 1e-3);
    assertEquals(was.width(), is.width(), 1e-3);
  }

  @Test
  void whatWasWordsKeepsItsColourSavesAndShowsItsFactsAnew() throws Exception {
    Job job = FactEdits.set(new Fact("place", Fact.Kind.PLACE, "Barn")).change().apply(Made.card());
    WordStyle style = Made.style("Alegreya", "Regular", 24);
    HoldsWords field = Made.words("w", "", 0.5, 1, 4, 1, style)
        .withStory(FactEdits.field(job.facts().get(0), "", style.letters(), style.paragraph()));
    Job shapes = Shaping.outlined("f1", Set.of("w")).change().apply(Edits.add("f1", field).change().apply(job));
    Job red = Edits.shape("f1", Set.of("w"), "edit.fill", s -> s.filled(Optional.of(Made.BEET))).change().apply(shapes);
    Job read = ThimbleFile.read("kept", new ByteArrayInputStream(ThimbleFile.bytes(red)));
    assertEquals(item(red, "w"), item(read, "w"));
    Job changed = FactEdits.set(new Fact("place", Fact.Kind.PLACE, "Seed loft")).change().apply(read);
    HoldsWords again = item(Shaping.wordsAgain("f1", Set.of("w")).change().apply(changed), "w").words().orElseThrow();
    assertEquals("Seed loft", again.text());
    assertEquals(Made.BEET, again.style().colour());
  }

  @Test
  void movedPointsMakeItAShapeForGood() {
    Job shapes = Shaping.outlined("f1", Set.of("w")).change().apply(card("Seeds", Made.style("Alegreya", "Regular", 40)));
    Job redrawn = Shaping.redraw("f1", "w", new Forms(shapes).outline(item(shapes, "w")), "edit.figure").change().apply(shapes);
    assertTrue(item(redrawn, "w").outlined().orElseThrow().outline() instanceof Outline.Drawn);
    assertEquals(item(redrawn, "w"), item(Shaping.wordsAgain("f1", Set.of("w")).change().apply(redrawn), "w"));
  }

  /** In a joined script neighbours overlap; set apart every letter and the dot of an i is a piece. */
  @ParameterizedTest
  @CsvSource({"Great Vibes, nun, 0, 1", "Great Vibes, nun, 600, 3", "Figtree, lot, 0, 3", "Figtree, il, 0, 3"})
  void piecesAreCountedAsTheyComeOutOfTheMaterial(String family, String text, double tracking, int pieces) {
    Job job = card(text, Made.style(family, "Regular", 60).withTracking(tracking));
    assertEquals(pieces, new Forms(job).pieces(item(job, "w")));
    Job joined = Shaping.combine("f1", Set.of("w"), Way.JOIN).change().apply(job);
    Item live = joined.faces().get(0).items().get(0);
    assertEquals(pieces, new Forms(joined).pieces(live));
    assertTrue(live.members().get(0).words().isPresent(), "the words live on inside");
  }

  @Test
  void aBackingFollowsWhatIsTyped() {
    Job job = Shaping.backing("f1", Set.of("w"), 0.125, Made.CREAM).change().apply(card("Seeds", Made.style("Figtree", "Bold", 40)));
    HoldsObjects group = job.faces().get(0).items().get(0).holder().orElseThrow();
    Box letters = Measure.bounds(new Forms(job).outline(group.members().get(0)).mapped(group.innerToGround())).orElseThrow();
    assertEquals(letters.width() + 0.25, reach(job, group).width(), 1e-3);
    assertEquals(Optional.of(Made.CREAM), group.look().orElseThrow().fill());
    Job more = Grouping.inside("f1", group.id(), Edits.say("f1", "w", "Seeds!")).change().apply(job);
    HoldsObjects grown = more.faces().get(0).items().get(0).holder().orElseThrow();
    Box longer = Measure.bounds(new Forms(more).outline(grown.members().get(0)).mapped(grown.innerToGround())).orElseThrow();
    assertTrue(longer.width() > letters.width());
    assertEquals(longer.width() + 0.25, reach(more, grown).width(), 1e-3);
  }

  private static int at(Job job, double x, double y) {
    BufferedImage image = FacePainter.onPaper(Imposition.bench(job, job.faces().get(0)), 144, new Halvings());
    return image.getRGB((int) (x * 144), (int) (y * 144)) & 255;
  }

  @Test
  void aGradientRunsOverAllLettersFromEdgeToEdge() {
    Job job = card("IIIIIIII", Made.style("Josefin Sans", "Bold", 80));
    FillStyle grey = new FillStyle.Gradient(false, 0, List.of(new FillStyle.Stop(0, Colour.BLACK), new FillStyle.Stop(1, Colour.WHITE)));
    Job shaded = Edits.covered("f1", Set.of("w"), grey).change().apply(job);
    HoldsWords words = item(shaded, "w").words().orElseThrow();
    Box ink = words.set(new JobFonts(shaded)).ink(words.placement().toGround()).orElseThrow();
    for (int letter = 0; letter < 8; letter++) {
      // middles of evenly set letters of one width
      double stem = ink.width() * 0.06;
      double x = ink.x() + stem / 2 + letter * (ink.width() - stem) / 7;
      int expected = (int) Math.round(255 * (x - ink.x()) / ink.width());
      assertEquals(expected, at(shaded, x, ink.centre().y()), 12, "letter " + letter);
    }
    assertEquals(Set.of(Colour.BLACK, Colour.WHITE), Set.copyOf(words.colours()));
    Job plain = Edits.inked("f1", Set.of("w"), Made.BEET).change().apply(shaded);
    assertFalse(item(plain, "w").words().orElseThrow().fillStyle().isPresent(), "one colour takes the place of a gradient");
  }

  @Test
  void lettersAreCoveredByAPatternToo() {
    ItemShape spot = Made.rectangle("s", 3, 4, 0.05, 0.05).filled(Optional.of(Colour.WHITE));
    Job job = Edits.add("f1", spot).change().apply(card("III", Made.style("Josefin Sans", "Bold", 90)));
    Job tiled = Shaping.pattern("f1", Set.of("w", "s"), FillStyle.Laying.GRID, 0.05).change().apply(job);
    HoldsWords words = item(tiled, "w").words().orElseThrow();
    assertEquals(1, words.patternArt().size());
    assertTrue(tiled.faces().get(0).find("s").isEmpty(), "the tile's art was taken up");
    Box ink = words.set(new JobFonts(tiled)).ink(words.placement().toGround()).orElseThrow();
    int light = 0;
    int dark = 0;
    for (double y = ink.y() + 0.02; y < ink.bottom() - 0.02; y += 0.013) {
      int level = at(tiled, ink.x() + ink.width() * 0.04, y);
      light += level > 200 ? 1 : 0;
      dark += level < 60 ? 1 : 0;
    }
    assertTrue(light > 5 && dark > 5, light + " light and " + dark + " dark places along a stem");
  }
}
