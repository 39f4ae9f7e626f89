package org.zipthimble.core.item;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;

/**
 * One thing that softens an object, lies around it or tells how its colours mix with what is below. Sizes are inches on the ground that the
 * object stands on, 0 to {@value #MOST}. A new one is a record here; the visitors name every place that must answer.
 */
public sealed interface Effect {
  /** The largest size. */
  double MOST = 5;

  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** Whether anything of the object lets through what is below, or mixes with it. */
  boolean letsThrough();

  /** The colour it brings. */
  default Optional<Colour> brings() {
    return Optional.empty();
  }

  /** The same in another colour. */
  default Effect recoloured(UnaryOperator<Colour> map) {
    return this;
  }

  private static double sized(double v) {
    if (!(v >= 0 && v <= MOST)) {
      throw new IllegalArgumentException("effects are 0 to " + MOST + " in: " + v);
    }
    return v;
  }

  private static void soft(double v) {
    if (sized(v) == 0) {
      throw new IllegalArgumentException("an effect of no size is none");
    }
  }

  private static double share(double opacity) {
    if (!(opacity >= 0 && opacity <= 1)) {
      throw new IllegalArgumentException("opacity is 0 to 1: " + opacity);
    }
    return opacity;
  }

  /**
   * A shadow.
   *
   * @param degrees where it falls, 0 to the right, 90 downwards
   * @param distance how far
   * @param softness how wide its edge fades
   * @param colour its colour
   * @param opacity 0 to 1
   */
  record Shadow(double degrees, double distance, double softness, Colour colour, double opacity) implements Effect {
    /** A usual one. */
    public static final Shadow USUAL = new Shadow(60, 0.06, 0.08, Colour.of(0x2A211C), 0.45);

    /** Checks the figures. */
    public Shadow {
      if (!Double.isFinite(degrees) || colour == null) {
        throw new IllegalArgumentException("a shadow has a direction and a colour");
      }
      sized(distance);
      sized(softness);
      share(opacity);
    }

    @Override
    public boolean letsThrough() {
      return false;
    }

    @Override
    public Optional<Colour> brings() {
      return Optional.of(colour);
    }

    @Override
    public Shadow recoloured(UnaryOperator<Colour> map) {
      return new Shadow(degrees, distance, softness, map.apply(colour), opacity);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.shadow(this);
    }
  }

  /**
   * A halo all round.
   *
   * @param width how far it reaches
   * @param colour its colour
   * @param opacity 0 to 1
   */
  record Glow(double width, Colour colour, double opacity) implements Effect {
    /** A usual one. */
    public static final Glow USUAL = new Glow(0.1, Colour.of(0xFBF5E6), 0.9);

    /** Checks the figures. */
    public Glow {
      if (colour == null) {
        throw new IllegalArgumentException("a halo has a colour");
      }
      sized(width);
      share(opacity);
    }

    @Override
    public boolean letsThrough() {
      return false;
    }

    @Override
    public Optional<Colour> brings() {
      return Optional.of(colour);
    }

    @Override
    public Glow recoloured(UnaryOperator<Colour> map) {
      return new Glow(width, map.apply(colour), opacity);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.glow(this);
    }
  }

  /**
   * Its colours run into each other.
   *
   * @param size how far, above 0
   */
  record Blur(double size) implements Effect {
    /** Checks the figure. */
    public Blur {
      soft(size);
    }

    @Override
    public boolean letsThrough() {
      return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.blur(this);
    }
  }

  /**
   * Its edge fades inwards.
   *
   * @param size how far, above 0
   */
  record Feather(double size) implements Effect {
    /** Checks the figure. */
    public Feather {
      soft(size);
    }

    @Override
    public boolean letsThrough() {
      return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.feather(this);
    }
  }

  /**
   * Its colours mix with those below.
   *
   * @param blend how, as ISO 32000-1 names it; not normal
   */
  record Mixing(Blend blend) implements Effect {
    /** Checks that nothing is missing. */
    public Mixing {
      if (blend == null || blend == Blend.NORMAL) {
        throw new IllegalArgumentException("colours mix otherwise than usual, or there is no such effect");
      }
    }

    @Override
    public boolean letsThrough() {
      return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.mixing(this);
    }
  }

  /** What to do with each. */
  interface Visitor<R> {
    /** A shadow. */
    R shadow(Shadow effect);

    /** A halo. */
    R glow(Glow effect);

    /** Colours that run into each other. */
    R blur(Blur effect);

    /** A fading edge. */
    R feather(Feather effect);

    /** Colours that mix. */
    R mixing(Mixing effect);
  }
}
