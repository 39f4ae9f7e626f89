package org.zipthimble.core.check;

import java.util.List;
import org.zipthimble.core.job.Job;

/** A question asked of how a job lies on its sheets. */
public abstract class SheetCheck extends Check {
  /** Every finding of its kinds on all sheets. */
  public abstract List<Finding> examine(Job job);
}
