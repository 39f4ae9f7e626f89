package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;

/**
 * Where pieces lie on a sheet: rows and columns one way round, or blocks of both ways that straight cuts through the whole of a part take
 * apart (guillotine cuts), as many as such cuts allow.
 */
public final class Spots {
  private static final double ROUNDING = 1e-9;

  /** Positions are told apart to this part of an inch while blocks are looked for. */
  private static final double FINE = 1e-6;

  /** More parts than these are not parted again. */
  private static final long MOST_PARTS = 4000;

  private Spots() {}

  /** A piece's trim on the sheet in inches, and whether it lies a quarter turned. */
  public record Spot(Box trim, boolean turned) {}

  /** A block of pieces in a field of cells. */
  private record Block(double x, double y, int across, int down, boolean turned) {}

  /**
   * The places of pieces, from the top left, line by line.
   *
   * @param piece the finished size
   * @param bleed what a piece needs around itself; upright and turned pieces are given the most of all sides
   * @param free what is left free at every edge of the sheet, in inches
   */
  public static List<Spot> of(Size piece, Insets bleed, Size paper, Gang gang, double free) {
    if (gang.labels().isPresent()) {
      return labels(piece, paper, gang, gang.labels().get());
    }
    double around = bleed.most();
    double width = paper.width() - 2 * free - 2 * around;
    double height = paper.height() - 2 * free - 2 * around;
    List<Block> blocks = switch (gang.turning()) {
      case UPRIGHT -> grid(piece, width, height, gang, false);
      case TURNED -> grid(piece, width, height, gang, true);
      case BEST -> better(grid(piece, width, height, gang, false), grid(piece, width, height, gang, true));
      case MIXED -> gang.across() > 0 || gang.down() > 0
          ? better(grid(piece, width, height, gang, false), grid(piece, width, height, gang, true))
          : new Mixed(piece.width() + gang.gutter(), piece.height() + gang.gutter()).best(width + gang.gutter(), height + gang.gutter());
    };
    List<Spot> spots = new ArrayList<>();
    for (Block block : blocks) {
      double w = block.turned() ? piece.height() : piece.width();
      double h = block.turned() ? piece.width() : piece.height();
      for (int row = 0; row < block.down(); row++) {
        for (int column = 0; column < block.across(); column++) {
          spots.add(new Spot(new Box(block.x() + column * (w + gang.gutter()), block.y() + row * (h + gang.gutter()), w, h),
              block.turned()));
        }
      }
    }
    return placed(spots, paper, gang, free + around);
  }

