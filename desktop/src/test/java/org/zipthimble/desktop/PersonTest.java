package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.proof.PdfMeasure;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.desktop.state.Station;

/** A person at the real window, by mouse and keyboard. */
class PersonTest extends AtTheBench {
  private static final double NEAR = 0.03;

  @Start
  void start(Stage stage) throws IOException {
    beginsAt = Station.ITEM;
    open(stage, 2);
  }

  @Test
  void makesAnInvitationFromNothingAndMeasuresTheFile(FxRobot hand) throws Exception {
    hand.clickOn("#wall-postcard");
    type(hand, "#item-width", "2 + 3");
    type(hand, "#item-height", "177.8 mm");
    hand.clickOn("#item-start");
    assertEquals(Station.COMPOSE, session.stationProperty().get());
    assertEquals(7, session.frame().size().height(), 1e-12);

    hand.clickOn("#add-rectangle");
    type(hand, "#tag-left", "-1/8");
    type(hand, "#tag-top", "-1/8");
    type(hand, "#tag-width", "5 + 2*1/8");
    type(hand, "#tag-height", "7.25");
    type(hand, "#tag-fill", "#fbf5e6");
    hand.clickOn("#add-words");
    QuickRobot.settled();
    hand.write("Spring Swap");
    type(hand, "#tag-size", "40");
    type(hand, "#tag-height", "3/4");
    type(hand, "#tag-top", "1");
    Files.write(folder.resolve("field.png"), PngFile.bytes(new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB), 300));
    answers.pictures = List.of(folder.resolve("field.png"));
    hand.clickOn("#add-picture");
    Hand.until(() -> session.single().filter(ItemPhoto.class::isInstance).isPresent());
    assertEquals(Placement.of(1, 2.5, 3, 2, 0), single().placement());

    hand.clickOn("#face-f2");
    hand.clickOn("#add-words");
    QuickRobot.settled();
    hand.write("Bring seed you saved");
    Hand.until(() -> session.checking().findingsProperty().get().isEmpty());

