package org.zipthimble.core.edit;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.job.Cover;
import org.zipthimble.core.job.Effects;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.LineLook;
import org.zipthimble.core.job.Making;

/** Puts other colours into everything of an object that has one: fills, lines, words, gradients, patterns, what a group makes. */
final class Recolour implements Item.Visitor<Item> {
  private final UnaryOperator<Colour> map;

  private Recolour(UnaryOperator<Colour> map) {
    this.map = map;
  }

  static Item of(Item item, UnaryOperator<Colour> map) {
    Item other = item.accept(new Recolour(map));
    return item.facts().effects().equals(Effects.NONE) ? other : other.with(other.facts().withEffects(effects(item.facts().effects(), map)));
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
    if (shape.cover().isPresent()) {
      return lined.withCover(shape.cover().map(c -> c.accept(new Covers())));
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
    return held.withMaking(group.making().accept(new Makings()));
  }

  private Optional<LineLook> line(Optional<LineLook> line) {
    return line.map(l -> l.withColour(map.apply(l.colour())));
  }

  private final class Covers implements Cover.Visitor<Cover> {
    @Override
    public Cover gradient(Cover.Gradient gradient) {
      return new Cover.Gradient(gradient.round(), gradient.degrees(),
          gradient.stops().stream().map(s -> new Cover.Stop(s.at(), map.apply(s.colour()))).toList());
    }

    @Override
    public Cover tiles(Cover.Tiles tiles) {
      return new Cover.Tiles(tiles.art().stream().map(i -> of(i, map)).toList(), tiles.tile(), tiles.laying());
    }

    @Override
    public Cover finish(Cover.Finish f) {
      return new Cover.Finish(f.surface(), map.apply(f.colour()), f.grain(), f.degrees(), f.seed());
    }
  }

  private final class Makings implements Making.Visitor<Making> {
    private Making.Look look(Making.Look look) {
      return new Making.Look(look.fill().map(map), line(look.line()));
    }

    @Override
    public Making together(Making.Together making) {
      return making;
    }

    @Override
    public Making combined(Making.Combined making) {
      return new Making.Combined(making.way(), look(making.dress()));
    }

    @Override
    public Making rings(Making.Rings making) {
      return new Making.Rings(making.distances(), making.corner(), making.filled(), making.original(), making.threshold(), look(making.dress()));
    }

    @Override
    public Making repeated(Making.Repeated making) {
      return making;
    }

    @Override
    public Making mounted(Making.Mounted making) {
      Optional<Colour> tint = making.retouch().tint().map(map);
      return new Making.Mounted(making.pictureId(), making.retouch().withTint(tint), making.held(), look(making.dress()));
    }

    @Override
    public Making gridded(Making.Gridded making) {
      return making;
    }
  }
}
