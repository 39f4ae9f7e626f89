package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Words with their looks as a value: what is typed, taken away and changed says and looks as a person expects. */
class StoryTest {
  private static Story bold(Story story, int from, int to) {
    return story.restyled(from, to, s -> s.inFace("Alegreya", "Bold"));
  }

  private static String looks(Story story) {
    return story.runs().stream().map(r -> r.text() + ":" + r.look().style()).collect(Collectors.joining("|"));
  }

  @Test
  void everyLineEndBeginsAParagraph() {
    Story story = Stories.of("Beans\r\nPeas\rLeeks\n");
    assertEquals(List.of("Beans", "Peas", "Leeks", ""), story.paragraphs().stream().map(Paragraph::text).toList());
    assertEquals("Beans\nPeas\nLeeks\n", story.text());
    assertEquals(17, story.length());
    assertEquals(1, story.paragraphAt(6));
    assertEquals(6, story.begins(1));
  }

  @Test
  void aPartLooksOtherwiseAndJoinsAgain() {
    Story story = bold(Stories.of("Bring your seeds"), 6, 10);
    assertEquals("Bring :Regular|your:Bold| seeds:Regular", looks(story));
    assertEquals(2, story.styles(0, 16).size());
    assertEquals(1, story.styles(7, 9).size());
    assertEquals("Bring your seeds:Regular", looks(story.restyled(0, 16, s -> s.inFace("Alegreya", "Regular"))),
        "runs that look alike are one");
  }

  /** What is typed looks as the letter before it does; at the beginning as the first. */
  @Test
  void typingGoesOnInTheLookBefore() {
    Story story = bold(Stories.of("Bring your seeds"), 6, 10);
    assertEquals("Bring :Regular|yours:Bold| seeds:Regular", looks(story.typed(10, 10, "s")));
    assertEquals("Do bring :Regular|your:Bold| seeds:Regular", looks(story.typed(0, 1, "Do b")));
    assertEquals("Bring :Regular|my:Bold| seeds:Regular", looks(story.typed(6, 10, "my")), "in place of what was chosen");
  }

  @Test
  void aLineEndPartsAParagraphAndDeletingItJoinsThem() {
    Story centred = Stories.of("Beans\nPeas").restyled(6, 10, s -> s.withAlign(Align.CENTRE));
    Story parted = centred.typed(2, 2, "\n");
    assertEquals(List.of("Be", "ans", "Peas"), parted.paragraphs().stream().map(Paragraph::text).toList());
    Story joined = centred.typed(5, 6, "");
    assertEquals("BeansPeas", joined.text());
    assertEquals(Align.LEFT, joined.paragraphs().get(0).look().align(), "the first one's look stays");
    assertEquals(Align.CENTRE, centred.typed(10, 10, "\nLeeks").paragraphs().get(2).look().align(),
        "a new one goes on in the look of the last");
  }

  @Test
  void aParagraphsLookChangesWhereACaretStands() {
    Story story = Stories.of("Beans\nPeas\nLeeks").restyled(7, 7, s -> s.withAlign(Align.RIGHT));
    assertEquals(List.of(Align.LEFT, Align.RIGHT, Align.LEFT), story.paragraphs().stream().map(p -> p.look().align()).toList());
    assertEquals("Beans:Regular|Peas:Regular|Leeks:Regular", looks(story));
  }

  @Test
  void wholeParagraphsBringTheirLook() {
    Story copied = Stories.of("One\nTwo").restyled(s -> s.withAlign(Align.RIGHT));
    Story put = Stories.of("Beans\nPeas").replaced(6, 6, copied.typed(7, 7, "\n"));
    assertEquals(List.of("Beans", "One", "Two", "Peas"), put.paragraphs().stream().map(Paragraph::text).toList());
    assertEquals(List.of(Align.LEFT, Align.RIGHT, Align.RIGHT, Align.LEFT), put.paragraphs().stream().map(p -> p.look().align()).toList());
  }

