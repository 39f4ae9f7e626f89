package org.zipthimble.core.sheet;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.SheetPlan;

/**
 * How pages are made from faces: with or without bleed, mirrored or not, alone or on paper.
 *
 * @param cuts whether the cut lines of what is printed and cut are drawn too, as spot colours in layers
 */
@RecordBuilder
public record PageOptions(boolean bleed, boolean mirror, SheetPlan sheet, boolean cuts) implements PageOptionsBuilder.With {
  /** Without cut lines. */
  public static PageOptions of(boolean bleed, boolean mirror, SheetPlan sheet) {
    return new PageOptions(bleed, mirror, sheet, false);
  }

  /** As the job's ticket and sheet say. */
  public static PageOptions of(Job job) {
    return PageOptions.of(true, job.mirrorsHere(), job.sheet());
  }
}
