package org.zipthimble.core.send;

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
 * @param open whether a PNG stays see-through where nothing is printed
 */
public record Manner(double quality, TiffFile.Packing packing, PdfPress.Pictures pictures, double mostPpi, boolean plain, boolean open) {
  /** The usual quality of JPEG files. */
  public static final double USUAL_QUALITY = 0.92;

  /** The usual manner. */
  public static final Manner USUAL = new Manner(USUAL_QUALITY, TiffFile.Packing.LZW, PdfPress.Pictures.INK, 0, false, false);

  /** Checks the figures. */
  public Manner {
    if (!(quality >= 0.3 && quality <= 1)) {
      throw new IllegalArgumentException("quality must be 0.3 to 1: " + quality);
    }
    if (!(mostPpi == 0 || mostPpi >= Order.LEAST_PPI && mostPpi <= Order.MOST_PPI)) {
      throw new IllegalArgumentException("pictures keep " + Order.LEAST_PPI + " to " + Order.MOST_PPI + " ppi: " + mostPpi);
    }
  }

  /** The same with another quality. */
  public Manner quality(double other) {
    return new Manner(other, packing, pictures, mostPpi, plain, open);
  }

  /** The same with another packing. */
  public Manner packed(TiffFile.Packing other) {
    return new Manner(quality, other, pictures, mostPpi, plain, open);
  }

  /** The same with pictures treated otherwise. */
  public Manner pictures(PdfPress.Pictures other) {
    return new Manner(quality, packing, other, mostPpi, plain, open);
  }

  /** The same with another limit for pictures. */
  public Manner coarser(double ppi) {
    return new Manner(quality, packing, pictures, ppi, plain, open);
  }

  /** The same in RGB, or in what the job says. */
  public Manner plain(boolean on) {
    return new Manner(quality, packing, pictures, mostPpi, on, open);
  }

  /** The same, see-through or on white. */
  public Manner open(boolean on) {
    return new Manner(quality, packing, pictures, mostPpi, plain, on);
  }
}
