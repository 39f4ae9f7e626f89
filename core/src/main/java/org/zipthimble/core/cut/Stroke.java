package org.zipthimble.core.cut;

import java.util.List;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;

/**
 * One run of the blade without lifting it.
 *
 * @param places in inches on the sheet
 * @param closed whether it goes round; the overcut and the way of the holder are in the places already
 */
public record Stroke(List<Point> places, CutKind kind, boolean closed) {
  /** Keeps a copy. */
  public Stroke {
    places = List.copyOf(places);
  }

  /** The length in inches. */
  public double length() {
    double sum = 0;
    for (int i = 0; i + 1 < places.size(); i++) {
      sum += places.get(i).distance(places.get(i + 1));
    }
    return sum;
  }

  /** Where it begins. */
  public Point begin() {
    return places.get(0);
  }

  /** Where it ends. */
  public Point end() {
    return places.get(places.size() - 1);
  }
}
