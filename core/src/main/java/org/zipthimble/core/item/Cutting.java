package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How an object is cut.
 *
 * @param lane the id of the lane it is cut from; empty when none is chosen yet
 * @param edge where the cut runs when the object is printed too
 * @param distance from that edge to the cut, in inches, outwards; -2 to 2
 * @param spread how far the printed colour grows past the cut, in inches; 0 to 1
 * @param threshold how opaque a picture's art must be to count, 1 to 255
 * @param together whether what a group holds stays together when pieces are nested
 */
@RecordBuilder
public record Cutting(CutKind kind, String lane, CutEdge edge, double distance, double spread, int threshold, boolean together)
    implements CuttingBuilder.With {
  /** The highest opacity from which a picture counts as there; 1 is the lowest. */
  public static final int MOST_THRESHOLD = 255;

  /** Cut through, from no lane yet. */
  public static final Cutting PLAIN = new Cutting(CutKind.THROUGH, "", CutEdge.OUTLINE, 0, 0, 128, true);

  /** The widest distance and spread. */
  public static final double MOST = 2;

  /** Checks the ranges. */
  public Cutting {
    if (kind == null || lane == null || edge == null) {
      throw new IllegalArgumentException("a cut needs a kind, a lane and an edge");
    }
    if (!(Math.abs(distance) <= MOST) || !(spread >= 0 && spread <= MOST) || threshold < 1 || threshold > MOST_THRESHOLD) {
      throw new IllegalArgumentException("a cut's figures are out of range: " + distance + ", " + spread + ", " + threshold);
    }
  }

  /** The same along another edge, so many inches outside of it; inside below 0. */
  public Cutting along(CutEdge other, double inches) {
    return withEdge(other).withDistance(inches);
  }
}
