package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;

/**
 * What softens an object or lies around it. Sizes are inches on the ground the object stands on.
 *
 * @param blur how far its colours run into each other
 * @param feather how far its edge fades inwards
 */
@RecordBuilder
public record Effects(Optional<Shadow> shadow, Optional<Glow> glow, double blur, double feather, Blend blend) implements EffectsBuilder.With {
  /** None at all. */
  public static final Effects NONE = new Effects(Optional.empty(), Optional.empty(), 0, 0, Blend.NORMAL);

  /** The largest size. */
  public static final double MOST = 5;

  /** Checks the figures. */
  public Effects {
    if (!size(blur) || !size(feather) || blend == null) {
      throw new IllegalArgumentException("effects are 0 to " + MOST + " in: " + blur + ", " + feather);
    }
  }

  private static boolean size(double v) {
    return v >= 0 && v <= MOST;
  }

  /**
   * A shadow.
   *
   * @param degrees where it falls, 0 to the right, 90 downwards
   * @param distance how far
   * @param softness how wide its edge fades
   * @param opacity 0 to 1
   */
  public record Shadow(double degrees, double distance, double softness, Colour colour, double opacity) {
    /** A usual one. */
    public static final Shadow USUAL = new Shadow(60, 0.06, 0.08, Colour.of(0x2A211C), 0.45);

    /** Checks the figures. */
    public Shadow {
      if (!Double.isFinite(degrees) || !size(distance) || !size(softness) || colour == null || !(opacity >= 0 && opacity <= 1)) {
        throw new IllegalArgumentException("a shadow is out of range");
      }
    }
  }

  /**
   * A halo all round.
   *
   * @param width how far it reaches
   * @param opacity 0 to 1
   */
  public record Glow(double width, Colour colour, double opacity) {
    /** A usual one. */
    public static final Glow USUAL = new Glow(0.1, Colour.of(0xFBF5E6), 0.9);

    /** Checks the figures. */
    public Glow {
      if (!size(width) || colour == null || !(opacity >= 0 && opacity <= 1)) {
        throw new IllegalArgumentException("a glow is out of range");
      }
    }
  }

  /** The same in other colours. */
  public Effects recoloured(UnaryOperator<Colour> map) {
    return withShadow(shadow.map(s -> new Shadow(s.degrees(), s.distance(), s.softness(), map.apply(s.colour()), s.opacity())))
        .withGlow(glow.map(g -> new Glow(g.width(), map.apply(g.colour()), g.opacity())));
  }

  /** Whether nothing lets through what is below. */
  public boolean solid() {
    return blur == 0 && feather == 0 && blend == Blend.NORMAL;
  }
}
