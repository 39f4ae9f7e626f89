package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.ShownPicture;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.wording.Wording;

/** A mount that waits for its picture: it prints nothing. */
final class MountEmpty implements Check {
  @Override
  public List<Finding> look(Job job, Face face, JobFonts fonts) {
    List<Finding> found = new ArrayList<>();
    for (Placed placed : Placed.printing(job, face, job.ticket().bleedBox())) {
      if (ShownPicture.mount(placed.item()).filter(m -> m.pictureId().isEmpty()).isPresent()) {
        found.add(new Finding("mount-empty", Weight.LOOK, face.id(), Optional.of(placed.item().id()), Optional.empty(), Tones.where(placed), 0, 1,
            Wording.text("finding.mount.title"), Wording.text("finding.mount.sentence", placed.item().properties().name(), face.name()),
            Wording.text("finding.mount.mend")));
      }
    }
    return found;
  }
}
