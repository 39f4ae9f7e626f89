package org.zipthimble.core.check;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.wording.Wording;

/** A face on which nothing is printed. */
final class EmptyFace implements Check {
  @Override
  public List<Finding> look(Job job, Face face, JobFonts fonts) {
    if (!Placed.printing(job, face, job.ticket().bleedBox()).isEmpty() || !CutLines.own(job, face).isEmpty()) {
      return List.of();
    }
    return List.of(new Finding(
        "empty-face", Weight.RUIN, face.id(), Optional.empty(), Optional.empty(), job.ticket().trim(), 0, 1,
        Wording.text("finding.empty.title"),
        Wording.text("finding.empty.sentence", face.name()), Wording.text("finding.empty.mend")));
  }
}
