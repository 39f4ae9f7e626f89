package org.zipthimble.core.edit;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.ParagraphLook;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.wording.Wording;

/** Edits of grounds that faces share, and fields that tell pages. */
public final class GroundEdits {
  private GroundEdits() {}

  /** Words that are a field of pages, in a look, to be put in. */
  public static Story field(String name, LetterLook letters, ParagraphLook paragraph) {
    Run run = new Run("1", letters, Optional.empty(), Optional.of(new FieldUse(name, "")));
    return new Story(List.of(new Paragraph(List.of(run), paragraph, Optional.empty())));
  }

  /**
   * Says whether a face is shared below others instead of leaving by itself; those that used it keep nothing of it when it no longer is.
   */
  public static Edit share(String faceId, boolean shared) {
    return new Edit(Wording.text(shared ? "edit.share" : "edit.unshare"), job -> {
      boolean last = shared && job.faces().stream().noneMatch(f -> !f.form().shared() && !f.id().equals(faceId));
      return last ? job : job.changed(faceId, f -> f.withForm(f.form().withShared(shared).withGround(Optional.empty())));
    });
  }

  /** Lays a shared face below a face, or below all that leave; none takes it away. */
  public static Edit ground(Optional<String> faceId, Optional<String> ground) {
    return new Edit(Wording.text("edit.sharedGround"), job -> job.withFaces(job.faces().stream()
        .map(f -> f.form().shared() || faceId.isPresent() && !faceId.get().equals(f.id()) ? f : f.withForm(f.form().withGround(ground)))
        .toList()));
  }
}
