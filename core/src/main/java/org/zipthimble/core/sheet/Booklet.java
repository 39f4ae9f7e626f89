package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.List;

/**
 * The order in which pages lie on the sheets of a saddle-stitched booklet. The sheets lie within each other, the outermost first: the
 * first and the last page share it, and the numbers of two pages beside each other add up to the number of pages and one (arithmetic of
 * folding).
 */
public final class Booklet {
  private Booklet() {}

  /**
   * A side of a sheet with two pages.
   *
   * @param sheet from 0, the outermost
   * @param back whether it is the side that lies inwards
   * @param left the number of the page at the left, from 1
   * @param right the number of the page at the right
   */
  public record Side(int sheet, boolean back, int left, int right) {}

  /**
   * The sides of all sheets, each front followed by its back.
   *
   * @param pages a number that four goes into
   */
  public static List<Side> sides(int pages) {
    if (pages < 4 || pages % 4 != 0) {
      throw new IllegalArgumentException("a booklet has pages in fours: " + pages);
    }
    List<Side> out = new ArrayList<>();
    for (int s = 0; s < pages / 4; s++) {
      out.add(new Side(s, false, pages - 2 * s, 1 + 2 * s));
      out.add(new Side(s, true, 2 + 2 * s, pages - 1 - 2 * s));
    }
    return out;
  }

  /**
   * How far the pages of a sheet are moved towards the fold, in inches, because the sheets around it push it out: the inmost by the number
   * of sheets less one times the thickness of a leaf (geometry of nested folds).
   */
  public static double creep(int sheet, double leaf) {
    return sheet * leaf;
  }
}
