package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.util.Optional;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.colour.ProofTable;
import org.zipthimble.core.wording.Trouble;

/** Pictures in four inks: seen by their own profile, or by the one that ships when they have none that can be read. */
final class Inked {
  private Inked() {}

  /** Makes four bytes of ink, 255 for all of it, of the samples of a pixel. */
  interface Ink {
    void of(int[] row, int at, byte[] inks);
  }

  static BufferedImage seen(Raster raster, Optional<byte[]> profile, Ink ink) {
    ProofTable table = ProofTable.of(Press.of(profile(profile), Intent.RELATIVE, false), false);
    int width = raster.getWidth();
    int bands = raster.getNumBands();
    BufferedImage out = new BufferedImage(width, raster.getHeight(), BufferedImage.TYPE_INT_RGB);
    int[] row = new int[width * bands];
    int[] rgb = new int[width];
    byte[] inks = new byte[4];
    for (int y = 0; y < raster.getHeight(); y++) {
      raster.getPixels(raster.getMinX(), raster.getMinY() + y, width, 1, row);
      for (int x = 0; x < width; x++) {
        ink.of(row, bands * x, inks);
        rgb[x] = table.rgb(inks, 0);
      }
      out.setRGB(0, y, width, 1, rgb, 0, width);
    }
    return out;
  }

  private static Profile profile(Optional<byte[]> own) {
    try {
      return own.isPresent() ? Profile.read(own.get()) : Profile.shipped();
    } catch (Trouble unreadable) {
      return Profile.shipped();
    }
  }
}
