package org.zipthimble.core.type;

/**
 * Where a tab leads to.
 *
 * @param at inches from the left edge of the words, above zero up to 200
 * @param leader what fills the way there, one character; empty for nothing
 */
public record TabStop(double at, Kind kind, String leader) {
  /** What stands at the stop. */
  public enum Kind {
    /** The beginning of what follows. */
    LEFT,
    /** Its middle. */
    CENTRE,
    /** Its end. */
    RIGHT,
    /** Its point or comma, so that figures stand below each other. */
    POINT
  }

  /** Checks the figures. */
  public TabStop {
    LookRanges.check("a tab", at, 0.001, 200);
    if (kind == null || leader == null || leader.length() > 1) {
      throw new IllegalArgumentException("a tab's leader is one character: " + leader);
    }
  }
}
