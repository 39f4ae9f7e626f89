package org.zipthimble.core.check.edge;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Side;

/** How far the artwork of a face reaches past each side of its trim, of the places where it lies just inside; in inches. */
public final class EdgeReach {
  private static final Kept<Face, String, Job, EdgeReach> KEPT = Kept.ofNewest(Kept.STATES, (face, whole, job) -> new EdgeReach(job, face));

  private final Map<Side, Double> least = new EnumMap<>(Side.class);
  private final boolean asked;
  private final Insets bleed;

  private EdgeReach(Job job, Face face) {
    Frame frame = job.frame(face);
    this.asked = frame.bleeds();
    this.bleed = frame.bleed();
    Coverage coverage = Coverage.ofTrim(job, face);
    for (Side side : Side.values()) {
      double reach = coverage.least(side);
      if (!Double.isNaN(reach)) {
        least.put(side, reach);
      }
    }
  }

  /** That of a face; kept for as long as the face lives and its frame stays. */
  public static EdgeReach of(Job job, Face face) {
    return KEPT.of(face, "", job);
  }

  /** Whether artwork is to reach past any side at all. */
  public boolean asked() {
    return asked;
  }

  /** The least reach past a side in inches; empty where no artwork lies along it. */
  public OptionalDouble past(Side side) {
    return least.containsKey(side) ? OptionalDouble.of(least.get(side)) : OptionalDouble.empty();
  }

  /** The sides along which artwork is asked for and none lies, in the order left, right, top, bottom: the paper stays seen there. */
  public List<Side> bare() {
    return Stream.of(Side.values()).filter(side -> bleed.at(side) > 0 && !least.containsKey(side)).collect(Collectors.toList());
  }

  /** Whether no artwork lies along any side: the face keeps a white edge all round. */
  public boolean whiteAllRound() {
    return least.isEmpty();
  }
}
