package org.zipthimble.core.check.edge;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.zipthimble.core.form.Forms;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Flat;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Side;

/**
 * How far artwork reaches past an outline, place by place: from every place of the outline straight outwards, at corners fanned out to
 * the corner of the bleed. Looked at in steps of {@link #STEP} along and of {@link #FINE} outwards.
 */
public final class Coverage {
  /** Along the outline, in inches. */
  public static final double STEP = 0.02;

  /** Outwards, in inches. */
  public static final double FINE = 0.005;

  /** Art this near inside the outline counts as reaching it. */
  private static final double INSIDE = 1.0 / 64;

  /** How far art may end before the bleed edge and still count as reaching it. */
  static final double REACHED = 0.0051;

  /** How far curves and their straight pieces lie apart, in inches. */
  private static final double TOLERANCE = 0.002;

  /** How many bleeds of outline still count as close by a corner. */
  private static final double NEAR_CORNER = 4;

  private final List<Spot> spots = new ArrayList<>();

  /**
   * A place of the outline.
   *
   * @param on the outline
   * @param out the place of the bleed edge it looks at
   * @param inked whether art lies just inside
   * @param reach how far art goes on outwards without a gap, in inches
   * @param corner whether it looks into a corner of the bleed
   */
  public record Spot(Point on, Point out, boolean inked, double reach, boolean corner) {}

  /**
   * A run of places where art lies inside and does not reach the bleed edge.
   *
   * @param reach the least of them, in inches
   * @param corner whether it lies in a corner and close by
   */
  public record Gap(Point from, Point to, Box where, double length, double reach, boolean corner) {}

  private Coverage() {}

  /** The coverage of a face's trim. */
  public static Coverage ofTrim(Job job, Face face) {
    Frame frame = job.frame(face);
    Coverage coverage = new Coverage();
    if (frame.bleeds() && frame.outline().isPresent()) {
      return of(job, face, frame.outline().get(), frame.bleed().most());
    }
    if (frame.bleeds()) {
      Insets bleed = frame.bleed();
      coverage.walk(frame.trim().corners(), new double[] {bleed.top(), bleed.right(), bleed.bottom(), bleed.left()},
          near(job, face, frame));
    }
    return coverage;
  }

  /** The coverage of any closed outline on a face, such as that of a sticker; the bleed in inches. */
  public static Coverage of(Job job, Face face, Path outline, double bleed) {
    Coverage coverage = new Coverage();
    for (List<Point> chain : Flatten.chains(outline, TOLERANCE)) {
      if (chain.size() > 3) {
        List<Point> corners = new ArrayList<>(chain);
        if (corners.get(0).distance(corners.get(corners.size() - 1)) < 1e-9) {
          corners.remove(corners.size() - 1);
        }
        if (area(corners) < 0) {
          Collections.reverse(corners);
        }
        double[] all = new double[corners.size()];
        Arrays.fill(all, bleed);
        coverage.walk(corners, all, arts(job, face, new Box(-1000, -1000, 3000, 3000)));
      }
    }
    return coverage;
  }

  private static double area(List<Point> chain) {
    double sum = 0;
    for (int i = 0; i < chain.size(); i++) {
      Point a = chain.get(i);
      Point b = chain.get((i + 1) % chain.size());
      sum += a.x() * b.y() - b.x() * a.y();
    }
    return sum / 2;
  }

  static List<Flat> arts(Job job, Face face, Box within) {
    return outlines(job, face, within).map(path -> new Flat(path, TOLERANCE)).toList();
  }

  private static Stream<Path> outlines(Job job, Face face, Box within) {
    Forms forms = new Forms(job);
    return Scene.of(face).printing(within).stream().filter(n -> n.item().coversItsOutline()).map(forms::silhouette);
  }

  /** What reaches the trim or what lies outside it: all that the walk along the trim can meet. */
  private static List<Flat> near(Job job, Face face, Frame frame) {
    Box within = frame.trim().grown(-2 * INSIDE);
    return outlines(job, face, frame.bleedBox()).filter(path -> !Measure.hull(path).filter(hull -> within.contains(hull, 0)).isPresent())
        .map(path -> new Flat(path, TOLERANCE)).toList();
  }

