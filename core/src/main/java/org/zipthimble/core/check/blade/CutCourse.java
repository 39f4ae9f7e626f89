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
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Span;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.overlay.Crossings;
import org.zipthimble.core.units.Lengths;

/** Outlines the blade cannot follow well: open where they must close, crossing themselves, or with points too dense. */
public final class CutCourse extends FaceCheck {
  /** Spans shorter than this make the blade stutter, in inches (common practice, no source). */
  private static final double SHORT = 0.005;

  /** Ends nearer than this are one place under any blade, in inches. */
  private static final double APART = 0.001;

  private static final int MANY = 24;
  private static final double MARK = 0.1;

  @Override
  public Set<String> codes() {
    return Set.of("cut-crossing", "cut-open", "cut-dense");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    for (CutLine line : CutLines.own(job, face)) {
      List<Contour> contours = Contour.of(line.path());
      if (line.kind().parts()) {
        contours.stream().filter(c -> !c.closed() && c.begin().distance(c.end()) >= APART)
            .forEach(c -> found.add(open(job, face, line, c)));
        boolean words = face.find(line.source()).flatMap(Item::words).isPresent();
        List<Point> crossings = words ? List.of() : Crossings.own(line.path(), 20);
        if (!crossings.isEmpty()) {
          found.add(CutFindings.finding(
              "cut-crossing", Weight.LOOK, face, line, around(crossings.get(0)), crossings.size(), 0, line.name(), crossings.size()));
        }
      }
      dense(face, line, contours, found);
    }
    return found;
  }

  private static Finding open(Job job, Face face, CutLine line, Contour contour) {
    double gap = contour.begin().distance(contour.end());
    return CutFindings.finding("cut-open", Weight.RUIN, face, line, around(contour.end()), gap, 0, line.name(),
        CutFindings.length(job, gap));
  }

  private static void dense(Face face, CutLine line, List<Contour> contours, List<Finding> found) {
    int run = 0;
    for (Contour contour : contours) {
      for (Span span : contour.spans()) {
        run += span.from().distance(span.to()) < SHORT ? 1 : 0;
      }
    }
    if (run > MANY) {
      found.add(CutFindings.finding("cut-dense", Weight.LOOK, face, line, CutFindings.box(line), run, MANY, line.name(), run,
          Lengths.plain(SHORT, 3)));
    }
  }

  private static Box around(Point p) {
    return new Box(p.x() - MARK, p.y() - MARK, 2 * MARK, 2 * MARK);
  }
}
