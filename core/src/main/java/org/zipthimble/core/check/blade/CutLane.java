package org.zipthimble.core.check.blade;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Lane;

/** An object without a lane; a lane mirrored wrongly for its material; words that are outlined on the way out. */
public final class CutLane extends FaceCheck {
  @Override
  public Set<String> codes() {
    return Set.of("cut-no-lane", "cut-words", "cut-mirrored", "cut-unmirrored");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    List<CutLine> own = CutLines.own(job, face);
    for (CutLine line : own) {
      if (job.cutting().lane(line.lane()).isEmpty()) {
        found.add(CutFindings.finding("cut-no-lane", Weight.RUIN, face, line, CutFindings.box(line), 0, 1, line.name()));
      }
      if (face.find(line.source()).flatMap(Item::words).isPresent()) {
        found.add(CutFindings.finding("cut-words", Weight.NOTE, face, line, CutFindings.box(line), 0, 0, line.name()));
      }
    }
    for (Lane lane : job.cutting().lanes()) {
      own.stream().filter(l -> l.lane().equals(lane.id())).findFirst().filter(l -> lane.mirrored() != job.mustMirror(lane)).ifPresent(
          line -> found.add(CutFindings.finding(
              lane.mirrored() ? "cut-mirrored" : "cut-unmirrored", Weight.RUIN, face, line, CutFindings.box(line), 0, 0, lane.name())));
    }
    return found;
  }
}
