package org.zipthimble.core.check;

import org.zipthimble.core.wording.Wording;

/** A side of the item. */
public enum Side {
  /** Left. */
  LEFT,
  /** Right. */
  RIGHT,
  /** Top. */
  TOP,
  /** Bottom. */
  BOTTOM;

  /** Its name as people say it. */
  public String spoken() {
    return Wording.text("side." + name().toLowerCase(java.util.Locale.ROOT));
  }
}
