package org.zipthimble.core.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferInt;
import java.awt.image.DirectColorModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;

/** Does what a retouch says to a picture's pixels, at full size or reduced. */
final class Retoucher {
  private Retoucher() {}

  /**
   * The picture, retouched.
   *
   * @param image as it came, upright, at full size or halved
   * @param full whether it is at full size, where enlarging counts
   */
  static BufferedImage apply(BufferedImage image, Retouch how, boolean full) {
    BufferedImage coloured = touchesPixels(how) ? coloured(image, how) : image;
    BufferedImage framed = framed(coloured, how);
    return full && how.enlarged() > 1 ? Enlarge.by(plain(framed), how.enlarged()) : framed;
  }

  private static boolean touchesPixels(Retouch how) {
    return how.backdrop().isPresent() || !how.rubs().isEmpty() || Grading.needed(how);
  }

  private static BufferedImage coloured(BufferedImage image, Retouch how) {
    int width = image.getWidth();
    int height = image.getHeight();
    int[] pixels = straight(image);
    EraseMask rubbing = how.rubs().isEmpty() ? null : new EraseMask(how.rubs(), width, height);
    int[] before = how.backdrop().isPresent() && rubbing != null && rubbing.restoring() ? pixels.clone() : pixels;
    how.backdrop().ifPresent(b -> Removal.apply(b, pixels, width, height));
    if (rubbing != null) {
      restore(pixels, before, rubbing);
      if (how.patched()) {
        Patch.fill(pixels, rubbing.gone(), width, height);
      } else {
        rub(pixels, rubbing.gone());
      }
    }
    if (Grading.needed(how)) {
      new Grading(how).apply(pixels);
    }
    boolean alpha = image.getColorModel().hasAlpha() || how.backdrop().isPresent() || rubbing != null && !how.patched();
    return alpha ? premultiplied(pixels, width, height) : solid(pixels, width, height);
  }

  private static int[] straight(BufferedImage image) {
    int width = image.getWidth();
    int[] pixels = new int[width * image.getHeight()];
    for (int y = 0; y < image.getHeight(); y++) {
      Pixels.argb(image, 0, y, width, 1, pixels, y * width);
    }
    return pixels;
  }

  /** What the brush brought back is as it was before the background went. */
  private static void restore(int[] pixels, int[] before, EraseMask rubbing) {
    for (int i = 0; before != pixels && i < pixels.length; i++) {
      int back = rubbing.back(i);
      if (back > 0) {
        int alpha = (pixels[i] >>> 24) + ((before[i] >>> 24) - (pixels[i] >>> 24)) * back / 255;
        pixels[i] = alpha << 24 | before[i] & 0xFFFFFF;
      }
    }
  }

  private static void rub(int[] pixels, byte[] gone) {
    for (int i = 0; i < pixels.length; i++) {
      int g = gone[i] & 255;
      if (g > 0) {
        pixels[i] = (pixels[i] >>> 24) * (255 - g) / 255 << 24 | pixels[i] & 0xFFFFFF;
      }
    }
  }

  private static BufferedImage solid(int[] pixels, int width, int height) {
    for (int i = 0; i < pixels.length; i++) {
      pixels[i] &= 0xFFFFFF;
    }
    return around(pixels, width, height, new DirectColorModel(24, 0xFF0000, 0xFF00, 0xFF));
  }

  private static BufferedImage premultiplied(int[] pixels, int width, int height) {
    for (int i = 0; i < pixels.length; i++) {
      int a = pixels[i] >>> 24;
      if (a < 255) {
        pixels[i] = a << 24 | times(pixels[i] >> 16, a) << 16 | times(pixels[i] >> 8, a) << 8 | times(pixels[i], a);
      }
    }
    return around(pixels, width, height, new DirectColorModel(
        ColorSpace.getInstance(ColorSpace.CS_sRGB), 32, 0xFF0000, 0xFF00, 0xFF, 0xFF000000, true, DataBuffer.TYPE_INT));
  }

  /** A picture of these very pixels; a copy of a large one's would not fit beside it. */
  private static BufferedImage around(int[] pixels, int width, int height, ColorModel model) {
    int[] masks = model.hasAlpha() ? new int[] {0xFF0000, 0xFF00, 0xFF, 0xFF000000} : new int[] {0xFF0000, 0xFF00, 0xFF};
    WritableRaster raster = Raster.createPackedRaster(new DataBufferInt(pixels, pixels.length), width, height, width, masks, null);
    return new BufferedImage(model, raster, model.hasAlpha(), null);
  }

  private static int times(int part, int alpha) {
    return ((part & 255) * alpha + 127) / 255;
  }

  /** Turned straight about the crop's middle, cropped, flipped. */
  private static BufferedImage framed(BufferedImage image, Retouch how) {
    boolean whole = how.crop().equals(Retouch.WHOLE) && how.straighten() == 0 && !how.flippedX() && !how.flippedY();
    if (whole) {
      return image;
    }
    double zoom = how.zoom(image.getWidth(), image.getHeight());
    int width = Math.max(1, (int) Math.round(image.getWidth() * how.crop().width() / zoom));
    int height = Math.max(1, (int) Math.round(image.getHeight() * how.crop().height() / zoom));
    AffineTransform map = new AffineTransform();
    map.translate(width / 2.0, height / 2.0);
    map.scale(how.flippedX() ? -1 : 1, how.flippedY() ? -1 : 1);
    map.scale(width * zoom / (image.getWidth() * how.crop().width()), height * zoom / (image.getHeight() * how.crop().height()));
    map.rotate(Math.toRadians(how.straighten()));
    map.translate(-how.crop().centre().x() * image.getWidth(), -how.crop().centre().y() * image.getHeight());
    BufferedImage out = new BufferedImage(width, height, type(image));
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.drawImage(image, map, null);
    g.dispose();
    return out;
  }

  private static BufferedImage plain(BufferedImage image) {
    if (image.getType() == type(image)) {
      return image;
    }
    BufferedImage out = new BufferedImage(image.getWidth(), image.getHeight(), type(image));
    Graphics2D g = out.createGraphics();
    g.drawImage(image, 0, 0, null);
    g.dispose();
    return out;
  }

  private static int type(BufferedImage image) {
    return image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB;
  }
}
