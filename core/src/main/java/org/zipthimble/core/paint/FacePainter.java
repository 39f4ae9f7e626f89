package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Paints a page for the screen: what prints as it prints, and faintly what lies beside it. */
public final class FacePainter {
  private static final double FAINT = 0.28;

  private FacePainter() {}

  /**
   * Paints a whole page on white paper, without a band's chance to stop it: for small pictures.
   *
   * @throws IllegalStateException when the page would have too many pixels
   */
  public static BufferedImage onPaper(DrawnPage page, double ppi, Halvings pictures) {
    try {
      return RasterPainter.paint(page, ppi, pictures, Progress.SILENT);
    } catch (Trouble | Stopped e) {
      throw new IllegalStateException(e.getMessage(), e);
    }
  }

  /**
   * Paints into a new picture with nothing behind the art.
   *
   * @param within what is printed, in page inches; what lies outside is drawn faintly
   * @param outside whether anything lies outside
   */
  public static BufferedImage paint(
      DrawnPage page, Box within, boolean outside, Affine toPixels, int width, int height, Halvings pictures) {
    return paint(page, within, outside, false, toPixels, width, height, pictures);
  }

  /**
   * The same, on white paper where it is printed: art that mixes with what is below it must have something below.
   *
   * @param paper whether there is paper
   * @param width of the picture, in pixels
   * @param height of the picture, in pixels
   */
  public static BufferedImage paint(
      DrawnPage page, Box within, boolean outside, boolean paper, Affine toPixels, int width, int height, Halvings pictures) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
    RasterOut out = new RasterOut(image, toPixels, pictures);
    if (outside) {
      try (MarkOut.Scope faint = out.opacity(FAINT)) {
        page.marks().accept(out);
      }
    }
    try (MarkOut.Scope clip = out.clip(Shapes.rectangle(within))) {
      if (paper) {
        out.fill(Shapes.rectangle(within), Colour.WHITE);
      }
      page.marks().accept(out);
    }
    out.done();
    return image;
  }
}
