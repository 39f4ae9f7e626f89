package org.zipthimble.core.nest;

import java.util.List;

/**
 * A way to lay pieces.
 *
 * @param spots of all pieces that have a place
 * @param left the ids of pieces that go on no sheet
 * @param sheets how many sheets are used
 * @param length of the last or only sheet that is used, from its upper usable edge, in inches
 * @param yield the area of the pieces over the area of what is used, 0 to 1
 * @param used the area of the stock that is used, in square inches
 */
public record Nest(List<Spot> spots, List<String> left, int sheets, double length, double yield, double used) {
  /** Keeps copies. */
  public Nest {
    spots = List.copyOf(spots);
    left = List.copyOf(left);
  }
}
