package org.zipthimble.core.overlay;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Corner;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;

/**
 * Outlines made by chance, crossing themselves and one another, many with corners on a grid so that edges and corners coincide: what is
 * inside of a result is told place by place by Java's own paths and distances, and the general geometry library must find every part of it
 * valid.
 */
class OutlinesByChanceTest {
  private static final int ROUNDS = 120;
  private static final int LOOKS = 160;
  private static final double CLEAR = 1e-3;

  private static Path blob(Random random, int kind) {
    int corners = 3 + random.nextInt(12);
    double x = random.nextDouble() * 2;
    double y = random.nextDouble() * 2;
    List<Point> at = new ArrayList<>();
    for (int i = 0; i < corners; i++) {
      double px = x + random.nextGaussian() * 0.6;
      double py = y + random.nextGaussian() * 0.6;
      at.add(kind % 3 == 0 ? new Point(Math.rint(px * 4) / 4, Math.rint(py * 4) / 4) : new Point(px, py));
    }
    Path.Builder out = Path.build().start(at.get(0));
    for (int i = 1; i < corners; i++) {
      if (kind % 2 == 1 && i + 2 < corners) {
        out.curve(at.get(i), at.get(i + 1), at.get(i + 2));
        i += 2;
      } else {
        out.line(at.get(i));
      }
    }
    return out.close().path();
  }

  private static List<Path> blobs(Random random) {
    int kind = random.nextInt(6);
    List<Path> out = new ArrayList<>();
    for (int i = 2 + random.nextInt(4); i > 0; i--) {
      out.add(blob(random, kind));
    }
    if (random.nextInt(3) == 0) {
      out.add(out.get(0));
    }
    return out;
  }

  private static Path2D java(Path path, int rule) {
    Path2D out = new Path2D.Double(rule);
    for (List<Point> chain : Flatten.chains(path, 1e-5)) {
      out.moveTo(chain.get(0).x(), chain.get(0).y());
      chain.forEach(p -> out.lineTo(p.x(), p.y()));
      out.closePath();
    }
    return out;
  }

  private static double away(List<Path> paths, double x, double y) {
    double least = Double.MAX_VALUE;
    for (Path path : paths) {
      for (List<Point> chain : Flatten.chains(path, 1e-4)) {
        for (int i = 0; i + 1 < chain.size(); i++) {
          least = Math.min(least, Line2D.ptSegDist(chain.get(i).x(), chain.get(i).y(), chain.get(i + 1).x(), chain.get(i + 1).y(), x, y));
        }
      }
    }
    return least;
  }

  /** Looked at as finely as the program itself does. */
  private static void valid(Path result, String what) {
    GeometryFactory maker = new GeometryFactory();
    for (List<Point> chain : Flatten.chains(result, Rings.FINE)) {
      Polygon ring = maker.createPolygon(chain.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new));
      assertTrue(ring.isValid(), what);
    }
  }

  @ParameterizedTest
  @EnumSource(Way.class)
  void whatIsInsideIsWhatTheWaySays(Way way) {
    long seed = 71;
    Random random = new Random(seed + way.ordinal());
    int seen = 0;
    for (int round = 0; round < ROUNDS; round++) {
      List<Path> all = blobs(random);
      Path result = Combine.combine(way, all);
      String what = way + ", seed " + seed + ", round " + round;
      valid(result, what);
      List<Path2D> each = all.stream().map(p -> java(p, Path2D.WIND_NON_ZERO)).toList();
      Path2D got = java(result, Path2D.WIND_EVEN_ODD);
      for (int look = 0; look < LOOKS; look++) {
        Box box = look % 2 == 0 ? new Box(-2, -2, 6, 6) : Measure.bounds(result).orElse(new Box(-1, -1, 4, 4));
        double x = box.x() + random.nextDouble() * box.width();
        double y = box.y() + random.nextDouble() * box.height();
        long over = each.stream().filter(p -> p.contains(x, y)).count();
        boolean wanted = switch (way) {
          case JOIN -> over > 0;
          case KEEP_OVERLAP -> over == each.size();
          case COMPOUND -> over % 2 != 0;
          case TAKE_AWAY -> over == 1 && each.get(0).contains(x, y);
        };
        if (wanted != got.contains(x, y)) {
          assertTrue(away(all, x, y) < CLEAR, what + " at " + x + ", " + y);
        }
        seen += wanted ? 1 : 0;
      }
    }
    assertTrue(seen > ROUNDS, "places were inside: " + seen);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.03, 0.125, 0.5, -0.03, -0.125})
  void offsetsReachAsFarAsTheyAreAsked(double distance) {
    long seed = 83;
    Random random = new Random(seed);
    int inside = 0;
    int outside = 0;
    for (int round = 0; round < ROUNDS / 2; round++) {
      Path shape = Combine.combine(random.nextBoolean() ? Way.JOIN : Way.COMPOUND, blobs(random));
      Path moved = Offset.of(shape, distance, Corner.ROUND);
      String what = "by " + distance + ", seed " + seed + ", round " + round;
      valid(moved, what);
      Path2D before = java(shape, Path2D.WIND_EVEN_ODD);
      Path2D after = java(moved, Path2D.WIND_EVEN_ODD);
      for (int look = 0; look < LOOKS; look++) {
        Box box = look % 2 == 0 ? new Box(-2, -2, 6, 6) : Measure.bounds(moved).orElse(new Box(-1, -1, 4, 4));
        double x = box.x() + random.nextDouble() * box.width();
        double y = box.y() + random.nextDouble() * box.height();
        double away = away(List.of(shape), x, y);
        if (Math.abs(away - Math.abs(distance)) > CLEAR) {
          boolean within = before.contains(x, y);
          boolean wanted = distance > 0 ? within || away < distance : within && away > -distance;
          assertEquals(wanted, after.contains(x, y), what + " at " + x + ", " + y + ", " + away + " from the edge");
          inside += wanted ? 1 : 0;
          outside += wanted ? 0 : 1;
        }
      }
    }
    assertTrue(inside > ROUNDS && outside > ROUNDS, inside + " places inside, " + outside + " outside");
  }

  @ParameterizedTest
  @ValueSource(longs = {5, 6, 7})
  void theSameOutlinesGiveTheSameResultWhateverWayTheyRun(long seed) {
    List<Path> all = blobs(new Random(seed));
    List<Path> turned = new ArrayList<>();
    for (Path path : all) {
      turned.add(Contour.path(Contour.of(path).stream().map(Contour::reversed).toList()));
    }
    for (Way way : Way.values()) {
      assertEquals(Extent.area(Combine.combine(way, all)), Extent.area(Combine.combine(way, turned)), 1e-4, way + ", seed " + seed);
    }
  }
}
