package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.fill.BlockRoom;
import org.zipthimble.core.fill.EachStory;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.NamedStyle;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Wording;

/** Edits of named styles: one is kept, given to words, changed so that all words that have it follow, taken away. */
public final class StyleEdits {
  private StyleEdits() {}

  /** Keeps a look under a name; where the name is taken, that style is changed and its words follow. */
  public static Edit keep(String name, WordStyle look) {
    return new Edit(Wording.text("edit.styleKept", name), job -> {
      Optional<NamedStyle> known = find(job, name);
      Job followed = known.map(k -> follow(job, k, look)).orElse(job);
      List<NamedStyle> styles = new ArrayList<>(followed.styles());
      styles.removeIf(s -> s.name().equals(name));
      styles.add(known.map(k -> job.styles().indexOf(k)).orElse(styles.size()), new NamedStyle(name, look));
      return BlockRoom.settled(followed.withStyles(styles));
    });
  }

  /** Takes a style away; words keep the look they have from it. */
  public static Edit remove(String name) {
    return new Edit(Wording.text("edit.styleGone", name), job -> EachStory.changed(
        job.withStyles(job.styles().stream().filter(s -> !s.name().equals(name)).toList()),
        s -> named(s, Optional.of(name), Optional.empty())));
  }

  /** Gives a style another name. */
  public static Edit rename(String name, String to) {
    return new Edit(Wording.text("edit.styleNamed", to), job -> find(job, to).isPresent() || to.isBlank() ? job : EachStory.changed(
        job.withStyles(job.styles().stream().map(s -> s.name().equals(name) ? new NamedStyle(to, s.look()) : s).toList()),
        s -> named(s, Optional.of(name), Optional.of(to))));
  }

  /**
   * Gives a style to the words between two places, counted in characters from 0. Where whole paragraphs are covered, or nothing is chosen,
   * to the paragraphs; else to the letters.
   */
  public static Edit give(String faceId, String itemId, int from, int to, String name) {
    return new Edit(Wording.text("edit.styleGiven", name), job -> find(job, name).map(style -> StoryEdits.words(
        faceId, Set.of(itemId), "edit.type", w -> w.withStory(given(w.story(), from, Math.min(to, w.story().length()), style))).change()
        .apply(job)).orElse(job));
  }

  private static Story given(Story story, int from, int to, NamedStyle style) {
    int at = 0;
    List<Paragraph> out = new ArrayList<>();
    for (Paragraph p : story.paragraphs()) {
      int end = at + p.length();
      boolean touched = from <= end && to >= at;
      boolean whole = touched && (from == to || from <= at && to >= end);
      if (whole) {
        List<Run> runs = p.runs().stream().map(r -> new Run(r.text(), style.look().letters(), Optional.empty(), r.field())).toList();
        out.add(new Paragraph(runs, style.look().paragraph(), Optional.of(style.name())));
      } else {
        out.add(touched ? letters(p, from - at, to - at, style) : p);
      }
      at = end + 1;
    }
    return new Story(out);
  }

  private static Paragraph letters(Paragraph p, int from, int to, NamedStyle style) {
    Story alone = new Story(List.of(p)).restyled(Math.max(0, from), Math.min(p.length(), to), s -> s.withLetters(style.look().letters()));
    int at = 0;
    List<Run> runs = new ArrayList<>();
    for (Run run : alone.paragraphs().get(0).runs()) {
      boolean within = at >= from && at + run.text().length() <= to;
      runs.add(within ? new Run(run.text(), run.look(), Optional.of(style.name()), run.field()) : run);
      at += run.text().length();
    }
    return p.saying(runs);
  }

  /** The style of a name. */
  public static Optional<NamedStyle> find(Job job, String name) {
    return job.styles().stream().filter(s -> s.name().equals(name)).findFirst();
  }

  private static Job follow(Job job, NamedStyle was, WordStyle is) {
    return EachStory.changed(job, story -> story.eachParagraph(p -> {
      boolean has = p.named().filter(was.name()::equals).isPresent();
      List<Run> runs = p.runs().stream().map(r -> r.named().or(p::named).filter(was.name()::equals).isPresent()
          ? r.looking(r.look().following(was.look().letters(), is.letters())) : r).toList();
      return has ? p.saying(runs).looking(p.look().following(was.look().paragraph(), is.paragraph())) : p.saying(runs);
    }));
  }

  private static Story named(Story story, Optional<String> was, Optional<String> is) {
    return story.eachParagraph(p -> {
      List<Run> runs = p.runs().stream().map(r -> r.named().equals(was) ? new Run(r.text(), r.look(), is, r.field()) : r).toList();
      return new Paragraph(runs, p.look(), p.named().equals(was) ? is : p.named());
    });
  }
}
