package org.zipthimble.desktop.control;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Carries painted pictures over to the window. */
public final class FxPictures {
  private static final int OPAQUE = 0xFF000000;

  private FxPictures() {}

  /** The same pixels as an image of the window. */
  public static Image of(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    WritableImage out = new WritableImage(width, height);
    if (image.getType() == BufferedImage.TYPE_INT_ARGB_PRE) {
      int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
      out.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbPreInstance(), pixels, 0, width);
    } else {
      int[] pixels = image.getRGB(0, 0, width, height, new int[width * height], 0, width);
      for (int i = 0; i < pixels.length; i++) {
        pixels[i] |= OPAQUE;
      }
      out.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    }
    return out;
  }
}
