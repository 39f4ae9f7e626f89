package org.zipthimble.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;

/**
 * One material with all that is cut from it. Lanes are applied in the order of the plan, the first one lowest.
 *
 * @param id unique within the job
 * @param cost of a square inch, in the person's money; 0 when not known
 * @param leastWidth parts narrower than this tear, in inches; 0 to 2
 * @param mirrored whether it is cut as a mirror image
 * @param underlay how far this lane reaches under the lanes above it, in inches: above zero it grows, below zero it
 *     draws back from under them; empty when nothing is laid under
 */
@RecordBuilder
public record Lane(
    String id, String name, Material material, Colour colour, Finish finish, Supply supply, Blade blade, boolean mirrored,
    double cost, double leastWidth, Optional<Double> underlay) implements LaneBuilder.With {
  /** The most a square inch costs. */
  public static final double MOST_COST = 1000;

  /** The most that the least width of a part may be, in inches. */
  public static final double MOST_LEAST_WIDTH = 2;

  /** The farthest that an underlay reaches out or in, in inches. */
  public static final double MOST_UNDERLAY = 1;

  /** Checks the figures. */
  public Lane {
    if (id == null || id.isBlank() || name == null || name.isBlank() || material == null) {
      throw new IllegalArgumentException("a lane needs an id, a name and a material");
    }
    if (!(cost >= 0 && cost <= MOST_COST) || !(leastWidth >= 0 && leastWidth <= MOST_LEAST_WIDTH)
        || underlay.filter(u -> !(Math.abs(u) <= MOST_UNDERLAY)).isPresent()) {
      throw new IllegalArgumentException("a lane's figures are out of range: " + cost + ", " + leastWidth + ", " + underlay);
    }
  }

  /** A lane of a material as it usually is. */
  public static Lane of(String id, String name, Material material, Colour colour) {
    Supply supply = material == Material.CUT_VINYL || material == Material.IRON_ON ? Supply.ROLL_12 : Supply.MAT_12;
    return new Lane(id, name, material, colour, Finish.MATT, supply, Blade.FINE, material.mirrored(), 0,
        material.leastWidth(), Optional.empty());
  }

  /** The same of another material, with what that usually asks for. */
  public Lane with(Material other) {
    return withMaterial(other).withMirrored(other.mirrored()).withLeastWidth(other.leastWidth());
  }
}