    answers.send = Optional.of(folder.resolve("invitation.pdf"));
    hand.press(KeyCode.ALT).type(KeyCode.DIGIT5).release(KeyCode.ALT);
    hand.clickOn("#send-write");
    Hand.until(() -> hand.lookup("#report-title").tryQuery().isPresent());
    assertEquals("invitation.pdf measures as asked", hand.lookup("#report-title").queryAs(Label.class).getText());
    measure(Files.readAllBytes(folder.resolve("invitation.pdf")));
  }

  private static void measure(byte[] pdf) throws Exception {
    PdfMeasure measured = PdfMeasure.of("invitation.pdf", pdf);
    assertEquals(2, measured.pages().size());
    for (PdfMeasure.PageBoxes page : measured.pages()) {
      assertEquals(378, page.media().width(), 0.001);
      assertEquals(522, page.media().height(), 0.001);
      assertEquals(9, page.trim().x(), 0.001);
      assertEquals(360, page.trim().width(), 0.001);
      assertEquals(504, page.trim().height(), 0.001);
    }
    assertTrue(measured.fontsInside());
    try (PDDocument document = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(document);
      assertTrue(text.contains("Spring Swap") && text.contains("Bring seed you saved"), text);
    }
  }

  @Test
  void dragsResizesTurnsAndUndoes(FxRobot hand) {
    start(hand);
    hand.clickOn("#add-rectangle");
    type(hand, "#tag-left", "1");
    type(hand, "#tag-top", "1");
    type(hand, "#tag-width", "2");
    type(hand, "#tag-height", "2");

    drag(hand, new Point(2, 2), new Point(2.5, 3));
    assertPlaced(1.5, 2, 2, 2);
    drag(hand, new Point(3.5, 4), new Point(4, 5));
    assertPlaced(1.5, 2, 2.5, 3);
    type(hand, "#tag-turn", "90");
    assertEquals(90, single().placement().turn());

    hand.press(KeyCode.CONTROL).type(KeyCode.Z).type(KeyCode.Z).release(KeyCode.CONTROL);
    assertPlaced(1.5, 2, 2, 2);
    hand.press(KeyCode.CONTROL, KeyCode.SHIFT).type(KeyCode.Z).release(KeyCode.SHIFT, KeyCode.CONTROL);
    assertPlaced(1.5, 2, 2.5, 3);

    clickAt(hand, new Point(2.75, 3.5));
    hand.type(KeyCode.RIGHT).type(KeyCode.RIGHT).type(KeyCode.DOWN);
    assertPlaced(1.625, 2.0625, 2.5, 3);
    hand.type(KeyCode.DELETE);
    assertTrue(session.face().items().isEmpty());
  }

  @Test
  void turnsByTheBeadAndZoomsToThePointer(FxRobot hand) {
    start(hand);
    hand.clickOn("#add-rectangle");
    QuickRobot.settled();
    Placement before = single().placement();
    Point2D top = onScreen(new Point(before.centre().x(), before.y()));
    Point2D right = onScreen(new Point(before.x() + before.width() + 1, before.centre().y()));
    hand.drag(new Point2D(top.getX(), top.getY() - 30), MouseButton.PRIMARY).dropTo(right);
    assertEquals(90, single().placement().turn(), 0.5);
    assertEquals(before.centre().x(), single().placement().centre().x(), 1e-9);

    Point under = new Point(1, 1);
    Point2D place = onScreen(under);
    hand.moveTo(place);
    hand.press(KeyCode.CONTROL).scroll(4, VerticalDirection.UP).release(KeyCode.CONTROL);
    QuickRobot.settled();
    assertEquals(place.getX(), onScreen(under).getX(), 1.5);
    assertEquals(place.getY(), onScreen(under).getY(), 1.5);
  }

  @Test
  void saysWhatCannotBeReadAndKeepsTheOldValue(FxRobot hand) {
    start(hand);
    type(hand, "#ticket-bleed", "a thumb");
    assertEquals(org.zipthimble.core.units.Insets.all(0.125), session.job().ticket().bleed());
    assertTrue(hand.lookup(".misread-slip").queryAs(Label.class).getText().contains("a thumb"));
    assertEquals("1/8 in", hand.lookup("#ticket-bleed").queryAs(TextInputControl.class).getText());
    type(hand, "#ticket-bleed", "3 mm");
    assertEquals(3 / 25.4, session.job().ticket().bleed().least(), 1e-12);
    hand.clickOn("#ticket-swap");
    assertEquals(7, session.frame().size().width());
    hand.clickOn("#ticket-mirror");
    assertTrue(session.job().ticket().mirror());
  }

  @Test
  void findingsLeadToTheirPlace(FxRobot hand) {
    hand.clickOn("#demo-two-faults");
    // the blank card had two findings as well: one for each empty face
    Hand.until(() -> session.checking().findingsProperty().get().stream().map(Finding::code).toList()
        .equals(List.of("bleed-short", "picture-small")));
    hand.clickOn("#station-check");
    hand.clickOn("#finding-2");
    assertEquals("Sunrise field", single().properties().name());
    hand.clickOn("#finding-1");
    assertEquals("Paper tint", single().properties().name());
    assertTrue(hand.lookup(".flag").queryAllAs(Label.class).stream().anyMatch(l -> l.getText().contains("1/16 in short")));
  }

  @Test
  void layersHideLockAndOrder(FxRobot hand) {
    start(hand);
    hand.clickOn("#add-rectangle");
    hand.clickOn("#add-ellipse");
    Item rectangle = session.face().items().get(0);
    hand.clickOn("#layer-" + rectangle.id());
    hand.press(KeyCode.ALT).type(KeyCode.PAGE_UP).release(KeyCode.ALT);
    assertEquals(rectangle.id(), session.face().items().get(1).id());
    hand.clickOn(hand.lookup("#layer-" + rectangle.id() + " .layer-seen").queryAs(Node.class));
    assertFalse(session.face().find(rectangle.id()).orElseThrow().properties().visible());
    hand.clickOn(hand.lookup("#layer-" + rectangle.id() + " .layer-lock").queryAs(Node.class));
    assertTrue(session.face().find(rectangle.id()).orElseThrow().properties().locked());
  }

  @Test
  void savesAndOpensAndLaysOnASheet(FxRobot hand) throws Exception {
    start(hand);
    hand.clickOn("#add-ellipse");
    hand.clickOn("#station-sheet");
    hand.clickOn("#sheet-paper");
    hand.clickOn("#paper-a4");
    assertTrue(session.job().sheet().onPaper());
    assertEquals(210 / 25.4, session.job().sheet().paper().width(), 1e-9);
    Path file = folder.resolve("mine.thimble");
    answers.save = Optional.of(file);
    hand.press(KeyCode.CONTROL).type(KeyCode.S).release(KeyCode.CONTROL);
    Hand.until(() -> Files.exists(file) && !session.filing().unsaved());
    assertEquals(session.job(), ThimbleFile.open(file));
    assertFalse(session.filing().unsaved());

    Files.writeString(folder.resolve("broken.thimble"), "not a job");
    answers.open = Optional.of(folder.resolve("broken.thimble"));
    hand.press(KeyCode.CONTROL).type(KeyCode.O).release(KeyCode.CONTROL);
    Hand.until(() -> session.noticeProperty().get().contains("broken.thimble"));
    assertEquals(1, session.face().items().size(), "a bad file must leave the work as it is");
  }

  @Test
  void typingWordsIsOneStepBack(FxRobot hand) {
    start(hand);
    hand.clickOn("#add-words");
    QuickRobot.settled();
    hand.write("Beans");
    assertEquals("Beans", ((HoldsWords) single()).text());
    hand.interact(session::undo);
    assertEquals("Type your words", ((HoldsWords) single()).text());
    hand.interact(() -> session.apply(Edits.rename("Other")));
    assertEquals("Other", hand.lookup("#job-name").queryAs(Label.class).getText());
  }

  @Test
  void theBenchHasHalfTheWindow(FxRobot hand) {
    start(hand);
    double bench = workbench.bench().getWidth() * workbench.bench().getHeight();
    assertTrue(bench >= 0.5 * Main.WIDTH * Main.HEIGHT, "bench has " + bench);
    hand.clickOn("#ticket-fold");
    QuickRobot.settled();
    assertTrue(workbench.bench().getWidth() > 950, "bench is " + workbench.bench().getWidth());
    hand.clickOn("#ticket-unfold");
    assertFalse(workbench.ticket().foldedProperty().get());
  }

  private void start(FxRobot hand) {
    hand.clickOn("#item-start");
    QuickRobot.settled();
  }

  private static void type(FxRobot hand, String field, String text) {
    hand.clickOn(field);
    hand.press(KeyCode.CONTROL).type(KeyCode.A).release(KeyCode.CONTROL);
    hand.write(text);
    hand.type(KeyCode.ENTER);
    QuickRobot.settled();
  }

  private void drag(FxRobot hand, Point from, Point to) {
    hand.drag(onScreen(from), MouseButton.PRIMARY).dropTo(onScreen(to));
    QuickRobot.settled();
  }

  private void clickAt(FxRobot hand, Point face) {
    hand.clickOn(onScreen(face));
  }

  private Point2D onScreen(Point face) {
    Point pixel = workbench.bench().pixelOf(face);
    Node bench = workbench.lookup("#bench");
    return bench.localToScreen(pixel.x(), pixel.y());
  }

  private Item single() {
    return session.single().orElseThrow();
  }

  private void assertPlaced(double x, double y, double width, double height) {
    Placement p = single().placement();
    assertEquals(x, p.x(), NEAR);
    assertEquals(y, p.y(), NEAR);
    assertEquals(width, p.width(), NEAR);
    assertEquals(height, p.height(), NEAR);
  }
}
