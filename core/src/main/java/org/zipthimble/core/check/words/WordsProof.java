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
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;

/** What a proof-reader finds in words, one finding for each kind and block. */
public final class WordsProof extends ObjectCheck {
  @Override
  public Set<String> codes() {
    return Set.of("words-doubled", "words-weekday", "words-no-day", "words-held");
  }

  @Override
  public List<Finding> examine(Subject on, SceneNode node) {
    return node.item().words().map(w -> examine(on, node, w.text())).orElse(List.of());
  }

  private static List<Finding> examine(Subject on, SceneNode node, String text) {
    List<Finding> found = new ArrayList<>();
    String name = node.item().properties().name();
    ProofReading.doubled(text).stream().findFirst()
        .ifPresent(s -> found.add(on.finding("words-doubled", Weight.LOOK, node, 2, 1, name, s.said())));
    ProofReading.weekdays(text).stream().findFirst().ifPresent(s -> found.add(s.right().isPresent()
        ? on.finding("words-weekday", Weight.RUIN, node, 0, 0, name, s.said(), s.right().get())
        : on.finding("words-no-day", Weight.RUIN, node, 0, 0, name, s.said())));
    ProofReading.held(text, Wording.text("words.new")).stream().findFirst()
        .ifPresent(s -> found.add(on.finding("words-held", Weight.RUIN, node, 0, 0, name, s.said())));
    return found;
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    Optional<HoldsWords> words = finding.itemId().flatMap(face::find).flatMap(Item::words);
    return words.flatMap(w -> slip(finding.code(), w.text())
        .map(s -> List.of(new Mend(finding.code().equals("words-doubled") ? "mend.once" : "mend.weekday",
        Edits.say(face.id(), w.id(), s.mended()))))).orElse(List.of());
  }

  private static Optional<ProofReading.Slip> slip(String code, String text) {
    return switch (code) {
      case "words-doubled" -> ProofReading.doubled(text).stream().findFirst();
      case "words-weekday" -> ProofReading.weekdays(text).stream().filter(s -> s.right().isPresent()).findFirst();
      default -> Optional.empty();
    };
  }
}
