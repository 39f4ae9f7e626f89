package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.fill.EachStory;
import org.zipthimble.core.fill.Filling;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.ParagraphLook;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.wording.Wording;

/** Edits of a job's facts and of the fields that show them. Every field of every face follows its fact. */
public final class FactEdits {
  private FactEdits() {}

  /** Puts a fact in, or changes the one of its name; fields show what it says now. */
  public static Edit set(Fact fact) {
    return new Edit(Wording.text("edit.fact", fact.name()), job -> {
      List<Fact> facts = new ArrayList<>(job.facts());
      int at = Filling.index(job, fact.name());
      if (at < 0) {
        facts.add(fact);
      } else {
        facts.set(at, fact);
      }
      return Filling.filled(job.withFacts(facts));
    });
  }

  /** Calls a fact otherwise; its fields go with it. */
  public static Edit rename(String name, String to) {
    return new Edit(Wording.text("edit.factNamed", to), job -> to.isBlank() || Filling.index(job, to) >= 0 ? job
        : Filling.filled(EachStory.changed(
        job.withFacts(job.facts().stream().map(f -> f.name().equals(name) ? new Fact(to.strip(), f.kind(), f.value()) : f).toList()),
        story -> story.eachRun(r -> r.field().filter(u -> u.name().equals(name))
            .map(u -> new Run(r.text(), r.look(), r.named(), Optional.of(new FieldUse(to.strip(), u.form())))).orElse(r)))));
  }

  /** Takes a fact away; its fields become plain words. */
  public static Edit remove(String name) {
    return new Edit(Wording.text("edit.factGone", name), job -> EachStory.changed(
        job.withFacts(job.facts().stream().filter(f -> !f.name().equals(name)).toList()),
        story -> story.eachRun(r -> r.field().filter(u -> u.name().equals(name)).isPresent()
        ? new Run(r.text(), r.look(), r.named(), Optional.empty()) : r)));
  }

  /** Shows a field in another form wherever it stands in some words between two places. */
  public static Edit form(String faceId, String itemId, int from, int to, String form) {
    return new Edit(Wording.text("edit.fieldForm"),
        job -> Filling.filled(StoryEdits.words(faceId, java.util.Set.of(itemId), "edit.fieldForm", w -> {
      int[] at = {0};
      return w.withStory(w.story().eachParagraph(p -> {
        List<Run> runs = new ArrayList<>();
        for (Run r : p.runs()) {
          int end = at[0] + r.text().length();
          boolean within = r.field().isPresent() && at[0] <= to && end >= from;
          runs.add(within ? new Run(r.text(), r.look(), r.named(), Optional.of(new FieldUse(r.field().get().name(), form))) : r);
          at[0] = end;
        }
        at[0]++;
        return p.saying(runs);
      }));
    }).change().apply(job)));
  }

  /** Words that are one field, in a look, to be put in. */
  public static Story field(Fact fact, String form, LetterLook letters, ParagraphLook paragraph) {
    Run run = new Run(fact.shown(form), letters, Optional.empty(), Optional.of(new FieldUse(fact.name(), form)));
    return new Story(List.of(new Paragraph(List.of(run), paragraph, Optional.empty())));
  }
}
