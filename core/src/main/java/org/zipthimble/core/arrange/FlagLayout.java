package org.zipthimble.core.arrange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.units.Size;

/**
 * Where flags stand that speak of places: in columns left and right of the thing they speak of, each on the side its place is nearer to and
 * as near to its height as the others leave room for. None lies over another; none lies over the thing as long as there is room beside it.
 * Any one unit of length will do, such as pixels; y goes downwards.
 */
public final class FlagLayout {
  private FlagLayout() {}

  /**
   * The boxes of flags, in the order they were given.
   *
   * @param tips the places they speak of
   * @param sizes how large each flag is
   * @param field where flags may stand
   * @param thing what they are not to lie over
   * @param gap between flags, and from the thing
   */
  public static List<Box> place(List<Box> tips, List<Size> sizes, Box field, Box thing, double gap) {
    List<Box> out = new ArrayList<>();
    List<Integer> left = new ArrayList<>();
    List<Integer> right = new ArrayList<>();
    for (int i = 0; i < tips.size(); i++) {
      out.add(field);
      (tips.get(i).centre().x() < thing.centre().x() ? left : right).add(i);
    }
    balance(left, right, tips, sizes, field.height(), gap);
    balance(right, left, tips, sizes, field.height(), gap);
    column(left, true, tips, sizes, field, thing, gap, out);
    column(right, false, tips, sizes, field, thing, gap, out);
    return out;
  }

  /** Moves the flags of a column that is too full to the other one, those nearest to the middle first. */
  private static void balance(List<Integer> full, List<Integer> other, List<Box> tips, List<Size> sizes, double height, double gap) {
    while (height(full, sizes, gap) > height && height(other, sizes, gap) + gap < height(full, sizes, gap)) {
      double middle = full.stream().mapToDouble(i -> tips.get(i).centre().x()).average().orElse(0);
      Integer moved = full.stream().max(Comparator.comparingDouble(i -> Math.abs(tips.get(i).centre().x() - middle))).orElseThrow();
      full.remove(moved);
      other.add(moved);
    }
  }

  private static double height(List<Integer> column, List<Size> sizes, double gap) {
    return column.stream().mapToDouble(i -> sizes.get(i).height() + gap).sum();
  }

  private static void column(
      List<Integer> column, boolean left, List<Box> tips, List<Size> sizes, Box field, Box thing, double gap, List<Box> out) {
    column.sort(Comparator.comparingDouble(i -> tips.get(i).centre().y()));
    double[] tops = new double[column.size()];
    double next = field.y();
    for (int k = 0; k < column.size(); k++) {
      Size size = sizes.get(column.get(k));
      tops[k] = Math.max(next, tips.get(column.get(k)).centre().y() - size.height() / 2);
      next = tops[k] + size.height() + gap;
    }
    double bottom = field.bottom();
    for (int k = column.size() - 1; k >= 0; k--) {
      Size size = sizes.get(column.get(k));
      tops[k] = Math.min(tops[k], bottom - size.height());
      bottom = tops[k] - gap;
    }
    for (int k = 0; k < column.size(); k++) {
      Size size = sizes.get(column.get(k));
      double x = left ? Math.max(field.x(), thing.x() - gap - size.width()) : Math.min(field.right() - size.width(), thing.right() + gap);
      out.set(column.get(k), new Box(x, tops[k], size.width(), size.height()));
    }
  }
}
