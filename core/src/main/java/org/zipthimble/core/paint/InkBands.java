package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkTape;
import org.zipthimble.core.picture.Halvings;

/**
 * Bands of a page in the inks of a press, mixed as a PDF's page is that has its group in them. Spot inks stand as the process inks that
 * are named for them. Safe for several threads.
 */
public final class InkBands {
  private final DrawnPage page;
  private final Affine toPixels;
  private final int width;
  private final boolean turned;
  private final Inking inking;
  private final Halvings pictures;

  /**
   * Bands of a page at a resolution.
   *
   * @param ppi pixels per inch
   * @param turned whether its pixels are laid left for right
   */
  public InkBands(DrawnPage page, double ppi, Inking inking, Halvings pictures, boolean turned) {
    this(page, RasterPainter.toPixels(page, ppi), (int) Math.max(1, Math.round(page.size().width() * ppi)), inking, pictures, turned);
  }

  /** Bands of a page seen through a map from its inches to pixels, so many pixels wide. */
  public InkBands(DrawnPage page, Affine toPixels, int width, Inking inking, Halvings pictures) {
    this(page, toPixels, width, inking, pictures, false);
  }

  private InkBands(DrawnPage page, Affine toPixels, int width, Inking inking, Halvings pictures, boolean turned) {
    this.page = MarkTape.kept(page);
    this.toPixels = toPixels;
    this.width = width;
    this.inking = inking;
    this.pictures = pictures;
    this.turned = turned;
  }

  /** Four bytes for each pixel of some rows, 255 for the full plate, cyan first. */
  public byte[] of(int row, int rows) {
    BufferedImage colours = white(rows);
    BufferedImage black = white(rows);
    Affine toBand = toPixels.then(Affine.move(0, -row));
    RasterOut first = new RasterOut(colours, toBand, pictures);
    RasterOut second = new RasterOut(black, toBand, pictures);
    page.marks().accept(InkOut.of(first, second, inking));
    first.done();
    second.done();
    if (turned) {
      Bands.turn(colours);
      Bands.turn(black);
    }
    int[] three = pixels(colours);
    int[] fourth = pixels(black);
    byte[] inks = new byte[4 * three.length];
    for (int i = 0; i < three.length; i++) {
      inks[4 * i] = (byte) (255 - (three[i] >> 16 & 255));
      inks[4 * i + 1] = (byte) (255 - (three[i] >> 8 & 255));
      inks[4 * i + 2] = (byte) (255 - (three[i] & 255));
      inks[4 * i + 3] = (byte) (255 - (fourth[i] & 255));
    }
    return inks;
  }

  private BufferedImage white(int rows) {
    BufferedImage image = new BufferedImage(width, rows, BufferedImage.TYPE_INT_RGB);
    Arrays.fill(pixels(image), 0xFFFFFF);
    return image;
  }

  private static int[] pixels(BufferedImage image) {
    return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
  }
}
