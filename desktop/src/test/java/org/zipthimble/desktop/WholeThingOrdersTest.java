package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/**
 * Whole orders for cups, plates, panels and shirts from blank to file, by mouse and keys; what leaves is drawn and measured by Poppler and
 * ImageMagick.
 */
class WholeThingOrdersTest extends AtTheOrder {
  @Start
  void start(Stage stage) throws IOException {
    comesIn(stage);
  }

  private void bring(String name, int width, int height, int rgb) throws IOException {
    int before = session.face().items().size();
    answers.pictures = List.of(picture(name, width, height, rgb, 0));
    maker.press("#add-picture");
    Hand.until(() -> session.face().items().size() == before + 1);
  }

  /** The first row of a column that is not white. */
  private static int top(BufferedImage image, int x) {
    int y = 0;
    while ((image.getRGB(x, y) & 0xFFFFFF) == 0xFFFFFF) {
      y++;
    }
    return y;
  }

  private static boolean near(BufferedImage image, double x, double y, int ppi, int rgb) {
    Color at = new Color(image.getRGB((int) (x * ppi), (int) (y * ppi)));
    Color to = new Color(rgb);
    return Math.abs(at.getRed() - to.getRed()) + Math.abs(at.getGreen() - to.getGreen()) + Math.abs(at.getBlue() - to.getBlue()) < 24;
  }

  @Test
  void aTaperedTumbler(FxRobot robot) throws Exception {
    maker.press("#item-things").value("#thing-search", "tapered").press("#thing-tapered-tumbler-20", "#thing-start");
    maker.press("#add-rectangle", "#tag-cover").value("#tag-fill", "#e9dcc0");
    bring("leaf.png", 900, 900, 0x3A6B45);
    maker.value("#tag-width", "3").value("#tag-left", "1").value("#tag-top", "1.5");
    bring("bean.png", 600, 600, 0x7A2E4A);
    maker.value("#tag-width", "2").value("#tag-left", "3").value("#tag-top", "2").command("menu.down");
    Path pdf = maker.send("pdf", folder.resolve("tumbler.pdf"));
    int ppi = 100;
    BufferedImage image = drawn(pdf, ppi);
    double taper = 3.4 / (3.4 - 2.7);
    double radius = 6.40956 * taper;
    int middle = image.getWidth() / 2;
    double sagitta = (top(image, middle - 400) + top(image, middle + 400) - 2 * top(image, middle)) / 2.0 / ppi;
    assertEquals(radius - Math.sqrt(radius * radius - 16), Math.abs(sagitta), 0.02, "the upper edge is an arc of the developed cone");
    assertTrue(near(image, middle / (double) ppi + 1.3, 3, ppi, 0x3A6B45),
        "mirrored once: what lies left of the middle comes out on its right");
    assertTrue(near(image, middle / (double) ppi - 0.1, 3, ppi, 0x7A2E4A), "the second picture lies below the first");
    maker.told(1);
  }

  @Test
  void aRingPlate(FxRobot robot) throws Exception {
    maker.press("#item-things").value("#thing-search", "ring plate").press("#thing-ring-plate-12", "#thing-start");
    maker.words("SEED KEPT OVER WINTER").value("#tag-width", "9.6").value("#tag-height", "9.6").value("#tag-left", "1.2")
        .value("#tag-top", "1.2");
    maker.press("#fold-course").next("#course-kind").value("#course-radius", "4.8").value("#tag-size", "40");
    Path pdf = maker.send("pdf", folder.resolve("ring.pdf"));
    int ppi = 100;
    BufferedImage image = drawn(pdf, ppi);
    double centre = image.getWidth() / 2.0;
    double least = centre;
    double most = 0;
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        if ((image.getRGB(x, y) & 0xFF) < 180) {
          double far = Math.hypot(x + 0.5 - centre, y + 0.5 - centre) / ppi;
          least = Math.min(least, far);
          most = Math.max(most, far);
        }
      }
    }
    assertEquals(4.8, least, 0.1, "the letters stand on the circle that was typed");
    assertTrue(least > 4.2 && most < 12 / 2.0 - 0.125, "the words stay on the ring: " + least + " to " + most);
    maker.told(15);
  }

  @Test
  void aMetalPanelWithPicturesInItsLetters(FxRobot robot) throws Exception {
    maker.press("#item-things").value("#thing-search", "metal panel").press("#thing-metal-panel-12-6", "#thing-start");
    maker.words("MARROW").value("#tag-width", "11").value("#tag-left", "0.5").press("#fold-block").value("#block-ink-width", "10")
        .command("menu.outlined").command("menu.mount");
    answers.pictures = List.of(picture("field.png", 3300, 1800, 0x3A6B45, 0));
    maker.command("menu.mountFill");
    Path pdf = maker.send("pdf", folder.resolve("panel.pdf"));
    int ppi = 100;
    BufferedImage image = drawn(pdf, ppi);
    int left = image.getWidth();
    int right = 0;
    for (int x = 0; x < image.getWidth(); x++) {
      for (int y = 0; y < image.getHeight(); y++) {
        if ((image.getRGB(x, y) & 0xFF) < 200) {
          assertTrue((image.getRGB(x, y) >> 8 & 0xFF) > (image.getRGB(x, y) >> 16 & 0xFF), "only the picture's green is in the letters");
          left = Math.min(left, x);
          right = Math.max(right, x + 1);
        }
      }
    }
    assertEquals(10, (right - left) / (double) ppi, 0.03, "the letters are as wide as was typed");
    maker.press("#send-what-traveller");
    String traveller = text(maker.send("pdf", folder.resolve("traveller.pdf")));
    assertTrue(traveller.contains("400"), traveller);
    maker.told(18);
  }

  @Test
  void aShirtPrintWithABendAndSymmetry(FxRobot robot) throws Exception {
    maker.press("#item-things").value("#thing-search", "shirt").press("#thing-shirt-front", "#thing-start");
    maker.words("SOW AND SAVE").value("#tag-width", "9").value("#tag-left", "1").value("#tag-top", "3").press("#fold-block")
        .value("#block-ink-width", "8");
    maker.command("menu.bend").value("#figure-degrees", "60").press("#figures-make");
    maker.press("#add-shape", "#ready-star").value("#tag-width", "2").value("#tag-height", "2").value("#tag-left", "1")
        .value("#tag-top", "7").value("#tag-fill", "#7a2e4a").command("menu.mirrorCopy");
    maker.press("#station-send", "#send-png", "#send-open");
    BufferedImage clear = ImageIO.read(maker.send("png", folder.resolve("shirt.png")).toFile());
    assertEquals("3300x3300 sRGB", Maker.run(folder, "identify", "-format", "%wx%h %[colorspace]", folder.resolve("shirt.png").toString())
        .strip());
    assertEquals(0, clear.getRGB(5, 5) >>> 24, "nothing is printed there");
    for (int y = 2100; y < 2700; y += 10) {
      for (int x = 300; x < 900; x += 10) {
        assertEquals(clear.getRGB(x, y) >>> 24, clear.getRGB(clear.getWidth() - 1 - x, y) >>> 24, 40,
            "both halves are alike at " + x + ", " + y);
      }
    }
    maker.press("#ticket-colour", "#to-print-shop");
    Path pdf = maker.send("pdf", folder.resolve("shirt.pdf"));
    try (PDDocument read = Loader.loadPDF(pdf.toFile())) {
      assertFalse(read.getDocumentCatalog().getOutputIntents().isEmpty(), "the inks are named");
    }
    maker.told(13);
  }
}
