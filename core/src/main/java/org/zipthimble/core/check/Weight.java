package org.zipthimble.core.check;

/** How much a finding matters. */
public enum Weight {
  /** The job would come out wrong. */
  RUIN,
  /** Worth a look before sending. */
  LOOK
}
