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
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Combine;
import org.zipthimble.core.overlay.Thin;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Unit;

/** Parts thinner than the least width of their material, and specks under the area of the plan. */
public final class CutThin extends FaceCheck {
  @Override
  public Set<String> codes() {
    return Set.of("cut-speck", "cut-thin");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    for (CutLine line : CutLines.of(job, face)) {
      boolean closed = Contour.of(line.path()).stream().allMatch(Contour::closed);
      if (!line.kind().parts() || !closed || line.source().isEmpty()) {
        continue;
      }
      for (Path part : Combine.parts(line.path())) {
        examine(job, face, line, part, found);
      }
    }
    return found;
  }

  private static void examine(Job job, Face face, CutLine line, Path part, List<Finding> found) {
    double area = Extent.area(part);
    if (area < job.cutting().speck()) {
      found.add(CutFindings.finding(
          "cut-speck", Weight.LOOK, face, line, Measure.bounds(part).orElseThrow(), area, job.cutting().speck(), line.name(),
          area(job, area), area(job, job.cutting().speck())));
      return;
    }
    double least = CutFindings.leastWidth(job, line);
    if (least > 0) {
      Thin.thinnest(part, least).ifPresent(thin -> found.add(CutFindings.finding(
          "cut-thin", Weight.LOOK, face, line, thin.where(), thin.width(), least, line.name(), CutFindings.length(job, thin.width()),
          CutFindings.length(job, least))));
    }
  }

  private static String area(Job job, double squareInches) {
    Unit unit = job.ticket().unit();
    double per = unit.fromInches(1);
    return Lengths.plain(squareInches * per * per, 4) + " " + unit.sign() + "²";
  }
}
