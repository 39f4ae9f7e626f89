package org.zipthimble.core.edit;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.job.FillStyle;
import org.zipthimble.core.job.Effects;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.LiveEffect;

/** Puts other colours into everything of an object that has one: fills, lines, words, gradients, patterns, what a group makes. */
final class Recolour implements Item.Visitor<Item> {
  private final UnaryOperator<Colour> map;

  private Recolour(UnaryOperator<Colour> map) {
    this.map = map;
  }

  static Item of(Item item, UnaryOperator<Colour> map) {
    Item other = item.accept(new Recolour(map));
    return item.properties().effects().equals(Effects.NONE) ? other : other.with(other.properties().withEffects(effects(item.properties().effects(), map)));
  }

  private static Effects effects(Effects e, UnaryOperator<Colour> map) {
    return e.withShadow(e.shadow().map(s -> new Effects.Shadow(s.degrees(), s.distance(), s.softness(), map.apply(s.colour()), s.opacity())))
        .withGlow(e.glow().map(g -> new Effects.Glow(g.width(), map.apply(g.colour()), g.opacity())));
  }

  @Override
  public Item words(Item.Words words) {
    return words.withStyle(words.style().withColour(map.apply(words.style().colour())));
  }

  @Override
  public Item shape(Item.Shape shape) {
    Item.Shape lined = shape.withLine(line(shape.line()));
    if (shape.fillStyle().isPresent()) {
      return lined.withFillStyle(shape.fillStyle().map(c -> c.accept(new Covers())));
    }
    return shape.fill().isPresent() ? lined.filled(shape.fill().map(map)) : lined;
  }

  @Override
  public Item photo(Item.Photo photo) {
    return photo.withRetouch(photo.retouch().withTint(photo.retouch().tint().map(map)));
  }

  @Override
  public Item group(Item.Group group) {
    Item.Group held = group.withMembers(group.members().stream().map(m -> of(m, map)).toList());
    return held.withEffect(group.effect().accept(new Makings()));
  }

  private Optional<LineLook> line(Optional<LineLook> line) {
    return line.map(l -> l.withColour(map.apply(l.colour())));
  }

  private final class Covers implements FillStyle.Visitor<FillStyle> {
    @Override
    public FillStyle gradient(FillStyle.Gradient gradient) {
      return new FillStyle.Gradient(gradient.round(), gradient.degrees(),
          gradient.stops().stream().map(s -> new FillStyle.Stop(s.at(), map.apply(s.colour()))).toList());
    }

    @Override
    public FillStyle tiles(FillStyle.Tiles tiles) {
      return new FillStyle.Tiles(tiles.art().stream().map(i -> of(i, map)).toList(), tiles.tile(), tiles.laying());
    }

    @Override
    public FillStyle finish(FillStyle.Finish f) {
      return new FillStyle.Finish(f.surface(), map.apply(f.colour()), f.grain(), f.degrees(), f.seed());
    }
  }

  private final class Makings implements LiveEffect.Visitor<LiveEffect> {
    private LiveEffect.Look look(LiveEffect.Look look) {
      return new LiveEffect.Look(look.fill().map(map), line(look.line()));
    }

    @Override
    public LiveEffect together(LiveEffect.Together making) {
      return making;
    }

    @Override
    public LiveEffect combined(LiveEffect.Combined making) {
      return new LiveEffect.Combined(making.way(), look(making.dress()));
    }

    @Override
    public LiveEffect rings(LiveEffect.Rings making) {
      return new LiveEffect.Rings(making.distances(), making.corner(), making.filled(), making.original(), making.threshold(), look(making.dress()));
    }

    @Override
    public LiveEffect repeated(LiveEffect.Repeated making) {
      return making;
    }

    @Override
    public LiveEffect mounted(LiveEffect.Mounted making) {
      Optional<Colour> tint = making.retouch().tint().map(map);
      return new LiveEffect.Mounted(making.pictureId(), making.retouch().withTint(tint), making.fit(), look(making.dress()));
    }

    @Override
    public LiveEffect gridded(LiveEffect.Gridded making) {
      return making;
    }
  }
}
