package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.units.Size;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.desktop.tag.TagPane;

/**
 * The first quarter of an hour with a card of one's own: what is added can be taken away, the ticket tells the truth, the file gives the
 * job its name.
 */
class FirstCardTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private void take(FxRobot robot, Size size) {
    robot.interact(() -> {
      session.take(StandardItem.blank("Table card", size, 1), Optional.empty());
      session.stationProperty().set(Station.COMPOSE);
    });
    QuickRobot.settled();
  }

  private void add(FxRobot robot, String what) {
    robot.clickOn("#add-" + what);
    QuickRobot.settled();
  }

  @Test
  void whatTheTrayGaveIsTakenAwayByTheDeleteKey(FxRobot robot) {
    withoutHints(robot);
    for (String what : new String[] {"rectangle", "ellipse", "line"}) {
      add(robot, what);
      assertEquals(1, session.face().items().size(), what);
      hand.keys(KeyCode.DELETE);
      assertEquals(0, session.face().items().size(), what + " is gone again");
    }
    add(robot, "rectangle");
    double before = hand.placement().x();
    hand.keys(KeyCode.RIGHT);
    assertEquals(before + session.preferences().now().nudge(), hand.placement().x(), 1e-9, "the arrows nudge it at once");
  }

  @Test
  void theTicketNamesTheSidesThatKeepPaper(FxRobot robot) {
    withoutHints(robot);
    take(robot, new Size(4, 6));
    add(robot, "rectangle");
    hand.type("#tag-left", "-1/8");
    hand.type("#tag-top", "-1/8");
    hand.type("#tag-width", "3");
    Hand.until(() -> shown(robot, "what reaches the trim passes it; paper at right, bottom"));
    hand.type("#tag-height", "6 1/4");
    Hand.until(() -> shown(robot, "paper at right"));
    hand.type("#tag-width", "4 1/4");
    Hand.until(() -> shown(robot, "all sides reach it"));
  }

  private static boolean shown(FxRobot robot, String text) {
    return robot.lookup(n -> n instanceof Label && ((Label) n).getText() != null && ((Label) n).getText().endsWith(text)).tryQuery()
        .isPresent();
  }

  @Test
  void theFirstFileNamesTheJob(FxRobot robot) throws Exception {
    withoutHints(robot);
    take(robot, new Size(4, 6));
    add(robot, "ellipse");
    Path file = folder.resolve("swap-table.thimble");
    answers.save = Optional.of(file);
    hand.keys(KeyCode.S, KeyCode.CONTROL);
    Hand.until(() -> Files.exists(file) && !session.filing().busyProperty().get());
    assertEquals("Swap table", session.job().name());
    assertEquals(session.job(), ThimbleFile.open(file));
    assertFalse(session.filing().unsaved(), "the name is in the file");
    hand.keys(KeyCode.Z, KeyCode.CONTROL);
    assertEquals("Untitled Table card", session.job().name(), "and is a step that can be taken back");
  }

  /**
   * A decal is told how it comes to be cut, asks for no bleed, and lies on a roll once it is to be cut; what is told then is another
   * thing.
   */
  @Test
  void aDecalIsToldHowItIsCut(FxRobot robot) {
    robot.interact(() -> {
      session.take(StandardItem.blank(StandardItem.DECAL.title(), StandardItem.DECAL.size(), 1), Optional.empty());
      session.stationProperty().set(Station.COMPOSE);
    });
    Hand.until(() -> hint(robot).contains("the role “cuts”"));
    add(robot, "ellipse");
    hand.keys(KeyCode.DIGIT4, KeyCode.ALT);
    Hand.until(() -> hint(robot).contains("Nothing of this is cut yet"));
    hand.keys(KeyCode.DIGIT3, KeyCode.ALT);
    Hand.until(() -> shown(robot, "No bleed is asked for."));
    hand.keys(KeyCode.DIGIT2, KeyCode.ALT);
    pressInSight(robot, "#role-cuts");
    hand.keys(KeyCode.DIGIT4, KeyCode.ALT);
    Hand.until(() -> hint(robot).contains("Drag pieces on the mat"));
    assertEquals(1, session.job().cutting().lanes().size());
    hand.keys(KeyCode.Z, KeyCode.CONTROL);
    assertEquals(0, session.job().cutting().lanes().size(), "one step takes both back");
  }

  private static String hint(FxRobot robot) {
    return robot.lookup(".hint-text").queryAs(Label.class).getText();
  }

  /** However tall or wide the card is, the hint stands beside it or below, never over it; put away, it leaves the bench to the card. */
  @Test
  void aHintStandsBesideTheFaceOrBelowIt(FxRobot robot) {
    take(robot, new Size(4.25, 6));
    AtomicReference<Node> hint = new AtomicReference<>();
    Hand.until(() -> {
      hint.set(workbench.lookup(".hint-slip"));
      return hint.get() != null && hint.get().isVisible();
    });
    for (Size size : List.of(new Size(4.25, 6), new Size(5, 7), new Size(5, 5), new Size(7, 5), new Size(9, 4))) {
      robot.interact(() -> session.apply(Edits.ticket("edit.ticket.size", t -> t.sized(size))));
      Hand.until(() -> {
        Bounds slip = hint.get().localToScreen(hint.get().getBoundsInLocal());
        Point2D corner = hand.at(session.frame().bleedBox().right(), session.frame().bleedBox().bottom());
        return slip.getWidth() > 0 && (slip.getMinX() >= corner.getX() || slip.getMinY() >= corner.getY());
      });
    }
    robot.interact(() -> session.apply(Edits.ticket("edit.ticket.size", t -> t.sized(new Size(5, 5)))));
    double before = hand.at(5, 5).getY() - hand.at(0, 0).getY();
    robot.clickOn("#hint-away");
    QuickRobot.settled();
    assertFalse(hint.get().isVisible());
    Hand.until(() -> hand.at(5, 5).getY() - hand.at(0, 0).getY() > before + 5);
  }

  /** What comes below place and words is there a moment after a selection, also where the tag is not made at once. */
  @Test
  void theTagIsWholeAMomentLater(FxRobot robot) {
    withoutHints(robot);
    add(robot, "words");
    Hand.until(() -> workbench.lookup("#tag-ink") != null && workbench.lookup("#clear-gap") != null);
    TagPane tag = (TagPane) workbench.lookup(".tag");
    assertTrue(tag.lookupAll("#tag-ink").size() == 1 && tag.lookupAll("#tag-family").size() == 1, "each part once");
  }
}
