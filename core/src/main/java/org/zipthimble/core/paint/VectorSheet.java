package org.zipthimble.core.paint;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.units.Size;

/**
 * Outlines for a file that another program or a machine works from, in inches from the top left, y downwards.
 *
 * @param layers in the order they are written; each has a name of its own
 */
public record VectorSheet(String title, Size size, List<Layer> layers) {
  /** Keeps a copy. */
  public VectorSheet {
    layers = List.copyOf(layers);
  }

  /** Outlines that belong together, such as one kind of cut in one lane. */
  public record Layer(String name, Colour colour, List<Double> dashes, List<Line> lines) {
    /** Keeps copies. */
    public Layer {
      dashes = List.copyOf(dashes);
      lines = List.copyOf(lines);
    }
  }

  /**
   * One outline.
   *
   * @param fill what it is filled with; empty for a line alone
   */
  public record Line(String name, Path path, Optional<Colour> fill) {}
}
