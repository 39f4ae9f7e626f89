package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Fold;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Register;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.desktop.state.Station;

/** Folded, bound and shared faces, sizes, booklets, guests and sheets under the hand. */
class SheetsInTheWindowTest extends AtTheBench {
  @Start
  void start(Stage stage) throws Exception {
    open(stage, 1);
  }

  private void run(FxRobot robot, String key) {
    robot.interact(() -> workbench.commands().stream().filter(c -> c.key().equals(key)).findFirst().orElseThrow().run());
    QuickRobot.settled();
  }

  private Job job() {
    return session.job();
  }

  @Test
  void aFaceIsFoldedGivenASizeAndSharedWithNumbers(FxRobot robot) {
    run(robot, "menu.make");
    pressInSight(robot, "#make-half");
    assertEquals(Optional.of(Fold.of(Fold.Kind.HALF)), session.face().form().fold());
    assertTrue(robot.lookup("#make-panels").queryAs(Label.class).getText().contains("front"));
    assertFalse(robot.lookup(".fold-line").queryAll().isEmpty(), "the fold is seen on the bench");
    pressInSight(robot, "#make-tri");
    pressInSight(robot, "#make-outside");
    assertEquals(1.0 / 16, session.face().form().fold().orElseThrow().lengths(5).get(0) - session.face().form().fold().orElseThrow()
        .lengths(5).get(2), 1e-9);
    pressInSight(robot, "#make-flat");
    hand.type("#make-width", "7 1/4");
    assertEquals(7.25, session.frame().size().width(), 1e-9);
    pressInSight(robot, "#make-usual");
    assertEquals(5, session.frame().size().width(), 1e-9);
    robot.interact(() -> session.apply(Edits.addFace("ground")));
    robot.interact(() -> session.faceIdProperty().set("f2"));
    robot.interact(
        () -> session.apply(
        Edits.add("f2", ItemWords.of(ItemProperties.of("n", "Number"), Placement.of(1, 6, 1, 0.3, 0), "page ",
        new WordStyle("Figtree", "Regular", 12, 120, 0, Align.LEFT, Colour.BLACK)))));
    pressInSight(robot, "#make-shared");
    robot.interact(() -> session.selectionProperty().set(Set.of("n")));
    pressInSight(robot, "#make-page");
    pressInSight(robot, "#make-ground-all");
    assertEquals("page 1", job().faces().get(0).under().items().get(0).words().orElseThrow().text());
    pressInSight(robot, "#make-stapled");
    assertEquals(Book.Binding.STAPLED, job().book().orElseThrow().binding());
    assertTrue(robot.lookup("#make-bound").queryAs(Label.class).getText().contains("4"));
    pressInSight(robot, "#make-blank");
    assertEquals(4, job().pages().size());
    robot.interact(session::undo);
    assertEquals(1, job().pages().size());
    pressInSight(robot, "#make-close");
  }

