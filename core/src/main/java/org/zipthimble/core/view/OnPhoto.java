package org.zipthimble.core.view;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Optional;
import java.util.stream.IntStream;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.PhotoPatch;

/**
 * Lays art into a photograph: through the perspective of four corners (the projective map of a square to a quadrangle, geometry
 * handbooks), bowed and foreshortened where the patch goes round something, and multiplied into the light that is there.
 */
public final class OnPhoto {
  private final double[] map;
  private final double[] back;
  private final double sag;
  private final double half;

  /** The lie of a patch in a photograph of a size in pixels. */
  public OnPhoto(PhotoPatch patch, int width, int height) {
    Point[] c = {at(patch.topLeft(), width, height), at(patch.topRight(), width, height), at(patch.bottomRight(), width, height),
        at(patch.bottomLeft(), width, height)};
    this.map = square(c);
    this.back = inverse(map);
    this.sag = patch.sag();
    this.half = Math.toRadians(patch.round()) / 2;
  }

  private static Point at(Point part, int width, int height) {
    return new Point(part.x() * width, part.y() * height);
  }

  /** The map of the unit square to four corners, as nine figures by rows. */
  private static double[] square(Point[] c) {
    double dx1 = c[1].x() - c[2].x();
    double dx2 = c[3].x() - c[2].x();
    double dx3 = c[0].x() - c[1].x() + c[2].x() - c[3].x();
    double dy1 = c[1].y() - c[2].y();
    double dy2 = c[3].y() - c[2].y();
    double dy3 = c[0].y() - c[1].y() + c[2].y() - c[3].y();
    double det = dx1 * dy2 - dx2 * dy1;
    double g = det == 0 ? 0 : (dx3 * dy2 - dx2 * dy3) / det;
    double h = det == 0 ? 0 : (dx1 * dy3 - dx3 * dy1) / det;
    return new double[] {
      c[1].x() - c[0].x() + g * c[1].x(), c[3].x() - c[0].x() + h * c[3].x(), c[0].x(),
      c[1].y() - c[0].y() + g * c[1].y(), c[3].y() - c[0].y() + h * c[3].y(), c[0].y(), g, h, 1
    };
  }

  private static double[] inverse(double[] m) {
    return new double[] {
      m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
      m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
      m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]
    };
  }

  private static Point through(double[] m, double x, double y) {
    double w = m[6] * x + m[7] * y + m[8];
    return new Point((m[0] * x + m[1] * y + m[2]) / w, (m[3] * x + m[4] * y + m[5]) / w);
  }

  /** Where a place of the art, in parts of its width and height, lies in the photograph, in pixels. */
  public Point there(Point art) {
    double u = half < 1e-6 ? art.x() : 0.5 + Math.sin((2 * art.x() - 1) * half) / Math.sin(half) / 2;
    return through(map, u, art.y() + sag * 4 * u * (1 - u));
  }

  /** The place of the art that is seen at a place of the photograph; empty beside it. */
  public Optional<Point> back(Point pixel) {
    Point flat = through(back, pixel.x(), pixel.y());
    double u = flat.x();
    double v = flat.y() - sag * 4 * u * (1 - u);
    double x = half < 1e-6 ? u : 0.5 + Math.asin(Math.max(-1, Math.min(1, (2 * u - 1) * Math.sin(half)))) / half / 2;
    return u >= 0 && u <= 1 && v >= 0 && v <= 1 ? Optional.of(new Point(x, v)) : Optional.empty();
  }

  /**
   * The photograph with art in it.
   *
   * @param art see-through where nothing is printed
   */
  public static BufferedImage draw(BufferedImage photo, BufferedImage art, PhotoPatch patch) {
    int width = photo.getWidth();
    int height = photo.getHeight();
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.drawImage(photo, 0, 0, null);
    g.dispose();
    int[] pixels = ((DataBufferInt) out.getRaster().getDataBuffer()).getData();
    Surface.Art seen = Surface.Art.of(art, new org.zipthimble.core.geom.Box(0, 0, 1, 1), true);
    Surface white = new Surface(org.zipthimble.core.colour.Colour.WHITE, 0, Optional.of(seen));
    OnPhoto lie = new OnPhoto(patch, width, height);
    IntStream.range(0, height).parallel().forEach(y -> {
      double[] rgb = new double[3];
      for (int x = 0; x < width; x++) {
        int at = y * width + x;
        Optional<Point> place = lie.back(new Point(x + 0.5, y + 0.5));
        if (place.isPresent()) {
          white.at(place.get().x(), place.get().y(), rgb);
          int p = pixels[at];
          pixels[at] = (int) Math.round((p >> 16 & 255) * rgb[0] / 255) << 16 | (int) Math.round(
              (p >> 8 & 255) * rgb[1] / 255) << 8 | (int) Math.round((p & 255) * rgb[2] / 255);
        }
      }
    });
    return out;
  }
}
