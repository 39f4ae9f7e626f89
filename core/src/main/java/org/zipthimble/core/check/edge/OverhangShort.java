package org.zipthimble.core.check.edge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;

/**
 * Art that covers a thing whose edge is no rectangle and does not pass that edge far enough: a disc, a plate, a curved band. Told by the
 * side it lies on.
 */
public final class OverhangShort extends FaceCheck {
  /** As much of a side must be covered just inside for the art to be a ground that was meant to pass it. */
  private static final double MEANT = 0.5;

  /** Shorter runs are tips that poke out, in inches. */
  private static final double LEAST_RUN = 0.15;

  @Override
  public Set<String> codes() {
    return Set.of("overhang-short");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Frame frame = on.frame();
    List<Finding> found = new ArrayList<>();
    if (frame.outline().isEmpty() || !frame.bleeds() || on.printing().isEmpty() || on.face().paper().orElse(false)) {
      return found;
    }
    Path edge = frame.outline().get();
    List<Coverage.Spot> spots = Coverage.of(on.job(), on.face(), edge, frame.bleed().most()).spots();
    long inked = spots.stream().filter(Coverage.Spot::inked).count();
    for (Side side : Side.values()) {
      double asked = frame.bleed().at(side);
      List<Coverage.Spot> along = spots.stream().filter(s -> side(s) == side).toList();
      List<Coverage.Spot> open = along.stream().filter(s -> s.reach() < asked - Coverage.REACHED).toList();
      double least = open.stream().mapToDouble(Coverage.Spot::reach).min().orElse(asked);
      if (asked > 0 && inked > MEANT * spots.size() && open.size() * Coverage.STEP >= LEAST_RUN) {
        Box where = Box.around(open.stream().flatMap(s -> List.of(s.on(), s.out()).stream()).toList());
        found.add(new Finding("overhang-short", Weight.RUIN, on.face().id(), Optional.empty(), Optional.of(side), where, least, asked,
            Wording.text("finding.overhang-short.title", side.spoken()),
            Wording.text("finding.overhang-short.sentence", on.face().name(), side.spoken(), Lengths.plain(least, 3),
            Lengths.plain(asked, 3)),
            Wording.text("finding.overhang-short.mend")));
      }
    }
    return found;
  }

  /** The side that a place of the edge looks to. */
  static Side side(Coverage.Spot spot) {
    Point out = new Point(spot.out().x() - spot.on().x(), spot.out().y() - spot.on().y());
    if (Math.abs(out.x()) > Math.abs(out.y())) {
      return out.x() < 0 ? Side.LEFT : Side.RIGHT;
    }
    return out.y() < 0 ? Side.TOP : Side.BOTTOM;
  }
}
