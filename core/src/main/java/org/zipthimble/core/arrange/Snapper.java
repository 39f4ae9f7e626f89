package org.zipthimble.core.arrange;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Guide;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/**
 * Draws what is moved or pulled onto near lines: the trim, the bleed, the safe area and their middles,
 * guides, columns, other objects' edges and middles (members of groups too), their mirror images in an
 * axis, and places that make gaps equal. A value for one drag: it knows what was there when the drag
 * began. All places are inches on the face.
 */
public final class Snapper {
  private static final double SAME = 1e-6;

  private final Map<Axis, List<SnapLine>> lines = new EnumMap<>(Axis.class);
  private final List<Box> neighbours = new ArrayList<>();
  private final List<Guide> slanting = new ArrayList<>();
  private final Unit unit;
  private final double grid;

  /** By how many inches something moves so as to come to lie there, and what is shown for it. */
  public record Snapped(double dx, double dy, List<Hint> hints) {}

  private Snapper(Unit unit, double grid) {
    this.unit = unit;
    this.grid = grid;
    lines.put(Axis.ACROSS, new ArrayList<>());
    lines.put(Axis.DOWN, new ArrayList<>());
  }

  /**
   * The snapping of a face, without the objects that move.
   *
   * @param grid the step of a grid to snap to, in inches; 0 for none
   */
  public static Snapper of(Job job, Face face, Set<String> moving, double grid) {
    Frame frame = job.frame(face);
    Snapper snapper = new Snapper(job.ticket().unit(), grid);
    snapper.area(frame.trim(), "snap.trim", "snap.trimMiddle");
    if (frame.bleeds()) {
      snapper.area(frame.bleedBox(), "snap.bleed", "");
    }
    if (frame.safe().most() > 0) {
      snapper.area(frame.safeBox(), "snap.safe", "");
    }
    face.guides().lines().forEach(snapper::guide);
    face.guides().columns().ifPresent(c -> c.cells(frame.size()).forEach(cell -> snapper.area(cell, "snap.column", "snap.columnMiddle")));
    List<Box> others = snapper.objects(face, moving);
    face.guides().lines().stream().filter(Guide::axis).forEach(axis -> others.forEach(box -> snapper.mirrored(axis.mirror().apply(box))));
    return snapper;
  }

  /**
   * Snaps a box that is moved.
   *
   * @param box where it stood before
   * @param reach how near a line must be, in inches
   */
  public Snapped move(Box box, double dx, double dy, double reach) {
    Box there = new Box(box.x() + dx, box.y() + dy, box.width(), box.height());
    Optional<Snap> x = nearest(Axis.ACROSS, there, reach).or(() -> evenGap(Axis.ACROSS, there, reach));
    Optional<Snap> y = nearest(Axis.DOWN, there, reach).or(() -> evenGap(Axis.DOWN, there, reach));
    if (x.isEmpty() && y.isEmpty()) {
      return onSlant(there, dx, dy, reach);
    }
    double sx = x.map(Snap::by).orElse(0.0);
    double sy = y.map(Snap::by).orElse(0.0);
    Box snapped = new Box(there.x() + sx, there.y() + sy, box.width(), box.height());
    List<Hint> hints = new ArrayList<>();
    x.ifPresent(f -> hints.addAll(f.hints(this, snapped)));
    y.ifPresent(f -> hints.addAll(f.hints(this, snapped)));
    return new Snapped(dx + sx, dy + sy, hints);
  }

  /**
   * Snaps a place, such as a pin that is pulled or the end of a measuring tape.
   *
   * @param across whether it may move from left to right
   * @param down whether it may move up and down
   */
  public Snapped point(Point place, boolean across, boolean down, double reach) {
    Box box = new Box(place.x(), place.y(), 0, 0);
    Optional<Snap> x = across ? nearest(Axis.ACROSS, box, reach) : Optional.empty();
    Optional<Snap> y = down ? nearest(Axis.DOWN, box, reach) : Optional.empty();
    double dx = x.map(Snap::by).orElse(0.0);
    double dy = y.map(Snap::by).orElse(0.0);
    Box there = new Box(place.x() + dx, place.y() + dy, 0, 0);
    List<Hint> hints = new ArrayList<>();
    x.ifPresent(f -> hints.addAll(f.hints(this, there)));
    y.ifPresent(f -> hints.addAll(f.hints(this, there)));
    return new Snapped(dx, dy, hints);
  }

