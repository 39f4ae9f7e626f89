package org.zipthimble.core.view;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import org.zipthimble.core.font.AwtPaths;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;

/** Which places of a flat part are there. */
interface Cover {
  /** Whether a place is there, in inches of the part. */
  boolean holds(double x, double y);

  /** All of a part. */
  Cover ALL = (x, y) -> true;

  /** A box. */
  static Cover of(Box box) {
    return (x, y) -> x >= box.x() && y >= box.y() && x <= box.right() && y <= box.bottom();
  }

  /**
   * What lies within an outline and in none of its holes, looked up in pixels.
   *
   * @param box around the outline, in inches
   */
  static Cover of(Path outline, List<Path> holes, Box box) {
    double ppi = Math.min(120, 1400 / Math.max(box.width(), box.height()));
    int wide = (int) Math.max(1, Math.ceil(box.width() * ppi));
    int high = (int) Math.max(1, Math.ceil(box.height() * ppi));
    BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.transform(new AffineTransform(ppi, 0, 0, ppi, -box.x() * ppi, -box.y() * ppi));
    g.setColor(Color.WHITE);
    g.fill(AwtPaths.write(outline));
    g.setColor(Color.BLACK);
    holes.forEach(h -> g.fill(AwtPaths.write(h)));
    g.dispose();
    byte[] there = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    return (x, y) -> {
      int column = (int) Math.floor((x - box.x()) * ppi);
      int row = (int) Math.floor((y - box.y()) * ppi);
      return column >= 0 && row >= 0 && column < wide && row < high && (there[row * wide + column] & 255) > 127;
    };
  }
}
