package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.desktop.state.Station;

/** Whole orders from blank to file, by mouse and keys, measured by Poppler; docs/orders.md tells how many presses and values each takes. */
class WholeOrdersTest extends AtTheBench {
  private Maker maker;

  @Start
  void start(Stage stage) throws IOException {
    beginsAt = Station.ITEM;
    open(stage, 2);
  }

  @BeforeEach
  void begin(FxRobot robot) {
    withoutHints(robot);
    robot.interact(() -> session.preferences().change(s -> s.without("ways")));
    maker = new Maker(robot, hand, session, answers);
  }

  /** A page's box in inches, as pdfinfo tells it. */
  private double[] box(Path pdf, String name) throws Exception {
    Matcher line = Pattern.compile(name + ":\\s+([-0-9.]+)\\s+([-0-9.]+)\\s+([-0-9.]+)\\s+([-0-9.]+)").matcher(Maker.run(folder, "pdfinfo", "-box", pdf.toString()));
    assertTrue(line.find(), name);
    double[] p = new double[4];
    for (int i = 0; i < 4; i++) {
      p[i] = Double.parseDouble(line.group(i + 1)) / 72;
    }
    return new double[] {p[2] - p[0], p[3] - p[1]};
  }

  private void size(Path pdf, double width, double height) throws Exception {
    double[] trim = box(pdf, "TrimBox");
    assertEquals(width, trim[0], 0.001);
    assertEquals(height, trim[1], 0.001);
  }

  private String text(Path pdf) throws Exception {
    Path out = folder.resolve("text.txt");
    Maker.run(folder, "pdftotext", pdf.toString(), out.toString());
    return Files.readString(out).replaceAll("\\s+", " ");
  }

  private BufferedImage drawn(Path pdf, int ppi) throws Exception {
    Maker.run(folder, "pdftoppm", "-r", String.valueOf(ppi), "-png", "-singlefile", pdf.toString(), folder.resolve("drawn").toString());
    return ImageIO.read(folder.resolve("drawn.png").toFile());
  }

  /** The middles of the dark runs along a line of a picture, in inches. */
  private static List<Double> rules(BufferedImage image, int x, int ppi) {
    List<Double> found = new ArrayList<>();
    int began = -1;
    for (int y = 0; y <= image.getHeight(); y++) {
      boolean dark = y < image.getHeight() && (image.getRGB(x, y) & 0xFF) < 160;
      if (dark && began < 0) {
        began = y;
      } else if (!dark && began >= 0) {
        found.add((began + y) / 2.0 / ppi);
        began = -1;
      }
    }
    return found;
  }

  private static void even(List<Double> rules, double within) {
    for (int i = 2; i < rules.size(); i++) {
      assertEquals(rules.get(1) - rules.get(0), rules.get(i) - rules.get(i - 1), within, "gap " + i + " of " + rules);
    }
  }

  @Test
  void twoMetalBookmarks(FxRobot robot) throws Exception {
    maker.press("#item-things").value("#thing-search", "metal bookmark").press("#thing-metal-bookmark", "#thing-start");
    maker.press("#add-rectangle", "#tag-cover").value("#tag-fill", "#3a6b45");
    maker.words("BEANS").press("#tag-keep").value("#tag-width", "1").value("#tag-colour", "#ffffff");
    maker.press("#station-sheet", "#sheet-gang").value("#gang-across", "2").value("#gang-down", "1");
    Path pdf = maker.send("pdf", folder.resolve("bookmarks.pdf"));
    double[] sheet = box(pdf, "MediaBox");
    BufferedImage image = drawn(pdf, 100);
    assertEquals(sheet[0], image.getWidth() / 100.0, 0.02);
    int greens = 0;
    boolean in = false;
    for (int x = 0; x < image.getWidth(); x++) {
      int rgb = image.getRGB(x, image.getHeight() / 2);
      boolean green = (rgb >> 8 & 0xFF) > (rgb >> 16 & 0xFF) + 20;
      greens += green && !in ? 1 : 0;
      in = green;
    }
    assertTrue(greens >= 2, "two pieces lie beside each other: " + greens);
    maker.told(2);
  }

  @Test
  void thePostcardsBack(FxRobot robot) throws Exception {
    answers.words = Optional.of(Files.writeString(folder.resolve("greeting.txt"), "Dear neighbours,\nthe beans are dry and in their packets. Come and take some."));
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
    BufferedImage field = new BufferedImage(600, 2200, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < field.getHeight(); y++) {
      for (int x = 0; x < field.getWidth(); x++) {
        field.setRGB(x, y, 0x204060);
      }
    }
    answers.pictures = List.of(Files.write(folder.resolve("field.png"), PngFile.bytes(field, 300)));
    maker.press("#wall-bookmark", "#item-one", "#item-start", "#add-picture");
    Hand.until(() -> session.face().items().size() == 1);
    maker.press("#tag-cover");
    maker.press("#add-rectangle").value("#tag-width", "1.25").value("#tag-height", "2").value("#tag-left", "1/4").value("#tag-top", "4").value("#tag-fill", "#ffffff").value("#tag-opacity", "70");
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
