package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;

/**
 * How a picture lies in its mount.
 *
 * @param zoom 1 where it just fills the mount's box at its turn
 * @param dx how far its middle lies right of the box's, in widths of the box
 * @param dy how far below, in heights of the box
 * @param turn degrees clockwise
 */
@RecordBuilder
public record PictureFit(double zoom, double dx, double dy, double turn) implements PictureFitBuilder.With {
  /** The least zoom. */
  public static final double LEAST_ZOOM = 0.01;

  /** In the middle, just filling. */
  public static final PictureFit FILLING = new PictureFit(1, 0, 0, 0);

  /** The most it is zoomed. */
  public static final double MOST_ZOOM = 100;

  /** Checks the figures. */
  public PictureFit {
    if (!(zoom >= LEAST_ZOOM && zoom <= MOST_ZOOM) || !(Math.abs(dx) <= MOST_ZOOM && Math.abs(dy) <= MOST_ZOOM)
        || !(Math.abs(turn) <= 360)) {
      throw new IllegalArgumentException("a picture in its mount is out of range: " + zoom + ", " + dx + ", " + dy + ", " + turn);
    }
  }

  /** The zoom at which all of a picture, in pixels, is within a box, in inches: a factor of what fills it, above 0 and at most 1. */
  public static double fitting(int pixelsWide, int pixelsHigh, double width, double height) {
    double across = width / pixelsWide;
    double down = height / pixelsHigh;
    return Math.min(across, down) / Math.max(across, down);
  }

  /** Inches per pixel at a zoom of 1. */
  private double filling(int pixelsWide, int pixelsHigh, double width, double height) {
    double cos = Math.abs(Math.cos(Math.toRadians(turn)));
    double sin = Math.abs(Math.sin(Math.toRadians(turn)));
    return Math.max((width * cos + height * sin) / pixelsWide, (width * sin + height * cos) / pixelsHigh);
  }

  /** Inches per pixel of a picture in a box. */
  public double inchesPerPixel(int pixelsWide, int pixelsHigh, double width, double height) {
    return zoom * filling(pixelsWide, pixelsHigh, width, height);
  }

  /** The map from the picture's unit square to the box, in inches from the box's top left. */
  public Affine toBox(int pixelsWide, int pixelsHigh, double width, double height) {
    double scale = inchesPerPixel(pixelsWide, pixelsHigh, width, height);
    return Affine.move(-0.5, -0.5).then(Affine.scale(pixelsWide * scale, pixelsHigh * scale))
        .then(Affine.turn(turn, new Point(0, 0))).then(Affine.move(width * (0.5 + dx), height * (0.5 + dy)));
  }

  /** The same, moved by shares of the mount's sides, 1 for a whole one. */
  public PictureFit moved(double across, double down) {
    return withDx(dx + across).withDy(dy + down);
  }

  /** The same, turned about the picture's middle from one place of the box towards another, in inches from its top left. */
  public PictureFit turnedBy(Point from, Point to, double width, double height) {
    Point middle = new Point(width * (0.5 + dx), height * (0.5 + dy));
    double before = Math.atan2(from.y() - middle.y(), from.x() - middle.x());
    double after = Math.atan2(to.y() - middle.y(), to.x() - middle.x());
    return withTurn(Math.IEEEremainder(turn + Math.toDegrees(after - before), 360));
  }
}
