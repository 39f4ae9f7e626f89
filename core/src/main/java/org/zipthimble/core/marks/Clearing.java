package org.zipthimble.core.marks;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.kept.Kept;
import org.zipthimble.core.overlay.Combine;

/** What is left to draw on where objects above clear a gap around themselves. */
final class Clearing {
  /** How far the field reaches beyond an object, so that its lines are not cut off, in inches. */
  private static final double BORDER = 12;

  private static final Kept<Item, ClearedPlace, Void,
      Path> OUTSIDE = Kept.ofAll((item, asked, nothing) -> outside(asked.around(), asked.cleared()));

  private record ClearedPlace(Box around, List<Path> cleared) {}

  private Clearing() {}

  /** All around an object's box but for what is cleared; kept as long as neither the object nor what clears it changes. */
  static Path outside(Item item, Box around, List<Path> cleared) {
    return OUTSIDE.of(item, new ClearedPlace(around, cleared), null);
  }

  /** All around a box but for what is cleared. */
  static Path outside(Box around, List<Path> cleared) {
    List<Path> all = new ArrayList<>(List.of(Shapes.rectangle(around.grown(BORDER))));
    all.addAll(cleared);
    return Combine.combine(Way.TAKE_AWAY, all);
  }
}
