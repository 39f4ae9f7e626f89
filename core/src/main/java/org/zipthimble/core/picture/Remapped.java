package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.wording.Trouble;

/** Draws a picture anew, every pixel taken from where a map says. */
public final class Remapped {
  /** The most pixels that are drawn; what asks for more is drawn coarser. */
  private static final double MOST_PIXELS = 40_000_000;

  private Remapped() {}

  /**
   * A picture of a box, each of its pixels mixed of the four nearest of the source; beyond its edge the source goes on in the colours of
   * its edge.
   *
   * @param box in inches
   * @param ppi pixels per inch across and down
   * @param toUnit from a place in inches to the unit square of the source
   * @throws Trouble when the source cannot be decoded
   */
  public static Picture of(Picture source, Box box, double ppi, UnaryOperator<Point> toUnit) throws Trouble {
    double fine = Math.min(ppi, Math.sqrt(MOST_PIXELS / Math.max(1e-9, box.width() * box.height())));
    int wide = (int) Math.max(1, Math.ceil(box.width() * fine));
    int high = (int) Math.max(1, Math.ceil(box.height() * fine));
    BufferedImage decoded = Pictures.decode(source);
    BufferedImage from = new BufferedImage(decoded.getWidth(), decoded.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
    var g = from.createGraphics();
    g.drawImage(decoded, 0, 0, null);
    g.dispose();
    int[] pixels = ((DataBufferInt) from.getRaster().getDataBuffer()).getData();
    BufferedImage to = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB_PRE);
    int[] out = ((DataBufferInt) to.getRaster().getDataBuffer()).getData();
    IntStream.range(0, high).parallel().forEach(row -> {
      for (int column = 0; column < wide; column++) {
        Point unit = toUnit.apply(new Point(box.x() + (column + 0.5) * box.width() / wide, box.y() + (row + 0.5) * box.height() / high));
        out[row * wide + column] = mixed(pixels, from.getWidth(), from.getHeight(), unit.x() * from.getWidth() - 0.5,
            unit.y() * from.getHeight() - 0.5);
      }
    });
    return Picture.of(new Blob(png(to)), Kind.PNG, source.name(), wide, high);
  }

  private static int mixed(int[] pixels, int wide, int high, double x, double y) {
    double u = Math.max(0, Math.min(wide - 1.0, Double.isFinite(x) ? x : 0));
    double v = Math.max(0, Math.min(high - 1.0, Double.isFinite(y) ? y : 0));
    int left = (int) u;
    int top = (int) v;
    int right = Math.min(wide - 1, left + 1);
    int low = Math.min(high - 1, top + 1);
    double fx = u - left;
    double fy = v - top;
    int out = 0;
    for (int shift = 0; shift < 32; shift += 8) {
      double above = (pixels[top * wide + left] >>> shift & 255) * (1 - fx) + (pixels[top * wide + right] >>> shift & 255) * fx;
      double below = (pixels[low * wide + left] >>> shift & 255) * (1 - fx) + (pixels[low * wide + right] >>> shift & 255) * fx;
      out |= (int) Math.round(above * (1 - fy) + below * fy) << shift;
    }
    return out;
  }

  private static byte[] png(BufferedImage image) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", bytes);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }
}
