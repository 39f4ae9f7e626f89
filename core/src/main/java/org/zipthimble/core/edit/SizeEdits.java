package org.zipthimble.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.zipthimble.core.fill.Grounds;
import org.zipthimble.core.form.Reshape;
import org.zipthimble.core.form.Scene;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SizeSet;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/**
 * One design in several finished sizes. What is tied to an edge stays at it, what is in the middle stays there, and what reaches past two
 * edges goes on reaching past them. Along each axis the distance to a near edge grows with the design; a distance past an edge, which is
 * bleed, stays.
 */
public final class SizeEdits {
  /** What is nearer to an edge than this part of the shorter side is tied to it. */
  private static final double NEAR = 0.13;

  /** What is so near to the middle, as a part of the side, is in the middle. */
  private static final double MIDDLE = 0.012;

  /** A shape that may be stretched and is so much of a side is tied to both its ends. */
  private static final double MOST = 0.6;

  private static final double ROUNDING = 1e-6;

  private SizeEdits() {}

  /** Changes the set of sizes. */
  public static Edit set(UnaryOperator<SizeSet> change) {
    return new Edit(Wording.text("edit.sizes"), job -> job.withSizes(change.apply(job.sizes())));
  }

  /** Takes a size in; one that is there already, or the ticket's own, changes nothing. */
  public static Edit add(Size size) {
    return new Edit(Wording.text("edit.sizes"), job -> {
      List<Size> all = new ArrayList<>(job.sizes().sizes());
      boolean known = all.contains(size) || size.equals(job.usualFrame().size()) || all.size() >= SizeSet.MOST;
      all.add(size);
      return known ? job : job.withSizes(job.sizes().withSizes(all));
    });
  }

  /** Takes a size out. */
  public static Edit remove(Size size) {
    return set(s -> s.withSizes(s.sizes().stream().filter(o -> !o.equals(size)).toList()));
  }

  /** The jobs of all sizes, that of the ticket first; each without the others. */
  public static List<Job> all(Job job) {
    List<Job> out = new ArrayList<>(List.of(job.withSizes(SizeSet.NONE)));
    job.sizes().sizes().forEach(s -> out.add(at(job, s)));
    return out;
  }

  /** The job in another size, its faces of their own sizes as they are. */
  public static Job at(Job job, Size size) {
    Job out = job.withTicket(job.ticket().sized(size)).withSizes(SizeSet.NONE);
    Size was = job.usualFrame().size();
    List<Face> faces = out.faces().stream().map(f -> f.form().size().isPresent() ? f : resized(f, was, size, job.sizes().scaleWords()))
        .toList();
    return Grounds.laid(Flow.settled(out.withFaces(faces)));
  }

  private static Face resized(Face face, Size was, Size is, boolean scaleWords) {
    double grow = Math.min(is.width() / was.width(), is.height() / was.height());
    Scene scene = Scene.of(face);
    return face.withItems(face.items().stream().map(i -> resized(i, scene.around(i), was, is, grow, scaleWords)).toList());
  }

  private static Item resized(Item item, Box box, Size was, Size is, double grow, boolean scaleWords) {
    boolean stretches = item.outlined().filter(s -> s.outline().boxed() || s.outline().straight()).isPresent() && item.placement()
        .turn() % 90 == 0;
    boolean keeps = item.words().isPresent() && !scaleWords;
    double near = NEAR * Math.min(was.width(), was.height());
    Span across = span(box.x(), box.right(), was.width(), is.width(), near, grow, stretches);
    Span down = span(box.y(), box.bottom(), was.height(), is.height(), near, grow, stretches);
    double x = across.scale();
    double y = down.scale();
    if (!stretches) {
      // what has a proportion covers what it covered
      double most = across.both() && down.both() ? Math.max(x, y) : across.both() ? x : down.both() ? y : grow;
      x = keeps ? across.both() ? x : is.width() / was.width() : most;
      y = keeps ? 1 : most;
    }
    double left = across.placed(box.x(), box.right(), x);
    double top = down.placed(box.y(), box.bottom(), y);
    Affine map = Affine.move(-box.x(), -box.y()).then(Affine.scale(x, y)).then(Affine.move(left, top));
    Item placed = item.with(Reshape.lifted(item.placement(), map));
    return Mounts.laid(keeps ? placed : placed.scaled(stretches ? grow : Math.sqrt(x * y)));
  }

  /**
   * What becomes of an axis.
   *
   * @param was the length of the side before
   * @param is its length now
   * @param low how far the lower edge is to be from the side's beginning now, where it is tied to it
   * @param high the same at the end
   * @param tied -1 to the beginning, 1 to the end, 0 to the middle, 2 to both, 3 to where it stood in proportion
   */
  private record Span(double was, double is, double low, double high, int tied, double scale) {
    boolean both() {
      return tied == 2;
    }

    double placed(double from, double to, double scaled) {
      double length = (to - from) * scaled;
      switch (tied) {
        case -1:
          return low;
        case 1:
          return is - high - length;
        case 2:
          return low + (is - high - low - length) / 2;
        case 0:
          return (is - length) / 2 + ((from + to) / 2 - was / 2) * scaled;
        default:
          return (from + to) / 2 / was * is - length / 2;
      }
    }
  }

  private static Span span(double from, double to, double was, double is, double near, double grow, boolean stretches) {
    double low = from <= ROUNDING ? from : from * grow;
    double high = was - to <= ROUNDING ? was - to : (was - to) * grow;
    boolean atLow = from <= near;
    boolean atHigh = was - to <= near;
    double middle = (from + to) / 2 - was / 2;
    // a frame or a panel that is most of a side goes on being that
    if (atLow && atHigh || stretches && to - from >= MOST * was) {
      return new Span(was, is, low, high, 2, to - from <= 0 ? 1 : (is - low - high) / (to - from));
    }
    int tied = Math.abs(middle) <= MIDDLE * was ? 0 : atLow ? -1 : atHigh ? 1 : 3;
    return new Span(was, is, low, high, tied, grow);
  }
}
