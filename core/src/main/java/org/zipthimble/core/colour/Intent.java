package org.zipthimble.core.colour;

/** What is kept where inks cannot show a colour (ISO 15076-1, 6.2). The order is that of the standard's numbers. */
public enum Intent {
  /** The whole picture is fitted in, relations kept: for photographs. */
  PERCEPTUAL,
  /** What can be shown is shown exactly against the paper's white; the rest goes to the nearest. */
  RELATIVE,
  /** As lively as the inks allow: for charts. */
  SATURATION,
  /** As relative, with the paper's own white printed too: for proofs. */
  ABSOLUTE;

  /** The number of the tables of a profile for it: absolute uses those of relative. */
  int table() {
    return this == ABSOLUTE ? RELATIVE.ordinal() : ordinal();
  }
}
