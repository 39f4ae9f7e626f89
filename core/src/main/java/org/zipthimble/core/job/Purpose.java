package org.zipthimble.core.job;

import org.zipthimble.core.wording.Wording;

/** What finished items are for. */
public enum Purpose {
  /** Invitations and cards. */
  INVITING,
  /** Labels, tags and small cards. */
  LABELLING,
  /** Things for a wall. */
  WALL,
  /** Blanks that are pressed with sublimation prints. */
  PRESSING,
  /** Vinyl and stencils. */
  CUTTING,
  /** Pages and forms. */
  PAGES,
  /** Envelopes. */
  POSTING;

  /** Its name. */
  public String title() {
    return Wording.of(this);
  }
}
