package org.zipthimble.core.marks;

import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;

/**
 * Colours that run into each other.
 *
 * @param round from the origin outwards to a distance of 1; else along x from 0 to 1
 * @param places of the colours, 0 to 1 in order; one for each colour, two at least
 * @param toPage the map from that field to the page
 */
public record Shade(boolean round, List<Double> places, List<Colour> colours, Affine toPage) {
  /** Keeps copies. */
  public Shade {
    places = List.copyOf(places);
    colours = List.copyOf(colours);
    if (places.size() != colours.size() || places.size() < 2) {
      throw new IllegalArgumentException("a shade has two colours at least, each with a place");
    }
  }
}
