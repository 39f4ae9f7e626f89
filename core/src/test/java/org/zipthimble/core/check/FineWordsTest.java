package org.zipthimble.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Look;
import org.zipthimble.core.item.WordsPanel;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.WordStyle;

/** Type that is too small and strokes that are too thin, measured on the letters. */
class FineWordsTest {
  private static List<Finding> found(Job job, String code) {
    return Checks.run(job).stream().filter(f -> f.code().equals(code)).toList();
  }

  private static HoldsWords words(String text, WordStyle style) {
    return Made.words("w", text, 0.5, 1, 4, 3, style);
  }

  /** The width of a vertical bar, a plain rectangle, in ems as the platform's own reader of fonts gives it. */
  private static double bar(String file) throws Exception {
    try (InputStream in = FineWordsTest.class.getResourceAsStream("/org/zipthimble/core/fonts/" + file)) {
      Font font = Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(1000f);
      return font.createGlyphVector(new FontRenderContext(null, true, true), "|").getOutline().getBounds2D().getWidth() / 1000;
    }
  }

  /** Limits: 0.25 pt printed, 0.5 pt left out of ink (common practice, no source). */
  @ParameterizedTest
  @CsvSource({"CormorantGaramond_400Regular.ttf, Cormorant Garamond, Regular, 0.25, false",
      "CourierPrime_400Regular.ttf, Courier Prime, Regular, 0.5, true"})
  void strokesAreMeasuredOnTheLetters(String file, String family, String style, double limit, boolean leftOut) throws Exception {
    double em = bar(file);
    for (double share : new double[] {0.8, 0.9, 1.04, 1.2}) {
      double size = limit * share / em;
      HoldsWords words = words("||", Made.style(family, style, size).withColour(leftOut ? Colour.WHITE : Colour.BLACK));
      if (leftOut) {
        words = words.withPanel(Optional.of(new WordsPanel(new Look(Optional.of(Colour.BLACK), Optional.empty()), 0)));
      }
      List<Finding> thin = found(Made.card(words), "words-thin");
      assertEquals(share < 1, !thin.isEmpty(), family + " at " + share + " of the limit, " + size + " pt");
      if (share < 1) {
        assertEquals(limit * share, thin.get(0).figure(), 0.02 * limit);
      }
    }
  }

  @Test
  void smallTypeIsToldByItsSizeOnTheFaceAndMended() {
    Job job = Made.card(words("Bring seeds", Made.style("Figtree", "Bold", 4.5)));
    Finding small = found(job, "words-small").get(0);
    assertEquals(4.5, small.figure(), 1e-9);
    Mend mend = Checks.mends(job, small).get(0);
    Job mended = mend.edit().change().apply(job);
    assertEquals(5, mended.faces().get(0).find("w").flatMap(Item::words).orElseThrow().style().sizePt(), 1e-9);
    assertTrue(found(mended, "words-small").isEmpty());
    assertTrue(found(Made.card(words("Bring seeds", Made.style("Figtree", "Bold", 5.5))), "words-small").isEmpty());
    HoldsWords light = words("Bring seeds", Made.style("Figtree", "Bold", 5.5).withColour(Colour.WHITE));
    assertEquals(1, found(Made.card(Made.background("b").filled(Optional.of(Colour.BLACK)), light), "words-small").size(),
        "left out of ink it wants 6 pt");
  }

  @Test
  void theMendThickensUntilNothingIsTold() {
    Job job = Made.card(words("silver hairline", Made.style("Great Vibes", "Regular", 8)));
    Finding thin = found(job, "words-thin").get(0);
    Mend mend = Checks.mends(job, thin).get(0);
    assertTrue(mend.title().startsWith("Thicken by "), mend.title());
    Job mended = mend.edit().change().apply(job);
    assertTrue(found(mended, "words-thin").isEmpty());
    assertEquals(thin.limit() - thin.figure(), mended.faces().get(0).find("w").flatMap(Item::words).orElseThrow().style().letters()
        .detail().rings().get(0).widthPt(), 1e-9);
  }

  @Test
  void whatIsPressedWantsTwiceAsMuch() {
    HoldsWords words = words("Bring seeds", Made.style("Cormorant Garamond", "Regular", 26));
    Job printed = Made.card(words);
    Job pressed = printed.withColour(printed.colour().withTo(Destination.SUBLIMATION));
    assertTrue(found(printed, "words-thin").isEmpty());
    assertEquals(1, found(pressed, "words-thin").size());
    assertTrue(found(pressed, "words-thin").get(0).sentence().contains("pressed"));
  }
}
