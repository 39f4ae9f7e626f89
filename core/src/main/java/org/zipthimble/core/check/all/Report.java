package org.zipthimble.core.check.all;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.edge.EdgeReach;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;

/**
 * What all checks say of a job.
 *
 * @param job the job they looked at
 * @param findings of the faces in order, of the job, of its sheets
 * @param edges how far artwork reaches past the sides of each face, by the face's id
 */
public record Report(Job job, List<Finding> findings, Map<String, EdgeReach> edges) {
  /** Keeps copies. */
  public Report {
    findings = List.copyOf(findings);
    edges = Map.copyOf(edges);
  }

  /** Looks at a job; a face that has not changed is not looked at again. */
  public static Report of(Job job) {
    Map<String, EdgeReach> edges = new LinkedHashMap<>();
    for (Face face : job.faces()) {
      edges.put(face.id(), EdgeReach.of(job, face));
    }
    return new Report(job, Checks.run(job), edges);
  }

  /** Nothing said of a job yet. */
  public static Report none(Job job) {
    return new Report(job, List.of(), Map.of());
  }

  /** How many findings count as something to see to; notes do not. */
  public int counted() {
    return (int) findings.stream().filter(f -> f.weight().counts()).count();
  }

  /** How far the artwork of a face reaches past its sides; empty while it is not known. */
  public Optional<EdgeReach> edges(String faceId) {
    return Optional.ofNullable(edges.get(faceId));
  }
}
