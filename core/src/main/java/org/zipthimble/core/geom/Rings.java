package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.noding.snap.SnappingNoder;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.valid.IsSimpleOp;

/**
 * Outlines as valid polygons of straight edges, and back. Every edge remembers the span it came from, so
 * that a result can be written with the very curves it was made of.
 */
final class Rings {
  private static final Comparator<Point> LEFTMOST = Comparator.comparingDouble(Point::x).thenComparingDouble(Point::y);

  static final GeometryFactory MAKER = new GeometryFactory();

  /** How far an edge may lie from its curve, in inches. */
  static final double FINE = 5e-5;

  /** How near edges are drawn together before they are crossed with each other; above FINE, so that two chains of one curve meet. */
  static final double SNAP = 6e-5;

  private static final int MOST_STEPS = 2000;

  /** So many faces are joined one by one sooner than their edges are looked through. */
  private static final int FEW_FACES = 60;

  private Rings() {}

  /** Straight edges of a path's closed contours, open ones closed by a straight line. */
  static Edges edges(List<Path> paths) {
    return edges(paths, Math.PI);
  }

  /** The same with no edge turning from the last by more than an angle in radians, as far as a curve is smooth. */
  private static Edges edges(List<Path> paths, double mostTurn) {
    Edges edges = new Edges(mostTurn);
    for (Path path : paths) {
      for (Contour contour : Contour.of(path)) {
        edges.add(contour);
      }
    }
    return edges;
  }

  /** The valid area of a path under a rule. */
  static Geometry area(Path path, Rule rule) {
    return area(path, rule, Math.PI);
  }

  static Geometry area(Path path, Rule rule, double mostTurn) {
    Edges edges = edges(List.of(path), mostTurn);
    if (edges.rings.isEmpty()) {
      return MAKER.createPolygon();
    }
    List<Polygon> simple = simple(edges.rings);
    return simple.isEmpty() ? wound(edges.rings, rule) : union(MAKER.createMultiPolygon(simple.toArray(new Polygon[0])));
  }

  /** One ring that does not touch itself needs no crossing with itself; an empty list for everything else. */
  private static List<Polygon> simple(List<Coordinate[]> rings) {
    if (rings.size() != 1 || rings.get(0).length < 4) {
      return List.of();
    }
    Polygon polygon = MAKER.createPolygon(rings.get(0));
    return polygon.isValid() ? List.of(polygon) : List.of();
  }

  private static Geometry wound(List<Coordinate[]> rings, Rule rule) {
    Tangle.check(rings);
    List<LineString> lines = new ArrayList<>();
    for (Coordinate[] ring : rings) {
      lines.add(MAKER.createLineString(ring));
    }
    Geometry drawn = MAKER.createMultiLineString(lines.toArray(new LineString[0]));
    Geometry noded = new IsSimpleOp(drawn).isSimple() ? drawn : union(drawn);
    Windings windings = new Windings(rings);
    List<Polygon> within = faces(noded).stream().filter(f -> inside(windings, f, rule)).toList();
    if (within.size() <= FEW_FACES) {
      return union(MAKER.createMultiPolygon(within.toArray(new Polygon[0])));
    }
    // Edges between two places inside vanish: what is left bounds the area, and is put together again.
    Map<Edging, Integer> edges = new LinkedHashMap<>();
    for (Polygon face : within) {
      edging(face.getExteriorRing(), edges);
      for (int i = 0; i < face.getNumInteriorRing(); i++) {
        edging(face.getInteriorRingN(i), edges);
      }
    }
    List<LineString> bounds = new ArrayList<>();
    edges.forEach((edge, count) -> {
      if (count == 1) {
        bounds.add(MAKER.createLineString(new Coordinate[] {edge.a(), edge.b()}));
      }
    });
    List<Polygon> inside = new ArrayList<>();
    for (Polygon face : faces(MAKER.createMultiLineString(bounds.toArray(new LineString[0])))) {
      if (inside(windings, face, rule)) {
        inside.add(face);
      }
    }
    return MAKER.createMultiPolygon(inside.toArray(new Polygon[0]));
  }

  /** An edge of a face, the same whichever way it is run. */
  private record Edging(Coordinate a, Coordinate b) {
    static Edging of(Coordinate a, Coordinate b) {
      return a.compareTo(b) <= 0 ? new Edging(a, b) : new Edging(b, a);
    }
  }

  private static void edging(LineString ring, Map<Edging, Integer> edges) {
    Coordinate[] all = ring.getCoordinates();
    for (int i = 0; i + 1 < all.length; i++) {
      edges.merge(Edging.of(all[i], all[i + 1]), 1, Integer::sum);
    }
  }

  private static List<Polygon> faces(Geometry lines) {
    Polygonizer polygonizer = new Polygonizer();
    polygonizer.add(lines);
    List<Polygon> out = new ArrayList<>();
    for (Object face : polygonizer.getPolygons()) {
      out.add((Polygon) face);
    }
    return out;
  }

