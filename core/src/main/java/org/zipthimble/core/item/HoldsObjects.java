package org.zipthimble.core.item;

import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.units.Size;

/** What holds other objects in a field of its own, which is stretched over its box. */
public sealed interface HoldsObjects extends Item permits ItemGroup {
  /** The field its members stand in. */
  Size inner();

  /** What it makes of its members. */
  LiveEffect effect();

  @Override
  List<Item> members();

  @Override
  HoldsObjects holding(List<Item> members);

  /** The same making something else of its members. */
  HoldsObjects withEffect(LiveEffect effect);

  @Override
  HoldsObjects with(ItemProperties other);

  @Override
  HoldsObjects with(Placement other);

  /** The map from its inner field to the ground it stands on. */
  default Affine innerToGround() {
    return Affine.scale(placement().width() / inner().width(), placement().height() / inner().height()).then(placement().toGround());
  }

  /** Whether its members are drawn as they are, once or several times, and nothing is made of them. */
  default boolean onlyHolds() {
    return !effect().live() || effect().pattern().isPresent();
  }
}
