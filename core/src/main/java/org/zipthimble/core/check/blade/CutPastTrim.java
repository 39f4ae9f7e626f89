package org.zipthimble.core.check.blade;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;

/** What is cut past the item's edge: a file of the design grows by it, and what stands in it moves. */
public final class CutPastTrim extends FaceCheck {
  /** Less is a matter of how an outline was drawn, in inches. */
  private static final double LEAST = 0.02;

  @Override
  public Set<String> codes() {
    return Set.of("cut-past-trim");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    Box trim = on.frame().trim();
    List<Finding> found = new ArrayList<>();
    for (CutLine line : CutLines.own(job, face)) {
      Box box = CutFindings.box(line);
      double past = Math.max(Math.max(trim.x() - box.x(), trim.y() - box.y()),
          Math.max(box.right() - trim.right(), box.bottom() - trim.bottom()));
      if (past > LEAST) {
        found.add(CutFindings.finding("cut-past-trim", Weight.LOOK, face, line, box, past, 0, line.name(),
            Lengths.plain(job.ticket().unit().fromInches(past), 2) + " "
            + job.ticket().unit().sign()));
      }
    }
    return found;
  }
}
