package org.zipthimble.core.paint;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.picture.Halvings;

/** The colour that is seen at a place of a page. */
public final class Pick {
  private static final int AVERAGED = 24;
  private static final double POINT_PPI = 600;

  private Pick() {}

  /**
   * Picks.
   *
   * @param across the side of the square that is averaged, in inches; 0 for the point itself
   */
  public static Colour at(DrawnPage page, Point place, double across, Halvings pictures) {
    int side = across > 0 ? AVERAGED : 1;
    double ppi = across > 0 ? AVERAGED / across : POINT_PPI;
    BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, side, side);
    g.dispose();
    Affine toPixels = Affine.move(-place.x(), -place.y()).then(Affine.scale(ppi, ppi)).then(Affine.move(side / 2.0, side / 2.0));
    RasterOut out = new RasterOut(image, toPixels, pictures);
    page.marks().accept(out);
    out.done();
    long red = 0;
    long green = 0;
    long blue = 0;
    for (int i = 0; i < side * side; i++) {
      int rgb = image.getRGB(i % side, i / side);
      red += rgb >> 16 & 255;
      green += rgb >> 8 & 255;
      blue += rgb & 255;
    }
    double count = side * side;
    return new Colour((int) Math.round(red / count), (int) Math.round(green / count), (int) Math.round(blue / count));
  }
}
