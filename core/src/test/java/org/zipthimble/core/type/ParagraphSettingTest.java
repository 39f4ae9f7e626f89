package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.units.Insets;

/** How paragraphs are set: justified, indented, with tabs, signs and hyphens, in columns, shrunk to fit. */
class ParagraphSettingTest {
  private static final String TEXT = "Bring seed that you have saved dry and in a paper packet with its name and the year and take "
      + "home what you will sow before midsummer";

  private static Story aligned(Align align) {
    return Stories.of(TEXT).restyled(s -> s.withAlign(align));
  }

  @Test
  void justifiedLinesReachBothSidesButForTheLast() {
    SetWords set = Stories.set(aligned(Align.JUSTIFIED), 2, 9);
    List<SetWords.Line> lines = set.lines();
    assertTrue(lines.size() >= 5);
    for (SetWords.Line line : lines.subList(0, lines.size() - 1)) {
      assertEquals(2, line.width(), 1e-9);
      assertEquals(0, line.baseline().x(), 1e-9);
    }
    assertTrue(lines.get(lines.size() - 1).width() < 2);
    SetWords left = Stories.set(aligned(Align.LEFT), 2, 9);
    for (int i = 0; i < lines.size(); i++) {
      assertEquals(left.lines().get(i).text(), lines.get(i).text(), "the same words stand in the same lines");
    }
  }

  @Test
  void indentsAndRoomAreTheTypedOnes() {
    Story story = Stories.detailed(Stories.of(TEXT + "\n" + TEXT),
        ParagraphDetail.NONE.withLeft(0.25).withRight(0.5).withFirst(0.125).withBeforePt(9).withAfterPt(18));
    SetWords set = Stories.set(story, 3, 20);
    int second = 0;
    while (set.lines().get(second).paragraph() == 0) {
      second++;
    }
    assertEquals(0.375, set.lines().get(0).baseline().x(), 1e-9);
    assertEquals(0.25, set.lines().get(1).baseline().x(), 1e-9);
    assertTrue(set.lines().stream().allMatch(l -> l.baseline().x() + l.width() <= 2.5 + 1e-6));
    double step = set.lines().get(1).baseline().y() - set.lines().get(0).baseline().y();
    assertEquals(12 * 1.2 / 72, step, 1e-9);
    assertEquals(step + (9 + 18) / 72.0, set.lines().get(second).baseline().y() - set.lines().get(second - 1).baseline().y(), 1e-9);
    assertEquals(Stories.SHELF.findOrStandIn("Alegreya", "Regular").ascent() * 12 / 72, set.lines().get(0).baseline().y(), 1e-9,
        "no room at the top of a block");
  }

  @Test
  void aFixedLeadingIsTheSameUnderLargeLetters() {
    Story story = Stories.detailed(Stories.of("one\ntwo\nthree"), ParagraphDetail.NONE.withLeadingPt(Optional.of(20.0)))
        .restyled(4, 7, s -> s.withSizePt(30));
    SetWords set = Stories.set(story, 3, 9);
    assertEquals(20.0 / 72, set.lines().get(1).baseline().y() - set.lines().get(0).baseline().y(), 1e-9);
    Story inProportion = Stories.of("one\ntwo\nthree").restyled(4, 7, s -> s.withSizePt(30));
    SetWords larger = Stories.set(inProportion, 3, 9);
    assertEquals(30 * 1.2 / 72, larger.lines().get(1).baseline().y() - larger.lines().get(0).baseline().y(), 1e-9,
        "by the largest letter of the line");
  }

  private static double left(SetWords set, int line, String text) {
    return set.lines().get(line).pieces().stream().filter(p -> p.run().text().equals(text)).findFirst().orElseThrow().map()
        .e() + set.lines().get(line).baseline().x();
  }

  private static double right(SetWords set, int line, String text) {
    Piece piece = set.lines().get(line).pieces().stream().filter(p -> p.run().text().equals(text)).findFirst().orElseThrow();
    return left(set, line, text) + piece.run().advance();
  }

