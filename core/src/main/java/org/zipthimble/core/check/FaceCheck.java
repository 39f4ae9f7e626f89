package org.zipthimble.core.check;

import java.util.List;

/** A question asked of each face. */
public abstract class FaceCheck extends Check {
  /** Every finding of its kinds, never only the first. */
  public abstract List<Finding> examine(Subject on);
}
