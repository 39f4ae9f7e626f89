package org.zipthimble.core.picture;

import org.zipthimble.core.colour.Colour;

/**
 * A colour behind the subject that is taken out of a picture.
 *
 * @param near how unlike it a pixel may be and still go, 0 to 1 (black to white is 1)
 * @param connected whether only what hangs together from the picture's edge goes; else it goes wherever it is
 * @param clean how wide the passage to the subject is in which the background's share is taken out, 0 to 1
 */
public record Backdrop(Colour colour, double near, boolean connected, double clean) {
  /** Checks the figures. */
  public Backdrop {
    if (colour == null || !(near >= 0 && near <= 1) || !(clean >= 0 && clean <= 1)) {
      throw new IllegalArgumentException("a background's figures are 0 to 1: " + near + ", " + clean);
    }
  }
}
