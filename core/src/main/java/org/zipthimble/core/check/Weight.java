package org.zipthimble.core.check;

/** How much a finding matters. */
public enum Weight {
  /** The job would come out wrong. */
  RUIN,
  /** Worth a look before sending. */
  LOOK,
  /** Good to know; nothing needs to be done. */
  NOTE;

  /** Whether it counts as something to see to. */
  public boolean counts() {
    return this != NOTE;
  }
}