  @Test
  void tabsLeadToTheirPlaces() {
    List<TabStop> stops = List.of(new TabStop(1, TabStop.Kind.LEFT, ""), new TabStop(2.5, TabStop.Kind.RIGHT, "."),
        new TabStop(3, TabStop.Kind.CENTRE, ""));
    SetWords set = Stories.set(Stories.detailed(Stories.of("Beans\tdry\t1.25\tx"), ParagraphDetail.NONE.withTabs(stops)), 4, 1);
    assertEquals(1, left(set, 0, "dry"), 1e-9);
    assertEquals(2.5, right(set, 0, "1.25"), 1e-9);
    assertEquals(3, (left(set, 0, "x") + right(set, 0, "x")) / 2, 1e-9);
    long dots = set.lines().get(0).pieces().stream().filter(p -> !p.typed()).count();
    assertTrue(dots > 10, "dots lead to the price: " + dots);
    SetWords usual = Stories.set(Stories.of("a\tb"), 4, 1);
    assertEquals(0.5, left(usual, 0, "b"), 1e-9, "without stops every half inch");
  }

  @Test
  void figuresStandBelowEachOtherByTheirPoints() {
    Story story = Stories.detailed(Stories.of("Beans\t12.5\nPeas\t3.75\nLeeks\t140"),
        ParagraphDetail.NONE.withTabs(List.of(new TabStop(2, TabStop.Kind.POINT, ""))));
    SetWords set = Stories.set(story, 4, 2);
    double twelve = Stories.set(Stories.of("12"), 4, 1).lines().get(0).width();
    double three = Stories.set(Stories.of("3"), 4, 1).lines().get(0).width();
    assertEquals(2 - twelve, left(set, 0, "12.5"), 1e-9);
    assertEquals(2 - three, left(set, 1, "3.75"), 1e-9);
    assertEquals(2, right(set, 2, "140"), 1e-9);
  }

  @Test
  void listsCountAndHang() {
    Story numbered = Stories.detailed(Stories.of("Soak\nSow\nWater"), ParagraphDetail.NONE.withMark(Optional.of(new ListMark("", 0.3))));
    SetWords set = Stories.set(numbered, 3, 3);
    for (int i = 0; i < 3; i++) {
      SetWords.Line line = set.lines().get(i);
      assertEquals((i + 1) + ".", line.pieces().get(0).run().text());
      assertEquals(0.3, line.baseline().x(), 1e-9);
      assertEquals(0, line.baseline().x() + line.pieces().get(0).map().e(), 1e-9, "the number stands at the edge");
    }
    assertEquals("Soak", set.lines().get(0).text(), "the number was not typed");
    Story flowers = Stories.detailed(Stories.of("Poppy"), ParagraphDetail.NONE.withMark(Optional.of(new ListMark("❀", 0.25))));
    assertTrue(Stories.set(flowers, 3, 3).lines().get(0).pieces().get(0).run().face().family().startsWith("Noto Sans Symbols"),
        "from a face that has it");
  }

  /** From Liang's thesis and The TeXbook, appendix H, as remembered; the last two are exceptions of the collection. */
  @ParameterizedTest
  @CsvSource({"hyphenation, hy-phen-ation", "concatenation, con-cate-na-tion",
      "supercalifragilisticexpialidocious, su-per-cal-ifrag-ilis-tic-ex-pi-ali-do-cious",
      "algorithm, al-go-rithm", "associate, as-so-ciate", "table, ta-ble", "seed, seed"})
  void wordsArePartedAsThePatternsSay(String word, String parted) {
    StringBuilder out = new StringBuilder(word);
    List<Integer> places = Hyphens.english().places(word);
    for (int i = places.size() - 1; i >= 0; i--) {
      out.insert(places.get(i), "-");
    }
    assertEquals(parted, out.toString());
  }

  @Test
  void partedWordsHaveAHyphenAndLoseNothing() {
    String text = "Wonderful germination experiments notwithstanding";
    SetWords set = Stories.set(Stories.detailed(Stories.of(text), ParagraphDetail.NONE.withHyphens(true)), 1, 9);
    assertEquals(0, set.tooWide());
    assertTrue(set.lines().stream().anyMatch(l -> l.pieces().stream().anyMatch(p -> !p.typed() && p.run().text().equals("-"))));
    StringBuilder said = new StringBuilder();
    set.lines().forEach(l -> said.append(text, l.from(), l.to()));
    assertEquals(text, said.toString());
    assertTrue(set.lines().stream().allMatch(l -> l.width() <= 1 + 1e-6), "hyphens counted");
    SetWords plain = Stories.set(Stories.of(text), 1, 9);
    assertTrue(plain.lines().stream().allMatch(l -> l.pieces().stream().allMatch(Piece::typed)), "not unless it is wished");
  }

