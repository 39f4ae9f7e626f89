package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.edit.Grounds;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;

/**
 * An object that is no group, with the map from its own inches to its face.
 *
 * @param top the id of the outermost group that holds it, or its own
 * @param printed whether it and all that hold it go to the printer
 * @param solid whether nothing shows through it
 */
public record Placed(Item item, Affine toFace, String top, boolean printed, boolean solid) {
  /** Every object of a face that is no group, lowest first. */
  public static List<Placed> on(Face face) {
    List<Placed> out = new ArrayList<>();
    for (Item item : face.items()) {
      collect(item, Affine.IDENTITY, item.id(), true, true, out);
    }
    return out;
  }

  /** Every object that is printed and reaches into a box of the face; what is parked beside the item is left out. */
  public static List<Placed> printing(Face face, Box within) {
    return on(face).stream().filter(Placed::printed).filter(p -> p.reaches(within)).toList();
  }

  private boolean reaches(Box box) {
    Box own = toFace.apply(new Box(0, 0, item.placement().width(), item.placement().height()));
    return own.x() < box.right() && own.right() > box.x() && own.y() < box.bottom() && own.bottom() > box.y();
  }

  /** Every object that a group holds and that is no group, lowest first; the top of each is the group's own member. */
  public static List<Placed> inside(Face face, String groupId) {
    List<Placed> out = new ArrayList<>();
    Affine ground = Grounds.inside(face, Optional.of(groupId));
    face.find(groupId).ifPresent(g -> g.members().forEach(m -> collect(m, ground, m.id(), true, true, out)));
    return out;
  }

  private static void collect(Item item, Affine ground, String top, boolean printed, boolean solid, List<Placed> out) {
    boolean prints = printed && item.facts().printed();
    boolean opaque = solid && item.facts().opacity() == 1;
    if (item instanceof Item.Group) {
      Item.Group group = (Item.Group) item;
      Affine map = Grounds.innerToGround(group).then(ground);
      group.members().forEach(m -> collect(m, map, top, prints, opaque, out));
    } else {
      out.add(new Placed(item, item.placement().toGround().then(ground), top, prints, opaque));
    }
  }

  /** The outline of what it covers on the face: a shape's own, else the box. */
  public Path silhouette() {
    double width = item.placement().width();
    double height = item.placement().height();
    Path own = item instanceof Item.Shape
        ? ((Item.Shape) item).outline().within(width, height)
        : Shapes.rectangle(new Box(0, 0, width, height));
    return own.mapped(toFace);
  }
}
