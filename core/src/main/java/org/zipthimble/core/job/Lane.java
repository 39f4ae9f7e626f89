package org.zipthimble.core.job;

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
public record Lane(
    String id, String name, Material material, Colour colour, Finish finish, Supply supply, Blade blade, boolean mirrored,
    double cost, double leastWidth, Optional<Double> underlay) {
  /** Checks the figures. */
  public Lane {
    if (id == null || id.isBlank() || name == null || name.isBlank() || material == null) {
      throw new IllegalArgumentException("a lane needs an id, a name and a material");
    }
    if (!(cost >= 0 && cost <= 1000) || !(leastWidth >= 0 && leastWidth <= 2)
        || underlay.filter(u -> !(Math.abs(u) <= 1)).isPresent()) {
      throw new IllegalArgumentException("a lane's figures are out of range: " + cost + ", " + leastWidth + ", " + underlay);
    }
  }

  /** A lane of a material as it usually is. */
  public static Lane of(String id, String name, Material material, Colour colour) {
    Supply supply = material == Material.CUT_VINYL || material == Material.IRON_ON ? Supply.ROLL_12 : Supply.MAT_12;
    return new Lane(id, name, material, colour, Finish.MATT, supply, Blade.FINE, material.mirrored(), 0,
        material.leastWidth(), Optional.empty());
  }

  /** The same under another name. */
  public Lane named(String other) {
    return new Lane(id, other, material, colour, finish, supply, blade, mirrored, cost, leastWidth, underlay);
  }

  /** The same in another colour. */
  public Lane in(Colour other) {
    return new Lane(id, name, material, other, finish, supply, blade, mirrored, cost, leastWidth, underlay);
  }

  /** The same with another finish. */
  public Lane with(Finish other) {
    return new Lane(id, name, material, colour, other, supply, blade, mirrored, cost, leastWidth, underlay);
  }

  /** The same of another material, with what that usually asks for. */
  public Lane with(Material other) {
    return new Lane(id, name, other, colour, finish, supply, blade, other.mirrored(), cost, other.leastWidth(), underlay);
  }

  /** The same from another supply. */
  public Lane with(Supply other) {
    return new Lane(id, name, material, colour, finish, other, blade, mirrored, cost, leastWidth, underlay);
  }

  /** The same with the cutter set otherwise. */
  public Lane with(Blade other) {
    return new Lane(id, name, material, colour, finish, supply, other, mirrored, cost, leastWidth, underlay);
  }

  /** The same, mirrored or not. */
  public Lane mirrored(boolean on) {
    return new Lane(id, name, material, colour, finish, supply, blade, on, cost, leastWidth, underlay);
  }

  /** The same at another cost of a square inch. */
  public Lane costing(double other) {
    return new Lane(id, name, material, colour, finish, supply, blade, mirrored, other, leastWidth, underlay);
  }

  /** The same with another least width. */
  public Lane atLeast(double inches) {
    return new Lane(id, name, material, colour, finish, supply, blade, mirrored, cost, inches, underlay);
  }

  /** The same with another reach under the lanes above. */
  public Lane under(Optional<Double> inches) {
    return new Lane(id, name, material, colour, finish, supply, blade, mirrored, cost, leastWidth, inches);
  }
}
