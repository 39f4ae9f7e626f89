package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.type.FontFace;
import org.zipthimble.core.type.FontShelf;
import org.zipthimble.core.wording.Wording;

/** Words in a face that is neither bundled nor in the job, or with a character the face cannot draw. */
final class FontMissing implements Check {
  @Override
  public List<Finding> look(Job job, Face face, JobFonts fonts) {
    List<Finding> found = new ArrayList<>();
    for (Placed placed : Placed.printing(job, face, job.ticket().bleedBox())) {
      if (!(placed.item() instanceof Item.Words)) {
        continue;
      }
      Item.Words words = (Item.Words) placed.item();
      String name = words.style().family() + " " + words.style().style();
      Box where = placed.toFace().apply(new Box(0, 0, words.placement().width(), words.placement().height()));
      Optional<FontFace> font = fonts.find(words.style().family(), words.style().style());
      if (font.isEmpty()) {
        found.add(finding("font-missing", face, words, where, name, FontShelf.STAND_IN));
        continue;
      }
      int lacking = font.get().firstMissing(words.text());
      if (lacking >= 0) {
        found.add(finding("character-missing", face, words, where, name, Character.toString(lacking)));
      }
    }
    return found;
  }

  private static Finding finding(String code, Face face, Item.Words words, Box where, String font, String other) {
    String key = "finding." + code;
    return new Finding(
        code, Weight.RUIN, face.id(), Optional.of(words.id()), Optional.empty(), where, 1, 0,
        Wording.text(key + ".title", font, other),
        Wording.text(key + ".sentence", words.properties().name(), font, other, face.name()),
        Wording.text(key + ".mend", font));
  }
}
