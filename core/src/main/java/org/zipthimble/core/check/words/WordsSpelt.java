package org.zipthimble.core.check.words;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.ObjectCheck;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.FactEdits;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.wording.Wording;

/** Words that the dictionary does not have; those of the job's facts are known. One finding for each block and word. */
public final class WordsSpelt extends ObjectCheck {
  private static final int MOST = 20;
  private static final int FEWEST_FOREIGN = 4;

  @Override
  public Set<String> codes() {
    return Set.of("words-spelt", "words-apostrophe");
  }

  @Override
  public List<Finding> examine(Subject on, SceneNode node) {
    return node.item().words().map(w -> examine(on, node, w)).orElse(List.of());
  }

  private static List<Finding> examine(Subject on, SceneNode node, HoldsWords words) {
    List<Finding> found = new ArrayList<>();
    Set<String> told = new HashSet<>();
    List<Spelling.Unknown> all = ProofReading.held(typed(words), "").isEmpty()
        ? Spelling.unknown(typed(words), right(on.job()), English.of(on.job())) : List.of();
    for (Spelling.Unknown unknown : foreign(all, typed(words)) ? List.<Spelling.Unknown>of() : all) {
      if (told.add(unknown.word()) && found.size() < MOST) {
        List<String> meant = Spelling.suggestions(unknown.word(), English.of(on.job()));
        found.add(on.finding("words-spelt", Weight.LOOK, Optional.of(node.item().id()), node.around(), unknown.from(), unknown.to(),
            words.properties().name(), unknown.word(), meant.isEmpty() ? ""
            : Wording.text("finding.words-spelt.meant", String.join(", ", meant))));
      }
    }
    ProofReading.apostrophes(typed(words)).stream().findFirst()
        .ifPresent(
        s -> found.add(on.finding("words-apostrophe", Weight.LOOK, node, 0, 0, words.properties().name(), s.said(),
        s.right().orElseThrow())));
    return found;
  }

  /** Where most words are unknown they are of another language. */
  private static boolean foreign(List<Spelling.Unknown> unknown, String text) {
    return unknown.size() >= FEWEST_FOREIGN && unknown.size() * 2 > Typesetter.countWords(text);
  }

  /** What was typed: a field in the text is made blank, for its fact is known. */
  private static String typed(HoldsWords words) {
    StringBuilder out = new StringBuilder();
    words.story().paragraphs().forEach(p -> {
      out.append(out.length() == 0 ? "" : "\n");
      for (Run run : p.runs()) {
        out.append(run.field().isPresent() ? " ".repeat(run.text().length()) : run.text());
      }
    });
    return out.toString();
  }

  /** The words of the facts, in small letters. */
  private static Set<String> right(Job job) {
    Set<String> right = new HashSet<>(OwnWords.now());
    job.facts().forEach(f -> Arrays.stream(f.value().toLowerCase(Locale.ROOT).split("[^\\p{L}'’]+")).filter(w -> !w.isEmpty())
        .forEach(right::add));
    return right;
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    Optional<HoldsWords> words = finding.itemId().flatMap(face::find).flatMap(Item::words);
    if (words.isEmpty()) {
      return List.of();
    }
    if (finding.code().equals("words-apostrophe")) {
      return ProofReading.apostrophes(typed(words.get())).stream().findFirst()
          .map(s -> List.of(spelt(face, words.get(), s.from(), s.from() + s.said().length(), s.right().orElseThrow()))).orElse(List.of());
    }
    return Spelling.unknown(typed(words.get()), right(job), English.of(job)).stream()
        .filter(u -> u.from() == (int) finding.figure() && u.to() == (int) finding.limit()).findFirst()
        .map(u -> mends(job, face, words.get(), u)).orElse(List.of());
  }

  private static List<Mend> mends(Job job, Face face, HoldsWords words, Spelling.Unknown unknown) {
    List<Mend> all = new ArrayList<>();
    English english = English.of(job);
    for (String meant : Spelling.suggestions(unknown.word(), english)) {
      all.add(spelt(face, words, unknown.from(), unknown.to(), meant));
    }
    if (english.elsewhere(unknown.word())) {
      English other = english == English.BRITISH ? English.AMERICAN : English.BRITISH;
      all.add(new Mend("mend.english", other.chosen(), List.of(Wording.of(other))));
    }
    all.add(new Mend("mend.right", right(unknown.word())));
    return all;
  }

  private static Mend spelt(Face face, HoldsWords words, int from, int to, String right) {
    return new Mend("mend.spelt", StoryEdits.words(face.id(), Set.of(words.id()), "edit.words",
        w -> w.withStory(w.story().typed(from, to, right))), List.of(right));
  }

  /** Keeps a word among those that are right in this job: a fact that no field need show. */
  private static Edit right(String word) {
    String name = Wording.text("fact.right");
    return new Edit(Wording.text("edit.right", word), job -> FactEdits.set(new Fact(name, Fact.Kind.OTHER,
        (Filling.find(job, name).map(Fact::value).orElse("") + " " + word).strip())).change().apply(job));
  }
}
