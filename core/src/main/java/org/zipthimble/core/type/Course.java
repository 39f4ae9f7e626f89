package org.zipthimble.core.type;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Trail;

/**
 * What words run along that do not stand in lines.
 *
 * @param rise how far the middle of an arc stands above its ends, in inches, -100 to 100, not 0; below zero it hangs. Used of arcs alone
 * @param path in the unit square that is laid over the block. There where the words run along a path, and only there
 * @param foot whether words on a round run along its foot, reading right there, in place of over its top
 * @param slide how far they are pushed on along the line, in inches, -400 to 400
 * @param spread the length over which they are spread, in inches, 0 to 800; 0 for their own
 * @param least the gap in inches that two letters keep at least where they come closest, 0 to 10
 */
@RecordBuilder
public record Course(Kind kind, double rise, Optional<Path> path, boolean foot, Sits sits, double slide, double spread, double least)
    implements CourseBuilder.With {
  /** What is run along. */
  public enum Kind {
    /** A part of a circle over the width of the block. */
    ARC,
    /** The ellipse that fits into the block; a circle where it is as wide as high. */
    ROUND,
    /** A path of any form. */
    PATH
  }

  /** Over the top of a round. */
  public static final Course OVER_THE_TOP = new Course(Kind.ROUND, 0, Optional.empty(), false, Sits.ABOVE, 0, 0, 0);

  /** An arc that rises a little. */
  public static final Course ARC = new Course(Kind.ARC, 0.25, Optional.empty(), false, Sits.ABOVE, 0, 0, 0);

  /** Checks the ranges. */
  public Course {
    LookRanges.check("rise", rise, -100, 100);
    LookRanges.check("slide", slide, -400, 400);
    LookRanges.check("spread", spread, 0, 800);
    LookRanges.check("the least gap", least, 0, 10);
    if (kind == null || sits == null || (kind == Kind.PATH) != path.isPresent() || kind == Kind.ARC && Math.abs(rise) < 1e-4) {
      throw new IllegalArgumentException("words run along an arc with a rise, a round or a path that is there");
    }
  }

  /** Along a path in the unit square of the block. */
  public static Course along(Path unit) {
    return new Course(Kind.PATH, 0, Optional.of(unit), false, Sits.ABOVE, 0, 0, 0);
  }

  /** The radius in inches of an arc over a chord: (c² / 4 + r²) / 2r, by the theorem of intersecting chords; chord and rise in inches. */
  public static double radius(double chord, double rise) {
    return (chord * chord / 4 + rise * rise) / (2 * Math.abs(rise));
  }

  /**
   * The rise of an arc over a chord by its radius, the smaller of both there are.
   *
   * @throws IllegalArgumentException where the circle is too small for the chord
   */
  public static double rise(double chord, double radius) {
    if (radius * 2 < chord) {
      throw new IllegalArgumentException("the radius is at least half of the width: " + chord / 2);
    }
    return radius - Math.sqrt(radius * radius - chord * chord / 4);
  }

  /** The same with its lengths larger by a factor above 0. */
  public Course scaled(double factor) {
    return new Course(
        kind, Math.max(-100, Math.min(100, rise * factor)), path, foot, sits, Math.max(-400, Math.min(400, slide * factor)),
        Math.min(800, spread * factor),
        Math.min(10, least * factor));
  }

  /** The way for a block of a size in inches. */
  Way way(double width, double height) {
    return switch (kind) {
      case ARC -> arc(width, height);
      case ROUND -> round(width, height);
      case PATH -> new PathWay(path.orElseThrow().mapped(Affine.scale(Math.max(width, 1e-6), Math.max(height, 1e-6))), 0, 1);
    };
  }

  /** The lowest point of an arc lies at the block's lower edge. */
  private Way arc(double width, double height) {
    double radius = radius(width, rise);
    double half = rise > 0 && rise > radius ? Math.PI - Math.asin(Math.min(1, width / 2 / radius))
        : Math.asin(Math.min(1, width / 2 / radius));
    double middle = rise > 0 ? height - Math.abs(rise) + radius : height - radius;
    // over a centre below it runs clockwise from the left, under a centre above it runs the other way
    return rise > 0
        ? new CircleWay(new Point(width / 2, middle), radius, -Math.PI / 2 - half, 1, 2 * half * radius, 0, 1)
        : new CircleWay(new Point(width / 2, middle), radius, Math.PI / 2 + half, -1, 2 * half * radius, 0, 1);
  }

  /** From the place opposite to where the words stand once round; they are lined up within the half around it. */
  private Way round(double width, double height) {
    double begins = foot ? -Math.PI / 2 : Math.PI / 2;
    if (Math.abs(width - height) < 1e-9) {
      return new CircleWay(new Point(width / 2, height / 2), width / 2, begins, foot ? -1 : 1, Math.PI * width, 0.25, 0.75);
    }
    Path whole = Shapes.ellipse(new Box(0, 0, width, height));
    Path turned = foot ? Contour.path(Contour.of(whole).stream().map(Contour::reversed).toList()) : whole;
    PathWay way = new PathWay(turned, 0.25, 0.75);
    return way.beginningAt(new Point(width / 2, foot ? 0 : height));
  }

  /** A line that letters run along, by its length. */
  interface Way {
    /** Its length in inches. */
    double length();

    /** The place at a distance from its beginning. */
    Trail.Place at(double distance);

    /** The part within which words are lined up: where it begins, as a share of the length. */
    double from();

    /** Where it ends. */
    double to();
  }

  /** A part of a circle, exactly. */
  private record CircleWay(Point centre, double radius, double begins, int sense, double length, double from, double to) implements Way {
    @Override
    public Trail.Place at(double distance) {
      double angle = begins + sense * distance / radius;
      return new Trail.Place(
          centre.plus(radius * Math.cos(angle), radius * Math.sin(angle)), new Point(-sense * Math.sin(angle), sense * Math.cos(angle)));
    }
  }

  /** A path of curves. */
  private static final class PathWay implements Way {
    private final Trail trail;
    private final double from;
    private final double to;
    private double begins;

    PathWay(Path path, double from, double to) {
      this.trail = new Trail(path);
      this.from = from;
      this.to = to;
    }

    /** The same beginning at the place nearest to a point. */
    PathWay beginningAt(Point point) {
      double best = Double.MAX_VALUE;
      for (int i = 0; i < 64; i++) {
        double d = trail.at(trail.length() * i / 64).at().distance(point);
        if (d < best - 1e-9) {
          best = d;
          begins = trail.length() * i / 64;
        }
      }
      return this;
    }

    @Override
    public double length() {
      return trail.empty() ? 0 : trail.length();
    }

    @Override
    public Trail.Place at(double distance) {
      return trail.empty() ? new Trail.Place(new Point(distance, 0), new Point(1, 0)) : trail.at(distance + begins);
    }

    @Override
    public double from() {
      return from;
    }

    @Override
    public double to() {
      return to;
    }
  }
}
