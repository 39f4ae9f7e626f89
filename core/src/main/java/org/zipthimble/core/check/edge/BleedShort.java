package org.zipthimble.core.check.edge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.check.FaceCheck;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.Mend;
import org.zipthimble.core.check.Subject;
import org.zipthimble.core.check.Weight;
import org.zipthimble.core.form.SceneNode;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Inside;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;

/**
 * Artwork that reaches the trim but not the bleed edge, side by side. What counts is an edge of the
 * artwork that runs along the side between just inside the trim and the bleed edge: if the knife
 * drifts there, bare paper shows. A tip that only pokes past the trim has no such edge.
 */
public final class BleedShort extends FaceCheck {
  /** An edge this near inside the trim was meant to reach it, in inches. */
  private static final double MEANT = 1.0 / 64;

  /** How far an edge may end before the bleed edge and still count as reaching it, in inches. */
  private static final double REACHED = 0.004;

  /** The steepest an edge may run against its side, as a tangent: 5 degrees. */
  private static final double ALONG = Math.tan(Math.toRadians(5));

  /** An edge this long counts, in inches; of narrow things half their width does. */
  private static final double LONG_EDGE = 0.25;

  private static final double FINE = 0.002;

  @Override
  public Set<String> codes() {
    return Set.of("bleed-short");
  }

  @Override
  public List<Finding> examine(Subject on) {
    List<Finding> found = new ArrayList<>();
    Frame frame = on.frame();
    if (frame.bleed().most() <= REACHED || frame.outline().isPresent()) {
      return found;
    }
    List<SceneNode> printed = on.printing();
    for (int i = 0; i < printed.size(); i++) {
      if (!covers(printed.get(i))) {
        continue;
      }
      Path outline = on.forms().silhouette(printed.get(i));
      Optional<Box> hull = Measure.hull(outline);
      double grown = lineReach(printed.get(i));
      for (Side side : Side.values()) {
        boolean near = frame.bleed().at(side) > REACHED && hull.filter(h -> past(frame, h, side) + grown >= -MEANT).isPresent();
        Optional<Edge> edge = near ? shortEdge(on, printed, i, outline, side) : Optional.empty();
        if (edge.isPresent()) {
          found.add(finding(on, printed.get(i).item(), side, edge.get()));
        }
      }
    }
    return found;
  }

  @Override
  public List<Mend> mends(Job job, Face face, Finding finding) {
    return BleedMends.of(job, face, finding);
  }

  /** A run of edge along a side: how far past the trim it lies (below zero inside), where, and what lies beyond. */
  private record Edge(double past, double from, double to, boolean bare) {}

  private static boolean covers(SceneNode placed) {
    return placed.item().coversItsOutline() || placed.item().outlined().flatMap(HasOutline::line).isPresent();
  }

  /** How far outside the trim a box reaches on a side. */
  private static double past(Frame frame, Box box, Side side) {
    return Math.max(frame.past(box.x(), box.y(), side), frame.past(box.right(), box.bottom(), side));
  }

  private static Optional<Edge> shortEdge(Subject on, List<SceneNode> printed, int index, Path outline, Side side) {
    SceneNode placed = printed.get(index);
    Frame frame = on.frame();
    double grown = lineReach(placed);
    double total = 0;
    double least = Double.POSITIVE_INFINITY;
    double from = Double.POSITIVE_INFINITY;
    double to = Double.NEGATIVE_INFINITY;
    boolean bare = false;
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (List<Point> chain : Flatten.chains(outline, FINE)) {
      for (Point p : chain) {
        low = Math.min(low, along(p, side));
        high = Math.max(high, along(p, side));
      }
      for (int i = 0; i + 1 < chain.size(); i++) {
        Point a = chain.get(i);
        Point b = chain.get(i + 1);
        double run = Math.abs(along(b, side) - along(a, side));
        double past = Math.min(frame.past(a.x(), a.y(), side), frame.past(b.x(), b.y(), side)) + grown;
        boolean inBand = past >= -MEANT && past < frame.bleed().at(side) - REACHED;
        if (run == 0 || Math.abs(frame.past(b.x(), b.y(), side) - frame.past(a.x(), a.y(), side)) > ALONG * run || !inBand
            || !onFace(frame, a, b, side) || hidden(on, printed, index, a, b, side) || continued(on, printed, index, a, b, side)) {
          continue;
        }
        total += run;
        least = Math.min(least, past);
        from = Math.min(from, Math.min(along(a, side), along(b, side)));
        to = Math.max(to, Math.max(along(a, side), along(b, side)));
        bare |= !backed(on, printed, index, a, b, side);
      }
    }
    boolean straightLine = placed.item().placement().height() == 0;
    double needed = straightLine ? 0 : Math.min(LONG_EDGE, (high - low) / 2);
    return total > 0 && total >= needed ? Optional.of(new Edge(least, from, to, bare)) : Optional.empty();
  }

