package org.zipthimble.core.type;

/** How lines of words stand in their block. */
public enum Align {
  /** Flush left. */
  LEFT(0),
  /** Centred. */
  CENTRE(0.5),
  /** Flush right. */
  RIGHT(1),
  /** Flush at both sides, but for the last line of a paragraph. */
  JUSTIFIED(0);

  private final double share;

  Align(double share) {
    this.share = share;
  }

  /** The share of a line's free width that stands at its left. */
  public double share() {
    return share;
  }
}
