package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.store.ThingShelf;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.thing.Process;
import org.zipthimble.desktop.control.Pointing;
import org.zipthimble.desktop.control.TurningView;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.practice.printer.Printer;
import org.zipthimble.practice.printer.PrinterServer;
import org.zipthimble.practice.printer.PrinterSetup;

/** Things that are not flat under the hand: measured, composed, looked at, pressed and printed. */
class ThingsInTheWindowTest extends AtTheBench {
  @Start
  void start(Stage stage) throws Exception {
    open(stage, 1);
  }

  private Job job() {
    return session.job();
  }

  private void go(FxRobot robot, Station station) {
    robot.interact(() -> session.stationProperty().set(station));
    QuickRobot.settled();
  }

  private void typed(FxRobot robot, String id, String text) {
    bringIntoSight(robot, id);
    robot.clickOn(id).push(KeyCode.CONTROL, KeyCode.A).write(text).push(KeyCode.ENTER);
    QuickRobot.settled();
  }

  private void until(String what, BooleanSupplier holds) {
    try {
      WaitForAsyncUtils.waitFor(120, TimeUnit.SECONDS, () -> {
        QuickRobot.settled();
        return holds.getAsBoolean();
      });
    } catch (TimeoutException late) {
      throw new AssertionError("not seen: " + what + "; the window says: " + session.noticeProperty().get(), late);
    }
  }

  private static String text(FxRobot robot, String id) {
    return robot.lookup(id).queryAs(Label.class).getText();
  }

  /** From the tape to the tray: a tapered tumbler is measured, begun, given words, printed on transfer paper, and what came out is told. */
  @Test
  void aTumblerFromMeasureMineToTheTray(FxRobot robot) throws Exception {
    go(robot, Station.ITEM);
    robot.clickOn("#item-measure");
    typed(robot, "#thing-round-top", "11 1/4");
    typed(robot, "#thing-round-base", "8 3/4");
    typed(robot, "#thing-side", "6.25");
    assertTrue(text(robot, "#thing-figures").contains("flat band"), text(robot, "#thing-figures"));
    assertTrue(text(robot, "#thing-sure").contains("ends"), text(robot, "#thing-sure"));
    typed(robot, "#thing-strip", "5");
    typed(robot, "#thing-sag", "0.9");
    assertTrue(text(robot, "#thing-trouble").contains("Measure once more"), "a strip that does not agree is told");
    typed(robot, "#thing-sag", "0.112");
    assertEquals("", text(robot, "#thing-trouble"));
    bringIntoSight(robot, "#thing-start");
    robot.clickOn("#thing-start");
    QuickRobot.settled();
    Cup cup = ThingEdits.cup(job()).orElseThrow();
    assertEquals(11.25, Math.PI * cup.top(), 1e-9);
    assertEquals(6.25, job().ticket().finished().height(), 1e-9);
    assertEquals(Station.COMPOSE, session.stationProperty().get());
    assertTrue(job().ticket().mirror() && job().process() == Process.TRANSFER);
    assertFalse(robot.lookup(".no-go").queryAll().isEmpty(), "the seam is hatched on the bench");
    assertTrue(job().making().card().isPresent(), "it has its press card");
    robot.clickOn("#add-words");
    QuickRobot.settled();
    robot.push(KeyCode.ESCAPE);
    go(robot, Station.SEND);
    PrinterSetup setup = PrinterSetup.USUAL.withPace(0).withPpi(100).withInk(PrinterSetup.Ink.TRANSFER);
    Printer printer = new Printer(setup, () -> { });
    try (PrinterServer server = new PrinterServer(0, printer)) {
      typed(robot, "#printer-address", String.valueOf(server.port()));
      until("the trays are known", () -> robot.lookup("#printer-tray").queryAs(ComboBox.class).getItems().size() == 2);
      assertTrue(String.valueOf(robot.lookup("#printer-tray").queryAs(ComboBox.class).getValue()).contains("transfer"),
          "the tray with transfer paper is proposed");
      assertTrue(text(robot, "#printer-before").contains("its own size"), text(robot, "#printer-before"));
      pressInSight(robot, "#printer-shrink");
      assertTrue(text(robot, "#printer-before").contains("its own size"), "a page that fits is not shrunk");
      pressInSight(robot, "#printer-fill");
      assertTrue(text(robot, "#printer-before").contains("would come out"), "said before it is printed: " + text(robot, "#printer-before"));
      pressInSight(robot, "#printer-actual");
      pressInSight(robot, "#printer-print");
      until("a sheet has come out", () -> !printer.sheets().isEmpty() && !robot.lookup("#came-out .line-note").queryAll().isEmpty());
      List<String> lines = robot.lookup("#came-out .line-note").queryAllAs(Label.class).stream().map(Label::getText).toList();
      assertTrue(lines.stream().anyMatch(l -> l.contains("mirrored")), lines.toString());
      assertTrue(robot.lookup("#came-out .ruin").queryAll().isEmpty(), lines.toString());
      assertEquals(Printing.Scaling.ACTUAL, printer.sheets().get(0).how().scaling());
    }
  }

