package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.edit.Grounds;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.Placement;
import org.zipthimble.core.marks.Placed;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/** Words that do not fit their block, below or across. */
final class WordsLeftOver implements Check {
  @Override
  public List<Finding> look(Job job, Face face, JobFonts fonts) {
    List<Finding> found = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (Placed placed : Placed.printing(job, face, job.ticket().bleedBox())) {
      if (placed.item() instanceof Item.Words && seen.add(placed.item().id())) {
        Box own = new Box(0, 0, placed.item().placement().width(), placed.item().placement().height());
        look(job, face, fonts, (Item.Words) placed.item(), placed.toFace().apply(own), found);
      }
    }
    for (Item item : face.all()) {
      if (item instanceof Item.Words && cut(face, item) && seen.add(item.id())) {
        look(job, face, fonts, (Item.Words) item, Grounds.around(face, item), found);
      }
    }
    return found;
  }

  /** Whether words are cut, by themselves or by a group that holds them. */
  private static boolean cut(Face face, Item item) {
    boolean cuts = item.properties().cut();
    for (Optional<Item> holder = face.holder(item.id()); holder.isPresent(); holder = face.holder(holder.get().id())) {
      cuts |= holder.get().properties().cut();
    }
    return cuts && item.properties().visible();
  }

  private static void look(Job job, Face face, JobFonts fonts, Item.Words words, Box where, List<Finding> found) {
    Placement p = words.placement();
    SetWords set = Typesetter.set(words.text(), words.style(), p.width(), p.height(), fonts);
    if (set.leftOver() > 0) {
      found.add(finding(job, face, words, where, "words-left-over", set.leftOver(), set.height()));
    }
    if (set.tooWide() > 0) {
      found.add(finding(job, face, words, where, "words-too-wide", set.tooWide(), set.height()));
    }
  }

  private static Finding finding(Job job, Face face, Item.Words words, Box where, String code, int count, double height) {
    String key = "finding." + code;
    String needs = Wording.text(
        "length.about", Lengths.plain(job.ticket().unit().fromInches(height), 2), job.ticket().unit().sign());
    return new Finding(
        code, Weight.RUIN, face.id(), Optional.of(words.id()), Optional.empty(), where, count, 0,
        Wording.counted(key + ".title", count),
        Wording.counted(key + ".sentence", count, words.properties().name(), face.name()), Wording.text(key + ".mend", needs));
  }
}
