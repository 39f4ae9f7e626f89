package org.zipthimble.core.job;

import org.zipthimble.core.colour.Colour;

/** A colour of the job with the name the person gave it. */
public record Swatch(String name, Colour colour) {
  /** The longest name. */
  public static final int LONGEST_NAME = 80;

  /** Checks that nothing is missing. */
  public Swatch {
    if (name == null || name.length() > LONGEST_NAME || colour == null) {
      throw new IllegalArgumentException("a swatch needs a name of up to " + LONGEST_NAME + " letters and a colour");
    }
  }
}
