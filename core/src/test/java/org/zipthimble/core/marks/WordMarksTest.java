package org.zipthimble.core.marks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.LineSide;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.WordsPanel;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.paint.RasterPainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.LetterRing;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.work.Progress;

/** Lines round letters and panels behind words: where they lie, how wide they are, and that everyone counts them. */
class WordMarksTest {
  private static final Colour RED = Colour.of(0xC02020);
  private static final Colour BLUE = Colour.of(0x2020C0);

  private static WordStyle style(LetterRing... rings) {
    WordStyle plain = Made.style("Josefin Sans", "Bold", 90).withColour(Colour.BLACK);
    return plain.withLetters(plain.letters().withDetail(LetterDetail.NONE.withRings(List.of(rings))));
  }

  private static HoldsWords words(WordStyle style) {
    return Made.words("w", "I", 1, 1, 3, 2, style);
  }

  /** The width in inches of what is coloured along a level line through the letter's middle. */
  private static double covered(HoldsWords words, Colour... colours) throws Exception {
    Job job = Made.card(words);
    double ppi = 200;
    BufferedImage image = RasterPainter.paint(Imposition.of(job, job.faces().get(0), PageOptions.of(false, false, SheetPlan.ALONE)), ppi,
        new Halvings(), Progress.SILENT);
    Box ink = words.withStory(words.story().restyled(s -> s.withLetters(s.letters().withDetail(LetterDetail.NONE)))).set(new JobFonts(job))
        .ink(Affine.move(1, 1)).orElseThrow();
    int y = (int) Math.round(ink.centre().y() * ppi);
    int found = 0;
    for (int x = 0; x < image.getWidth(); x++) {
      Colour at = Colour.of(image.getRGB(x, y) & 0xFFFFFF);
      for (Colour c : colours) {
        found += Math.abs(at.red() - c.red()) + Math.abs(at.green() - c.green()) + Math.abs(at.blue() - c.blue()) < 60 ? 1 : 0;
      }
    }
    return found / ppi;
  }

  @ParameterizedTest
  @CsvSource({"OUTSIDE, 7.2, 0.2, 0", "INSIDE, 3.6, 0.1, -0.1", "CENTRE, 7.2, 0.2, -0.1"})
  void aLineLiesOnItsSideAndIsAsWideAsTyped(LineSide side, double pt, double red, double blackLess) throws Exception {
    double letter = covered(words(style()), Colour.BLACK);
    HoldsWords ringed = words(style(new LetterRing(pt, RED, side)));
    assertEquals(red, covered(ringed, RED), 0.02, "both sides of the stem");
    assertEquals(letter + blackLess, covered(ringed, Colour.BLACK), 0.02);
  }

  /** The first line lies lowest: a thin one over a thick one leaves the difference. */
  @Test
  void linesLieOverEachOther() throws Exception {
    HoldsWords two = words(style(new LetterRing(14.4, BLUE, LineSide.OUTSIDE), new LetterRing(7.2, RED, LineSide.OUTSIDE)));
    assertEquals(0.2, covered(two, RED), 0.02);
    assertEquals(0.2, covered(two, BLUE), 0.02);
  }

  @Test
  void linesCountForTheInkAndForWhatLeavesTheSafeArea() {
    Job job = Made.card();
    Box plain = words(style()).set(new JobFonts(job)).ink().orElseThrow();
    Box ringed = words(style(new LetterRing(7.2, RED, LineSide.OUTSIDE))).set(new JobFonts(job)).ink().orElseThrow();
    assertEquals(plain.width() + 0.2, ringed.width(), 1e-9);
    assertEquals(plain.height() + 0.2, ringed.height(), 1e-9);
    HoldsWords near = Made.words("w", "I", 0.14 - plain.x(), 1, 3, 2, style());
    assertTrue(Checks.run(Made.card(near)).stream().noneMatch(f -> f.code().equals("words-outside")));
    HoldsWords over = Made.words("w", "I", 0.14 - plain.x(), 1, 3, 2, style(new LetterRing(7.2, RED, LineSide.OUTSIDE)));
    assertTrue(Checks.run(Made.card(over)).stream().anyMatch(f -> f.code().equals("words-outside")));
  }

  @Test
  void aPanelIsPaintedBehindTheWordsWithItsLineAndCorners() throws Exception {
    HoldsWords words = words(style())
        .withPanel(Optional.of(new WordsPanel(new Look(Optional.of(RED), Optional.of(LineLook.of(7.2, BLUE))), 0.25)));
    double letter = covered(words(style()), Colour.BLACK);
    assertEquals(3 - 0.1 - letter, covered(words, RED), 0.03, "the block's width without the letter and half of the line at each side");
    assertEquals(0.2, covered(words, BLUE), 0.02);
    RecordingOut out = new RecordingOut();
    Job job = Made.card(words);
    MarkWalk.made(job, job.faces().get(0), Affine.IDENTITY, out);
    assertTrue(out.lines().get(0).contains(RED.hex()) && out.lines().get(out.lines().size() - 1).contains("I"),
        "first the panel, then the words: " + out.lines());
  }

  @Test
  void wordsOnAPanelStandOutFromIt() {
    WordStyle small = Made.style("Alegreya", "Regular", 10).withColour(Colour.of(0xD8D8D8));
    HoldsWords faint = Made.words("w", "Bring seeds", 1, 1, 3, 1, small);
    assertTrue(Checks.run(Made.card(faint)).stream().anyMatch(f -> f.code().equals("words-faint")));
    HoldsWords plain = faint.withPanel(Optional.of(new WordsPanel(new Look(Optional.of(Colour.of(0x202040)), Optional.empty()), 0)));
    assertTrue(Checks.run(Made.card(plain)).stream().noneMatch(f -> f.code().equals("words-faint")));
  }
}