  /** Places that are cut already: as many as are typed or as stand wholly on the sheet. */
  private static List<Spot> labels(Size piece, Size paper, Gang gang, Gang.Labels labels) {
    int across = count(paper.width() - labels.left(), piece.width(), labels.stepX() - piece.width());
    int down = count(paper.height() - labels.top(), piece.height(), labels.stepY() - piece.height());
    int columns = gang.across() == 0 ? across : gang.across();
    int rows = gang.down() == 0 ? down : gang.down();
    boolean fits = columns <= across && rows <= down && labels.stepX() + ROUNDING >= piece.width()
        && labels.stepY() + ROUNDING >= piece.height();
    List<Spot> out = new ArrayList<>();
    for (int row = 0; fits && row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        out.add(new Spot(new Box(labels.left() + column * labels.stepX(), labels.top() + row * labels.stepY(), piece.width(),
            piece.height()), false));
      }
    }
    return out;
  }

  private static List<Block> grid(Size piece, double width, double height, Gang gang, boolean turned) {
    int across = count(width, turned ? piece.height() : piece.width(), gang.gutter());
    int down = count(height, turned ? piece.width() : piece.height(), gang.gutter());
    int columns = gang.across() == 0 ? across : gang.across();
    int rows = gang.down() == 0 ? down : gang.down();
    return columns > across || rows > down || columns * rows == 0 ? List.of() : List.of(new Block(0, 0, columns, rows, turned));
  }

  /** How many of a length go into a room with a gap between them: the room and a gap, parted by the length and a gap. */
  static int count(double room, double length, double gap) {
    return room + ROUNDING < length ? 0 : (int) Math.floor((room + gap + ROUNDING) / (length + gap));
  }

  private static List<Block> better(List<Block> a, List<Block> b) {
    return number(b) > number(a) ? b : a;
  }

  private static int number(List<Block> blocks) {
    return blocks.stream().mapToInt(b -> b.across() * b.down()).sum();
  }

  /** The whole in the middle of the sheet, or in its corner; in the order of reading. */
  private static List<Spot> placed(List<Spot> spots, Size paper, Gang gang, double edge) {
    if (spots.isEmpty()) {
      return spots;
    }
    Box all = spots.stream().map(Spot::trim).reduce(Box::union).orElseThrow();
    double dx = gang.corner() ? edge - all.x() : (paper.width() - all.width()) / 2 - all.x();
    double dy = gang.corner() ? edge - all.y() : (paper.height() - all.height()) / 2 - all.y();
    List<Spot> out = new ArrayList<>(
        spots.stream().map(s -> new Spot(new Box(s.trim().x() + dx, s.trim().y() + dy, s.trim().width(), s.trim().height()), s.turned()))
        .toList());
    out.sort((a, b) -> Math.abs(a.trim().y() - b.trim().y()) > FINE ? Double.compare(a.trim().y(), b.trim().y())
        : Double.compare(a.trim().x(), b.trim().x()));
    return out;
  }

  /**
   * The most pieces of one size, either way round, that guillotine cuts take out of a field: the better of the two grids or of any two
   * parts that a cut at a sum of whole pieces makes (the recursion of Gilmore and Gomory, 1965, for one size).
   */
  private static final class Mixed {
    private final double w;
    private final double h;
    private final Map<Long, List<Block>> known = new HashMap<>();

    /** Whether parts are parted again; of many small pieces one cut is nearly as good, and all of them would take hours. */
    private boolean deep;
    private NavigableSet<Double> all = new TreeSet<>();
    private int cuts;

    Mixed(double w, double h) {
      this.w = w;
      this.h = h;
    }

    List<Block> best(double width, double height) {
      if (width + ROUNDING < Math.min(w, h) || height + ROUNDING < Math.min(w, h)) {
        return List.of();
      }
      all = sums(Math.max(width, height));
      deep = (long) all.headSet(width, true).size() * all.headSet(height, true).size() <= MOST_PARTS;
      double x = whole(width);
      double y = whole(height);
      return solve(x, y);
    }

    /** Lengths that whole pieces side by side make, up to a room; nothing counts as one. */
    private NavigableSet<Double> sums(double room) {
      NavigableSet<Double> out = new TreeSet<>();
      for (int i = 0; i * w <= room + ROUNDING; i++) {
        for (int k = 0; i * w + k * h <= room + ROUNDING; k++) {
          out.add(Math.rint((i * w + k * h) / FINE) * FINE);
        }
      }
      return out;
    }

    /** The greatest length that whole pieces make within a room. */
    private double whole(double room) {
      return all.floor(room + FINE);
    }

    private List<Block> solve(double x, double y) {
      long key = (Math.round(x / FINE) << 32) + Math.round(y / FINE);
      List<Block> found = known.get(key);
      if (found != null) {
        return found;
      }
      List<Block> best = better(block(x, y, false), block(x, y, true));
      if (!deep && cuts == 1) {
        return best;
      }
      cuts++;
      for (double cut : all.headSet(x / 2 + FINE, true)) {
        best = cut > 0 ? better(best, both(solve(cut, y), solve(whole(x - cut), y), cut, 0)) : best;
      }
      for (double cut : all.headSet(y / 2 + FINE, true)) {
        best = cut > 0 ? better(best, both(solve(x, cut), solve(x, whole(y - cut)), 0, cut)) : best;
      }
      cuts--;
      known.put(key, best);
      return best;
    }

    private List<Block> block(double x, double y, boolean turned) {
      int across = (int) Math.floor((x + FINE) / (turned ? h : w));
      int down = (int) Math.floor((y + FINE) / (turned ? w : h));
      return across * down == 0 ? List.of() : List.of(new Block(0, 0, across, down, turned));
    }

    private static List<Block> both(List<Block> first, List<Block> second, double dx, double dy) {
      List<Block> out = new ArrayList<>(first);
      second.forEach(b -> out.add(new Block(b.x() + dx, b.y() + dy, b.across(), b.down(), b.turned())));
      return out;
    }
  }
}
