package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/**
 * Whole orders of paper from blank to file, by mouse and keys, measured by Poppler; docs/orders.md tells how many presses and values each
 * takes.
 */
class WholeOrdersTest extends AtTheOrder {
  @Start
  void start(Stage stage) throws IOException {
    comesIn(stage);
  }

  @Test
  void twoMetalBookmarks(FxRobot robot) throws Exception {
    maker.press("#item-things").value("#thing-search", "metal bookmark").press("#thing-metal-bookmark", "#thing-start");
    maker.press("#add-rectangle", "#tag-cover").value("#tag-fill", "#3a6b45");
    maker.words("BEANS").value("#tag-colour", "#ffffff").press("#fold-block").value("#block-ink-width", "1");
    maker.press("#station-sheet", "#sheet-gang").value("#gang-across", "2").value("#gang-down", "1");
    Path pdf = maker.send("pdf", folder.resolve("bookmarks.pdf"));
    double[] sheet = box(pdf, "MediaBox");
    BufferedImage image = drawn(pdf, 100);
    assertEquals(sheet[0], image.getWidth() / 100.0, 0.02);
    int row = image.getHeight() * 2 / 5;
    int from = IntStream.range(0, image.getWidth()).filter(x -> !white(image, x, row)).findFirst().orElseThrow();
    int to = IntStream.range(from, image.getWidth()).filter(x -> white(image, x, row)).findFirst().orElseThrow();
    assertEquals(2 * (1.25 + 2 * 0.125), (to - from) / 100.0, 0.02, "two pieces lie beside each other, each with its bleed");
    int[] letters = IntStream.range(from, (from + to) / 2)
        .filter(x -> IntStream.range(row, image.getHeight() * 3 / 5).anyMatch(y -> white(image, x, y))).toArray();
    assertEquals(1, (letters[letters.length - 1] + 1 - letters[0]) / 100.0, 0.03, "the letters of a piece are an inch wide");
    maker.told(2);
  }

  private static boolean white(BufferedImage image, int x, int y) {
    return (image.getRGB(x, y) & 0xFF) > 200;
  }

  @Test
  void thePostcardsBack(FxRobot robot) throws Exception {
    answers.words = Optional.of(
        Files.writeString(folder.resolve("greeting.txt"), "Dear neighbours,\nthe beans are dry and in their packets. Come and take some."));
    maker.press("#wall-postcard", "#item-one", "#item-swap", "#item-start");
    maker.press("#add-form", "#form-lines").value("#form-rows", "5").press("#form-make");
    maker.value("#tag-left", "3.4").value("#tag-width", "2.2");
    maker.command("menu.bringWords");
    Hand.until(() -> session.face().items().size() == 2);
    maker.value("#tag-width", "2.6").value("#tag-left", "0.4").value("#tag-top", "0.6");
    Path pdf = maker.send("pdf", folder.resolve("postcard.pdf"));
    size(pdf, 6, 4);
    assertTrue(text(pdf).contains("the beans are dry and in their packets. Come and take some."), text(pdf));
    int ppi = 600;
    List<Double> rules = rules(drawn(pdf, ppi), (int) ((3.4 + 1.1 + 0.125) * ppi), ppi);
    assertEquals(5, rules.size(), rules.toString());
    even(rules, 2.0 / ppi);
    maker.told(3);
  }

  @Test
  void anInvitationWithAFrameAndACurve(FxRobot robot) throws Exception {
    maker.press("#wall-invitation", "#item-one", "#item-start");
    maker.press("#add-rectangle", "#tag-cover").value("#tag-fill", "#fbf5e6");
    maker.press("#add-border").value("#border-distance", "1/4").press("#border-make");
    maker.words("BRING WHAT YOU SAVED").value("#tag-width", "3").value("#tag-height", "3").value("#tag-left", "1").value("#tag-top", "1");
    maker.press("#fold-course").next("#course-kind").value("#course-radius", "1.4");
    maker.words("Saturday 14 March 2027, the seed room");
    Path pdf = maker.send("pdf", folder.resolve("invitation.pdf"));
    size(pdf, 5, 7);
    assertEquals(5.25, box(pdf, "BleedBox")[0], 0.001);
    assertTrue(text(pdf).contains("Saturday 14 March 2027, the seed room"), text(pdf));
    maker.told(6);
  }

