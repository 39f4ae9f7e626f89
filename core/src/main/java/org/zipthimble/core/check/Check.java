package org.zipthimble.core.check;

import java.util.List;
import java.util.Set;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;

/** One kind of question, asked of a job, of its sheets, of a face or of an object; what can be done about an answer stands with it. */
public abstract class Check {
  /** The codes of all findings it can make. */
  public abstract Set<String> codes();

  /** What can be done at once about a finding it made; nothing for most. */
  public List<Mend> mends(Job job, Face face, Finding finding) {
    return List.of();
  }
}
