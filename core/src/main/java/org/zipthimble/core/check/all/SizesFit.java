package org.zipthimble.core.check.all;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.JobCheck;
import org.zipthimble.core.edit.SizeEdits;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;

/** What would go wrong in the other sizes of a set; each finding says in which. */
final class SizesFit extends JobCheck {
  private static final int MOST_TOLD = 40;

  @Override
  public Set<String> codes() {
    return Set.of("size-misfit");
  }

  @Override
  public List<Finding> examine(Job job) {
    List<Finding> found = new ArrayList<>();
    for (Size size : job.sizes().sizes()) {
      Job sized = SizeEdits.at(job, size);
      for (Face face : sized.faces()) {
        for (Finding finding : Checks.of(sized, face)) {
          boolean here = Checks.of(job, job.face(face.id()).orElseThrow()).stream()
              .anyMatch(f -> f.code().equals(finding.code()) && f.itemId().equals(finding.itemId()));
          if (finding.weight().counts() && !here && found.size() < MOST_TOLD) {
            found.add(Finding.worded("size-misfit", finding.weight(), face.id(), finding.itemId(),
                job.frame(job.face(face.id()).orElseThrow()).trim(), finding.figure(), finding.limit(),
                Lengths.show(size, job.ticket().unit()), finding.title(), finding.sentence()));
          }
        }
      }
    }
    return found;
  }
}
