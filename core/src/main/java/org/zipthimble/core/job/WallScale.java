package org.zipthimble.core.job;

import java.util.List;
import org.zipthimble.core.units.Size;

/** The one scale at which everything that is seen hangs side by side on the wall. */
public final class WallScale {
  /** The most pixels per inch. */
  public static final double MOST = 48;

  /** The least pixels per inch. */
  public static final double LEAST = 4;

  private WallScale() {}

  /**
   * The largest scale at which the tallest and the widest still hang whole.
   *
   * @param sizes of all that hangs, at least one
   * @param width of the wall in pixels
   * @param height that a thing may take, in pixels
   * @return pixels per inch, {@link #LEAST} to {@link #MOST}
   */
  public static double fitting(List<Size> sizes, double width, double height) {
    double tallest = sizes.stream().mapToDouble(Size::height).max().orElse(1);
    double widest = sizes.stream().mapToDouble(Size::width).max().orElse(1);
    return Math.max(LEAST, Math.min(MOST, Math.min(height / tallest, width / widest)));
  }
}
