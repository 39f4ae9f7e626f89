package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.edit.GuideEdits;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.store.Recovery;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.store.Versions;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Station;

/** A person composes in comfort: snapping, spacing, repeating, picking below, steps, recovery. */
class ComfortTest extends AtTheBench {
  private static final double NEAR = 0.03;
  private static final double EXACT = 1e-9;

  @Start
  void start(Stage stage) throws IOException {
    open(stage, 2);
  }

  @BeforeEach
  void begin(FxRobot robot) {
    withoutHints(robot);
  }

  @Test
  void movingSnapsToTheTrimAndSaysSo(FxRobot robot) {
    box(robot, "A", 1, 1, 1, 1);
    hand.press(1.5, 1.5).to(1.2, 1.5).to(0.54, 1.9);
    assertTrue(robot.lookup(".tape-tag").queryAllAs(Label.class).stream().anyMatch(l -> l.getText().equals("on the trim")));
    hand.release();
    assertEquals(0, hand.placement().x(), EXACT, "exactly on the trim");
    assertFalse(robot.lookup(".tape-tag").tryQuery().isPresent());
    hand.press(0.5, hand.placement().centre().y());
    robot.press(KeyCode.CONTROL);
    hand.to(0.8, hand.placement().centre().y()).to(0.54, hand.placement().centre().y());
    robot.release(KeyCode.CONTROL);
    hand.release();
    assertTrue(Math.abs(hand.placement().x()) > 0.005, "with Ctrl nothing snaps: " + hand.placement().x());
  }

  @Test
  void movingSnapsToMakeGapsEqual(FxRobot robot) {
    box(robot, "A", 0.5, 2, 0.5, 0.5);
    box(robot, "B", 1.3, 2.1, 0.5, 0.5);
    box(robot, "C", 2.6, 4, 0.5, 0.5);
    hand.drag(2.85, 4.25, 2.37, 2.22);
    assertEquals(0.3, hand.placement().x() - 1.8, 1e-6, "the gap between A and B again");
  }

  @Test
  void resizingSnapsAndAltKeepsTheMiddle(FxRobot robot) {
    box(robot, "A", 1, 1, 1, 1);
    hand.click(1.5, 1.5);
    hand.press(2, 1.5).to(2.3, 1.5).to(2.52, 1.5).release();
    assertEquals(2.5, hand.placement().x() + hand.placement().width(), EXACT, "its right side on the middle of the trim");
    double middle = hand.placement().centre().x();
    robot.press(KeyCode.ALT);
    hand.press(2.5, 1.5).to(2.7, 1.5).to(2.9, 1.7).release();
    robot.release(KeyCode.ALT);
    assertEquals(middle, hand.placement().centre().x(), EXACT);
    assertTrue(hand.placement().width() > 1.8);
  }

  @Test
  void aSecondClickPicksWhatLiesBelow(FxRobot robot) {
    box(robot, "Below", 1, 1, 3, 3);
    box(robot, "Middle", 1.5, 1.5, 2, 2);
    box(robot, "Top", 2, 2, 1, 1);
    hand.click(2.5, 2.5);
    assertEquals("Top", session.single().orElseThrow().properties().name());
    hand.click(2.5, 2.5);
    assertEquals("Middle", session.single().orElseThrow().properties().name());
    hand.click(2.5, 2.5);
    assertEquals("Below", session.single().orElseThrow().properties().name());
    hand.click(2.5, 2.5);
    assertEquals("Top", session.single().orElseThrow().properties().name());
    robot.interact(() -> session.apply(Edits.properties("f1", Set.of(hand.named("Top").id()), "edit.lock", f -> f.withLocked(true))));
    hand.click(0.3, 6).click(2.5, 2.5);
    assertEquals("Middle", session.single().orElseThrow().properties().name(), "what is locked is never in the way");
  }

  @Test
  void theRubberBandEnclosesToTheRightAndTouchesToTheLeft(FxRobot robot) {
    box(robot, "Inside", 1, 1, 0.5, 0.5);
    box(robot, "Across", 2, 1, 2, 0.5);
    hand.drag(0.7, 0.7, 3, 1.8);
    assertEquals(Set.of(hand.named("Inside").id()), session.selectionProperty().get());
    hand.keys(KeyCode.ESCAPE);
    hand.drag(3, 1.8, 0.7, 0.7);
    assertEquals(2, session.selectionProperty().get().size());
  }

