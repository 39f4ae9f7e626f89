package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Size;

/**
 * What a face is made like where it differs from the others of its job.
 *
 * @param size a finished size of its own, for an envelope, a reply card or a spine; empty for that of the ticket
 * @param fold how it is folded; empty for a flat one
 * @param ground the face that is shared below its objects; empty for none
 * @param shared whether it is a ground for others and leaves only with them
 */
@RecordBuilder
public record FaceForm(Optional<Size> size, Optional<Fold> fold, Optional<String> ground, boolean shared) implements FaceFormBuilder.With {
  /** As the ticket says, flat, with nothing shared. */
  public static final FaceForm USUAL = new FaceForm(Optional.empty(), Optional.empty(), Optional.empty(), false);

  /** Checks the size. */
  public FaceForm {
    size.ifPresent(s -> {
      if (!(Math.min(s.width(), s.height()) >= Ticket.LEAST_SIDE && Math.max(s.width(), s.height()) <= Ticket.MOST_SIDE)) {
        throw new IllegalArgumentException("a face is " + Ticket.LEAST_SIDE + " to " + Ticket.MOST_SIDE + " in: " + s);
      }
    });
  }
}
