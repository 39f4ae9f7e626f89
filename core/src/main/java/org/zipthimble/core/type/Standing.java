package org.zipthimble.core.type;

/** Where words stand in the height of their block. */
public enum Standing {
  /** At the top. */
  TOP,
  /** In the middle. */
  MIDDLE,
  /** At the bottom. */
  BOTTOM,
  /** Lines spread over the whole height. */
  SPREAD
}
