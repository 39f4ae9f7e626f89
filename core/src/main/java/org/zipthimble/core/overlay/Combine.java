package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Extent;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Way;

/**
 * Combines closed outlines. The result keeps the curves of what went in: each of its spans is a straight line
 * or an exact part of one of their curves, ended where they truly cross. It is always valid: no contour crosses
 * itself or another, shells run clockwise (y downwards) and holes the other way. Outlines nearer to each other
 * than 0.00006 in count as touching, and slivers thinner than that are left out; this is the greatest deviation.
 */
public final class Combine {
  private Combine() {}

  /**
   * Combines outlines, the lowest first; open contours count as closed by a straight line.
   *
   * @param outlines each by the non-zero rule; one alone is cleaned of all crossings with itself
   */
  public static Path combine(Way way, List<Path> outlines) {
    if (outlines.isEmpty()) {
      return Path.EMPTY;
    }
    Rings.Edges edges = Rings.edges(outlines);
    return Recover.path(faces(way, edges), edges);
  }

  /** All edges crossed with one another at once, and the faces taken by how many of the outlines lie over them. */
  private static Arrangement faces(Way way, Rings.Edges edges) {
    int n = edges.ends.size();
    List<Arrangement> each = new ArrayList<>(n);
    for (int i = 0; i < n; i++) {
      each.add(Rings.faces(edges, i == 0 ? 0 : edges.ends.get(i - 1), edges.ends.get(i), Rule.NON_ZERO));
    }
    return Arrangement.where(Rings.SNAP, Rings.MOST_CROSSINGS, noded -> {
      for (int i = 0; i < n; i++) {
        // What is taken away from weighs as much as all: the sum tells whether anything else lies there.
        noded.area(each.get(i), way == Way.TAKE_AWAY && i == 0 ? n : 1);
      }
    }, switch (way) {
      case JOIN -> turns -> turns > 0;
      case TAKE_AWAY, KEEP_OVERLAP -> turns -> turns == n;
      case COMPOUND -> turns -> turns % 2 != 0;
    });
  }

  /** One outline without crossings, in which inside is told by a rule. */
  public static Path clean(Path outline, Rule rule) {
    Rings.Edges edges = Rings.edges(List.of(outline));
    return Recover.path(Rings.faces(edges, 0, edges.rings.size(), rule), edges);
  }

  /**
   * Breaks outlines apart at every edge of theirs: the pieces cover what they cover, and none overlaps another.
   *
   * @return the pieces, the largest first
   */
  public static List<Path> apart(List<Path> outlines) {
    return apart(outlines, List.of());
  }

  /**
   * The same, and lines cut what they cross.
   *
   * @param lines paths of open contours
   */
  public static List<Path> apart(List<Path> outlines, List<Path> lines) {
    List<Geometry> areas = areas(outlines);
    Rings.Edges edges = Rings.edges(outlines);
    Geometry cover = faces(Way.JOIN, edges).area();
    List<LineString> courses = new ArrayList<>();
    lines.forEach(l -> Contour.of(l).stream().filter(c -> !c.spans().isEmpty()).forEach(c -> courses.add(edges.open(c))));
    for (Geometry area : areas) {
      for (Polygon polygon : Rings.polygons(area)) {
        courses.add(polygon.getExteriorRing());
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
          courses.add(polygon.getInteriorRingN(i));
        }
      }
    }
    Polygonizer polygonizer = new Polygonizer();
    polygonizer.add(Noding.noded(courses));
    List<Path> pieces = new ArrayList<>();
    for (Object face : polygonizer.getPolygons()) {
      Polygon polygon = (Polygon) face;
      if (cover.contains(polygon.getInteriorPoint())) {
        Path piece = Recover.path(polygon, edges);
        if (!piece.segments().isEmpty()) {
          pieces.add(piece);
        }
      }
    }
    pieces.sort(Comparator.comparingDouble((Path p) -> -Extent.area(p)));
    return pieces;
  }

  /** The separate parts of an outline: each a shell with the holes in it, the largest first. */
  public static List<Path> parts(Path outline) {
    Rings.Edges edges = Rings.edges(List.of(outline));
    List<Path> parts = new ArrayList<>();
    for (Polygon polygon : Rings.polygons(Rings.area(outline, Rule.NON_ZERO))) {
      Path part = Recover.path(polygon, edges);
      if (!part.segments().isEmpty()) {
        parts.add(part);
      }
    }
    parts.sort(Comparator.comparingDouble((Path p) -> -Extent.area(p)));
    return parts;
  }

  /** An outline without its holes. */
  public static Path withoutHoles(Path outline) {
    List<Contour> shells = new ArrayList<>();
    for (Path part : parts(outline)) {
      shells.add(Contour.of(part).get(0));
    }
    return Contour.path(shells);
  }

  /** A place well inside an outline that encloses an area. */
  public static Point inside(Path outline) {
    Coordinate place = Rings.area(outline, Rule.NON_ZERO).getInteriorPoint().getCoordinate();
    return new Point(place.x, place.y);
  }

  private static List<Geometry> areas(List<Path> outlines) {
    List<Geometry> areas = new ArrayList<>(outlines.size());
    outlines.forEach(o -> areas.add(Rings.area(o, Rule.NON_ZERO)));
    return areas;
  }
}
