package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/**
 * Whole orders of several faces, sizes and rows, and of clipped pictures, from blank to file, by mouse and keys; what leaves is measured
 * by Poppler and librsvg.
 */
class WholeBookOrdersTest extends AtTheOrder {
  @Start
  void start(Stage stage) throws IOException {
    comesIn(stage);
  }

  private int pages(Path pdf) throws Exception {
    return Integer.parseInt(Maker.run(folder, "pdfinfo", pdf.toString()).replaceAll("(?s).*Pages:\\s+(\\d+).*", "$1"));
  }

  @Test
  void anAlbumOfEightPages(FxRobot robot) throws Exception {
    List<Path> pictures = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      pictures.add(picture("month" + i + ".png", 1200, 1200, 0x203020 + i * 0x181008, 0));
    }
    maker.value("#item-width", "5").value("#item-height", "5").press("#item-eight", "#item-start");
    maker.press("#add-mounts").value("#mounts-columns", "1").value("#mounts-rows", "1").press("#mounts-make").command("menu.allFaces");
    answers.pictures = pictures;
    maker.command("menu.nothing").command("menu.mountFill");
    Hand.until(() -> session.job().pictures().size() == 8);
    maker.command("menu.make").press("#make-stapled", "#make-close");
    maker.press("#station-sheet", "#sheet-booklet");
    Path pdf = maker.send("pdf", folder.resolve("album.pdf"));
    assertEquals(4, pages(pdf), "two sheets, front and back");
    maker.told(5);
  }

  @Test
  void anInvitationOfRepeatsWithoutItsDate(FxRobot robot) throws Exception {
    maker.press("#wall-invitation", "#item-one", "#item-start");
    maker.press("#add-shape", "#ready-drop").value("#tag-width", "1/2").value("#tag-height", "1/2").value("#tag-left", "2.25")
        .value("#tag-top", "1");
    maker.command("menu.repeatLive").press("#figure-kind-round").value("#figure-places", "12").press("#figures-make");
    maker.words("Come to the seed swap in the library hall at three o'clock, and tell us whether you bring a plate");
    maker.press("#station-check");
    Hand.until(() -> session.checking().findingsProperty().get().stream().anyMatch(f -> f.code().equals("invitation-date")));
    maker.press("#station-compose").command("menu.facts").press("#facts-usual").value("#fact-date", "14 March 2027")
        .press("#fact-put-date", "#facts-close");
    Hand.until(() -> session.checking().findingsProperty().get().stream().noneMatch(f -> f.code().equals("invitation-date")));
    Path pdf = maker.send("pdf", folder.resolve("repeats.pdf"));
    size(pdf, 5, 7);
    assertTrue(text(pdf).contains("a plate Sunday, March 14"), text(pdf));
    maker.told(10);
  }

  @Test
  void aSquareFlyerWithClippedPicturesOnAPhoto(FxRobot robot) throws Exception {
    maker.value("#item-width", "6").value("#item-height", "6").press("#item-one", "#item-start");
    maker.press("#add-ellipse").value("#tag-width", "4").value("#tag-height", "4").value("#tag-left", "1").value("#tag-top", "1")
        .command("menu.mount");
    answers.pictures = List.of(picture("field.png", 1500, 1500, 0x3A6B45, 0));
    maker.command("menu.mountFill");
    Hand.until(() -> session.face().all().stream().anyMatch(i -> !i.pictureIds().isEmpty()));
    Path pdf = maker.send("pdf", folder.resolve("flyer.pdf"));
    size(pdf, 6, 6);
    int ppi = 100;
    BufferedImage image = drawn(pdf, ppi);
    int green = 0;
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        green += (image.getRGB(x, y) & 0xFF) < 180 ? 1 : 0;
      }
    }
    assertEquals(Math.PI * 4, green / (double) (ppi * ppi), 0.05, "the picture fills a circle of 4 in");
    answers.pictures = List.of(picture("table.png", 1200, 900, 0xB8A98C, 20));
    maker.press("#send-thing-photo", "#photo-choose");
    Hand.until(() -> session.job().making().photo().isPresent());
    answers.send = Optional.of(folder.resolve("shown.png"));
    maker.press("#photo-save");
    Hand.until(() -> Files.exists(folder.resolve("shown.png")));
    assertEquals("1200 900", Maker.run(folder, "identify", "-format", "%w %h", folder.resolve("shown.png").toString()).strip());
    maker.told(11);
  }

  @Test
  void threeDesignsOfOneSetOfFacts(FxRobot robot) throws Exception {
    maker.press("#wall-invitation", "#item-one", "#item-start");
    maker.words("Seed swap ").command("menu.facts").press("#facts-usual").value("#fact-date", "14 March 2027")
        .press("#fact-put-date", "#facts-close");
    maker.command("menu.design").command("menu.design");
    assertEquals(3, session.job().faces().size());
    maker.command("menu.facts").value("#fact-date", "20 March 2027").press("#facts-close");
    Path pdf = maker.send("pdf", folder.resolve("designs.pdf"));
    assertEquals(3, pages(pdf));
    String said = text(pdf);
    assertEquals(3, said.split("March 20|20 March", -1).length - 1, said);
    assertFalse(said.contains("14"), said);
    maker.told(14);
  }

  @Test
  void colouringPagesBoundAsABook(FxRobot robot) throws Exception {
    maker.press("#wall-letter_page", "#item-four", "#item-start").value("#ticket-bleed", "0");
    maker.words("GROW").value("#tag-width", "7").value("#tag-left", "0.75").press("#fold-block").value("#block-ink-width", "6")
        .command("menu.outlined");
    maker.command("menu.offset").value("#figure-distances", "1/8, 1/4").press("#figures-make");
    maker.command("menu.allFaces").command("menu.make").press("#make-stapled", "#make-close");
    maker.press("#station-sheet", "#sheet-booklet");
    Path pdf = maker.send("pdf", folder.resolve("book.pdf"));
    assertEquals(2, pages(pdf), "one sheet, front and back");
    maker.told(19);
  }

  /** What is printed as a ground, each told by the box it takes up, in pixels. */
  private static List<Rectangle> discs(BufferedImage image) {
    BufferedImage edges = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int rgb = image.getRGB(x, y);
        boolean ground = (rgb >> 16 & 0xFF) > 240 && (rgb & 0xFF) > 210 && (rgb & 0xFF) < 240;
        edges.setRGB(x, y, ground ? 0xFFFFFF : 0);
      }
    }
    return WholeCutOrdersTest.places(edges).stream().filter(r -> r.width > 100).toList();
  }

  @Test
  void labelsFromAListPrintedAndCut(FxRobot robot) throws Exception {
    answers.table = Optional.of(
        Files.writeString(folder.resolve("jars.csv"), "variety\nEmber Runner\nTollgate Pea\nSaltmarsh Kale\nLantern Squash\n"));
    maker.value("#item-width", "2").value("#item-height", "2").press("#item-one", "#item-start").value("#ticket-bleed", "0");
    maker.press("#add-ellipse").value("#tag-width", "1.9").value("#tag-height", "1.9").value("#tag-left", "0.05").value("#tag-top", "0.05")
        .value("#tag-fill", "#fbf5e6").press("#role-prints_and_cuts");
    maker.words("Seed: ").value("#tag-width", "1.4").value("#tag-left", "0.3").command("menu.list").press("#list-bring");
    Hand.until(() -> session.job().list().isPresent());
    maker.press("#list-column-variety", "#list-close");
    maker.press("#station-sheet", "#cut-printed", "#sheet-gang");
    Path pdf = maker.send("pdf", folder.resolve("labels.pdf"));
    String said = text(pdf);
    for (String name : List.of("Ember Runner", "Tollgate Pea", "Saltmarsh Kale", "Lantern Squash")) {
      assertTrue(said.contains(name), said);
    }
    maker.send("svg", folder.resolve("labels.svg"));
    int ppi = 100;
    Maker.run(folder, "rsvg-convert", "-d", String.valueOf(ppi), "-p", String.valueOf(ppi), "-b", "white", "-o",
        folder.resolve("cuts.png").toString(), folder.resolve("labels.svg").toString());
    List<Rectangle> cuts = WholeCutOrdersTest.places(ImageIO.read(folder.resolve("cuts.png").toFile()));
    List<Rectangle> discs = discs(drawn(pdf, ppi));
    assertEquals(4, discs.size(), discs.toString());
    for (int i = 0; i < 4; i++) {
      assertEquals(discs.get(i).x, cuts.get(i + 1).x, 2, "the cut lies round what is printed, label " + (i + 1));
      assertEquals(discs.get(i).y, cuts.get(i + 1).y, 2);
      assertEquals(discs.get(i).width, cuts.get(i + 1).width, 2);
    }
    maker.told(20);
  }

  @Test
  void wallPrintsInFourSizes(FxRobot robot) throws Exception {
    maker.value("#item-width", "16").value("#item-height", "20").press("#item-one", "#item-start");
    maker.press("#add-rectangle", "#tag-cover").value("#tag-fill", "#3a6b45");
    maker.words("SOW").value("#tag-size", "200").value("#tag-colour", "#ffffff");
    maker.command("menu.sizes").value("#sizes-width", "8").value("#sizes-height", "10").press("#sizes-add").value("#sizes-width", "11")
        .value("#sizes-height", "14").press("#sizes-add")
        .value("#sizes-width", "4").value("#sizes-height", "5").press("#sizes-add", "#sizes-close");
    maker.send("pdf", folder.resolve("prints.pdf"), folder.resolve("prints-16x20in.pdf"), folder.resolve("prints-8x10in.pdf"),
        folder.resolve("prints-11x14in.pdf"), folder.resolve("prints-4x5in.pdf"));
    Set<String> sizes = new TreeSet<>();
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.filter(f -> f.toString().endsWith(".pdf")).sorted().toList()) {
        double[] trim = box(file, "TrimBox");
        sizes.add(Math.round(trim[0] * 100) / 100.0 + " x " + Math.round(trim[1] * 100) / 100.0);
      }
    }
    assertEquals(new TreeSet<>(List.of("16.0 x 20.0", "8.0 x 10.0", "11.0 x 14.0", "4.0 x 5.0")), sizes);
    maker.told(21);
  }
}
