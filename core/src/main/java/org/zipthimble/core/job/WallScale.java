package org.zipthimble.core.job;

import org.zipthimble.core.units.Size;

/** The one scale at which all standard items and a typed size hang side by side on a wall. */
public final class WallScale {
  private static final double STEP = 0.97;
  private static final double LEAST = 0.2;

  private WallScale() {}

  /**
   * The largest scale at which everything fits.
   *
   * @param own the typed size
   * @param width of the wall in pixels
   * @param height of the wall in pixels
   * @param least pixels that a thing takes even when it is narrower, for its name
   * @param gap pixels between two things
   * @return pixels per inch
   */
  public static double fitting(Size own, double width, double height, double least, double gap) {
    double tallest = own.height();
    for (StandardItem standard : StandardItem.values()) {
      tallest = Math.max(tallest, standard.size().height());
    }
    double scale = height / tallest;
    while (scale > LEAST && needed(own, scale, least, gap) > width) {
      scale *= STEP;
    }
    return scale;
  }

  private static double needed(Size own, double scale, double least, double gap) {
    double all = Math.max(least, own.width() * scale);
    for (StandardItem standard : StandardItem.values()) {
      all += gap + Math.max(least, standard.size().width() * scale);
    }
    return all;
  }
}