  @Test
  void noWordStandsAloneAtTheEndIfItShallNot() {
    Story story = Stories.of("Bring a handful of seeds");
    double width = Stories.set(Stories.of("Bring a handful of"), 9, 1).lines().get(0).width() + 0.01;
    assertEquals("seeds", Stories.set(story, width, 3).lines().get(1).text());
    SetWords together = Stories.set(Stories.detailed(story, ParagraphDetail.NONE.withCompany(true)), width, 3);
    assertEquals("of seeds", together.lines().get(1).text());
  }

  @Test
  void columnsAreFilledOneAfterAnother() {
    BlockSetting three = BlockSetting.PLAIN.withColumns(3).withGutter(0.25).withMargins(new Insets(0.1, 0.2, 0.1, 0.2));
    SetWords set = Typesetter.set(Stories.of(TEXT), three, 4, 1, Stories.SHELF);
    double width = (4 - 0.2 - 0.5) / 3;
    assertEquals(width, three.columnWidth(4), 1e-12);
    List<Double> lefts = set.lines().stream().map(l -> l.baseline().x()).distinct().toList();
    assertEquals(3, lefts.size());
    assertEquals(0.1 + 2 * (width + 0.25), lefts.get(2), 1e-9);
    assertTrue(set.lines().stream().allMatch(l -> l.width() <= width + 1e-6 && l.baseline().y() + l.fall() <= 0.8 + 1e-6));
    assertEquals(Typesetter.countWords(TEXT), set.lines().stream().mapToInt(l -> Typesetter.countWords(l.text())).sum() + set.leftOver());
    assertEquals(TEXT.substring(set.ends()).strip().split(" ").length, set.leftOver());
  }

  @ParameterizedTest
  @CsvSource({"TOP, 0", "MIDDLE, 0.5", "BOTTOM, 1"})
  void wordsStandInTheHeightOfTheirBlock(Standing standing, double share) {
    SetWords top = Stories.set(Stories.of("one\ntwo"), 3, 2);
    SetWords set = Typesetter.set(Stories.of("one\ntwo"), BlockSetting.PLAIN.withStanding(standing), 3, 2, Stories.SHELF);
    assertEquals((2 - top.height()) * share, set.lines().get(0).baseline().y() - top.lines().get(0).baseline().y(), 1e-9);
    SetWords spread = Typesetter.set(Stories.of("one\ntwo\nthree"), BlockSetting.PLAIN.withStanding(Standing.SPREAD), 3, 2, Stories.SHELF);
    SetWords.Line last = spread.lines().get(2);
    assertEquals(2, last.baseline().y() + last.fall(), 1e-9);
    assertEquals(top.lines().get(0).baseline().y(), spread.lines().get(0).baseline().y(), 1e-9);
  }

  @Test
  void wordsShrinkUntilTheyFitAndNoFurther() {
    BlockSetting shrink = BlockSetting.PLAIN.withFitting(Fitting.SHRINK).withLeastPercent(20);
    SetWords set = Typesetter.set(Stories.of(TEXT), shrink, 2, 0.6, Stories.SHELF);
    assertTrue(set.fits() && set.scale() < 1 && set.scale() > 0.2, "scale " + set.scale());
    Story larger = Stories.of(TEXT).restyled(s -> s.withSizePt(12 * set.scale() * 1.02));
    assertTrue(!Stories.set(larger, 2, 0.6).fits(), "two per cent more would not");
    assertEquals(1, Typesetter.set(Stories.of("Beans"), shrink, 2, 0.6, Stories.SHELF).scale(), "what fits keeps its size");
    SetWords tooMuch = Typesetter.set(Stories.of(TEXT), shrink.withLeastPercent(90), 2, 0.6, Stories.SHELF);
    assertTrue(tooMuch.leftOver() > 0, "not below the typed size");
    assertEquals(0.9, tooMuch.scale(), 1e-9);
  }

  /** Kerning and ligatures go on across a change of colour; a change of size ends them. */
  @Test
  void coloursDoNotPartLetters() {
    double whole = Stories.set(Story.of("AVAVA", Stories.style("Alegreya", 40)), 9, 2).lines().get(0).width();
    Story coloured = Story.of("AVAVA", Stories.style("Alegreya", 40)).restyled(1, 3, s -> s.withColour(Stories.BEET));
    SetWords set = Stories.set(coloured, 9, 2);
    assertEquals(whole, set.lines().get(0).width(), 1e-9);
    assertEquals(3, set.lines().get(0).pieces().size());
    assertEquals(Stories.BEET, set.lines().get(0).pieces().get(1).look().colour());
  }

