package org.zipthimble.core.check.edge;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.units.Lengths;

/** The ends of a wrap that do not meet. */
public final class SeamApart extends FaceCheck {
  @Override
  public Set<String> codes() {
    return Set.of("seam-apart");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Optional<Seam> seam = on.printing().isEmpty() ? Optional.empty() : Seam.of(on.job(), on.face());
    if (seam.isEmpty() || seam.get().meets()) {
      return List.of();
    }
    Cup cup = ThingEdits.closing(on.job(), on.face()).orElseThrow();
    Box where = new Box(cup.along() - cup.flap() - cup.seam(), 0, cup.flap() + cup.seam(), cup.slant());
    return List.of(on.finding("seam-apart", Weight.LOOK, Optional.empty(), where, seam.get().apart(), 0,
        Lengths.plain(100 * seam.get().apart(), 0), on.face().name()));
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    return ThingEdits.meets(job, face.id()) ? List.of() : List.of(new Mend("mend.meet", ThingEdits.meet(face.id())));
  }
}
