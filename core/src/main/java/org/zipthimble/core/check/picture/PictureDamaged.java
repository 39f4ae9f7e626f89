package org.zipthimble.core.check.picture;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.ObjectCheck;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.wording.Trouble;

/** Pictures that cannot be decoded: they would leave a blank on the print, and the cutter would have no outline to follow. */
public final class PictureDamaged extends ObjectCheck {
  private static final Kept<Blob, Picture.Drawn, Void,
      Optional<String>> TRIED = Kept.ofAll((blob, drawn, nothing) -> tried(drawn.of(blob)));

  @Override
  public Set<String> codes() {
    return Set.of("picture-damaged");
  }

  @Override
  public List<Finding> examine(Subject on, SceneNode node) {
    return node.item().shown(on.job().pictures()).flatMap(s -> trouble(s.picture())).map(why -> on.finding(
        "picture-damaged", Weight.RUIN, node, 0, 1, node.item().properties().name(), on.face().name(), why)).stream().toList();
  }

  /** Why a picture cannot be decoded; empty when it can. */
  static Optional<String> trouble(Picture picture) {
    return TRIED.of(picture.blob(), picture.drawn(), null);
  }

  private static Optional<String> tried(Picture picture) {
    try {
      Halvings.SHARED.tried(picture);
      return Optional.empty();
    } catch (Trouble damaged) {
      return Optional.of(damaged.getMessage());
    }
  }
}
