package org.zipthimble.core.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.LinearGradientPaint;
import java.awt.MultipleGradientPaint;
import java.awt.Paint;
import java.awt.RadialGradientPaint;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.LineEnd;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.Shade;

/** Pens and shades as the toolkit's strokes and paints. */
final class RasterStrokes {
  /** How far a corner may reach, in widths. */
  static final float MITRE = 10f;

  private static final float NEXT = 1e-5f;

  private RasterStrokes() {}

  static BasicStroke stroke(Pen pen, double scale) {
    int cap = pen.end() == LineEnd.BUTT ? BasicStroke.CAP_BUTT
        : pen.end() == LineEnd.ROUND ? BasicStroke.CAP_ROUND : BasicStroke.CAP_SQUARE;
    int join = pen.corner() == Corner.MITRE ? BasicStroke.JOIN_MITER
        : pen.corner() == Corner.ROUND ? BasicStroke.JOIN_ROUND : BasicStroke.JOIN_BEVEL;
    float width = (float) (pen.width() * scale);
    if (pen.dashes().isEmpty()) {
      return new BasicStroke(width, cap, join, MITRE);
    }
    float[] dashes = new float[pen.dashes().size()];
    for (int i = 0; i < dashes.length; i++) {
      dashes[i] = (float) (pen.dashes().get(i) * scale);
    }
    return new BasicStroke(width, cap, join, MITRE, dashes, 0);
  }

  static Paint paint(Shade shade, AffineTransform toPixels) {
    List<Float> places = new ArrayList<>();
    List<Color> colours = new ArrayList<>();
    float last = -1;
    for (int i = 0; i < shade.places().size(); i++) {
      float place = Math.max(shade.places().get(i).floatValue(), last < 0 ? 0 : last + NEXT);
      if (place <= 1) {
        places.add(place);
        colours.add(RasterOut.awt(shade.colours().get(i)));
        last = place;
      }
    }
    if (places.size() < 2) {
      return colours.isEmpty() ? RasterOut.awt(shade.colours().get(0)) : colours.get(0);
    }
    float[] at = new float[places.size()];
    for (int i = 0; i < at.length; i++) {
      at[i] = places.get(i);
    }
    Color[] all = colours.toArray(new Color[0]);
    return shade.round()
        ? new RadialGradientPaint(
            new Point2D.Double(0, 0), 1, new Point2D.Double(0, 0), at, all, MultipleGradientPaint.CycleMethod.NO_CYCLE,
            MultipleGradientPaint.ColorSpaceType.SRGB, toPixels)
        : new LinearGradientPaint(
            new Point2D.Double(0, 0), new Point2D.Double(1, 0), at, all, MultipleGradientPaint.CycleMethod.NO_CYCLE,
            MultipleGradientPaint.ColorSpaceType.SRGB, toPixels);
  }
}
