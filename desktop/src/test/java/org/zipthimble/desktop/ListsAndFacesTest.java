package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.desktop.state.Station;

/** In the window: a list that fills fields, row by row, to a page each; faces looked over, ordered and duplicated. */
class ListsAndFacesTest extends AtTheBench {
  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  private void add(FxRobot robot) {
    withoutHints(robot);
    robot.interact(() -> {
      session.apply(Edits.add("f1", ItemWords.of(ItemProperties.of("w", "Guest"), Placement.of(0.3, 5.2, 3, 0.4, 0), "Dear ",
          new WordStyle("Alegreya", "Regular", 14, 120, 0, Align.LEFT, Colour.BLACK))));
      session.selectionProperty().set(Set.of("w"));
    });
    QuickRobot.settled();
  }

  private void run(FxRobot robot, String key) {
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals(key)).findFirst().orElseThrow().run());
    QuickRobot.settled();
  }

  private String said() {
    return session.face().find("w").flatMap(Item::words).orElseThrow().text();
  }

  private void list(FxRobot robot, String text, Charset charset) throws IOException {
    Path file = folder.resolve("guests.csv");
    Files.write(file, text.getBytes(charset));
    answers.table = Optional.of(file);
    robot.clickOn("#list-bring");
    Hand.until(() -> session.job().list().isPresent());
    QuickRobot.settled();
  }

  @Test
  void aListIsBroughtLookedThroughAndSentAPageForEachRow(FxRobot robot) throws Exception {
    add(robot);
    run(robot, "menu.list");
    list(robot, "name,how many\nOdile,1\nBram,2\nZoë of the very long house name that no card can hold at all,1\n",
        Charset.forName("UTF-8"));
    pressInSight(robot, "#list-column-name");
    assertEquals("Dear Odile", said());
    pressInSight(robot, "#list-on");
    assertEquals("Dear Bram", said());
    bringIntoSight(robot, "#list-at");
    hand.type("#list-at", "1");
    assertEquals("Dear Odile", said());
    Hand.until(() -> session.checking().findingsProperty().get().stream().anyMatch(f -> f.code().equals("row-misfit") && f.figure() == 2));
    robot.interact(() -> robot.lookup("#list-count").queryAs(ComboBox.class).getSelectionModel().select(2));
    assertTrue(robot.lookup("#list-told").queryAs(Label.class).getText().contains("4 pieces"));
    Hand.until(() -> robot.lookup("#list-rows .check-box").queryAll().size() >= 3);
    robot.interact(() -> robot.lookup("#list-rows .check-box").queryAllAs(CheckBox.class).stream()
        .filter(c -> "Row 3 is sent".equals(c.getAccessibleText())).findFirst().orElseThrow().fire());
    assertEquals(List.of(0, 1, 1), session.job().list().orElseThrow().sent());
    pressInSight(robot, "#list-close");
    answers.send = Optional.of(folder.resolve("guests.pdf"));
    robot.interact(() -> session.stationProperty().set(Station.SEND));
    robot.clickOn("#send-pdf");
    robot.clickOn("#send-write");
    Hand.until(() -> robot.lookup("#report-title").tryQuery().isPresent());
    try (PDDocument pdf = Loader.loadPDF(folder.resolve("guests.pdf").toFile())) {
      assertEquals(3, pdf.getNumberOfPages());
      PDFTextStripper page = new PDFTextStripper();
      page.setStartPage(2);
      page.setEndPage(3);
      assertEquals("Dear Bram Dear Bram", page.getText(pdf).replaceAll("\\s+", " ").strip());
    }
  }

  /**
   * A first card set by hand is seen beside the list while it is filled: its words become the column, and the face has its place again
   * once the list is put away.
   */
  @Test
  void theFaceIsSeenBesideTheListThatFillsIt(FxRobot robot) throws Exception {
    add(robot);
    robot.interact(
        () -> session.apply(
        StoryEdits.put("f1", "w", 0, 5, Story.of("Odile", session.single().flatMap(Item::words).orElseThrow().story().style()))));
    double alone = corner().getX();
    double high = hand.at(0, 7).getY() - hand.at(0, 0).getY();
    run(robot, "menu.list");
    list(robot, "name,how many\nOdile,1\nBram,2\n", Charset.forName("UTF-8"));
    Node slip = robot.lookup("#list").query();
    Hand.until(() -> corner().getX() <= slip.localToScreen(slip.getLayoutBounds()).getMinX());
    assertTrue(hand.at(0, 7).getY() - hand.at(0, 0).getY() > high * 0.5, "it is not much smaller");
    pressInSight(robot, "#list-column-name");
    assertEquals("Odile", said());
    pressInSight(robot, "#list-on");
    assertEquals("Bram", said());
    pressInSight(robot, "#list-close");
    Hand.until(() -> Math.abs(corner().getX() - alone) < 0.5);
    run(robot, "menu.fonts");
    Node fonts = robot.lookup("#fonts").query();
    Hand.until(() -> corner().getX() <= fonts.localToScreen(fonts.getLayoutBounds()).getMinX());
    robot.clickOn("#fonts-close");
    Hand.until(() -> Math.abs(corner().getX() - alone) < 0.5);
    robot.interact(() -> session.apply(Edits.ticket("edit.ticket.size", t -> t.sized(new Size(1, 7)))));
    double wide = corner().getX();
    run(robot, "menu.search");
    assertEquals(wide, corner().getX(), 0.5, "what lies over nothing of the face moves nothing");
  }

  private Point2D corner() {
    return hand.at(session.frame().bleedBox().right(), session.frame().bleedBox().y());
  }

  @Test
  void anEncodingIsCorrectedAndAListIsSearchedSortedAndLeft(FxRobot robot) throws Exception {
    add(robot);
    run(robot, "menu.list");
    list(robot, "name\nPříbor\nBram\n", Charset.forName("windows-1250"));
    pressInSight(robot, "#list-column-name");
    assertEquals("Dear Pøíbor", said(), "read as the encoding of most programs");
    robot.interact(() -> robot.lookup("#list-encoding").queryAs(ComboBox.class).getSelectionModel().select("windows-1250"));
    Hand.until(() -> said().equals("Dear Příbor"));
    robot.interact(() -> robot.lookup("#list-by").queryAs(ComboBox.class).getSelectionModel().select(0));
    pressInSight(robot, "#list-up");
    assertEquals(List.of("Bram", "Příbor"), session.job().list().orElseThrow().rows().stream().map(r -> r.get(0)).toList());
    pressInSight(robot, "#list-number");
    assertEquals(List.of("name", "no."), session.job().list().orElseThrow().columns());
    bringIntoSight(robot, "#list-search");
    robot.clickOn("#list-search").write("bra");
    QuickRobot.settled();
    pressInSight(robot, "#list-out");
    assertEquals(List.of(1), session.job().list().orElseThrow().sent());
    pressInSight(robot, "#list-drop");
    assertTrue(session.job().list().isEmpty());
    Files.writeString(folder.resolve("none.csv"), "only names\n");
    answers.table = Optional.of(folder.resolve("none.csv"));
    robot.clickOn("#list-bring");
    Hand.until(() -> session.noticeProperty().get().contains("no rows"));
  }

  @Test
  void facesAreDuplicatedNamedOrderedAndFilledFromOthers(FxRobot robot) {
    add(robot);
    robot.clickOn("#all-faces");
    robot.clickOn("#faces-twice-f1");
    assertEquals(List.of("f1", "f2"), session.job().faces().stream().map(Face::id).toList());
    assertEquals("f2", session.faceIdProperty().get());
    hand.type("#faces-name-f2", "inside");
    assertEquals("inside", session.job().faces().get(1).name());
    robot.clickOn("#faces-earlier-f2");
    assertEquals(List.of("f2", "f1"), session.job().faces().stream().map(Face::id).toList());
    robot.clickOn("#faces-open-f1");
    assertEquals("f1", session.faceIdProperty().get());
    robot.clickOn("#faces-close");
    robot.interact(() -> session.selectionProperty().set(Set.of("w")));
    run(robot, "menu.carryMove");
    assertTrue(session.job().face("f1").orElseThrow().items().isEmpty());
    assertEquals(2, session.job().face("f2").orElseThrow().items().size());
  }

  @Test
  void severalGoOnASheetAndItsBackIsTurned(FxRobot robot) throws Exception {
    withoutHints(robot);
    robot.interact(() -> {
      session.apply(Edits.addFace("back"));
      session.apply(new Edit("size", j -> j.withTicket(j.ticket().sized(new Size(3.5, 2)).withQuantity(20))));
      session.stationProperty().set(Station.SHEET);
    });
    robot.clickOn("#sheet-gang");
    QuickRobot.settled();
    assertEquals(Optional.of(Gang.USUAL), session.job().sheet().gang());
    assertTrue(robot.lookup("#gang-told").queryAs(Label.class).getText().startsWith("8 on a sheet; 20 pieces take 3 sheets"),
        robot.lookup("#gang-told").queryAs(Label.class).getText());
    hand.type("#gang-gutter", "0");
    robot.clickOn("#gang-mixed");
    QuickRobot.settled();
    assertTrue(robot.lookup("#gang-told").queryAs(Label.class).getText().startsWith("10 on a sheet; 20 pieces take 2 sheets"),
        robot.lookup("#gang-told").queryAs(Label.class).getText());
    hand.type("#gang-across", "2").type("#gang-down", "2");
    robot.interact(() -> robot.lookup("#gang-long-edge").queryAs(ToggleButton.class).fire());
    hand.type("#gang-back-x", "-1/32");
    var gang = session.job().sheet().gang().orElseThrow();
    assertEquals(List.of(2, 2), List.of(gang.across(), gang.down()));
    assertEquals(-1.0 / 32, gang.backX(), 1e-9);
    answers.send = Optional.of(folder.resolve("ganged.pdf"));
    robot.interact(() -> session.stationProperty().set(Station.SEND));
    robot.clickOn("#send-pdf");
    robot.clickOn("#send-write");
    Hand.until(() -> robot.lookup("#report-title").tryQuery().isPresent());
    try (PDDocument pdf = Loader.loadPDF(folder.resolve("ganged.pdf").toFile())) {
      assertEquals(2, pdf.getNumberOfPages(), "a front and a back");
      assertEquals(8.5 * 72, pdf.getPage(0).getMediaBox().getWidth(), 0.01);
      assertEquals(7 * 72, pdf.getPage(0).getTrimBox().getWidth(), 0.01, "two pieces beside each other");
    }
    robot.interact(() -> session.stationProperty().set(Station.SHEET));
    pressInSight(robot, "#sheet-alone");
    assertTrue(session.job().sheet().gang().isEmpty());
  }

  @Test
  void labelsAreTypedAndUsedOnesArePressed(FxRobot robot) {
    withoutHints(robot);
    robot.interact(() -> {
      session.apply(new Edit("size", j -> j.withTicket(j.ticket().sized(new Size(2.5, 1)).withQuantity(40))));
      session.stationProperty().set(Station.SHEET);
    });
    robot.clickOn("#sheet-gang");
    robot.clickOn("#gang-labels");
    hand.type("#gang-left", "1/4").type("#gang-top", "1/2").type("#gang-step-x", "2 3/4").type("#gang-step-y", "1");
    assertEquals(Optional.of(new Gang.Labels(0.25, 0.5, 2.75, 1)), session.job().sheet().gang().orElseThrow().labels());
    assertTrue(robot.lookup("#gang-told").queryAs(Label.class).getText().startsWith("30 on a sheet; 40 pieces take 2 sheets"),
        robot.lookup("#gang-told").queryAs(Label.class).getText());
    var picture = robot.lookup(".page-picture").queryAll().stream()
        .filter(n -> n.isVisible() && n.getScene() != null && n.getBoundsInLocal().getWidth() > 300).findFirst().orElseThrow();
    var on = picture.localToScreen(picture.getBoundsInLocal());
    double scale = on.getWidth() / 8.5;
    robot.clickOn(on.getMinX() + (0.25 + 2.75 + 1) * scale, on.getMinY() + 1.0 * scale);
    QuickRobot.settled();
    assertEquals(Set.of(1), session.job().sheet().gang().orElseThrow().used());
    robot.clickOn(on.getMinX() + (0.25 + 2.75 + 1) * scale, on.getMinY() + 1.0 * scale);
    QuickRobot.settled();
    assertEquals(Set.of(), session.job().sheet().gang().orElseThrow().used());
  }
}
