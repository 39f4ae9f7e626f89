package org.zipthimble.core.sheet;

import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SheetPlan;

/** How pages are made from faces: with or without bleed, mirrored or not, alone or on paper. */
public record PageOptions(boolean bleed, boolean mirror, SheetPlan sheet) {
  /** As the job's ticket and sheet say. */
  public static PageOptions of(Job job) {
    return new PageOptions(true, job.ticket().mirror(), job.sheet());
  }

  /** The same with or without bleed. */
  public PageOptions withBleed(boolean on) {
    return new PageOptions(on, mirror, sheet);
  }

  /** The same, mirrored or not. */
  public PageOptions mirrored(boolean on) {
    return new PageOptions(bleed, on, sheet);
  }

  /** The same on another sheet. */
  public PageOptions on(SheetPlan other) {
    return new PageOptions(bleed, mirror, other);
  }
}
