package org.zipthimble.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.item.Following;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;

/** Words flow through blocks: what does not fit goes on in the next, nothing is lost, and it comes back where there is room. */
class FlowTest {
  private static final WordStyle STYLE = Made.style("Alegreya", "Regular", 12);
  private static final String TEXT = "Bring seed that you have saved dry and in a paper packet with its name and the year.\nLay it on "
      + "the long table and take as many packets as you brought. "
      + "New to it? Come with empty hands and the library starts you off with beans.";

  private static Job job(double height) {
    return Made.card(Made.words("i1", TEXT, 0.5, 0.5, 2, height, STYLE), Made.words("i2", "", 2.7, 0.5, 2, 0.6, STYLE),
        Made.words("i3", "", 0.5, 3, 2, 3, STYLE));
  }

  private static History linked(double height) {
    return History.of(job(height)).after(Flow.link("f1", Set.of("i1", "i2", "i3")));
  }

  private static HoldsWords words(History history, String id) {
    return history.now().faces().get(0).find(id).orElseThrow().words().orElseThrow();
  }

  private static String all(History history) {
    StringBuilder out = new StringBuilder(words(history, "i1").text());
    for (String id : List.of("i2", "i3")) {
      out.append(words(history, id).follows().orElseThrow().within() ? "" : "\n").append(words(history, id).text());
    }
    return out.toString();
  }

  /** Whatever the height of the first block, all blocks together say what was typed, and each but the last is full. */
  @ParameterizedTest
  @ValueSource(doubles = {0.05, 0.3, 0.5, 0.75, 0.9, 1.2, 2, 5})
  void nothingIsLost(double height) {
    History history = linked(height);
    assertEquals(TEXT, all(history));
    JobFonts fonts = new JobFonts(history.now());
    for (String id : List.of("i1", "i2", "i3")) {
      assertEquals(0, words(history, id).set(fonts).leftOver(), id + " shows all that it holds");
    }
    String shown = List.of("i1", "i2", "i3").stream().flatMap(id -> words(history, id).set(fonts).lines().stream())
        .map(l -> l.text().strip()).collect(Collectors.joining(" "));
    assertEquals(TEXT.replace("\n", " "), shown.replaceAll(" +", " ").strip(), "every line stands once");
  }

  @Test
  void moreRoomTakesWordsBackAndLessGivesThemOn() {
    History history = linked(0.5);
    int before = words(history, "i1").story().length();
    History larger = history.after(Edits.place("f1", Set.of("i1"), "edit.move", p -> p.withHeight(1)));
    assertTrue(words(larger, "i1").story().length() > before);
    assertEquals(TEXT, all(larger));
    History again = larger.after(Edits.place("f1", Set.of("i1"), "edit.move", p -> p.withHeight(0.5)));
    assertEquals(history.now().faces(), again.now().faces());
  }

  @Test
  void whatIsTypedInOneBlockMovesTheOthers() {
    History history = linked(0.5);
    History typed = history.after(StoryEdits.type("f1", "i1", 0, 0, "Friends and neighbours of the library: ", STYLE.letters()));
    assertEquals("Friends and neighbours of the library: " + TEXT, all(typed));
    History gone = typed.after(StoryEdits.type("f1", "i2", 0, words(typed, "i2").story().length(), "", STYLE.letters()));
    assertEquals(all(typed).length() - words(typed, "i2").text().length(), all(gone).length(),
        "what was taken out of the middle is gone, the rest has moved up");
  }

  @Test
  void aBlockThatIsTakenAwayLeavesItsWords() {
    History history = linked(0.5);
    History without = history.after(Edits.remove("f1", Set.of("i2")));
    assertEquals(Optional.of("i1"), words(without, "i3").follows().map(Following::block));
    assertEquals(TEXT, words(without, "i1").text() + (words(without, "i3").follows().get().within() ? "" : "\n") + words(without, "i3")
        .text());
    History last = without.after(Edits.remove("f1", Set.of("i3")));
    assertEquals(TEXT, words(last, "i1").text(), "the last one's words go back, and are counted there");
    assertTrue(words(last, "i1").set(new JobFonts(last.now())).leftOver() > 0);
    History head = history.after(Edits.remove("f1", Set.of("i1")));
    assertEquals(TEXT, words(head, "i2").text() + (words(head, "i3").follows().get().within() ? "" : "\n") + words(head, "i3").text());
    assertFalse(words(head, "i2").follows().isPresent());
  }

