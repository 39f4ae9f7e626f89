package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;

/** An immutable outline of straight lines and cubic curves, in inches. Inside is told by the non-zero rule. */
public record Path(List<Segment> segments) {
  /** A path with nothing in it. */
  public static final Path EMPTY = new Path(List.of());

  /** Keeps a copy; the first segment must begin a contour. */
  public Path {
    segments = List.copyOf(segments);
    if (!segments.isEmpty() && !(segments.get(0) instanceof Segment.Start)) {
      throw new IllegalArgumentException("a path must begin with a start");
    }
  }

  /** Begins to build a path. */
  public static Builder build() {
    return new Builder();
  }

  /** The path with every place mapped. */
  public Path mapped(Affine map) {
    Builder out = build();
    Segment.Visitor<Builder> visitor =
        new Segment.Visitor<>() {
          @Override
          public Builder start(Point to) {
            return out.start(map.apply(to));
          }

          @Override
          public Builder line(Point to) {
            return out.line(map.apply(to));
          }

          @Override
          public Builder curve(Point first, Point second, Point to) {
            return out.curve(map.apply(first), map.apply(second), map.apply(to));
          }

          @Override
          public Builder close() {
            return out.close();
          }
        };
    segments.forEach(s -> s.accept(visitor));
    return out.path();
  }

  /** This path with another one's contours after it. */
  public Path plus(Path other) {
    List<Segment> all = new ArrayList<>(segments);
    all.addAll(other.segments);
    return new Path(all);
  }

  /** Collects segments in order. */
  public static final class Builder {
    private final List<Segment> segments = new ArrayList<>();

    /** Begins a contour; in the unit of the path, inches as a rule. */
    public Builder start(Point to) {
      segments.add(new Segment.Start(to));
      return this;
    }

    /** Begins a contour at a place in inches. */
    public Builder start(double x, double y) {
      return start(new Point(x, y));
    }

    /** A straight line to a place in the path's unit, inches as a rule. */
    public Builder line(Point to) {
      segments.add(new Segment.Line(to));
      return this;
    }

    /** A straight line to a place in inches. */
    public Builder line(double x, double y) {
      return line(new Point(x, y));
    }

    /** A cubic curve by its two handles and its end, in the path's unit, inches as a rule. */
    public Builder curve(Point first, Point second, Point to) {
      segments.add(new Segment.Curve(first, second, to));
      return this;
    }

    /** A cubic curve by two control points to a place, in inches. */
    public Builder curve(double x1, double y1, double x2, double y2, double x, double y) {
      return curve(new Point(x1, y1), new Point(x2, y2), new Point(x, y));
    }

    /** Closes the contour. */
    public Builder close() {
      segments.add(new Segment.Close());
      return this;
    }

    /** The path so far. */
    public Path path() {
      return new Path(segments);
    }
  }
}
