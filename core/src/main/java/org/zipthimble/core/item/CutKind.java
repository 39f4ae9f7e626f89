package org.zipthimble.core.item;

/** What the blade, or the pen in its place, does along an outline. */
public enum CutKind {
  /** Cut through the material and, on a carrier, through that too. */
  THROUGH,
  /** Cut through the material but not its carrier. */
  KISS,
  /** Pressed in, for folding. */
  SCORE,
  /** Cut with bridges, for tearing. */
  PERFORATE,
  /** Drawn with a pen. */
  PEN;

  /** Whether it parts the material, so that its outline must be closed. */
  public boolean parts() {
    return this == THROUGH || this == KISS;
  }
}
