package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.polygonize.Polygonizer;

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
    List<Geometry> areas = areas(outlines);
    Geometry result = areas.get(0);
    if (way == Way.JOIN) {
      result = joined(areas);
    } else if (way == Way.TAKE_AWAY && areas.size() > 1) {
      result = Rings.overlay(result, joined(areas.subList(1, areas.size())), OverlayNG.DIFFERENCE);
    } else {
      int operation = way == Way.KEEP_OVERLAP ? OverlayNG.INTERSECTION : OverlayNG.SYMDIFFERENCE;
      for (Geometry next : areas.subList(1, areas.size())) {
        result = Rings.overlay(result, next, operation);
      }
    }
    return Recover.path(result, Rings.edges(outlines));
  }

  /** One outline without crossings, in which inside is told by a rule. */
  public static Path clean(Path outline, Rule rule) {
    return Recover.path(Rings.area(outline, rule), Rings.edges(List.of(outline)));
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
    Geometry cover = joined(areas);
    Rings.Edges edges = Rings.edges(outlines);
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

  /** Joins in pairs, pairs of pairs and so on, so that no edge is crossed more often than it must. */
  private static Geometry joined(List<Geometry> areas) {
    List<Geometry> round = new ArrayList<>(areas);
    while (round.size() > 1) {
      List<Geometry> next = new ArrayList<>();
      for (int i = 0; i < round.size(); i += 2) {
        next.add(i + 1 == round.size() ? round.get(i) : pair(round.get(i), round.get(i + 1)));
      }
      round = next;
    }
    return round.get(0);
  }

  private static Geometry pair(Geometry a, Geometry b) {
    if (!a.getEnvelopeInternal().intersects(b.getEnvelopeInternal())) {
      List<Polygon> both = new ArrayList<>(Rings.polygons(a));
      both.addAll(Rings.polygons(b));
      return Rings.MAKER.createMultiPolygon(both.toArray(new Polygon[0]));
    }
    return Rings.overlay(a, b, OverlayNG.UNION);
  }
}
