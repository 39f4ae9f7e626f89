package org.zipthimble.core.bring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.ColourText;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.wording.Trouble;

/** Palettes in and out, and colours as they are typed. */
class PaletteFileTest {
  private static final Press PRESS = Press.of(Profile.shipped(), Intent.RELATIVE, true);
  private static final List<Swatch> PALETTE = List.of(
      Swatch.of("Paper", Colour.of(0xFBF5E6)),
      new Swatch("Beet & soil", Colour.of(0x7A2E22), Optional.of(new Ink.Process(new Cmyk(0.3, 0.9, 0.9, 0.35)))),
      Swatch.of("Leaf \"green\" <new>", Colour.of(0x3A6B45)));

  @ParameterizedTest
  @ValueSource(strings = {"p.gpl", "p.css", "p.svg"})
  void whatIsWrittenIsReadAgain(String name) throws Trouble {
    byte[] file = PaletteFile.write(name, "Marrowfield", PALETTE);
    List<Swatch> again = PaletteFile.read(name, file);
    assertEquals(PALETTE.stream().map(Swatch::colour).toList(), again.stream().map(Swatch::colour).toList());
    assertTrue(again.get(0).name().equalsIgnoreCase("paper"), again.get(0).name());
  }

  @Test
  void aGplFileOfAnotherProgramIsRead() throws Trouble {
    String text = "# any head\nName: soil\nColumns: 3\n#\n  0   0   0\tBlack\n122  46  34 Beet\n300 0 0 not a colour\n251 245 230\n";
    List<Swatch> read = PaletteFile.read("soil.gpl", text.getBytes(StandardCharsets.UTF_8));
    assertEquals(List.of("Black", "Beet", "#fbf5e6"), read.stream().map(Swatch::name).toList());
  }

  @Test
  void filesWithoutColoursAndBrokenOnesGiveASentence() {
    assertThrows(Trouble.class, () -> PaletteFile.read("a.gpl", "nothing here".getBytes(StandardCharsets.UTF_8)));
    Random random = new Random(3);
    for (int i = 0; i < 300; i++) {
      byte[] bytes = PaletteFile.write(i % 3 == 0 ? "p.gpl" : i % 3 == 1 ? "p.css" : "p.svg", "x", PALETTE);
      for (int k = 0; k < 12; k++) {
        bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
      }
      try {
        assertTrue(!PaletteFile.read(i % 3 == 0 ? "p.gpl" : i % 3 == 1 ? "p.css" : "p.svg", bytes).isEmpty());
      } catch (Trouble told) {
        assertTrue(told.getMessage().length() > 10);
      }
    }
  }

  /** HSL values of CSS Color Module Level 4, section 7.1; Lab of mid grey by its definition. */
  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
    "#7a2e22 | 7a2e22", "abc | aabbcc", "rgb(122, 46, 34) | 7a2e22", "rgb 122 46 34 | 7a2e22", "hsl(0, 100%, 50%) | ff0000",
        "hsl(120 100% 25%) | 008000",
    "hsl 240 100 50 | 0000ff", "hsl(-120 100% 50%) | 0000ff", "lab 100 0 0 | ffffff", "lab(0 0 0) | 000000", "LAB(53.585 0 0) | 808080"})
  void coloursAreReadInManyNotations(String text, String hex) throws Trouble {
    assertEquals("#" + hex, ColourText.read(text, PRESS).colour().hex());
    assertTrue(ColourText.read(text, PRESS).ink().isEmpty());
  }

  @Test
  void inksAreKeptAsTyped() throws Trouble {
    for (String text : List.of("cmyk 60 40 40 100", "60/40/40/100", "CMYK(60%, 40%, 40%, 100%)")) {
      assertEquals(Optional.of(new Ink.Process(Cmyk.RICH_BLACK)), ColourText.read(text, PRESS).ink());
    }
    assertEquals(PRESS.seen(new Cmyk(0, 1, 1, 0)).colour(), ColourText.read("0/100/100/0", PRESS).colour());
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "rgb 1 2", "rgb 256 0 0", "cmyk 10 20 30", "101/0/0/0", "hsl 10 120% 5%", "lab 120 0 0", "#12345",
      "rgb(a b c)", "lab 1e9 0 0"})
  void whatIsNoColourIsRefused(String text) {
    assertThrows(Trouble.class, () -> ColourText.read(text, PRESS));
  }
}
