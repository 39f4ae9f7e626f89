package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.LineLook;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.proof.JpegMeasure;
import org.zipthimble.core.store.Settings;
import org.zipthimble.desktop.state.Station;

/** A person types into the tag, the wall and the sending, and looks after the settings. */
class TagTest extends AtTheBench {
  private static final double EXACT = 1e-9;

  @Start
  void start(Stage stage) throws IOException {
    open(stage, 2);
  }

  private ItemShape shape(String name) {
    return (ItemShape) hand.named(name);
  }

  @Test
  void looksAreTypedTakenUpAndGiven(FxRobot robot) {
    box(robot, "A", 1, 1, 1, 1);
    box(robot, "B", 3, 1, 1, 1);
    robot.interact(() -> session.selectionProperty().set(Set.of(hand.named("A").id())));
    hand.type("#tag-fill", "#3a6b45").type("#tag-corners", "1/8").type("#tag-line", "#7a2e22").type("#tag-line-width", "1/64 in");
    assertEquals(0.125, ((Outline.Rectangle) shape("A").outline()).radius());
    assertEquals(72.0 / 64, shape("A").line().orElseThrow().widthPt(), EXACT, "a width in inches is kept in points");
    hand.type("#tag-line-width", "2");
    assertEquals(2, shape("A").line().orElseThrow().widthPt(), EXACT, "a bare figure is points");
    robot.interact(session::takeLook);
    robot.interact(() -> {
      session.selectionProperty().set(Set.of(hand.named("B").id()));
      session.giveLook();
    });
    assertEquals(shape("A").fill(), shape("B").fill());
    assertEquals(LineLook.of(2, Colour.of(0x7A2E22)), shape("B").line().orElseThrow());
    assertEquals(0.125, ((Outline.Rectangle) shape("B").outline()).radius());
  }

  @Test
  void theFaceHoldsStockSwatchesColumnsGridAndNudge(FxRobot robot) {
    hand.type("#face-stock", "#c9a77a");
    assertEquals(Colour.of(0xC9A77A), session.job().palette().stock());
    hand.type("#swatch-add", "#7a2e22");
    assertEquals(1, session.job().palette().swatches().size());
    hand.type("#face-nudge", "1/10");
    assertEquals(0.1, session.preferences().now().nudge(), EXACT);
    robot.interact(() -> {
      TextInputControl across = robot.lookup("#columns-across").queryAs(TextInputControl.class);
      across.requestFocus();
      across.setText("3");
      across.fireEvent(new javafx.event.ActionEvent());
    });
    assertEquals(3, session.face().guides().columns().orElseThrow().columns());
    box(robot, "A", 1, 1, 1, 1);
    hand.click(1.5, 1.5).keys(KeyCode.RIGHT).keys(KeyCode.DOWN, KeyCode.SHIFT);
    assertEquals(1.1, hand.placement().x(), EXACT);
    assertEquals(1.4, hand.placement().y(), EXACT, "four steps with Shift");
    robot.interact(() -> session.preferences().change(s -> s.withGrid(0.5, true)));
    QuickRobot.settled();
    assertFalse(robot.lookup(".grid-line").queryAll().isEmpty());
  }

  @Test
  void aBorderAndAFormComeByTheirFigures(FxRobot robot) {
    withoutHints(robot);
    robot.clickOn("#add-border");
    hand.type("#border-distance", "1/4");
    robot.clickOn("#border-make");
    QuickRobot.settled();
    Item border = session.face().items().get(0);
    assertEquals(0.25 + 0.5 / 72, border.placement().x(), EXACT, "the line's outer edge is a quarter inch from the trim");
    robot.clickOn("#add-form");
    robot.clickOn("#form-boxes");
    hand.type("#form-columns", "4").type("#form-rows", "6");
    robot.clickOn("#form-make");
    QuickRobot.settled();
    assertEquals(24, session.face().items().get(1).members().size());
  }

  @Test
  void theTapeMeasuresBetweenTwoPoints(FxRobot robot) {
    hand.keys(KeyCode.T, KeyCode.CONTROL);
    hand.press(1, 1).to(2, 2).to(4, 5);
    robot.release(MouseButton.PRIMARY);
    QuickRobot.settled();
    double inches = Double.parseDouble(robot.lookup(".tape-tag").queryAs(Label.class).getText().replace(" in", ""));
    assertEquals(5, inches, 0.05, "3 across and 4 down");
    hand.keys(KeyCode.ESCAPE);
    assertTrue(robot.lookup(".tape-tag").queryAll().isEmpty());
  }

  @Test
  void theWallIsSearchedLikedAndAddedTo(FxRobot robot) {
    robot.interact(() -> session.stationProperty().set(Station.ITEM));
    robot.clickOn("#wall-search").write("jar");
    QuickRobot.settled();
    assertTrue(robot.lookup("#wall-jar_label").tryQuery().isPresent());
    assertFalse(robot.lookup("#wall-invitation").tryQuery().isPresent());
    robot.clickOn("#like-jar_label");
    assertTrue(session.preferences().now().favourites().contains("jar_label"));
    hand.type("#wall-search", "5 x 7");
    assertTrue(robot.lookup("#wall-invitation").tryQuery().isPresent());
    hand.type("#item-name", "Tin lid").type("#item-width", "3 1/2").type("#item-height", "3 1/2");
    robot.clickOn("#item-keep");
    assertEquals(List.of("Tin lid"), session.preferences().now().own().stream().map(Settings.OwnItem::name).toList());
    hand.type("#wall-search", "tin");
    robot.clickOn("#wall-own-Tin-lid");
    robot.clickOn("#item-start");
    assertEquals(3.5, session.frame().size().width(), EXACT);
    Hand.until(() -> Files.exists(folder.resolve("home/settings.json")) && Settings.read(folder.resolve("home/settings.json")).own()
        .size() == 1);
  }