  /** Kerning by hand moves only what follows the one letter, by thousandths of its size. */
  @Test
  void kerningByHandMovesTheNextLetter() {
    Story story = Story.of("AVA", Stories.style("Alegreya", 36));
    double plain = Stories.set(story, 9, 2).lines().get(0).width();
    Story kerned = story.restyled(0, 1, s -> s.withTracking(-80));
    assertEquals(plain - 0.08 * 36 / 72, Stories.set(kerned, 9, 2).lines().get(0).width(), 1e-9);
  }

  @Test
  void smallCapitalsAreTheFacesOwn() {
    WordStyle style = Stories.style("Alegreya", 40);
    LetterDetail small = LetterDetail.NONE.withLetters(LetterCase.SMALL_CAPITALS);
    Box lower = Stories.set(Story.of("x", style), 9, 2).ink().orElseThrow();
    Box caps = Stories.set(Story.of("X", style), 9, 2).ink().orElseThrow();
    Box own = Stories.set(Story.of("x", style.withLetters(style.letters().withDetail(small))), 9, 2).ink().orElseThrow();
    assertTrue(own.height() < caps.height() * 0.9 && own.height() >= lower.height() * 0.95, own + " " + caps);
    Story capitals = Story.of("beans", style.withLetters(style.letters().withDetail(LetterDetail.NONE.withLetters(LetterCase.CAPITALS))));
    assertEquals(Stories.set(Story.of("BEANS", style), 9, 2).lines().get(0).width(), Stories.set(capitals, 9, 2).lines().get(0).width(),
        1e-9);
  }

  @Test
  void raisedLettersStandHigher() {
    Story story = Stories.of("2nd").restyled(1, 3, s -> s.withSizePt(7)
        .withLetters(s.letters().withSizePt(7).withDetail(LetterDetail.NONE.withRaise(50))));
    SetWords.Line line = Stories.set(story, 3, 1).lines().get(0);
    assertEquals(-7.0 / 72 / 2, line.pieces().get(1).map().f(), 1e-9);
  }

  /** Each script from a face that ships; nothing is drawn as an empty box. */
  @ParameterizedTest
  @CsvSource({"Καλή σπορά, Noto Sans", "Семена, Noto Sans", "זרעים, Noto Sans Hebrew", "بذور, Noto Sans Arabic"})
  void whatAFaceLacksIsSetFromOneThatHasIt(String text, String family) {
    SetWords set = Stories.set(Story.of("Seeds " + text, Stories.style("Figtree", 14)), 9, 2);
    List<String> families = set.lines().get(0).pieces().stream().map(p -> p.run().face().family()).distinct().toList();
    assertTrue(families.contains("Figtree") && families.contains(family), families.toString());
    assertTrue(set.placed().stream().flatMap(p -> p.piece().run().glyphs().stream()).noneMatch(g -> g.id() == 0));
  }

  /** UAX 14, LineBreakTest.txt of Unicode 15.0.0; the breaker knows Unicode 18, in which some rules are newer. */
  @Test
  void linesBreakWhereUnicodeSays() throws IOException {
    int asked = 0;
    int agreed = 0;
    int other = 0;
    List<String> different = new ArrayList<>();
    InputStream file = ParagraphSettingTest.class.getResourceAsStream("LineBreakTest-15.0.0.txt.gz");
    try (BufferedReader in = new BufferedReader(new InputStreamReader(new GZIPInputStream(file), StandardCharsets.UTF_8))) {
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String plain = line.replaceAll("#.*", "").strip();
        if (plain.isEmpty()) {
          continue;
        }
        StringBuilder text = new StringBuilder();
        List<Integer> wanted = new ArrayList<>();
        for (String token : plain.split("\\s+")) {
          if (token.equals("÷")) {
            wanted.add(text.length());
          } else if (!token.equals("×")) {
            text.appendCodePoint(Integer.parseInt(token, 16));
          }
        }
        if (!Story.clean(text.toString()).contentEquals(text) || text.indexOf("\n") >= 0) {
          other++;
        } else {
          asked++;
          boolean same = Stories.breaks(text.toString(), ParagraphDetail.NONE).places().equals(wanted);
          agreed += same ? 1 : 0;
          if (!same && different.size() < 8) {
            different.add(line);
          }
        }
      }
    }
    String said = agreed + " of " + asked + " agree, " + other + " are of characters that end a paragraph or are taken out";
    assertTrue(asked > 5000, said);
    assertTrue(agreed >= asked * 0.99, said + different);
  }
}
