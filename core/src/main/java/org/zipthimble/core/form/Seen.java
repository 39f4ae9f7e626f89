package org.zipthimble.core.form;

import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Warp;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;

/**
 * Where what stands within groups is seen on the face: through the maps of all that hold it and, other than {@link Scene#under}, through
 * their bends.
 */
public final class Seen {
  private Seen() {}

  /** The map from an object's own inches, 0, 0 at the top left of its box, to the face. */
  public static Warp of(Face face, String id) {
    Optional<Item> item = face.find(id);
    Warp box = straight(item.map(i -> i.placement().toGround()).orElse(Affine.IDENTITY));
    return item.flatMap(i -> face.holder(i.id())).map(h -> after(box, within(face, h))).orElse(box);
  }

  /** The map from the inner field of a group to the face. */
  private static Warp within(Face face, Item holder) {
    HoldsObjects group = holder.holder().orElseThrow();
    Warp out = straight(group.innerToGround());
    Warp own = group.effect().bent().isPresent() ? after(Bowed.of(group).warp(), out) : out;
    return face.holder(holder.id()).map(h -> after(own, within(face, h))).orElse(own);
  }

  /** Whether anything that holds an object, or a group itself, is bent. */
  public static boolean bent(Face face, String groupId) {
    Optional<Item> at = face.find(groupId);
    while (at.isPresent()) {
      if (at.get().holder().filter(g -> g.effect().bent().isPresent()).isPresent()) {
        return true;
      }
      at = face.holder(at.get().id());
    }
    return false;
  }

  /** Where a place of the face, seen through the bends of a group and of all that hold it, would be if nothing were bent. */
  public static Point flat(Face face, String groupId, Point place) {
    if (!bent(face, groupId)) {
      return place;
    }
    Point inner = within(face, face.find(groupId).orElseThrow()).back(place);
    return Scene.of(face).inside(Optional.of(groupId)).apply(inner);
  }

  private static Warp straight(Affine map) {
    Affine back = map.inverse();
    return new Warp() {
      @Override
      public Point there(Point p) {
        return map.apply(p);
      }

      @Override
      public Point back(Point p) {
        return back.apply(p);
      }
    };
  }

  private static Warp after(Warp first, Warp then) {
    return new Warp() {
      @Override
      public Point there(Point p) {
        return then.there(first.there(p));
      }

      @Override
      public Point back(Point p) {
        return first.back(then.back(p));
      }
    };
  }
}
