package org.zipthimble.core.job;

/** Where what is printed goes; it sets the colour mode and what is looked out for. */
public enum Destination {
  /** A printer at home or in the shop: RGB. */
  HOME_PRINTER,
  /** Sublimation and transfer: RGB, mirrored; white is not printed. */
  SUBLIMATION,
  /** A print shop with a press: four inks by a profile. */
  PRINT_SHOP;

  /** Whether colours leave as amounts of the four process inks. */
  public boolean inks() {
    return this == PRINT_SHOP;
  }
}
