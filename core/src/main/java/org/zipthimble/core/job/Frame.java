package org.zipthimble.core.job;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;

/**
 * The size of one face and what lies along its edges, in inches; the origin is the top left of the finished edge.
 *
 * @param size the finished size
 * @param bleed how far artwork is to reach past each side
 * @param safe how far words and faces keep inside each side
 * @param keepOuts outlines of what stays free: holes, rims, gaps
 * @param folds lines along which it is folded
 * @param outline the finished edge where it is no rectangle
 */
public record Frame(Size size, Insets bleed, Insets safe, List<Path> keepOuts, List<Path> folds, Optional<Path> outline) {
  /** Keeps copies. */
  public Frame {
    keepOuts = List.copyOf(keepOuts);
    folds = List.copyOf(folds);
  }

  /** The finished edge as a box; its top left is the origin. */
  public Box trim() {
    return new Box(0, 0, size.width(), size.height());
  }

  /** The trim with the bleed around it. */
  public Box bleedBox() {
    return trim().grown(bleed);
  }

  /** The trim less the safe margins. */
  public Box safeBox() {
    return trim().shrunk(safe);
  }

  /** Whether artwork is to reach past any side. */
  public boolean bleeds() {
    return bleed.most() > 0;
  }

  /** How far outside the trim a place lies on a side; below zero inside. */
  public double past(double x, double y, Side side) {
    return switch (side) {
      case LEFT -> -x;
      case RIGHT -> x - size.width();
      case TOP -> -y;
      case BOTTOM -> y - size.height();
    };
  }

  /** How long a side is, in inches. */
  public double length(Side side) {
    return side.upright() ? size.height() : size.width();
  }
}
