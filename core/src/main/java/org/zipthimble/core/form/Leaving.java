package org.zipthimble.core.form;

import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.thing.Development;
import org.zipthimble.core.units.Insets;

/**
 * A face as it leaves: as it is composed, or bent into the band that goes round a tapered thing.
 *
 * @param frame in the inches of what leaves; the origin is the top left of its finished edge, or of the box around it
 * @param bend from what is composed to what leaves; empty where they are the same
 */
public record Leaving(Frame frame, Optional<Development> bend) {
  private static final Kept<Face, String, Job,
      Leaving> KEPT = Kept.ofNewest(Kept.STATES, (face, whole, job) -> bent(job.frame(face), job.development(face).orElseThrow()));

  /** How a face of a job leaves. */
  public static Leaving of(Job job, Face face) {
    Optional<Development> bend = job.development(face);
    return bend.isEmpty() ? new Leaving(job.frame(face), bend) : KEPT.of(face, "", job);
  }

  private static Leaving bent(Frame flat, Development bend) {
    Box around = Measure.bounds(bend.band(flat.bleed())).orElseThrow();
    Insets bleed = new Insets(Math.max(0, -around.x()), Math.max(0, -around.y()), Math.max(0, around.right() - bend.size().width()),
        Math.max(0, around.bottom() - bend.size().height()));
    Frame frame = new Frame(bend.size(), bleed, Insets.NONE, flat.keepOuts().stream().map(bend::path).toList(),
        flat.folds().stream().map(bend::path).toList(),
        Optional.of(bend.band(Insets.NONE)));
    return new Leaving(frame, Optional.of(bend));
  }

  /** A path of what is composed, where it leaves. */
  public Path path(Path composed) {
    return bend.map(b -> b.path(composed)).orElse(composed);
  }

  /** All that is printed of what is composed, its bleed included or not, where it leaves. */
  public Path area(Frame composed, boolean bleed) {
    return path(Shapes.rectangle(bleed ? composed.bleedBox() : composed.trim()));
  }
}
