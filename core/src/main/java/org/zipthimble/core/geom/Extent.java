package org.zipthimble.core.geom;

import java.util.List;
import org.zipthimble.core.overlay.Combine;

/** Areas and lengths of outlines, exact for lines and cubic curves. */
public final class Extent {
  private Extent() {}

  /**
   * The area in square inches of an outline whose contours do not cross and whose holes run against their
   * shells, such as {@link Combine} makes.
   */
  public static double area(Path path) {
    return Math.abs(Contour.of(path).stream().mapToDouble(Contour::area).sum());
  }

  /** The length of all contours in inches. */
  public static double length(Path path) {
    return Contour.of(path).stream().mapToDouble(Contour::length).sum();
  }

  /** How many points it has: the ends of its spans. */
  public static int points(Path path) {
    List<Contour> contours = Contour.of(path);
    return contours.stream().mapToInt(c -> c.spans().size() + (c.closed() ? 0 : 1)).sum();
  }
}
