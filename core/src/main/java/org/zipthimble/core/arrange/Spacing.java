package org.zipthimble.core.arrange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;

/** Spaces objects evenly, shows their gaps, and sets a gap that is typed. */
public final class Spacing {
  /** What becomes equal. */
  public enum By {
    /** The gaps between neighbours. */
    GAPS,
    /** The distances of the left or upper edges. */
    STARTS,
    /** The distances of the middles. */
    MIDDLES,
    /** The distances of the right or lower edges. */
    ENDS
  }

  /** The smallest and the largest gap between neighbours, in inches; below zero where they overlap. */
  public record Gaps(double least, double most) {
    /** Whether all gaps are one, within a thousandth of an inch. */
    public boolean even() {
      return most - least < 0.001;
    }
  }

  private Spacing() {}

  /** The gaps of neighbours along an axis; empty for fewer than two objects. */
  public static Optional<Gaps> gaps(Face face, Set<String> ids, Axis axis) {
    List<PlacedBox> sorted = sorted(face, ids, axis);
    double least = Double.POSITIVE_INFINITY;
    double most = Double.NEGATIVE_INFINITY;
    for (int i = 1; i < sorted.size(); i++) {
      double gap = axis.start(sorted.get(i).box()) - axis.end(sorted.get(i - 1).box());
      least = Math.min(least, gap);
      most = Math.max(most, gap);
    }
    return sorted.size() < 2 ? Optional.empty() : Optional.of(new Gaps(least, most));
  }

  /**
   * Spaces objects evenly. To each other or to the key object, the first and the last stay; else the
   * first and last touch the sides of the trim, the safe area or the face.
   */
  public static Edit evenly(Frame frame, Face face, Set<String> ids, Axis axis, By by, AlignObjects.To to) {
    List<PlacedBox> sorted = sorted(face, ids, axis);
    Map<String, Point> moves = new HashMap<>();
    if (sorted.size() > 1) {
      Box over = to == AlignObjects.To.KEY ? AlignObjects.reference(frame, sorted, AlignObjects.To.EACH_OTHER, Optional.empty())
          : AlignObjects.reference(frame, sorted, to, Optional.empty());
      double from = axis.start(over);
      double length = axis.length(over);
      if (by == By.GAPS) {
        double taken = sorted.stream().mapToDouble(s -> axis.length(s.box())).sum();
        inARow(sorted, axis, from, (length - taken) / (sorted.size() - 1), moves);
      } else {
        pitched(sorted, axis, by, from, from + length, moves);
      }
    }
    return PlacedBox.shift(face.id(), "edit.space", moves);
  }

  /**
   * Sets every gap along an axis; the key object stays, or else the first one.
   *
   * @param gap in inches; below zero they overlap
   */
  public static Edit gap(Face face, Set<String> ids, Axis axis, double gap, Optional<String> key) {
    List<PlacedBox> sorted = sorted(face, ids, axis);
    Map<String, Point> moves = new HashMap<>();
    if (!sorted.isEmpty()) {
      inARow(sorted, axis, axis.start(sorted.get(0).box()), gap, moves);
      Point back = key.map(moves::get).orElse(new Point(0, 0));
      moves.replaceAll((id, d) -> d.plus(-back.x(), -back.y()));
    }
    return PlacedBox.shift(face.id(), "edit.gap", moves);
  }

  /**
   * Pulls the end of a row: the first stays, the last ends at a new place, and every gap changes by as much.
   *
   * @param end where the last one ends, in inches on the face
   */
  public static Edit pulled(Face face, Set<String> ids, Axis axis, double end) {
    List<PlacedBox> sorted = sorted(face, ids, axis);
    Map<String, Point> moves = new HashMap<>();
    if (sorted.size() > 1) {
      double now = sorted.stream().mapToDouble(s -> axis.end(s.box())).max().orElseThrow();
      double each = (end - now) / (sorted.size() - 1);
      for (int i = 0; i < sorted.size(); i++) {
        moves.put(sorted.get(i).id(), axis.shift(each * i));
      }
    }
    return PlacedBox.shift(face.id(), "edit.gap", moves);
  }

  private static void inARow(List<PlacedBox> sorted, Axis axis, double from, double gap, Map<String, Point> moves) {
    double at = from;
    for (PlacedBox s : sorted) {
      moves.put(s.id(), axis.shift(at - axis.start(s.box())));
      at += axis.length(s.box()) + gap;
    }
  }

  private static void pitched(
      List<PlacedBox> sorted, Axis axis, By by, double from, double to, Map<String, Point> moves) {
    double share = by == By.STARTS ? 0 : by == By.MIDDLES ? 0.5 : 1;
    Box first = sorted.get(0).box();
    Box last = sorted.get(sorted.size() - 1).box();
    double start = from + share * axis.length(first);
    double pitch = (to - (1 - share) * axis.length(last) - start) / (sorted.size() - 1);
    for (int i = 0; i < sorted.size(); i++) {
      Box box = sorted.get(i).box();
      moves.put(sorted.get(i).id(), axis.shift(start + i * pitch - (axis.start(box) + share * axis.length(box))));
    }
  }

  private static List<PlacedBox> sorted(Face face, Set<String> ids, Axis axis) {
    List<PlacedBox> sorted = new ArrayList<>(PlacedBox.of(face, ids));
    sorted.sort(Comparator.comparingDouble(s -> axis.middle(s.box())));
    return sorted;
  }
}
