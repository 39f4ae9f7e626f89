package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.overlay.Clip;
import org.zipthimble.core.overlay.Offset;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;

/**
 * Cuts that make weeding easier: a box around all, and lines across the waste that stop short of the pieces. All keep the plan's distance
 * from every piece. A side of the box for which the sheet leaves no room is left out: there the stock's own edge is near.
 */
public final class Weeding {
  /** Corners of an outline grown by steps lie this much nearer than what is asked for. */
  private static final double FLAT = 0.002;

  private Weeding() {}

  /** The box of a sheet: where its sides lie, and which of them are cut. */
  private record Frame(Box box, Set<Side> sides) {}

  /** The sides of its weeding box that a sheet has no room for; none where no box is wanted. */
  public static Set<Side> without(CutPlan plan, CutSheet sheet) {
    Set<Side> out = EnumSet.noneOf(Side.class);
    frame(plan, sheet.lane(), sheet.supply(), sheet.pieces())
        .ifPresent(f -> out.addAll(EnumSet.allOf(Side.class).stream().filter(s -> !f.sides().contains(s)).toList()));
    return out;
  }

  private static Optional<Frame> frame(CutPlan plan, Lane lane, Supply supply, List<CutPiece> pieces) {
    Optional<Box> all = pieces.stream().flatMap(p -> Measure.bounds(p.outline()).stream()).reduce(Box::union);
    if (all.isEmpty() || plan.weedBox() <= 0) {
      return Optional.empty();
    }
    Box usable = supply.usable().grown(-lane.blade().trail());
    Box wanted = all.get().grown(Math.max(plan.weedBox(), plan.weedDistance()));
    Box clear = all.get().grown(plan.weedDistance());
    Set<Side> sides = EnumSet.allOf(Side.class);
    sides.removeIf(s -> !switch (s) {
      case LEFT -> usable.x() <= clear.x();
      case TOP -> usable.y() <= clear.y();
      case RIGHT -> usable.right() >= clear.right();
      case BOTTOM -> usable.bottom() >= clear.bottom();
    });
    Box box = Box.between(
        new Point(Math.max(wanted.x(), usable.x()), Math.max(wanted.y(), usable.y())),
        new Point(Math.min(wanted.right(), usable.right()), Math.min(wanted.bottom(), usable.bottom())));
    return Optional.of(new Frame(box, sides));
  }

  private static Path drawn(Frame frame) {
    if (frame.sides().size() == Side.values().length) {
      return Shapes.rectangle(frame.box());
    }
    Path path = Path.EMPTY;
    Box b = frame.box();
    for (Side side : frame.sides()) {
      path = path.plus(switch (side) {
        case LEFT -> Shapes.line(new Point(b.x(), b.y()), new Point(b.x(), b.bottom()));
        case TOP -> Shapes.line(new Point(b.x(), b.y()), new Point(b.right(), b.y()));
        case RIGHT -> Shapes.line(new Point(b.right(), b.y()), new Point(b.right(), b.bottom()));
        case BOTTOM -> Shapes.line(new Point(b.x(), b.bottom()), new Point(b.right(), b.bottom()));
      });
    }
    return path;
  }

  static List<CutLine> of(CutPlan plan, Lane lane, Supply supply, List<CutPiece> pieces) {
    List<CutLine> out = new ArrayList<>();
    Optional<Frame> frame = frame(plan, lane, supply, pieces);
    if (frame.isEmpty()) {
      return out;
    }
    Box held = frame.get().box();
    if (!frame.get().sides().isEmpty()) {
      out.add(new CutLine(drawn(frame.get()), CutKind.KISS, lane.id(), "", Wording.text("cut.weedBox"), ""));
    }
    if (plan.weedLines() > 0) {
      Path pieceArea = Path.EMPTY;
      for (CutPiece piece : pieces) {
        pieceArea = pieceArea.plus(Offset.of(piece.outline(), plan.weedDistance() + FLAT, Corner.ROUND));
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
