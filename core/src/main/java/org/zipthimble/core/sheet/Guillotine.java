package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.units.Size;

/**
 * Straight cuts that take pieces out of a sheet, in an order that a guillotine can follow: each goes through the whole of the part it is
 * made in.
 */
public final class Guillotine {
  private static final double NEAR = 1e-6;

  private Guillotine() {}

  /**
   * A cut.
   *
   * @param upright whether it runs from top to bottom
   * @param at its distance from the sheet's left or top edge, in inches
   * @param within the part of the sheet that it goes through
   */
  public record Cut(boolean upright, double at, Box within) {}

  /**
   * The cuts in order; empty when no order of straight cuts takes them apart.
   *
   * @param trims of the pieces, which do not overlap
   */
  public static List<Cut> cuts(Size paper, List<Box> trims) {
    List<Cut> out = new ArrayList<>();
    return part(new Box(0, 0, paper.width(), paper.height()), trims, out) ? out : List.of();
  }

  private static boolean part(Box part, List<Box> trims, List<Cut> out) {
    if (trims.isEmpty() || trims.size() == 1 && same(part, trims.get(0))) {
      return true;
    }
    List<Double> across = free(part, trims, false);
    List<Double> down = free(part, trims, true);
    if (across.isEmpty() && down.isEmpty()) {
      return false;
    }
    // the fewer first: every strip is cut in turn the other way
    boolean upright = across.isEmpty() || !down.isEmpty() && down.size() <= across.size();
    List<Double> at = upright ? down : across;
    double from = upright ? part.x() : part.y();
    List<Double> ends = new ArrayList<>(at);
    ends.add(upright ? part.right() : part.bottom());
    at.forEach(a -> out.add(new Cut(upright, a, part)));
    for (double to : ends) {
      Box strip = upright ? new Box(from, part.y(), to - from, part.height()) : new Box(part.x(), from, part.width(), to - from);
      List<Box> held = trims.stream().filter(t -> strip.contains(t.centre())).toList();
      if (!part(strip, held, out)) {
        return false;
      }
      from = to;
    }
    return true;
  }

  /** Edges of pieces within a part at which a cut through all of it meets none. */
  private static List<Double> free(Box part, List<Box> trims, boolean upright) {
    TreeSet<Double> found = new TreeSet<>();
    double low = upright ? part.x() : part.y();
    double high = upright ? part.right() : part.bottom();
    for (Box t : trims) {
      for (double edge : upright ? new double[] {t.x(), t.right()} : new double[] {t.y(), t.bottom()}) {
        boolean inside = edge > low + NEAR && edge < high - NEAR;
        boolean known = found.floor(edge + NEAR) != null && found.floor(edge + NEAR) > edge - NEAR;
        if (inside && !known && trims.stream()
            .noneMatch(o -> upright ? o.x() < edge - NEAR && o.right() > edge + NEAR : o.y() < edge - NEAR && o.bottom() > edge + NEAR)) {
          found.add(edge);
        }
      }
    }
    return List.copyOf(found);
  }

  private static boolean same(Box a, Box b) {
    return Math.abs(a.x() - b.x()) < NEAR && Math.abs(a.y() - b.y()) < NEAR && Math.abs(a.right() - b.right()) < NEAR
        && Math.abs(a.bottom() - b.bottom()) < NEAR;
  }
}
