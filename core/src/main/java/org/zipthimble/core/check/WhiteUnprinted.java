package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobColours;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.wording.Wording;

/** White in what is pressed: sublimation has no white, the blank's own colour shows there (common practice, no source). */
final class WhiteUnprinted implements Check {
  @Override
  public List<Finding> look(Job job, Face face, JobFonts fonts) {
    if (job.colour().to() != Destination.SUBLIMATION) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    for (Placed placed : Placed.printing(job, face, job.ticket().bleedBox())) {
      if (JobColours.of(placed.item()).contains(Colour.WHITE)) {
        found.add(new Finding("white-unprinted", Weight.LOOK, face.id(), Optional.of(placed.item().id()), Optional.empty(), Tones.where(placed), 255, 255,
            Wording.text("finding.white.title"), Wording.text("finding.white.sentence", placed.item().properties().name(), job.palette().stock().hex()),
            Wording.text("finding.white.mend")));
      }
    }
    return found;
  }
}