  private static boolean inside(Windings windings, Polygon face, Rule rule) {
    Coordinate place = face.getInteriorPoint().getCoordinate();
    return rule == Rule.NON_ZERO ? windings.at(place) != 0 : windings.crossings(place) % 2 != 0;
  }

  static Geometry union(Geometry geometry) {
    return geometry.isEmpty() ? geometry : OverlayNGRobust.union(geometry);
  }

  /** Crosses two areas: first with near edges drawn together, and where that fails by exact, snapped and rounded ways in turn. */
  static Geometry overlay(Geometry a, Geometry b, int operation) {
    Tangle.check(a, b);
    try {
      Geometry snapped = OverlayNG.overlay(a, b, operation, null, new SnappingNoder(SNAP));
      if (snapped.isValid() && sound(a, b, operation, snapped)) {
        return areas(snapped);
      }
    } catch (RuntimeException tooTangled) {
      return areas(OverlayNGRobust.overlay(a, b, operation));
    }
    return areas(OverlayNGRobust.overlay(a, b, operation));
  }

  /** A snapped result can lose an area through a wrong label; its size tells. */
  private static boolean sound(Geometry a, Geometry b, int operation, Geometry result) {
    double slack = (a.getLength() + b.getLength()) * SNAP * 4 + 1e-9;
    double area = result.getArea();
    double areaA = a.getArea();
    double areaB = b.getArea();
    return switch (operation) {
      case OverlayNG.UNION -> area >= Math.max(areaA, areaB) - slack && area <= areaA + areaB + slack;
      case OverlayNG.INTERSECTION -> area <= Math.min(areaA, areaB) + slack
          && (area > 0 || !a.intersects(b) || OverlayNGRobust.overlay(a, b, operation).getArea() <= slack);
      case OverlayNG.DIFFERENCE -> area <= areaA + slack && area >= areaA - areaB - slack;
      default -> true;
    };
  }

  /** Only the areas of a result; lines and places where shapes merely touch are left out. */
  static Geometry areas(Geometry geometry) {
    List<Polygon> out = new ArrayList<>();
    for (int i = 0; i < geometry.getNumGeometries(); i++) {
      Geometry part = geometry.getGeometryN(i);
      if (part instanceof Polygon && !part.isEmpty()) {
        out.add((Polygon) part);
      }
    }
    return MAKER.createMultiPolygon(out.toArray(new Polygon[0]));
  }

  /** The polygons of an area from left to right, whatever order the library gives: the same area gives the same outlines. */
  static List<Polygon> polygons(Geometry geometry) {
    List<Polygon> out = new ArrayList<>();
    for (int i = 0; i < geometry.getNumGeometries(); i++) {
      if (geometry.getGeometryN(i) instanceof Polygon && !geometry.getGeometryN(i).isEmpty()) {
        out.add((Polygon) geometry.getGeometryN(i));
      }
    }
    Map<Polygon, Coordinate> firsts = new IdentityHashMap<>();
    out.forEach(p -> firsts.put(p, Arrays.stream(p.getExteriorRing().getCoordinates()).min(Comparator.naturalOrder()).orElseThrow()));
    out.sort(Comparator.comparing(firsts::get));
    return out;
  }

