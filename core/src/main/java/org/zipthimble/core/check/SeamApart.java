package org.zipthimble.core.check;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.edit.ThingEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.units.Lengths;

/** The ends of a wrap that do not meet. */
final class SeamApart extends FaceCheck {
  @Override
  Set<String> codes() {
    return Set.of("seam-apart");
  }

  @Override
  List<Finding> look(Subject on) {
    Optional<Seam> seam = on.printing().isEmpty() ? Optional.empty() : Seam.of(on.job(), on.face());
    if (seam.isEmpty() || seam.get().meets()) {
      return List.of();
    }
    Cup cup = ThingEdits.closing(on.job(), on.face()).orElseThrow();
    Box where = new Box(cup.along() - cup.flap() - cup.seam(), 0, cup.flap() + cup.seam(), cup.slant());
    return List.of(on.finding("seam-apart", Weight.LOOK, Optional.empty(), where, seam.get().apart(), 0, Lengths.plain(100 * seam.get().apart(), 0), on.face().name()));
  }

  @Override
  List<Mend> mends(Job job, Face face, Finding finding) {
    return ThingEdits.meets(job, face.id()) ? List.of() : List.of(new Mend("mend.meet", ThingEdits.meet(face.id())));
  }
}
