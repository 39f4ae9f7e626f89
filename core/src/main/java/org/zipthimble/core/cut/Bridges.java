package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Way;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.overlay.Combine;

/** Stencils: parts of the film that would fall out, and the bridges that hold them. */
public final class Bridges {
  /** The narrowest bridge, in inches. */
  public static final double LEAST_WIDTH = 0.01;

  /** The widest bridge, in inches. */
  public static final double MOST_WIDTH = 5;

  /** The most bridges of an island. */
  public static final int MOST_EACH = 4;

  private static final double FINE = 0.002;
  private static final double INTO = 0.02;
  private static final int RAYS = 72;
  private static final double ALIKE = 1e-6;

  private Bridges() {}

  /** A part of the film that nothing holds: it is surrounded by what is cut out. */
  public record Island(Path outline, Box box) {}

  /** The islands of what is cut out, from left to right. */
  public static List<Island> islands(Path cut) {
    List<Island> out = new ArrayList<>();
    for (Path part : Combine.parts(Combine.combine(Way.JOIN, List.of(cut)))) {
      List<Contour> contours = Contour.of(part);
      for (Contour hole : contours.subList(1, contours.size())) {
        Path outline = hole.reversed().path();
        out.add(new Island(outline, Measure.bounds(outline).orElseThrow()));
      }
    }
    // Letters alike have areas that differ in the last place alone: their places tell them apart on every machine.
    out.sort(Comparator.comparingLong((Island i) -> Math.round(i.box().x() * 1000)).thenComparingLong(i -> Math.round(i.box().y() * 1000)));
    return out;
  }

  /**
   * Bridges for every island: for each as many as asked for, in directions well apart, where the cut is crossed by the
   * shortest way.
   *
   * @param width of a bridge in inches
   * @param each how many for each island, 1 to 4
   * @return boxes, turned, that are to be taken away from what is cut
   */
  public static List<Placement> propose(Path cut, double width, int each) {
    List<Placement> out = new ArrayList<>();
    List<double[]> edges = edges(Combine.combine(Way.JOIN, List.of(cut)));
    for (Island island : islands(cut)) {
      Point from = island.box().centre();
      List<Ray> rays = new ArrayList<>();
      for (int i = 0; i < RAYS; i++) {
        double angle = 2 * Math.PI * i / RAYS;
        Ray ray = ray(edges, from, angle, i);
        if (ray != null) {
          rays.add(ray);
        }
      }
      rays.sort(Comparator.comparingDouble(Ray::cost));
      List<Ray> chosen = new ArrayList<>();
      double apart = Math.min(Math.PI * 0.8, 2 * Math.PI / each * 0.7);
      for (Ray ray : rays) {
        if (chosen.size() < each && chosen.stream().allMatch(c -> between(c.angle(), ray.angle()) >= apart)) {
          chosen.add(ray);
        }
      }
      chosen.forEach(r -> out.add(box(r, width)));
    }
    return out;
  }

  private record Ray(Point from, Point to, double angle, int index) {
    /**
     * The way through the cut, a little dearer the farther it is from upright and the later it comes, so that of two ways
     * alike the same one is taken on every machine.
     */
    double cost() {
      return from.distance(to) * (1 + 0.15 * Math.abs(StrictMath.cos(angle))) + ALIKE * index;
    }
  }

  private static double between(double a, double b) {
    double d = Math.abs(a - b) % (2 * Math.PI);
    return Math.min(d, 2 * Math.PI - d);
  }

  /** From where a ray leaves the island to where it reaches the film beyond the cut. */
  private static Ray ray(List<double[]> edges, Point from, double angle, int index) {
    double dx = StrictMath.cos(angle);
    double dy = StrictMath.sin(angle);
    List<Double> hits = new ArrayList<>();
    for (double[] e : edges) {
      double ex = e[2] - e[0];
      double ey = e[3] - e[1];
      double det = dx * -ey + ex * dy;
      if (Math.abs(det) > 1e-12) {
        double t = ((e[0] - from.x()) * -ey + ex * (e[1] - from.y())) / det;
        double s = (dx * (e[1] - from.y()) - dy * (e[0] - from.x())) / det;
        if (t > 1e-6 && s >= 0 && s < 1) {
          hits.add(t);
        }
      }
    }
    if (hits.size() < 2) {
      return null;
    }
    hits.sort(Double::compare);
    return new Ray(from.plus(dx * hits.get(0), dy * hits.get(0)), from.plus(dx * hits.get(1), dy * hits.get(1)), angle, index);
  }

  private static Placement box(Ray ray, double width) {
    double length = ray.from().distance(ray.to()) + 2 * INTO + width / 2;
    Point middle = new Point((ray.from().x() + ray.to().x()) / 2, (ray.from().y() + ray.to().y()) / 2);
    return Placement.of(
        rounded(middle.x() - length / 2), rounded(middle.y() - width / 2), rounded(length), width,
        rounded(Math.toDegrees(ray.angle())));
  }

  /** To a millionth: the last places of sines differ between machines. */
  private static double rounded(double value) {
    return Math.rint(value * 1e6) / 1e6;
  }

  private static List<double[]> edges(Path path) {
    List<double[]> out = new ArrayList<>();
    for (List<Point> chain : Flatten.chains(path, FINE)) {
      for (int i = 0; i + 1 < chain.size(); i++) {
        out.add(new double[] {chain.get(i).x(), chain.get(i).y(), chain.get(i + 1).x(), chain.get(i + 1).y()});
      }
    }
    return out;
  }
}
