package org.zipthimble.core.item;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;

/**
 * The effects of an object, at most one of each kind, in the order in which kinds are told.
 *
 * @param each the effects
 */
public record Effects(List<Effect> each) {
  /** None at all. */
  public static final Effects NONE = new Effects(List.of());

  /** Where each kind stands in the list. */
  private static final Effect.Visitor<Integer> ORDER = new Effect.Visitor<>() {
    @Override
    public Integer shadow(Effect.Shadow effect) {
      return 0;
    }

    @Override
    public Integer glow(Effect.Glow effect) {
      return 1;
    }

    @Override
    public Integer blur(Effect.Blur effect) {
      return 2;
    }

    @Override
    public Integer feather(Effect.Feather effect) {
      return 3;
    }

    @Override
    public Integer mixing(Effect.Mixing effect) {
      return 4;
    }
  };

  /** Keeps a copy in order; two of a kind are refused. */
  public Effects {
    List<Effect> sorted = new ArrayList<>(each);
    sorted.sort(Comparator.comparing(e -> e.accept(ORDER)));
    for (int i = 1; i < sorted.size(); i++) {
      if (sorted.get(i).accept(ORDER).equals(sorted.get(i - 1).accept(ORDER))) {
        throw new IllegalArgumentException("an object has one effect of a kind: " + each);
      }
    }
    each = List.copyOf(sorted);
  }

  /** Some effects. */
  public static Effects of(Effect... each) {
    return new Effects(List.of(each));
  }

  /** The same with one more, in place of one of its kind. */
  public Effects with(Effect effect) {
    Effects rest = without(effect.getClass());
    List<Effect> all = new ArrayList<>(rest.each);
    all.add(effect);
    return new Effects(all);
  }

  /** The same without one of a kind. */
  public Effects without(Class<? extends Effect> kind) {
    return new Effects(each.stream().filter(e -> e.getClass() != kind).toList());
  }

  private <E extends Effect> Optional<E> one(Class<E> kind) {
    // most objects have none, and they are asked in every frame
    return each.isEmpty() ? Optional.empty() : each.stream().filter(kind::isInstance).map(kind::cast).findFirst();
  }

  /** Its shadow. */
  public Optional<Effect.Shadow> shadow() {
    return one(Effect.Shadow.class);
  }

  /** Its halo. */
  public Optional<Effect.Glow> glow() {
    return one(Effect.Glow.class);
  }

  /** How far its colours run into each other, in inches; 0 where they do not. */
  public double blur() {
    return one(Effect.Blur.class).map(Effect.Blur::size).orElse(0.0);
  }

  /** How far its edge fades inwards, in inches; 0 where it does not. */
  public double feather() {
    return one(Effect.Feather.class).map(Effect.Feather::size).orElse(0.0);
  }

  /** How its colours mix with those below. */
  public Blend blend() {
    return one(Effect.Mixing.class).map(Effect.Mixing::blend).orElse(Blend.NORMAL);
  }

  /** The same with its colours this far run into each other, in inches, 0 to {@link Effect#MOST}. */
  public Effects withBlur(double size) {
    return size == 0 ? without(Effect.Blur.class) : with(new Effect.Blur(size));
  }

  /** The same with its edge fading this far, in inches, 0 to {@link Effect#MOST}. */
  public Effects withFeather(double size) {
    return size == 0 ? without(Effect.Feather.class) : with(new Effect.Feather(size));
  }

  /** The same mixing its colours otherwise. */
  public Effects withBlend(Blend blend) {
    return blend == Blend.NORMAL ? without(Effect.Mixing.class) : with(new Effect.Mixing(blend));
  }

  /** The same in other colours. */
  public Effects recoloured(UnaryOperator<Colour> map) {
    return new Effects(each.stream().map(e -> e.recoloured(map)).toList());
  }

  /** Whether nothing lets through what is below. */
  public boolean solid() {
    return each.isEmpty() || each.stream().noneMatch(Effect::letsThrough);
  }
}
