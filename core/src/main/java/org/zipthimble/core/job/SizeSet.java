package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Size;

/**
 * One design in several finished sizes, beside that of the ticket.
 *
 * @param sizes each once
 * @param scaleWords whether letters grow with the size; else they keep theirs
 */
@RecordBuilder
public record SizeSet(List<Size> sizes, boolean scaleWords) implements SizeSetBuilder.With {
  /** The most sizes of a set. */
  public static final int MOST = 24;

  /** No other size. */
  public static final SizeSet NONE = new SizeSet(List.of(), true);

  /** Keeps a copy and checks the ranges. */
  public SizeSet {
    sizes = List.copyOf(sizes);
    boolean fit = sizes.stream().allMatch(s -> Math.min(s.width(), s.height()) >= Ticket.LEAST_SIDE
        && Math.max(s.width(), s.height()) <= Ticket.MOST_SIDE);
    if (!fit || sizes.size() > MOST || new HashSet<>(sizes).size() < sizes.size()) {
      throw new IllegalArgumentException("a set has up to " + MOST + " sizes, each once: " + sizes);
    }
  }
}
