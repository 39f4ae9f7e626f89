package org.zipthimble.core.check;

import java.util.List;
import org.zipthimble.core.job.Job;

/** A question asked of how a job lies on its sheets. */
abstract class SheetCheck extends Check {
  /** Every finding of its kinds on all sheets. */
  abstract List<Finding> look(Job job);
}
