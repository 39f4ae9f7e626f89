package org.zipthimble.core.proof;

import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.stream.ImageInputStream;

/**
 * What a TIFF says of itself, read by Java's own reader.
 *
 * @param ppi pixels per inch; 0 when it records none
 * @param photometric 2 for RGB, 5 for inks (TIFF 6.0)
 * @param profile how many bytes its ICC profile has
 */
public record TiffMeasure(int width, int height, double ppi, int channels, int photometric, int profile) {
  private static final int PROFILE = 34675;

  static TiffMeasure of(Path file) throws IOException {
    ImageReader reader = ImageIO.getImageReadersByFormatName("tiff").next();
    try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
      reader.setInput(in);
      TIFFDirectory found = TIFFDirectory.createFromMetadata(reader.getImageMetadata(0));
      TIFFField resolution = found.getTIFFField(BaselineTIFFTagSet.TAG_X_RESOLUTION);
      double ppi = resolution == null ? 0 : resolution.getAsDouble(0);
      TIFFField profile = found.getTIFFField(PROFILE);
      return new TiffMeasure(reader.getWidth(0), reader.getHeight(0), ppi,
          found.getTIFFField(BaselineTIFFTagSet.TAG_SAMPLES_PER_PIXEL).getAsInt(0),
          found.getTIFFField(BaselineTIFFTagSet.TAG_PHOTOMETRIC_INTERPRETATION).getAsInt(0), profile == null ? 0 : profile.getCount());
    } finally {
      reader.dispose();
    }
  }
}
