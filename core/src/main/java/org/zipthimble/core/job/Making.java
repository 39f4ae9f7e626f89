package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.zipthimble.core.thing.PressCard;
import org.zipthimble.core.thing.Process;
import org.zipthimble.core.thing.Thing;

/**
 * What a job is put onto, and how.
 *
 * @param process how it comes onto the thing, beside what its destination says
 * @param by who turns it left for right where that must be done
 * @param thing what it is put onto; empty for a flat sheet
 * @param card how it is pressed; empty when none is chosen
 * @param photo where its art lies in a photograph of the person's own; empty for none
 * @param version of the proof, 1 to {@link #MOST_VERSIONS}
 */
@RecordBuilder
public record Making(Process process, MirrorBy by, Optional<Thing> thing, Optional<PressCard> card, Optional<PhotoPatch> photo,
    int version) implements MakingBuilder.With {
  /** Nothing that is not flat. */
  public static final Making FLAT = new Making(Process.AS_SEEN, MirrorBy.PROGRAM, Optional.empty(), Optional.empty(), Optional.empty(), 1);

  /** The highest version. */
  public static final int MOST_VERSIONS = 999;

  /** Who turns what leaves. */
  public enum MirrorBy {
    /** This program, in the file or in what it sends. */
    PROGRAM,
    /** The printer's or cutter's own setting; what leaves stays as it is seen. */
    MACHINE
  }

  /** Checks that all is said. */
  public Making {
    if (process == null || by == null || thing == null || card == null || photo == null || version < 1 || version > MOST_VERSIONS) {
      throw new IllegalArgumentException("a making needs all its parts");
    }
  }
}