  @Test
  void anAlbumFromSixPicturesIsStapled(FxRobot robot) throws Exception {
    List<Path> pictures = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      BufferedImage image = new BufferedImage(900, 900, BufferedImage.TYPE_INT_RGB);
      for (int y = 0; y < 900; y++) {
        for (int x = 0; x < 900; x++) {
          image.setRGB(x, y, 0x204020 + i * 0x1A1005);
        }
      }
      Path file = folder.resolve("month" + i + ".png");
      Files.write(file, PngFile.bytes(image, 300));
      pictures.add(file);
    }
    robot.interact(() -> session.apply(new Edit("size", j -> j.withTicket(j.ticket().sized(new Size(5, 5))))));
    for (int i = 0; i < 6; i++) {
      robot.interact(() -> session.apply(Edits.addFace("page")));
      robot.interact(() -> session.faceIdProperty().set(job().faces().get(job().faces().size() - 1).id()));
      answers.pictures = List.of(pictures.get(i));
      robot.clickOn("#add-picture");
      int pages = i + 2;
      Hand.until(() -> session.face().all().stream().anyMatch(p -> !p.pictureIds().isEmpty()) && job().faces().size() == pages);
    }
    run(robot, "menu.make");
    pressInSight(robot, "#make-stapled");
    pressInSight(robot, "#make-blank");
    assertEquals(8, job().pages().size());
    pressInSight(robot, "#make-close");
    robot.interact(() -> {
      session.apply(Edits.sheet(s -> s.withPaper(new Size(11, 17))));
      session.stationProperty().set(Station.SHEET);
    });
    withoutHints(robot);
    pressInSight(robot, "#sheet-booklet");
    assertTrue(job().sheet().gang().orElseThrow().booklet());
    Hand.until(() -> robot.lookup(".sheet-caption").queryAs(Label.class).getText().contains("pages 8 and 1"));
    robot.clickOn("#sheet-look-back");
    assertTrue(robot.lookup(".sheet-caption").queryAs(Label.class).getText().contains("pages 2 and 7"));
    robot.clickOn("#sheet-next");
    assertTrue(robot.lookup(".sheet-caption").queryAs(Label.class).getText().contains("pages 4 and 5"));
    robot.clickOn("#sheet-look-light");
    answers.send = Optional.of(folder.resolve("album.pdf"));
    robot.interact(() -> session.stationProperty().set(Station.SEND));
    robot.clickOn("#send-pdf");
    robot.clickOn("#send-write");
    Hand.until(() -> Files.exists(folder.resolve("album.pdf")) && robot.lookup("#report-title").tryQuery().isPresent());
    try (PDDocument pdf = Loader.loadPDF(folder.resolve("album.pdf").toFile())) {
      assertEquals(4, pdf.getNumberOfPages());
    }
  }

  @Test
  void oneDesignIsTakenInSeveralSizes(FxRobot robot) {
    run(robot, "menu.sizes");
    hand.type("#sizes-width", "8");
    hand.type("#sizes-height", "10");
    pressInSight(robot, "#sizes-add");
    assertEquals(List.of(new Size(8, 10)), job().sizes().sizes());
    pressInSight(robot, "#sizes-words");
    assertFalse(job().sizes().scaleWords());
    pressInSight(robot, "#sizes-away-8-10");
    assertEquals(List.of(), job().sizes().sizes());
    pressInSight(robot, "#sizes-close");
  }

  /** A label design, a list, a sheet: one PDF to print and one plotter file to cut, which agree. */
  @Test
  void labelsFromAListLeaveAsAPrintFileAndACutFile(FxRobot robot) throws Exception {
    robot.interact(() -> {
      session.apply(new Edit("size", j -> j.withTicket(j.ticket().sized(new Size(2, 1.25)).withBleed(Insets.NONE))));
      session.apply(
          new Edit("lane", j -> j.withCutting(
          j.cutting().withLanes(List.of(Lane.of("l1", "Sticker paper", Material.STICKER_PAPER, Colour.WHITE))))));
      ItemShape ground = ItemShape.of(ItemProperties.of("g", "Ground"), Placement.of(0, 0, 2, 1.25, 0), new Outline.Rectangle(0.15),
          Optional.of(Colour.of(0xFBF5E6)), Optional.empty());
      session.apply(
          Edits.add("f1", ground.with(ground.properties().withRole(Role.PRINTS_AND_CUTS)
          .withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS)))));
      session.apply(
          Edits.add("f1", ItemWords.of(ItemProperties.of("w", "Variety"), Placement.of(0.3, 0.4, 1.4, 0.4, 0), "",
          new WordStyle("Figtree", "Regular", 12, 120, 0, Align.LEFT, Colour.BLACK))));
      session.selectionProperty().set(Set.of("w"));
    });
    Path list = folder.resolve("jars.csv");
    Files.writeString(list, "variety\nKidney bean\nSugar pea\nPoppy\n");
    answers.table = Optional.of(list);
    run(robot, "menu.list");
    robot.clickOn("#list-bring");
    Hand.until(() -> job().list().isPresent());
    QuickRobot.settled();
    robot.clickOn("#list-column-variety");
    pressInSight(robot, "#list-close");
    robot.interact(() -> session.stationProperty().set(Station.SHEET));
    robot.interact(() -> robot.lookup("#cut-printed").tryQuery().ifPresent(n -> ((javafx.scene.control.ButtonBase) n).fire()));
    robot.interact(
        () -> session.apply(
        Edits.sheet(s -> s.withOnPaper(true).withPaper(SheetPlan.LETTER).withCropMarks(false).withGang(Optional.of(Gang.USUAL)))));
    answers.send = Optional.of(folder.resolve("labels.pdf"));
    robot.interact(() -> session.stationProperty().set(Station.SEND));
    robot.clickOn("#send-pdf");
    robot.clickOn("#send-write");
    Hand.until(() -> robot.lookup("#report-title").tryQuery().isPresent());
    answers.send = Optional.of(folder.resolve("labels.plt"));
    robot.clickOn("#send-plotter");
    robot.clickOn("#send-write");
    Hand.until(() -> Files.exists(folder.resolve("labels.plt")));
    String plotter = Files.readString(folder.resolve("labels.plt"));
    GangPages pages = GangPages.of(job(), job().leaving(), PageOptions.of(job()));
    assertEquals(3, pages.cuts(0, "f1").size(), "a kiss cut for each row");
    assertTrue(plotter.contains("PD"), "it cuts");
    try (PDDocument pdf = Loader.loadPDF(folder.resolve("labels.pdf").toFile())) {
      assertEquals(1, pdf.getNumberOfPages());
      assertTrue(Register.wanted(job()), "the sheet has registration marks");
    }
  }

  private Point2D onSheet(FxRobot robot, double x, double y) {
    Node picture = robot.lookup(".page-picture").queryAll().stream()
        .filter(n -> n.isVisible() && n.getScene() != null && n.getParent().isVisible()).findFirst().orElseThrow();
    double scale = ((javafx.scene.image.ImageView) picture).getFitWidth() / 8.5;
    return picture.localToScreen(x * scale, y * scale);
  }

  @Test
  void piecesAreMovedAndLeftOutByHandAndGuestsJoinThem(FxRobot robot) throws Exception {
    robot.interact(() -> {
      session.apply(new Edit("size", j -> j.withTicket(j.ticket().sized(new Size(2, 3)).withQuantity(9))));
      session.apply(
          Edits.add("f1", ItemShape.of(ItemProperties.of("g", "Ground"), Placement.of(-0.125, -0.125, 2.25, 3.25, 0),
          new Outline.Rectangle(0), Optional.of(Colour.BLACK), Optional.empty())));
      session.apply(Edits.sheet(s -> s.withOnPaper(true).withPaper(SheetPlan.LETTER)
          .withGang(Optional.of(Gang.USUAL.withAcross(2).withDown(2).withTurning(Gang.Turning.UPRIGHT)))));
      session.stationProperty().set(Station.SHEET);
    });
    withoutHints(robot);
    GangPages laid = GangPages.of(job(), job().leaving(), PageOptions.of(job()));
    Box first = laid.spots().get(0).trim();
    Hand.until(() -> robot.lookup(".page-picture").queryAll().stream()
        .anyMatch(n -> ((javafx.scene.image.ImageView) n).getFitWidth() > 100));
    QuickRobot.settled();
    Point2D from = onSheet(robot, first.centre().x(), first.centre().y());
    Point2D to = onSheet(robot, first.centre().x() - 0.5, first.centre().y() - 0.25);
    robot.drag(from).dropTo(to);
    QuickRobot.settled();
    assertEquals(-0.5, job().sheet().gang().orElseThrow().moved().get(0).x(), 0.05);
    assertEquals(-0.25, job().sheet().gang().orElseThrow().moved().get(0).y(), 0.05);
    Box last = laid.spots().get(3).trim();
    robot.clickOn(onSheet(robot, last.centre().x(), last.centre().y()));
    QuickRobot.settled();
    assertEquals(Set.of(3), job().sheet().gang().orElseThrow().left());
    pressInSight(robot, "#sheet-cuts");
    assertTrue(robot.lookup("#sheet-cut-list").queryAs(Label.class).getText().contains("1. "));
    pressInSight(robot, "#gang-as-laid");
    assertEquals(Set.of(), job().sheet().gang().orElseThrow().left());
    bringIntoSight(robot, "#sheet-cost");
    hand.type("#sheet-cost", "0.40");
    assertTrue(robot.lookup("#gang-told").queryAs(Label.class).getText().contains("1.2"),
        robot.lookup("#gang-told").queryAs(Label.class).getText());
    pressInSight(robot, "#sheet-ruler");
    assertTrue(job().sheet().marks().ruler());
    Path guest = folder.resolve("guest.thimble");
    ThimbleFile.save(org.zipthimble.core.job.StandardItem.blank("Seal", new Size(1, 1), 1), guest);
    answers.open = Optional.of(guest);
    pressInSight(robot, "#guest-add");
    Hand.until(() -> job().guests().size() == 1);
    QuickRobot.settled();
    bringIntoSight(robot, "#guest-count-g1");
    hand.type("#guest-count-g1", "5");
    assertEquals(5, job().guests().get(0).quantity());
    pressInSight(robot, "#guest-away-g1");
    assertEquals(List.of(), job().guests());
    answers.send = Optional.of(folder.resolve("test.pdf"));
    pressInSight(robot, "#sheet-test");
    Hand.until(() -> Files.exists(folder.resolve("test.pdf")));
    try (PDDocument pdf = Loader.loadPDF(folder.resolve("test.pdf").toFile())) {
      assertEquals(2, pdf.getNumberOfPages());
    }
  }

  @Test
  void aListIsTypedInTheWindow(FxRobot robot) {
    run(robot, "menu.list");
    pressInSight(robot, "#list-type");
    bringIntoSight(robot, "#list-cell-name");
    hand.type("#list-cell-name", "Ada");
    pressInSight(robot, "#list-add-row");
    bringIntoSight(robot, "#list-cell-name");
    hand.type("#list-cell-name", "Bo");
    bringIntoSight(robot, "#list-new-column");
    hand.type("#list-new-column", "table");
    assertEquals(List.of(List.of("Ada", ""), List.of("Bo", "")), job().list().orElseThrow().rows());
    pressInSight(robot, "#list-remove-row");
    assertEquals(1, job().list().orElseThrow().rows().size());
    robot.interact(() -> robot.lookup("#list-by").queryAs(ComboBox.class).getSelectionModel().select(0));
    pressInSight(robot, "#list-close");
  }
}
