package org.zipthimble.core.plan;

import java.util.List;
import org.zipthimble.core.item.Placement;

/**
 * How a design wider than its sheet is parted.
 *
 * @param on whether it is parted at all
 * @param at where the seams stand, from the left of the design, in inches; empty to have them proposed
 * @param stepped whether seams may step sideways to spare edges
 * @param overlap how far neighbouring parts reach over each other, in inches; 0 for butt, at most 2
 */
public record Split(boolean on, List<Double> at, boolean stepped, double overlap) {
  /** The widest overlap, in inches. */
  public static final double MOST_OVERLAP = 2;

  /** In one piece. */
  public static final Split NONE = new Split(false, List.of(), true, 0);

  /** Keeps a copy and checks the figures. */
  public Split {
    at = List.copyOf(at);
    if (!(overlap >= 0 && overlap <= MOST_OVERLAP) || at.size() > 200 || at.stream().anyMatch(x -> !(Math.abs(x) <= Placement.FARTHEST))) {
      throw new IllegalArgumentException("a split's figures are out of range: " + at + ", " + overlap);
    }
  }
}