  /** A line that was found: how far to move, and the line; or the two gaps that become one. */
  private record Snap(Axis axis, double by, Optional<SnapLine> line, List<Box> gapped) {
    List<Hint> hints(Snapper snapper, Box there) {
      return line.map(l -> List.of(snapper.hint(axis, l, there))).orElseGet(() -> snapper.gapHints(axis, gapped, there));
    }
  }

  private Optional<Snap> nearest(Axis axis, Box box, double reach) {
    double[] own = {axis.middle(box), axis.start(box), axis.end(box)};
    double least = reach + SAME;
    SnapLine best = null;
    double by = 0;
    for (SnapLine line : lines.get(axis)) {
      for (int i = 0; i < (line.centre() ? 1 : own.length); i++) {
        double off = line.at() - own[i];
        if (Math.abs(off) < least - SAME) {
          least = Math.abs(off);
          best = line;
          by = off;
        }
      }
    }
    if (best == null && grid > 0) {
      double off = Math.rint(axis.start(box) / grid) * grid - axis.start(box);
      SnapLine line = SnapLine.named(axis.start(box) + off, false, "snap.grid");
      return Math.abs(off) <= reach ? Optional.of(new Snap(axis, off, Optional.of(line), List.of())) : Optional.empty();
    }
    return best == null ? Optional.empty() : Optional.of(new Snap(axis, by, Optional.of(best), List.of()));
  }

  private Optional<Snap> evenGap(Axis axis, Box box, double reach) {
    List<Box> before = new ArrayList<>();
    List<Box> after = new ArrayList<>();
    for (Box other : neighbours) {
      if (overlaps(axis.other(), box, other)) {
        if (axis.end(other) <= axis.start(box) + reach) {
          before.add(other);
        } else if (axis.start(other) >= axis.end(box) - reach) {
          after.add(other);
        }
      }
    }
    before.sort((a, b) -> Double.compare(axis.end(b), axis.end(a)));
    after.sort((a, b) -> Double.compare(axis.start(a), axis.start(b)));
    List<Snap> found = new ArrayList<>();
    if (!before.isEmpty() && !after.isEmpty()) {
      double room = axis.start(after.get(0)) - axis.end(before.get(0));
      double at = axis.end(before.get(0)) + (room - axis.length(box)) / 2;
      found.add(new Snap(axis, at - axis.start(box), Optional.empty(), List.of(before.get(0), after.get(0))));
    }
    if (before.size() > 1) {
      double gap = axis.start(before.get(0)) - axis.end(before.get(1));
      found.add(new Snap(axis, axis.end(before.get(0)) + gap - axis.start(box), Optional.empty(), List.of(before.get(1), before.get(0))));
    }
    if (after.size() > 1) {
      double gap = axis.start(after.get(1)) - axis.end(after.get(0));
      found.add(new Snap(axis, axis.start(after.get(0)) - gap - axis.end(box), Optional.empty(), List.of(after.get(0), after.get(1))));
    }
    return found.stream().filter(f -> Math.abs(f.by()) <= reach).min((a, b) -> Double.compare(Math.abs(a.by()), Math.abs(b.by())));
  }

  private Snapped onSlant(Box there, double dx, double dy, double reach) {
    List<Point> own = new ArrayList<>(there.corners());
    own.add(0, there.centre());
    for (Guide guide : slanting) {
      for (Point p : own) {
        if (guide.distance(p) <= reach) {
          Point on = guide.nearest(p);
          Point[] ends = guide.within(there.grown(1)).orElse(new Point[] {on, on});
          return new Snapped(dx + on.x() - p.x(), dy + on.y() - p.y(),
              List.of(new Hint(ends[0], ends[1], Wording.text("snap.guide"))));
        }
      }
    }
    return new Snapped(dx, dy, List.of());
  }

