package org.zipthimble.core.sheet;

import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SheetPlan;

/**
 * How pages are made from faces: with or without bleed, mirrored or not, alone or on paper.
 *
 * @param cuts whether the cut lines of what is printed and cut are drawn too, as spot colours in layers
 */
public record PageOptions(boolean bleed, boolean mirror, SheetPlan sheet, boolean cuts) {
  /** Without cut lines. */
  public PageOptions(boolean bleed, boolean mirror, SheetPlan sheet) {
    this(bleed, mirror, sheet, false);
  }

  /** As the job's ticket and sheet say. */
  public static PageOptions of(Job job) {
    return new PageOptions(true, job.ticket().mirror(), job.sheet());
  }

  /** The same with or without bleed. */
  public PageOptions withBleed(boolean on) {
    return new PageOptions(on, mirror, sheet, cuts);
  }

  /** The same, mirrored or not. */
  public PageOptions mirrored(boolean on) {
    return new PageOptions(bleed, on, sheet, cuts);
  }

  /** The same on another sheet. */
  public PageOptions on(SheetPlan other) {
    return new PageOptions(bleed, mirror, other, cuts);
  }

  /** The same with cut lines as spot colours in layers, or without. */
  public PageOptions cutting(boolean on) {
    return new PageOptions(bleed, mirror, sheet, on);
  }
}
