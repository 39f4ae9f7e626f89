package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.LetterCase;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.WordStyle;

/** Words are typed on the bench, where they stand. */
class TypingTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private void words(FxRobot robot, String text, double turn, boolean flipped) {
    withoutHints(robot);
    robot.interact(() -> {
      session.apply(
          Edits.add("f1", ItemWords.of(ItemProperties.of("i1", "Words"), Placement.of(1, 2, 3, 1, turn).withFlipped(flipped), text,
          new WordStyle("Figtree", "Regular", 24, 120, 0, Align.LEFT, Colour.BLACK))));
      session.selectionProperty().set(Set.of());
      workbench.bench().takeFocus();
    });
    QuickRobot.settled();
  }

  private HoldsWords now() {
    return session.face().find("i1").flatMap(Item::words).orElseThrow();
  }

  private void typing(FxRobot robot) {
    robot.interact(() -> {
      session.selectionProperty().set(Set.of("i1"));
      workbench.bench().takeFocus();
    });
    hand.keys(KeyCode.ENTER);
    Hand.until(() -> session.typing().on());
  }

  @Test
  void newWordsAreTypedAtOnceAndGrow(FxRobot robot) {
    withoutHints(robot);
    robot.clickOn("#add-words");
    Hand.until(() -> session.typing().on());
    robot.write("Bring seeds");
    hand.keys(KeyCode.ENTER);
    robot.write("Take seeds");
    HoldsWords words = session.single().flatMap(Item::words).orElseThrow();
    assertEquals("Bring seeds\nTake seeds", words.text());
    double high = words.placement().height();
    hand.keys(KeyCode.ENTER);
    robot.write("x");
    assertTrue(session.single().orElseThrow().placement().height() > high + 0.1, "the block grows with its lines");
    hand.keys(KeyCode.ESCAPE);
    assertFalse(session.typing().on());
    assertEquals(Set.of(words.id()), session.selectionProperty().get(), "Escape leaves the words, and they stay selected");
  }

  @Test
  void aWordIsOneStepBack(FxRobot robot) {
    words(robot, "Beans", 0, false);
    typing(robot);
    hand.keys(KeyCode.END);
    robot.write(" and peas");
    assertEquals("Beans and peas", now().text());
    hand.keys(KeyCode.Z, KeyCode.CONTROL);
    assertEquals("Beans and ", now().text(), "the last word");
    hand.keys(KeyCode.Z, KeyCode.CONTROL);
    assertEquals("Beans ", now().text());
    hand.keys(KeyCode.Z, KeyCode.CONTROL);
    hand.keys(KeyCode.Z, KeyCode.CONTROL, KeyCode.SHIFT);
    assertTrue(now().text().startsWith("Beans"), now().text());
    assertTrue(session.typing().on(), "the caret stays in the words");
  }

  @Test
  void keysWalkChooseAndTakeAway(FxRobot robot) {
    words(robot, "Bring your seeds", 0, false);
    typing(robot);
    hand.keys(KeyCode.HOME);
    hand.keys(KeyCode.RIGHT, KeyCode.CONTROL);
    assertEquals(6, session.typing().cursorProperty().get().orElseThrow().caret());
    hand.keys(KeyCode.END, KeyCode.SHIFT);
    assertEquals(6, session.typing().cursorProperty().get().orElseThrow().span().from());
    robot.write("beans");
    assertEquals("Bring beans", now().text());
    hand.keys(KeyCode.BACK_SPACE);
    hand.keys(KeyCode.BACK_SPACE, KeyCode.CONTROL);
    assertEquals("Bring ", now().text());
    hand.keys(KeyCode.HOME);
    hand.keys(KeyCode.DELETE);
    assertEquals("ring ", now().text());
    hand.keys(KeyCode.A, KeyCode.CONTROL);
    hand.keys(KeyCode.DELETE);
    assertEquals("", now().text());
    hand.keys(KeyCode.ESCAPE);
    assertEquals(Optional.empty(), session.face().find("i1"), "an empty block vanishes when it is left");
    hand.keys(KeyCode.Z, KeyCode.CONTROL);
    assertTrue(session.face().find("i1").isPresent());
  }

  @Test
  void aPressPutsTheCaretAndADragChooses(FxRobot robot) {
    words(robot, "Bring your seeds", 0, false);
    hand.doubleClick(1.2, 2.2);
    Hand.until(() -> session.typing().on());
    hand.click(1.02, 2.2);
    assertEquals(0, session.typing().cursorProperty().get().orElseThrow().caret());
    hand.drag(1.01, 2.2, 3.9, 2.2);
    assertEquals(16, session.typing().cursorProperty().get().orElseThrow().span().to());
    robot.write("x");
    assertEquals("x", now().text());
    hand.click(4.7, 6);
    assertFalse(session.typing().on(), "a press beside them leaves the words");
  }

  /** On words that are turned and mirrored the caret goes where the letters do. */
  @Test
  void turnedAndMirroredWordsAreTypedInToo(FxRobot robot) {
    words(robot, "Bring your seeds", 35, true);
    typing(robot);
    var carets = session.typing().carets().orElseThrow();
    var map = session.typing().toFace();
    var before = map.there(carets.at(6).orElseThrow().middle());
    hand.click(before.x(), before.y());
    assertEquals(6, session.typing().cursorProperty().get().orElseThrow().caret());
    robot.write("all ");
    assertEquals("Bring all your seeds", now().text());
  }

  @Test
  void theTagTellsAndChangesWhatIsChosen(FxRobot robot) {
    words(robot, "Bring your seeds", 0, false);
    typing(robot);
    hand.keys(KeyCode.HOME);
    hand.keys(KeyCode.RIGHT, KeyCode.CONTROL);
    hand.keys(KeyCode.RIGHT, KeyCode.CONTROL, KeyCode.SHIFT);
    hand.type("#tag-size", "36");
    List<Run> runs = now().story().runs();
    assertEquals(List.of("Bring ", "your ", "seeds"), runs.stream().map(Run::text).toList());
    assertEquals(36, runs.get(1).look().sizePt());
    assertEquals(24, runs.get(2).look().sizePt());
    robot.interact(() -> workbench.bench().takeFocus());
    hand.keys(KeyCode.A, KeyCode.CONTROL);
    assertEquals("", robot.lookup("#tag-size").queryTextInputControl().getText(), "several sizes are told as such");
    hand.type("#tag-capitals", "1/2");
    assertEquals(1, now().story().runs().stream().map(r -> r.look().sizePt()).distinct().count());
    double pt = now().story().runs().get(0).look().sizePt();
    assertEquals(0.5, new org.zipthimble.core.job.JobFonts(session.job()).findOrStandIn("Figtree", "Regular").capHeight() * pt / 72, 1e-6);
  }

  @Test
  void wordsGoThroughTheClipboardWithTheirLooksOrPlain(FxRobot robot) {
    words(robot, "Bring your seeds", 0, false);
    typing(robot);
    robot.interact(() -> {
      session.typing().choose(new org.zipthimble.core.type.Walk.Span(6, 10));
      session.typing().style(s -> s.withColour(Colour.of(0x7A2E22)));
      session.typing().copy();
      session.typing().edge(true, true, false);
    });
    hand.keys(KeyCode.V, KeyCode.CONTROL);
    assertEquals("Bring your seedsyour", now().text());
    assertEquals(Colour.of(0x7A2E22), now().story().styleAt(20).colour());
    hand.keys(KeyCode.V, KeyCode.CONTROL, KeyCode.SHIFT);
    assertEquals("Bring your seedsyouryour", now().text());
    hand.keys(KeyCode.A, KeyCode.CONTROL);
    hand.keys(KeyCode.X, KeyCode.CONTROL);
    assertEquals("", now().text());
    hand.keys(KeyCode.V, KeyCode.CONTROL);
    assertEquals("Bring your seedsyouryour", now().text());
  }

  @Test
  void theFoldsOfTheTagChangeLettersParagraphsAndTheBlock(FxRobot robot) {
    words(robot, "Bring your seeds", 0, false);
    robot.interact(() -> session.selectionProperty().set(Set.of("i1")));
    QuickRobot.settled();
    for (String fold : List.of("#fold-letters", "#fold-paragraph", "#fold-block")) {
      robot.interact(() -> robot.lookup(fold).queryButton().fire());
    }
    robot.interact(() -> robot.lookup("#case-capitals").queryAs(javafx.scene.control.ToggleButton.class).fire());
    assertEquals(LetterCase.CAPITALS, now().style().letters().detail().letters());
    robot.interact(() -> robot.lookup("#ring-add").queryButton().fire());
    assertEquals(1, now().style().letters().detail().rings().size());
    robot.interact(() -> robot.lookup("#paragraph-hyphens").queryAs(javafx.scene.control.ToggleButton.class).fire());
    assertTrue(now().style().paragraph().detail().hyphens());
    robot.interact(() -> field(robot, "#block-ink-width", "2.5"));
    double ink = now().set(new org.zipthimble.core.job.JobFonts(session.job())).ink().orElseThrow().width();
    assertEquals(2.5, ink, 1e-6);
    robot.interact(() -> field(robot, "#block-columns", "2"));
    assertEquals(2, now().setting().columns());
    robot.interact(() -> field(robot, "#paragraph-tabs", "1.5; 2.5 right ."));
    assertEquals(2, now().style().paragraph().detail().tabs().size());
    robot.interact(() -> field(robot, "#paragraph-tabs", "1.5 sideways"));
    assertEquals(2, now().style().paragraph().detail().tabs().size(), "what cannot be read changes nothing");
  }

  private static void field(FxRobot robot, String id, String text) {
    javafx.scene.control.TextField field = robot.lookup(id).queryAs(javafx.scene.control.TextField.class);
    field.setText(text);
    field.fireEvent(new javafx.event.ActionEvent());
  }

  @Test
  void aFactIsPutIntoWordsAndFollowed(FxRobot robot) {
    words(robot, "On ", 0, false);
    typing(robot);
    hand.keys(KeyCode.END);
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals("menu.facts")).findFirst().orElseThrow().run());
    robot.interact(() -> robot.lookup("#facts-usual").queryButton().fire());
    assertEquals(6, session.job().facts().size());
    robot.interact(() -> field(robot, "#fact-date", "March 13, 2027"));
    robot.interact(() -> robot.lookup("#fact-put-date").queryButton().fire());
    assertEquals("On Saturday, March 13", now().text());
    robot.interact(() -> field(robot, "#fact-date", "3/14/2027"));
    assertEquals("On Sunday, March 14", now().text());
    robot.interact(() -> field(robot, "#fact-date", "Monday, March 14, 2027"));
    assertEquals("On Sunday, March 14", now().text(), "a weekday that is not the date's is told, and changes nothing");
    robot.interact(() -> workbench.bench().takeFocus());
    robot.interact(() -> session.typing().moveTo(5, false));
    assertEquals(3, session.typing().cursorProperty().get().orElseThrow().caret(), "the caret is never within a field");
    robot.interact(() -> robot.lookup("#tag-field-form").queryComboBox().getSelectionModel().select(3));
    assertEquals("On 14 March", now().text());
    robot.interact(() -> session.typing().edge(true, true, false));
    hand.keys(KeyCode.BACK_SPACE);
    assertEquals("On ", now().text(), "a field goes as a whole");
  }

  @Test
  void aStyleIsKeptGivenAndRenewed(FxRobot robot) {
    words(robot, "Heading\nBody", 0, false);
    typing(robot);
    hand.keys(KeyCode.HOME, KeyCode.CONTROL);
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals("menu.styles")).findFirst().orElseThrow().run());
    robot.interact(() -> field(robot, "#styles-name", "heading"));
    assertEquals(Optional.of("heading"), now().story().paragraphs().get(0).named());
    assertEquals(Optional.empty(), now().story().paragraphs().get(1).named());
    robot.interact(() -> session.typing().style(s -> s.withSizePt(40)));
    robot.interact(() -> robot.lookup("#style-renew-heading").queryButton().fire());
    assertEquals(40, session.job().styles().get(0).look().sizePt());
    robot.interact(() -> {
      session.typing().moveTo(now().story().length(), false);
      robot.lookup("#style-give-heading").queryButton().fire();
    });
    assertEquals(40, now().story().paragraphs().get(1).runs().get(0).look().sizePt());
  }

  @Test
  void wordsAreFoundAndReplaced(FxRobot robot) {
    words(robot, "seeds and more seeds", 0, false);
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals("menu.search")).findFirst().orElseThrow().run());
    robot.interact(() -> robot.lookup("#search-text").queryTextInputControl().setText("seeds"));
    robot.interact(() -> robot.lookup("#search-next").queryButton().fire());
    assertEquals(new org.zipthimble.core.type.Walk.Span(0, 5), session.typing().cursorProperty().get().orElseThrow().span());
    robot.interact(() -> robot.lookup("#search-with").queryTextInputControl().setText("beans"));
    robot.interact(() -> robot.lookup("#search-all").queryButton().fire());
    assertEquals("beans and more beans", now().text());
    robot.interact(() -> session.selectionProperty().set(Set.of("i1")));
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals("menu.case.title")).findFirst().orElseThrow().run());
    assertEquals("Beans and More Beans", now().text());
  }

  @Test
  void wordsAreLaidRoundAndTypedInThere(FxRobot robot) {
    words(robot, "MARROWFIELD", 0, false);
    robot.interact(() -> session.selectionProperty().set(Set.of("i1")));
    QuickRobot.settled();
    robot.interact(() -> robot.lookup("#fold-course").queryButton().fire());
    robot.interact(() -> robot.lookup("#course-kind").queryComboBox().getSelectionModel().select(1));
    assertEquals(org.zipthimble.core.type.Course.Kind.ROUND, now().course().orElseThrow().kind());
    robot.interact(() -> field(robot, "#course-radius", "1.5"));
    assertEquals(3, now().placement().width(), 1e-9);
    assertEquals(3, now().placement().height(), 1e-9);
    robot.interact(() -> workbench.bench().takeFocus());
    hand.keys(KeyCode.ENTER);
    Hand.until(() -> session.typing().on());
    hand.keys(KeyCode.END);
    robot.write("S");
    assertEquals("MARROWFIELDS", now().text());
    var middle = session.typing().toFace().there(session.typing().carets().orElseThrow().at(4).orElseThrow().middle());
    hand.click(middle.x(), middle.y());
    assertEquals(4, session.typing().cursorProperty().get().orElseThrow().caret(), "pointing finds the letter on the curve");
  }
}
