package org.zipthimble.core.font;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Kinds of faces as their files tell them (OpenType specification 1.9, OS/2 and post; PANOSE as given there). */
class FontKindTest {
  @ParameterizedTest
  @CsvSource({"2, 2, 5, 0, false, SERIF", "2, 11, 5, 0, false, SANS", "2, 15, 4, 0, false, SANS", "3, 2, 5, 0, false, SCRIPT",
      "4, 0, 0, 0, false, DISPLAY", "2, 0, 9, 0, false, TYPEWRITER",
      "0, 0, 0, 8, false, SANS", "0, 0, 0, 1, false, SERIF", "0, 0, 0, 10, false, SCRIPT", "0, 0, 0, 9, false, DISPLAY",
      "0, 0, 0, 0, true, TYPEWRITER", "0, 0, 0, 0, false, OTHER", "5, 0, 0, 12, false, OTHER"})
  void theFiguresOfAFileTellItsKind(int family, int serif, int proportion, int familyClass, boolean fixed, FontKind kind) {
    assertEquals(kind, FontKind.told(family, serif, proportion, familyClass, fixed));
  }

  @Test
  void theFacesThatShipAreSorted() {
    assertEquals(FontKind.SCRIPT, BundledFonts.shelf().kind("Great Vibes"));
    assertEquals(FontKind.TYPEWRITER, BundledFonts.shelf().kind("Courier Prime"));
    assertEquals(FontKind.SANS, BundledFonts.shelf().kind("Figtree"));
    for (FontKind kind : List.of(FontKind.SERIF, FontKind.SANS, FontKind.SCRIPT, FontKind.TYPEWRITER)) {
      assertTrue(BundledFonts.shelf().families().stream().anyMatch(f -> BundledFonts.shelf().kind(f) == kind), kind.toString());
    }
    assertEquals(FontKind.OTHER, BundledFonts.shelf().kind("None of ours"));
  }

  @Test
  void aFileThatSaysItIsOfOneWidthIsATypewriter() {
    Optional<FontFace> face = BundledFonts.shelf().find("Courier Prime", "Regular");
    assertEquals(FontKind.TYPEWRITER, face.orElseThrow().kind());
  }
}
