package org.zipthimble.samples;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;

/**
 * A vegetable plot from above in one of six months, drawn by figures: beds of soil with rows of plants that grow, ripen and are cleared.
 */
final class PlotPicture {
  private static final Color[] PATHS = {new Color(0xCDBE9A), new Color(0xC8BC92), new Color(0xC3B98A), new Color(0xCFC08C),
      new Color(0xD2BB86), new Color(0xC9B391)};
  private static final Color[] LEAVES = {new Color(0x9BB56A), new Color(0x7FA653), new Color(0x5E8F45), new Color(0x4B7C3C),
      new Color(0x76893B), new Color(0x9A8438)};
  private static final Color[] FRUIT = {new Color(0xE9E0B8), new Color(0xE7D36A), new Color(0xD66A45), new Color(0xA8392B),
      new Color(0xD98A2B), new Color(0x8C4A2A)};
  private static final double[] GROWTH = {0.22, 0.45, 0.7, 0.95, 0.85, 0.4};

  private PlotPicture() {}

  /**
   * Draws the plot.
   *
   * @param month 0 to 5
   */
  static BufferedImage draw(int width, int height, int month) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.setColor(PATHS[month]);
    g.fillRect(0, 0, width, height);
    Random random = new Random(31 + month);
    double unit = Math.min(width, height) / 100.0;
    int across = 3;
    int down = 3;
    for (int row = 0; row < down; row++) {
      for (int column = 0; column < across; column++) {
        double w = (width - unit * 4 * (across + 1)) / across;
        double h = (height - unit * 4 * (down + 1)) / down;
        bed(g, unit * 4 + column * (w + unit * 4), unit * 4 + row * (h + unit * 4), w, h, unit, month, (row * across + column + month) % 6,
            random);
      }
    }
    g.dispose();
    return image;
  }

  private static void bed(Graphics2D g, double x, double y, double w, double h, double unit, int month, int kind, Random random) {
    g.setColor(new Color(0x6B4A33));
    g.fill(new RoundRectangle2D.Double(x, y, w, h, unit * 3, unit * 3));
    g.setColor(new Color(0x58402F));
    g.setStroke(new BasicStroke((float) (unit * 0.35)));
    double step = h / 5;
    for (int i = 1; i < 5; i++) {
      g.draw(new java.awt.geom.Line2D.Double(x + unit, y + i * step, x + w - unit, y + i * step));
    }
    for (int i = 0; i < 5; i++) {
      for (int k = 0; k < 6; k++) {
        double cx = x + (k + 0.5) * w / 6 + (random.nextDouble() - 0.5) * unit;
        double cy = y + (i + 0.5) * step + (random.nextDouble() - 0.5) * unit * 0.8;
        plant(g, cx, cy, unit * (1.2 + 2.4 * GROWTH[month]) * (0.85 + random.nextDouble() * 0.3), LEAVES[(month + kind / 3) % 6],
            FRUIT[kind], 5 + kind % 3, GROWTH[month], random.nextDouble() * Math.PI);
      }
    }
  }

  private static void plant(Graphics2D g, double x, double y, double r, Color leaf, Color fruit, int leaves, double growth, double turn) {
    for (int i = 0; i < leaves; i++) {
      AffineTransform at = AffineTransform.getTranslateInstance(x, y);
      at.rotate(turn + 2 * Math.PI * i / leaves);
      Path2D blade = new Path2D.Double();
      blade.moveTo(0, 0);
      blade.curveTo(r * 0.3, -r * 0.55, r * 0.8, -r * 0.45, r, 0);
      blade.curveTo(r * 0.8, r * 0.45, r * 0.3, r * 0.55, 0, 0);
      g.setColor(i % 2 == 0 ? leaf : leaf.darker());
      g.fill(at.createTransformedShape(blade));
    }
    if (growth > 0.6) {
      g.setColor(fruit);
      double f = r * 0.28;
      g.fill(new Ellipse2D.Double(x - f, y - f, 2 * f, 2 * f));
    }
  }
}
