package org.zipthimble.cli;

/** On or off, as an option's value. */
enum Switch {
  /** Yes. */
  ON,
  /** No. */
  OFF;

  /** The choice when one was made, else what holds without it. */
  static boolean or(Switch choice, boolean otherwise) {
    return choice == null ? otherwise : choice == ON;
  }
}
