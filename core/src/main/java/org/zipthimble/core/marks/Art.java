package org.zipthimble.core.marks;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;

/**
 * Something that is drawn as one, softened and with what lies around it. Sizes are page inches.
 *
 * @param marks what is drawn
 * @param area what the marks cover
 * @param blur standard deviation of the bell by which its colours are blurred
 * @param feather standard deviation of the bell by which its edge fades inwards
 * @param opacity of it all, 0 to 1
 */
@RecordBuilder
public record Art(
    Consumer<MarkOut> marks, Box area, Optional<Halo> shadow, Optional<Halo> glow, double blur, double feather, double opacity,
    Blend blend) implements ArtBuilder.With {
  /** How many standard deviations a bell is followed. */
  private static final double FOLLOWED = 3;

  /**
   * The softened silhouette in one colour.
   *
   * @param shift where it lies
   * @param sigma standard deviation of its bell
   * @param gain by how much it is made denser after that, 1 or more
   */
  @RecordBuilder
  public record Halo(Point shift, double sigma, double gain, Colour colour, double opacity) implements ArtHaloBuilder.With {
    /** How far it reaches past the silhouette. */
    double reach() {
      return Math.hypot(shift.x(), shift.y()) + FOLLOWED * sigma;
    }
  }

  /**
   * An object's effects on a ground. A softness is the width in which an edge fades: four standard deviations of the bell for a
   * shadow; blur, feather and glow reach two.
   */
  static Art of(Effects effects, double opacity, Affine ground, Consumer<MarkOut> marks, Box area) {
    Art art = new Art(marks, area, Optional.empty(), Optional.empty(), 0, 0, opacity, Blend.NORMAL);
    for (Effect effect : effects.each()) {
      art = effect.accept(new Softened(art, ground));
    }
    return art;
  }

  /** What each effect makes of art that is drawn on a ground. */
  private record Softened(Art art, Affine ground) implements Effect.Visitor<Art> {
    @Override
    public Art shadow(Effect.Shadow s) {
      double x = s.distance() * Math.cos(Math.toRadians(s.degrees()));
      double y = s.distance() * Math.sin(Math.toRadians(s.degrees()));
      Point shift = new Point(ground.a() * x + ground.c() * y, ground.b() * x + ground.d() * y);
      return art.withShadow(Optional.of(new Halo(shift, s.softness() / 4 * ground.meanScale(), 1, s.colour(), s.opacity())));
    }

    @Override
    public Art glow(Effect.Glow g) {
      return art.withGlow(Optional.of(new Halo(new Point(0, 0), g.width() / 2 * ground.meanScale(), 2, g.colour(), g.opacity())));
    }

    @Override
    public Art blur(Effect.Blur blur) {
      return art.withBlur(blur.size() / 2 * ground.meanScale());
    }

    @Override
    public Art feather(Effect.Feather feather) {
      return art.withFeather(feather.size() / 2 * ground.meanScale());
    }

    @Override
    public Art mixing(Effect.Mixing mixing) {
      return art.withBlend(mixing.blend());
    }
  }

  /**
   * How far in inches anything reaches past the marks, or looks past what is seen of them: an edge that fades inwards may lie outside of
   * it.
   */
  public double reach() {
    double halo = Math.max(shadow.map(Halo::reach).orElse(0.0), glow.map(Halo::reach).orElse(0.0));
    return Math.max(halo, FOLLOWED * Math.max(blur, feather));
  }

  /** The same with its marks sent another way. */
  public Art through(UnaryOperator<MarkOut> way) {
    return withMarks(out -> marks.accept(way.apply(out)));
  }

  /** The same seen through a map, its marks sent another way. */
  Art mapped(Affine map, Box covered, UnaryOperator<MarkOut> way) {
    double scale = map.meanScale();
    UnaryOperator<Halo> halo = h -> h.withShift(
        new Point(map.a() * h.shift().x() + map.c() * h.shift().y(), map.b() * h.shift().x() + map.d() * h.shift().y()))
        .withSigma(h.sigma() * scale);
    return through(way).withArea(covered).withShadow(shadow.map(halo)).withGlow(glow.map(halo)).withBlur(blur * scale)
        .withFeather(feather * scale);
  }

  /** The same, its shadow and its glow in another colour, laid on plainly. */
  public Art plain(Colour colour) {
    return withShadow(shadow.map(h -> h.withColour(colour))).withGlow(glow.map(h -> h.withColour(colour))).withBlend(Blend.NORMAL);
  }
}
