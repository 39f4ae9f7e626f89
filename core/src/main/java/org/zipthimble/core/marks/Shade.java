package org.zipthimble.core.marks;

import java.util.ArrayList;
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

  /** The same with each piece between two colours cut into smaller ones, their colours mixed in RGB. */
  public Shade finer(int pieces) {
    List<Double> more = new ArrayList<>();
    List<Colour> mixed = new ArrayList<>();
    for (int i = 0; i + 1 < places.size(); i++) {
      for (int k = 0; k < pieces; k++) {
        double t = (double) k / pieces;
        more.add(Math.max(0, Math.min(1, places.get(i) + (places.get(i + 1) - places.get(i)) * t)));
        mixed.add(mixed(colours.get(i), colours.get(i + 1), t));
      }
    }
    more.add(places.get(places.size() - 1));
    mixed.add(colours.get(colours.size() - 1));
    return new Shade(round, more, mixed, toPage);
  }

  private static Colour mixed(Colour a, Colour b, double t) {
    return new Colour(part(a.red(), b.red(), t), part(a.green(), b.green(), t), part(a.blue(), b.blue(), t));
  }

  private static int part(int a, int b, double t) {
    return (int) Math.round(a + (b - a) * t);
  }
}
