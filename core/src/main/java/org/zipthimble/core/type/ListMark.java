package org.zipthimble.core.type;

/**
 * What stands before each paragraph of a list.
 *
 * @param sign the sign, one or two characters; empty for numbers
 * @param hang how far the words stand to the right of it, in inches, 0 to 20
 */
public record ListMark(String sign, double hang) {
  /** Checks the figures. */
  public ListMark {
    LookRanges.check("the room of a sign", hang, 0, 20);
    if (sign == null || sign.codePointCount(0, sign.length()) > 2) {
      throw new IllegalArgumentException("a sign is one or two characters: " + sign);
    }
  }

  /** Whether it counts. */
  public boolean numbered() {
    return sign.isEmpty();
  }

  /** What stands before the paragraph with this number, 1 for the first. */
  public String shown(int number) {
    return numbered() ? number + "." : sign;
  }
}
