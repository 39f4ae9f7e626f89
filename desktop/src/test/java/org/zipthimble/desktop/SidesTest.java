package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.samples.DemoShelf;

/** Bleed and safe area side by side, typed at the ticket; foil on words, pressed at the tag; what the tape and the ticket say of it. */
class SidesTest extends AtTheBench {
  @Start
  void start(Stage stage) throws Exception {
    open(stage, 1);
  }

  private String shown(FxRobot robot, String id) {
    return robot.lookup(id).queryAs(TextInputControl.class).getText();
  }

  private void press(FxRobot robot, String id) {
    robot.clickOn(id);
    QuickRobot.settled();
    robot.interact(() -> {
      workbench.applyCss();
      workbench.layout();
    });
  }

  @Test
  void allFourSidesAreTypedInOne(FxRobot robot) {
    hand.type("#ticket-bleed", "1/4");
    assertEquals(Insets.all(0.25), session.job().ticket().bleed());
    robot.interact(session::undo);
    assertEquals(Insets.all(0.125), session.job().ticket().bleed());
    assertEquals("1/8 in", shown(robot, "#ticket-bleed"));
  }

  @Test
  void eachSideIsTypedByItself(FxRobot robot) {
    assertFalse(robot.lookup("#ticket-bleed-bottom").tryQuery().isPresent(), "the four fields are asked for first");
    press(robot, "#ticket-bleed-apart");
    for (Side side : Side.values()) {
      assertEquals("1/8 in", shown(robot, "#ticket-bleed-" + side.name().toLowerCase(Locale.ROOT)));
    }
    hand.type("#ticket-bleed-bottom", "1/2");
    assertEquals(new Insets(0.125, 0.125, 0.125, 0.5), session.job().ticket().bleed());
    assertEquals(0.5, session.frame().bleedBox().bottom() - session.frame().trim().bottom(), 1e-12);
    assertEquals(Wording.text("ticket.sides.uneven"), shown(robot, "#ticket-bleed"));
    robot.interact(session::undo);
    assertEquals("1/8 in", shown(robot, "#ticket-bleed-bottom"));
  }

  @Test
  void sidesThatDifferAreTiedTogetherAgain(FxRobot robot) {
    robot.interact(() -> session.apply(Edits.ticket("edit.ticket.bleed", t -> t.withBleed(new Insets(0.1, 0.2, 0.3, 0.4)))));
    assertTrue(robot.lookup("#ticket-bleed-apart").queryAs(ToggleButton.class).isSelected(), "sides that differ are shown one by one");
    press(robot, "#ticket-bleed-apart");
    assertEquals(Insets.all(0.4), session.job().ticket().bleed(), "the widest holds for all");
  }

  @Test
  void aSideThatIsTooWideIsRefusedInWords(FxRobot robot) {
    press(robot, "#ticket-bleed-apart");
    hand.type("#ticket-bleed-left", "40");
    assertEquals(Insets.all(0.125), session.job().ticket().bleed());
    assertTrue(robot.lookup(".misread-slip").queryAs(Label.class).getText().contains("40"));
  }

  @Test
  void theSafeAreaHasSidesOfItsOwn(FxRobot robot) {
    press(robot, "#ticket-safe-apart");
    hand.type("#ticket-safe-top", "1");
    assertEquals(1, session.job().ticket().safe().top());
    assertEquals(0.125, session.job().ticket().safe().left());
    assertEquals(1, session.frame().safeBox().y(), 1e-12);
  }

  @Test
  void theTicketSaysWhatTheArtLeaves(FxRobot robot) {
    robot.interact(() -> session.stationProperty().set(Station.CHECK));
    Hand.until(() -> robot.lookup(Wording.text("ticket.bleed.blank")).tryQuery().isPresent());
    box(robot, "small", 1, 1, 2, 2);
    Hand.until(() -> robot.lookup(Wording.text("ticket.bleed.white")).tryQuery().isPresent());
    box(robot, "all", -0.125, -0.125, 5.25, 7.25);
    Hand.until(() -> robot.lookup(Wording.text("ticket.bleed.well")).tryQuery().isPresent());
  }

  private void words(FxRobot robot) {
    HoldsWords words = ItemWords.of(ItemProperties.of(session.job().freshId(), "Title"), Placement.of(1, 1, 3, 1, 0), "Marrow",
        new WordStyle("Fraunces", "Regular", 36, 120, 0, Align.LEFT, Colour.of(0xB07F2A)));
    robot.interact(() -> {
      session.apply(Edits.add("f1", words));
      session.selectionProperty().set(Set.of(words.id()));
    });
    QuickRobot.settled();
  }

  @Test
  void foilIsPutOnWordsAndTakenOff(FxRobot robot) {
    words(robot);
    robot.interact(() -> robot.lookup("#fold-effects").queryButton().fire());
    robot.interact(() -> robot.lookup("#surface-foil").queryAs(ToggleButton.class).fire());
    Optional<FillStyle.Finish> finish = session.single().orElseThrow().finish();
    assertEquals(Texture.Surface.FOIL, finish.orElseThrow().surface());
    assertEquals(Colour.of(0xB07F2A), finish.get().colour());
    assertEquals("Marrow", session.single().orElseThrow().words().orElseThrow().text(), "they stay words");
    robot.interact(() -> robot.lookup("#surface-glitter").queryAs(ToggleButton.class).fire());
    assertEquals(Texture.Surface.GLITTER, session.single().orElseThrow().finish().orElseThrow().surface());
    robot.interact(session::undo);
    assertEquals(Texture.Surface.FOIL, session.single().orElseThrow().finish().orElseThrow().surface());
    robot.interact(() -> robot.lookup("#surface-foil").queryAs(ToggleButton.class).fire());
    assertEquals(Optional.empty(), session.single().orElseThrow().finish());
  }

  @Test
  void aCutJobShowsItsFindingsOnceAllIsWorkedOut(FxRobot robot) throws Exception {
    List<Integer> seen = new ArrayList<>();
    session.checking().findingsProperty().addListener((o, was, is) -> seen.add(is.size()));
    Job decal = DemoShelf.job("window-decal.thimble");
    robot.interact(() -> session.take(decal, Optional.empty()));
    Hand.until(() -> !session.checking().findingsProperty().get().isEmpty());
    int settled = session.checking().findingsProperty().get().size();
    assertTrue(seen.stream().allMatch(n -> n == 0 || n == settled), "numbers that were shown: " + seen);
  }
}
