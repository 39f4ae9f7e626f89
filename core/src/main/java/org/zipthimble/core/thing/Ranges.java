package org.zipthimble.core.thing;

/** Ranges of figures. */
final class Ranges {
  private Ranges() {}

  /** Tells a figure that lies out of its range. */
  static void check(String what, double value, double least, double most) {
    if (!(value >= least && value <= most)) {
      throw new IllegalArgumentException(what + " is " + least + " to " + most + " in: " + value);
    }
  }
}
