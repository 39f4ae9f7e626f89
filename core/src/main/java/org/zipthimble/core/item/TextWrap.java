package org.zipthimble.core.item;

/**
 * How words make room for an object.
 *
 * @param gap the distance that they keep from it, in inches, 0 to 5
 */
public record TextWrap(Way way, double gap) {
  /** What words keep clear of. */
  public enum Way {
    /** The box around the object. */
    BOX,
    /** Its true outline. */
    OUTLINE,
    /** The whole width: words stand above and below it. */
    ABOVE_AND_BELOW
  }

  /** Checks the gap. */
  public TextWrap {
    if (way == null || !(gap >= 0 && gap <= 5)) {
      throw new IllegalArgumentException("words keep 0 to 5 in away: " + gap);
    }
  }
}
