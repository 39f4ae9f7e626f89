package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.wording.Trouble;

class TypeTest {
  private static final FontShelf SHELF = BundledFonts.shelf();

  private static FontFace face(String family, String style) {
    return SHELF.find(family, style).orElseThrow();
  }

  /** Checks a run against glyph numbers and advances in font units as HarfBuzz 6.0.0 (hb-shape) gives them. */
  private static void assertShaped(String family, String style, String text, int[] ids, int[] advances) {
    FontFace face = face(family, style);
    GlyphRun run = Shaper.shape(face, text, 72, 0);
    assertArrayEquals(ids, run.glyphs().stream().mapToInt(Glyph::id).toArray());
    double x = 0;
    for (int i = 0; i < advances.length; i++) {
      assertEquals(x / face.unitsPerEm(), run.glyphs().get(i).x(), 1e-6, "glyph " + i);
      x += advances[i];
    }
    assertEquals(x / face.unitsPerEm(), run.advance(), 1e-6);
  }

  @Test
  void kerningEqualsTheReferenceShaper() {
    assertShaped("Fraunces", "Semibold Italic", "Spring Swap AVATAR",
        new int[] {21, 49, 51, 40, 47, 37, 1, 21, 58, 29, 49, 1, 3, 24, 3, 22, 3, 20},
        new int[] {1186, 1133, 1011, 664, 1228, 1088, 400, 1159, 1542, 1152, 1149, 400, 1224, 1138, 1225, 1094, 1323, 1429});
    assertShaped("Figtree", "Regular", "WAVE To Ty",
        new int[] {106, 1, 105, 24, 340, 92, 199, 340, 92, 243}, new int[] {927, 634, 693, 592, 247, 490, 580, 247, 540, 526});
  }

  @Test
  void ligaturesEqualTheReferenceShaper() {
    assertShaped("Alegreya", "Regular", "office fling Tail",
        new int[] {386, 506, 520, 285, 299, 1846, 508, 365, 340, 376, 326, 1846, 191, 256, 340, 365},
        new int[] {498, 300, 587, 409, 448, 198, 330, 244, 282, 548, 501, 198, 496, 466, 282, 244});
  }

  /** 333 thousandths at 10 pt add 3.33 pt after each letter (arithmetic); letters tracked apart are not joined. */
  @Test
  void trackingIsInThousandthsOfAnEm() {
    FontFace face = face("Alegreya", "Regular");
    GlyphRun plain = Shaper.shape(face, "ab", 10, 0);
    GlyphRun tracked = Shaper.shape(face, "ab", 10, 333);
    assertEquals(3.33 / 72, tracked.glyphs().get(1).x() - plain.glyphs().get(1).x(), 1e-9);
    assertEquals(plain.advance() + 3.33 / 72, tracked.advance(), 1e-9, "nothing is added after the last letter");
    assertEquals(6, Shaper.shape(face, "office", 10, 20).glyphs().size());
    assertTrue(Shaper.shape(face, "office", 10, 0).glyphs().size() < 6);
  }

  @Test
  void everyBundledFaceCanBeReadAndDraws() {
    assertTrue(SHELF.families().size() >= 6);
    for (String family : SHELF.families()) {
      for (String style : SHELF.styles(family)) {
        FontFace face = face(family, style);
        assertEquals(-1, face.firstMissing("Spring Swap, 1 1/2 × 7 — “é”"), face.name());
        Box ink = Shaper.shape(face, "Hx", 72, 0).ink().orElseThrow();
        assertTrue(ink.height() > 0.3 && ink.height() < 1.5, face.name() + " " + ink);
        assertTrue(face.ascent() > 0.5 && face.descent() > 0, face.name());
      }
    }
  }

  @Test
  void theFirstMissingCharacterIsTold() {
    assertEquals('漢', face("Figtree", "Regular").firstMissing("Seeds 漢"));
  }

  @Test
  void leadingIsTheDistanceOfBaselines() {
    WordStyle style = Made.style("Figtree", "Regular", 10).withLeadingPercent(150);
    SetWords set = Typesetter.set("one\ntwo", style, 5, 5, SHELF);
    assertEquals(15.0 / 72, set.lines().get(1).baseline().y() - set.lines().get(0).baseline().y(), 1e-12);
    assertEquals(face("Figtree", "Regular").ascent() * 10 / 72, set.lines().get(0).baseline().y(), 1e-12);
  }

  @Test
  void linesBreakBetweenWordsAndCountWhatIsLeft() {
    WordStyle style = Made.style("Alegreya", "Regular", 12);
    String text = "Bring seed that you have saved dry and in a paper packet with its name and the year";
    SetWords all = Typesetter.set(text, style, 2, 5, SHELF);
    assertTrue(all.fits());
    assertTrue(all.lines().size() >= 4);
    for (SetWords.Line line : all.lines()) {
      assertTrue(line.width() <= 2 + 1e-9, line.text());
    }
    SetWords two = Typesetter.set(text, style, 2, all.height() / all.lines().size() * 2.2, SHELF);
    int set = two.lines().stream().mapToInt(l -> Typesetter.countWords(l.text())).sum();
    assertEquals(18, set + two.leftOver(), "every word is set or counted");
    assertTrue(two.leftOver() > 0 && !two.fits());
    assertTrue(Typesetter.set(text, style, 2, all.height(), SHELF).fits(), "the height it asks for is enough");
    assertFalse(Typesetter.set(text, style, 2, all.height() - 0.01, SHELF).fits());
  }

  @Test
  void aWordWiderThanItsBlockStaysWholeAndIsCounted() {
    SetWords set = Typesetter.set("a Scarlet-runner-bean-of-Marrowfield b", Made.style("Figtree", "Bold", 30).withTracking(5), 0.4, 9,
        SHELF);
    assertTrue(set.tooWide() >= 1);
    assertFalse(set.fits());
  }

  @Test
  void alignmentSharesTheFreeWidth() {
    WordStyle style = Made.style("Figtree", "Regular", 10);
    double width = Typesetter.set("bean", style, 3, 1, SHELF).lines().get(0).width();
    assertEquals(0, Typesetter.set("bean", style, 3, 1, SHELF).lines().get(0).baseline().x(), 1e-12);
    assertEquals((3 - width) / 2, Typesetter.set("bean", style.withAlign(Align.CENTRE), 3, 1, SHELF).lines().get(0).baseline().x(), 1e-12);
    assertEquals(3 - width, Typesetter.set("bean", style.withAlign(Align.RIGHT), 3, 1, SHELF).lines().get(0).baseline().x(), 1e-12);
  }

  @Test
  void bytesThatAreNoFontAreRefusedWithASentence() {
    for (byte[] bytes : new byte[][] {{}, {1, 2, 3}, new byte[4000], "not a font".getBytes(java.nio.charset.StandardCharsets.UTF_8)}) {
      Trouble trouble = assertThrows(Trouble.class, () -> FontFace.read("Odd", "Regular", bytes));
      assertTrue(trouble.getMessage().contains("Odd"));
    }
  }

  @Test
  void stylesOutOfRangeAreRefused() {
    WordStyle style = Made.style("Figtree", "Regular", 10);
    assertThrows(IllegalArgumentException.class, () -> style.withSizePt(0));
    assertThrows(IllegalArgumentException.class, () -> style.withLeadingPercent(1000));
    assertThrows(IllegalArgumentException.class, () -> style.withTracking(Double.NaN));
  }
}
