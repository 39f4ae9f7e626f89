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
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Crossings;

/** The same cut twice in one lane, or lines of it that run on top of each other. */
public final class CutTwice extends FaceCheck {
  private static final double NEAR = 0.004;
  private static final double LONG = 0.25;
  private static final double SAME = 0.98;
  private static final int MOST = 400;

  @Override
  public Set<String> codes() {
    return Set.of("cut-twice", "cut-double");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    List<CutLine> lines = CutLines.own(job, face);
    List<Box> boxes = lines.stream().map(CutFindings::box).toList();
    for (int i = 0; i < Math.min(lines.size(), MOST); i++) {
      for (int k = 0; k < i; k++) {
        boolean one = lines.get(i).lane().equals(lines.get(k).lane()) && lines.get(i).kind() == lines.get(k).kind();
        if (one && near(boxes.get(i), boxes.get(k))) {
          double shared = Crossings.shared(lines.get(i).path(), lines.get(k).path(), NEAR);
          double length = Math.min(Extent.length(lines.get(i).path()), Extent.length(lines.get(k).path()));
          boolean same = shared > length * SAME
              && Math.abs(Extent.length(lines.get(i).path()) - Extent.length(lines.get(k).path())) < length * 0.02;
          if (same || shared > LONG) {
            found.add(CutFindings.finding(
                same ? "cut-twice" : "cut-double", same ? Weight.RUIN : Weight.LOOK, face, lines.get(i), boxes.get(i), shared, 0,
                lines.get(i).name(), lines.get(k).name(), CutFindings.length(job, shared)));
          }
        }
      }
    }
    return found;
  }

  private static boolean near(Box a, Box b) {
    return a.x() < b.right() + NEAR && a.right() > b.x() - NEAR && a.y() < b.bottom() + NEAR && a.bottom() > b.y() - NEAR;
  }
}