  /** A forgotten mirror is told at Check, refused at the printer with the sentence that mends it, and so is a second one. */
  @Test
  void aForgottenMirrorIsCaught(FxRobot robot) throws Exception {
    robot.interact(() -> {
      session.apply(ThingEdits.put(ThingShelf.shipped("metal-panel-12-6").orElseThrow()));
      session.apply(org.zipthimble.core.edit.Edits.ticket("edit.ticket.mirror", t -> t.withMirror(false)));
    });
    until("it is found", () -> session.checking().findingsProperty().get().stream().anyMatch(f -> f.code().equals("transfer-unmirrored")));
    go(robot, Station.SEND);
    Printer printer = new Printer(PrinterSetup.USUAL.withPace(0).withPpi(72), () -> { });
    try (PrinterServer server = new PrinterServer(0, printer)) {
      typed(robot, "#printer-address", String.valueOf(server.port()));
      until("it is told before", () -> text(robot, "#printer-mirror").contains("nobody mirrors") && !robot.lookup("#printer-print").query()
          .isDisabled());
      QuickRobot.settled();
      pressInSight(robot, "#printer-print");
      until("it is refused", () -> text(robot, "#printer-words").contains("nobody mirrors"));
      assertTrue(printer.sheets().isEmpty());
      robot.interact(() -> session.apply(org.zipthimble.core.edit.Edits.ticket("edit.ticket.mirror", t -> t.withMirror(true))));
      printer.set(printer.setup().withMirror(true));
      pressInSight(robot, "#printer-look");
      until("twice is told", () -> text(robot, "#printer-mirror").contains("twice is not at all"));
      pressInSight(robot, "#printer-print");
      until("twice is refused", () -> text(robot, "#printer-words").contains("twice is not at all"));
      assertTrue(printer.sheets().isEmpty());
      robot.clickOn("#ticket-mirror-by");
      until("once by the printer is well", () -> text(robot, "#printer-mirror").contains("by the printer"));
    }
  }

  /** What is pointed at is brought to where it stands once the side has taken in what was said a moment before. */
  @Test
  void whatIsBroughtIntoSightIsSeenThoughTheSideHasJustGrown(FxRobot robot) throws Exception {
    robot.interact(() -> session.apply(ThingEdits.put(ThingShelf.shipped("metal-panel-12-6").orElseThrow())));
    go(robot, Station.SEND);
    try (PrinterServer server = new PrinterServer(0, new Printer(PrinterSetup.USUAL.withPace(0).withPpi(72), () -> { }))) {
      typed(robot, "#printer-address", String.valueOf(server.port()));
      until("the printer is known", () -> !robot.lookup("#printer-print").query().isDisabled());
      Node print = robot.lookup("#printer-print").query();
      Node side = robot.from(robot.lookup(".bare-scroll").match(n -> robot.from(n).lookup("#printer-print").tryQuery().isPresent()))
          .query();
      double before = robot.lookup("#printer-mirror").queryAs(Label.class).getHeight();
      robot.interact(() -> {
        session.apply(org.zipthimble.core.edit.Edits.ticket("edit.ticket.mirror", t -> t.withMirror(false)));
        Pointing.sight(print);
      });
      assertTrue(robot.lookup("#printer-mirror").queryAs(Label.class).getHeight() > before + 40, "the side has grown above the button");
      assertTrue(side.localToScene(side.getLayoutBounds()).contains(print.localToScene(print.getLayoutBounds())),
          print.localToScene(print.getLayoutBounds()) + " in " + side.localToScene(side.getLayoutBounds()));
    }
  }

  @Test
  void theCatalogueIsSearchedAndAJobIsPutOntoAThing(FxRobot robot) throws Exception {
    go(robot, Station.ITEM);
    robot.clickOn("#item-things");
    robot.clickOn("#thing-search").write("ring plate 12");
    until("one thing is left", () -> robot.lookup(".thing-card").queryAll().size() == 1);
    robot.clickOn("#thing-ring-plate-12");
    typed(robot, "#thing-well", "7.5");
    robot.clickOn("#thing-put");
    QuickRobot.settled();
    assertEquals(12, job().ticket().finished().width(), 1e-9);
    assertEquals("Ring plate, 12 in", job().ticket().item());
    robot.interact(() -> session.undo());
    assertTrue(job().making().thing().isEmpty(), "undo takes it off again");
  }

