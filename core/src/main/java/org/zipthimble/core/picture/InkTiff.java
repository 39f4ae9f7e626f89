package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.IOException;
import java.util.Optional;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;

/** TIFF pictures in four inks (TIFF 6.0, section 16: 0 is no ink), in eight or sixteen bits. */
final class InkTiff {
  /** What the samples mean, 5 for inks, and the field of the profile (ISO 15076-1, B.3). */
  private static final int MEANING = 262;
  private static final int INKS = 5;
  private static final int PROFILE = 34675;

  private InkTiff() {}

  /** Whether it says so itself; the toolkit takes those of sixteen bits for red, green, blue and clearness. */
  static boolean is(ImageReader reader, Raster raster) throws IOException {
    TIFFField field = TIFFDirectory.createFromMetadata(reader.getImageMetadata(0)).getTIFFField(MEANING);
    return field != null && field.getAsInt(0) == INKS && raster.getNumBands() >= 4;
  }

  static BufferedImage seen(Raster raster, ImageReader reader) throws IOException {
    int shift = Math.max(0, raster.getSampleModel().getSampleSize(0) - 8);
    return Inked.seen(raster, profile(reader.getImageMetadata(0)), (row, at, inks) -> {
      for (int i = 0; i < 4; i++) {
        inks[i] = (byte) (row[at + i] >> shift);
      }
    });
  }

  private static Optional<byte[]> profile(IIOMetadata metadata) throws IOException {
    TIFFField field = TIFFDirectory.createFromMetadata(metadata).getTIFFField(PROFILE);
    return field == null ? Optional.empty() : Optional.of(field.getAsBytes());
  }
}
