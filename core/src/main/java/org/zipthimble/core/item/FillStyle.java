package org.zipthimble.core.item;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.units.Size;

/** What covers a shape in place of one colour. */
public sealed interface FillStyle {
  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** Its colours; those of what a pattern draws are the objects' own. */
  Set<Colour> colours();

  /** The same in other colours, those of what a pattern draws too. */
  FillStyle recoloured(UnaryOperator<Colour> map);

  /** What it draws again and again; nothing but for patterns. */
  default List<Item> art() {
    return List.of();
  }

  /** The same drawing other objects. */
  default FillStyle drawing(List<Item> others) {
    return this;
  }

  /** Itself as foil or glitter. */
  default Optional<Finish> asFinish() {
    return Optional.empty();
  }

  /** Whether the shape's one colour is seen behind it. */
  default boolean seeThrough() {
    return false;
  }

  /** A colour at a place of a gradient, 0 to 1. */
  record Stop(double at, Colour colour) {
    /** Checks the place. */
    public Stop {
      if (!(at >= 0 && at <= 1)) {
        throw new IllegalArgumentException("a stop stands at 0 to 1: " + at);
      }
    }
  }

  /**
   * Colours that run into each other across the shape's box.
   *
   * @param round from the middle to the corners; else straight across
   * @param degrees the direction of a straight one, 0 from left to right, clockwise
   * @param stops 2 to 16, in order
   */
  record Gradient(boolean round, double degrees, List<Stop> stops) implements FillStyle {
    /** Keeps a copy and checks the stops. */
    public Gradient {
      stops = List.copyOf(stops);
      boolean ordered = true;
      for (int i = 1; i < stops.size(); i++) {
        ordered &= stops.get(i).at() >= stops.get(i - 1).at();
      }
      if (stops.size() < 2 || stops.size() > 16 || !ordered || !Double.isFinite(degrees)) {
        throw new IllegalArgumentException("a gradient has 2 to 16 stops in order: " + stops);
      }
    }

    @Override
    public Set<Colour> colours() {
      Set<Colour> colours = new LinkedHashSet<>();
      stops.forEach(s -> colours.add(s.colour()));
      return colours;
    }

    @Override
    public FillStyle recoloured(UnaryOperator<Colour> map) {
      return new Gradient(round, degrees, stops.stream().map(s -> new Stop(s.at(), map.apply(s.colour()))).toList());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.gradient(this);
    }
  }

  /** How tiles stand beside each other. */
  enum Laying {
    /** In columns and rows. */
    GRID,
    /** Every second row moved by half a tile. */
    BRICK,
    /** Every second column moved by half a tile. */
    HALF_DROP,
    /** Every second column and row a mirror image. */
    MIRRORED
  }

  /**
   * An object repeated in tiles of a physical size; what reaches over a tile's edge goes on in the next.
   *
   * @param art what the tile shows, in inches from its top left
   * @param tile the size of a tile in inches, each side 1/64 to 100
   */
  record Tiles(List<Item> art, Size tile, Laying laying) implements FillStyle {
    /** The shortest side of a tile, in inches. */
    public static final double LEAST_SIDE = 1.0 / 64;

    /** The longest side of a tile, in inches. */
    public static final double MOST_SIDE = 100;

    /** The most tiles that are drawn across a shape. */
    public static final int MOST = 20_000;

    /** Keeps a copy and checks the size. */
    public Tiles {
      art = List.copyOf(art);
      if (Math.min(tile.width(), tile.height()) < LEAST_SIDE || Math.max(tile.width(), tile.height()) > MOST_SIDE || laying == null) {
        throw new IllegalArgumentException("a tile is 1/64 to 100 in: " + tile);
      }
    }

    @Override
    public Set<Colour> colours() {
      return Set.of();
    }

    @Override
    public FillStyle recoloured(UnaryOperator<Colour> map) {
      return drawing(art.stream().map(i -> i.recoloured(map)).toList());
    }

    @Override
    public FillStyle drawing(List<Item> others) {
      return new Tiles(others, tile, laying);
    }

    @Override
    public boolean seeThrough() {
      return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.tiles(this);
    }
  }

  /**
   * Foil or glitter.
   *
   * @param grain the width of a band of sheen or of a flake, in inches, 0.005 to 5
   * @param degrees the direction the sheen runs in
   * @param seed tells surfaces of one kind apart
   */
  @RecordBuilder
  record Finish(Texture.Surface surface, Colour colour, double grain, double degrees, int seed)
      implements FillStyle, FillStyleFinishBuilder.With {
    /** The finest grain, in inches. */
    public static final double LEAST_GRAIN = 0.005;

    /** The coarsest grain, in inches. */
    public static final double MOST_GRAIN = 5;

    /** Checks the figures. */
    public Finish {
      if (surface == null || colour == null || !(grain >= LEAST_GRAIN && grain <= MOST_GRAIN) || !Double.isFinite(degrees)) {
        throw new IllegalArgumentException("a surface has a grain of 0.005 to 5 in: " + grain);
      }
    }

    @Override
    public Optional<Finish> asFinish() {
      return Optional.of(this);
    }

    /** A usual one of a colour. */
    public static Finish of(Texture.Surface surface, Colour colour) {
      return new Finish(surface, colour, surface == Texture.Surface.FOIL ? 0.35 : 0.02, 30, 1);
    }

    @Override
    public Set<Colour> colours() {
      return Set.of(colour);
    }

    @Override
    public FillStyle recoloured(UnaryOperator<Colour> map) {
      return new Finish(surface, map.apply(colour), grain, degrees, seed);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.finish(this);
    }
  }

  /** What to do with each. */
  interface Visitor<R> {
    /** A gradient. */
    R gradient(Gradient style);

    /** A pattern. */
    R tiles(Tiles style);

    /** Foil or glitter. */
    R finish(Finish style);
  }
}
