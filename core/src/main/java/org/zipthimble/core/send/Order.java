package org.zipthimble.core.send;

import java.nio.file.Path;
import java.util.OptionalInt;
import org.zipthimble.core.paint.TiffFile;
import org.zipthimble.core.sheet.PageOptions;

/**
 * What is to be written.
 *
 * @param face one face by its number from 1, or all
 * @param ppi pixels per inch of picture files
 * @param quality of JPEG files, 0.3 to 1
 * @param packing of TIFF files
 */
public record Order(Path file, OptionalInt face, double ppi, PageOptions options, double quality, TiffFile.Packing packing) {
  /** The usual quality of JPEG files. */
  public static final double USUAL_QUALITY = 0.92;


  /** Least pixels per inch. */
  public static final double LEAST_PPI = 10;

  /** Most pixels per inch. */
  public static final double MOST_PPI = 2400;

  /** With the usual quality. */
  public Order(Path file, OptionalInt face, double ppi, PageOptions options) {
    this(file, face, ppi, options, USUAL_QUALITY);
  }

  /** With the packing that every reader knows. */
  public Order(Path file, OptionalInt face, double ppi, PageOptions options, double quality) {
    this(file, face, ppi, options, quality, TiffFile.Packing.LZW);
  }

  /** Checks resolution and quality. */
  public Order {
    if (!(quality >= 0.3 && quality <= 1)) {
      throw new IllegalArgumentException("quality must be 0.3 to 1: " + quality);
    }
    if (!(ppi >= LEAST_PPI && ppi <= MOST_PPI)) {
      throw new IllegalArgumentException("resolution must be " + LEAST_PPI + " to " + MOST_PPI + ": " + ppi);
    }
  }
}
