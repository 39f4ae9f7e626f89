package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.bring.PictureIn;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.HoldsPicture;
import org.zipthimble.core.wording.Trouble;

class PicturesTest {
  @TempDir private Path folder;

  @Test
  void aPictureKeepsItsBytesAndTellsItsPixels() throws Exception {
    byte[] bytes = Made.jpeg(320, 200);
    Picture picture = Importers.pictures(Files.write(folder.resolve("beds.jpeg"), bytes)).get(0);
    assertEquals(Kind.JPEG, picture.kind());
    assertEquals(320, picture.width());
    assertArrayEquals(bytes, picture.blob().bytes());
    assertEquals(new Blob(bytes), picture.blob());
    assertEquals(64, picture.id().length());
  }

  /** A picture lands at its true size for the ticket's resolution: 1500 px at 300 ppi are 5 in (arithmetic). */
  @Test
  void aPictureLandsAtItsTrueSize() {
    HoldsPicture photo = PictureIn.place(Made.card(), Made.picture(1500, 600), new Point(2.5, 3.5));
    assertEquals(5, photo.placement().width(), 1e-12);
    assertEquals(2, photo.placement().height(), 1e-12);
    assertEquals(2.5, photo.placement().centre().x(), 1e-12);
    assertEquals("chequers", photo.properties().name());
  }

  @Test
  void whatIsNoPictureIsToldByItsName() {
    Trouble text = assertThrows(Trouble.class,
        () -> Pictures.look("notes.png", "hello".getBytes(StandardCharsets.UTF_8), Pictures.Limits.USUAL));
    assertTrue(text.getMessage().contains("notes.png"), text.getMessage());
    assertThrows(Trouble.class, () -> Importers.pictures(folder.resolve("gone.png")).get(0));
    byte[] cut = Arrays.copyOf(Made.png(200, 200), 300);
    assertThrows(Trouble.class, () -> Pictures.look("cut.png", cut, Pictures.Limits.USUAL));
  }

  @Test
  void limitsAreKeptBeforeAnythingIsDecoded() {
    assertTrue(assertThrows(Trouble.class, () -> Pictures.look("big.png", Made.png(200, 200), new Pictures.Limits(1_000_000, 39_999)))
        .getMessage().contains("200 × 200"));
    assertThrows(Trouble.class, () -> Pictures.look("big.png", Made.png(200, 200), new Pictures.Limits(100, 1_000_000)));
  }

  @Test
  void damagedPicturesGiveASentenceOrAPicture() {
    byte[] png = Made.png(60, 40);
    byte[] jpeg = Made.jpeg(60, 40);
    Random random = new Random(3);
    int refused = 0;
    for (int i = 0; i < 400; i++) {
      byte[] bytes = (i % 2 == 0 ? png : jpeg).clone();
      for (int k = 0; k < 3; k++) {
        bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
      }
      try {
        assertTrue(Pictures.look("p", bytes, Pictures.Limits.USUAL).width() > 0);
      } catch (Trouble trouble) {
        refused++;
      }
    }
    assertTrue(refused > 50, "much of this damage must be seen: " + refused);
  }

  @Test
  void halvedCopiesKeepTheMeanColour() throws Trouble {
    Picture picture = Made.picture(640, 480);
    Halvings halvings = new Halvings();
    assertEquals(640, halvings.atLeast(picture, 0.7).getWidth());
    assertEquals(80, halvings.atLeast(picture, 0.12).getWidth(), "0.12 of 640 is below 80");
    assertEquals(160, halvings.atLeast(picture, 0.13).getWidth(), "0.13 of 640 is above 80");
    assertEquals(mean(halvings.atLeast(picture, 1)), mean(halvings.atLeast(picture, 0.1)), 2);
  }

  private static double mean(java.awt.image.BufferedImage image) {
    double sum = 0;
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        sum += image.getRGB(x, y) >> 8 & 255;
      }
    }
    return sum / image.getWidth() / image.getHeight();
  }
}
