package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zipthimble.core.job.Fact;
import org.zipthimble.core.job.HasOutline;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Outline;
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
      int at = index(job, fact.name());
      if (at < 0) {
        facts.add(fact);
      } else {
        facts.set(at, fact);
      }
      return filled(job.withFacts(facts));
    });
  }

  /** Calls a fact otherwise; its fields go with it. */
  public static Edit rename(String name, String to) {
    return new Edit(Wording.text("edit.factNamed", to), job -> to.isBlank() || index(job, to) >= 0 ? job : filled(StyleEdits.stories(
        job.withFacts(job.facts().stream().map(f -> f.name().equals(name) ? new Fact(to.strip(), f.kind(), f.value()) : f).toList()),
        story -> story.eachRun(r -> r.field().filter(u -> u.name().equals(name))
            .map(u -> new Run(r.text(), r.look(), r.named(), Optional.of(new FieldUse(to.strip(), u.form())))).orElse(r)))));
  }

  /** Takes a fact away; its fields become plain words. */
  public static Edit remove(String name) {
    return new Edit(Wording.text("edit.factGone", name), job -> StyleEdits.stories(
        job.withFacts(job.facts().stream().filter(f -> !f.name().equals(name)).toList()),
        story -> story.eachRun(r -> r.field().filter(u -> u.name().equals(name)).isPresent() ? new Run(r.text(), r.look(), r.named(), Optional.empty()) : r)));
  }

  /** Shows a field in another form wherever it stands in some words between two places. */
  public static Edit form(String faceId, String itemId, int from, int to, String form) {
    return new Edit(Wording.text("edit.fieldForm"), job -> filled(StoryEdits.words(faceId, java.util.Set.of(itemId), "edit.fieldForm", w -> {
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

  /** The fact of a name. */
  public static Optional<Fact> find(Job job, String name) {
    int at = index(job, name);
    return at < 0 ? Optional.empty() : Optional.of(job.facts().get(at));
  }

  /** What a field says: the shown row of the list in the column of its name, or the fact of that name. */
  private static Optional<String> said(Job job, FieldUse use) {
    return job.list().flatMap(l -> l.value(use.name())).or(() -> find(job, use.name()).map(f -> f.shown(use.form())));
  }

  private static int index(Job job, String name) {
    for (int i = 0; i < job.facts().size(); i++) {
      if (job.facts().get(i).name().equals(name)) {
        return i;
      }
    }
    return -1;
  }

  private static HasOutline saying(HasOutline shape, Outline.Coded code, String content) {
    return code.content().equals(content) ? shape : shape.withOutline(new Outline.Coded(code.code(), content, code.fact()));
  }

  /** The job with every code saying what its fact says. */
  private static Job coded(Job job) {
    return job.withFaces(job.faces().stream().map(face -> face.changed(
        face.all().stream().filter(i -> i.outlined().flatMap(s -> s.outline().asCoded()).flatMap(c -> c.fact()).isPresent()).map(Item::id).collect(Collectors.toSet()),
        item -> item.redrawn(s -> s.outline().asCoded().flatMap(c -> c.fact().flatMap(name -> job.list().flatMap(l -> l.value(name)).or(() -> find(job, name).map(Fact::value))).map(v ->
            (Item) saying(s, c, v))).orElse(s)))).toList());
  }

  /** The job with every field showing what its fact says; a field without a fact stays as it is. */
  static Job filled(Job job) {
    return Grounds.laid(StoryEdits.settled(StyleEdits.stories(coded(ListEdits.shown(job)), story -> story.eachRun(r -> r.field()
        .flatMap(u -> said(job, u)).map(r::saying).orElse(r)))));
  }
}
