package org.zipthimble.core.shape;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Arcs;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Span;

/** The outlines of the ready shapes, clockwise, within a box at the origin. */
final class ReadyPaths {
  private ReadyPaths() {}

  static Path path(ReadyForm form, double w, double h, double[] v) {
    return switch (form) {
      case CORNERED -> Cornered.path(w, h, v);
      case POLYGON -> Rounding.of(ringOf(w, h, (int) v[0], 1), v[1]);
      case STAR -> Rounding.of(ringOf(w, h, (int) v[0] * 2, v[1]), v[2]);
      case HEART -> heart(w, h, v[0]);
      case ARCH -> arch(w, h, v[0]);
      case SCALLOP -> scallop(w, h, (int) v[0], v[1]);
      case RING -> ring(w, h, v[0]);
      case SECTOR -> sector(w, h, v[0], v[1], v[2]);
      case TAG -> tag(w, h, v);
      case BANNER -> banner(w, h, v);
      case BRACKET_LABEL -> bracket(w, h, Math.min(v[0], w / 2));
      case DROP -> drop(w, h, v[0]);
      case FLOURISH -> flourish(w, h, (int) v[0], v[1]);
    };
  }

  /** Places round an ellipse, every second one drawn in to a part of the radius; the first is at the top. */
  private static List<Point> ringOf(double w, double h, int count, double waist) {
    List<Point> unit = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double angle = 2 * Math.PI * i / count - Math.PI / 2;
      double r = i % 2 == 1 && waist < 1 ? waist : 1;
      unit.add(new Point(r * Math.cos(angle), r * Math.sin(angle)));
    }
    Box box = Box.around(unit);
    return unit.stream()
        .map(p -> new Point((p.x() - box.x()) / box.width() * w, (p.y() - box.y()) / box.height() * h)).toList();
  }

  private static Path heart(double w, double h, double dip) {
    double top = h * dip;
    double lobe = h * 0.3;
    return Path.build().start(w / 2, top)
        .curve(w * 0.56, h * dip * 0.35, w * 0.64, 0, w * 0.76, 0)
        .curve(w * 0.9, 0, w, h * 0.12, w, lobe)
        .curve(w, h * 0.56, w * 0.66, h * 0.72, w / 2, h)
        .curve(w * 0.34, h * 0.72, 0, h * 0.56, 0, lobe)
        .curve(0, h * 0.12, w * 0.1, 0, w * 0.24, 0)
        .curve(w * 0.36, 0, w * 0.44, h * dip * 0.35, w / 2, top)
        .close().path();
  }

  private static Path arch(double w, double h, double rise) {
    double spring = h * rise;
    double kx = w / 2 * Shapes.QUARTER;
    double ky = spring * Shapes.QUARTER;
    return Path.build().start(0, spring)
        .curve(0, spring - ky, w / 2 - kx, 0, w / 2, 0)
        .curve(w / 2 + kx, 0, w, spring - ky, w, spring)
        .line(w, h).line(0, h).close().path();
  }

  private static Path scallop(double w, double h, int across, double depth) {
    double bump = w / (across + Math.abs(depth));
    double deep = bump / 2 * Math.abs(depth);
    Box inner = new Box(deep, deep, Math.max(1e-6, w - 2 * deep), Math.max(1e-6, h - 2 * deep));
    int down = Math.max(1, (int) Math.rint(inner.height() / (inner.width() / across)));
    double out = depth >= 0 ? deep : -deep;
    Box edge = depth >= 0 ? inner : new Box(0, 0, w, h);
    Path.Builder path = Path.build().start(edge.x(), edge.y());
    bumps(path, new Point(edge.x(), edge.y()), new Point(edge.right(), edge.y()), across, out);
    bumps(path, new Point(edge.right(), edge.y()), new Point(edge.right(), edge.bottom()), down, out);
    bumps(path, new Point(edge.right(), edge.bottom()), new Point(edge.x(), edge.bottom()), across, out);
    bumps(path, new Point(edge.x(), edge.bottom()), new Point(edge.x(), edge.y()), down, out);
    return path.close().path();
  }

  /** Half ellipses along a line, outwards to the left of its course. */
  private static void bumps(Path.Builder path, Point from, Point to, int count, double out) {
    double dx = (to.x() - from.x()) / count;
    double dy = (to.y() - from.y()) / count;
    double length = Math.hypot(dx, dy);
    double nx = dy / length * out;
    double ny = -dx / length * out;
    double k = Shapes.QUARTER;
    for (int i = 0; i < count; i++) {
      Point a = from.plus(dx * i, dy * i);
      Point top = a.plus(dx / 2 + nx, dy / 2 + ny);
      Point b = i == count - 1 ? to : from.plus(dx * (i + 1), dy * (i + 1));
      path.curve(a.plus(nx * k, ny * k), top.plus(-dx / 2 * k, -dy / 2 * k), top);
      path.curve(top.plus(dx / 2 * k, dy / 2 * k), b.plus(nx * k, ny * k), b);
    }
  }

  private static Path ring(double w, double h, double band) {
    double b = Math.min(band, Math.min(w, h) / 2 * 0.98);
    Path outer = Shapes.ellipse(new Box(0, 0, w, h));
    if (b <= 0) {
      return outer;
    }
    Path inner = Shapes.ellipse(new Box(b, b, w - 2 * b, h - 2 * b));
    return outer.plus(Contour.of(inner).get(0).reversed().path());
  }

  private static Path sector(double w, double h, double from, double sweep, double hollow) {
    Affine place = Affine.scale(w / 2, h / 2).then(Affine.move(w / 2, h / 2));
    List<Span> spans = new ArrayList<>(Arcs.arc(new Point(0, 0), 1, from, sweep));
    Point end = spans.get(spans.size() - 1).to();
    if (hollow > 0) {
      List<Span> inner = Arcs.arc(new Point(0, 0), hollow, from + sweep, -sweep);
      spans.add(Span.line(end, inner.get(0).from()));
      spans.addAll(inner);
    } else {
      spans.add(Span.line(end, new Point(0, 0)));
    }
    spans.add(Span.line(spans.get(spans.size() - 1).to(), spans.get(0).from()));
    return new Contour(spans, true).path().mapped(place);
  }

  private static Path tag(double w, double h, double[] v) {
    double shoulder = Math.min(v[0], Math.min(w / 2, h) * 0.95);
    double r = Math.min(v[2], Math.min(w, h) / 4);
    List<Point> corners = List.of(
        new Point(shoulder, 0), new Point(w - shoulder, 0), new Point(w, shoulder), new Point(w, h), new Point(0, h),
        new Point(0, shoulder));
    Path outer = Rounding.of(corners, r);
    double d = Math.min(v[1], Math.min(w, h) * 0.6);
    if (d <= 0) {
      return outer;
    }
    double at = Math.min(h / 2, Math.max(d * 1.1, shoulder * 0.9));
    Path hole = Shapes.ellipse(new Box(w / 2 - d / 2, at - d / 2, d, d));
    return outer.plus(Contour.of(hole).get(0).reversed().path());
  }

  private static Path banner(double w, double h, double[] v) {
    double tail = w * v[0];
    double notch = tail * v[1];
    double bend = h * v[2];
    double drop = h * 0.22;
    double top = Math.max(0, -bend);
    double low = h - drop - Math.max(0, bend);
    double x0 = tail * 0.8;
    double x1 = w - x0;
    Path.Builder p = Path.build().start(x0, top)
        .curve(x0 + (x1 - x0) / 3, top + bend, x1 - (x1 - x0) / 3, top + bend, x1, top)
        .line(x1, top + drop).line(w, top + drop).line(w - notch, (top + low) / 2 + drop).line(w, low + drop)
        .line(x1 - tail * 0.4, low + drop).line(x1 - tail * 0.4, low);
    double a = x1 - tail * 0.4;
    double b = x0 + tail * 0.4;
    return p.curve(a - (a - b) / 3, low + bend, b + (a - b) / 3, low + bend, b, low)
        .line(b, low + drop).line(0, low + drop).line(notch, (top + low) / 2 + drop).line(0, top + drop).line(x0, top + drop)
        .close().path();
  }

  private static Path bracket(double w, double h, double end) {
    double e = end;
    double q = h / 4;
    return Path.build().start(e, 0).line(w - e, 0)
        .curve(w - e * 0.45, 0, w - e * 0.5, q * 0.6, w - e * 0.5, q)
        .curve(w - e * 0.5, q * 1.6, w - e * 0.3, h / 2, w, h / 2)
        .curve(w - e * 0.3, h / 2, w - e * 0.5, h - q * 1.6, w - e * 0.5, h - q)
        .curve(w - e * 0.5, h - q * 0.6, w - e * 0.45, h, w - e, h)
        .line(e, h)
        .curve(e * 0.45, h, e * 0.5, h - q * 0.6, e * 0.5, h - q)
        .curve(e * 0.5, h - q * 1.6, e * 0.3, h / 2, 0, h / 2)
        .curve(e * 0.3, h / 2, e * 0.5, q * 1.6, e * 0.5, q)
        .curve(e * 0.5, q * 0.6, e * 0.45, 0, e, 0)
        .close().path();
  }

  /**
   * A drop: the lower part of an ellipse, from which two sides run up to a point. The fuller it is, the longer the sides follow the round
   * before they turn towards the tip.
   */
  private static Path drop(double w, double h, double fullness) {
    double ry = Math.min(h * 0.6, w / 2);
    double round = h - ry;
    double k = Shapes.QUARTER;
    double bulge = ry * k + (round - ry * k) * 0.55 * fullness;
    double lean = w * (0.07 + 0.1 * (1 - fullness));
    double fall = round * (0.32 + 0.2 * fullness);
    return Path.build().start(w / 2, 0)
        .curve(w / 2 + lean, fall, w, round - bulge, w, round)
        .curve(w, round + ry * k, w / 2 + w / 2 * k, h, w / 2, h)
        .curve(w / 2 - w / 2 * k, h, 0, round + ry * k, 0, round)
        .curve(0, round - bulge, w / 2 - lean, fall, w / 2, 0)
        .close().path();
  }

  private static Path flourish(double w, double h, int waves, double curl) {
    double c = Math.min(h * 0.5, w * 0.4) * curl;
    double step = (w - 2 * c) / waves;
    Path.Builder p = Path.build().start(c * 1.2, h / 2 - c * 0.35)
        .curve(c * 1.1, h / 2 - c, 0, h / 2 - c, 0, h / 2)
        .curve(0, h / 2 + c, c * 0.9, h / 2 + c, c, h / 2);
    for (int i = 0; i < waves; i++) {
      double x = c + step * i;
      double up = i % 2 == 0 ? -h / 2 : h / 2;
      p.curve(x + step * 0.36, h / 2 + up, x + step * 0.64, h / 2 + up, x + step, h / 2);
    }
    double e = w - c;
    double side = waves % 2 == 0 ? -1 : 1;
    return p.curve(e + c * 0.1, h / 2 + side * c, w, h / 2 + side * c, w, h / 2)
        .curve(w, h / 2 - side * c, w - c * 1.1, h / 2 - side * c, w - c * 1.2, h / 2 - side * c * 0.35).path();
  }
}
