package org.zipthimble.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Placement;

/**
 * A guide: a straight line without ends that helps on the bench and never leaves it.
 *
 * @param through a place on it, in inches from the trim's top left
 * @param degrees its direction, clockwise from level, kept at 0 or above and below 180: 0 runs across, 90 runs down
 * @param axis whether it is a mirror axis: objects also snap to where another one would be seen in it
 */
@RecordBuilder
public record Guide(Point through, double degrees, boolean axis) implements GuideBuilder.With {
  /** Checks the figures and brings the direction into range. */
  public Guide {
    if (!(Math.abs(through.x()) <= Placement.FARTHEST && Math.abs(through.y()) <= Placement.FARTHEST
        && Double.isFinite(degrees))) {
      throw new IllegalArgumentException("not a guide: " + through + ", " + degrees);
    }
    degrees = degrees - 180 * Math.floor(degrees / 180) + 0.0;
    degrees = degrees >= 180 ? 0 : degrees;
  }

  /** A level guide at this height, in inches below the upper edge. */
  public static Guide across(double y) {
    return new Guide(new Point(0, y), 0, false);
  }

  /** An upright guide at this distance from the left, in inches. */
  public static Guide down(double x) {
    return new Guide(new Point(x, 0), 90, false);
  }

  /** Whether it runs level. */
  public boolean level() {
    return degrees == 0;
  }

  /** Whether it runs upright. */
  public boolean upright() {
    return degrees == 90;
  }

  /** The distance of a place from the line, in inches. */
  public double distance(Point p) {
    return Math.abs(across(p));
  }

  /** The place on the line nearest to another. */
  public Point nearest(Point p) {
    double off = across(p);
    Point normal = normal();
    return p.plus(-normal.x() * off, -normal.y() * off);
  }

  /** The map that shows what the line mirrors. */
  public Affine mirror() {
    Affine level = Affine.turn(-degrees, through);
    Affine flip = Affine.move(0, -through.y()).then(Affine.scale(1, -1)).then(Affine.move(0, through.y()));
    return level.then(flip).then(Affine.turn(degrees, through));
  }

  /** The part of the line inside a box, as its two ends; empty when it passes by. */
  public Optional<Point[]> within(Box box) {
    Point direction = Affine.turn(degrees, new Point(0, 0)).apply(new Point(1, 0));
    double from = Double.NEGATIVE_INFINITY;
    double to = Double.POSITIVE_INFINITY;
    double[][] slabs = {
      {direction.x(), box.x() - through.x(), box.right() - through.x()},
      {direction.y(), box.y() - through.y(), box.bottom() - through.y()}};
    for (double[] slab : slabs) {
      if (Math.abs(slab[0]) < 1e-12) {
        if (slab[1] > 0 || slab[2] < 0) {
          return Optional.empty();
        }
        continue;
      }
      from = Math.max(from, Math.min(slab[1] / slab[0], slab[2] / slab[0]));
      to = Math.min(to, Math.max(slab[1] / slab[0], slab[2] / slab[0]));
    }
    return from > to ? Optional.empty() : Optional.of(new Point[] {
      through.plus(direction.x() * from, direction.y() * from), through.plus(direction.x() * to, direction.y() * to)});
  }

  private double across(Point p) {
    Point normal = normal();
    return (p.x() - through.x()) * normal.x() + (p.y() - through.y()) * normal.y();
  }

  private Point normal() {
    return Affine.turn(degrees + 90, new Point(0, 0)).apply(new Point(1, 0));
  }
}
