package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Tracing: known areas come back, in few curves; specks and stopping. */
class TraceTest {
  /** Where a threshold is next to a colour, the line runs through that colour's outermost pixels' middles: half a pixel about 200 x 120. */
  private static final double HALF_A_PIXEL = 2 * (200 + 120) * 0.5 + 5;

  private static BufferedImage drawn(int type, java.util.function.Consumer<Graphics2D> art) {
    BufferedImage image = new BufferedImage(400, 300, type);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    if (type == BufferedImage.TYPE_INT_RGB) {
      g.setColor(Color.WHITE);
      g.fillRect(0, 0, 400, 300);
    }
    g.setColor(Color.BLACK);
    art.accept(g);
    g.dispose();
    return image;
  }

  private static Path pixels(Path unit) {
    return unit.mapped(Affine.scale(400, 300));
  }

  @Test
  void aDarkRoundComesBackAsAFewCurves() throws Stopped {
    BufferedImage image = drawn(BufferedImage.TYPE_INT_RGB, g -> {
      g.fillOval(100, 50, 200, 200);
      g.setColor(Color.WHITE);
      g.fillOval(170, 120, 60, 60);
      g.setColor(Color.BLACK);
      g.fillRect(10, 10, 3, 3);
    });
    List<Trace.Layer> layers = Trace.of(image, Trace.TraceSetting.USUAL, Progress.SILENT);
    Path path = pixels(layers.get(0).unit());
    assertEquals(Math.PI * (100 * 100 - 30 * 30), Extent.area(path), 160);
    assertEquals(2, Contour.of(path).size(), "the speck of nine pixels is left out");
    assertTrue(Extent.points(path) <= 24, "points " + Extent.points(path));
    assertEquals(3, Contour.of(Trace.of(image, new Trace.TraceSetting(1, 128, 0, 4), Progress.SILENT).get(0).unit()).size());
  }

  @Test
  void cornersStaySharp() throws Stopped {
    BufferedImage image = drawn(BufferedImage.TYPE_INT_RGB, g -> g.fillRect(50, 40, 200, 120));
    Path path = pixels(Trace.of(image, new Trace.TraceSetting(1, 128, 0, 16), Progress.SILENT).get(0).unit());
    assertEquals(200 * 120, Extent.area(path), 30);
    assertTrue(Extent.points(path) <= 12, "points " + Extent.points(path));
  }

  @Test
  void coloursLieOverEachOtherWithoutGaps() throws Stopped {
    BufferedImage image = drawn(BufferedImage.TYPE_INT_RGB, g -> {
      g.setColor(new Color(200, 40, 40));
      g.fillRect(0, 0, 200, 300);
      g.setColor(new Color(30, 90, 200));
      g.fillOval(120, 80, 150, 150);
    });
    List<Trace.Layer> layers = Trace.of(image, new Trace.TraceSetting(3, 128, 1, 16), Progress.SILENT);
    assertEquals(3, layers.size());
    assertEquals(400 * 300, Extent.area(pixels(layers.get(0).unit())), 1500, "the lowest lies under all");
    assertEquals(Math.PI * 75 * 75, Extent.area(pixels(layers.get(2).unit())), 500);
  }

  @Test
  void theOpaquePartOfAPictureIsItsOutline() {
    BufferedImage image = drawn(BufferedImage.TYPE_INT_ARGB, g -> g.fillOval(100, 50, 200, 200));
    assertEquals(Math.PI * 100 * 100, Extent.area(pixels(Trace.opaque(image, 128))), 120);
    assertEquals(1, Extent.area(Trace.opaque(drawn(BufferedImage.TYPE_INT_RGB, g -> { }), 128)), 1e-9);
  }

  @Test
  void thresholdsAtTheirEndsLeaveWhiteOutAndBlackIn() throws Stopped {
    BufferedImage nearlyWhite = drawn(BufferedImage.TYPE_INT_RGB, g -> {
      g.setColor(new Color(254, 254, 254));
      g.fillRect(50, 40, 200, 120);
    });
    Path darker = pixels(Trace.of(nearlyWhite, new Trace.TraceSetting(1, 255, 0, 16), Progress.SILENT).get(0).unit());
    assertEquals(200 * 120, Extent.area(darker), 30, "white is not darker than 255");
    assertTrue(Trace.of(nearlyWhite, new Trace.TraceSetting(1, 254, 0, 16), Progress.SILENT).isEmpty());
    BufferedImage black = drawn(BufferedImage.TYPE_INT_RGB, g -> g.fillRect(50, 40, 200, 120));
    assertEquals(200 * 120, Extent.area(pixels(Trace.of(black, new Trace.TraceSetting(1, 1, 0, 16), Progress.SILENT).get(0).unit())),
        HALF_A_PIXEL, "black is darker than 1");
  }

  @Test
  void whatIsHalfClearIsHalfAsDark() throws Stopped {
    BufferedImage image = drawn(BufferedImage.TYPE_INT_ARGB, g -> {
      g.setColor(new Color(0, 0, 0, 120));
      g.fillRect(50, 40, 200, 120);
    });
    assertTrue(Trace.of(image, Trace.TraceSetting.USUAL, Progress.SILENT).isEmpty(), "black of 47 % over white is lighter than 128");
    assertEquals(200 * 120, Extent.area(pixels(Trace.of(image, new Trace.TraceSetting(1, 140, 0, 16), Progress.SILENT).get(0).unit())),
        HALF_A_PIXEL);
  }

  @Test
  void itStopsWhenAsked() {
    Progress stop = new Progress() {
      @Override
      public void at(double fraction) {}

      @Override
      public boolean stopped() {
        return true;
      }
    };
    assertThrows(Stopped.class, () -> Trace.of(drawn(BufferedImage.TYPE_INT_RGB, g -> { }), new Trace.TraceSetting(4, 128, 1, 16), stop));
  }
}
