package org.zipthimble.core.geom;

/** The ways to combine shapes. */
public enum Way {
  /** All that any of them covers. */
  JOIN,
  /** What the lowest covers and none of the others does. */
  TAKE_AWAY,
  /** What all of them cover. */
  KEEP_OVERLAP,
  /** What an odd number of them covers: a compound path, in which a shape within a shape is a hole. */
  COMPOUND
}