  @Test
  void linesUpSpacesAndTypesTheGap(FxRobot robot) {
    box(robot, "A", 0.5, 1, 0.5, 0.5);
    box(robot, "B", 1.2, 1.6, 0.7, 0.5);
    box(robot, "C", 3, 2.2, 0.5, 0.5);
    hand.keys(KeyCode.A, KeyCode.CONTROL);
    robot.clickOn("#space-across");
    assertEquals(hand.named("B").placement().x() - 1, hand.named("C").placement().x() - (hand.named("B").placement().x() + 0.7), EXACT);
    hand.type("#gap-across", "1/4");
    assertEquals(1.25, hand.named("B").placement().x(), EXACT);
    assertEquals(2.2, hand.named("C").placement().x(), EXACT);
    assertEquals("1/4", robot.lookup("#gap-across").queryAs(TextInputControl.class).getText(), "the gap is shown");
    robot.clickOn("#arrange-top");
    assertEquals(1, hand.named("C").placement().y(), EXACT);
    double end = hand.named("C").placement().x() + 0.5;
    double spread = 22 / (hand.at(1, 0).getX() - hand.at(0, 0).getX());
    hand.drag(end + spread, 1.25, end + spread + 1, 1.25);
    assertEquals(end + 1, hand.named("C").placement().x() + 0.5, NEAR, "the end was pulled");
    assertEquals(0.75, hand.named("B").placement().x() - 1, NEAR, "and both gaps grew by half");
  }

  @Test
  void repeatsInRowsAndDoesTheLastStepAgain(FxRobot robot) {
    box(robot, "A", 0.5, 0.5, 0.5, 0.5);
    hand.click(0.75, 0.75);
    robot.interact(() -> robot.lookup("#fold-arrange").queryButton().fire());
    QuickRobot.settled();
    robot.interact(() -> robot.lookup("#repeat-columns").queryAs(TextInputControl.class).requestFocus());
    for (String[] field : new String[][] {{"#repeat-columns", "4"}, {"#repeat-rows", "3"}, {"#repeat-gap-across", "1/8"},
        {"#repeat-gap-down", "1/2"}}) {
      robot.interact(() -> {
        TextInputControl control = robot.lookup(field[0]).queryAs(TextInputControl.class);
        control.requestFocus();
        control.setText(field[1]);
        control.fireEvent(new javafx.event.ActionEvent());
      });
    }
    robot.interact(() -> robot.lookup("#repeat-make").queryButton().fire());
    assertEquals(12, session.face().items().size());
    Item last = session.face().items().get(11);
    assertEquals(0.5 + 3 * 0.625, last.placement().x(), EXACT);
    assertEquals(0.5 + 2 * 1.0, last.placement().y(), EXACT);

    robot.interact(session::undo);
    hand.click(0.75, 0.75);
    robot.press(KeyCode.ALT);
    hand.press(0.75, 0.75).to(1.2, 0.9).to(1.77, 0.77).release();
    robot.release(KeyCode.ALT);
    assertEquals(2, session.face().items().size(), "a copy was dragged");
    double step = session.face().items().get(1).placement().x() - 0.5;
    hand.keys(KeyCode.R, KeyCode.CONTROL).keys(KeyCode.R, KeyCode.CONTROL);
    assertEquals(4, session.face().items().size());
    assertEquals(0.5 + 3 * step, session.face().items().get(3).placement().x(), 1e-6, "each as far from the last");
  }

  @Test
  void worksInsideAGroupWithoutBreakingIt(FxRobot robot) {
    box(robot, "A", 1, 1, 1, 1);
    box(robot, "B", 3, 3, 1, 1);
    robot.interact(() -> session.apply(Grouping.group("f1", Set.of(hand.named("A").id(), hand.named("B").id()))));
    hand.doubleClick(1.5, 1.5);
    assertTrue(session.openProperty().get().isPresent());
    hand.drag(3.5, 3.5, 3.5, 5.02);
    assertEquals("B", session.single().orElseThrow().properties().name());
    hand.keys(KeyCode.ESCAPE).keys(KeyCode.ESCAPE);
    assertFalse(session.openProperty().get().isPresent());
    Item group = session.single().orElseThrow();
    assertEquals(2, group.members().size(), "the group is whole");
    assertEquals(4.5, group.placement().height(), NEAR, "and its box fits");
  }

