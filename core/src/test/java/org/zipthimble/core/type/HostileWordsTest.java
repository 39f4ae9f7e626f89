package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.form.Load;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Trouble;

/** Text as it may come from anywhere: it is set soundly, or refused with a sentence. */
class HostileWordsTest {
  private static final WordStyle STYLE = Stories.style(12);

  /** What holds of all set words: every line and piece is finite, keeps to its places in the story, and a caret stands at each of them. */
  private static SetWords sound(String text, double width, double height) {
    Story story = Story.of(text, STYLE);
    SetWords set = Stories.set(story, width, height);
    for (SetWords.Line line : set.lines()) {
      assertTrue(line.from() >= 0 && line.to() <= story.length() && line.from() <= line.to(), "within the story");
      assertTrue(Double.isFinite(line.baseline().x() + line.baseline().y() + line.width()), "finite");
      line.pieces().forEach(p -> p.run().glyphs().forEach(g -> assertTrue(Double.isFinite(g.x() + g.y() + g.advance()))));
    }
    Carets carets = new Carets(set);
    for (int place : new int[] {0, story.length() / 2, story.length()}) {
      carets.at(place);
      assertTrue(Walk.letter(story, place, true) >= place && Walk.letter(story, place, false) <= place);
    }
    assertTrue(set.ink().map(b -> Double.isFinite(b.x() + b.right())).orElse(true));
    return set;
  }

  @ParameterizedTest
  @ValueSource(strings = {
    "\u0000\u0001\u0002control\u001F", "half \uD800 of \uDC00 a character", "\u202E\u202Dturned\u202C round", "\u200B\u200C\u200D\uFEFF",
        "\u2066\u2067\u2068\u2069",
    "\u2028\u2029\u2028", "\t\t\t\t", "\n\n\n\n", "\uFFFF\uFFFE", "e\u0301\u0302\u0303\u0304", "שלום \u202Babc\u202C עולם",
    "سلام 123 abc ٤٥٦", "\u0CF2\u0903", "👩‍👩‍👧‍👦 family 🌱", "\u00AD\u00AD\u00ADsoft"})
  void strangeCharactersAreSetSoundly(String text) {
    for (double width : new double[] {0.02, 0.3, 4}) {
      sound(text, width, 3);
    }
    assertTrue(Story.clean(text).chars().noneMatch(c -> Character.isISOControl(c) && c != '\n' && c != '\t'),
        "no control character is left");
  }

  @Test
  void tenThousandMarksOnOneLetterAreBorne() {
    SetWords set = sound("a" + "\u0301".repeat(10_000), 3, 3);
    assertTrue(set.lines().size() <= 2);
  }

  @Test
  void aLineOfTheMostCharactersIsSetAndAMegabyteIsRefused() {
    assertEquals(1, sound("x".repeat(Load.MOST_CHARACTERS), 3, 3).tooWide());
    assertThrows(IllegalArgumentException.class, () -> Stories.set(Story.of("x".repeat(1_000_000), STYLE), 3, 3));
    Job job = Made.card(Made.words("i1", "x", 1, 1, 3, 1, STYLE));
    Job longer = StoryEdits.type("f1", "i1", 0, 1, "y".repeat(1_000_000), STYLE.letters()).change().apply(job);
    Trouble told = assertThrows(Trouble.class, () -> Load.check(longer));
    assertTrue(told.getMessage().contains("1000000") || told.getMessage().contains("1,000,000"), told.getMessage());
  }

  /** Random text of all planes, looks changed at random places: always sound. The seeds are fixed. */
  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13, 14, 15, 16})
  void randomTextInRandomLooksIsSetSoundly(long seed) {
    Random random = new Random(seed);
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < 300; i++) {
      int kind = random.nextInt(8);
      text.appendCodePoint(kind == 0 ? ' ' : kind == 1 ? 0x590 + random.nextInt(0x170) : kind == 2 ? 0x300 + random.nextInt(0x60)
          : kind == 3 ? random.nextInt(0xD000)
          : kind == 4 ? 0x10000 + random.nextInt(0x10000) : kind == 5 ? '\n' : 'a' + random.nextInt(26));
    }
    Story story = Story.of(text.toString(), STYLE);
    for (int i = 0; i < 40; i++) {
      int from = random.nextInt(story.length());
      int to = Math.min(story.length(), from + random.nextInt(20));
      double pt = 4 + random.nextInt(40);
      story = story.restyled(from, to, s -> s.withSizePt(pt).inFace(random.nextBoolean() ? "Figtree" : "Cormorant Garamond", "Regular")
          .withAlign(Align.values()[random.nextInt(4)]));
    }
    for (double width : new double[] {0.1, 1, 5}) {
      SetWords set = Typesetter.set(story, BlockSetting.PLAIN.withColumns(1 + random.nextInt(3))
          .withStanding(Standing.values()[random.nextInt(4)]), width, 3, Stories.SHELF);
      assertTrue(set.lines().stream().allMatch(l -> Double.isFinite(l.baseline().x() + l.baseline().y())));
      assertTrue(set.ends() >= 0 && set.ends() <= story.length());
    }
    SetWords round = Typesetter.set(story, BlockSetting.PLAIN, Optional.of(Course.OVER_THE_TOP), Optional.empty(), 3, 3, Stories.SHELF);
    assertTrue(round.ink().map(Box::width).map(Double::isFinite).orElse(true));
  }

  @Test
  void aBlockWithNoRoomAtAllLosesNothing() {
    SetWords set = sound("Bring seeds", 0.0001, 0.0001);
    assertEquals(2, set.leftOver());
    assertEquals(0, set.ends());
    assertEquals(List.of(), set.lines());
  }
}
