package org.zipthimble.core.check.sheet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/** A face on which nothing is printed; in a book a blank page is only noted: without objects, or with such as nobody can see. */
public final class EmptyFace extends FaceCheck {
  @Override
  public Set<String> codes() {
    return Set.of("empty-face");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Face face = on.face();
    if (on.painting().stream().anyMatch(EmptyFace::seen) || !CutLines.own(on.job(), face).isEmpty()) {
      return List.of();
    }
    return List.of(new Finding(
        "empty-face", on.job().book().isPresent() ? Weight.NOTE : Weight.RUIN, face.id(), Optional.empty(), Optional.empty(),
        on.frame().trim(), 0, 1,
        Wording.text("finding.empty.title"),
        Wording.text("finding.empty.sentence", face.name()), Wording.text("finding.empty.mend")));
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    return job.faces().size() == 1 ? List.of() : List.of(new Mend("mend.removeFace", Edits.removeFace(face.id())));
  }

  private static boolean seen(SceneNode node) {
    Item item = node.item();
    return item.words().map(w -> !w.text().isBlank())
        .orElseGet(() -> !item.colours().isEmpty() || !item.pictureIds().isEmpty() || !item.patternArt().isEmpty());
  }
}
