package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.wording.Wording;

/** White in what is pressed: sublimation has no white, the blank's own colour shows there (common practice, no source). */
final class WhiteUnprinted extends FaceCheck {
  @Override
  Set<String> codes() {
    return Set.of("white-unprinted");
  }

  @Override
  List<Finding> look(Subject on) {
    Job job = on.job();
    Face face = on.face();
    if (job.colour().to() != Destination.SUBLIMATION) {
      return List.of();
    }
    List<Finding> found = new ArrayList<>();
    for (SceneNode placed : on.printing()) {
      if (placed.item().colours().contains(Colour.WHITE)) {
        found.add(new Finding("white-unprinted", Weight.LOOK, face.id(), Optional.of(placed.item().id()), Optional.empty(), placed.around(), 255, 255,
            Wording.text("finding.white.title"), Wording.text("finding.white.sentence", placed.item().properties().name(), job.palette().stock().hex()),
            Wording.text("finding.white.mend")));
      }
    }
    return found;
  }
}
