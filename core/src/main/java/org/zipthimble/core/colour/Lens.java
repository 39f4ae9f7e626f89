package org.zipthimble.core.colour;

/** A way to look at what will be printed. */
public enum Lens {
  /** As it was made. */
  NONE,
  /** As ink on paper. */
  IN_INK,
  /** On the stock's own colour, as dye or thin ink lets it show through. */
  ON_STOCK,
  /** Where inks cannot show the colour. */
  OUT_OF_RANGE,
  /** How much ink lies in each place. */
  INK_LOAD,
  /** The cyan plate alone. */
  CYAN,
  /** The magenta plate alone. */
  MAGENTA,
  /** The yellow plate alone. */
  YELLOW,
  /** The black plate alone. */
  BLACK;

  /** The number of the plate, 0 for cyan; below 0 when it is not that of one. */
  public int plate() {
    return ordinal() - CYAN.ordinal();
  }
}
