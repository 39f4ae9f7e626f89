package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.geom.Affine;

/**
 * Pictures drawn level: what is known of the kernel (Keys, 1981), the platform's own bicubic drawing beside it, and patterns too fine to
 * be drawn.
 */
class LevelledTest {
  private static final Rectangle ALL = new Rectangle(-1000, -1000, 4000, 4000);
  private static final long SEED = 20_261_130;

  /** Soft blots of made-up colours. */
  private static BufferedImage blots(int width, int height, int type) {
    BufferedImage image = new BufferedImage(width, height, type);
    Random chance = new Random(SEED);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    for (int i = 0; i < 60; i++) {
      g.setColor(new Color(chance.nextInt(0x1000000)));
      g.fillOval(chance.nextInt(width) - 10, chance.nextInt(height) - 10, 8 + chance.nextInt(30), 8 + chance.nextInt(30));
    }
    g.dispose();
    return image;
  }

  private static int part(int rgb, int shift) {
    return rgb >> shift & 255;
  }

  private static int apart(int one, int other) {
    return Math.max(Math.abs(part(one, 16) - part(other, 16)),
        Math.max(Math.abs(part(one, 8) - part(other, 8)), Math.abs(part(one, 0) - part(other, 0))));
  }

  @Test
  void inItsOwnSizeAPictureIsItselfPixelByPixel() {
    BufferedImage image = blots(90, 70, BufferedImage.TYPE_3BYTE_BGR);
    Levelled.Part part = Levelled.of(image, new Affine(90, 0, 0, 70, 5, 7), ALL).orElseThrow();
    assertEquals(5, part.left());
    assertEquals(7, part.top());
    assertArrayEquals(Pixels.argb(image), Pixels.argb(part.image()));
    Levelled.Part turned = Levelled.of(image, new Affine(-90, 0, 0, -70, 95, 77), ALL).orElseThrow();
    for (int i = 0; i < 90 * 70; i++) {
      assertEquals(image.getRGB(i % 90, i / 90), turned.image().getRGB(89 - i % 90, 69 - i / 90), "left for right and upside down");
    }
  }

  @ParameterizedTest
  @CsvSource({"90, 70", "91.5, 120", "300, 211", "1000, 90"})
  void madeLargerItIsAsThePlatformDrawsIt(double width, double height) {
    BufferedImage image = blots(90, 70, BufferedImage.TYPE_INT_RGB);
    Levelled.Part part = Levelled.of(image, new Affine(width, 0, 0, height, 3.25, 4.5), ALL).orElseThrow();
    BufferedImage drawn = new BufferedImage(1010, 240, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = drawn.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.drawImage(image, new AffineTransform(width / 90, 0, 0, height / 70, 3.25, 4.5), null);
    g.dispose();
    long sum = 0;
    int most = 0;
    for (int y = 2; y < part.image().getHeight() - 2; y++) {
      for (int x = 2; x < part.image().getWidth() - 2; x++) {
        int off = apart(part.image().getRGB(x, y), drawn.getRGB(x + part.left(), y + part.top()));
        sum += off;
        most = Math.max(most, off);
      }
    }
    assertTrue(most <= 6, "the platform weighs by 256ths and looks places up; most " + most);
    assertTrue(sum < 1.0 * part.image().getWidth() * part.image().getHeight(), "on the average " + sum);
  }

  @ParameterizedTest
  @CsvSource({"37, 29", "61.3, 44.8", "89, 69", "46, 200", "12, 9"})
  void evenColoursStayAndSlopesStaySlopes(double width, double height) {
    BufferedImage image = new BufferedImage(90, 70, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 90 * 70; i++) {
      image.setRGB(i % 90, i / 90, i % 90 * 2 + 20 << 16 | i / 90 * 3 + 10 << 8 | 200);
    }
    BufferedImage out = Levelled.of(image, new Affine(width, 0, 0, height, 0, 0), ALL).orElseThrow().image();
    int marginX = (int) Math.ceil(2 * Math.max(1, width / 90)) + 1;
    int marginY = (int) Math.ceil(2 * Math.max(1, height / 70)) + 1;
    for (int y = marginY; y < out.getHeight() - marginY; y++) {
      for (int x = marginX; x < out.getWidth() - marginX; x++) {
        int rgb = out.getRGB(x, y);
        assertEquals(200, part(rgb, 0), "the weights add up to one");
        assertEquals(((x + 0.5) / width * 90 - 0.5) * 2 + 20, part(rgb, 16), 1.2);
        assertEquals(((y + 0.5) / height * 70 - 0.5) * 3 + 10, part(rgb, 8), 1.2);
      }
    }
  }

  @Test
  void whatIsTooFineToBeDrawnBecomesEvenAndMakesNoPatternOfItsOwn() {
    BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 400 * 300; i++) {
      image.setRGB(i % 400, i / 400, (i % 400 + i / 400) % 2 == 0 ? 0xFFFFFF : 0);
    }
    int[] dense = Pixels.argb(Levelled.of(image, new Affine(230, 0, 0, 172, 0, 0), new Rectangle(10, 10, 200, 150)).orElseThrow().image());
    int least = 255;
    int most = 0;
    for (int pixel : dense) {
      least = Math.min(least, part(pixel, 8));
      most = Math.max(most, part(pixel, 8));
    }
    assertTrue(least >= 115 && most <= 140, "from " + least + " to " + most + " of 255, where the mean is 127.5");
  }

  @Test
  void bandsOfItJoinWithoutASeam() {
    BufferedImage image = blots(200, 150, BufferedImage.TYPE_3BYTE_BGR);
    Affine map = new Affine(133.4, 0, 0, 101.7, 0.3, -0.4);
    BufferedImage whole = Levelled.of(image, map, new Rectangle(0, 0, 200, 101)).orElseThrow().image();
    for (int top = 0; top < 101; top += 17) {
      Levelled.Part band = Levelled.of(image, map.then(Affine.move(0, -top)), new Rectangle(0, 0, 60, 17)).orElseThrow();
      for (int y = 0; y < band.image().getHeight() && top + y < whole.getHeight(); y++) {
        for (int x = 0; x < band.image().getWidth(); x++) {
          assertEquals(whole.getRGB(x, top + y), band.image().getRGB(x, y), x + ", " + (top + y));
        }
      }
    }
    assertTrue(Levelled.of(image, map, new Rectangle(500, 0, 10, 10)).isEmpty());
  }

  @Test
  void whatLeansOrIsSeenThroughIsLeftToOthers() {
    BufferedImage image = blots(40, 30, BufferedImage.TYPE_INT_RGB);
    assertTrue(Levelled.can(image, new Affine(40, 0, 0, -30, 0, 0)));
    assertFalse(Levelled.can(image, Affine.scale(40, 30).then(Affine.turn(1, new org.zipthimble.core.geom.Point(0, 0)))));
    assertFalse(Levelled.can(image, new Affine(2, 0, 0, 30, 0, 0)), "a twentieth as wide");
    assertFalse(Levelled.can(blots(40, 30, BufferedImage.TYPE_INT_ARGB), new Affine(40, 0, 0, 30, 0, 0)));
    assertThrows(IllegalArgumentException.class, () -> Levelled.of(image, new Affine(2, 0, 0, 30, 0, 0), ALL));
  }
}
