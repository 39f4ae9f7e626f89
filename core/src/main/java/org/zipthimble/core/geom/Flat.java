package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A path flattened once, to ask many places whether they lie within it by the non-zero rule. */
public final class Flat {
  private final List<List<Point>> chains;
  private final Optional<Box> box;

  /**
   * Flattens.
   *
   * @param tolerance the greatest distance in inches between a curve and its chain, above zero
   */
  public Flat(Path path, double tolerance) {
    this.chains = Flatten.chains(path, tolerance);
    List<Point> all = new ArrayList<>();
    chains.forEach(all::addAll);
    this.box = all.isEmpty() ? Optional.empty() : Optional.of(Box.around(all));
  }

  /** Whether a place lies within. */
  public boolean contains(Point p) {
    if (box.isEmpty() || !box.get().contains(p)) {
      return false;
    }
    int winding = 0;
    for (List<Point> chain : chains) {
      for (int i = 0; i < chain.size(); i++) {
        winding += Inside.crossing(chain.get(i), chain.get((i + 1) % chain.size()), p);
      }
    }
    return winding != 0;
  }
}