  /**
   * The rings of a polygon, the shell clockwise as seen with y downwards and the holes the other way, from left to right; each begins at its
   * leftmost place. Slivers are left out.
   */
  static List<List<Point>> rings(Polygon polygon) {
    List<List<Point>> out = new ArrayList<>();
    if (sliver(polygon.getExteriorRing())) {
      return out;
    }
    for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
      if (!sliver(polygon.getInteriorRingN(i))) {
        out.add(places(polygon.getInteriorRingN(i), false));
      }
    }
    out.sort(Comparator.comparing(r -> r.get(0), LEFTMOST));
    out.add(0, places(polygon.getExteriorRing(), true));
    return out;
  }

  /** Thinner on average than two curves of one course may lie apart once flattened. */
  private static boolean sliver(LinearRing ring) {
    double area = Math.abs(org.locationtech.jts.algorithm.Area.ofRing(ring.getCoordinates()));
    return area <= ring.getLength() * SNAP;
  }

  private static List<Point> places(LinearRing ring, boolean clockwise) {
    Coordinate[] all = ring.getCoordinates();
    boolean counter = Orientation.isCCW(all);
    List<Point> out = new ArrayList<>(all.length);
    for (int i = 0; i + 1 < all.length; i++) {
      // With y downwards the library's counter-clockwise is clockwise as seen.
      Coordinate c = counter == clockwise ? all[i] : all[all.length - 1 - i];
      out.add(new Point(c.x, c.y));
    }
    Collections.rotate(out, -out.indexOf(Collections.min(out, LEFTMOST)));
    return out;
  }

  /** The straight edges of outlines, each with its span and the part of it. */
  static final class Edges {
    final List<Coordinate[]> rings = new ArrayList<>();
    private final STRtree tree = new STRtree();
    private final double mostTurn;

    Edges(double mostTurn) {
      this.mostTurn = mostTurn;
    }

    private void add(Contour contour) {
      List<Coordinate> ring = new ArrayList<>();
      for (Span span : contour.spans()) {
        chain(span, ring);
      }
      Coordinate first = ring.get(0);
      Coordinate last = ring.get(ring.size() - 1);
      if (!first.equals2D(last)) {
        Span closing = Span.line(new Point(last.x, last.y), new Point(first.x, first.y));
        chain(closing, ring);
      }
      if (ring.size() > 3) {
        rings.add(ring.toArray(new Coordinate[0]));
      }
    }

    /** The straight edges of a contour that is not closed. */
    LineString open(Contour contour) {
      List<Coordinate> places = new ArrayList<>();
      contour.spans().forEach(span -> chain(span, places));
      return MAKER.createLineString(places.toArray(new Coordinate[0]));
    }

    private void chain(Span span, List<Coordinate> ring) {
      int steps = span.straight() ? 1 : steps(span);
      Point from = span.from();
      if (ring.isEmpty()) {
        ring.add(new Coordinate(from.x(), from.y()));
      }
      for (int i = 1; i <= steps; i++) {
        Point to = i == steps ? span.to() : span.at((double) i / steps);
        Edge edge = new Edge(from, to, span, (double) (i - 1) / steps, (double) i / steps);
        Envelope box = new Envelope(new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y()));
        tree.insert(box, edge);
        ring.add(new Coordinate(to.x(), to.y()));
        from = to;
      }
    }

    private int steps(Span span) {
      int byChord = Flatten.steps(span.from(), span.first(), span.second(), span.to(), FINE);
      return mostTurn >= Math.PI ? byChord : (int) Math.max(byChord, Math.min(MOST_STEPS, Math.ceil(sharpest(span) / mostTurn)));
    }

    /** The greatest turn per t, |B' x B''| / |B'|², at 33 places of a curve. */
    private static double sharpest(Span span) {
      double most = 0;
      for (int i = 0; i < 33; i++) {
        double t = i / 32.0;
        Point d = span.slope(t);
        Point next = span.slope(t + 1e-5);
        double cross = (d.x() * (next.y() - d.y()) - d.y() * (next.x() - d.x())) / 1e-5;
        double speed = d.x() * d.x() + d.y() * d.y();
        most = Math.max(most, speed < 1e-12 ? 0 : Math.abs(cross) / speed);
      }
      return most;
    }

    @SuppressWarnings("unchecked")
    List<Edge> near(Point a, Point b, double reach) {
      Envelope box = new Envelope(new Coordinate(a.x(), a.y()), new Coordinate(b.x(), b.y()));
      box.expandBy(reach);
      return tree.query(box);
    }
  }

  /** A straight edge with the span it stands for. */
  record Edge(Point a, Point b, Span span, double t0, double t1) {
    /** Where along the span a place stands, by its foot on this edge. */
    double along(Point p) {
      double dx = b.x() - a.x();
      double dy = b.y() - a.y();
      double s = ((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / (dx * dx + dy * dy);
      return t0 + Math.max(0, Math.min(1, s)) * (t1 - t0);
    }

    double distance(Point p) {
      return Inside.distance(a, b, p);
    }
  }

  /** Counts turns around places by rays through an index of edges. */
  private static final class Windings {
    private final STRtree tree = new STRtree();
    private final double left;

    Windings(List<Coordinate[]> rings) {
      double least = 0;
      for (Coordinate[] ring : rings) {
        for (int i = 0; i + 1 < ring.length; i++) {
          tree.insert(new Envelope(ring[i], ring[i + 1]), new Coordinate[] {ring[i], ring[i + 1]});
          least = Math.min(least, ring[i].x);
        }
      }
      left = least - 1;
    }

    int at(Coordinate p) {
      return count(p, false);
    }

    int crossings(Coordinate p) {
      return count(p, true);
    }

    private int count(Coordinate p, boolean each) {
      int sum = 0;
      for (Object found : tree.query(new Envelope(left, p.x, p.y, p.y))) {
        Coordinate[] e = (Coordinate[]) found;
        boolean up = e[0].y <= p.y && e[1].y > p.y;
        boolean down = e[1].y <= p.y && e[0].y > p.y;
        if (up || down) {
          int side = Orientation.index(e[0], e[1], p);
          boolean leftOf = up ? side == Orientation.CLOCKWISE : side == Orientation.COUNTERCLOCKWISE;
          sum += leftOf ? each || up ? 1 : -1 : 0;
        }
      }
      return sum;
    }
  }
}
