package org.zipthimble.core.send;

import org.zipthimble.core.wording.Wording;

/** Something that may be chosen of a file, where its kind leaves the choice. */
public enum Choice {
  /** One face or all. */
  FACE,
  /** With the bleed or trimmed. */
  BLEED,
  /** Pixels per inch. */
  RESOLUTION,
  /** How hard it is packed, with loss. */
  QUALITY,
  /** How it is packed, without loss. */
  PACKING,
  /** In RGB even though the job goes to a press. */
  PLAIN,
  /** What becomes of pictures in a file for a press. */
  PICTURES,
  /** The finest that pictures stay. */
  MOST_PPI,
  /** See-through where nothing is printed. */
  OPEN,
  /** Left for right. */
  MIRROR,
  /** One lane or all. */
  LANE;

  /** Its name. */
  public String title() {
    return Wording.of(this);
  }
}
