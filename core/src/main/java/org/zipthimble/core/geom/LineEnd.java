package org.zipthimble.core.geom;

/** How an open line, or a dash, ends. */
public enum LineEnd {
  /** At its last place. */
  BUTT,
  /** In a half circle. */
  ROUND,
  /** Half the width farther on. */
  SQUARE
}
