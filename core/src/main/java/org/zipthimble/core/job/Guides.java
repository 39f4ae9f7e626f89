package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What helps to place things on a face: single guides, and columns and rows. */
@RecordBuilder
public record Guides(List<Guide> lines, Optional<Columns> columns) implements GuidesBuilder.With {
  /** The most guides of a face. */
  public static final int MOST = 400;

  /** No guides. */
  public static final Guides NONE = new Guides(List.of(), Optional.empty());

  /** Keeps a copy. */
  public Guides {
    lines = List.copyOf(lines);
    if (lines.size() > MOST) {
      throw new IllegalArgumentException("a face has at most " + MOST + " guides: " + lines.size());
    }
  }

  /** The same with one more. */
  public Guides with(Guide guide) {
    List<Guide> more = new ArrayList<>(lines);
    more.add(guide);
    return new Guides(more, columns);
  }

  /** The same with one of them changed, told by its place from 0. */
  public Guides changed(int index, Guide guide) {
    List<Guide> others = new ArrayList<>(lines);
    others.set(index, guide);
    return new Guides(others, columns);
  }

  /** The same without one of them, told by its place from 0. */
  public Guides without(int index) {
    List<Guide> fewer = new ArrayList<>(lines);
    fewer.remove(index);
    return new Guides(fewer, columns);
  }
}
