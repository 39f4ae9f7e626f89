package org.zipthimble.core.colour;

import java.util.Optional;

/** What is laid on the paper for a colour: process inks, or a spot ink of its own. */
public interface Ink {
  /** Does what fits the kind of ink. */
  <R> R accept(Visitor<R> visitor);

  /** The four process inks that stand for it where there is no plate of its own. */
  Cmyk process();

  /** Itself as a spot ink. */
  default Optional<Spot> asSpot() {
    return Optional.empty();
  }

  /** What to do with each kind. */
  interface Visitor<R> {
    /** The four process inks. */
    R process(Process ink);

    /** An ink of its own. */
    R spot(Spot ink);
  }

  /** Amounts of the four process inks. */
  record Process(Cmyk process) implements Ink {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.process(this);
    }
  }

  /** What a spot ink is. */
  enum Kind {
    /** A mixed ink. */
    INK,
    /** Foil that is stamped. */
    FOIL,
    /** White under or over the colours. */
    WHITE,
    /** Clear varnish. */
    VARNISH
  }

  /**
   * A spot ink.
   *
   * @param name of its plate, as the print shop knows it
   * @param alternate the process inks that stand for its full strength
   * @param tint how strong, 0 to 1
   */
  record Spot(String name, Kind kind, Cmyk alternate, double tint) implements Ink {
    /** The longest name of a plate. */
    public static final int LONGEST = 60;

    /** Checks the name and the range. */
    public Spot {
      if (name == null || name.isBlank() || name.length() > LONGEST || kind == null || alternate == null || !(tint >= 0 && tint <= 1)) {
        throw new IllegalArgumentException("a spot ink needs a name of up to " + LONGEST + " letters and a tint of 0 to 1: " + name + ", "
            + tint);
      }
      if (name.equalsIgnoreCase("all") || name.equalsIgnoreCase("none")) {
        throw new IllegalArgumentException("All and None mean other things in a PDF (ISO 32000-1, 8.6.6.4): " + name);
      }
    }

    @Override
    public Cmyk process() {
      return alternate.tint(tint);
    }

    @Override
    public Optional<Spot> asSpot() {
      return Optional.of(this);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.spot(this);
    }
  }
}
