package org.zipthimble.core.check.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/** A mount that waits for its picture, or one whose words leave nothing to see it through: it prints nothing. */
public final class MountEmpty extends FaceCheck {
  @Override
  public Set<String> codes() {
    return Set.of("mount-empty", "mount-unseen");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    for (SceneNode placed : on.printing()) {
      if (placed.item().mount().filter(m -> m.pictureId().isPresent()).isPresent() && on.forms().silhouette(placed).segments().isEmpty()) {
        found.add(on.finding("mount-unseen", Weight.RUIN, placed, 0, 1, placed.item().properties().name(), face.name()));
        continue;
      }
      if (placed.item().mount().filter(m -> m.pictureId().isEmpty()).isPresent()) {
        found.add(new Finding("mount-empty", Weight.LOOK, face.id(), Optional.of(placed.item().id()), Optional.empty(), placed.around(), 0,
            1,
            Wording.text("finding.mount.title"), Wording.text("finding.mount.sentence", placed.item().properties().name(), face.name()),
            Wording.text("finding.mount.mend")));
      }
    }
    return found;
  }
}
