package org.zipthimble.practice.machine;

import java.util.List;

/**
 * One order of the plotter language.
 *
 * @param word its two letters
 * @param figures what follows them
 */
public record CutterOrder(String word, List<Double> figures) {
  /** Keeps a copy. */
  public CutterOrder {
    figures = List.copyOf(figures);
  }
}