  @Test
  void aJpegIsSentAndNothingIsReplacedUnasked(FxRobot robot) throws Exception {
    box(robot, "A", -0.125, -0.125, 5.25, 7.25);
    Files.writeString(folder.resolve("card-back.jpg"), "mine");
    answers.send = Optional.of(folder.resolve("card.jpg"));
    answers.replace = false;
    robot.interact(() -> session.stationProperty().set(Station.SEND));
    robot.clickOn("#send-jpeg");
    hand.type("#send-ppi", "150").type("#send-quality", "80");
    robot.clickOn("#send-write");
    QuickRobot.settled();
    assertEquals(List.of("replace [card-back.jpg]"), answers.asked);
    assertEquals("mine", Files.readString(folder.resolve("card-back.jpg")));
    robot.clickOn("#send-this");
    robot.clickOn("#send-write");
    Hand.until(() -> robot.lookup("#report-title").tryQuery().isPresent());
    assertEquals("card.jpg measures as asked", robot.lookup("#report-title").queryAs(Label.class).getText());
    try (var in = Files.newInputStream(folder.resolve("card.jpg"))) {
      assertEquals(new JpegMeasure(788, 1088, 150), JpegMeasure.of("card.jpg", in));
    }
  }

  @Test
  void hintsArePutAwayForGoodAndTheScreenIsMeasured(FxRobot robot) {
    assertTrue(robot.lookup("#hint-away").queryButton().isVisible());
    robot.clickOn("#hint-away");
    assertTrue(session.preferences().now().putAway().contains("compose"));
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals("menu.measureScreen")).findFirst().orElseThrow().run());
    hand.type("#screen-ppi", "110");
    robot.clickOn("#screen-keep");
    assertEquals(110, session.preferences().now().screenPpi(), EXACT);
    hand.keys(KeyCode.DIGIT1, KeyCode.CONTROL);
    assertEquals(110, hand.at(1, 0).getX() - hand.at(0, 0).getX(), 0.01, "true size is true");
  }

  @Test
  void layersAreSearchedAndSeveralChosen(FxRobot robot) {
    box(robot, "Bean", 1, 1, 1, 1);
    box(robot, "Pea", 2, 2, 1, 1);
    box(robot, "Broad bean", 3, 3, 1, 1);
    robot.clickOn("#layer-" + hand.named("Bean").id());
    robot.press(KeyCode.CONTROL).clickOn("#layer-" + hand.named("Pea").id()).release(KeyCode.CONTROL);
    assertEquals(2, session.selectionProperty().get().size());
    robot.clickOn("#layers-search").write("bean");
    QuickRobot.settled();
    assertTrue(robot.lookup("#layer-" + hand.named("Broad bean").id()).tryQuery().isPresent());
    assertFalse(robot.lookup("#layer-" + hand.named("Pea").id()).tryQuery().isPresent());
  }

  /** Two blocks of words with the name they came with are told apart by what they say, and found by it. */
  @Test
  void wordsAreToldApartInTheLayersByWhatTheySay(FxRobot robot) {
    for (String text : List.of("Sow in April,\n1 in deep", "Marrowfield pea")) {
      robot.clickOn("#add-words").write(text).push(KeyCode.ESCAPE);
      QuickRobot.settled();
    }
    assertEquals(List.of("Marrowfield pea", "Sow in April, 1 in deep"),
        robot.lookup(".layer-kind").queryAllAs(Label.class).stream().map(Label::getText).sorted().toList());
    robot.clickOn("#layers-search").write("april");
    QuickRobot.settled();
    assertEquals(List.of("Sow in April, 1 in deep"), robot.lookup(".layer-cell .layer-kind").queryAllAs(Label.class).stream()
        .map(Label::getText).toList());
  }

  @Test
  void recentJobsAndZoomsAndSameKind(FxRobot robot) throws Exception {
    box(robot, "A", 1, 1, 1, 1);
    box(robot, "B", 3, 3, 1, 1);
    robot.interact(() -> session.apply(Edits.add("f1", ItemShape.of(ItemProperties.of(session.job().freshId(), "Ring"),
        Placement.of(new Box(2, 5, 1, 1)), new Outline.Ellipse(), Optional.of(Colour.WHITE), Optional.empty()))));
    hand.click(1.5, 1.5);
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals("menu.sameFill")).findFirst().orElseThrow().run());
    assertEquals(2, session.selectionProperty().get().size());
    hand.keys(KeyCode.DIGIT3, KeyCode.CONTROL);
    double wide = hand.at(4, 0).getX() - hand.at(1, 0).getX();
    assertTrue(wide > 400, "what is selected fills the bench: " + wide);
    answers.save = Optional.of(folder.resolve("wheel.thimble"));
    hand.keys(KeyCode.S, KeyCode.CONTROL);
    Hand.until(() -> session.preferences().now().recent().size() == 1);
    robot.interact(() -> session.stationProperty().set(Station.ITEM));
    Hand.until(() -> robot.lookup("#recent-0").tryQuery().isPresent());
  }
}
