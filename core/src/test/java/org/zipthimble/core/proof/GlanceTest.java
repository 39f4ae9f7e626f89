package org.zipthimble.core.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Written files as they are looked at: as large as asked, even where they are fine, see-through where they are. */
class GlanceTest {
  @TempDir
  private Path folder;

  /**
   * Threads of one pixel, black and white in turn, are an even grey when seen smaller, whatever the scale; leaving pixels out would make
   * bands of them.
   */
  @ParameterizedTest
  @ValueSource(doubles = {0.9, 0.5, 0.31, 0.2})
  void fineThreadsAreAnEvenGrey(double share) throws IOException {
    int side = 1200;
    BufferedImage threads = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < side; y++) {
      for (int x = 0; x < side; x++) {
        threads.setRGB(x, y, (x + y) % 2 == 0 ? 0xffffff : 0);
      }
    }
    Path file = folder.resolve("threads.png");
    ImageIO.write(threads, "png", file.toFile());
    BufferedImage seen = Glance.picture(file, (width, height) -> share);
    assertEquals(side * share, seen.getWidth(), 1);
    double mean = 0;
    int darkest = 255;
    int lightest = 0;
    for (int y = 2; y < seen.getHeight() - 2; y++) {
      for (int x = 2; x < seen.getWidth() - 2; x++) {
        int level = seen.getRGB(x, y) & 255;
        mean += level;
        darkest = Math.min(darkest, level);
        lightest = Math.max(lightest, level);
      }
    }
    mean /= (seen.getWidth() - 4.0) * (seen.getHeight() - 4);
    assertTrue(share > 0.6 || lightest - darkest < 40, darkest + " to " + lightest);
    assertEquals(127.5, mean, 4);
  }

  @Test
  void whatIsSeenThroughStaysSo() throws IOException {
    BufferedImage half = new BufferedImage(800, 400, BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < 400; y++) {
      for (int x = 0; x < 400; x++) {
        half.setRGB(x, y, 0xff336699);
      }
    }
    Path file = folder.resolve("half.png");
    ImageIO.write(half, "png", file.toFile());
    BufferedImage seen = Glance.picture(file, (width, height) -> 100 / width);
    assertEquals(100, seen.getWidth());
    assertEquals(50, seen.getHeight());
    assertEquals(0xff336699, seen.getRGB(20, 25));
    assertEquals(0, seen.getRGB(80, 25) >>> 24);
  }

  @Test
  void whatIsSmallIsNotMadeLarger() throws IOException {
    Path file = folder.resolve("small.png");
    ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
    assertEquals(40, Glance.picture(file, (width, height) -> 5).getWidth());
  }

  /** Pages of one file may differ in size; each is asked for its own. */
  @Test
  void pagesAreDrawnAsLargeAsTheyAreShown() throws IOException {
    Path file = folder.resolve("pages.pdf");
    try (PDDocument pdf = new PDDocument()) {
      for (PDRectangle size : List.of(new PDRectangle(612, 792), new PDRectangle(144, 72), new PDRectangle(72, 72))) {
        PDPage page = new PDPage(size);
        pdf.addPage(page);
        try (PDPageContentStream draw = new PDPageContentStream(pdf, page)) {
          draw.setNonStrokingColor(1f, 0f, 0f);
          draw.addRect(0, 0, size.getWidth() / 2, size.getHeight());
          draw.fill();
        }
      }
      pdf.save(file.toFile());
    }
    List<BufferedImage> seen = Glance.pages(file, 2, (width, height) -> 440 / height);
    assertEquals(2, seen.size());
    assertEquals(340, seen.get(0).getWidth());
    assertEquals(440, seen.get(0).getHeight());
    assertEquals(880, seen.get(1).getWidth());
    assertEquals(0xff0000, seen.get(1).getRGB(200, 220) & 0xffffff);
    assertEquals(0xffffff, seen.get(1).getRGB(700, 220) & 0xffffff);
  }

  @Test
  void whatIsNoPictureIsTold() throws IOException {
    Path file = Files.writeString(folder.resolve("words.png"), "no picture");
    assertThrows(IOException.class, () -> Glance.picture(file, (width, height) -> 1));
  }
}
