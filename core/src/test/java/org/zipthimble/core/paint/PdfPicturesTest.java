package org.zipthimble.core.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.picture.Pixels;

/** Pictures that go into a PDF with fewer pixels than they have. */
class PdfPicturesTest {
  /** Cloth seen from far away: threads of one pixel, light and dark in turn. */
  private static Picture weave(int type) throws Exception {
    BufferedImage image = new BufferedImage(600, 400, type);
    for (int i = 0; i < 600 * 400; i++) {
      image.setRGB(i % 600, i / 600, (i % 600 + i / 600) % 2 == 0 ? 0xFFE0E0E0 : 0xFF202020);
    }
    return Pictures.look("weave.png", PngFile.bytes(image, 300), Pictures.Limits.USUAL);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.93, 0.8, 0.57, 0.4, 0.23})
  void aFineWeaveBecomesEvenAndNoPatternStandsUp(double share) throws Exception {
    BufferedImage coarser = PdfPictures.coarser(weave(BufferedImage.TYPE_INT_RGB), share, new Halvings());
    assertEquals(Math.round(600 * share), coarser.getWidth());
    assertEquals(Math.round(400 * share), coarser.getHeight());
    int[] sums = new int[4];
    int part = coarser.getWidth() / 4;
    int[] pixels = Pixels.argb(coarser);
    for (int y = 8; y < coarser.getHeight() - 8; y++) {
      for (int x = 0; x < 4 * part; x++) {
        sums[x / part] += pixels[y * coarser.getWidth() + x] >> 8 & 255;
      }
    }
    for (int sum : sums) {
      assertEquals(128, (double) sum / part / (coarser.getHeight() - 16), 2, "each quarter is as light as the whole");
    }
    if (share < 0.6) {
      for (int y = 8; y < coarser.getHeight() - 8; y++) {
        for (int x = 8; x < coarser.getWidth() - 8; x++) {
          assertEquals(128, pixels[y * coarser.getWidth() + x] >> 8 & 255, 12, "no thread is seen any more, and nothing in its place");
        }
      }
    }
  }

  @Test
  void aGreyPhotographStaysAsDarkAsItCame() throws Exception {
    BufferedImage greys = new BufferedImage(600, 400, BufferedImage.TYPE_BYTE_GRAY);
    for (int i = 0; i < 600 * 400; i++) {
      greys.getRaster().setSample(i % 600, i / 600, 0, i % 600 / 3);
    }
    ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
    ImageIO.write(greys, "jpg", jpeg);
    Picture photograph = Pictures.look("grey.jpg", jpeg.toByteArray(), Pictures.Limits.USUAL);
    for (double share : new double[] {1, 0.8, 0.57, 0.4}) {
      BufferedImage drawn = PdfPictures.coarser(photograph, share, new Halvings());
      for (int x = 20; x < drawn.getWidth() - 20; x += 7) {
        assertEquals((x + 0.5) / share / 3, drawn.getRGB(x, drawn.getHeight() / 2) >> 8 & 255, 2.5, "at " + share);
      }
    }
  }

  @Test
  void whatIsSeenThroughKeepsItsOpacity() throws Exception {
    BufferedImage image = new BufferedImage(600, 400, BufferedImage.TYPE_INT_ARGB);
    for (int i = 0; i < 600 * 400; i++) {
      image.setRGB(i % 600, i / 600, i % 600 < 300 ? 0x50E0E0E0 : 0);
    }
    Picture glass = Pictures.look("glass.png", PngFile.bytes(image, 300), Pictures.Limits.USUAL);
    BufferedImage coarser = PdfPictures.coarser(glass, 0.57, new Halvings());
    assertEquals(342, coarser.getWidth());
    assertEquals(0x50, coarser.getRGB(80, 100) >>> 24, 1, "as opaque as it came");
    assertEquals(0, coarser.getRGB(260, 100) >>> 24, "nothing where nothing was");
  }
}
