package org.zipthimble.core.check.edge;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Flat;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;

/**
 * A ground that does not cover the item: a wedge beside something turned, a strip where it stops short, an edge that fades out. It is told
 * from paper that is meant by how near the ground comes, or what is to be one, such as the frame of a picture: where it keeps off a side
 * everywhere by an eighth of an inch or more, or leaves open a good part of the item's depth, paper is meant; so is what a person says is.
 */
public final class BareInside extends FaceCheck {
  /** A face of which less is painted has no ground. */
  private static final double GROUND = 0.6;

  /** A ground that keeps off a side by this much everywhere is a ground with a margin, in inches (common practice, no source). */
  private static final double MARGIN = 0.11;

  /** As much of a side must have a ground nearer than the margin. */
  private static final double NEAR = 0.25;

  /** What lies open for more of the item's depth is a part of its own that is left as paper. */
  private static final double DEEP = 0.3;

  /** Runs shorter than this, in inches, and than this part of the side at a corner, are ends of ornaments and rounded corners. */
  private static final double SHORT = 0.2;
  private static final double ROUNDED = 0.16;

  /** A rounded corner is about as deep as it is long; a wedge is not. */
  private static final double ROUND = 0.4;

  /** So much of a side at either end may be bare for all of the depth because the next side is. */
  private static final double CORNER = 0.12;

  @Override
  public Set<String> codes() {
    return Set.of("bare-inside");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    if (on.frame().outline().isPresent() || on.face().paper().orElse(false) || on.printing().isEmpty()) {
      return found;
    }
    Painted painted = Painted.of(on);
    if (painted.share() < GROUND) {
      return found;
    }
    for (Side side : Side.values()) {
      bare(on.frame(), painted, Coverage.arts(on.job(), on.face(), on.frame().trim()), side)
          .ifPresent(run -> found.add(finding(on, side, run)));
    }
    return found;
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    List<Mend> mends = new ArrayList<>(BleedMends.of(job, face, finding));
    mends.add(new Mend("mend.paper", new Edit(Wording.text("edit.paper"), j -> j.changed(face.id(), f -> f.withPaper(Optional.of(true))))));
    return mends;
  }

  /** A run of a side that is bare, in inches along it, and how deep it is. */
  private record Run(double from, double to, double deepest) {}

  private static Optional<Run> bare(Frame frame, Painted painted, List<Flat> meant, Side side) {
    double[] depths = painted.depths(side);
    double across = side.upright() ? frame.size().width() : frame.size().height();
    double least = 1.6 * painted.step();
    closeCorners(depths, DEEP * across);
    int near = 0;
    for (int i = 0; i < depths.length; i++) {
      near += depths[i] < MARGIN || Coverage.covered(inside(frame.trim(), side, (i + 0.5) * painted.step()), meant) ? 1 : 0;
    }
    if (near < NEAR * depths.length) {
      return Optional.empty();
    }
    Run longest = null;
    for (int i = 0; i < depths.length; i++) {
      int from = i;
      double deepest = 0;
      while (i < depths.length && depths[i] >= least && depths[i] < DEEP * across) {
        deepest = Math.max(deepest, depths[i]);
        i++;
      }
      double length = (i - from) * painted.step();
      boolean corner = (from == 0 || i == depths.length) && length < ROUNDED * depths.length * painted.step() && deepest > ROUND * length;
      boolean open = i < depths.length && depths[i] >= DEEP * across || from > 0 && depths[from - 1] >= DEEP * across;
      if (length >= SHORT && !corner && !open && (longest == null || length > longest.to() - longest.from())) {
        longest = new Run(from * painted.step(), i * painted.step(), deepest);
      }
    }
    return Optional.ofNullable(longest);
  }

  /** A place as far inside a side as a margin is, at a distance along it. */
  private static Point inside(Box trim, Side side, double along) {
    return switch (side) {
      case LEFT -> new Point(trim.x() + MARGIN, trim.y() + along);
      case RIGHT -> new Point(trim.right() - MARGIN, trim.y() + along);
      case TOP -> new Point(trim.x() + along, trim.y() + MARGIN);
      case BOTTOM -> new Point(trim.x() + along, trim.bottom() - MARGIN);
    };
  }

  /** Close by a corner nothing may lie along the whole depth, where the next side is bare too: such ends are as deep as what they end. */
  private static void closeCorners(double[] depths, double deep) {
    int most = (int) (CORNER * depths.length);
    int from = 0;
    while (from < depths.length && depths[from] >= deep) {
      from++;
    }
    int to = depths.length;
    while (to > from && depths[to - 1] >= deep) {
      to--;
    }
    if (from > 0 && from <= most && from < depths.length) {
      Arrays.fill(depths, 0, from, depths[from]);
    }
    if (to < depths.length && depths.length - to <= most && to > 0) {
      Arrays.fill(depths, to, depths.length, depths[to - 1]);
    }
  }

  private static Finding finding(Subject on, Side side, Run run) {
    Box trim = on.frame().trim();
    Box where = switch (side) {
      case LEFT -> new Box(trim.x(), run.from(), run.deepest(), run.to() - run.from());
      case RIGHT -> new Box(trim.right() - run.deepest(), run.from(), run.deepest(), run.to() - run.from());
      case TOP -> new Box(run.from(), trim.y(), run.to() - run.from(), run.deepest());
      case BOTTOM -> new Box(run.from(), trim.bottom() - run.deepest(), run.to() - run.from(), run.deepest());
    };
    String deep = Wording.text("length.about", Lengths.plain(on.job().ticket().unit().fromInches(run.deepest()), 2),
        on.job().ticket().unit().sign());
    String length = Wording.text("length.about", Lengths.plain(on.job().ticket().unit().fromInches(run.to() - run.from()), 2),
        on.job().ticket().unit().sign());
    return new Finding("bare-inside", Weight.RUIN, on.face().id(), Optional.empty(), Optional.of(side), where, run.deepest(), 0,
        Wording.text("finding.bare-inside.title", side.spoken()),
        Wording.text("finding.bare-inside.sentence", on.face().name(), side.spoken(), length, deep),
        Wording.text("finding.bare-inside.mend"));
  }
}
