package org.zipthimble.core.check;

import java.util.List;
import org.zipthimble.core.job.Job;

/** A question asked once of a whole job. */
public abstract class JobCheck extends Check {
  /** Every finding of its kinds, never only the first. */
  public abstract List<Finding> examine(Job job);
}
