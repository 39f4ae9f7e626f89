package org.zipthimble.core.job;

/** What an object is for. */
public enum Role {
  /** It is printed. */
  PRINTS,
  /** It helps on the bench and never leaves it. */
  GUIDE
}
