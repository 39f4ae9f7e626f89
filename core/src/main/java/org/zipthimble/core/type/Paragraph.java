package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A paragraph: runs of words, at least one, which may be empty to keep a look.
 *
 * @param named the style that the paragraph was given
 */
public record Paragraph(List<Run> runs, ParagraphLook look, Optional<String> named) {
  /** Joins runs that look alike and leaves out empty ones, but for fields that have nothing to say now. */
  public Paragraph {
    if (runs.isEmpty() || look == null) {
      throw new IllegalArgumentException("a paragraph needs words and a look");
    }
    List<Run> joined = new ArrayList<>();
    for (Run run : runs) {
      Run last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
      if (last != null && (last.joins(run) || run.text().isEmpty() && run.field().isEmpty())) {
        joined.set(joined.size() - 1, last.joins(run) ? last.saying(last.text() + run.text()) : last);
      } else if (last != null && last.text().isEmpty() && last.field().isEmpty()) {
        joined.set(joined.size() - 1, run);
      } else {
        joined.add(run);
      }
    }
    runs = List.copyOf(joined);
  }

  /** What it says. */
  public String text() {
    return runs.size() == 1 ? runs.get(0).text() : runs.stream().map(Run::text).collect(Collectors.joining());
  }

  /** Whether it holds fields alone that have nothing to say, so that its line closes up. */
  boolean closesUp() {
    return runs.stream().anyMatch(r -> r.field().isPresent()) && text().isBlank();
  }

  /** How many characters it has. */
  public int length() {
    return runs.stream().mapToInt(r -> r.text().length()).sum();
  }

  /** The same with other words. */
  public Paragraph saying(List<Run> others) {
    return new Paragraph(others, look, named);
  }

  /** The same set otherwise. */
  public Paragraph looking(ParagraphLook other) {
    return new Paragraph(runs, other, named);
  }

  /** A part of it, a run cut where it ends; of a field all or nothing. */
  List<Run> part(int from, int to) {
    List<Run> out = new ArrayList<>();
    int at = 0;
    for (Run run : runs) {
      int end = at + run.text().length();
      if (from < end && to > at) {
        out.add(run.field().isPresent() ? run
            : run.saying(run.text().substring(Math.max(0, from - at), Math.min(run.text().length(), to - at))));
      }
      at = end;
    }
    return out;
  }

  /** The run in which the character before a place stands; at the beginning the first. */
  public Run runBefore(int place) {
    int at = 0;
    for (Run run : runs) {
      at += run.text().length();
      if (place <= at) {
        return run;
      }
    }
    return runs.get(runs.size() - 1);
  }
}
