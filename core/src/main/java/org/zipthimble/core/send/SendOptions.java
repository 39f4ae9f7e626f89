package org.zipthimble.core.send;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.zipthimble.core.paint.PdfPress;
import org.zipthimble.core.paint.TiffFile;

/**
 * How a file is written.
 *
 * @param quality of JPEG files, 0.3 to 1
 * @param packing of TIFF files
 * @param pictures what becomes of pictures in a PDF for a press
 * @param mostPpi pictures finer than this many pixels per inch are made coarser in a PDF; 0 for never
 * @param plain whether the file is in RGB even though the job goes to a press
 * @param mirror whether what leaves for a cutter is a mirror image, whatever its lane says; empty to go by the lane
 * @param open whether a PNG stays see-through where nothing is printed
 */
@RecordBuilder
public record SendOptions(double quality, TiffFile.Packing packing, PdfPress.Pictures pictures, double mostPpi, boolean plain,
    Optional<Boolean> mirror, boolean open) implements SendOptionsBuilder.With {
  /** The lowest quality of JPEG files; 1 is the highest. */
  public static final double LEAST_QUALITY = 0.3;

  /** The usual quality of JPEG files. */
  public static final double USUAL_QUALITY = 0.92;

  /** The usual manner. */
  public static final SendOptions USUAL = new SendOptions(USUAL_QUALITY, TiffFile.Packing.LZW, PdfPress.Pictures.INK, 0, false,
      Optional.empty(), false);

  /** Checks the figures. */
  public SendOptions {
    if (!(quality >= LEAST_QUALITY && quality <= 1)) {
      throw new IllegalArgumentException("quality must be 0.3 to 1: " + quality);
    }
    if (!(mostPpi == 0 || mostPpi >= FileOrder.LEAST_PPI && mostPpi <= FileOrder.MOST_PPI)) {
      throw new IllegalArgumentException("pictures keep " + FileOrder.LEAST_PPI + " to " + FileOrder.MOST_PPI + " ppi: " + mostPpi);
    }
  }
}
