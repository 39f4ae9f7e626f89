package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.guide.Order;
import org.zipthimble.core.guide.Together;
import org.zipthimble.core.proof.PdfMeasure;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.Pointing;
import org.zipthimble.desktop.page.HelpPage;
import org.zipthimble.desktop.state.Station;

/** Somebody who has never seen the program: three ways to begin, a first job together, and a finder that knows the words people have. */
class TogetherInTheWindowTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    beginsAt = Station.ITEM;
    open(stage, 2);
  }

  private static String says(FxRobot robot, String id) {
    return robot.lookup(id).queryAs(Label.class).getText();
  }

  private void step(FxRobot robot, Together step) {
    String sentence = Wording.of(step);
    Hand.until(() -> says(robot, "#together-text").equals(sentence));
    assertEquals(Wording.text("togetherStrip.step", step.ordinal() + 1, Together.values().length), says(robot, ".together-count"));
  }

  /** All ten steps by mouse and keys, from the first start to a file that is measured; each goes on by itself. */
  @Test
  void theFirstJobIsMadeTogether(FxRobot robot) throws Exception {
    robot.clickOn("#way-together");
    step(robot, Together.BEGIN);
    assertFalse(robot.lookup("#way-together").tryQuery().filter(Pointing::seen).isPresent(), "no other ways are offered meanwhile");
    robot.clickOn("#wall-invitation");
    robot.clickOn("#item-one");
    robot.clickOn("#item-start");
    step(robot, Together.GROUND);
    robot.clickOn("#add-rectangle");
    step(robot, Together.EDGES);
    robot.clickOn("#together-show");
    Hand.until(() -> robot.lookup(".pointed").tryQuery().isPresent());
    robot.clickOn("#tag-cover");
    step(robot, Together.WORDS);
    assertEquals(new Box(-0.125, -0.125, 5.25, 7.25), session.face().items().get(0).placement().box());
    robot.clickOn("#add-words");
    QuickRobot.settled();
    robot.write("Spring Swap");
    hand.keys(KeyCode.ESCAPE);
    step(robot, Together.LARGE);
    hand.type("#tag-size", "36");
    step(robot, Together.WHEN);
    robot.clickOn("#add-words");
    QuickRobot.settled();
    robot.write("14 March, the seed room");
    hand.keys(KeyCode.ESCAPE);
    step(robot, Together.CHECK);
    Box title = session.face().items().get(1).placement().box();
    Box when = session.face().items().get(2).placement().box();
    assertTrue(title.meet(when).filter(b -> b.height() > 1e-9 && b.width() > 1e-9).isEmpty(),
        "new words do not lie on the others: " + title + when);
    robot.clickOn("#station-check");
    step(robot, Together.KEEP);
    answers.save = Optional.of(folder.resolve("swap.thimble"));
    hand.keys(KeyCode.S, KeyCode.CONTROL);
    step(robot, Together.OUT);
    robot.clickOn("#station-send");
    answers.send = Optional.of(folder.resolve("swap.pdf"));
    pressInSight(robot, "#send-write");
    Hand.until(() -> says(robot, "#together-text").equals(Wording.text("togetherStrip.done")));
    PdfMeasure measured = PdfMeasure.of("swap.pdf", Files.readAllBytes(folder.resolve("swap.pdf")));
    assertEquals(1, measured.pages().size());
    assertEquals(360, measured.pages().get(0).trim().width(), 0.001, "5 in");
    assertEquals(504, measured.pages().get(0).trim().height(), 0.001, "7 in");
    robot.clickOn("#together-leave");
    assertTrue(robot.lookup("#together").tryQuery().filter(Pointing::seen).isEmpty());
  }

  @Test
  void itCanBeLeftAtAnyTimeAndTheWaysPutAway(FxRobot robot) {
    robot.clickOn("#way-together");
    step(robot, Together.BEGIN);
    robot.clickOn("#together-next");
    step(robot, Together.GROUND);
    assertTrue(says(robot, "#together-text").equals(Wording.of(Together.GROUND)), "a step may be skipped");
    robot.clickOn("#together-leave");
    Hand.until(() -> robot.lookup("#together").tryQuery().filter(Pointing::seen).isEmpty());
    Hand.until(() -> robot.lookup("#way-together").tryQuery().filter(Pointing::seen).isPresent());
    robot.clickOn("#ways-away");
    Hand.until(() -> robot.lookup("#way-together").tryQuery().filter(Pointing::seen).isEmpty());
    assertTrue(session.preferences().now().putAway().contains("ways"), "it stays away at the next start");
  }

  /** What the trade or another habit calls a thing leads to it; each of these is nowhere on the screen by that name. */
  @Test
  void theFinderKnowsTheWordsPeopleHave(FxRobot robot) {
    robot.clickOn("#wall-invitation");
    robot.clickOn("#item-start");
    for (List<String> pair : List.of(List.of("flip horiz", "menu.flipAcross"), List.of("cut out", "menu.rub"),
        List.of("unite", "menu.way.join"),
        List.of("mail merge", "menu.list"), List.of("eyedropper", "menu.pickSwatch"), List.of("dark mode", "menu.night"),
        List.of("curved text", "menu.wordsAlong"),
        List.of("dpi", "spot.ppi"), List.of("weed", "spot.weed"), List.of("imposition", "spot.gang"),
        List.of("temperature", "spot.notebook"),
        List.of("export", "spot.write"))) {
      hand.keys(KeyCode.F, KeyCode.CONTROL);
      robot.write(pair.get(0));
      String title = Wording.text(pair.get(1));
      Hand.until(() -> robot.lookup(".finder-list .list-cell").queryAll().stream().anyMatch(n -> shows(n, title)));
      hand.keys(KeyCode.ESCAPE);
    }
  }

  private static boolean shows(Node cell, String title) {
    return cell.lookupAll(".label").stream().filter(Label.class::isInstance).anyMatch(l -> ((Label) l).getText().equals(title));
  }

  /** A part of the window is led to, wherever it is, and shown. */
  @Test
  void theFinderLeadsToAPlace(FxRobot robot) {
    hand.keys(KeyCode.F, KeyCode.CONTROL);
    robot.write("imposition");
    hand.keys(KeyCode.ENTER);
    Hand.until(() -> session.stationProperty().get() == Station.SHEET);
    Hand.until(() -> robot.lookup(".pointed").tryQuery().isPresent());
    assertTrue(Pointing.seen(robot.lookup("#sheet-gang").query()));
    hand.keys(KeyCode.F, KeyCode.CONTROL);
    robot.write("overrun");
    hand.keys(KeyCode.ENTER);
    Hand.until(() -> robot.lookup("#ticket-bleed").query().isFocused());
  }

  /** Every order of the help has its picture, and its ready job opens from there. */
  @Test
  void theHelpGoesThroughTheOrders(FxRobot robot) {
    hand.keys(KeyCode.F1);
    robot.clickOn("#help-orders");
    QuickRobot.settled();
    for (Order order : Order.values()) {
      String open = "#help-open-" + order.name().toLowerCase(Locale.ROOT);
      assertTrue(robot.lookup(open).tryQuery().isPresent(), open);
      assertTrue(HelpPage.class.getResource("/org/zipthimble/desktop/help/orders/" + order.demo() + ".jpg") != null, order.demo());
    }
    pressInSight(robot, "#help-open-bookmarks");
    Hand.until(() -> session.stationProperty().get() == Station.COMPOSE);
    assertEquals("Metal bookmarks", session.job().name());
  }
}
