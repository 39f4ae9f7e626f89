package org.zipthimble.core.item;

/** What an object is for. */
public enum Role {
  /** It is printed. */
  PRINTS,
  /** Its outline is cut out of a material. */
  CUTS,
  /** It is printed, and cut round afterwards. */
  PRINTS_AND_CUTS,
  /** It helps on the bench and never leaves it. */
  GUIDE;

  /** Whether it goes to the printer. */
  public boolean prints() {
    return this == PRINTS || this == PRINTS_AND_CUTS;
  }

  /** Whether it goes to the cutter. */
  public boolean cuts() {
    return this == CUTS || this == PRINTS_AND_CUTS;
  }
}
