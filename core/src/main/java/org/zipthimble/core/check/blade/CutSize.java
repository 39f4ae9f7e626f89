package org.zipthimble.core.check.blade;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.SheetCheck;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/** Pieces that go on no sheet of their lane, with the three ways out: turn, scale, split. */
public final class CutSize extends SheetCheck {
  @Override
  public Set<String> codes() {
    return Set.of("cut-size");
  }

  @Override
  public List<Finding> examine(Job job) {
    Face face = job.faces().get(0);
    List<Finding> found = new ArrayList<>();
    if (job.faces().stream().allMatch(f -> CutLines.own(job, f).isEmpty())) {
      return found;
    }
    for (Layout.TooLarge large : Layout.of(job).tooLarge()) {
      Box usable = large.lane().supply().usable();
      Box box = large.box();
      String mend = Wording.text(
          large.turned() ? "finding.cut-size.turn" : "finding.cut-size.noTurn", Lengths.plain(large.scale() * 100, 2));
      found.add(new Finding(
          "cut-size", Weight.RUIN, face.id(), face.find(large.piece().id()).map(i -> i.id()).or(Optional::empty), Optional.empty(), box,
          Math.max(box.width() - usable.width(), box.height() - usable.height()), 0,
          Wording.text("finding.cut-size.title", large.lane().name()),
          Wording.text(
              "finding.cut-size.sentence", large.piece().name(), show(job, box), large.lane().name(), show(job, usable)),
          mend));
    }
    return found;
  }

  private static String show(Job job, Box box) {
    return Lengths.show(new Size(box.width(), box.height()), job.ticket().unit());
  }
}
