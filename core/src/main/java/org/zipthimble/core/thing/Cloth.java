package org.zipthimble.core.thing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.units.Size;

/**
 * Something sewn that carries a print in one place: a shirt, a tote. Lengths are inches.
 *
 * @param cut what it is
 * @param whole the box around it as it lies flat
 * @param print where the print lies on it, from the top left of that box
 * @param behind whether the print is on its back
 */
@RecordBuilder
public record Cloth(Cut cut, Size whole, Box print, boolean behind) implements Body, ClothBuilder.With {
  /** What is sewn. */
  public enum Cut {
    /** With short sleeves. */
    SHIRT,
    /** A bag with two handles. */
    TOTE,
    /** A flat square, such as a towel or an apron's pocket. */
    SQUARE
  }

  /** Checks the ranges. */
  public Cloth {
    Ranges.check("cloth", Math.min(whole.width(), whole.height()), 1, 100);
    Ranges.check("cloth", Math.max(whole.width(), whole.height()), 1, 100);
    Ranges.check("a print", Math.min(print.width(), print.height()), 0.25, 100);
    if (cut == null || !new Box(0, 0, whole.width(), whole.height()).contains(print, 1e-6)) {
      throw new IllegalArgumentException("the print lies beside the cloth: " + print);
    }
  }

  @Override
  public Size size() {
    return new Size(print.width(), print.height());
  }

  @Override
  public Optional<Path> outline() {
    return Optional.empty();
  }

  @Override
  public List<Zone> zones() {
    return List.of();
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.cloth(this);
  }
}
