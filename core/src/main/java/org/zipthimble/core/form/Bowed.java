package org.zipthimble.core.form;

import org.zipthimble.core.geom.Bend;
import org.zipthimble.core.geom.Bending;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Curving;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Warp;
import org.zipthimble.core.item.HoldsObjects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Placement;

/**
 * The bend of a group within its own field, in the inches of its members.
 *
 * @param field the box around the members
 */
public record Bowed(Bend bend, Box field) implements Curving {
  /** A wave is followed at least so many times. */
  private static final double TIMES_A_WAVE = 8;

  /**
   * The bend of a group.
   *
   * @throws IllegalArgumentException when the group is not bent
   */
  public static Bowed of(HoldsObjects group) {
    LiveEffect.Bent bent = group.effect().bent().orElseThrow(() -> new IllegalArgumentException("this group is not bent"));
    return new Bowed(bent.bend(), group.members().stream().map(Item::placement).map(Placement::around).reduce(Box::union)
        .orElse(new Box(0, 0, 1, 1)));
  }

  @Override
  public Warp warp() {
    return bend.in(field);
  }

  @Override
  public Path path(Path flat) {
    double along = bend.upright() ? field.height() : field.width();
    return Bending.of(flat, warp(), along / TIMES_A_WAVE / bend.times());
  }
}
