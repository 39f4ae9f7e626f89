package org.zipthimble.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Point;

/** Where the caret stands, and which letter is meant by a point. */
class CaretsTest {
  private static Carets carets(String text, double width) {
    return new Carets(Stories.set(Stories.of(text), width, 9));
  }

  /** Pointing at a caret finds its place again, wherever it stands. */
  @ParameterizedTest
  @ValueSource(strings = {"Bring your seeds and take a handful home before the summer ends", "one\n\ntwo\nthree", "office fly fjord",
      "a\tb\tc", "trailing  ", "Seeds זרעים home", "بذور", "e\u0301a\u0308o"})
  void pointingAtACaretFindsItsPlace(String text) {
    Story story = Stories.of(text);
    Carets carets = new Carets(Stories.set(story, 1.4, 9));
    int place = 0;
    for (int i = 0; i < 200; i++) {
      Carets.Caret caret = carets.at(place).orElseThrow();
      Carets.Caret found = carets.at(carets.nearest(caret.middle())).orElseThrow();
      assertEquals(caret.top().x(), found.top().x(), 1e-9, "at " + place + " of " + text);
      assertTrue(Math.abs(caret.middle().y() - found.middle().y()) < 0.05, "in its line");
      int next = Walk.letter(story, place, true);
      if (next == place) {
        break;
      }
      place = next;
    }
    assertEquals(text.length(), place, "every letter was reached");
  }

  @Test
  void theCaretGoesFromLeftToRightWithTheLetters() {
    Carets carets = carets("Beans", 5);
    double before = -1;
    for (int i = 0; i <= 5; i++) {
      double x = carets.at(i).orElseThrow().top().x();
      assertTrue(x > before);
      before = x;
    }
    assertEquals(Stories.set(Stories.of("Beans"), 5, 9).lines().get(0).width(), before, 1e-9);
  }

  /** Words that run from right to left are walked from right to left. */
  @Test
  void hebrewIsWalkedFromTheRight() {
    Carets carets = carets("זרעים", 5);
    for (int i = 0; i < 5; i++) {
      assertTrue(carets.at(i).orElseThrow().top().x() > carets.at(i + 1).orElseThrow().top().x());
    }
  }

  @Test
  void lettersOfALigatureShareItsWidth() {
    GlyphRun run = Stories.set(Story.of("fi", Stories.style("Alegreya", 40)), 5, 9).lines().get(0).pieces().get(0).run();
    Carets carets = new Carets(Stories.set(Story.of("fi", Stories.style("Alegreya", 40)), 5, 9));
    assertTrue(run.glyphs().size() <= 2);
    double middle = carets.at(1).orElseThrow().top().x();
    assertTrue(middle > 0 && middle < run.advance());
  }

  @Test
  void upAndDownKeepToTheSameColumn() {
    String text = "one two three\nx\none two three";
    Carets carets = carets(text, 5);
    int from = 8;
    Point goal = carets.at(from).orElseThrow().middle();
    int short1 = carets.vertically(from, 1, goal);
    assertEquals(15, short1, "the short line is left at its end");
    assertEquals(16 + from, carets.vertically(short1, 1, goal), "and the column is found again below it");
    assertEquals(0, carets.vertically(4, -1, goal));
    assertEquals(text.length(), carets.vertically(20, 1, goal));
  }

  @Test
  void homeAndEndAreThoseOfTheLineThatIsSeen() {
    String text = "Bring your seeds and take a handful home";
    SetWords set = Stories.set(Stories.of(text), 1.4, 9);
    Carets carets = new Carets(set);
    SetWords.Line second = set.lines().get(1);
    assertEquals(second.from(), carets.lineBegin(second.from() + 2));
    assertEquals(second.to() - 1, carets.lineEnd(second.from() + 2), "before the blank at which it was broken");
    assertEquals(text.length(), carets.lineEnd(text.length()));
  }

  @Test
  void beyondALinesEndMeansItsEnd() {
    Carets carets = carets("a rather long line here\nx", 5);
    assertEquals(25, carets.nearest(new Point(4.9, 0.35)), "not the end of the longer line above");
    assertEquals(23, carets.nearest(new Point(4.9, 0.1)));
    assertEquals(0, carets.nearest(new Point(-3, -3)));
  }

  @Test
  void aChoiceOverTwoLinesCoversBoth() {
    Carets carets = carets("one\ntwo", 5);
    assertEquals(4, carets.chosen(1, 6).size(), "n, e, t, w");
    assertTrue(carets.chosen(2, 2).isEmpty());
    double high = carets.chosen(0, 1).get(0).bottomLeft().y() - carets.chosen(0, 1).get(0).topLeft().y();
    FontFace face = Stories.SHELF.findOrStandIn("Alegreya", "Regular");
    assertEquals((face.ascent() + face.descent()) * 12 / 72, high, 1e-9);
  }

  @Test
  void nothingTypedStillHasACaret() {
    Story centred = Stories.of("").restyled(s -> s.withAlign(Align.CENTRE));
    Carets carets = new Carets(Stories.set(centred, 3, 1));
    assertEquals(1.5, carets.at(0).orElseThrow().top().x(), 1e-9);
    assertEquals(0, carets.nearest(new Point(2, 2)));
  }
}
