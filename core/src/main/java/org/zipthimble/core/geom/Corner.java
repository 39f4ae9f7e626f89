package org.zipthimble.core.geom;

/** How an offset goes round a corner. */
public enum Corner {
  /** An arc about the corner. */
  ROUND,
  /** The sides go on until they meet; beyond four times the distance the corner is cut off. */
  MITRE,
  /** A straight cut between the ends of the sides. */
  BEVEL
}
