package org.zipthimble.core.check.edge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;

/** Words or codes that lie across a fold: they crack, and are read in no panel. */
public final class FoldCrossed extends FaceCheck {
  /** How far from a fold words keep, in inches (common practice, no source). */
  private static final double KEEP = 1.0 / 16;

  @Override
  public Set<String> codes() {
    return Set.of("fold-crossed");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    for (SceneNode node : on.frame().folds().isEmpty() ? List.<SceneNode>of() : on.printing()) {
      Optional<Box> ink = ink(on, node);
      Optional<Double> worst = ink.flatMap(box -> on.frame().folds().stream().map(f -> across(box, f)).filter(d -> d > 0)
          .max(Double::compare));
      worst.ifPresent(
          d -> found.add(on.finding("fold-crossed", d > KEEP ? Weight.RUIN : Weight.LOOK, Optional.of(node.top()), ink.get(), d, 0,
          node.item().properties().name(),
          Lengths.plain(on.job().ticket().unit().fromInches(d), 2) + " " + on.job().ticket().unit().sign(), on.face().name())));
    }
    return found;
  }

  private static Optional<Box> ink(Subject on, SceneNode node) {
    boolean code = node.item().outlined().flatMap(s -> s.outline().asCoded()).isPresent();
    return node.item().words().isPresent() ? node.item().words().get().set(on.fonts()).ink(node.toFace()) : code
        ? Optional.of(node.around()) : Optional.empty();
  }

  /** By how much less than nothing lies between a box and the strip along a fold that is kept free; the shorter way out. */
  private static double across(Box box, Path fold) {
    Box line = Measure.bounds(fold).orElseThrow();
    boolean upright = line.height() > line.width();
    double at = upright ? line.x() : line.y();
    double low = upright ? box.x() : box.y();
    double high = upright ? box.right() : box.bottom();
    return Math.min(high - (at - KEEP), at + KEEP - low);
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    Optional<Item> item = finding.itemId().flatMap(face::find);
    for (Path fold : item.isEmpty() ? List.<Path>of() : job.frame(face).folds()) {
      double d = across(finding.where(), fold);
      if (d > 0 && Math.abs(d - finding.figure()) < 1e-9) {
        Box line = Measure.bounds(fold).orElseThrow();
        boolean upright = line.height() > line.width();
        double middle = upright ? finding.where().centre().x() : finding.where().centre().y();
        double by = middle < (upright ? line.x() : line.y()) ? -d : d;
        return List.of(
            new Mend("mend.offFold", Edits.place(face.id(), Set.of(item.get().id()), "edit.move",
            p -> p.moved(upright ? by : 0, upright ? 0 : by))));
      }
    }
    return List.of();
  }
}
