package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.colour.Colour;

/**
 * The job's swatches, and the colour of the stock it is printed on.
 *
 * @param stock shown behind the art on the bench and never printed
 */
@RecordBuilder
public record Palette(List<Swatch> swatches, Colour stock) implements PaletteBuilder.With {
  /** The most swatches. */
  public static final int MOST = 200;

  /** White stock, no swatches. */
  public static final Palette PLAIN = new Palette(List.of(), Colour.WHITE);

  /** Keeps a copy. */
  public Palette {
    swatches = List.copyOf(swatches);
    if (swatches.size() > MOST || stock == null) {
      throw new IllegalArgumentException("a job has up to " + MOST + " swatches and a stock colour");
    }
  }

  /** The same with one more swatch; a colour that is there already stays as it is. */
  public Palette with(Swatch swatch) {
    if (swatches.stream().anyMatch(s -> s.colour().equals(swatch.colour()))) {
      return this;
    }
    List<Swatch> more = new ArrayList<>(swatches);
    more.add(swatch);
    return new Palette(more, stock);
  }

  /** The same without the swatch of a colour. */
  public Palette without(Colour colour) {
    return withSwatches(swatches.stream().filter(s -> !s.colour().equals(colour)).toList());
  }

  /** The same with other colours after its own, as far as there is room. */
  public Palette joined(List<Swatch> others) {
    Palette all = this;
    for (Swatch one : others) {
      all = all.swatches().size() < MOST ? all.with(one) : all;
    }
    return all;
  }
}
