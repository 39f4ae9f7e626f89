package org.zipthimble.core.check.edge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/**
 * Places of the bleed that stay open though artwork lies inside: corners of the trim, and the outlines of things that are printed and
 * cut. Sides of the trim are told by {@link BleedShort}.
 */
public final class BleedOpen extends FaceCheck {
  /** Shorter runs of an outline are tips that poke out, not grounds that stop short. */
  private static final double LEAST_RUN = 0.25;

  /** Colour that reaches this far past a cut outline is enough (common practice, no source). */
  private static final double CUT_BLEED = 1.0 / 16;

  @Override
  public Set<String> codes() {
    return Set.of("bleed-open");
  }

  @Override
  public List<Finding> examine(Subject on) {
    Job job = on.job();
    Face face = on.face();
    List<Finding> found = new ArrayList<>();
    if (on.frame().bleeds() && on.frame().outline().isEmpty()) {
      for (Coverage.Gap gap : Coverage.ofTrim(job, face).gaps()) {
        if (gap.corner() && gap.reach() < on.frame().bleed().most() - Coverage.REACHED) {
          found.add(finding(job, face, gap, on.frame().bleed().most(), Optional.empty(), "finding.corner"));
        }
      }
    }
    if (!on.printing().isEmpty()) {
      CutLines.own(job, face).forEach(line -> outline(job, face, line, found));
    }
    return found;
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    return BleedMends.of(job, face, finding);
  }

  private static void outline(Job job, Face face, CutLine line, List<Finding> found) {
    if (line.kind() != CutKind.THROUGH && line.kind() != CutKind.KISS) {
      return;
    }
    double spread = face.find(line.source()).map(i -> i.properties().cutting().spread()).orElse(0.0);
    if (spread >= CUT_BLEED - Coverage.REACHED) {
      return;
    }
    Coverage coverage = Coverage.of(job, face, line.path(), CUT_BLEED);
    long inked = coverage.spots().stream().filter(Coverage.Spot::inked).count();
    if (inked * 2 < coverage.spots().size()) {
      return;
    }
    for (Coverage.Gap gap : coverage.gaps()) {
      if (gap.length() >= LEAST_RUN && gap.reach() + spread < CUT_BLEED - Coverage.REACHED) {
        found.add(finding(job, face, gap, CUT_BLEED, Optional.of(line.source()), "finding.outline"));
      }
    }
  }

  private static Finding finding(Job job, Face face, Coverage.Gap gap, double asked, Optional<String> item, String key) {
    Box where = gap.where();
    String reach = Lengths.plain(gap.reach(), 2);
    return new Finding("bleed-open", Weight.RUIN, face.id(), item, Optional.empty(), where, gap.reach(), asked,
        key.equals("finding.corner") ? Wording.text("finding.corner.title") : Wording.text("finding.outline.title"),
        key.equals("finding.corner")
            ? Wording.text("finding.corner.sentence", face.name(), reach, Lengths.plain(asked, 2), corner(job.frame(face).trim(), gap))
            : Wording.text("finding.outline.sentence", face.name(), Lengths.plain(gap.length(), 2), reach, Lengths.plain(asked, 4)),
        Wording.text(key.equals("finding.corner") ? "finding.corner.mend" : "finding.outline.mend"));
  }

  private static String corner(Box trim, Coverage.Gap gap) {
    boolean left = gap.from().x() < trim.centre().x();
    boolean top = gap.from().y() < trim.centre().y();
    return Wording.text(top ? (left ? "corner.topLeft" : "corner.topRight") : left ? "corner.lowerLeft" : "corner.lowerRight");
  }
}
