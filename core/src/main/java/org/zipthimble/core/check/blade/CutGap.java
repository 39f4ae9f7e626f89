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
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Polygons;

/** Gaps between parts of one lane, such as letters, that are narrower than the material's least width. */
public final class CutGap extends FaceCheck {
  private static final double TOUCH = 1e-5;
  private static final int MOST = 600;

  private record Part(CutLine line, Path path, Box box) {}

  @Override
  public Set<String> codes() {
    return Set.of("cut-gap");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    List<Part> parts = new ArrayList<>();
    for (CutLine line : CutLines.own(job, face)) {
      if (line.kind().parts() && Contour.of(line.path()).stream().allMatch(Contour::closed)) {
        Combine.parts(line.path()).forEach(p -> parts.add(new Part(line, p, Measure.bounds(p).orElseThrow())));
      }
    }
    for (int i = 0; i < Math.min(parts.size(), MOST); i++) {
      narrowest(job, face, parts, i, found);
    }
    return found;
  }

  /** The narrowest gap of a part to those before it, told once. */
  private static void narrowest(Job job, Face face, List<Part> parts, int i, List<Finding> found) {
    Part one = parts.get(i);
    double least = CutFindings.leastWidth(job, one.line());
    double narrowest = least;
    Part other = one;
    for (int k = 0; k < i; k++) {
      Part two = parts.get(k);
      boolean near = two.line().lane().equals(one.line().lane()) && one.box().grown(least).x() < two.box().right()
          && one.box().grown(least).right() > two.box().x() && one.box().grown(least).y() < two.box().bottom() && one.box().grown(least)
          .bottom() > two.box().y();
      double gap = near ? Polygons.distance(one.path(), two.path()) : least;
      if (gap < narrowest - TOUCH && gap > TOUCH) {
        narrowest = gap;
        other = two;
      }
    }
    if (other != one) {
      found.add(CutFindings.finding(
          "cut-gap", Weight.LOOK, face, one.line(), between(one.box(), other.box()), narrowest, least, one.line().name(),
          other.line().name(),
          CutFindings.length(job, narrowest), CutFindings.length(job, least)));
    }
  }

  /** The field between two boxes. */
  private static Box between(Box a, Box b) {
    double x = Math.max(a.x(), b.x());
    double right = Math.min(a.right(), b.right());
    double y = Math.max(a.y(), b.y());
    double bottom = Math.min(a.bottom(), b.bottom());
    return Box.between(new Point(x, y), new Point(right, bottom));
  }
}
