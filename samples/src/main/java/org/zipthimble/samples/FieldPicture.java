package org.zipthimble.samples;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.zipthimble.core.colour.Colour;

/** A field at sunrise, drawn by figures: hills behind, furrows that run to one point, a low sun. */
final class FieldPicture {
  private final int width;
  private final int height;
  private final Graphics2D g;
  private final BufferedImage image;
  private final Random random = new Random(14);

  private FieldPicture(int width, int height) {
    this.width = width;
    this.height = height;
    this.image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    this.g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
  }

  /**
   * Draws the field.
   *
   * @param paper the colour of the sky's upper edge, so that the picture grows out of the paper
   */
  static BufferedImage draw(int width, int height, Colour paper) {
    FieldPicture picture = new FieldPicture(width, height);
    picture.sky(paper);
    picture.hill(0.44, 0.05, 1.3, new Color(0xC9CFA6), new Color(0xB4C295), 0.2);
    picture.hill(0.50, 0.06, 2.1, new Color(0x9DB486), new Color(0x86A274), 1.7);
    picture.trees(0.535);
    picture.hill(0.57, 0.035, 1.6, new Color(0x6F9161), new Color(0x587C50), 3.1);
    picture.soil();
    picture.g.dispose();
    return picture.image;
  }

  private void sky(Colour paper) {
    Color top = new Color(paper.red(), paper.green(), paper.blue());
    g.setColor(top);
    g.fillRect(0, 0, width, height);
    g.setPaint(new GradientPaint(0, height * 0.06f, top, 0, height * 0.5f, new Color(0xF6D9A8)));
    g.fillRect(0, Math.round(height * 0.06f), width, height);
    float x = width * 0.64f;
    float y = height * 0.4f;
    g.setPaint(new RadialGradientPaint(x, y, height * 0.34f, new float[] {0, 0.3f, 1},
        new Color[] {new Color(255, 236, 178, 235), new Color(253, 214, 140, 120), new Color(246, 217, 168, 0)}));
    g.fill(new Ellipse2D.Float(x - height * 0.34f, y - height * 0.34f, height * 0.68f, height * 0.68f));
    g.setColor(new Color(0xFFF3CF));
    g.fill(new Ellipse2D.Float(x - height * 0.085f, y - height * 0.085f, height * 0.17f, height * 0.17f));
  }

  private void hill(double level, double swing, double waves, Color light, Color dark, double phase) {
    Path2D.Double path = new Path2D.Double();
    path.moveTo(-2, height + 2);
    for (int x = -2; x <= width + 2; x += 2) {
      path.lineTo(x, height * ridge((double) x / width, level, swing, waves, phase));
    }
    path.lineTo(width + 2, height + 2);
    path.closePath();
    g.setPaint(new GradientPaint(0, (float) (height * (level - swing)), light, 0, (float) (height * (level + 0.16)), dark));
    g.fill(path);
  }

  private static double ridge(double x, double level, double swing, double waves, double phase) {
    return level - swing * (0.7 * Math.sin(waves * Math.PI * x + phase) + 0.3 * Math.sin(2.7 * waves * Math.PI * x + 2 * phase));
  }

  private void trees(double level) {
    for (int i = 0; i < 34; i++) {
      double x = width * (i + random.nextDouble()) / 34;
      double size = height * (0.018 + 0.022 * random.nextDouble());
      double y = height * (level - 0.02 + 0.015 * random.nextDouble());
      g.setColor(i % 3 == 0 ? new Color(0x5F8257) : new Color(0x73955F));
      g.fill(new Ellipse2D.Double(x - size, y - size * 1.5, size * 2, size * 2.2));
    }
  }

  private void soil() {
    double horizon = height * 0.63;
    Path2D.Double field = new Path2D.Double();
    field.moveTo(-2, height + 2);
    for (int x = -2; x <= width + 2; x += 2) {
      field.lineTo(x, height * ridge((double) x / width, 0.635, 0.012, 1.1, 0.6));
    }
    field.lineTo(width + 2, height + 2);
    field.closePath();
    g.setPaint(new GradientPaint(0, (float) horizon, new Color(0x9A6B47), 0, height, new Color(0x4A2E20)));
    g.fill(field);
    g.setClip(field);
    double meetX = width * 0.64;
    double meetY = height * 0.5;
    for (int row = -26; row <= 26; row++) {
      furrow(meetX, meetY, row);
    }
    g.setClip(null);
  }

  private void furrow(double meetX, double meetY, int row) {
    double footX = meetX + row * width * 0.095;
    Path2D.Double ridge = new Path2D.Double();
    ridge.moveTo(meetX, meetY);
    ridge.lineTo(footX - width * 0.028, height + 2);
    ridge.lineTo(footX + width * 0.014, height + 2);
    ridge.closePath();
    g.setColor(new Color(196, 140, 92, 88));
    g.fill(ridge);
    Path2D.Double shade = new Path2D.Double();
    shade.moveTo(meetX, meetY);
    shade.lineTo(footX + width * 0.014, height + 2);
    shade.lineTo(footX + width * 0.038, height + 2);
    shade.closePath();
    g.setColor(new Color(45, 26, 18, 70));
    g.fill(shade);
    for (int plant = 0; plant < 13; plant++) {
      double near = Math.pow((plant + 0.5) / 13, 1.7);
      double y = height * 0.645 + near * height * 0.38;
      double along = (y - meetY) / (height - meetY);
      sprout(meetX + (footX - width * 0.007 - meetX) * along, y, height * (0.006 + 0.034 * near));
    }
  }

  private void sprout(double x, double y, double size) {
    g.setStroke(new BasicStroke((float) (size * 0.14), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    g.setColor(new Color(0x6F9B52));
    for (int side = -1; side <= 1; side += 2) {
      Path2D.Double leaf = new Path2D.Double();
      double lean = size * (0.75 + 0.3 * random.nextDouble());
      leaf.moveTo(x, y);
      leaf.quadTo(x + side * lean * 0.2, y - size * 0.95, x + side * lean, y - size * 0.8);
      leaf.quadTo(x + side * lean * 0.75, y - size * 0.1, x, y);
      leaf.closePath();
      g.setColor(side < 0 ? new Color(0x7FAE5C) : new Color(0x5E8C4A));
      g.fill(leaf);
    }
  }
}