  private Hint hint(Axis axis, SnapLine line, Box there) {
    Axis along = axis.other();
    if (line.of().isEmpty()) {
      double from = along.start(there) - 0.3;
      return new Hint(axis.at(line.at(), from), axis.at(line.at(), along.end(there) + 0.3), Wording.text(line.wordingKey()));
    }
    Box other = line.of().get();
    boolean first = along.start(other) <= along.start(there);
    double from = first ? along.start(other) : along.start(there);
    double to = Math.max(along.end(other), along.end(there));
    double gap = first ? along.start(there) - along.end(other) : along.start(other) - along.end(there);
    String text = gap > SAME ? Wording.text("snap.apart", length(gap)) : Wording.text(line.wordingKey());
    return new Hint(axis.at(line.at(), from), axis.at(line.at(), to), text);
  }

  private List<Hint> gapHints(Axis axis, List<Box> gapped, Box there) {
    List<Box> row = new ArrayList<>(gapped);
    row.add(there);
    row.sort((a, b) -> Double.compare(axis.start(a), axis.start(b)));
    List<Hint> hints = new ArrayList<>();
    double level = axis.other().middle(there);
    for (int i = 1; i < row.size(); i++) {
      double from = axis.end(row.get(i - 1));
      double to = axis.start(row.get(i));
      hints.add(new Hint(axis.at(from, level), axis.at(to, level), length(Math.max(0, to - from))));
    }
    return hints;
  }

  private String length(double inches) {
    double sixtyFourths = Math.round(inches * 64) / 64.0;
    boolean whole = unit == Unit.INCH && Math.abs(sixtyFourths - inches) < 1e-4;
    return whole ? Lengths.showWithSign(sixtyFourths, unit)
        : Lengths.plain(unit.fromInches(inches), unit == Unit.INCH ? 3 : 2) + " " + unit.sign();
  }

  private void area(Box box, String key, String middleKey) {
    for (Axis axis : Axis.values()) {
      List<SnapLine> own = lines.get(axis);
      own.add(SnapLine.named(axis.start(box), false, key));
      own.add(SnapLine.named(axis.end(box), false, key));
      if (!middleKey.isEmpty()) {
        own.add(SnapLine.named(axis.middle(box), true, middleKey));
      }
    }
  }

  private void guide(Guide guide) {
    if (guide.level()) {
      lines.get(Axis.DOWN).add(SnapLine.named(guide.through().y(), false, "snap.guide"));
    } else if (guide.upright()) {
      lines.get(Axis.ACROSS).add(SnapLine.named(guide.through().x(), false, "snap.guide"));
    } else {
      slanting.add(guide);
    }
  }

  private List<Box> objects(Face face, Set<String> moving) {
    List<Box> whole = new ArrayList<>();
    for (SceneNode node : Scene.of(face).nodes()) {
      if (!node.visible() || moving.contains(node.item().id())) {
        continue;
      }
      boolean holds = node.everything().stream().anyMatch(n -> moving.contains(n.item().id()));
      for (SceneNode one : holds ? node.everything() : node.drawn()) {
        boolean aside = one.owners().stream().anyMatch(o -> moving.contains(o.id())) || moving.contains(one.item().id());
        if (aside || !one.visible() || holds && !one.item().members().isEmpty()) {
          continue;
        }
        Box box = one.around();
        for (Axis axis : Axis.values()) {
          lines.get(axis).add(SnapLine.of(axis.start(box), box));
          lines.get(axis).add(SnapLine.of(axis.middle(box), box));
          lines.get(axis).add(SnapLine.of(axis.end(box), box));
        }
        if (holds || one == node) {
          neighbours.add(box);
          whole.add(box);
        }
      }
    }
    return whole;
  }

  private void mirrored(Box box) {
    for (Axis axis : Axis.values()) {
      lines.get(axis).add(SnapLine.named(axis.start(box), false, "snap.mirror"));
      lines.get(axis).add(SnapLine.named(axis.end(box), false, "snap.mirror"));
    }
  }

  private static boolean overlaps(Axis axis, Box a, Box b) {
    return axis.start(a) < axis.end(b) && axis.start(b) < axis.end(a);
  }
}
