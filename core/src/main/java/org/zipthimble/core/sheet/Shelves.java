package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.units.Size;

/**
 * Pieces of several sizes on as few sheets as shelves take: rows as high as the highest piece in them, from the highest down, so that
 * straight cuts through the whole sheet part the rows, and cuts through a row part its pieces. Which of the first six kinds lie turned is
 * found by trying all ways.
 */
final class Shelves {
  private static final double ROUNDING = 1e-9;
  private static final int MOST_TRIED = 6;

  private Shelves() {}

  /**
   * Pieces of one kind.
   *
   * @param size the finished size
   * @param count how many of them
   */
  record Kind(Size size, int count) {}

  /** A piece on a sheet. */
  record Laid(Spots.Spot spot, int kind) {}

  /**
   * The sheets with their pieces; empty when a piece goes on none.
   *
   * @param paper the sheet, as it lies
   * @param edge what is left free at every edge, bleed included, in inches
   * @param gutter between the trims of neighbours
   */
  static List<List<Laid>> of(List<Kind> kinds, Size paper, double edge, double gutter, boolean mayTurn) {
    List<List<Laid>> best = List.of();
    double least = Double.MAX_VALUE;
    int tried = mayTurn ? 1 << Math.min(MOST_TRIED, kinds.size()) : 1;
    for (int turned = 0; turned < tried; turned++) {
      List<List<Laid>> sheets = laid(kinds, turned, paper, edge, gutter);
      double used = sheets.isEmpty() ? Double.MAX_VALUE : (sheets.size() - 1) * paper.height() + sheets.get(sheets.size() - 1).stream()
          .mapToDouble(l -> l.spot().trim().bottom()).max().orElse(0);
      if (used < least - ROUNDING) {
        least = used;
        best = sheets;
      }
    }
    return best;
  }

  private static List<List<Laid>> laid(List<Kind> kinds, int turned, Size paper, double edge, double gutter) {
    List<Integer> order = IntStream.range(0, kinds.size()).boxed()
        .sorted(Comparator.comparingDouble(k -> -height(kinds.get(k), k, turned))).toList();
    List<List<Laid>> sheets = new ArrayList<>();
    List<Laid> sheet = new ArrayList<>();
    double x = edge;
    double y = edge;
    double shelf = 0;
    for (int k : order) {
      double h = height(kinds.get(k), k, turned);
      double w = kinds.get(k).size().width() + kinds.get(k).size().height() - h;
      if (w > paper.width() - 2 * edge + ROUNDING || h > paper.height() - 2 * edge + ROUNDING) {
        return List.of();
      }
      for (int i = 0; i < kinds.get(k).count(); i++) {
        if (x + w > paper.width() - edge + ROUNDING) {
          x = edge;
          y += shelf + gutter;
          shelf = 0;
        }
        if (y + Math.max(h, shelf) > paper.height() - edge + ROUNDING) {
          sheets.add(sheet);
          sheet = new ArrayList<>();
          x = edge;
          y = edge;
          shelf = 0;
        }
        sheet.add(new Laid(new Spots.Spot(new Box(x, y, w, h), turned(k, turned)), k));
        x += w + gutter;
        shelf = Math.max(shelf, h);
      }
    }
    if (!sheet.isEmpty()) {
      sheets.add(sheet);
    }
    return sheets;
  }

  private static boolean turned(int kind, int turned) {
    return kind < MOST_TRIED && (turned >> kind & 1) == 1;
  }

  private static double height(Kind kind, int index, int turned) {
    return turned(index, turned) ? kind.size().width() : kind.size().height();
  }
}
