package org.zipthimble.core.check.blade;

import java.util.Optional;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.units.Lengths;

/** Makes the findings that concern the blade; their wording goes by their code. */
final class CutFindings {
  private CutFindings() {}

  static Finding finding(
      String code, Weight weight, Face face, CutLine line, Box where, double figure, double limit, Object... values) {
    Optional<String> item = face.find(line.source()).isPresent() ? Optional.of(line.source()) : Optional.empty();
    return Finding.worded(code, weight, face.id(), item, where, figure, limit, values);
  }

  static Box box(CutLine line) {
    return Measure.bounds(line.path()).orElse(new Box(0, 0, 0, 0));
  }

  static String length(Job job, double inches) {
    return Lengths.show(inches, job.ticket().unit());
  }

  static double leastWidth(Job job, CutLine line) {
    return job.cutting().lane(line.lane()).map(Lane::leastWidth).orElse(0.0);
  }
}
