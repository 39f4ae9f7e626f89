package org.zipthimble.core.plan;

/** How a material looks. */
public enum Finish {
  /** Without shine. */
  MATT,
  /** With shine. */
  GLOSS,
  /** With sparks in it. */
  GLITTER,
  /** With a grain that runs along the roll. */
  BRUSHED,
  /** Seen through. */
  CLEAR
}
