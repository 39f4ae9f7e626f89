package org.zipthimble.core.check;

import java.util.List;

/** A question asked of each face. */
abstract class FaceCheck extends Check {
  /** Every finding of its kinds, never only the first. */
  abstract List<Finding> look(Subject on);
}
