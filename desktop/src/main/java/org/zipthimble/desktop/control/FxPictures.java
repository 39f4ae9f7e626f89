package org.zipthimble.desktop.control;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Carries painted pictures over to the window. */
public final class FxPictures {
  private static final int OPAQUE = 0xFF000000;

  private FxPictures() {}

  /** The same pixels as an image of the window; the picture must not be drawn on afterwards. */
  public static Image of(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    if (image.getType() == BufferedImage.TYPE_INT_ARGB_PRE) {
      int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
      return new WritableImage(new PixelBuffer<>(width, height, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }
    WritableImage out = new WritableImage(width, height);
    int[] pixels = image.getRGB(0, 0, width, height, new int[width * height], 0, width);
    for (int i = 0; i < pixels.length; i++) {
      pixels[i] |= OPAQUE;
    }
    out.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    return out;
  }
}
