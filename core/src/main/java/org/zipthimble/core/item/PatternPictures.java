package org.zipthimble.core.item;

import java.util.List;
import java.util.function.UnaryOperator;

/** The pictures that are drawn again and again as a pattern. */
final class PatternPictures {
  private PatternPictures() {}

  /** Those that objects of a pattern show, with those of their members. */
  static List<String> of(List<Item> art) {
    return art.isEmpty() ? List.of() : art.stream().flatMap(a -> a.withMembers().stream()).flatMap(i -> i.pictureIds().stream()).toList();
  }

  /** Objects showing other pictures, their members too. */
  static List<Item> changed(List<Item> art, UnaryOperator<String> change) {
    return art.stream().map(a -> a.holding(changed(a.members(), change)).repictured(change)).toList();
  }
}
