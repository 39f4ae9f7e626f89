package org.zipthimble.practice.machine;

import java.util.List;
import org.zipthimble.core.geom.Point;

/** One run of a tool without lifting, in inches from the mat's top left, y downwards. */
public record Cut(int pen, List<Point> places) {
  /** Keeps a copy. */
  public Cut {
    places = List.copyOf(places);
  }
}
