package org.zipthimble.core.type;

/** How letters stand to the line along which they run. */
public enum Sits {
  /** Their feet on it. */
  ABOVE,
  /** The middle of their capitals on it. */
  ON,
  /** Their capitals reaching up to it. */
  BELOW
}
