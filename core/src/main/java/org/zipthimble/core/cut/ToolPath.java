package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.plan.Blade;

/**
 * The order and the way of the blade: pen and score lines first and through cuts last, what lies inside before what
 * lies around it, the nearest next; closed cuts go on past their beginning by the overcut, and the holder runs ahead of
 * a trailing blade.
 */
public final class ToolPath {
  /** How far a chain of straight lines may lie from its curve: half a unit of the plotter language, in inches. */
  public static final double FINE = 0.0005;

  /** Dash and bridge of a perforation in inches (common practice, no source). */
  private static final double[] PERFORATION = {0.125, 0.0625};

  private ToolPath() {}

  /** The strokes for some lines. */
  public static List<Stroke> of(List<CutLine> lines, Blade blade) {
    List<Stroke> out = new ArrayList<>();
    Point at = new Point(0, 0);
    for (CutKind kind : List.of(CutKind.PEN, CutKind.SCORE, CutKind.PERFORATE, CutKind.KISS, CutKind.THROUGH)) {
      List<Ring> rings = new ArrayList<>();
      for (CutLine line : lines) {
        if (line.kind() == kind) {
          Contour.of(line.path()).forEach(c -> rings.add(new Ring(c)));
        }
      }
      for (Stroke stroke : ordered(rings, kind, blade, at)) {
        out.add(stroke);
        at = stroke.end();
      }
    }
    return out;
  }

  /** The way that the holder travels lifted, from the sheet's corner through all strokes, in inches. */
  public static double travel(List<Stroke> strokes) {
    Point at = new Point(0, 0);
    double sum = 0;
    for (Stroke stroke : strokes) {
      sum += at.distance(stroke.begin());
      at = stroke.end();
    }
    return sum;
  }

  private static final class Ring {
    private final List<Point> places;
    private final boolean closed;
    private final Box box;
    private int around;
    private boolean done;
    private final List<Ring> holders = new ArrayList<>();

    Ring(Contour contour) {
      places = new ArrayList<>(Flatten.chains(contour.path(), FINE).get(0));
      closed = contour.closed();
      if (closed) {
        places.remove(places.size() - 1);
      }
      box = Box.around(places);
    }

    boolean holds(Ring other) {
      return closed && box.contains(other.box, 0) && Inside.contains(path(), other.places.get(0), 0.01);
    }

    private Path path() {
      Path.Builder out = Path.build().start(places.get(0));
      places.subList(1, places.size()).forEach(out::line);
      return out.close().path();
    }
  }

  private static List<Stroke> ordered(List<Ring> rings, CutKind kind, Blade blade, Point from) {
    for (Ring inner : rings) {
      for (Ring outer : rings) {
        if (inner != outer && outer.box.width() * outer.box.height() > inner.box.width() * inner.box.height() && outer.holds(inner)) {
          inner.holders.add(outer);
          outer.around++;
        }
      }
    }
    List<Stroke> out = new ArrayList<>();
    Point at = from;
    for (int left = rings.size(); left > 0; left--) {
      Ring next = null;
      int start = 0;
      double least = Double.MAX_VALUE;
      for (Ring ring : rings) {
        if (ring.done || ring.around > 0) {
          continue;
        }
        for (int i = 0; i < ring.places.size(); i++) {
          boolean end = ring.closed || i == 0 || i == ring.places.size() - 1;
          double away = end ? at.distance(ring.places.get(i)) : Double.MAX_VALUE;
          if (away < least) {
            least = away;
            next = ring;
            start = i;
          }
        }
      }
      if (next == null) {
        next = rings.stream().filter(r -> !r.done).min(Comparator.comparingInt(r -> r.around)).orElseThrow();
      }
      next.done = true;
      next.holders.forEach(h -> h.around--);
      for (Stroke stroke : strokes(next, start, kind, blade)) {
        out.add(stroke);
        at = stroke.end();
      }
    }
    return out;
  }

  private static List<Stroke> strokes(Ring ring, int start, CutKind kind, Blade blade) {
    List<Point> way = new ArrayList<>();
    int n = ring.places.size();
    if (ring.closed) {
      for (int i = 0; i <= n; i++) {
        way.add(ring.places.get((start + i) % n));
      }
    } else {
      way.addAll(ring.places);
      if (start == n - 1) {
        java.util.Collections.reverse(way);
      }
    }
    if (kind == CutKind.PERFORATE) {
      return dashes(way).stream().map(d -> new Stroke(d, kind, false)).toList();
    }
    boolean cuts = kind.parts();
    if (ring.closed && cuts && blade.overcut() > 0) {
      further(way, blade.overcut());
    }
    return List.of(new Stroke(cuts && blade.trail() > 0 ? ahead(way, blade.trail()) : way, kind, ring.closed));
  }

  /** Goes on round a closed way by a length. */
  private static void further(List<Point> way, double length) {
    double left = length;
    int n = way.size() - 1;
    for (int i = 0; i < n && left > 0; i++) {
      Point a = way.get(i);
      Point b = way.get(i + 1);
      double step = a.distance(b);
      if (step >= left) {
        way.add(new Point(a.x() + (b.x() - a.x()) * left / step, a.y() + (b.y() - a.y()) * left / step));
        return;
      }
      way.add(b);
      left -= step;
    }
  }

  private static List<List<Point>> dashes(List<Point> way) {
    List<List<Point>> out = new ArrayList<>();
    List<Point> dash = new ArrayList<>(List.of(way.get(0)));
    boolean on = true;
    double left = PERFORATION[0];
    for (int i = 0; i + 1 < way.size(); i++) {
      Point at = way.get(i);
      Point to = way.get(i + 1);
      double rest = at.distance(to);
      while (rest > left) {
        at = new Point(at.x() + (to.x() - at.x()) * left / rest, at.y() + (to.y() - at.y()) * left / rest);
        rest -= left;
        if (on) {
          dash.add(at);
          out.add(dash);
        }
        on = !on;
        dash = new ArrayList<>(List.of(at));
        left = PERFORATION[on ? 0 : 1];
      }
      left -= rest;
      if (on) {
        dash.add(to);
      }
    }
    if (on && dash.size() > 1) {
      out.add(dash);
    }
    return out;
  }

  /**
   * The way of the middle of the holder so that a blade trailing behind it by a distance follows the given way: every
   * place is put ahead along its edge, and at a corner the holder swings round it on an arc.
   */
  static List<Point> ahead(List<Point> way, double trail) {
    List<Point> out = new ArrayList<>();
    Double last = null;
    for (int i = 0; i + 1 < way.size(); i++) {
      Point a = way.get(i);
      Point b = way.get(i + 1);
      if (a.distance(b) < 1e-9) {
        continue;
      }
      double angle = Math.atan2(b.y() - a.y(), b.x() - a.x());
      if (last != null) {
        swing(out, a, last, angle, trail);
      } else {
        out.add(a.plus(trail * Math.cos(angle), trail * Math.sin(angle)));
      }
      out.add(b.plus(trail * Math.cos(angle), trail * Math.sin(angle)));
      last = angle;
    }
    return out.isEmpty() ? way : out;
  }

  private static void swing(List<Point> out, Point about, double from, double to, double trail) {
    double turn = Math.IEEEremainder(to - from, 2 * Math.PI);
    int steps = (int) Math.ceil(Math.abs(turn) / Math.toRadians(12));
    for (int s = 1; s <= steps; s++) {
      double angle = from + turn * s / steps;
      out.add(about.plus(trail * Math.cos(angle), trail * Math.sin(angle)));
    }
  }
}
