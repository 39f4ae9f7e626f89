package org.zipthimble.core.view;

/** A part of a body that rays meet. */
interface Solid {
  /** Tells a ray where it meets this, if that is nearer than what it has met. */
  void meet(Ray ray);
}
