package org.zipthimble.core.geom;

import java.util.ArrayList;
import java.util.List;

/** Goes along a path by its length. An open one goes on straight beyond its ends, a closed one begins anew. */
public final class Trail {
  private static final int STEPS = 40;
  private static final double CLOSE = 1e-11;

  private final List<Span> spans = new ArrayList<>();
  private final List<Double> ends = new ArrayList<>();
  private final boolean closed;
  private double length;

  /** A place along a path and the direction there, as a vector of length 1. */
  public record Place(Point at, Point heading) {
    /** The place so many inches to the right of the direction, which is below where it leads from left to right. */
    public Point beside(double distance) {
      return at.plus(-heading.y() * distance, heading.x() * distance);
    }

    /** The direction in degrees, clockwise as y runs downwards. */
    public double degrees() {
      return Math.toDegrees(Math.atan2(heading.y(), heading.x()));
    }
  }

  /** A trail along a path, its parts one after another. */
  public Trail(Path path) {
    List<Contour> contours = Contour.of(path);
    this.closed = !contours.isEmpty() && contours.stream().allMatch(Contour::closed);
    for (Contour contour : contours) {
      for (Span span : contour.spans()) {
        if (span.length() > 0) {
          spans.add(span);
          length += span.length();
          ends.add(length);
        }
      }
    }
  }

  /** Its length in inches. */
  public double length() {
    return length;
  }

  /** Whether it leads back to its beginning. */
  public boolean closed() {
    return closed;
  }

  /** Whether there is no way to go. */
  public boolean empty() {
    return spans.isEmpty();
  }

  /** The place at a distance from the beginning, in inches. */
  public Place at(double distance) {
    double d = closed ? distance - Math.floor(distance / length) * length : distance;
    if (d < 0 || d > length) {
      Span edge = spans.get(d < 0 ? 0 : spans.size() - 1);
      Point heading = edge.heading(d < 0 ? 0 : 1);
      double beyond = d < 0 ? d : d - length;
      return new Place((d < 0 ? edge.from() : edge.to()).plus(heading.x() * beyond, heading.y() * beyond), heading);
    }
    int i = 0;
    while (i + 1 < spans.size() && ends.get(i) < d - 1e-12) {
      i++;
    }
    Span span = spans.get(i);
    double t = parameter(span, Math.max(0, d - (i == 0 ? 0 : ends.get(i - 1))));
    return new Place(span.at(t), span.heading(t));
  }

  /** Newton's method on the arc length, kept between bounds that are halved where it would leave them. */
  private static double parameter(Span span, double distance) {
    double total = span.length();
    double t = Math.min(1, distance / total);
    if (span.straight()) {
      return t;
    }
    double low = 0;
    double high = 1;
    for (int i = 0; i < STEPS; i++) {
      double wrong = (t == 0 ? 0 : span.part(0, t).length()) - distance;
      if (Math.abs(wrong) < CLOSE) {
        return t;
      }
      if (wrong < 0) {
        low = t;
      } else {
        high = t;
      }
      Point slope = span.slope(t);
      double speed = Math.hypot(slope.x(), slope.y());
      double next = speed > 0 ? t - wrong / speed : -1;
      t = next > low && next < high ? next : (low + high) / 2;
    }
    return t;
  }
}
