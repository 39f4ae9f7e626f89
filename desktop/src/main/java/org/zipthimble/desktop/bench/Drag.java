package org.zipthimble.desktop.bench;

import org.zipthimble.core.geom.Point;

/** One drag on the bench, from the press of the button to its release. */
interface Drag {
  /** Does nothing. */
  Drag NONE = (now, held) -> { };

  /**
   * Which keys are held.
   *
   * @param keep Shift: one direction, the proportion, whole steps
   * @param free Ctrl: nothing snaps
   * @param other Alt: a copy is dragged, the middle stays
   */
  record Keys(boolean keep, boolean free, boolean other) {}

  /** The pointer has come to a pixel of the bench. */
  void to(Point now, Keys held);

  /** The button is released. */
  default void done() {
  }

  /** The drag is given up. */
  default void dropped() {
  }
}
