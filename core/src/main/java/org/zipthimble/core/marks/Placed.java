package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.edit.Grounds;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Repeats;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.LiveEffect;

/**
 * An object that is drawn as one: no plain group, but what a live one makes; with the map from its own inches to its
 * face. The copies of a live repeat stand one by one.
 *
 * @param top the id of the outermost group that holds it, or its own
 * @param printed whether it and all that hold it go to the printer
 * @param solid whether nothing shows through it
 * @param forms works out its outline
 */
public record Placed(Item item, Affine toFace, String top, boolean printed, boolean solid, Forms forms) {
  /** Every object of a face that is no group, lowest first. */
  public static List<Placed> on(Job job, Face face) {
    List<Placed> out = new ArrayList<>();
    Forms forms = new Forms(job);
    for (Item item : face.items()) {
      collect(item, Affine.IDENTITY, item.id(), true, true, forms, out);
    }
    return out;
  }

  /** Every object that is printed and reaches into a box of the face; what is parked beside the item is left out. */
  public static List<Placed> printing(Job job, Face face, Box within) {
    return on(job, face).stream().filter(Placed::printed).filter(p -> p.reaches(within)).toList();
  }

  private boolean reaches(Box box) {
    Box own = toFace.apply(new Box(0, 0, item.placement().width(), item.placement().height()));
    return own.x() < box.right() && own.right() > box.x() && own.y() < box.bottom() && own.bottom() > box.y();
  }

  /** Every object that a group holds and that is no group, lowest first; the top of each is the group's own member. */
  public static List<Placed> inside(Job job, Face face, String groupId) {
    List<Placed> out = new ArrayList<>();
    Forms forms = new Forms(job);
    Affine ground = Grounds.inside(face, Optional.of(groupId));
    face.find(groupId).ifPresent(g -> g.members().forEach(m -> collect(m, ground, m.id(), true, true, forms, out)));
    return out;
  }

  private static void collect(
      Item item, Affine ground, String top, boolean printed, boolean solid, Forms forms, List<Placed> out) {
    boolean prints = printed && item.properties().printed();
    boolean opaque = solid && item.properties().solid();
    if (!(item instanceof Item.Group)) {
      out.add(new Placed(item, item.placement().toGround().then(ground), top, prints, opaque, forms));
      return;
    }
    Item.Group group = (Item.Group) item;
    Affine map = Grounds.innerToGround(group).then(ground);
    if (group.effect() instanceof LiveEffect.Repeated) {
      for (Affine copy : Repeats.of(group, ((LiveEffect.Repeated) group.effect()).pattern())) {
        group.members().forEach(m -> collect(m, copy.then(map), top, prints, opaque, forms, out));
      }
    } else if (group.live()) {
      out.add(new Placed(item, item.placement().toGround().then(ground), top, prints, opaque, forms));
    } else {
      group.members().forEach(m -> collect(m, map, top, prints, opaque, forms, out));
    }
  }

  /** The outline of what it covers on the face: a shape's own or what a group makes, else the box. */
  public Path silhouette() {
    double width = item.placement().width();
    double height = item.placement().height();
    if (item instanceof Item.Group) {
      return forms.made((Item.Group) item).mapped(item.placement().toGround().inverse()).mapped(toFace);
    }
    Path own = item instanceof Item.Shape
        ? ((Item.Shape) item).outline().within(width, height)
        : Shapes.rectangle(new Box(0, 0, width, height));
    return own.mapped(toFace);
  }
}
