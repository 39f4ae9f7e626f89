package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * How a job is cut.
 *
 * @param lanes in the order they are applied, the lowest first
 * @param gap between pieces on a sheet, in inches; 0 to 5
 * @param turns how pieces may be turned
 * @param grain whether pieces keep their direction along the material: no turn but the half one
 * @param weedBox the distance of a weeding box around all that lies on a sheet, in inches; 0 for none
 * @param weedLines the distance between weed lines across the waste, in inches; 0 for none
 * @param weedClear how far weeding boxes and weed lines keep from every piece, in inches, 0 to 5; empty for {@link #WEED_CLEAR}
 * @param speck parts smaller than this are told, in square inches; 0 to 10
 * @param marks whether alignment marks common to all lanes are cut
 * @param nested whether pieces are nested; else every lane is cut as it stands on the item
 * @param laid where the pieces of each lane lie, by the lane's id; only what was nested or moved by hand
 * @param split how what is wider than its sheet is parted
 */
@RecordBuilder
public record CutPlan(
    List<Lane> lanes, double gap, Turns turns, boolean grain, double weedBox, double weedLines, Optional<Double> weedClear, double speck,
    boolean marks, boolean nested,
    Map<String, List<PiecePlace>> laid, Split split) implements CutPlanBuilder.With {
  /** No lanes; a gap of 1/8 in. */
  public static final CutPlan NONE =
      new CutPlan(List.of(), 0.125, Turns.QUARTER, false, 0, 0, Optional.empty(), 0.01, false, false, Map.of(), Split.NONE);

  /** The widest gap between pieces, and the farthest a weeding box stands off, in inches. */
  public static final double MOST_GAP = 5;

  /** The farthest weed lines stand apart, in inches. */
  public static final double MOST_WEED_LINES = 100;

  /** How far weed cuts keep from the pieces where nothing else is said, in inches (common practice, no source). */
  public static final double WEED_CLEAR = 1.0 / 32;

  /** The most lanes of a job. */
  public static final int MOST_LANES = 64;

  /** Keeps copies and checks the figures. */
  public CutPlan {
    lanes = List.copyOf(lanes);
    Map<String, List<PiecePlace>> kept = new TreeMap<>();
    laid.forEach((lane, pieces) -> kept.put(lane, List.copyOf(pieces)));
    laid = Collections.unmodifiableMap(kept);
    Set<String> ids = new HashSet<>();
    if (lanes.size() > MOST_LANES || !lanes.stream().allMatch(l -> ids.add(l.id()))) {
      throw new IllegalArgumentException("a job has up to " + MOST_LANES + " lanes, each with its own id");
    }
    if (!(gap >= 0 && gap <= MOST_GAP) || !(weedBox >= 0 && weedBox <= MOST_GAP) || !(weedLines >= 0 && weedLines <= MOST_WEED_LINES)
        || weedClear.filter(c -> !(c >= 0 && c <= MOST_GAP)).isPresent()
        || !(speck >= 0 && speck <= 10)) {
      throw new IllegalArgumentException("a cut plan's figures are out of range: " + gap + ", " + weedBox + ", " + weedLines);
    }
  }

  /** How far weed cuts keep from every piece, in inches. */
  public double weedDistance() {
    return weedClear.orElse(WEED_CLEAR);
  }

  /** The lane with an id. */
  public Optional<Lane> lane(String id) {
    return lanes.stream().filter(l -> l.id().equals(id)).findFirst();
  }

  /** An id that no lane has yet. */
  public String freshId() {
    int number = lanes.size() + 1;
    while (lane("l" + number).isPresent()) {
      number++;
    }
    return "l" + number;
  }

  /** The same with one lane changed, by its id. */
  public CutPlan with(Lane lane) {
    return withLanes(lanes.stream().map(l -> l.id().equals(lane.id()) ? lane : l).toList());
  }

  /** The same with one lane more, on top. */
  public CutPlan plus(Lane lane) {
    List<Lane> more = new ArrayList<>(lanes);
    more.add(lane);
    return withLanes(more);
  }

  /** The same with the pieces spaced by inches and turned otherwise. */
  public CutPlan spaced(double inches, Turns how, boolean keepGrain) {
    return withGap(inches).withTurns(how).withGrain(keepGrain);
  }

  /** The same with other weeding: how far the box lies from the pieces and how far its lines from one another, in inches; 0 for none. */
  public CutPlan weeded(double box, double lines) {
    return withWeedBox(box).withWeedLines(lines);
  }

  /** The same with the pieces of one lane laid otherwise. */
  public CutPlan laying(String lane, List<PiecePlace> pieces) {
    Map<String, List<PiecePlace>> more = new TreeMap<>(laid);
    more.put(lane, pieces);
    return new CutPlan(lanes, gap, turns, grain, weedBox, weedLines, weedClear, speck, marks, nested, more, split);
  }
}
