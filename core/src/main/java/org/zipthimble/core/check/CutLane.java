package org.zipthimble.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Lane;

/** An object without a lane; a lane mirrored wrongly for its material; words that are outlined on the way out. */
final class CutLane extends FaceCheck {
  @Override
  Set<String> codes() {
    return Set.of("cut-no-lane", "cut-words", "cut-mirrored", "cut-unmirrored");
  }

  @Override
  List<Finding> look(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    List<CutLine> own = CutLines.own(job, face);
    for (CutLine line : own) {
      if (job.cutting().lane(line.lane()).isEmpty()) {
        found.add(Blade.finding("cut-no-lane", Weight.RUIN, face, line, Blade.box(line), 0, 1, line.name()));
      }
      if (face.find(line.source()).flatMap(Item::words).isPresent()) {
        found.add(Blade.finding("cut-words", Weight.NOTE, face, line, Blade.box(line), 0, 0, line.name()));
      }
    }
    for (Lane lane : job.cutting().lanes()) {
      own.stream().filter(l -> l.lane().equals(lane.id())).findFirst().filter(l -> lane.mirrored() != job.mustMirror(lane)).ifPresent(
          line -> found.add(Blade.finding(
              lane.mirrored() ? "cut-mirrored" : "cut-unmirrored", Weight.RUIN, face, line, Blade.box(line), 0, 0, lane.name())));
    }
    return found;
  }
}
