package org.zipthimble.core.paint;

import com.pngencoder.PngEncoder;
import com.pngencoder.PngEncoderPhysicalPixelDimensions;
import java.awt.image.BufferedImage;

/** Writes pixels as PNG (ISO/IEC 15948) with their resolution recorded and marked as sRGB. */
public final class PngWriter {
  private static final int LEVEL = 6;

  private PngWriter() {}

  /**
   * The bytes of a PNG.
   *
   * @param ppi recorded as pixels per metre, rounded: 300 gives 11811
   */
  public static byte[] bytes(BufferedImage image, double ppi) {
    int perMetre = (int) Math.round(ppi / 0.0254);
    return new PngEncoder()
        .withBufferedImage(image)
        .withCompressionLevel(LEVEL)
        .withPhysicalPixelDimensions(PngEncoderPhysicalPixelDimensions.pixelsPerMeter(perMetre))
        .withSrgbRenderingIntent(com.pngencoder.PngEncoderSrgbRenderingIntent.PERCEPTUAL)
        .toBytes();
  }
}
