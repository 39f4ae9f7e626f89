package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Clip;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Offset;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.CutKind;
import org.zipthimble.core.job.CutPlan;
import org.zipthimble.core.job.Lane;
import org.zipthimble.core.job.Supply;
import org.zipthimble.core.wording.Wording;

/** Cuts that make weeding easier: a box around all, and lines across the waste that stop short of the pieces. */
final class Weeding {
  /** How far weed lines keep from the pieces, in inches. */
  private static final double SHORT = 1.0 / 32;

  private Weeding() {}

  static List<CutLine> of(CutPlan plan, Lane lane, Supply supply, List<Piece> pieces) {
    List<CutLine> out = new ArrayList<>();
    Optional<Box> all = pieces.stream().flatMap(p -> Measure.bounds(p.outline()).stream()).reduce(Box::union);
    if (all.isEmpty() || plan.weedBox() <= 0) {
      return out;
    }
    Box usable = supply.usable().grown(-lane.blade().trail() - SHORT);
    Box box = all.get().grown(plan.weedBox());
    Box held = Box.between(
        new Point(Math.max(box.x(), usable.x()), Math.max(box.y(), usable.y())),
        new Point(Math.min(box.right(), usable.right()), Math.min(box.bottom(), usable.bottom())));
    out.add(new CutLine(Shapes.rectangle(held), CutKind.KISS, lane.id(), "", Wording.text("cut.weedBox"), ""));
    if (plan.weedLines() > 0) {
      Path pieceArea = Path.EMPTY;
      for (Piece piece : pieces) {
        pieceArea = pieceArea.plus(Offset.of(piece.outline(), SHORT, Corner.ROUND));
      }
      int count = (int) Math.floor(held.height() / plan.weedLines() - 1e-9);
      for (int i = 1; i <= count; i++) {
        double y = held.y() + i * held.height() / (count + 1);
        Path line = Shapes.line(new Point(held.x(), y), new Point(held.right(), y));
        Path left = Clip.outside(line, pieceArea);
        if (!left.segments().isEmpty()) {
          out.add(new CutLine(left, CutKind.KISS, lane.id(), "", Wording.text("cut.weedLine", i), ""));
        }
      }
    }
    return out;
  }
}