  @Test
  void placesByAnyOfNineAndScales(FxRobot robot) {
    box(robot, "A", 1, 1, 1, 2);
    hand.click(1.5, 1.5);
    robot.clickOn("#ref-22");
    hand.type("#tag-left", "5").type("#tag-top", "7");
    assertEquals(Placement.of(4, 5, 1, 2, 0), hand.placement());
    hand.type("#tag-width", "2");
    assertEquals(3, hand.placement().x(), EXACT, "its lower right stays");
    hand.type("#tag-scale", "50");
    assertEquals(Placement.of(4, 6, 1, 1, 0), hand.placement());
  }

  @Test
  void guidesComeOutOfTheRulersAndThingsSnapToThem(FxRobot robot) {
    robot.moveTo(robot.lookup(".tape-ruler").queryAll().iterator().next()).press(MouseButton.PRIMARY);
    hand.to(1, 1).to(2, 2.2).release();
    assertEquals(1, session.face().guides().lines().size());
    assertTrue(session.face().guides().lines().get(0).level());
    robot.interact(() -> session.apply(GuideEdits.change("f1", 0, Guide.across(2.2))));
    assertEquals("2.2", robot.lookup("#guide-at-0").queryAs(TextInputControl.class).getText());
    hand.type("#guide-at-0", "2 1/4");
    assertEquals(2.25, session.face().guides().lines().get(0).through().y(), EXACT);
    box(robot, "A", 1, 3, 1, 1);
    hand.drag(1.5, 3.5, 1.9, 2.79);
    assertEquals(2.25, hand.placement().y(), EXACT);
  }

  @Test
  void stepsAreListedAndJumpedTo(FxRobot robot) {
    box(robot, "A", 1, 1, 1, 1);
    box(robot, "B", 2, 2, 1, 1);
    box(robot, "C", 3, 3, 1, 1);
    hand.keys(KeyCode.H, KeyCode.CONTROL);
    robot.clickOn("#step-1");
    assertEquals(List.of("A"), names());
    robot.clickOn("#step-3");
    assertEquals(List.of("A", "B", "C"), names());
    robot.clickOn("#step-0");
    assertEquals(List.of(), names());
  }

  private List<String> names() {
    return session.face().items().stream().map(i -> i.properties().name()).toList();
  }

  @Test
  void workLeftByAHardEndIsOfferedAndTakenUp(FxRobot robot) throws Exception {
    box(robot, "Memo", 1, 1, 1, 1);
    Path root = folder.resolve("home").resolve("recovery");
    Hand.until(() -> Files.isDirectory(root) && notes(root) == 1);
    assertEquals(List.of(), session.filing().left(), "the program is still alive");
    Path note;
    try (var files = Files.walk(root)) {
      note = files.filter(p -> p.endsWith("note.json")).findFirst().orElseThrow();
    }
    Files.writeString(note, Files.readString(note).replaceAll("\"program\":\\d+", "\"program\":999999999"));
    Path other = folder.resolve("other").resolve("recovery");
    Files.createDirectories(other.getParent());
    Files.move(root, other);
    assertEquals(1, Recovery.left(other).size());
    assertEquals(session.job(), Recovery.left(other).get(0).open());

    Files.createDirectories(root);
    Files.move(Recovery.left(other).get(0).folder(), root.resolve("left"));
    robot.interact(() -> session.stationProperty().set(Station.ITEM));
    robot.interact(() -> session.jumpTo(0));
    robot.clickOn("#recover-take");
    Hand.until(() -> names().equals(List.of("Memo")));
    assertTrue(session.filing().unsaved());
    Hand.until(() -> !Files.exists(root.resolve("left")));
  }