  /** Against a plain string: whatever is put in and taken away, the text is what a string would be. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void theTextIsThatOfAString(long seed) {
    Random random = new Random(seed);
    Story story = Stories.of("Bring a handful\nTake a handful");
    StringBuilder text = new StringBuilder(story.text());
    for (int i = 0; i < 200; i++) {
      int a = random.nextInt(text.length() + 1);
      int b = a + random.nextInt(Math.min(6, text.length() - a) + 1);
      String put = random.nextInt(3) == 0 ? "" : random.nextInt(4) == 0 ? "x\ny" : "bean ".substring(random.nextInt(5));
      story = random.nextInt(5) == 0 ? bold(story, a, b) : story;
      Story part = story.part(a, b);
      assertEquals(text.substring(a, b), part.text(), "a part says what stands there");
      story = random.nextBoolean() ? story.typed(a, b, put) : story.replaced(a, b, Stories.of(put));
      text.replace(a, b, put);
      assertEquals(text.toString(), story.text());
      assertEquals(text.length(), story.length());
    }
  }

  /** Taking a part out and putting it back changes nothing, looks included. */
  @ParameterizedTest
  @CsvSource({"0, 5", "3, 12", "6, 10", "0, 27", "10, 16", "15, 17"})
  void aPartPutBackIsWhereItWas(int from, int to) {
    Story story = bold(Stories.of("Bring your seeds\nand a label"), 6, 10).restyled(17, 27, s -> s.withAlign(Align.CENTRE));
    Story back = story.typed(from, to, "").replaced(from, from, story.part(from, to));
    assertEquals(story.text(), back.text());
    assertEquals(looks(story), looks(back));
  }

  @Test
  void hostileTextIsMadeSound() {
    assertEquals("a\uFFFDb", Story.clean("a\uD800b"), "half a character");
    assertEquals("a\uFFFD", Story.clean("a\uDC00"));
    assertEquals("\uD83C\uDF31", Story.clean("\uD83C\uDF31"), "a whole one stays");
    assertEquals("ab\tc", Story.clean("a\u0000\u0007b\tc\uFEFF"));
    assertEquals("a\nb\u2028c\nd", Story.clean("a\u2029b\u000Bc\fd"));
    assertThrows(IllegalArgumentException.class, () -> Run.of("a\nb", Stories.style(12).letters()));
    assertThrows(IllegalArgumentException.class, () -> new Story(List.of()));
  }

  /** A style changes: what was as it had it follows, own changes stay. */
  @Test
  void whatIsAsItsStyleHadItFollows() {
    WordStyle was = Stories.style(12);
    WordStyle is = was.withSizePt(20).withColour(Stories.BEET).withAlign(Align.CENTRE);
    LetterLook own = was.withTracking(50).withSizePt(14).letters();
    LetterLook followed = own.following(was.letters(), is.letters());
    assertEquals(14, followed.sizePt());
    assertEquals(50, followed.tracking());
    assertEquals(Stories.BEET, followed.colour());
    ParagraphLook looser = was.paragraph().withLeadingPercent(150);
    assertEquals(Align.CENTRE, looser.following(was.paragraph(), is.paragraph()).align());
    assertEquals(150, looser.following(was.paragraph(), is.paragraph()).leadingPercent());
  }

  @Test
  void fieldsAreTakenWholeOrNotAtAll() {
    Run field = new Run("13 March", Stories.style(12).letters(), Optional.empty(), Optional.of(new FieldUse("date", "")));
    Story story = new Story(
        List.of(Stories.of("On ").paragraphs().get(0)
        .saying(List.of(Run.of("On ", Stories.style(12).letters()), field, Run.of(" at two", Stories.style(12).letters())))));
    assertEquals("On 13 March at two", story.text());
    assertEquals(11, Walk.letter(story, 3, true), "a step goes over it");
    assertEquals(3, Walk.letter(story, 11, false));
    assertEquals(3, Walk.outsideFields(story, 5));
    Story parted = story.restyled(5, 7, s -> s.inFace("Alegreya", "Bold"));
    assertEquals("On :Regular|13 March:Bold| at two:Regular", looks(parted));
    assertTrue(parted.runs().get(1).field().isPresent());
  }

  @ParameterizedTest
  @CsvSource({"0, true, 6", "6, true, 11", "16, false, 11", "8, false, 6", "11, true, 16", "0, false, 0"})
  void wordsAreSteppedOver(int from, boolean forward, int to) {
    assertEquals(to, Walk.word(Stories.of("Bring your seeds"), from, forward));
  }

  @Test
  void wordsAndParagraphsAreFound() {
    Story story = Stories.of("Bring your seeds\nand a label");
    assertEquals(new Walk.Span(6, 10), Walk.wordAt(story, 7));
    assertEquals(new Walk.Span(17, 28), Walk.paragraphAt(story, 20));
    assertEquals(2, Walk.letter(Stories.of("e\u0301x"), 0, true), "a letter and its mark are one step");
  }
}
