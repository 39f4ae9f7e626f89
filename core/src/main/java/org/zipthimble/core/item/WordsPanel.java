package org.zipthimble.core.item;

import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;

/**
 * What is painted behind words: their whole block.
 *
 * @param corner the radius of its corners in inches, 0 to 100
 */
public record WordsPanel(Look look, double corner) {
  /** Checks the radius. */
  public WordsPanel {
    if (look == null || !(corner >= 0 && corner <= 100)) {
      throw new IllegalArgumentException("a panel's corners are 0 to 100 in round: " + corner);
    }
  }

  /** The same in other colours. */
  public WordsPanel recoloured(UnaryOperator<Colour> map) {
    return new WordsPanel(look.recoloured(map), corner);
  }
}
