package org.zipthimble.core.thing;

import org.zipthimble.core.wording.Wording;

/** How a job comes onto its thing; it decides whether what leaves must be a mirror image. */
public enum Process {
  /** Printed or cut as it is seen. */
  AS_SEEN(false),
  /** Printed on transfer paper and pressed face down. */
  TRANSFER(true),
  /** Film pressed on with its carrier up: cut from behind. */
  IRON_ON(true),
  /** Put on the inside of a pane and read from outside. */
  PANE_INSIDE(true);

  private final boolean mirrored;

  Process(boolean mirrored) {
    this.mirrored = mirrored;
  }

  /** Whether what leaves must be turned left for right, exactly once. */
  public boolean mirrored() {
    return mirrored;
  }

  /** Its name. */
  public String title() {
    return Wording.of(this);
  }
}
