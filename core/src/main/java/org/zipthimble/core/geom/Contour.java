package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;

/** One run of spans, each beginning where the last one ended; a closed one ends where it began. */
public record Contour(List<Span> spans, boolean closed) {
  /** Ends nearer than this are the same place, in inches. */
  public static final double SAME = 1e-9;

  /** Keeps a copy. */
  public Contour {
    spans = List.copyOf(spans);
  }

  /** The contours of a path in order; the line of a close is a span of its own where it has a length. */
  public static List<Contour> of(Path path) {
    Reader reader = new Reader();
    path.segments().forEach(s -> s.accept(reader));
    reader.finish(false);
    return reader.out;
  }

  /** The path of some contours; a straight last span of a closed one becomes the close. */
  public static Path path(List<Contour> contours) {
    Path.Builder out = Path.build();
    contours.forEach(c -> c.write(out));
    return out.path();
  }

  /** This contour as a path. */
  public Path path() {
    return path(List.of(this));
  }

  private void write(Path.Builder out) {
    if (spans.isEmpty()) {
      return;
    }
    out.start(spans.get(0).from());
    for (int i = 0; i < spans.size(); i++) {
      Span span = spans.get(i);
      boolean closing = closed && i == spans.size() - 1 && span.straight() && i > 0;
      if (!closing) {
        if (span.straight()) {
          out.line(span.to());
        } else {
          out.curve(span.first(), span.second(), span.to());
        }
      }
    }
    if (closed) {
      out.close();
    }
  }

  /** The same, run the other way. */
  public Contour reversed() {
    List<Span> back = new ArrayList<>(spans.size());
    for (int i = spans.size() - 1; i >= 0; i--) {
      back.add(spans.get(i).reversed());
    }
    return new Contour(back, closed);
  }

  /** A closed contour begun at another of its spans, told by its place from 0. */
  public Contour startingAt(int index) {
    List<Span> turned = new ArrayList<>(spans.subList(index, spans.size()));
    turned.addAll(spans.subList(0, index));
    return new Contour(turned, closed);
  }

  /** Where it begins. */
  public Point begin() {
    return spans.get(0).from();
  }

  /** Where it ends. */
  public Point end() {
    return spans.get(spans.size() - 1).to();
  }

  /**
   * The signed area in square inches by Green's theorem, exact for lines and cubics; above zero when it runs
   * clockwise as seen with y downwards. An open contour counts as closed by a straight line.
   */
  public double area() {
    double sum = 0;
    Point last = spans.isEmpty() ? new Point(0, 0) : end();
    Point origin = spans.isEmpty() ? last : begin();
    sum += cross(last, origin, origin);
    for (Span s : spans) {
      if (s.straight()) {
        sum += cross(s.from(), s.to(), origin);
      } else {
        sum += 0.1 * (6 * cross(s.from(), s.first(), origin) + 3 * cross(s.from(), s.second(), origin)
            + cross(s.from(), s.to(), origin) + 3 * cross(s.first(), s.second(), origin)
            + 3 * cross(s.first(), s.to(), origin) + 6 * cross(s.second(), s.to(), origin));
      }
    }
    return sum / 2;
  }

  /** The length in inches. */
  public double length() {
    return spans.stream().mapToDouble(Span::length).sum();
  }

  private static double cross(Point a, Point b, Point o) {
    return (a.x() - o.x()) * (b.y() - o.y()) - (b.x() - o.x()) * (a.y() - o.y());
  }

  private static final class Reader implements Segment.Visitor<Point> {
    private final List<Contour> out = new ArrayList<>();
    private List<Span> spans = new ArrayList<>();
    private Point begun = new Point(0, 0);
    private Point now = begun;

    @Override
    public Point start(Point to) {
      finish(false);
      begun = to;
      now = to;
      return to;
    }

    @Override
    public Point line(Point to) {
      if (now.distance(to) > SAME) {
        spans.add(Span.line(now, to));
        now = to;
      }
      return now;
    }

    @Override
    public Point curve(Point first, Point second, Point to) {
      Span span = Span.curve(now, first, second, to);
      if (!span.shorterThan(SAME)) {
        spans.add(span);
        now = to;
      }
      return now;
    }

    @Override
    public Point close() {
      line(begun);
      finish(true);
      now = begun;
      return now;
    }

    private void finish(boolean closed) {
      if (!spans.isEmpty()) {
        if (closed && !now.equals(begun)) {
          Span last = spans.remove(spans.size() - 1);
          spans.add(last.between(last.from(), begun));
        }
        out.add(new Contour(spans, closed));
        spans = new ArrayList<>();
      }
    }
  }
}
