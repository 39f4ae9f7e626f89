package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;

/** JPEG pictures in four inks, as they are or as luma and chroma, inverted or not. */
final class InkJpeg {
  private InkJpeg() {}

  static BufferedImage seen(Raster raster, JpegHead head) {
    return Inked.seen(raster, head.profile(), (row, at, inks) -> ink(row, at, head, inks));
  }

  private static void ink(int[] row, int at, JpegHead head, byte[] inks) {
    double a = row[at];
    double b = row[at + 1];
    double c = row[at + 2];
    if (head.luma()) {
      // Luma and chroma as in JFIF, of what the inks leave of the light.
      double y = a;
      double cb = b - 128;
      double cr = c - 128;
      a = 255 - (y + 1.402 * cr);
      b = 255 - (y - 0.344136 * cb - 0.714136 * cr);
      c = 255 - (y + 1.772 * cb);
    }
    boolean inverted = head.inverted();
    inks[0] = part(inverted ? 255 - a : a);
    inks[1] = part(inverted ? 255 - b : b);
    inks[2] = part(inverted ? 255 - c : c);
    inks[3] = part(inverted ? 255 - row[at + 3] : row[at + 3]);
  }

  private static byte part(double v) {
    return (byte) Math.round(Math.max(0, Math.min(255, v)));
  }
}