  private static double lineReach(SceneNode placed) {
    return placed.item().outlined().flatMap(HasOutline::line).map(l -> Unit.POINT.toInches(l.widthPt()) / 2).orElse(0.0);
  }

  private static double along(Point p, Side side) {
    return side.upright() ? p.y() : p.x();
  }

  private static boolean onFace(Frame frame, Point a, Point b, Side side) {
    return Math.max(along(a, side), along(b, side)) > 0 && Math.min(along(a, side), along(b, side)) < frame.length(side);
  }

  /** Whether solid objects above lie over the edge, looked at in three places. */
  private static boolean hidden(Subject on, List<SceneNode> printed, int index, Point a, Point b, Side side) {
    for (double t : new double[] {0.1, 0.5, 0.9}) {
      Point inside = step(at(a, b, t), side, -FINE);
      boolean over = printed.subList(index + 1, printed.size()).stream()
          .anyMatch(p -> p.solid() && p.item().coversItsOutline() && Inside.contains(on.forms().silhouette(p), inside, FINE));
      if (!over) {
        return false;
      }
    }
    return true;
  }

  /** Whether other artwork lies just outside the edge, so that no bare paper shows. */
  private static boolean backed(Subject on, List<SceneNode> printed, int index, Point a, Point b, Side side) {
    for (double t : new double[] {0.1, 0.5, 0.9}) {
      Point outside = step(at(a, b, t), side, 2 * FINE);
      boolean under = false;
      for (int i = 0; i < printed.size() && !under; i++) {
        under = i != index && printed.get(i).item().coversItsOutline()
            && Inside.contains(on.forms().silhouette(printed.get(i)), outside, FINE);
      }
      if (!under) {
        return false;
      }
    }
    return true;
  }

  /** Whether the same picture goes on outside, as where its edge is mirrored outward. */
  private static boolean continued(Subject on, List<SceneNode> printed, int index, Point a, Point b, Side side) {
    List<String> own = printed.get(index).item().pictureIds();
    Point outside = step(at(a, b, 0.5), side, 2 * FINE);
    return !own.isEmpty() && printed.stream().anyMatch(p -> p != printed.get(index) && p.item().pictureIds().equals(own)
        && Inside.contains(on.forms().silhouette(p), outside, FINE));
  }

  private static Point at(Point a, Point b, double t) {
    return new Point(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y()));
  }

  private static Point step(Point p, Side side, double out) {
    return switch (side) {
      case LEFT -> p.plus(-out, 0);
      case RIGHT -> p.plus(out, 0);
      case TOP -> p.plus(0, -out);
      case BOTTOM -> p.plus(0, out);
    };
  }

  private static Finding finding(Subject on, Item item, Side side, Edge edge) {
    Ticket ticket = on.job().ticket();
    Face face = on.face();
    double asked = on.frame().bleed().at(side);
    double missing = asked - edge.past();
    String wants = Lengths.showWithSign(asked, ticket.unit());
    String lacks = Lengths.showWithSign(missing, ticket.unit());
    String title = Wording.text("finding.bleed.title", lacks, side.spoken());
    String reach = edge.past() > REACHED
        ? Wording.text("finding.bleed.past", item.properties().name(), Lengths.showWithSign(edge.past(), ticket.unit()),
            side.spoken(), wants, face.name())
        : Wording.text("finding.bleed.atTrim", item.properties().name(), side.spoken(), wants, face.name());
    return new Finding(
        "bleed-short", edge.bare() ? Weight.RUIN : Weight.LOOK, face.id(), Optional.of(item.id()), Optional.of(side),
        strip(on.frame(), side, edge), edge.past(), asked, title, reach,
        Wording.text("finding.bleed.mend", lacks, side.spoken()));
  }

  private static Box strip(Frame frame, Side side, Edge edge) {
    Box bleed = frame.bleedBox();
    double near = edge.from();
    double length = edge.to() - edge.from();
    double wide = frame.bleed().at(side) - edge.past();
    return switch (side) {
      case LEFT -> new Box(bleed.x(), near, wide, length);
      case RIGHT -> new Box(bleed.right() - wide, near, wide, length);
      case TOP -> new Box(near, bleed.y(), length, wide);
      case BOTTOM -> new Box(near, bleed.bottom() - wide, length, wide);
    };
  }
}
