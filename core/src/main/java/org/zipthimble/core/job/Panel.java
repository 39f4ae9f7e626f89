package org.zipthimble.core.job;

import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;

/**
 * What is painted behind words: their whole block.
 *
 * @param corner the radius of its corners in inches, 0 to 100
 */
public record Panel(Look look, double corner) {
  /** Checks the radius. */
  public Panel {
    if (look == null || !(corner >= 0 && corner <= 100)) {
      throw new IllegalArgumentException("a panel's corners are 0 to 100 in round: " + corner);
    }
  }

  /** The same in other colours. */
  public Panel recoloured(UnaryOperator<Colour> map) {
    return new Panel(look.recoloured(map), corner);
  }
}
