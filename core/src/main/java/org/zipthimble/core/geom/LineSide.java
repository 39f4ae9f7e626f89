package org.zipthimble.core.geom;

/** On which side of a closed outline its line lies. */
public enum LineSide {
  /** Half inside, half outside. */
  CENTRE,
  /** All inside. */
  INSIDE,
  /** All outside. */
  OUTSIDE
}
