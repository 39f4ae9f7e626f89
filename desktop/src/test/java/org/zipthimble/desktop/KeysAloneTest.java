package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.units.Size;
import org.zipthimble.desktop.state.Station;

/**
 * The arrow keys among cards and choices: they only go there, and a choice that is marked is one that is made (ARIA Authoring Practices,
 * radio group in a toolbar).
 */
class KeysAloneTest extends AtTheWall {
  @Start
  void start(Stage stage) throws IOException {
    openAtTheWall(stage);
  }

  private void stand(String id) {
    Hand.until(() -> workbench.lookup(id) != null);
    robot.interact(() -> workbench.lookup(id).requestFocus());
    QuickRobot.settled();
  }

  private String at() {
    Node focus = workbench.getScene().getFocusOwner();
    return focus == null ? "nothing" : String.valueOf(focus.getId());
  }

  private boolean marked(String id) {
    return ((ToggleButton) workbench.lookup(id)).isSelected();
  }

  @Test
  void theWallIsOneStopAndItsCardsAreMetByArrows() {
    stand("#wall-search");
    hand.keys(KeyCode.TAB);
    assertEquals("wall-invitation", at());
    hand.keys(KeyCode.RIGHT);
    assertEquals("like-invitation", at());
    hand.keys(KeyCode.LEFT);
    assertEquals("wall-invitation", at());
    hand.keys(KeyCode.DOWN);
    assertTrue(at().startsWith("wall-") && middleOf("#" + at()) > middleOf("#wall-invitation"), at() + " lies below");
    hand.keys(KeyCode.UP);
    hand.keys(KeyCode.END);
    assertTrue(at().startsWith("like-"), at());
    hand.keys(KeyCode.TAB);
    assertEquals("demo-swap-invitation", at(), "the next stop is the shelf of jobs");
    hand.keys(KeyCode.END);
    assertEquals("demo-shirt", at());
    hand.keys(KeyCode.TAB);
    assertFalse(at().startsWith("demo-"), at());
    hand.keys(KeyCode.TAB, KeyCode.SHIFT);
    hand.keys(KeyCode.TAB, KeyCode.SHIFT);
    assertTrue(at().startsWith("like-"), "back past the shelf to the wall: " + at());
    hand.keys(KeyCode.TAB, KeyCode.SHIFT);
    assertEquals("wall-search", at());
  }

  private double middleOf(String id) {
    Node node = workbench.lookup(id);
    return node.localToScene(node.getBoundsInLocal()).getCenterY();
  }

  @Test
  void whatIsMarkedIsChosen() throws IOException {
    stand("#item-two");
    hand.keys(KeyCode.LEFT);
    assertEquals("item-one", at());
    assertTrue(marked("#item-two") && !marked("#item-one"), "passing it chooses nothing");
    hand.keys(KeyCode.SPACE);
    assertTrue(marked("#item-one"));
    stand("#item-start");
    hand.keys(KeyCode.SPACE);
    Hand.until(() -> session.stationProperty().get() == Station.COMPOSE);
    assertEquals(1, session.job().faces().size(), "a job of the faces that were marked");

    hand.keys(KeyCode.DIGIT4, KeyCode.ALT);
    stand("#sheet-alone");
    hand.keys(KeyCode.DOWN);
    assertEquals("sheet-paper", at());
    assertFalse(session.job().sheet().onPaper());
    hand.keys(KeyCode.SPACE);
    assertTrue(session.job().sheet().onPaper(), "the paper that is marked is taken");
    Size before = session.job().sheet().paper();
    stand("#paper-letter");
    hand.keys(KeyCode.DOWN);
    hand.keys(KeyCode.SPACE);
    assertTrue(at().startsWith("paper-") && marked("#" + at()), at());
    assertFalse(before.equals(session.job().sheet().paper()), "the size that is marked is taken: " + session.job().sheet().paper());
  }

  @Test
  void theNineDotsAreWalkedAsTheyStand() {
    hand.keys(KeyCode.DIGIT2, KeyCode.ALT);
    stand("#add-words");
    hand.keys(KeyCode.SPACE);
    Hand.until(() -> session.typing().on());
    robot.write("Swap");
    hand.keys(KeyCode.ESCAPE);
    stand("#ref-11");
    hand.keys(KeyCode.DOWN);
    assertEquals("ref-12", at());
    hand.keys(KeyCode.LEFT);
    assertEquals("ref-02", at());
    hand.keys(KeyCode.SPACE);
    assertTrue(marked("#ref-02"));
    Placement place = hand.placement();
    assertEquals(place.y() + place.height(), Double.parseDouble(((TextInputControl) workbench.lookup("#tag-top")).getText()), 0.0001,
        "the lower left corner is told");
  }

  @Test
  void theKindOfFileThatIsMarkedIsWritten() throws IOException {
    hand.keys(KeyCode.DIGIT5, KeyCode.ALT);
    Path file = folder.resolve("marked.png");
    answers.send = Optional.of(file);
    stand("#send-pdf");
    hand.keys(KeyCode.RIGHT);
    assertEquals("send-png", at());
    hand.keys(KeyCode.SPACE);
    stand("#send-write");
    hand.keys(KeyCode.SPACE);
    Hand.until(() -> session.writtenProperty().get() > 0);
    assertEquals("PNG", new String(Files.readAllBytes(file), 1, 3, StandardCharsets.ISO_8859_1));
  }
}
