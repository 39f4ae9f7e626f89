package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Several pieces on one sheet.
 *
 * @param turning which way round they lie
 * @param across how many beside each other; 0 for as many as go on
 * @param down how many below each other; 0 for as many as go on
 * @param gutter between the trims of neighbours in inches; 0 for one cut between two
 * @param margin at every edge of the sheet that stays free, in inches
 * @param corner whether they lie from the top left corner on; else in the middle
 * @param backs where the back of a piece lies when two faces make one
 * @param backX how far to the right the printer lays the back too far, in inches; taken off again
 * @param backY the same downwards
 * @param stacked whether rows are laid so that the piles of cut sheets, put one on another from left to right, are in order
 * @param slug whether a line at the foot tells the job, the sheet and the side
 */
@RecordBuilder
public record Gang(
    Turning turning, int across, int down, double gutter, double margin, boolean corner, Backs backs, double backX, double backY, boolean stacked, boolean slug) implements GangBuilder.With {
  /** The most beside or below each other. */
  public static final int MOST = 100;

  /** The widest gutter and margin, in inches. */
  public static final double MOST_GAP = 5;

  /** The farthest that a printer is put right, in inches. */
  public static final double MOST_SHIFT = 0.5;

  /** As many as go on, an eighth between them, a quarter free all round. */
  public static final Gang USUAL = new Gang(Turning.BEST, 0, 0, 0.25, 0.25, false, Backs.NONE, 0, 0, false, true);

  /** Which way round pieces lie. */
  public enum Turning {
    /** As they stand. */
    UPRIGHT,
    /** A quarter turned. */
    TURNED,
    /** The way by which more go on. */
    BEST,
    /** Some each way, in blocks that straight cuts part. */
    MIXED
  }

  /** How a sheet is turned for its back. */
  public enum Backs {
    /** Every face has sheets of its own. */
    NONE,
    /** About its long edge. */
    LONG_EDGE,
    /** About its short edge. */
    SHORT_EDGE
  }

  /** Checks the ranges. */
  public Gang {
    boolean counts = across >= 0 && across <= MOST && down >= 0 && down <= MOST;
    boolean lengths = gutter >= 0 && gutter <= MOST_GAP && margin >= 0 && margin <= MOST_GAP && Math.abs(backX) <= MOST_SHIFT && Math.abs(backY) <= MOST_SHIFT;
    if (turning == null || backs == null || !counts || !lengths) {
      throw new IllegalArgumentException("pieces on a sheet are out of range: " + across + " by " + down + ", " + gutter + ", " + margin);
    }
  }
}
