package org.zipthimble.core.item;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;

/** A fill, a line, both or neither. */
public record Look(Optional<Colour> fill, Optional<LineLook> line) {
  /** Neither. */
  public static final Look NONE = new Look(Optional.empty(), Optional.empty());

  /** The same in other colours. */
  public Look recoloured(UnaryOperator<Colour> map) {
    return new Look(fill.map(map), line.map(l -> l.withColour(map.apply(l.colour()))));
  }

  /** Its colours. */
  public Set<Colour> colours() {
    Set<Colour> colours = new LinkedHashSet<>();
    fill.ifPresent(colours::add);
    line.ifPresent(l -> colours.add(l.colour()));
    return colours;
  }
}
