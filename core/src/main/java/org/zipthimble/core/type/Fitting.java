package org.zipthimble.core.type;

/** What becomes of words for which their block is too small. */
public enum Fitting {
  /** They are left over, and counted. */
  COUNT,
  /** The block grows downwards. */
  GROW,
  /** The words shrink, down to a typed part of their size. */
  SHRINK
}
