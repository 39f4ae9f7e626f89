package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.zipthimble.core.geom.Point;

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
 * @param labels where the places are on a sheet that is cut already; gutter, margin and turning count for nothing then
 * @param booklet whether two pages of a booklet lie on each side of a sheet, in the order in which they are folded; turning, counts and
 *     gutter
 *     count for nothing then
 * @param along which way of a piece goes with the grain of the paper
 * @param moved how far pieces are moved by hand from their places, in inches, by the place's number from 0
 * @param left places that are left free on every sheet, from 0
 * @param used places of the first sheet that are left free, from 0, line by line; of no account for piles
 * @param slug whether a line at the foot tells the job, the sheet and the side
 */
@RecordBuilder
public record Gang(
    Turning turning, int across, int down, double gutter, double margin, boolean corner, Backs backs, double backX, double backY,
    boolean stacked, boolean slug,
    Optional<Labels> labels, Set<Integer> used, boolean booklet, Along along, Map<Integer, Point> moved, Set<Integer> left)
    implements GangBuilder.With {
  /** The most beside or below each other. */
  public static final int MOST = 100;

  /** The widest gutter and margin, in inches. */
  public static final double MOST_GAP = 5;

  /** The farthest from label to label, in inches. */
  public static final double MOST_LABEL = 40;

  /** The farthest that a printer is put right, in inches. */
  public static final double MOST_SHIFT = 0.5;

  /** As many as go on, an eighth between them, a quarter free all round. */
  public static final Gang USUAL = new Gang(Turning.BEST, 0, 0, 0.25, 0.25, false, Backs.NONE, 0, 0, false, true, Optional.empty(),
      Set.of(), false, Along.ANY, Map.of(), Set.of());

  /**
   * The places of a sheet of labels.
   *
   * @param left from the sheet's left edge to the first label, in inches
   * @param top from its top edge to the first label
   * @param stepX from the left edge of a label to that of the next
   * @param stepY from the top edge of a label to that of the next below
   */
  public record Labels(double left, double top, double stepX, double stepY) {
    /** Checks the ranges. */
    public Labels {
      if (!(left >= 0 && left <= MOST_LABEL && top >= 0 && top <= MOST_LABEL && stepX > 0 && stepX <= MOST_LABEL && stepY > 0
          && stepY <= MOST_LABEL)) {
        throw new IllegalArgumentException("labels are out of range: " + left + ", " + top + ", " + stepX + ", " + stepY);
      }
    }
  }

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

  /** Which way of a piece lies along the grain. */
  public enum Along {
    /** Either. */
    ANY,
    /** Its height, so that folds from top to bottom do not crack. */
    HEIGHT,
    /** Its width. */
    WIDTH
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
    used = Collections.unmodifiableSet(new TreeSet<>(used));
    left = Collections.unmodifiableSet(new TreeSet<>(left));
    moved = Collections.unmodifiableMap(new TreeMap<>(moved));
    boolean near = moved.values().stream().allMatch(p -> Math.max(Math.abs(p.x()), Math.abs(p.y())) <= MOST_LABEL);
    boolean counts = across >= 0 && across <= MOST && down >= 0 && down <= MOST;
    boolean lengths = gutter >= 0 && gutter <= MOST_GAP && margin >= 0 && margin <= MOST_GAP && Math.abs(backX) <= MOST_SHIFT
        && Math.abs(backY) <= MOST_SHIFT;
    if (turning == null || backs == null || !counts || !lengths || labels == null || along == null || !near || !numbers(used)
        || !numbers(left) || !numbers(moved.keySet())) {
      throw new IllegalArgumentException("pieces on a sheet are out of range: " + across + " by " + down + ", " + gutter + ", " + margin);
    }
  }

  private static boolean numbers(Set<Integer> places) {
    return places.stream().allMatch(i -> i >= 0 && i < MOST * MOST);
  }
}
