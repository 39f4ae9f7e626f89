package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;

/** An object on a face. */
public sealed interface Item {
  /** What every object has. */
  ItemProperties properties();

  /** Where it stands. */
  Placement placement();

  /** The same with other properties. */
  Item with(ItemProperties properties);

  /** The same at another place. */
  Item with(Placement placement);

  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** Its identity in the job. */
  default String id() {
    return properties().id();
  }

  /** A block of words. */
  @RecordBuilder
  record Words(ItemProperties properties, Placement placement, String text, WordStyle style) implements Item, ItemWordsBuilder.With {
    /** Checks that nothing is missing. */
    public Words {
      if (text == null || style == null) {
        throw new IllegalArgumentException("words need a text and a style");
      }
    }

    @Override
    public Words with(ItemProperties other) {
      return withProperties(other);
    }

    @Override
    public Words with(Placement other) {
      return withPlacement(other);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.words(this);
    }
  }

  /** A shape with a fill, a line, both or neither. */
  @RecordBuilder
  record Shape(
      ItemProperties properties, Placement placement, Outline outline, Optional<Colour> fill, Optional<LineLook> line, Optional<FillStyle> fillStyle)
      implements Item, ItemShapeBuilder.With {
    /** A shape of one colour. */
    public static Shape of(ItemProperties properties, Placement placement, Outline outline, Optional<Colour> fill, Optional<LineLook> line) {
      return new Shape(properties, placement, outline, fill, line, Optional.empty());
    }

    @Override
    public Shape with(ItemProperties other) {
      return withProperties(other);
    }

    @Override
    public Shape with(Placement other) {
      return withPlacement(other);
    }

    @Override
    public List<String> pictureIds() {
      List<String> ids = new ArrayList<>();
      fillStyle.filter(FillStyle.Tiles.class::isInstance).map(FillStyle.Tiles.class::cast).ifPresent(
          tiles -> tiles.art().forEach(a -> a.withMembers().forEach(i -> ids.addAll(i.pictureIds()))));
      return ids;
    }

    /** Whether it has an inside that is painted. */
    public boolean painted() {
      return fill.isPresent() || fillStyle.isPresent();
    }

    /** The same with another fill of one colour. */
    public Shape filled(Optional<Colour> other) {
      return withFill(other).withFillStyle(Optional.empty());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.shape(this);
    }
  }

  /** A placed picture, by the identity of its bytes, and what is done to it. */
  @RecordBuilder
  record Photo(ItemProperties properties, Placement placement, String pictureId, Retouch retouch) implements Item, ItemPhotoBuilder.With {
    /** A picture as it came. */
    public static Photo of(ItemProperties properties, Placement placement, String pictureId) {
      return new Photo(properties, placement, pictureId, Retouch.NONE);
    }

    @Override
    public Photo with(ItemProperties other) {
      return withProperties(other);
    }

    @Override
    public Photo with(Placement other) {
      return withPlacement(other);
    }

    @Override
    public List<String> pictureIds() {
      return List.of(pictureId);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.photo(this);
    }
  }

  /**
   * Several objects held together; they stand in an inner field that is stretched over the group's box.
   *
   * @param effect what the group makes of them
   */
  @RecordBuilder
  record Group(ItemProperties properties, Placement placement, Size inner, List<Item> members, LiveEffect effect) implements Item, ItemGroupBuilder.With {
    /** Keeps a copy. */
    public Group {
      members = List.copyOf(members);
    }

    /** A group that only holds its members together. */
    public static Group of(ItemProperties properties, Placement placement, Size inner, List<Item> members) {
      return new Group(properties, placement, inner, members, LiveEffect.TOGETHER);
    }

    @Override
    public Group with(ItemProperties other) {
      return withProperties(other);
    }

    @Override
    public Group with(Placement other) {
      return withPlacement(other);
    }

    /** Whether it makes anything but a plain group of its members. */
    public boolean live() {
      return effect.live();
    }

    @Override
    public List<String> pictureIds() {
      return effect instanceof LiveEffect.Mounted ? ((LiveEffect.Mounted) effect).pictureId().map(List::of).orElse(List.of()) : List.of();
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.group(this);
    }
  }

  /** What to do with each kind of object. */
  interface Visitor<R> {
    /** Words. */
    R words(Words item);

    /** A shape. */
    R shape(Shape item);

    /** A picture. */
    R photo(Photo item);

    /** A group. */
    R group(Group item);
  }

  /** This object and all that it holds, the holder first. */
  default List<Item> withMembers() {
    List<Item> all = new ArrayList<>(List.of(this));
    members().forEach(m -> all.addAll(m.withMembers()));
    return all;
  }

  /** What a group holds; nothing for other objects. */
  default List<Item> members() {
    return List.of();
  }

  /** The pictures that it shows itself, in patterns too; those of members not counted. */
  default List<String> pictureIds() {
    return List.of();
  }
}
