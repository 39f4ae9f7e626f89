package org.zipthimble.core.marks;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.LineEnd;

/**
 * What a line is drawn with.
 *
 * @param width in inches
 * @param dashes lengths of dashes and gaps in turn, in inches; empty for a solid line
 * @param spot the name of the spot colour, for outputs that know such; the colour stands in for it elsewhere
 */
@RecordBuilder
public record Pen(double width, Colour colour, List<Double> dashes, LineEnd end, Corner corner, Optional<String> spot)
    implements PenBuilder.With {
  /** Keeps a copy. */
  public Pen {
    dashes = List.copyOf(dashes);
  }

  /** A solid line with straight ends and mitred corners; its width in inches. */
  public static Pen plain(double width, Colour colour) {
    return new Pen(width, colour, List.of(), LineEnd.BUTT, Corner.MITRE, Optional.empty());
  }

  /** The same with dashes, in inches. */
  public Pen dashed(Double... lengths) {
    return withDashes(List.of(lengths));
  }

  /** The same so many times as wide, its dashes as long. */
  public Pen scaled(double factor) {
    return withWidth(width * factor).withDashes(dashes.stream().map(d -> d * factor).toList());
  }

  /** The same in another colour, as no spot colour. */
  public Pen in(Colour other) {
    return withColour(other).withSpot(Optional.empty());
  }

  /** The same as a spot colour. */
  public Pen spot(String name) {
    return withSpot(Optional.of(name));
  }
}