  @Test
  void aFlyerWhoseTextFlows(FxRobot robot) throws Exception {
    StringBuilder story = new StringBuilder();
    for (int i = 1; i <= 60; i++) {
      story.append("Packet number ").append(i).append(" holds seed that somebody saved. ");
    }
    answers.words = Optional.of(Files.writeString(folder.resolve("story.txt"), story.toString().strip()));
    maker.press("#wall-letter_page", "#item-start");
    maker.command("menu.bringWords");
    Hand.until(() -> session.face().items().size() == 1);
    maker.value("#tag-width", "3.4").value("#tag-height", "8").value("#tag-left", "0.6").value("#tag-top", "1");
    maker.words("x").value("#tag-width", "3.4").value("#tag-height", "8").value("#tag-left", "4.4").value("#tag-top", "1");
    maker.command("menu.all").command("menu.flow");
    Path pdf = maker.send("pdf", folder.resolve("flyer.pdf"));
    size(pdf, 8.5, 11);
    String said = text(pdf);
    for (int i = 1; i <= 60; i++) {
      assertTrue(said.contains("number " + i + " holds"), i + " is lost: " + said);
    }
    maker.told(7);
  }

  @Test
  void aBookmarkWithAPanel(FxRobot robot) throws Exception {
    answers.pictures = List.of(picture("field.png", 600, 2200, 0x204060, 0));
    maker.press("#wall-bookmark", "#item-one", "#item-start", "#add-picture");
    Hand.until(() -> session.face().items().size() == 1);
    maker.press("#tag-cover");
    maker.press("#add-rectangle").value("#tag-width", "1.25").value("#tag-height", "2").value("#tag-left", "1/4").value("#tag-top", "4")
        .value("#tag-fill", "#ffffff").value("#tag-opacity", "70");
    maker.words("Beans").value("#tag-top", "4.6");
    Path pdf = maker.send("pdf", folder.resolve("bookmark.pdf"));
    size(pdf, 1.75, 7);
    int ppi = 200;
    int rgb = drawn(pdf, ppi).getRGB((int) ((0.125 + 0.3) * ppi), (int) ((0.125 + 4.1) * ppi));
    assertEquals(0.7 * 255 + 0.3 * 0x20, rgb >> 16 & 0xFF, 2, "white of 70 % over the picture");
    assertEquals(0.7 * 255 + 0.3 * 0x60, rgb & 0xFF, 2);
    maker.told(12);
  }

  @Test
  void aListToPrint(FxRobot robot) throws Exception {
    maker.press("#wall-letter_page", "#item-start").value("#ticket-bleed", "0");
    maker.words("Seeds to sow").value("#tag-top", "1/2");
    maker.press("#add-form", "#form-table").value("#form-columns", "3").value("#form-rows", "12").press("#form-make");
    Path pdf = maker.send("pdf", folder.resolve("list.pdf"));
    size(pdf, 8.5, 11);
    int ppi = 300;
    BufferedImage image = drawn(pdf, ppi);
    List<Double> rules = rules(image, (int) ((session.single().orElseThrow().placement().x() + 0.4) * ppi), ppi);
    assertEquals(13, rules.size(), "thirteen lines bound twelve rows: " + rules);
    even(rules, 2.0 / ppi);
    maker.told(16);
  }

  @Test
  void aSignShownFramed(FxRobot robot) throws Exception {
    maker.value("#item-width", "18").value("#item-height", "24").press("#item-one", "#item-start").value("#ticket-ppi", "150");
    maker.press("#add-rectangle", "#tag-cover").value("#tag-fill", "#3a6b45");
    maker.words("SEED SWAP").value("#tag-size", "140").value("#tag-colour", "#ffffff");
    maker.press("#station-check", "#lens-on-thing");
    Path pdf = maker.send("pdf", folder.resolve("sign.pdf"));
    size(pdf, 18, 24);
    assertTrue(text(pdf).contains("SEED SWAP"), text(pdf));
    answers.send = Optional.of(folder.resolve("framed.png"));
    maker.press("#send-thing-save");
    Hand.until(() -> Files.exists(folder.resolve("framed.png")));
    assertEquals("1600 1600", Maker.run(folder, "identify", "-format", "%w %h", folder.resolve("framed.png").toString()).strip());
    maker.told(17);
  }
}
