package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.event.ActionEvent;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.code.CodeKind;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.FactEdits;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.TextWrap;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Fitting;
import org.zipthimble.core.type.Standing;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.desktop.state.Station;

/** What hangs on words, in the window: codes, flow, room around objects, glyphs, files of words, blocks. */
class WordsInTheWindowTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private void add(FxRobot robot, String id, String text, double x, double y, double width, double height) {
    robot.interact(
        () -> session.apply(Edits.add("f1", ItemWords.of(ItemProperties.of(id, "Words " + id), Placement.of(x, y, width, height, 0), text,
        new WordStyle("Alegreya", "Regular", 14, 120, 0, Align.LEFT, Colour.BLACK)))));
  }

  private HoldsWords words(String id) {
    return session.face().find(id).flatMap(Item::words).orElseThrow();
  }

  private void select(FxRobot robot, String... ids) {
    robot.interact(() -> session.selectionProperty().set(Set.of(ids)));
    QuickRobot.settled();
  }

  private void run(FxRobot robot, String key) {
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals(key)).findFirst().orElseThrow().run());
    QuickRobot.settled();
  }

  private static void field(FxRobot robot, String id, String text) {
    robot.interact(() -> {
      TextField field = robot.lookup(id).queryAs(TextField.class);
      field.setText(text);
      field.fireEvent(new ActionEvent());
    });
  }

  private static void choose(FxRobot robot, String id, int index) {
    robot.interact(() -> robot.lookup(id).queryAs(ComboBox.class).getSelectionModel().select(index));
  }

  private static void fire(FxRobot robot, String id) {
    robot.interact(() -> robot.lookup(id).queryAs(Button.class).fire());
  }

  @Test
  void aCodeSaysWhatIsTypedOrWhatAFactSays(FxRobot robot) {
    withoutHints(robot);
    robot.interact(() -> {
      session.apply(FactEdits.set(new Fact("web address", Fact.Kind.WEB, "https://marrowfield.example")));
      workbench.adding().objects().code(CodeKind.QR);
    });
    QuickRobot.settled();
    Outline.Coded code = session.single().flatMap(Item::outlined).flatMap(s -> s.outline().asCoded()).orElseThrow();
    assertEquals("https://marrowfield.example", code.content(), "a new code says the web address that is known");
    choose(robot, "#code-fact", 0);
    field(robot, "#code-content", "bring seeds");
    assertEquals("bring seeds", session.single().flatMap(Item::outlined).flatMap(s -> s.outline().asCoded()).orElseThrow().content());
    field(robot, "#code-module", "0.03");
    assertEquals(29 * 0.03, session.single().orElseThrow().placement().width(), 1e-9, "21 modules and a quiet zone of 4 at each side");
    choose(robot, "#code-kind", CodeKind.UPC_A.ordinal());
    assertTrue(robot.lookup("#code-told").queryLabeled().getText().contains("11"), "what it takes is told");
    robot.interact(() -> session.stationProperty().set(Station.CHECK));
    Hand.until(() -> session.checking().findingsProperty().get().stream().anyMatch(f -> f.code().equals("code-unfit")));
  }

  @Test
  void wordsFlowOnAndTheCaretGoesWithThem(FxRobot robot) {
    withoutHints(robot);
    add(robot, "i1", "Bring seed that you have saved dry and in a paper packet", 0.5, 0.5, 2, 0.5);
    add(robot, "i2", "", 0.5, 3, 2, 2);
    select(robot, "i1", "i2");
    run(robot, "menu.flow");
    assertTrue(words("i2").text().endsWith("packet"), words("i2").text());
    String whole = words("i1").text() + words("i2").text();
    assertEquals("Bring seed that you have saved dry and in a paper packet", whole);
    select(robot, "i1");
    robot.interact(() -> workbench.bench().takeFocus());
    hand.keys(KeyCode.ENTER);
    Hand.until(() -> session.typing().on());
    hand.keys(KeyCode.END, KeyCode.CONTROL);
    robot.write("xyz ");
    assertTrue((words("i1").text() + words("i2").text()).contains("xyz"));
    robot.interact(() -> {
      session.typing().beginAll("i1");
      session.typing().edge(true, true, false);
    });
    hand.keys(KeyCode.RIGHT);
    assertEquals("i2", session.typing().cursorProperty().get().orElseThrow().itemId(), "a step beyond the end goes into the next block");
    hand.keys(KeyCode.LEFT);
    assertEquals("i1", session.typing().cursorProperty().get().orElseThrow().itemId(), "and back");
    hand.keys(KeyCode.ESCAPE);
    select(robot, "i1", "i2");
    run(robot, "menu.flowPart");
    assertFalse(words("i2").follows().isPresent());
  }

  @Test
  void wordsMakeRoomForWhatIsSelected(FxRobot robot) {
    withoutHints(robot);
    add(robot, "i1", "Bring seed that you have saved dry and in a paper packet with its name and the year, and lay it on the long table",
        0.5, 0.5, 4, 3);
    box(robot, "Box", 2, 0.6, 1, 0.6);
    String id = session.face().items().get(1).id();
    select(robot, id);
    fire(robot, "#fold-aside");
    choose(robot, "#aside-way", 1 + TextWrap.Way.BOX.ordinal());
    assertTrue(words("i1").spared().isPresent());
    field(robot, "#aside-gap", "0.3");
    assertEquals(0.3, session.single().orElseThrow().properties().aside().orElseThrow().gap(), 1e-9);
    choose(robot, "#aside-way", 0);
    assertFalse(words("i1").spared().isPresent());
  }

  @Test
  void aGlyphIsPutIntoWordsAndTakenOutAsAShape(FxRobot robot) {
    withoutHints(robot);
    add(robot, "i1", "Caf", 0.5, 0.5, 4, 1);
    select(robot, "i1");
    run(robot, "menu.glyphs");
    robot.interact(() -> robot.lookup("#glyphs-search").queryAs(TextField.class).setText("\u00E9"));
    Hand.until(() -> robot.lookup("#glyphs-told").queryLabeled().getText().startsWith("One"));
    robot.interact(() -> ((Button) robot.lookup(".glyph-cell").queryAll().iterator().next()).fire());
    assertTrue(robot.lookup("#glyphs-told").queryLabeled().getText().contains("acute"));
    fire(robot, "#glyphs-put");
    assertEquals("Caf\u00E9", words("i1").text());
    robot.interact(() -> robot.lookup("#glyphs-search").queryAs(TextField.class).setText("ampersand"));
    Hand.until(() -> robot.lookup("#glyphs-told").queryLabeled().getText().matches("(One|\\d) glyphs?"));
    robot.interact(() -> ((Button) robot.lookup(".glyph-cell").queryAll().iterator().next()).fire());
    fire(robot, "#glyphs-shape");
    assertTrue(session.single().flatMap(Item::outlined).isPresent(), "it is a shape of its own now");
  }

  @Test
  void aFileOfWordsComesInWhereItIsDroppedOrChosen(FxRobot robot) throws Exception {
    withoutHints(robot);
    Path file = Files.write(folder.resolve("story.rtf"),
        "{\\rtf1\\ansi{\\b Spring Swap}\\par Bring seeds.\\par}".getBytes(StandardCharsets.ISO_8859_1));
    robot.interact(() -> workbench.adding().pictures().dropped(List.of(file), new org.zipthimble.core.geom.Point(2.5, 2)));
    Hand.until(() -> session.single().flatMap(Item::words).isPresent());
    HoldsWords brought = session.single().flatMap(Item::words).orElseThrow();
    assertEquals("Spring Swap\nBring seeds.", brought.text());
    assertEquals("Bold", brought.style().style());
    assertEquals(Fitting.GROW, brought.setting().fitting());
    Path broken = Files.write(folder.resolve("broken.docx"), new byte[] {'P', 'K', 3, 4, 9, 9, 9});
    answers.words = Optional.of(broken);
    run(robot, "menu.bringWords");
    Hand.until(() -> session.noticeProperty().get().contains("broken.docx"));
    assertEquals(1, session.face().items().size(), "nothing was added");
  }

  @Test
  void blocksAreSetInTheTag(FxRobot robot) {
    withoutHints(robot);
    add(robot, "i1", "Bring seeds and take seeds", 0.5, 0.5, 3, 2);
    select(robot, "i1");
    fire(robot, "#fold-block");
    choose(robot, "#block-standing", Standing.BOTTOM.ordinal());
    assertEquals(Standing.BOTTOM, words("i1").setting().standing());
    choose(robot, "#block-fitting", Fitting.SHRINK.ordinal());
    field(robot, "#block-least", "30");
    assertEquals(30, words("i1").setting().leastPercent());
    field(robot, "#block-margin-left", "1/4");
    assertEquals(0.25, words("i1").setting().margins().left());
    field(robot, "#block-fill", "#ffeecc");
    assertEquals(Optional.of(Colour.of(0xFFEECC)), words("i1").panel().orElseThrow().look().fill());
    field(robot, "#block-corner", "0.1");
    assertEquals(0.1, words("i1").panel().orElseThrow().corner());
    field(robot, "#block-ink-height", "0.5");
    assertEquals(0.5, words("i1").set(new org.zipthimble.core.job.JobFonts(session.job())).ink().orElseThrow().height(), 0.02,
        "shrunk words are made larger with their block");
    hand.keys(KeyCode.Z, KeyCode.CONTROL);
    assertEquals(0.1, words("i1").panel().orElseThrow().corner());
  }

  @Test
  void paragraphsAndLettersAreSetInTheTag(FxRobot robot) {
    withoutHints(robot);
    add(robot, "i1", "Soak\nSow", 0.5, 0.5, 3, 2);
    select(robot, "i1");
    fire(robot, "#fold-paragraph");
    fire(robot, "#fold-letters");
    choose(robot, "#paragraph-sign", 1);
    assertTrue(words("i1").style().paragraph().detail().mark().orElseThrow().numbered());
    field(robot, "#paragraph-hang", "0.4");
    assertEquals(0.4, words("i1").style().paragraph().detail().mark().orElseThrow().hang());
    field(robot, "#paragraph-leading", "20");
    assertEquals(Optional.of(20.0), words("i1").style().paragraph().detail().leadingPt());
    field(robot, "#paragraph-leading", "");
    assertEquals(Optional.empty(), words("i1").style().paragraph().detail().leadingPt());
    field(robot, "#paragraph-before", "6");
    field(robot, "#letters-raise", "25");
    assertEquals(25, words("i1").style().letters().detail().raise());
    fire(robot, "#ring-add");
    field(robot, "#ring-width-0", "9");
    choose(robot, "#ring-side-0", 0);
    assertEquals(9, words("i1").style().letters().detail().rings().get(0).widthPt());
    fire(robot, "#ring-away-0");
    assertEquals(List.of(), words("i1").style().letters().detail().rings());
    robot.interact(() -> robot.lookup("#feature-onum").queryAs(javafx.scene.control.ToggleButton.class).fire());
    assertEquals(List.of("onum"), words("i1").style().letters().detail().features());
    robot.interact(() -> robot.lookup("#feature-liga").queryAs(javafx.scene.control.ToggleButton.class).fire());
    assertTrue(words("i1").style().letters().detail().features().contains("liga=0"), "what is on by itself is switched off");
  }

  /** A sentence is seen at every station, not only where the bench is. */
  @Test
  void aFileThatCannotBeOpenedIsToldAtTheFirstStationToo(FxRobot robot) throws Exception {
    withoutHints(robot);
    Path broken = Files.write(folder.resolve("broken.thimble"), new byte[] {1, 2, 3});
    robot.interact(() -> session.stationProperty().set(Station.ITEM));
    robot.interact(() -> session.filing().open(broken));
    Hand.until(() -> !session.noticeProperty().get().isEmpty());
    assertTrue(robot.lookup("#notice").queryLabeled().isVisible());
    assertTrue(robot.lookup("#notice").queryLabeled().localToScene(0, 0).getY() > 60, "below the stations");
    robot.clickOn("#notice");
    assertEquals("", session.noticeProperty().get(), "a press puts it away");
  }
}
