package org.zipthimble.core.units;

import org.zipthimble.core.wording.Wording;

/** A side of something upright. */
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
    return Wording.of(this);
  }

  /** Whether it stands upright, so that what runs along it runs up and down. */
  public boolean upright() {
    return this == LEFT || this == RIGHT;
  }
}
