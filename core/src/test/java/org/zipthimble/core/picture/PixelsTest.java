package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pixels taken out many at a time are those that the picture itself gives one by one. */
class PixelsTest {
  private static final int WIDE = 64;
  private static final int HIGH = 70;

  /** Every opacity with made-up colours, in a picture of a kind. */
  private static BufferedImage made(int type) {
    BufferedImage image = new BufferedImage(WIDE, HIGH, type);
    Random random = new Random(41);
    for (int i = 0; i < WIDE * HIGH; i++) {
      image.setRGB(i % WIDE, i / WIDE, i % 256 << 24 | random.nextInt(0x1000000));
    }
    return image;
  }

  @ParameterizedTest
  @ValueSource(ints = {BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_INT_ARGB, BufferedImage.TYPE_INT_ARGB_PRE,
      BufferedImage.TYPE_3BYTE_BGR,
      BufferedImage.TYPE_4BYTE_ABGR_PRE, BufferedImage.TYPE_USHORT_565_RGB})
  void allOfThemARowOrAPartAreWhatThePictureGives(int type) {
    BufferedImage image = made(type);
    assertArrayEquals(image.getRGB(0, 0, WIDE, HIGH, null, 0, WIDE), Pixels.argb(image));
    int[] row = new int[WIDE];
    Pixels.row(image, HIGH - 1, row);
    assertArrayEquals(image.getRGB(0, HIGH - 1, WIDE, 1, null, 0, WIDE), row);
    int[] into = new int[5 + 7 * 9];
    Pixels.argb(image, 3, 11, 7, 9, into, 5);
    int[] wanted = new int[into.length];
    image.getRGB(3, 11, 7, 9, wanted, 5, 7);
    assertArrayEquals(wanted, into);
  }

  @ParameterizedTest
  @ValueSource(ints = {BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_INT_ARGB_PRE, BufferedImage.TYPE_3BYTE_BGR})
  void aPartOfALargerPictureIsItselfAndStaysWithinIt(int type) {
    BufferedImage image = made(type);
    BufferedImage part = image.getSubimage(10, 20, 15, 16);
    int[] taken = Pixels.argb(part);
    assertEquals(15 * 16, taken.length);
    assertArrayEquals(image.getRGB(10, 20, 15, 16, null, 0, 15), taken);
    int before = image.getRGB(10, 20);
    taken[0] = ~taken[0];
    assertEquals(before, image.getRGB(10, 20), "what was taken out is a copy");
    assertThrows(ArrayIndexOutOfBoundsException.class, () -> Pixels.argb(image, WIDE - 3, 0, 7, 1, new int[7], 0));
  }

  /** The colour model would make them lighter: 127 becomes 187. */
  @Test
  void greysAreAsTheFileSaysAndAsTheyAreDrawn() {
    BufferedImage greys = new BufferedImage(256, 2, BufferedImage.TYPE_BYTE_GRAY);
    BufferedImage drawn = new BufferedImage(256, 2, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 512; i++) {
      greys.getRaster().setSample(i % 256, i / 256, 0, i % 256);
    }
    drawn.createGraphics().drawImage(greys, 0, 0, null);
    int[] taken = Pixels.argb(greys);
    for (int i = 0; i < 512; i++) {
      assertEquals(0xFF000000 | i % 256 * 0x010101, taken[i]);
    }
    assertArrayEquals(Pixels.argb(drawn), taken);
    assertEquals(40, Pixels.argb(greys.getSubimage(40, 1, 3, 1))[0] & 255);
  }
}
