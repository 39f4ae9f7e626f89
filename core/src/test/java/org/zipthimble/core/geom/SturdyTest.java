package org.zipthimble.core.geom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Thin;

/** What is said to be sturdy is measured as such: no thin place may be passed over. */
class SturdyTest {
  private static Path rectangle(double width, double height) {
    return Shapes.rectangle(new Box(0, 0, width, height));
  }

  @ParameterizedTest
  @CsvSource({"Alegreya, Regular, 0.021, 0.6", "Great Vibes, Regular, 0.021, 0", "Fraunces, Italic, 0.04, 0.3"})
  void noThinPlaceOfALetterIsPassedOverAndManyNeedNoMeasuring(String family, String style, double width, double share) {
    FontFace face = BundledFonts.shelf().find(family, style).orElseThrow();
    int sure = 0;
    int wide = 0;
    for (int glyph = 1; glyph < 210; glyph += 3) {
      Path letter = face.outline(glyph);
      if (!letter.segments().isEmpty()) {
        boolean thin = Thin.thinnest(letter, width).isPresent();
        boolean sturdy = Sturdy.everywhere(letter, width);
        assertFalse(thin && sturdy, family + ", glyph " + glyph);
        sure += sturdy ? 1 : 0;
        wide += thin ? 0 : 1;
      }
    }
    assertTrue(sure >= share * wide, sure + " of " + wide + " are seen to be sturdy");
  }

  @ParameterizedTest
  @CsvSource({"2, 1, true", "2, 0.5, true", "2, 0.49, true", "2, 0.48, false", "0.6, 0.4, false", "30, 0.3, false", "0.6, 0.6, true"})
  void barsAreSturdyAsFarAsTheyAreWide(double length, double width, boolean sturdy) {
    assertEquals(sturdy, Sturdy.everywhere(rectangle(length, width), 0.49), "a bar of " + length + " x " + width);
    Path leaning = rectangle(length, width).mapped(Affine.turn(33, new Point(1, 2)));
    assertEquals(sturdy, Sturdy.everywhere(leaning, 0.49), "leaning");
  }

  @ParameterizedTest
  @CsvSource({"0.3, true", "0.2, true", "0.18, false", "0.05, false"})
  void aBridgeOrARimIsSeenHoweverShort(double bridge, boolean sturdy) {
    Path posts = Combine.combine(Way.JOIN,
        List.of(rectangle(1, 1), Shapes.rectangle(new Box(1.3, 0, 1, 1)), Shapes.rectangle(new Box(0.9, 0.4, 0.5, bridge))));
    assertEquals(sturdy, Sturdy.everywhere(posts, 0.2));
    Path ring = Combine.combine(Way.TAKE_AWAY,
        List.of(rectangle(2, 2), Shapes.rectangle(new Box(bridge, bridge, 2 - 2 * bridge, 2 - 2 * bridge))));
    assertEquals(sturdy, Sturdy.everywhere(ring, 0.2));
  }

  @Test
  void whatCannotBeLookedAtIsNotSaidToBeSturdy() {
    assertFalse(Sturdy.everywhere(Path.EMPTY, 0.1));
    assertFalse(Sturdy.everywhere(rectangle(1000, 1000), 0.001), "too long");
    Path crossed = Path.build().start(0, 0).line(4, 4).line(4, 0).line(0, 4).close().path();
    assertFalse(Sturdy.everywhere(crossed, 0.1), "it crosses itself: the area lies on one hand here and on the other there");
  }
}
