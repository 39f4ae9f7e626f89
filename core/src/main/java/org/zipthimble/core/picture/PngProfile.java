package org.zipthimble.core.picture;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/** The profile that a PNG carries (ISO/IEC 15948, 11.3.3.3): its colours are turned into the screen's. */
final class PngProfile {
  private static final int ICCP = 0x69434350;
  private static final int IDAT = 0x49444154;
  private static final int SIGNATURE = 8;
  private static final int MOST = 8_000_000;

  private PngProfile() {}

  /** The profile of a file, when it has one of red, green and blue that is not the screen's own. */
  static Optional<ICC_Profile> of(byte[] png) {
    try {
      ByteBuffer in = ByteBuffer.wrap(png);
      int at = SIGNATURE;
      while (at + 12 <= png.length) {
        int length = in.getInt(at);
        int kind = in.getInt(at + 4);
        if (length < 0 || kind == IDAT || at + 12L + length > png.length) {
          return Optional.empty();
        }
        if (kind == ICCP) {
          return read(png, at + 8, length);
        }
        at += 12 + length;
      }
    } catch (RuntimeException | DataFormatException damaged) {
      return Optional.empty();
    }
    return Optional.empty();
  }

  private static Optional<ICC_Profile> read(byte[] png, int from, int length) throws DataFormatException {
    int name = from;
    while (png[name] != 0) {
      name++;
    }
    Inflater inflater = new Inflater();
    try {
      inflater.setInput(png, name + 2, length - (name + 2 - from));
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      byte[] buffer = new byte[1 << 14];
      int made = inflater.inflate(buffer);
      while (made > 0 && out.size() < MOST) {
        out.write(buffer, 0, made);
        made = inflater.inflate(buffer);
      }
      ICC_Profile profile = ICC_Profile.getInstance(out.toByteArray());
      boolean own = java.util.Arrays.equals(profile.getData(), ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
      return profile.getColorSpaceType() == ColorSpace.TYPE_RGB && !own ? Optional.of(profile) : Optional.empty();
    } finally {
      inflater.end();
    }
  }

  /** The picture in the screen's colours; as it is when the profile turns out to be of no use. */
  static BufferedImage inScreen(BufferedImage image, ICC_Profile profile) {
    try {
      int width = image.getWidth();
      boolean alpha = image.getColorModel().hasAlpha();
      int bands = alpha ? 4 : 3;
      WritableRaster raster = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, width, image.getHeight(), bands, null);
      int[] row = new int[width];
      int[] parts = new int[width * bands];
      for (int y = 0; y < image.getHeight(); y++) {
        Pixels.row(image, y, row);
        for (int x = 0; x < width; x++) {
          parts[bands * x] = row[x] >> 16 & 255;
          parts[bands * x + 1] = row[x] >> 8 & 255;
          parts[bands * x + 2] = row[x] & 255;
          if (alpha) {
            parts[4 * x + 3] = row[x] >>> 24;
          }
        }
        raster.setPixels(0, y, width, 1, parts);
      }
      ComponentColorModel model = new ComponentColorModel(
          new ICC_ColorSpace(profile), alpha, false, alpha ? Transparency.TRANSLUCENT : Transparency.OPAQUE, DataBuffer.TYPE_BYTE);
      BufferedImage out = new BufferedImage(width, image.getHeight(), alpha ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB);
      return new ColorConvertOp(null).filter(new BufferedImage(model, raster, false, null), out);
    } catch (RuntimeException unusable) {
      return image;
    }
  }
}
