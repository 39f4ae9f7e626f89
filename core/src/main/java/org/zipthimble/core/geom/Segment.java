package org.zipthimble.core.geom;

/** One piece of a path. */
public sealed interface Segment {
  /** Begins a new contour. */
  record Start(Point to) implements Segment {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.start(to);
    }
  }

  /** A straight line to a place. */
  record Line(Point to) implements Segment {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.line(to);
    }
  }

  /** A cubic Bézier curve by two control points to a place. */
  record Curve(Point first, Point second, Point to) implements Segment {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.curve(first, second, to);
    }
  }

  /** A straight line back to where the contour began. */
  record Close() implements Segment {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.close();
    }
  }

  /** Calls the one that fits. */
  <R> R accept(Visitor<R> visitor);

  /** What to do with each kind of segment. */
  interface Visitor<R> {
    /** A contour begins. */
    R start(Point to);

    /** A straight line. */
    R line(Point to);

    /** A cubic curve. */
    R curve(Point first, Point second, Point to);

    /** The contour closes. */
    R close();
  }
}
