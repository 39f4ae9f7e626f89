package org.zipthimble.core.check.blade;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.SheetCheck;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.cut.CutSheet;
import org.zipthimble.core.cut.Layout;
import org.zipthimble.core.cut.Weeding;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;

/** Sheets on which the weeding box has no room at some side without coming too near to a piece: it is cut without that side. */
public final class WeedRoom extends SheetCheck {
  @Override
  public Set<String> codes() {
    return Set.of("weed-room");
  }

  @Override
  public List<Finding> examine(Job job) {
    List<Finding> found = new ArrayList<>();
    if (job.cutting().weedBox() <= 0 || job.cutting().lanes().isEmpty()) {
      return found;
    }
    for (CutSheet sheet : Layout.of(job).sheets()) {
      Set<Side> without = Weeding.without(job.cutting(), sheet);
      if (!without.isEmpty()) {
        Box where = sheet.reach().orElse(sheet.supply().usable());
        found.add(Finding.worded(
            "weed-room", Weight.NOTE, job.faces().get(0).id(), Optional.empty(), where, without.size(), 0, sheet.lane().name(),
            sheet.number(),
            without.stream().map(Wording::of).collect(Collectors.joining(", ")),
            Lengths.showWithSign(job.cutting().weedDistance(), job.ticket().unit())));
      }
    }
    return found;
  }
}
