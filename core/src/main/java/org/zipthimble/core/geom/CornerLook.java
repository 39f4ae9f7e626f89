package org.zipthimble.core.geom;

/** How one corner of a rectangle is finished. */
public enum CornerLook {
  /** A quarter circle bulging outwards. */
  ROUND,
  /** A straight slanting cut. */
  CUT,
  /** A quarter circle about the corner itself. */
  SCOOPED,
  /** A square step. */
  NOTCHED
}
