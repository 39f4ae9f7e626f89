package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.colour.ProofTable;
import org.zipthimble.core.wording.Trouble;

/** JPEG pictures in four inks: seen by their own profile, or by the one that ships when they have none. */
final class InkJpeg {
  private InkJpeg() {}

  static BufferedImage seen(Raster raster, JpegHead head) {
    ProofTable table = ProofTable.of(Press.of(profile(head), Intent.RELATIVE, false), false);
    int width = raster.getWidth();
    BufferedImage out = new BufferedImage(width, raster.getHeight(), BufferedImage.TYPE_INT_RGB);
    int[] row = new int[width * 4];
    int[] rgb = new int[width];
    byte[] inks = new byte[4];
    for (int y = 0; y < raster.getHeight(); y++) {
      raster.getPixels(0, y, width, 1, row);
      for (int x = 0; x < width; x++) {
        ink(row, 4 * x, head, inks);
        rgb[x] = table.rgb(inks, 0);
      }
      out.setRGB(0, y, width, 1, rgb, 0, width);
    }
    return out;
  }

  private static Profile profile(JpegHead head) {
    try {
      return head.profile().isPresent() ? Profile.read(head.profile().get()) : Profile.shipped();
    } catch (Trouble unreadable) {
      return Profile.shipped();
    }
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
