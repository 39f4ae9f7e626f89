package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.proof.PressMeasure;
import org.zipthimble.desktop.state.Station;

/** A person sends a card to a print shop: says so on the ticket, looks through the lenses, writes a file for the press. */
class PressTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  @BeforeEach
  void begin(FxRobot robot) {
    robot.interact(() -> {
      session.apply(
          Edits.add("f1", ItemShape.of(ItemProperties.of(session.job().freshId(), "Ground"),
          Placement.of(new Box(-0.125, -0.125, 5.25, 7.25)),
          new Outline.Rectangle(0), Optional.of(Colour.of(0x00FF00)), Optional.empty())));
      session.stationProperty().set(Station.CHECK);
    });
    QuickRobot.settled();
  }

  @Test
  void aCardGoesToAPrintShop(FxRobot robot) throws Exception {
    robot.clickOn("#ticket-colour").clickOn("#to-print-shop");
    assertEquals(Destination.PRINT_SHOP, session.job().colour().to());
    Hand.until(() -> session.checking().findingsProperty().get().stream().anyMatch(f -> f.code().equals("colour-range")));
    down(robot, "#intent-perceptual");
    robot.clickOn("#intent-perceptual");
    assertEquals(Intent.PERCEPTUAL, session.job().colour().intent());
    robot.interact(() -> session.undo());
    robot.clickOn("#lens-out_of_range");
    assertEquals(Lens.OUT_OF_RANGE, session.checking().lensProperty().get());
    Hand.until(() -> robot.lookup(".lens-note").queryAllAs(Label.class).stream().anyMatch(l -> l.getText().contains("100 %")));
    hand.to(2, 3);
    Hand.until(() -> robot.lookup(".lens-reading").queryAllAs(Label.class).stream().anyMatch(l -> l.getText().startsWith("#00ff00")));
    hand.keys(KeyCode.DIGIT5, KeyCode.ALT);
    assertEquals(Lens.NONE, session.checking().lensProperty().get(), "lenses are for checking");
    answers.send = Optional.of(folder.resolve("card.pdf"));
    robot.clickOn("#send-write");
    Hand.until(() -> Files.exists(folder.resolve("card.pdf")));
    assertTrue(PressMeasure.of("card.pdf", Files.readAllBytes(folder.resolve("card.pdf"))).met());
    Hand.until(() -> robot.lookup("#send-write").query().isFocused());
    robot.clickOn("#send-png");
    assertTrue(robot.lookup(".side-note").queryAllAs(Label.class).stream()
        .anyMatch(l -> l.getText().contains("inks, plates and black words are lost")));
  }

  @Test
  void aShopsProfileIsTakenAndABadOneIsRefusedWithASentence(FxRobot robot) throws Exception {
    robot.clickOn("#ticket-colour").clickOn("#to-print-shop");
    byte[] other = Profile.shipped().bytes();
    // The creator's signature in the header: another file, the same tables.
    other[80] = 'x';
    answers.profile = Optional.of(Files.write(folder.resolve("shop.icc"), other));
    robot.clickOn("#colour-profile");
    Hand.until(() -> session.job().colour().own().isPresent());
    answers.profile = Optional.of(Files.writeString(folder.resolve("none.icc"), "not a profile at all"));
    robot.clickOn("#colour-profile");
    Hand.until(() -> session.noticeProperty().get().contains("no colour profile"));
    assertEquals(Profile.read(other), session.job().colour().profile(), "the one before stays");
    robot.interact(() -> session.say(""));
    robot.clickOn("#colour-shipped");
    assertFalse(session.job().colour().own().isPresent());
    robot.interact(() -> session.undo());
    assertTrue(session.job().colour().own().isPresent());
  }

  @Test
  void whatIsPressedIsMirrored(FxRobot robot) {
    robot.clickOn("#ticket-colour").clickOn("#to-sublimation");
    assertTrue(session.job().ticket().mirror());
    robot.clickOn("#to-home-printer");
    assertFalse(session.job().ticket().mirror());
  }
}
