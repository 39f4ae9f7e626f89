package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.CutEdits;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.shape.Nodes;
import org.zipthimble.practice.machine.CutterServer;
import org.zipthimble.practice.machine.Setup;

/** A person makes a decal from nothing by mouse and keyboard: shapes, points, lanes, sheets, files, the practice cutter. */
class CutTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private void menu(FxRobot robot, String menu, String item) {
    robot.clickOn(menu).clickOn(item);
    settled();
  }

  /** Waits until what was asked for has been worked out. */
  private void settled() {
    QuickRobot.settled();
    Hand.until(() -> !session.working());
  }

  private double area(Item item) {
    return Extent.area(new Forms(session.job()).outline(item));
  }

  private void two(FxRobot robot) {
    box(robot, "A", 1, 1, 2, 2);
    box(robot, "B", 2, 2, 2, 2);
    robot.interact(() -> session.selectionProperty().set(Set.of(hand.named("A").id(), hand.named("B").id())));
  }

  @Test
  void shapesAreCombinedOffsetAndMadePermanent(FxRobot robot) {
    two(robot);
    menu(robot, "#menu-shape", "#menu-way-take_away");
    assertEquals(3, area(session.single().orElseThrow()), 1e-9);
    menu(robot, "#menu-shape", "#menu-offset");
    hand.type("#figure-distances", "1/8");
    assertTrue(session.trying(), "what the figures give is seen before it is done");
    robot.clickOn("#figures-make");
    settled();
    ItemGroup rings = (ItemGroup) session.single().orElseThrow();
    double grown = 3 + 8 * 0.125 + 5 * Math.PI / 4 * 0.015625 - 0.015625;
    assertEquals(grown, area(rings), 2e-3, "Steiner at five outer corners; one inner corner loses its square");
    down(robot, "#live-distances");
    hand.type("#live-distances", "1/4");
    assertTrue(area(session.single().orElseThrow()) > grown + 0.9);
    robot.interact(() -> session.undo());
    assertEquals(Set.of(rings.id()), session.selectionProperty().get());
    menu(robot, "#menu-shape", "#menu-permanent");
    assertEquals("make permanent", session.historyProperty().get().undoLabel().orElse("").substring(0, 14));
    assertTrue(session.face().items().stream().anyMatch(i -> i instanceof ItemShape && ((ItemShape) i).outline() instanceof Outline.Drawn));
    robot.interact(() -> {
      session.undo();
      session.undo();
      session.undo();
    });
    assertEquals(2, session.face().items().size(), "undo covers it all");
  }

  @Test
  void aReadyShapeKeepsItsFiguresLive(FxRobot robot) {
    robot.clickOn("#add-shape").clickOn("#ready-star");
    QuickRobot.settled();
    ItemShape star = (ItemShape) session.single().orElseThrow();
    assertEquals(10, Nodes.of(new Forms(session.job()).outline(star)).size());
    hand.type("#setting-points", "7");
    assertEquals(14, Nodes.of(new Forms(session.job()).outline(session.single().orElseThrow())).size());
  }

  @Test
  void pointsAreDraggedTypedAddedAndTakenAway(FxRobot robot) {
    box(robot, "A", 1, 1, 2, 2);
    hand.doubleClick(2, 1.5);
    assertTrue(session.selection().pointsProperty().get().isPresent());
    robot.press(KeyCode.CONTROL);
    hand.drag(3, 1, 3.5, 0.8);
    robot.release(KeyCode.CONTROL);
    assertEquals(4 + 0.5 * 2 / 2 + 0.2 * 2 / 2 + 0.0, area(hand.named("A")), 0.06);
    hand.type("#point-left", "4").type("#point-top", "1");
    assertEquals(4 + 1, area(hand.named("A")), 1e-6, "the corner stands where it was typed");
    hand.doubleClick(2, 3);
    assertEquals(5, Nodes.of(new Forms(session.job()).outline(hand.named("A"))).size());
    robot.clickOn("#point-smooth");
    hand.keys(KeyCode.DELETE);
    robot.interact(() -> workbench.bench().takeFocus());
    hand.keys(KeyCode.DELETE);
    assertEquals(4, Nodes.of(new Forms(session.job()).outline(hand.named("A"))).size());
    hand.keys(KeyCode.ESCAPE);
    assertFalse(session.selection().pointsProperty().get().isPresent());
  }

  @Test
  void outlinesAreDrawnPointByPointAndByHand(FxRobot robot) {
    menu(robot, "#menu-shape", "#menu-pen");
    hand.click(1, 1).click(3, 1).click(3, 3).click(1, 1);
    Item pen = session.single().orElseThrow();
    assertTrue(Contour.of(new Forms(session.job()).outline(pen)).get(0).closed());
    assertEquals(2, area(pen), 0.1);
    menu(robot, "#menu-shape", "#menu-freehand");
    hand.press(1, 4).to(2, 4).to(3, 4.5).to(3, 5.5).to(2, 6).to(1, 5.5).to(0.8, 4.6).to(1, 4.02).release();
    assertEquals(2, session.face().items().size());
    assertTrue(area(session.single().orElseThrow()) > 2);
  }

  private static Optional<Node> largePiece(FxRobot robot) {
    return robot.lookup(".piece").queryAll().stream().filter(n -> n.getBoundsInParent().getWidth() > 60).findFirst();
  }

  @Test
  void aDecalIsCutFromItsLaneNestedMovedSentAndCut(FxRobot robot) throws Exception {
    two(robot);
    down(robot, "#role-cuts");
    robot.clickOn("#role-cuts");
    QuickRobot.settled();
    assertEquals(1, session.job().cutting().lanes().size());
    assertTrue(session.face().items().stream()
        .allMatch(i -> i.properties().role() == Role.CUTS && i.properties().cutting().lane().equals("l1")));
    down(robot, "#kindOf-kiss");
    robot.clickOn("#kindOf-kiss");
    assertTrue(session.face().items().stream().allMatch(i -> i.properties().cutting().kind() == CutKind.KISS));
    menu(robot, "#menu-shape", "#menu-way-join");
    hand.keys(KeyCode.DIGIT4, KeyCode.ALT);
    Hand.until(() -> robot.lookup("#cut-sheet-1").tryQuery().isPresent());
    robot.interact(() -> session.apply(CutEdits.plan("edit.cutPlan", p -> p.withNested(true))));
    Hand.until(() -> !robot.lookup("#cut-nest").query().isDisabled() && largePiece(robot).isPresent());
    Node piece = largePiece(robot).orElseThrow();
    Bounds at = piece.localToScreen(piece.getBoundsInLocal());
    robot.moveTo(at.getMinX() + at.getWidth() / 2, at.getMinY() + at.getHeight() / 2).press(MouseButton.PRIMARY).moveBy(60, 50)
        .moveBy(40, 30)
        .release(MouseButton.PRIMARY);
    Hand.until(() -> session.job().cutting().laid().containsKey("l1"));
    assertEquals("lay a piece by hand", session.historyProperty().get().undoLabel().orElse(""));

    hand.keys(KeyCode.DIGIT5, KeyCode.ALT);
    answers.send = Optional.of(folder.resolve("decal.svg"));
    robot.clickOn("#send-svg").clickOn("#send-write");
    Hand.until(() -> Files.exists(folder.resolve("decal.svg")));
    assertTrue(Files.readString(folder.resolve("decal.svg")).contains("kiss-cut-lane-1"));
    try (CutterServer server = new CutterServer(0, Setup.USUAL.mat(12, 24).withHurry(0), s -> { })) {
      hand.type("#cutter-port", String.valueOf(server.port()));
      Hand.until(() -> !robot.lookup("#cutter-send").query().isDisabled());
      robot.clickOn("#cutter-send");
      Hand.until(() -> server.cutter().report().length() > 11.9);
      assertEquals(0, server.cutter().report().refused());
    }
  }

  @Test
  void aStencilsPartsAreBridged(FxRobot robot) {
    box(robot, "Frame", 1, 1, 3, 3);
    box(robot, "Hole", 2, 2, 1, 1);
    robot.interact(() -> session.selectionProperty().set(Set.of(hand.named("Frame").id(), hand.named("Hole").id())));
    menu(robot, "#menu-shape", "#menu-way-take_away");
    menu(robot, "#menu-shape", "#menu-bridges");
    hand.type("#figure-bridgewidth", "1/5");
    robot.clickOn("#figures-make");
    settled();
    ItemGroup bridged = (ItemGroup) session.face().items().get(0);
    assertEquals(3, bridged.members().size());
    assertTrue(bridged.effect() instanceof LiveEffect.Combined);
    assertEquals(8 - 2 * 0.2, area(bridged), 0.02);
  }

  @Test
  void aPieceIsPulledOntoASheetOfItsOwn(FxRobot robot) {
    two(robot);
    robot.interact(() -> {
      Lane lane = Lane.of("l1", "Vinyl", Material.CUT_VINYL, Colour.of(0x5D8A4E)).withSupply(Supply.MAT_12);
      session.apply(CutEdits.addLane(lane));
      session.apply(CutEdits.assign("f1", session.selectionProperty().get(), lane));
      session.apply(CutEdits.plan("edit.cutPlan", p -> p.withNested(true)));
    });
    hand.keys(KeyCode.DIGIT4, KeyCode.ALT);
    Hand.until(() -> robot.lookup("#cut-sheet-1").tryQuery().isPresent());
    Hand.until(() -> robot.lookup(".piece").queryAll().stream().anyMatch(n -> n.getBoundsInParent().getWidth() > 60));
    Node piece = robot.lookup(".piece").queryAll().stream().filter(n -> n.getBoundsInParent().getWidth() > 60).findFirst().orElseThrow();
    Bounds at = piece.localToScreen(piece.getBoundsInLocal());
    Bounds first = robot.lookup("#cut-sheet-1").query().localToScreen(robot.lookup("#cut-sheet-1").query().getBoundsInLocal());
    robot.moveTo(at.getMinX() + at.getWidth() / 2, at.getMinY() + at.getHeight() / 2).press(MouseButton.PRIMARY).moveBy(20, 20)
        .moveTo(first.getMaxX() + 60, first.getMinY() + 20).release(MouseButton.PRIMARY);
    Hand.until(() -> robot.lookup("#cut-sheet-2").tryQuery().isPresent());
    assertEquals(2, session.job().cutting().laid().get("l1").stream().map(l -> l.sheet()).distinct().count());
  }
}
