package org.zipthimble.core.geom;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a face is seen in a window: pixels per inch, and where the face's origin lies in pixels.
 *
 * @param scale pixels per inch, {@link #LEAST} to {@link #MOST}
 */
@RecordBuilder
public record Viewport(double scale, double left, double top) implements ViewportBuilder.With {
  /** The smallest scale. */
  public static final double LEAST = 1;

  /** The largest scale. */
  public static final double MOST = 20_000;

  /** Brings the scale into range. */
  public Viewport {
    scale = Math.max(LEAST, Math.min(MOST, scale));
  }

  /** The viewport that shows a box whole and centred, with a margin in pixels around it. */
  public static Viewport fit(Box box, double width, double height, double margin) {
    double across = Math.max(1, width - 2 * margin) / Math.max(1e-9, box.width());
    double down = Math.max(1, height - 2 * margin) / Math.max(1e-9, box.height());
    return new Viewport(Math.min(across, down), 0, 0).centredOn(box.centre(), width, height);
  }

  /** The same scale with a place of the face in the middle of the window. */
  public Viewport centredOn(Point place, double width, double height) {
    return withLeft(width / 2 - place.x() * scale).withTop(height / 2 - place.y() * scale);
  }

  /** Another scale, while what lies under a pixel stays under it. */
  public Viewport scaledAt(double newScale, Point pixel) {
    Point face = toFace(pixel);
    double held = Math.max(LEAST, Math.min(MOST, newScale));
    return new Viewport(held, pixel.x() - face.x() * held, pixel.y() - face.y() * held);
  }

  /** Moved by pixels. */
  public Viewport moved(double dx, double dy) {
    return withLeft(left + dx).withTop(top + dy);
  }

  /** From the face's inches to pixels. */
  public Affine toPixels() {
    return new Affine(scale, 0, 0, scale, left, top);
  }

  /** A place of the face, in pixels. */
  public Point toPixel(Point face) {
    return toPixels().apply(face);
  }

  /** What lies under a pixel, in inches on the face. */
  public Point toFace(Point pixel) {
    return new Point((pixel.x() - left) / scale, (pixel.y() - top) / scale);
  }
}
