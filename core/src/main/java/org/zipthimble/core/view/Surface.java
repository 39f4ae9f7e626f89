package org.zipthimble.core.view;

import java.awt.image.BufferedImage;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;

/**
 * What a surface looks like: its own colour, its sheen, and the art on it.
 *
 * @param sheen 0 (dull) to 1 (mirror-bright)
 * @param art what lies on it; empty for a bare one
 */
record Surface(Colour colour, double sheen, Optional<Art> art) {
  /**
   * Art on a surface.
   *
   * @param pixels premultiplied colours, row by row
   * @param area of the flat piece that they show, in inches
   * @param mixed whether the surface's own colour shows through it as through ink; else it covers
   */
  record Art(int[] pixels, int width, int height, Box area, boolean mixed) {
    static Art of(BufferedImage image, Box area, boolean mixed) {
      BufferedImage plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
      var g = plain.createGraphics();
      g.drawImage(image, 0, 0, null);
      g.dispose();
      int[] pixels = ((java.awt.image.DataBufferInt) plain.getRaster().getDataBuffer()).getData();
      return new Art(pixels, image.getWidth(), image.getHeight(), area, mixed);
    }
  }

  static Surface bare(Colour colour, double sheen) {
    return new Surface(colour, sheen, Optional.empty());
  }

  /** The colour at a place of the flat piece, as three figures of 0 to 255. */
  void at(double u, double v, double[] rgb) {
    rgb[0] = colour.red();
    rgb[1] = colour.green();
    rgb[2] = colour.blue();
    if (art.isEmpty()) {
      return;
    }
    Art a = art.get();
    double x = (u - a.area.x()) / a.area.width() * a.width - 0.5;
    double y = (v - a.area.y()) / a.area.height() * a.height - 0.5;
    if (!(x > -1 && y > -1 && x < a.width && y < a.height)) {
      return;
    }
    int left = (int) Math.max(0, Math.min(a.width - 1, Math.floor(x)));
    int top = (int) Math.max(0, Math.min(a.height - 1, Math.floor(y)));
    int right = Math.min(a.width - 1, left + 1);
    int low = Math.min(a.height - 1, top + 1);
    double fx = Math.max(0, Math.min(1, x - left));
    double fy = Math.max(0, Math.min(1, y - top));
    int p = a.pixels[top * a.width + left];
    int q = a.pixels[top * a.width + right];
    int r = a.pixels[low * a.width + left];
    int s = a.pixels[low * a.width + right];
    double w0 = (1 - fx) * (1 - fy);
    double w1 = fx * (1 - fy);
    double w2 = (1 - fx) * fy;
    double w3 = fx * fy;
    double alpha = ((p >>> 24) * w0 + (q >>> 24) * w1 + (r >>> 24) * w2 + (s >>> 24) * w3) / 255;
    for (int i = 0; i < 3; i++) {
      int shift = 16 - 8 * i;
      double ink = (p >> shift & 255) * w0 + (q >> shift & 255) * w1 + (r >> shift & 255) * w2 + (s >> shift & 255) * w3;
      // ink lets the blank's own colour through; where white would be, the blank shows
      rgb[i] = a.mixed ? rgb[i] * (ink + 255 * (1 - alpha)) / 255 : ink + rgb[i] * (1 - alpha);
    }
  }
}
