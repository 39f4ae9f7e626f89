package org.zipthimble.core.geom;

/** What counts as inside where an outline runs over itself (the fill rules of ISO 32000 and of SVG). */
public enum Rule {
  /** Inside is where the windings do not cancel out. */
  NON_ZERO,
  /** Inside is where a ray crosses the outline an odd number of times. */
  EVEN_ODD
}
