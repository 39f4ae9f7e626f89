package org.zipthimble.core.edit;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Item;
import org.zipthimble.core.job.Placement;

/** The ground that objects stand on: the face itself, or the inner field of the group that holds them. */
public final class Grounds {
  private Grounds() {}

  /** The map from a group's inner field to the ground the group stands on. */
  public static Affine innerToGround(Item.Group group) {
    Placement p = group.placement();
    return Affine.scale(p.width() / group.inner().width(), p.height() / group.inner().height()).then(p.toGround());
  }

  /** The map from the ground on which an object stands to its face, in inches. */
  public static Affine under(Face face, String itemId) {
    Affine map = Affine.IDENTITY;
    for (Item.Group group : holders(face, itemId)) {
      map = map.then(innerToGround(group));
    }
    return map;
  }

  /** The map from a group's inner field to its face; the identity for no group. */
  public static Affine inside(Face face, Optional<String> groupId) {
    return groupId.flatMap(face::find).filter(Item.Group.class::isInstance).map(Item.Group.class::cast)
        .map(g -> innerToGround(g).then(under(face, g.id()))).orElse(Affine.IDENTITY);
  }

  /** The map from its ground to the face for every object of a face, found in one walk. */
  public static Map<String, Affine> all(Face face) {
    Map<String, Affine> grounds = new HashMap<>();
    collect(face.items(), Affine.IDENTITY, grounds);
    return grounds;
  }

  private static void collect(List<Item> items, Affine ground, Map<String, Affine> grounds) {
    for (Item item : items) {
      grounds.put(item.id(), ground);
      if (item instanceof Item.Group) {
        collect(item.members(), innerToGround((Item.Group) item).then(ground), grounds);
      }
    }
  }

  /** The upright box around an object on its face, in inches. */
  public static Box around(Face face, Item item) {
    return around(item.placement(), under(face, item.id()));
  }

  /** The upright box around a placement seen through the map of its ground. */
  public static Box around(Placement placement, Affine ground) {
    return placement.toGround().then(ground).apply(new Box(0, 0, placement.width(), placement.height()));
  }

  private static Deque<Item.Group> holders(Face face, String itemId) {
    Deque<Item.Group> holders = new ArrayDeque<>();
    Optional<Item> holder = face.holder(itemId);
    while (holder.isPresent()) {
      holders.addLast((Item.Group) holder.get());
      holder = face.holder(holder.get().id());
    }
    return holders;
  }
}
