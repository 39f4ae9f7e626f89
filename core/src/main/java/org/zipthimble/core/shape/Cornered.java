package org.zipthimble.core.shape;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.CornerLook;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.geom.Span;

/** A rectangle whose corners are finished one by one. */
final class Cornered {
  private Cornered() {}

  /**
   * The outline.
   *
   * @param v size and {@link CornerLook} of each corner, clockwise from the top left
   */
  static Path path(double w, double h, double[] v) {
    double most = Math.min(w, h) / 2;
    Point[] corners = {new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)};
    List<Span> spans = new ArrayList<>();
    List<List<Span>> ends = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      ends.add(corner(corners[i], i, Math.min(v[2 * i], most), CornerLook.values()[(int) v[2 * i + 1]]));
    }
    for (int i = 0; i < 4; i++) {
      List<Span> here = ends.get(i);
      Point last = here.get(here.size() - 1).to();
      Point next = ends.get((i + 1) % 4).get(0).from();
      here.stream().filter(s -> !s.shorterThan(Contour.SAME)).forEach(spans::add);
      if (last.distance(next) > Contour.SAME) {
        spans.add(Span.line(last, next));
      }
    }
    return new Contour(spans, true).path();
  }

  /** One corner, drawn as the top left one and turned into place. */
  private static List<Span> corner(Point at, int quarter, double size, CornerLook look) {
    double k = size * (1 - Shapes.QUARTER);
    Point from = new Point(0, size);
    Point to = new Point(size, 0);
    List<Span> own = switch (look) {
      case ROUND -> List.of(Span.curve(from, new Point(0, k), new Point(k, 0), to));
      case CUT -> List.of(Span.line(from, to));
      case SCOOPED -> List.of(Span.curve(from, new Point(size - k, size), new Point(size, size - k), to));
      case NOTCHED -> List.of(Span.line(from, new Point(size, size)), Span.line(new Point(size, size), to));
    };
    Affine place = Affine.turn(90 * quarter, new Point(0, 0)).then(Affine.move(at.x(), at.y()));
    return own.stream().map(s -> s.mapped(place)).toList();
  }
}
