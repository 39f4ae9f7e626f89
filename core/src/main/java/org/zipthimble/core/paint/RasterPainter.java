package org.zipthimble.core.paint;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Paints a page into pixels on white paper, band after band so that it can be stopped. */
public final class RasterPainter {
  /** The most pixels of a painted page. */
  public static final long MOST_PIXELS = 160_000_000;

  private static final int BAND_ROWS = 512;

  private RasterPainter() {}

  /**
   * The map from a page's inches to its pixels: where those are no whole number the art is drawn out by less than a pixel, so that none is
   * left half bare.
   */
  static Affine toPixels(DrawnPage page, double ppi) {
    return Affine.scale(
        Math.max(1, Math.round(page.size().width() * ppi)) / page.size().width(),
        Math.max(1, Math.round(page.size().height() * ppi)) / page.size().height());
  }

  /**
   * Paints a page.
   *
   * @param ppi pixels per inch; the page's pixels are its inches times this, rounded
   * @throws Trouble when the page would have more pixels than {@link #MOST_PIXELS}
   * @throws Stopped when the person stopped it
   */
  public static BufferedImage paint(DrawnPage page, double ppi, Halvings pictures, Progress progress)
      throws Trouble, Stopped {
    long width = Math.max(1, Math.round(page.size().width() * ppi));
    long height = Math.max(1, Math.round(page.size().height() * ppi));
    if (width * height > MOST_PIXELS) {
      throw Trouble.of("raster.tooLarge", width, height, Lengths.plain(ppi, 1), MOST_PIXELS / 1_000_000);
    }
    BufferedImage image = new BufferedImage((int) width, (int) height, BufferedImage.TYPE_INT_RGB);
    for (int row = 0; row < height; row += BAND_ROWS) {
      progress.step((double) row / height);
      int rows = (int) Math.min(BAND_ROWS, height - row);
      band(page, ppi, pictures, image.getSubimage(0, row, (int) width, rows), row);
    }
    progress.at(1);
    return image;
  }

  private static void band(DrawnPage page, double ppi, Halvings pictures, BufferedImage band, int row) {
    Graphics2D paper = band.createGraphics();
    paper.setColor(Color.WHITE);
    paper.fillRect(0, 0, band.getWidth(), band.getHeight());
    paper.dispose();
    RasterOut out = new RasterOut(band, toPixels(page, ppi).then(Affine.move(0, -row)), pictures);
    page.marks().accept(out);
    out.done();
  }
}
