package org.zipthimble.core.check;

import java.util.List;
import org.zipthimble.core.job.Job;

/** A question asked once of a whole job. */
abstract class JobCheck extends Check {
  /** Every finding of its kinds, never only the first. */
  abstract List<Finding> look(Job job);
}
