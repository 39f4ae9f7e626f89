package org.zipthimble.core.type;

/** What looks of words have in common. */
final class LookRanges {
  private LookRanges() {}

  static void check(String what, double value, double least, double most) {
    if (!(value >= least && value <= most)) {
      throw new IllegalArgumentException(what + " must be " + least + " to " + most + ": " + value);
    }
  }

  /** A style's new value where the old one was the style's, else the old one. */
  static <T> T followed(T own, T was, T is) {
    return own.equals(was) ? is : own;
  }
}
