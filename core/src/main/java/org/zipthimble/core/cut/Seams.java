package org.zipthimble.core.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Flatten;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;

/**
 * Finds where seams do the least harm: where they cross the fewest edges, and then the least material. Seams are
 * upright; stepped ones may jog sideways between bands of the height.
 */
final class Seams {
  private static final double FINE = 0.002;
  private static final double COLUMN = 0.0625;
  private static final int BANDS = 48;
  private static final double STEP_COST = 0.6;
  private static final double INSIDE_COST = 0.35;

  private final Box box;
  private final List<double[]> edges = new ArrayList<>();

  Seams(List<Path> outlines, Box box) {
    this.box = box;
    for (Path path : outlines) {
      for (List<Point> chain : Flatten.chains(path, FINE)) {
        for (int i = 0; i + 1 < chain.size(); i++) {
          edges.add(new double[] {chain.get(i).x(), chain.get(i).y(), chain.get(i + 1).x(), chain.get(i + 1).y()});
        }
      }
    }
  }

  /**
   * Straight seams.
   *
   * @param count how many
   * @param widest the widest that a part may be, overlap included
   * @return their places from the left, in inches on the design's ground; by dynamic programming over columns of 1/16 in
   */
  List<Double> straight(int count, double widest, double overlap) {
    int columns = (int) Math.ceil(box.width() / COLUMN) + 1;
    double[] cost = new double[columns];
    for (int c = 0; c < columns; c++) {
      cost[c] = harm(x(c, columns), box.y() - 0.01, box.bottom() + 0.01);
    }
    double[][] best = new double[count + 1][columns];
    int[][] from = new int[count + 1][columns];
    for (double[] row : best) {
      Arrays.fill(row, Double.MAX_VALUE);
    }
    for (int seam = 1; seam <= count; seam++) {
      for (int c = 1; c < columns - 1; c++) {
        int first = seam == 1 ? 0 : 1;
        for (int p = first; p < (seam == 1 ? 1 : c); p++) {
          double before = seam == 1 ? 0 : best[seam - 1][p];
          boolean reaches = x(c, columns) - x(p, columns) + (seam == 1 ? overlap / 2 : overlap) <= widest;
          if (reaches && before < Double.MAX_VALUE && before + cost[c] < best[seam][c]) {
            best[seam][c] = before + cost[c];
            from[seam][c] = p;
          }
        }
      }
    }
    int last = -1;
    for (int c = 1; c < columns - 1; c++) {
      boolean reaches = box.right() - x(c, columns) + overlap / 2 <= widest;
      if (reaches && best[count][c] < Double.MAX_VALUE && (last < 0 || best[count][c] < best[count][last])) {
        last = c;
      }
    }
    List<Double> out = new ArrayList<>();
    for (int seam = count; seam >= 1 && last >= 0; seam--) {
      out.add(0, x(last, columns));
      last = from[seam][last];
    }
    return out;
  }

  private double x(int column, int columns) {
    return box.x() + box.width() * column / (columns - 1);
  }

  /**
   * A seam about a place that may step sideways.
   *
   * @param reach how far it may leave its place to either hand, in inches
   * @return its corners from above the design to below it
   */
  List<Point> stepped(double at, double reach) {
    int columns = 2 * (int) Math.floor(reach / COLUMN) + 1;
    double band = (box.height() + 0.02) / BANDS;
    double[][] best = new double[BANDS][columns];
    int[][] from = new int[BANDS][columns];
    for (int b = 0; b < BANDS; b++) {
      double top = box.y() - 0.01 + b * band;
      for (int c = 0; c < columns; c++) {
        double here = harm(at + (c - columns / 2) * COLUMN, top, top + band) + Math.abs(c - columns / 2) * 1e-3;
        best[b][c] = Double.MAX_VALUE;
        for (int p = 0; p < columns; p++) {
          double before = b == 0 ? (p == c ? 0 : Double.MAX_VALUE) : best[b - 1][p] + step(at, p, c, columns, top);
          if (before + here < best[b][c]) {
            best[b][c] = before + here;
            from[b][c] = p;
          }
        }
      }
    }
    int c = 0;
    for (int i = 1; i < columns; i++) {
      c = best[BANDS - 1][i] < best[BANDS - 1][c] ? i : c;
    }
    List<Point> back = new ArrayList<>();
    double bottom = box.bottom() + 0.01;
    for (int b = BANDS - 1; b >= 0; b--) {
      double x = at + (c - columns / 2) * COLUMN;
      back.add(new Point(x, bottom));
      bottom -= band;
      back.add(new Point(x, bottom));
      c = from[b][c];
    }
    java.util.Collections.reverse(back);
    return corners(back);
  }

  private static List<Point> corners(List<Point> all) {
    List<Point> out = new ArrayList<>();
    for (Point p : all) {
      int n = out.size();
      if (n > 0 && out.get(n - 1).distance(p) < 1e-9) {
        continue;
      }
      if (n > 1 && Math.abs(out.get(n - 1).x() - out.get(n - 2).x()) < 1e-9 && Math.abs(p.x() - out.get(n - 1).x()) < 1e-9) {
        out.set(n - 1, p);
      } else {
        out.add(p);
      }
    }
    return out;
  }

  private double step(double at, int p, int c, int columns, double y) {
    if (p == c) {
      return 0;
    }
    double a = at + (Math.min(p, c) - columns / 2) * COLUMN;
    double b = at + (Math.max(p, c) - columns / 2) * COLUMN;
    int crossed = 0;
    for (double[] e : edges) {
      boolean over = e[1] <= y != e[3] <= y;
      if (over) {
        double x = e[0] + (y - e[1]) / (e[3] - e[1]) * (e[2] - e[0]);
        crossed += x > a && x < b ? 1 : 0;
      }
    }
    return STEP_COST + crossed;
  }

  /** Edges that an upright line crosses between two heights, and a little for the length of it that lies in the material. */
  private double harm(double x, double top, double bottom) {
    List<Double> at = new ArrayList<>();
    for (double[] e : edges) {
      if (e[0] <= x != e[2] <= x) {
        at.add(e[1] + (x - e[0]) / (e[2] - e[0]) * (e[3] - e[1]));
      }
    }
    at.sort(Double::compare);
    double inside = 0;
    int crossed = 0;
    for (int i = 0; i < at.size(); i++) {
      crossed += at.get(i) > top && at.get(i) <= bottom ? 1 : 0;
      if (i % 2 == 1) {
        inside += Math.max(0, Math.min(bottom, at.get(i)) - Math.max(top, at.get(i - 1)));
      }
    }
    return crossed + INSIDE_COST * inside;
  }
}
