package org.zipthimble.core.job;

import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;

/**
 * A colour of the job with the name the person gave it.
 *
 * @param ink what it is printed with; empty for what the printing condition gives for the colour
 */
public record Swatch(String name, Colour colour, Optional<Ink> ink) {
  /** The longest name. */
  public static final int LONGEST_NAME = 80;

  /** A colour without an ink of its own. */
  public Swatch(String name, Colour colour) {
    this(name, colour, Optional.empty());
  }

  /** Checks that nothing is missing. */
  public Swatch {
    if (name == null || name.length() > LONGEST_NAME || colour == null || ink == null) {
      throw new IllegalArgumentException("a swatch needs a name of up to " + LONGEST_NAME + " letters and a colour");
    }
  }
}
