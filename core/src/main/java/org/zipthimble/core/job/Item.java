package org.zipthimble.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;

/** An object on a face. */
public sealed interface Item {
  /** What every object has. */
  Facts facts();

  /** Where it stands. */
  Placement placement();

  /** The same with other facts. */
  Item with(Facts facts);

  /** The same at another place. */
  Item with(Placement placement);

  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** Its identity in the job. */
  default String id() {
    return facts().id();
  }

  /** A block of words. */
  record Words(Facts facts, Placement placement, String text, WordStyle style) implements Item {
    /** Checks that nothing is missing. */
    public Words {
      if (text == null || style == null) {
        throw new IllegalArgumentException("words need a text and a style");
      }
    }

    @Override
    public Words with(Facts other) {
      return new Words(other, placement, text, style);
    }

    @Override
    public Words with(Placement other) {
      return new Words(facts, other, text, style);
    }

    /** The same in another style. */
    public Words with(WordStyle other) {
      return new Words(facts, placement, text, other);
    }

    /** The same block saying something else. */
    public Words saying(String other) {
      return new Words(facts, placement, other, style);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.words(this);
    }
  }

  /** A shape with a fill, a line, both or neither. */
  record Shape(Facts facts, Placement placement, Outline outline, Optional<Colour> fill, Optional<LineLook> line)
      implements Item {
    @Override
    public Shape with(Facts other) {
      return new Shape(other, placement, outline, fill, line);
    }

    @Override
    public Shape with(Placement other) {
      return new Shape(facts, other, outline, fill, line);
    }

    /** The same with another fill. */
    public Shape filled(Optional<Colour> other) {
      return new Shape(facts, placement, outline, other, line);
    }

    /** The same with another line. */
    public Shape lined(Optional<LineLook> other) {
      return new Shape(facts, placement, outline, fill, other);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.shape(this);
    }
  }

  /** A placed picture, by the identity of its bytes. */
  record Photo(Facts facts, Placement placement, String pictureId) implements Item {
    @Override
    public Photo with(Facts other) {
      return new Photo(other, placement, pictureId);
    }

    @Override
    public Photo with(Placement other) {
      return new Photo(facts, other, pictureId);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.photo(this);
    }
  }

  /** Several objects held together; they stand in an inner field that is stretched over the group's box. */
  record Group(Facts facts, Placement placement, Size inner, List<Item> members) implements Item {
    /** Keeps a copy. */
    public Group {
      members = List.copyOf(members);
    }

    @Override
    public Group with(Facts other) {
      return new Group(other, placement, inner, members);
    }

    @Override
    public Group with(Placement other) {
      return new Group(facts, other, inner, members);
    }

    /** The same with other members. */
    public Group holding(List<Item> others) {
      return new Group(facts, placement, inner, others);
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
}