  @Test
  void theRecoveryCopyIsWrittenHoweverFastTheEditsFollow(FxRobot robot) throws Exception {
    Path root = folder.resolve("home").resolve("recovery");
    long begun = System.nanoTime();
    int edits = 0;
    while (notes(root) == 0 && edits < 200) {
      int number = edits++;
      robot.interact(() -> session.apply(Edits.rename("Job " + number)));
      Hand.soon(100, () -> notes(root) > 0);
    }
    assertEquals(1, notes(root), "a copy is there while the edits go on, after " + (System.nanoTime() - begun) / 1e9 + " s");
  }

  private static int notes(Path root) {
    try (var files = Files.walk(root)) {
      return (int) files.filter(p -> p.endsWith("note.json")).count();
    } catch (IOException | java.io.UncheckedIOException changing) {
      return 0;
    }
  }

  @Test
  void savingKeepsVersionsAndAsksWhenTheFileWasChanged(FxRobot robot) throws Exception {
    Path file = folder.resolve("card.thimble");
    answers.save = Optional.of(file);
    box(robot, "A", 1, 1, 1, 1);
    hand.keys(KeyCode.S, KeyCode.CONTROL);
    Hand.until(() -> !session.filing().unsaved());
    box(robot, "B", 2, 2, 1, 1);
    hand.keys(KeyCode.S, KeyCode.CONTROL);
    Hand.until(() -> !session.filing().unsaved());
    assertEquals(1, Versions.of(file).size());
    assertEquals(1, ThimbleFile.open(Versions.of(file).get(0).file()).faces().get(0).items().size());

    byte[] foreign = Files.readAllBytes(Versions.of(file).get(0).file());
    Files.write(file, foreign);
    box(robot, "C", 3, 3, 1, 1);
    hand.keys(KeyCode.S, KeyCode.CONTROL);
    Hand.until(() -> !answers.asked.isEmpty());
    assertTrue(answers.asked.get(0).startsWith("changed card.thimble"));
    assertTrue(session.filing().unsaved(), "nothing was overwritten");
    answers.changed = Asker.Changed.NUMBERED;
    hand.keys(KeyCode.S, KeyCode.CONTROL);
    Hand.until(() -> Files.exists(folder.resolve("card 2.thimble")) && !session.filing().unsaved());

    Files.delete(folder.resolve("card 2.thimble"));
    box(robot, "D", 1, 4, 1, 1);
    hand.keys(KeyCode.S, KeyCode.CONTROL);
    Hand.until(() -> Files.exists(folder.resolve("card 2.thimble")));
    assertTrue(session.noticeProperty().get().contains("card 2.thimble"), session.noticeProperty().get());
  }

  @Test
  void copiesAndPastesAndFindsCommands(FxRobot robot) {
    box(robot, "A", 1, 1, 1, 1);
    hand.click(1.5, 1.5).keys(KeyCode.C, KeyCode.CONTROL).keys(KeyCode.V, KeyCode.CONTROL);
    Hand.until(() -> session.face().items().size() == 2);
    assertEquals(1.125, hand.placement().x(), EXACT);
    robot.interact(() -> session.faceIdProperty().set("f2"));
    hand.keys(KeyCode.V, KeyCode.CONTROL, KeyCode.SHIFT);
    Hand.until(() -> session.face().items().size() == 1);
    assertEquals(1, hand.placement().x(), EXACT, "in place on the other face");

    hand.keys(KeyCode.F, KeyCode.CONTROL);
    robot.write("upright guide");
    robot.type(KeyCode.ENTER);
    QuickRobot.settled();
    assertTrue(session.face().guides().lines().get(0).upright());
  }

  @Test
  void picturesAndWordsOfOtherProgramsArePasted(FxRobot robot) {
    robot.interact(() -> {
      javafx.scene.input.ClipboardContent content = new javafx.scene.input.ClipboardContent();
      content.putString("Bring a handful,\ntake a handful");
      javafx.scene.input.Clipboard.getSystemClipboard().setContent(content);
    });
    hand.keys(KeyCode.V, KeyCode.CONTROL);
    assertEquals("Bring a handful,\ntake a handful", ((HoldsWords) session.single().orElseThrow()).text());
    robot.interact(() -> {
      javafx.scene.input.ClipboardContent content = new javafx.scene.input.ClipboardContent();
      content.putImage(new javafx.scene.image.WritableImage(600, 300));
      javafx.scene.input.Clipboard.getSystemClipboard().setContent(content);
    });
    hand.keys(KeyCode.V, KeyCode.CONTROL);
    assertTrue(session.single().orElseThrow() instanceof ItemPhoto);
    assertEquals(2, hand.placement().width(), EXACT, "600 pixels at the ticket's 300 per inch");
  }

