package org.zipthimble.core.font;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Stories;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;

/** Every glyph of a face is in its table, once. */
class GlyphTableTest {
  private static GlyphTable table(String family) {
    return GlyphTable.of(BundledFonts.shelf().findOrStandIn(family, "Regular"));
  }

  /** The counts are those that fontTools gives for the same files, the empty first glyph left out. */
  @ParameterizedTest
  @CsvSource({"Alegreya, 2082", "Great Vibes, 1973", "Figtree, 457", "Josefin Sans, 613"})
  void everyGlyphIsThereOnce(String family, int glyphs) {
    Set<Integer> numbers = table(family).all().stream().map(GlyphTable.Entry::glyph).collect(Collectors.toCollection(HashSet::new));
    assertEquals(glyphs - 1, numbers.size());
    assertEquals(glyphs - 1, table(family).all().size());
  }

  @Test
  void glyphsAreFoundByNameCodeAndCharacter() {
    assertEquals("latin small letter e with acute", table("Alegreya").search("\u00E9").get(0).name());
    assertTrue(table("Alegreya").search("u+00e9").stream().anyMatch(e -> e.character().get() == 0xE9));
    assertTrue(table("Alegreya").search("with acute").size() > 20);
    assertEquals(0, table("Alegreya").search("no such thing").size());
  }

  /** What has no code of its own is reached through a feature: typed with it, the very glyph is set. */
  @Test
  void glyphsWithoutACodeAreReachedThroughAFeature() {
    int tried = 0;
    for (GlyphTable.Entry entry : table("Alegreya").all().stream().filter(e -> e.feature().isPresent()).limit(120).toList()) {
      WordStyle style = Stories.style("Alegreya", 20);
      WordStyle with = style.withLetters(style.letters().withDetail(LetterDetail.NONE.with(entry.feature().get(), true)));
      SetWords set = Stories.set(Story.of(Character.toString(entry.character().get()), with), 5, 1);
      assertEquals(entry.glyph(), set.lines().get(0).pieces().get(0).run().glyphs().get(0).id(), entry.name());
      tried++;
    }
    assertEquals(120, tried);
    assertTrue(table("Great Vibes").all().stream().anyMatch(e -> e.feature().isPresent()));
    assertTrue(table("Great Vibes").all().stream().anyMatch(e -> e.character().isEmpty()), "and some only as shapes");
  }
}
