package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;

/** What holds of every block of words, whatever it says: nothing is lost, lines keep to the width, distances are those asked for. */
class SettingLawsTest {
  private static final FontShelf SHELF = BundledFonts.shelf();

  private static WordStyle style(double pt, double leading, double tracking, Align align) {
    return new WordStyle("Alegreya", "Regular", pt, leading, tracking, align, Colour.BLACK);
  }

  private static String text(long seed, int words) {
    Random random = new Random(seed);
    return IntStream.range(0, words).mapToObj(i -> random.ints(1 + random.nextInt(9), 'a', 'z' + 1).mapToObj(c -> String.valueOf((char) c))
        .collect(Collectors.joining()))
        .collect(Collectors.joining(" "));
  }

  private static String said(SetWords set) {
    return set.lines().stream().map(l -> l.text().strip()).collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void everyWordIsSetOrCounted(long seed) {
    String text = text(seed, 120);
    for (double height : new double[] {0.1, 1, 2, 40}) {
      SetWords set = Typesetter.set(text, style(12, 120, 0, Align.LEFT), 3, height, SHELF);
      String said = said(set);
      assertTrue(text.startsWith(said), "in their order and none twice");
      assertEquals(120, Typesetter.countWords(said) + set.leftOver(), "in a block " + height + " in high");
      assertEquals(set.leftOver() == 0 && set.tooWide() == 0, set.fits());
    }
    SetWords whole = Typesetter.set(text, style(12, 120, 0, Align.LEFT), 3, 40, SHELF);
    assertTrue(Typesetter.set(text, style(12, 120, 0, Align.LEFT), 3, whole.height() + 1e-3, SHELF).fits(),
        "the height that is told is enough");
    assertTrue(Typesetter.set(text, style(12, 120, 0, Align.LEFT), 3, whole.height() - 0.01, SHELF).leftOver() > 0, "and no less is");
  }

  @ParameterizedTest
  @EnumSource(Align.class)
  void linesKeepToTheBlocksWidth(Align align) {
    SetWords set = Typesetter.set(text(9, 90), style(14, 130, 0, align), 2.5, 40, SHELF);
    assertTrue(set.lines().size() > 8);
    for (SetWords.Line line : set.lines()) {
      double from = line.baseline().x();
      assertTrue(from >= -1e-6 && from + line.width() <= 2.5 + 1e-6, "from " + from + ", wide " + line.width());
      double free = 2.5 - line.width();
      double wanted = align == Align.LEFT ? 0 : align == Align.RIGHT ? free : align == Align.CENTRE ? free / 2 : from;
      assertEquals(wanted, from, 1e-6);
    }
  }

  /** Baselines are one leading apart: type size times per cent, in seventy-seconds of an inch. */
  @ParameterizedTest
  @CsvSource({"12, 100", "12, 120", "9.5, 150", "36, 80"})
  void baselinesAreALeadingApart(double pt, double leading) {
    SetWords set = Typesetter.set("one\ntwo\nthree\n\nfive", style(pt, leading, 0, Align.LEFT), 5, 20, SHELF);
    assertEquals(5, set.lines().size());
    for (int i = 1; i < 5; i++) {
      assertEquals(pt * leading / 100 / 72, set.lines().get(i).baseline().y() - set.lines().get(i - 1).baseline().y(), 1e-9,
          "an empty line takes its room");
    }
  }

  /** Twice the size is twice as wide and twice as high, to the last curve. */
  @ParameterizedTest
  @ValueSource(doubles = {6, 10, 24, 72})
  void sizesScale(double pt) {
    Box one = Measure.bounds(Typesetter.set("Bring seeds", style(pt, 120, 0, Align.LEFT), 100, 100, SHELF).outline()).orElseThrow();
    Box two = Measure.bounds(Typesetter.set("Bring seeds", style(2 * pt, 120, 0, Align.LEFT), 100, 100, SHELF).outline()).orElseThrow();
    assertEquals(2 * one.width(), two.width(), 1e-6 * pt);
    assertEquals(2 * one.height(), two.height(), 1e-6 * pt);
  }

  /** Tracking adds its thousandths of an em between letters, whatever the letters are. */
  @ParameterizedTest
  @ValueSource(doubles = {-50, 25, 100, 500})
  void trackingAddsUp(double tracking) {
    FontFace face = SHELF.findOrStandIn("Alegreya", "Regular");
    String word = "planting";
    double apart = Shaper.shape(face, word, 10, tracking).advance();
    double other = Shaper.shape(face, word, 10, 2 * tracking).advance();
    assertEquals((word.length() - 1) * tracking / 1000 * 10 / 72, other - apart, 1e-6);
  }

  @Test
  void wordsAreCountedByTheSpacesBetweenThem() {
    assertEquals(0, Typesetter.countWords(""));
    assertEquals(0, Typesetter.countWords(" \n\t "));
    assertEquals(3, Typesetter.countWords("  beans\n peas\tleeks "));
  }

  @Test
  void whatWasSetBeforeIsNotSetAgain() {
    WordStyle style = style(11, 120, 0, Align.LEFT);
    assertSame(Typesetter.set("Beans and peas", style, 2, 1, SHELF), Typesetter.set("Beans and peas", style, 2, 1, SHELF));
    assertThrows(IllegalArgumentException.class, () -> Typesetter.set("b".repeat(200_001), style, 2, 1, SHELF));
  }

  /** Line ends of every system part paragraphs alike. */
  @Test
  void lineEndsOfAllKindsAreOne() {
    WordStyle style = style(11, 120, 0, Align.LEFT);
    List<String> wanted = List.of("one", "two", "three");
    for (String end : new String[] {"\n", "\r\n", "\r"}) {
      SetWords set = Typesetter.set(String.join(end, wanted), style, 4, 4, SHELF);
      assertEquals(wanted, set.lines().stream().map(l -> l.text()).toList());
    }
  }
}