  @Test
  void partingLeavesEachItsWords() {
    History history = linked(0.5);
    String second = words(history, "i2").text();
    History parted = history.after(Flow.part("f1", Set.of("i2")));
    assertEquals(second, words(parted, "i2").text());
    assertFalse(words(parted, "i2").follows().isPresent());
    assertFalse(words(parted, "i3").follows().isPresent());
  }

  @Test
  void looksGoWithTheWordsAndAParagraphThatGoesOnHasNoFirstLine() {
    Job job = StoryEdits.style("f1", "i1", 0, TEXT.length(),
        s -> s.withParagraph(s.paragraph().withDetail(s.paragraph().detail().withFirst(0.25))).withAlign(Align.RIGHT))
        .change().apply(StoryEdits.style("f1", "i1", 60, 75, s -> s.withColour(Made.CREAM)).change().apply(job(0.5)));
    History history = History.of(job).after(Flow.link("f1", Set.of("i1", "i2", "i3")));
    assertTrue(words(history, "i2").follows().orElseThrow().within());
    assertEquals(0, words(history, "i2").style().paragraph().detail().first());
    assertEquals(Align.RIGHT, words(history, "i2").style().align());
    History whole = history.after(Edits.place("f1", Set.of("i1"), "edit.move", p -> p.withHeight(6)));
    assertEquals(job.faces().get(0).find("i1").orElseThrow().words().orElseThrow().story(), words(whole, "i1").story(),
        "all looks are as they were before");
  }

  @Test
  void ringsAndLooseEndsAreParted() throws Exception {
    Job ring = Made.card(Made.words("i1", "one", 0, 0, 1, 1, STYLE).withFollows(Optional.of(new Following("i2", false))),
        Made.words("i2", "two", 1, 0, 1, 1, STYLE).withFollows(Optional.of(new Following("i1", false))),
        Made.words("i3", "three", 2, 0, 1, 1, STYLE).withFollows(Optional.of(new Following("i99", false))));
    Job sound = Flow.settled(ring);
    assertTrue(sound.faces().get(0).items().stream().noneMatch(i -> i.words().orElseThrow().follows().isPresent()));
    assertEquals(ring, ThimbleFile.read("job", new ByteArrayInputStream(ThimbleFile.bytes(ring))),
        "a file with such is read, and mended at the first edit");
    Job plain = Made.card(Made.words("i1", "one", 0, 0, 1, 1, STYLE));
    assertSame(plain, Flow.settled(plain));
  }

  /** A copy stands alone: pasted where another block has the id that it went on from, it takes nothing of that. */
  @Test
  void aCopyOfABlockIsInNoFlow() {
    HoldsWords second = words(linked(0.5), "i2");
    Job other = Made.card(Made.words("i1", "Something else, and much of it, in a block that is far too small for it", 1, 1, 1, 0.2, STYLE));
    History pasted = History.of(other).after(Copies.paste("f1", List.of(second), java.util.Map.of(), 0, 0));
    HoldsWords copy = pasted.now().faces().get(0).items().get(1).words().orElseThrow();
    assertEquals(second.text(), copy.text());
    assertFalse(copy.follows().isPresent());
    assertEquals("Something else, and much of it, in a block that is far too small for it", words(pasted, "i1").text());
    History twice = linked(0.5).after(Copies.duplicate("f1", Set.of("i1", "i2", "i3"), 0.1, 0.1));
    assertEquals(TEXT, all(twice), "the blocks that were copied keep their flow");
  }
}
