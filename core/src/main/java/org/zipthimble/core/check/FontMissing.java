package org.zipthimble.core.check;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.type.FontFace;
import org.zipthimble.core.type.FontShelf;
import org.zipthimble.core.wording.Wording;

/** Words in a face that is neither bundled nor in the job, or with a character the face cannot draw; also where they are cut, combined or a pattern. */
final class FontMissing extends ObjectCheck {
  @Override
  Set<String> codes() {
    return Set.of("font-missing", "character-missing");
  }

  @Override
  List<Finding> look(Subject on, SceneNode node) {
    return node.item().asWords().flatMap(w -> look(on, node, w)).stream().toList();
  }

  private static Optional<Finding> look(Subject on, SceneNode node, Item.Words words) {
    String name = words.style().family() + " " + words.style().style();
    Optional<FontFace> font = on.fonts().find(words.style().family(), words.style().style());
    if (font.isEmpty()) {
      return Optional.of(finding("font-missing", on, node, name, FontShelf.STAND_IN));
    }
    int lacking = font.get().firstMissing(words.text());
    return lacking < 0 ? Optional.empty() : Optional.of(finding("character-missing", on, node, name, Character.toString(lacking)));
  }

  private static Finding finding(String code, Subject on, SceneNode node, String font, String other) {
    String key = "finding." + code;
    return new Finding(
        code, Weight.RUIN, on.face().id(), Optional.of(node.item().id()), Optional.empty(), node.around(), 1, 0,
        Wording.text(key + ".title", font, other),
        Wording.text(key + ".sentence", node.item().properties().name(), font, other, on.face().name()),
        Wording.text(key + ".mend", font));
  }
}