  @Test
  void ornamentsAreSearchedAddedAndRecolouredByPart(FxRobot robot) {
    hand.keys(KeyCode.O, KeyCode.CONTROL, KeyCode.SHIFT);
    robot.clickOn("#shelf-search").write("wreath leaf");
    robot.clickOn("#ornament-leaf-wreath");
    assertEquals("Leaf wreath", session.single().orElseThrow().properties().name());
    hand.type("#part-4f8a57", "#7a2e22");
    assertTrue(session.single().orElseThrow().members().stream().map(ItemShape.class::cast)
        .anyMatch(s -> s.properties().name().equals("leaves") && s.fill().orElseThrow().equals(Colour.of(0x7A2E22))));
    robot.clickOn("#shelf-keep");
    Hand.until(() -> Files.exists(folder.resolve("home/shelf/Leaf wreath.thimble")));
  }

  @Test
  void severalPicturesGoIntoAGridOrOneAfterAnother(FxRobot robot) throws Exception {
    List<Path> files = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      files.add(Files.write(folder.resolve("p" + i + ".png"),
          PngFile.bytes(new BufferedImage(300, 200 + i, BufferedImage.TYPE_INT_RGB), 300)));
    }
    answers.pictures = files;
    robot.clickOn("#add-picture");
    Hand.until(() -> robot.lookup("#placing-grid").queryButton().isVisible());
    hand.click(1, 1);
    Hand.until(() -> session.face().items().size() == 1);
    robot.clickOn("#placing-grid");
    Hand.until(() -> session.face().items().size() > 1);
    assertEquals(5, session.face().items().size());
    robot.interact(session::undo);
    assertEquals(1, session.face().items().size(), "the grid is one step");
  }

  @Test
  void nightAndScaleAndHelpAndSquash(FxRobot robot) throws Exception {
    robot.interact(() -> session.preferences().change(s -> s.withNight(true).withScale(1.5)));
    // the page that is scrolled stands in the window from the next drawing on
    Hand.until(() -> workbench.getScene() != null);
    assertTrue(workbench.getScene().getStylesheets().stream().anyMatch(s -> s.endsWith("night.css")));
    QuickRobot.settled();
    assertEquals(1.5, workbench.localToScene(1, 0).getX() - workbench.localToScene(0, 0).getX(), 1e-6);
    robot.interact(() -> session.preferences().change(s -> s.withNight(false).withScale(1)));
    hand.keys(KeyCode.F1);
    assertTrue(robot.lookup("#help-scroll").tryQuery().isPresent());
    robot.clickOn("#help-close");
    robot.interact(() -> {
      session.stationProperty().set(Station.COMPOSE);
      session.apply(Grouping.group("f1", Set.of()));
    });
    box(robot, "A", 1, 1, 1, 1);
    box(robot, "B", 2, 2, 1, 1);
    robot.interact(() -> session.applyAndSelect(Grouping.group("f1", Set.of(hand.named("A").id(), hand.named("B").id()))));
    robot.clickOn("#tag-keep");
    hand.type("#tag-width", "3");
    assertTrue(robot.lookup("#tag-squash").queryAs(Label.class).getText().contains("50 % too wide"));
    robot.clickOn("#tag-unsquash");
    assertEquals(3, hand.placement().height(), EXACT);
  }

  @Test
  void everyCommandHasItsOwnKeysAndEveryControlItsName() {
    List<String> keys = workbench.commands().stream().map(c -> c.keys()).filter(k -> !k.isEmpty()).toList();
    assertEquals(keys.size(), Set.copyOf(keys).size(), keys.toString());
    assertTrue(workbench.lookupAll(".button").stream().filter(b -> b instanceof javafx.scene.control.Button)
        .map(b -> (javafx.scene.control.Button) b).allMatch(b -> !b.getText().isEmpty() || b.getAccessibleText() != null));
  }
}
