package org.zipthimble.core.check.words;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.ObjectCheck;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.wording.Wording;

/**
 * Words in a face that is neither bundled nor in the job, or with a character the face cannot draw; also where they are cut, combined or a
 * pattern.
 */
public final class FontMissing extends ObjectCheck {
  @Override
  public Set<String> codes() {
    return Set.of("font-missing", "character-missing", "character-elsewhere");
  }

  @Override
  public List<Finding> examine(Subject on, SceneNode node) {
    return node.item().words().flatMap(w -> examine(on, node, w)).stream().toList();
  }

  private static Optional<Finding> examine(Subject on, SceneNode node, HoldsWords words) {
    for (Run run : words.story().runs()) {
      LetterLook look = run.look();
      Optional<FontFace> font = on.fonts().find(look.family(), look.style());
      int lacking = font.map(f -> f.firstMissing(run.text())).orElse(-1);
      String name = look.family() + " " + look.style();
      if (font.isEmpty()) {
        return Optional.of(finding("font-missing", Weight.RUIN, on, node, name, FontShelf.STAND_IN));
      }
      if (lacking >= 0) {
        String character = Character.toString(lacking);
        Optional<String> other = on.fonts().standIn(lacking, look.style()).map(FontFace::name);
        return Optional.of(other.isPresent()
            ? finding("character-elsewhere", Weight.LOOK, on, node, name, other.get())
            : finding("character-missing", Weight.RUIN, on, node, name, character));
      }
    }
    return Optional.empty();
  }

  private static Finding finding(String code, Weight weight, Subject on, SceneNode node, String font, String other) {
    String key = "finding." + code;
    return new Finding(
        code, weight, on.face().id(), Optional.of(node.item().id()), Optional.empty(), node.around(), 1, 0,
        Wording.text(key + ".title", font, other),
        Wording.text(key + ".sentence", node.item().properties().name(), font, other, on.face().name()),
        Wording.text(key + ".mend", font));
  }
}
