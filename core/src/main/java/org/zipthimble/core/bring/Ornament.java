package org.zipthimble.core.bring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Grouping;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.units.Size;

/**
 * A ready drawing for the bench.
 *
 * @param words what it is found by besides its name
 * @param size as it is placed first, in inches
 * @param parts lowest first, paths in inches from its top left
 */
public record Ornament(String set, String name, String words, Size size, List<Part> parts) {
  /** A part: its name, its colour, its outline. */
  public record Part(String name, Colour colour, Path path) {}

  /** Keeps a copy; at least one part is needed. */
  public Ornament {
    parts = List.copyOf(parts);
    if (parts.isEmpty()) {
      throw new IllegalArgumentException("an ornament needs parts: " + name);
    }
  }

  /**
   * The object for it: a group whose members are its parts, or the one part alone.
   *
   * @param firstId the number of the first id, such as 7 for i7; the ids after it are used too
   * @param middle where its middle lies, in inches on the face
   */
  public Item item(int firstId, Point middle) {
    List<Item> members = new ArrayList<>();
    Affine place = Affine.move(middle.x() - size.width() / 2, middle.y() - size.height() / 2);
    for (Part part : parts) {
      members.add(shape("i" + (firstId + 1 + members.size()), part, place));
    }
    if (members.size() == 1) {
      return members.get(0).with(ItemProperties.of("i" + firstId, name));
    }
    return Grouping.of(ItemProperties.of("i" + firstId, name), members);
  }

  private static Item shape(String id, Part part, Affine place) {
    Box box = Measure.bounds(part.path()).orElseThrow();
    Path unit = part.path().mapped(
        Affine.move(-box.x(), -box.y()).then(Affine.scale(1 / Math.max(box.width(), 1e-9), 1 / Math.max(box.height(), 1e-9))));
    return ItemShape.of(
        ItemProperties.of(id, part.name()), Placement.of(place.apply(box)), new Outline.Drawn(unit), Optional.of(part.colour()),
        Optional.empty());
  }
}
