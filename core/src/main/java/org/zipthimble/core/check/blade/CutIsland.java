package org.zipthimble.core.check.blade;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.cut.Bridges;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Material;

/** Parts of a stencil's film that nothing holds. */
public final class CutIsland extends FaceCheck {
  @Override
  public Set<String> codes() {
    return Set.of("cut-island");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    for (CutLine line : CutLines.own(job, face)) {
      boolean stencil = job.cutting().lane(line.lane()).filter(l -> l.material() == Material.STENCIL_FILM).isPresent();
      if (stencil && line.kind().parts() && Contour.of(line.path()).stream().allMatch(Contour::closed)) {
        for (Bridges.Island island : Bridges.islands(line.path())) {
          found.add(CutFindings.finding(
              "cut-island", Weight.RUIN, face, line, island.box(), 0, 0, line.name(), CutFindings.length(job, island.box().width()),
              CutFindings.length(job, island.box().height())));
        }
      }
    }
    return found;
  }
}
