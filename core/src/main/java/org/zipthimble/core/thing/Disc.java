package org.zipthimble.core.thing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.units.Size;

/**
 * A round, flat thing, or a plate with a rim around a flat middle. Lengths are inches.
 *
 * @param across the diameter that is printed, 0.25 to 60
 * @param well diameter of the flat middle of a plate, at the bend; 0 for what is flat all over
 * @param bend to each side of the bend that is no place for words
 * @param rise of the rim above the middle
 * @param edge inside the outer edge that is no place for words, such as beading
 */
@RecordBuilder
public record Disc(double across, double well, double bend, double rise, double edge, List<Hole> holes) implements Body, DiscBuilder.With {
  /** Checks the ranges. */
  public Disc {
    holes = List.copyOf(holes);
    Ranges.check("a disc", across, 0.25, 60);
    Ranges.check("a plate's middle", well, 0, across * 0.98);
    Ranges.check("a bend", bend, 0, across / 4);
    Ranges.check("a rim's rise", rise, 0, across / 2);
    Ranges.check("an edge", edge, 0, across / 2.1);
  }

  /** A flat one, so many inches across. */
  public static Disc flat(double across) {
    return new Disc(across, 0, 0, 0, 1.0 / 16, List.of());
  }

  @Override
  public Size size() {
    return new Size(across, across);
  }

  private Path circle(double wide) {
    return Shapes.ellipse(new Box((across - wide) / 2, (across - wide) / 2, wide, wide));
  }

  /** The outer circle with the inner one run the other way, so that only what lies between is inside. */
  private Path ring(double outer, double inner) {
    if (inner <= 0) {
      return circle(outer);
    }
    return circle(outer).plus(circle(inner).mapped(Affine.move(-across, 0).then(Affine.scale(-1, 1))));
  }

  @Override
  public Optional<Path> outline() {
    return Optional.of(circle(across));
  }

  @Override
  public List<Zone> zones() {
    List<Zone> out = new ArrayList<>();
    if (edge > 0) {
      out.add(new Zone("zone.edge", ring(across, across - 2 * edge)));
    }
    if (well > 0 && bend > 0) {
      out.add(new Zone("zone.bend", ring(well + 2 * bend, well - 2 * bend)));
    }
    holes.forEach(h -> out.add(new Zone("zone.hole", h.keepOut())));
    return out;
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.disc(this);
  }
}
