package org.zipthimble.core.arrange;

import java.util.Optional;
import org.zipthimble.core.geom.Box;

/**
 * A line that things snap to.
 *
 * @param at its coordinate along the axis it belongs to, in inches
 * @param centre whether only middles snap to it
 * @param wordingKey what it is, when it is no object's
 * @param of the object's box, when it is an object's
 */
record SnapLine(double at, boolean centre, String wordingKey, Optional<Box> of) {
  static SnapLine named(double at, boolean centre, String key) {
    return new SnapLine(at, centre, key, Optional.empty());
  }

  static SnapLine of(double at, Box box) {
    return new SnapLine(at, false, "snap.object", Optional.of(box));
  }
}
