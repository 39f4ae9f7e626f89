package org.zipthimble.core.arrange;

import org.zipthimble.core.geom.Point;

/**
 * What the bench shows while something snaps: a chalk line between two places of the face, and words
 * for its tape tag (a distance, or what it is aligned with).
 */
public record Hint(Point from, Point to, String text) {
  /** The middle of the line, where the tag hangs. */
  public Point middle() {
    return new Point((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
  }
}
