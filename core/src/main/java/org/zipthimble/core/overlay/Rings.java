package org.zipthimble.core.overlay;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
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
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Rule;
import org.zipthimble.core.geom.Span;

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

  /** Places of one outline nearer than this are the same, in inches. */
  static final double SAME = 1e-9;

  /** The most crossings that are worked out, on two cores about ten seconds' work with the checks of what comes of them. */
  static final int MOST_CROSSINGS = 100_000;

  private static final int MOST_STEPS = 2000;

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
      edges.ends.add(edges.rings.size());
    }
    return edges;
  }

  /** The valid area of a path under a rule. */
  static Geometry area(Path path, Rule rule) {
    return area(path, rule, Math.PI);
  }

  static Geometry area(Path path, Rule rule, double mostTurn) {
    Edges edges = edges(List.of(path), mostTurn);
    return faces(edges, 0, edges.rings.size(), rule).area();
  }

  /** The faces of some of the rings, each edge numbered as it stands among all. */
  static Arrangement faces(Edges edges, int begin, int end, Rule rule) {
    return Arrangement.where(SAME, MOST_CROSSINGS, noded -> {
      for (int i = begin; i < end; i++) {
        noded.ring(edges.rings.get(i), 1, edges.firsts.get(i));
      }
    }, rule == Rule.NON_ZERO ? t -> t != 0 : t -> t % 2 != 0);
  }

  /** Whether a path crosses itself. */
  static boolean tangled(Path path) {
    Edges edges = edges(List.of(path));
    Noded noded = new Noded(SAME, MOST_CROSSINGS);
    edges.rings.forEach(r -> noded.ring(r, 1, 0));
    return noded.tangled();
  }

  static Geometry union(Geometry geometry) {
    return geometry.isEmpty() ? geometry : OverlayNGRobust.union(geometry);
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
   * The rings of a polygon, the shell clockwise as seen with y downwards and the holes the other way, from left to right; each begins at
   * its leftmost place. Slivers are left out.
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
    /** The number of each ring's first edge. */
    final List<Integer> firsts = new ArrayList<>();
    /** After how many rings each path ends. */
    final List<Integer> ends = new ArrayList<>();
    final List<Edge> all = new ArrayList<>();
    private final double mostTurn;
    private STRtree tree;

    Edges(double mostTurn) {
      this.mostTurn = mostTurn;
    }

    private void add(Contour contour) {
      List<Coordinate> ring = new ArrayList<>();
      int begun = all.size();
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
        firsts.add(begun);
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
        all.add(new Edge(from, to, span, (double) (i - 1) / steps, (double) i / steps));
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
      double ax = span.first().x() - span.from().x();
      double ay = span.first().y() - span.from().y();
      double bx = span.second().x() - span.first().x() - ax;
      double by = span.second().y() - span.first().y() - ay;
      double cx = span.to().x() - span.second().x() - ax - 2 * bx;
      double cy = span.to().y() - span.second().y() - ay - 2 * by;
      double most = 0;
      for (int i = 0; i < 33; i++) {
        double t = i / 32.0;
        // A third of the first derivative, and a sixth of the second.
        double dx = ax + t * (2 * bx + t * cx);
        double dy = ay + t * (2 * by + t * cy);
        double speed = dx * dx + dy * dy;
        double cross = dx * (by + t * cy) - dy * (bx + t * cx);
        most = Math.max(most, 9 * speed < 1e-12 ? 0 : 2 * Math.abs(cross) / speed);
      }
      return most;
    }

    @SuppressWarnings("unchecked")
    List<Edge> near(Point a, Point b, double reach) {
      if (tree == null) {
        tree = new STRtree();
        all.forEach(e -> tree.insert(new Envelope(new Coordinate(e.a().x(), e.a().y()), new Coordinate(e.b().x(), e.b().y())), e));
      }
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
}
