package org.zipthimble.desktop.control;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import org.zipthimble.core.picture.Pixels;

/** Carries painted pictures over to the window. */
public final class FxPictures {
  private FxPictures() {}

  /** The same pixels as an image of the window; the picture must not be drawn on afterwards. */
  public static Image of(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    if (image.getType() == BufferedImage.TYPE_INT_ARGB_PRE) {
      return over(((DataBufferInt) image.getRaster().getDataBuffer()).getData(), width, height);
    }
    int[] pixels = Pixels.argb(image);
    if (!image.getColorModel().hasAlpha()) {
      return over(pixels, width, height);
    }
    WritableImage out = new WritableImage(width, height);
    out.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    return out;
  }

  private static Image over(int[] premultiplied, int width, int height) {
    return new WritableImage(new PixelBuffer<>(width, height, IntBuffer.wrap(premultiplied), PixelFormat.getIntArgbPreInstance()));
  }
}
