package org.zipthimble.core.job;

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
public record Cutting(CutKind kind, String lane, CutEdge edge, double distance, double spread, int threshold, boolean together) {
  /** Cut through, from no lane yet. */
  public static final Cutting PLAIN = new Cutting(CutKind.THROUGH, "", CutEdge.OUTLINE, 0, 0, 128, true);

  /** The widest distance and spread. */
  public static final double MOST = 2;

  /** Checks the ranges. */
  public Cutting {
    if (kind == null || lane == null || edge == null) {
      throw new IllegalArgumentException("a cut needs a kind, a lane and an edge");
    }
    if (!(Math.abs(distance) <= MOST) || !(spread >= 0 && spread <= MOST) || threshold < 1 || threshold > 255) {
      throw new IllegalArgumentException("a cut's figures are out of range: " + distance + ", " + spread + ", " + threshold);
    }
  }

  /** The same of another kind. */
  public Cutting of(CutKind other) {
    return new Cutting(other, lane, edge, distance, spread, threshold, together);
  }

  /** The same from another lane. */
  public Cutting from(String other) {
    return new Cutting(kind, other, edge, distance, spread, threshold, together);
  }

  /** The same along another edge. */
  public Cutting along(CutEdge other, double inches) {
    return new Cutting(kind, lane, other, inches, spread, threshold, together);
  }

  /** The same with its colour grown otherwise. */
  public Cutting spread(double inches) {
    return new Cutting(kind, lane, edge, distance, inches, threshold, together);
  }

  /** The same with another threshold for a picture's art. */
  public Cutting threshold(int other) {
    return new Cutting(kind, lane, edge, distance, spread, other, together);
  }

  /** The same, kept together or not. */
  public Cutting together(boolean held) {
    return new Cutting(kind, lane, edge, distance, spread, threshold, held);
  }
}