  @Test
  void aLensShowsTheThingAndTheHandTurnsIt(FxRobot robot) throws Exception {
    robot.interact(() -> session.apply(ThingEdits.put(ThingShelf.shipped("tapered-tumbler-20").orElseThrow())));
    go(robot, Station.CHECK);
    robot.clickOn("#lens-on-thing");
    TurningView view = robot.lookup("#bench-turning").queryAs(TurningView.class);
    until("it is drawn", () -> !view.empty());
    assertTrue(robot.lookup(".tape-ruler").queryAll().stream().noneMatch(Node::isVisible), "inches of the bench would be wrong beside it");
    double before = view.camera().turn();
    robot.drag(view).moveBy(60, 0).drop();
    assertTrue(Math.abs(view.camera().turn() - before) > 20, "turned by the hand");
    robot.interact(view::requestFocus);
    double turned = view.camera().turn();
    robot.push(KeyCode.RIGHT);
    assertEquals(turned + 10, view.camera().turn(), 1e-9);
    robot.clickOn("#lens-at-seam");
    until("the seam is told", () -> text(robot, "#over-words").contains("ends meet"));
    robot.clickOn("#lens-as-bent");
    until("the band is told", () -> text(robot, "#over-words").contains("curved band"));
    robot.clickOn("#lens-none");
    QuickRobot.settled();
    assertTrue(robot.lookup("#over-bench").tryQuery().isEmpty(), "the face is seen again");
    robot.clickOn("#lens-on-thing");
    go(robot, Station.COMPOSE);
    assertTrue(robot.lookup("#over-bench").tryQuery().isEmpty(), "at the bench the face is worked on");
    go(robot, Station.CHECK);
    assertTrue(robot.lookup("#lens-none").queryAs(ToggleButton.class).isSelected());
    assertEquals(2, robot.lookup(".tape-ruler").queryAll().stream().filter(Node::isVisible).count());
  }

  @Test
  void thePressNotebookIsSearchedWrittenAndChosenFrom(FxRobot robot) throws Exception {
    go(robot, Station.SEND);
    robot.clickOn("#send-notebook");
    robot.clickOn("#notebook-search").write("bookmark");
    QuickRobot.settled();
    pressInSight(robot, "#card-choose-metal-bookmark");
    assertEquals(340, job().making().card().orElseThrow().fahrenheit());
    pressInSight(robot, "#card-copy-metal-bookmark");
    typed(robot, "#card-blank", "Long bookmark");
    typed(robot, "#card-c", "180");
    bringIntoSight(robot, "#card-result");
    robot.clickOn("#card-result").write("crisp at the edges");
    pressInSight(robot, "#card-keep");
    Path folder = session.preferences().places().press();
    assertEquals(1, Files.list(folder).filter(f -> f.toString().endsWith(".json")).count());
    robot.clickOn("#notebook-search").push(KeyCode.CONTROL, KeyCode.A).write("long crisp");
    assertTrue(robot.lookup(".press-card").queryAll().isEmpty(), "a search for results of others finds nothing");
    robot.clickOn("#notebook-search").push(KeyCode.CONTROL, KeyCode.A).write("Long bookmark");
    QuickRobot.settled();
    List<String> said = robot.lookup(".press-card .label").queryAllAs(Label.class).stream().map(Label::getText).toList();
    assertTrue(said.stream().anyMatch(t -> t.contains("356 °F (180 °C)")), said.toString());
    assertTrue(said.stream().anyMatch(t -> t.contains("crisp at the edges")), said.toString());
    Node time = robot.lookup(".press-card .button").queryAll().stream().filter(n -> n.getId().startsWith("card-time-")).findFirst()
        .orElseThrow();
    pressInSight(robot, "#" + time.getId());
    assertTrue(text(robot, "#timer-left").contains("left"), text(robot, "#timer-left"));
    robot.clickOn("#timer-stop");
    robot.clickOn("#notebook-away");
  }

  @Test
  void whatMustBeSeenWholeIsMarkedInTheTag(FxRobot robot) throws Exception {
    robot.interact(() -> session.apply(ThingEdits.put(ThingShelf.shipped("metal-panel-12-6").orElseThrow())));
    go(robot, Station.COMPOSE);
    robot.clickOn("#add-rectangle");
    QuickRobot.settled();
    bringIntoSight(robot, "#tag-whole");
    robot.clickOn("#tag-whole");
    QuickRobot.settled();
    assertTrue(robot.lookup("#tag-whole").queryAs(CheckBox.class).isSelected());
    assertEquals(Optional.of(true), session.single().orElseThrow().properties().whole());
    assertTrue(robot.lookup("#tag-left").queryAs(TextField.class).isVisible());
  }
}