  /**
   * Walks along a chain that runs clockwise as seen on the page.
   *
   * @param bleed of each edge, the one from the first corner to the second first
   */
  private void walk(List<Point> chain, double[] bleed, List<Flat> arts) {
    for (int i = 0; i < chain.size(); i++) {
      Point a = chain.get(i);
      Point b = chain.get((i + 1) % chain.size());
      Point c = chain.get((i + 2) % chain.size());
      double length = a.distance(b);
      if (length == 0) {
        continue;
      }
      Point n = normal(a, b);
      int steps = bleed[i] == 0 ? 0 : (int) Math.max(1, Math.ceil(length / STEP));
      for (int s = 0; s < steps; s++) {
        double t = (s + 0.5) / steps;
        examine(new Point(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y())), n, bleed[i], false, arts);
      }
      if (b.distance(c) > 0) {
        corner(b, n, normal(b, c), bleed[i], bleed[(i + 1) % chain.size()], arts);
      }
    }
  }

  /** At a corner that points outwards: fanned towards where the bleed's own edges meet, no farther than twice its width. */
  private void corner(Point at, Point n, Point next, double bleed, double nextBleed, List<Flat> arts) {
    double turn = n.x() * next.y() - n.y() * next.x();
    double cos = n.x() * next.x() + n.y() * next.y();
    if (turn < 0.35 || bleed == 0 || nextBleed == 0) {
      return;
    }
    for (int i = 1; i <= 3; i++) {
      double t = i / 4.0;
      double x = n.x() * bleed * (1 - t) + next.x() * nextBleed * t;
      double y = n.y() * bleed * (1 - t) + next.y() * nextBleed * t;
      double size = Math.hypot(x, y);
      double across = (x * n.x() + y * n.y()) / size / bleed;
      double along = (x * next.x() + y * next.y()) / size / nextBleed;
      double far = Math.min(2 * Math.max(bleed, nextBleed), 1 / Math.max(1e-6, Math.max(across, along)));
      examine(at, new Point(x / size, y / size), far, cos < 1, arts);
    }
  }

  private static Point normal(Point a, Point b) {
    double length = a.distance(b);
    return new Point((b.y() - a.y()) / length, -(b.x() - a.x()) / length);
  }

  private void examine(Point on, Point n, double far, boolean corner, List<Flat> arts) {
    Point in = corner ? on.plus(-n.x() * INSIDE * 1.4, -n.y() * INSIDE * 1.4) : on.plus(-n.x() * INSIDE, -n.y() * INSIDE);
    boolean inked = covered(in, arts);
    double reach = inked && covered(on.plus(n.x() * 1e-4, n.y() * 1e-4), arts) ? far : 0;
    for (double d = FINE; reach > 0 && d < far; d += FINE) {
      if (!covered(on.plus(n.x() * d, n.y() * d), arts)) {
        reach = d - FINE;
        break;
      }
    }
    spots.add(new Spot(on, on.plus(n.x() * far, n.y() * far), inked, reach, corner));
  }

  static boolean covered(Point p, List<Flat> arts) {
    for (Flat art : arts) {
      if (art.contains(p)) {
        return true;
      }
    }
    return false;
  }

  /** Every place that was looked at, in order along the outline. */
  public List<Spot> spots() {
    return List.copyOf(spots);
  }

  private boolean open(Spot s) {
    return s.inked() && s.reach() < s.on().distance(s.out()) - REACHED;
  }

  /** The runs of places that stay open. */
  public List<Gap> gaps() {
    List<Gap> out = new ArrayList<>();
    List<Spot> run = new ArrayList<>();
    int start = 0;
    while (start < spots.size() && open(spots.get(start))) {
      start++;
    }
    for (int i = 0; i < spots.size(); i++) {
      Spot s = spots.get((start + i) % spots.size());
      if (open(s)) {
        run.add(s);
      } else if (!run.isEmpty()) {
        out.add(gap(run));
        run.clear();
      }
    }
    if (!run.isEmpty()) {
      out.add(gap(run));
    }
    return out;
  }

  private Gap gap(List<Spot> run) {
    List<Point> all = new ArrayList<>();
    double reach = Double.MAX_VALUE;
    double length = 0;
    for (int i = 0; i < run.size(); i++) {
      all.add(run.get(i).on());
      all.add(run.get(i).out());
      reach = Math.min(reach, run.get(i).reach());
      length += i > 0 ? run.get(i).on().distance(run.get(i - 1).on()) : 0;
    }
    return new Gap(run.get(0).on(), run.get(run.size() - 1).on(), Box.around(all), length, reach,
        run.stream().anyMatch(Spot::corner) && length <= NEAR_CORNER * run.stream().mapToDouble(p -> p.on().distance(p.out())).max()
        .orElse(0));
  }

  /**
   * The least reach along a side of the finished edge, of the places where art lies inside; not a number when none does. In inches past
   * the edge, below 0 inside of it.
   */
  public double least(Side side) {
    double least = Double.NaN;
    for (Spot s : spots) {
      if (OverhangShort.side(s) == side && s.inked() && !s.corner()) {
        least = Double.isNaN(least) ? s.reach() : Math.min(least, s.reach());
      }
    }
    return least;
  }
}
