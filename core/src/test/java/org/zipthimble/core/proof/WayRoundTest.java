package org.zipthimble.core.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;

/** Which way round an art lies, from its pixels alone. */
class WayRoundTest {
  private static BufferedImage page(int wide, int high, int x, int y, boolean turned) {
    BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, wide, high);
    g.setColor(Color.BLACK);
    if (turned) {
      g.translate(wide, 0);
      g.scale(-1, 1);
    }
    // an L, which is another letter in a mirror
    g.fillRect(x, y, wide / 40, high / 20);
    g.fillRect(x, y + high / 20, wide / 16, high / 60);
    g.dispose();
    return image;
  }

  @Test
  void aSmallLetterOnALargePageIsEnough() {
    BufferedImage seen = page(800, 600, 390, 280, false);
    assertEquals(WayRound.AS_SEEN, WayRound.of(page(1600, 1200, 780, 560, false), seen));
    assertEquals(WayRound.MIRRORED, WayRound.of(page(1600, 1200, 780, 560, true), seen));
  }

  @Test
  void aBlankPageAndAnEvenOneLookTheSameBothWays() {
    BufferedImage blank = new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = blank.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, 200, 200);
    g.dispose();
    assertEquals(WayRound.EITHER, WayRound.of(blank, blank));
    BufferedImage even = new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB);
    g = even.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, 200, 200);
    g.setColor(Color.GREEN);
    g.fillRect(60, 20, 80, 100);
    g.dispose();
    assertEquals(WayRound.EITHER, WayRound.of(even, even));
  }

  @Test
  void anotherArtIsNeither() {
    assertEquals(WayRound.NEITHER, WayRound.of(page(800, 600, 400, 60, false), page(800, 600, 390, 500, false)));
  }
}
