package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.File;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.paint.PngFile;

/** What is done to pictures is done to what is drawn, never to the file. */
class RetouchTest {
  private static final int WIDE = 400;
  private static final int HIGH = 300;

  @TempDir
  Path folder;

  private static Picture of(BufferedImage image) throws Exception {
    return Pictures.look("made.png", PngFile.bytes(image, 300), Pictures.Limits.USUAL);
  }

  /** A smooth slope from left to right, with a black disc in the middle. */
  private static BufferedImage slope(boolean disc) {
    BufferedImage image = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < HIGH; y++) {
      for (int x = 0; x < WIDE; x++) {
        image.setRGB(x, y, new Color(40 + x / 2, 120, 200 - x / 4).getRGB());
      }
    }
    if (disc) {
      Graphics2D g = image.createGraphics();
      g.setColor(Color.BLACK);
      g.fillOval(160, 110, 80, 80);
      g.dispose();
    }
    return image;
  }

  private static int[] parts(int rgb) {
    return new int[] {rgb >>> 24, rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255};
  }

  private static void near(int wanted, int got, int most, String where) {
    for (int i = 0; i < 4; i++) {
      assertEquals(parts(wanted)[i], parts(got)[i], most, where + " part " + i);
    }
  }

  @Test
  void nothingDoneIsThePictureItself() throws Exception {
    Picture picture = of(slope(false));
    assertSame(picture, picture.retouched(Retouch.NONE));
    Picture tinted = picture.retouched(Retouch.NONE.withTint(Optional.of(Made.BEET)));
    assertEquals(picture.blob(), tinted.blob(), "the file stays");
    assertTrue(!picture.id().equals(tinted.id()), "and it is told apart");
    assertThrows(IllegalStateException.class, () -> tinted.retouched(Retouch.NONE));
  }

  /** A hard brush of a known size takes a known area away; restoring brings exactly the original back. */
  @Test
  void theBrushTakesWhatItCoversAndBringsItBack() throws Exception {
    Picture picture = of(slope(true));
    BrushStroke dot = new BrushStroke(List.of(new Point(0.5, 0.5)), 0.1, 0, false);
    BufferedImage rubbed = Pictures.decode(picture.retouched(Retouch.NONE.rubbed(dot)));
    double gone = 0;
    for (int y = 0; y < HIGH; y++) {
      for (int x = 0; x < WIDE; x++) {
        gone += 1 - (rubbed.getRGB(x, y) >>> 24) / 255.0;
      }
    }
    assertEquals(Math.PI * 40 * 40, gone, 60, "the area of a circle of 40 pixels");
    BrushStroke back = new BrushStroke(List.of(new Point(0.4, 0.5), new Point(0.6, 0.5)), 0.2, 0.5, true);
    BufferedImage restored = Pictures.decode(picture.retouched(Retouch.NONE.rubbed(dot).rubbed(back)));
    for (int x = 120; x < 280; x += 9) {
      near(slope(true).getRGB(x, 150), restored.getRGB(x, 150), 1, "restored at " + x);
    }
  }

  /** A disc rubbed out of a smooth slope is filled so that the slope is there again: the colour around it, measured. */
  @Test
  void aPatchTakesTheColourAroundIt() throws Exception {
    BrushStroke over = new BrushStroke(List.of(new Point(0.5, 0.5)), 0.13, 0.1, false);
    Picture picture = of(slope(true));
    BufferedImage patched = Pictures.decode(picture.retouched(Retouch.NONE.rubbed(over).withPatched(true)));
    BufferedImage clean = slope(false);
    for (int y = 100; y < 200; y += 7) {
      for (int x = 150; x < 250; x += 7) {
        near(clean.getRGB(x, y), patched.getRGB(x, y), 14, "at " + x + ", " + y);
      }
    }
    near(clean.getRGB(20, 20), patched.getRGB(20, 20), 0, "far from it nothing is changed");
  }

  @Test
  void aBackgroundGoesFromTheEdgeOrEverywhere() throws Exception {
    BufferedImage image = new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, 200, 200);
    g.setRenderingHint(java.awt.RenderingHints.KEY_ANTIALIASING, java.awt.RenderingHints.VALUE_ANTIALIAS_ON);
    g.setColor(new Color(0x7A2E22));
    g.fillOval(40, 40, 120, 120);
    g.setColor(Color.WHITE);
    g.fillOval(85, 85, 30, 30);
    g.dispose();
    Picture picture = of(image);
    BufferedImage edge = Pictures.decode(
        picture.retouched(Retouch.NONE.withBackdrop(Optional.of(new Backdrop(Colour.WHITE, 0.05, true, 1)))));
    assertEquals(0, edge.getRGB(5, 5) >>> 24, "the background is gone");
    assertEquals(255, edge.getRGB(100, 100) >>> 24, "the island in the middle is kept");
    near(0xFF7A2E22, edge.getRGB(60, 100), 0, "and the subject is as it was");
    BufferedImage all = Pictures.decode(
        picture.retouched(Retouch.NONE.withBackdrop(Optional.of(new Backdrop(Colour.WHITE, 0.05, false, 0.5)))));
    assertEquals(0, all.getRGB(100, 100) >>> 24, "everywhere: the island goes too");
    int halves = 0;
    for (int x = 48; x < 64; x++) {
      int pixel = edge.getRGB(x, 60);
      if (pixel >>> 24 > 60 && pixel >>> 24 < 255) {
        halves++;
        near(pixel & 0xFF000000 | 0x7A2E22, pixel, 40, "no white fringe at " + x);
      }
    }
    assertTrue(halves > 0, "the edge stays smooth");
  }

  @Test
  void croppingStraighteningAndFlippingFrameThePicture() throws Exception {
    Picture picture = of(slope(false));
    Picture right = picture.retouched(Retouch.NONE.withCrop(new Box(0.5, 0, 0.5, 1)));
    assertEquals(200, right.width());
    BufferedImage half = Pictures.decode(right);
    near(slope(false).getRGB(210, 100), half.getRGB(10, 100), 1, "the right half");
    BufferedImage flipped = Pictures.decode(picture.retouched(Retouch.NONE.flipped(true, false)));
    near(slope(false).getRGB(WIDE - 1 - 30, 100), flipped.getRGB(30, 100), 1, "mirrored");
    Picture turned = picture.retouched(Retouch.NONE.withStraighten(10));
    BufferedImage straight = Pictures.decode(turned);
    assertEquals(turned.width(), straight.getWidth());
    // A frame of w x h turned by a within itself must shrink by cos a + (w / h) sin a for the shorter side: 1.2164 here.
    double shrink = Math.cos(Math.toRadians(10)) + (double) WIDE / HIGH * Math.sin(Math.toRadians(10));
    assertEquals(WIDE / shrink, turned.width(), 1, "what is lost by turning is told by the pixels left");
    assertEquals(255, straight.getRGB(0, 0) >>> 24);
    assertTrue((straight.getRGB(0, 0) & 255) > 0 && (straight.getRGB(straight.getWidth() - 1, straight.getHeight() - 1) >> 8 & 255) > 100,
        "no empty corner");
  }

  /** Brightness leaves black and white; saturation -1 gives the grey of ITU-R BT.709; looks differ from each other. */
  @Test
  void tonesAndLooksDoWhatTheirNamesSay() {
    Grading bright = new Grading(Retouch.NONE.withTones(Tones.NONE.withBrightness(0.5)));
    assertEquals(0x000000, bright.of(0x000000));
    assertEquals(0xFFFFFF, bright.of(0xFFFFFF));
    assertTrue((bright.of(0x808080) & 255) > 0x90);
    int grey = new Grading(Retouch.NONE.withTones(Tones.NONE.withSaturation(-1))).of(0x3C78C8);
    int wanted = (int) Math.round(0.2126 * 0x3C + 0.7152 * 0x78 + 0.0722 * 0xC8);
    assertEquals(wanted << 16 | wanted << 8 | wanted, grey);
    int warm = new Grading(Retouch.NONE.withTones(Tones.NONE.withWarmth(1))).of(0x808080);
    assertTrue((warm >> 16 & 255) > (warm & 255) + 30);
    Set<Integer> seen = new HashSet<>();
    for (PictureLook look : PictureLook.values()) {
      seen.add(new Grading(Retouch.NONE.looking(look, 1)).of(0x6A8F5B));
      assertEquals(new Grading(Retouch.NONE).of(0x6A8F5B), new Grading(Retouch.NONE.looking(look, 0)).of(0x6A8F5B),
          look + " at nothing is nothing");
    }
    assertEquals(PictureLook.values().length, seen.size(), "every look is its own");
    assertTrue(PictureLook.values().length > 10);
  }

  /** A tint keeps the silhouette: opacity stays, colour is one. */
  @Test
  void aTintColoursTheWholeSilhouette() throws Exception {
    BufferedImage image = new BufferedImage(60, 60, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(20, 200, 90, 128));
    g.fillRect(10, 10, 30, 30);
    g.dispose();
    BufferedImage out = Pictures.decode(of(image).retouched(Retouch.NONE.withTint(Optional.of(Made.BEET))));
    near(128 << 24 | Made.BEET.rgb(), out.getRGB(20, 20), 2, "tinted");
    assertEquals(0, out.getRGB(50, 50) >>> 24);
  }

  /** Twice as large by Lanczos' kernel is as ImageMagick's own Lanczos filter makes it; the resolution that counts stays. */
  @Test
  void enlargingAgreesWithImageMagickAndCountsForNothing() throws Exception {
    Picture picture = of(Made.chequers(80, 60));
    Picture large = picture.retouched(Retouch.NONE.withEnlarged(2));
    assertEquals(80, large.width(), "real pixels");
    BufferedImage ours = Pictures.decode(large);
    assertEquals(160, ours.getWidth());
    File in = folder.resolve("in.png").toFile();
    ImageIO.write(Made.chequers(80, 60), "png", in);
    Process process = new ProcessBuilder("convert", in.getPath(), "-filter", "Lanczos", "-define", "filter:lobes=3", "-resize", "160x120",
        folder.resolve("out.png").toString()).start();
    assertTrue(process.waitFor(60, TimeUnit.SECONDS));
    BufferedImage theirs = ImageIO.read(folder.resolve("out.png").toFile());
    long sum = 0;
    for (int y = 4; y < 116; y++) {
      for (int x = 4; x < 156; x++) {
        for (int shift = 0; shift <= 16; shift += 8) {
          sum += Math.abs((ours.getRGB(x, y) >> shift & 255) - (theirs.getRGB(x, y) >> shift & 255));
        }
      }
    }
    assertTrue(sum / 3.0 / 112 / 152 < 1.0, "mean difference " + sum / 3.0 / 112 / 152);
  }

  /** The same edits look alike on a halved picture and on the whole one halved after: the screen shows what is printed. */
  @Test
  void aReducedPictureIsRetouchedAlike() throws Exception {
    Retouch how = Retouch.NONE.rubbed(new BrushStroke(List.of(new Point(0.2, 0.2), new Point(0.6, 0.7)), 0.08, 0.4, false))
        .withPatched(true)
        .looking(PictureLook.LATE_HARVEST, 0.8).withCrop(new Box(0.1, 0.1, 0.8, 0.8)).withStraighten(4);
    Picture picture = of(slope(true)).retouched(how);
    BufferedImage small = new Halvings().atLeast(picture, 0.5);
    BufferedImage whole = Halvings.half(Pictures.decode(picture));
    long sum = 0;
    int width = Math.min(small.getWidth(), whole.getWidth());
    int height = Math.min(small.getHeight(), whole.getHeight());
    assertEquals(whole.getWidth(), small.getWidth(), 1);
    for (int y = 2; y < height - 2; y++) {
      for (int x = 2; x < width - 2; x++) {
        for (int shift = 0; shift <= 16; shift += 8) {
          sum += Math.abs((small.getRGB(x, y) >> shift & 255) - (whole.getRGB(x, y) >> shift & 255));
        }
      }
    }
    assertTrue(sum / 3.0 / width / height < 2.5, "mean difference " + sum / 3.0 / width / height);
  }

  @Test
  void absurdFiguresAreRefused() {
    assertThrows(IllegalArgumentException.class, () -> Retouch.NONE.withCrop(new Box(0.5, 0, 0.6, 1)));
    assertThrows(IllegalArgumentException.class, () -> Retouch.NONE.withStraighten(60));
    assertThrows(IllegalArgumentException.class, () -> Retouch.NONE.withEnlarged(0.5));
    assertThrows(IllegalArgumentException.class, () -> new BrushStroke(List.of(), 0.1, 0, false));
    assertThrows(IllegalArgumentException.class, () -> new BrushStroke(List.of(new Point(1e9, 0)), 0.1, 0, false));
    assertThrows(IllegalArgumentException.class, () -> new Backdrop(Colour.WHITE, 2, true, 0));
    assertThrows(IllegalArgumentException.class, () -> new Tones(2, 0, 0, 0));
  }
}
