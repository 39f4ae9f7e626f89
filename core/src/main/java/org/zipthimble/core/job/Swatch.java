package org.zipthimble.core.job;

import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.wording.Wording;

/**
 * A colour of the job with the name the person gave it.
 *
 * @param ink what it is printed with; empty for what the printing condition gives for the colour
 */
public record Swatch(String name, Colour colour, Optional<Ink> ink) {
  /** The longest name. */
  public static final int LONGEST_NAME = 80;

  /** A colour without an ink of its own. */
  public static Swatch of(String name, Colour colour) {
    return new Swatch(name, colour, Optional.empty());
  }

  /** Checks that nothing is missing. */
  public Swatch {
    if (name == null || name.length() > LONGEST_NAME || colour == null || ink == null) {
      throw new IllegalArgumentException("a swatch needs a name of up to " + LONGEST_NAME + " letters and a colour");
    }
  }

  /**
   * A tint of it: so much of its colour on white, and of its inks.
   *
   * @param share 0 to 1
   */
  public Swatch tint(double share) {
    Colour lighter = new Colour(lighter(colour.red(), share), lighter(colour.green(), share), lighter(colour.blue(), share));
    String percent = Wording.text("swatch.tintName", name, Math.round(share * 100));
    return new Swatch(percent.length() > LONGEST_NAME ? lighter.hex() : percent, lighter, ink.map(i -> i.accept(new Ink.Visitor<Ink>() {
      @Override
      public Ink process(Ink.Process is) {
        return new Ink.Process(is.process().tint(share));
      }

      @Override
      public Ink spot(Ink.Spot is) {
        return new Ink.Spot(is.name(), is.kind(), is.alternate(), is.tint() * share);
      }
    })));
  }

  private static int lighter(int part, double share) {
    return (int) Math.round(255 - (255 - part) * share);
  }
}
