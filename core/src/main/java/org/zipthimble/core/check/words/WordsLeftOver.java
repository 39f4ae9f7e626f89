package org.zipthimble.core.check.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.ObjectCheck;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/** Words that do not fit their block, below or across. */
public final class WordsLeftOver extends ObjectCheck {
  @Override
  public Set<String> codes() {
    return Set.of("words-left-over", "words-too-wide");
  }

  @Override
  public List<Finding> examine(Subject on, SceneNode node) {
    return node.item().words().map(w -> examine(on, node, w)).orElse(List.of());
  }

  private static List<Finding> examine(Subject on, SceneNode node, HoldsWords words) {
    List<Finding> found = new ArrayList<>();
    SetWords set = words.set(on.fonts());
    if (set.leftOver() > 0) {
      found.add(finding(on, node, "words-left-over", set.leftOver(), set.height()));
    }
    if (set.tooWide() > 0) {
      found.add(finding(on, node, "words-too-wide", set.tooWide(), set.height()));
    }
    return found;
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    Optional<HoldsWords> words = finding.itemId().flatMap(face::find).flatMap(Item::words);
    // how much room it is takes setting the words many times over; that is done at the press
    return words.filter(w -> w.course().isEmpty()).map(w -> List.of(new Mend("mend.room", StoryEdits.room(face.id(), w.id()))))
        .orElse(List.of());
  }

  private static Finding finding(Subject on, SceneNode node, String code, int count, double height) {
    String key = "finding." + code;
    Unit unit = on.job().ticket().unit();
    String needs = Wording.text("length.about", Lengths.plain(unit.fromInches(height), 2), unit.sign());
    return new Finding(
        code, Weight.RUIN, on.face().id(), Optional.of(node.item().id()), Optional.empty(), node.around(), count, 0,
        Wording.text(key + ".title", count),
        Wording.text(key + ".sentence", count, node.item().properties().name(), on.face().name()), Wording.text(key + ".mend", needs));
  }
}
