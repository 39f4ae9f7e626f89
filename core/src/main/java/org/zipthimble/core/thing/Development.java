package org.zipthimble.core.thing;

import org.zipthimble.core.geom.Bending;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Curving;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Warp;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;

/**
 * The development of a cone's frustum. What is composed straight, x along the round of the middle and y down the slant, is laid on the
 * flat band that goes round the cup: a straight line across becomes an arc about the cone's tip, a line down a ray from it, so that on the
 * cup the one lies level and the other runs straight down. Heights are kept everywhere, widths at the middle. With the outer radius R =
 * s·D/(D - d) and the full angle π·(D - d)/s (development of a cone's frustum; geometry handbooks). The origin of the flat band is the top
 * left of the box around it.
 *
 * @param top diameter, in inches
 * @param base diameter, in inches; differs from the top's by {@link #LEAST_TAPER} at least
 * @param slant from rim to base along the side, in inches
 * @param width of what is composed, along the round of the middle, in inches
 */
public record Development(double top, double base, double slant, double width) implements Warp, Curving {
  /** Diameters that differ less are taken for a straight cup, in inches. */
  public static final double LEAST_TAPER = 1e-4;

  /** The longest piece that is bent without looking closer, in inches. */
  private static final double STEP = 0.5;

  /** Checks that a flat band goes round such a cone. */
  public Development {
    if (!(Math.abs(top - base) >= LEAST_TAPER && Math.min(top, base) > 0 && width > 0 && slant > Math.abs(top - base) / 2)) {
      throw new IllegalArgumentException("no tapered cup: " + top + ", " + base + ", " + slant);
    }
  }

  /** The radius of the longer edge of the band, in inches. */
  public double outer() {
    return slant * Math.max(top, base) / Math.abs(top - base);
  }

  /** The radius of the shorter edge of the band, in inches. */
  public double inner() {
    return outer() - slant;
  }

  /** The angle that the band takes in, in radians, flap included. */
  public double angle() {
    return width / middle();
  }

  /** The angle that goes round the cup exactly once, in radians. */
  public double once() {
    return Math.PI * Math.abs(top - base) / slant;
  }

  private double middle() {
    return outer() - slant / 2;
  }

  private boolean opensUp() {
    return top > base;
  }

  /** Half the width of the box around the band. */
  private double half() {
    double half = angle() / 2;
    return half >= Math.PI / 2 ? outer() : outer() * Math.sin(half);
  }

  /** The upper edge of the box around the band, from the cone's tip. */
  private double upper() {
    double half = angle() / 2;
    return opensUp() ? -outer() : half <= Math.PI / 2 ? inner() * Math.cos(half) : outer() * Math.cos(half);
  }

  private double lower() {
    double half = angle() / 2;
    return !opensUp() ? outer() : half <= Math.PI / 2 ? -inner() * Math.cos(half) : -outer() * Math.cos(half);
  }

  /** The box around the flat band. */
  public Size size() {
    return new Size(2 * half(), lower() - upper());
  }

  /** The finished edge of what is composed. */
  public Box straight() {
    return new Box(0, 0, width, slant);
  }

  /** The finished edge of the flat band, with art beyond it as far as is typed for every side of what is composed. */
  public Path band(Insets beyond) {
    return path(Shapes.rectangle(straight().grown(beyond)));
  }

  @Override
  public Warp warp() {
    return this;
  }

  @Override
  public Path path(Path flat) {
    return Bending.of(flat, this, STEP);
  }

  @Override
  public Point there(Point p) {
    double turn = (p.x() - width / 2) / middle();
    double radius = opensUp() ? outer() - p.y() : inner() + p.y();
    double down = opensUp() ? -radius * Math.cos(turn) : radius * Math.cos(turn);
    return new Point(half() + radius * Math.sin(turn), down - upper());
  }

  @Override
  public Point back(Point p) {
    double x = p.x() - half();
    double y = p.y() + upper();
    double radius = Math.hypot(x, y);
    double turn = Math.atan2(x, opensUp() ? -y : y);
    return new Point(width / 2 + turn * middle(), opensUp() ? outer() - radius : radius - inner());
  }
}
