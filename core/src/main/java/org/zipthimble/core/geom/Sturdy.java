package org.zipthimble.core.geom;

import java.util.Arrays;
import java.util.List;
import org.zipthimble.core.overlay.Thin;

/**
 * Sees soon that an area is nowhere thinner than a width: when a disc of that width touches its line everywhere from inside without
 * meeting another part of the line.
 * Where a disc meets the line close by, along it, there is a corner, and a corner is no thin place. What is not seen to be sturdy may be
 * so all the same; {@link Thin} measures it.
 */
public final class Sturdy {
  /** Pieces of the line are this long at the most, in widths. */
  private static final double PIECE = 0.25;

  /** The line this near along it, in widths, belongs to a corner; the line round what is as wide as the disc is more than twice as long. */
  private static final double CORNER = 1.4;

  /** So near it belongs to a tip, where it only turns back on the way; {@link Thin} leaves tips out. */
  private static final double TIP = 3;

  /** A turn back, in radians, and what curved sides add. */
  private static final double TURN_BACK = Math.toRadians(185);

  /** Over more than this part of a whole line nothing is left out: what is thin as a whole has tips at both ends. */
  private static final double OF_WHOLE = 0.3;

  /** The disc is a little smaller: what is as wide but for the arithmetic is not thin. */
  private static final double DISC = 0.985;

  /** Curves and their pieces lie apart by so many widths at the most. */
  private static final double FLAT = 1.0 / 60;

  private static final int MOST_PIECES = 200_000;
  private static final long MOST_CELLS = 1_000_000;

  /** At so many places of each closed line it is looked on which hand the area lies. */
  private static final int LOOKS = 16;

  private final double width;
  private final double[] xs;
  private final double[] ys;
  /** Where each piece begins along its line, how far the line has turned up to it, to either hand, in radians, and which line it is of. */
  private final double[] along;

  private final double[] turned;

  private final int[] line;
  private final double[] lengths;
  /** The first piece of each line, and one more at the end. */
  private final int[] starts;

  private double left;
  private double top;
  private int across;
  private int[] cellStarts;
  private int[] cells;

  private Sturdy(List<List<Point>> chains, double width, int count) {
    this.width = width;
    this.xs = new double[count + chains.size()];
    this.ys = new double[xs.length];
    this.along = new double[xs.length];
    this.turned = new double[xs.length];
    this.line = new int[xs.length];
    this.lengths = new double[chains.size()];
    this.starts = new int[chains.size() + 1];
    int at = 0;
    for (int c = 0; c < chains.size(); c++) {
      starts[c] = at;
      at = cut(chains.get(c), c, at);
    }
    starts[chains.size()] = at;
  }

  /**
   * Whether an area is sure to be as wide everywhere.
   *
   * @param outline of closed lines that do not cross themselves, such as letters have
   * @param width in inches, or in ems for a letter; above zero
   * @return false where it may be thinner, has a sharper corner, or is too long to be looked at
   */
  public static boolean everywhere(Path outline, double width) {
    List<List<Point>> chains = Flatten.chains(outline, width * FLAT).stream().filter(c -> c.size() > 2).toList();
    long count = 0;
    for (List<Point> chain : chains) {
      for (int i = 0; i < chain.size(); i++) {
        count += pieces(chain.get(i), chain.get((i + 1) % chain.size()), width);
      }
    }
    if (count == 0 || count > MOST_PIECES) {
      return false;
    }
    Sturdy sturdy = new Sturdy(chains, width, (int) count);
    return sturdy.laidInCells() && sturdy.touches(new Flat(outline, width * FLAT));
  }

  private static int pieces(Point a, Point b, double width) {
    double length = a.distance(b);
    return length == 0 ? 0 : (int) Math.min(MOST_PIECES + 1, Math.ceil(length / (width * PIECE)));
  }

  /** Cuts a closed line into pieces; behind its last piece its first place stands once more. */
  private int cut(List<Point> chain, int c, int from) {
    int at = from;
    double length = 0;
    for (int i = 0; i < chain.size(); i++) {
      Point a = chain.get(i);
      Point b = chain.get((i + 1) % chain.size());
      int pieces = pieces(a, b, width);
      for (int k = 0; k < pieces; k++) {
        double t = (double) k / pieces;
        put(at++, a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y()), length + t * a.distance(b), c);
      }
      length += a.distance(b);
    }
    lengths[c] = length;
    put(at, chain.get(0).x(), chain.get(0).y(), length, c);
    for (int i = from + 1; i < at; i++) {
      turned[i] = turned[i - 1] + turn(i - 1, i);
    }
    turned[at] = turned[at - 1] + turn(at - 1, from);
    return at + 1;
  }

  private double turn(int before, int after) {
    double ax = xs[before + 1] - xs[before];
    double ay = ys[before + 1] - ys[before];
    double bx = xs[after + 1] - xs[after];
    double by = ys[after + 1] - ys[after];
    return Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by));
  }

  private void put(int at, double x, double y, double length, int c) {
    xs[at] = x;
    ys[at] = y;
    along[at] = length;
    line[at] = c;
  }

  /** Lays every piece into the cells, as wide as the disc, that it reaches into. */
  private boolean laidInCells() {
    left = Arrays.stream(xs).min().orElse(0);
    top = Arrays.stream(ys).min().orElse(0);
    across = column(Arrays.stream(xs).max().orElse(0)) + 1;
    long down = row(Arrays.stream(ys).max().orElse(0)) + 1L;
    if (across * down > MOST_CELLS) {
      return false;
    }
    int[] counts = new int[(int) (across * down) + 1];
    for (int pass = 0; pass < 2; pass++) {
      for (int c = 0; c + 1 < starts.length; c++) {
        for (int i = starts[c]; i + 1 < starts[c + 1]; i++) {
          lay(i, counts, pass == 1);
        }
      }
      if (pass == 0) {
        cellStarts = new int[counts.length];
        for (int i = 1; i < counts.length; i++) {
          cellStarts[i] = cellStarts[i - 1] + counts[i - 1];
        }
        cells = new int[cellStarts[counts.length - 1]];
        Arrays.fill(counts, 0);
      }
    }
    return true;
  }

  private void lay(int i, int[] counts, boolean written) {
    for (int y = row(Math.min(ys[i], ys[i + 1])); y <= row(Math.max(ys[i], ys[i + 1])); y++) {
      for (int x = column(Math.min(xs[i], xs[i + 1])); x <= column(Math.max(xs[i], xs[i + 1])); x++) {
        int cell = y * across + x;
        if (written) {
          cells[cellStarts[cell] + counts[cell]] = i;
        }
        counts[cell]++;
      }
    }
  }

  private int column(double x) {
    return (int) ((x - left) / width);
  }

  private int row(double y) {
    return (int) ((y - top) / width);
  }

  /** Whether a disc touches each line everywhere from within. */
  private boolean touches(Flat area) {
    for (int c = 0; c + 1 < starts.length; c++) {
      int hand = hand(c, area);
      if (hand == 0) {
        return false;
      }
      for (int i = starts[c]; i + 1 < starts[c + 1]; i++) {
        if (!free(i, hand)) {
          return false;
        }
      }
    }
    return true;
  }

  /** On which hand of a line the area lies: 1 or -1, or 0 where that is not the same everywhere. */
  private int hand(int c, Flat area) {
    int hand = 0;
    int count = starts[c + 1] - 1 - starts[c];
    for (int k = 0; k < Math.min(LOOKS, count); k++) {
      int i = starts[c] + (int) ((long) k * count / Math.min(LOOKS, count));
      boolean one = area.contains(beside(i, width / 50));
      boolean other = area.contains(beside(i, -width / 50));
      int here = one == other ? 0 : one ? 1 : -1;
      if (here == 0 || hand != 0 && here != hand) {
        return 0;
      }
      hand = here;
    }
    return hand;
  }

  /** The place at a distance from the middle of a piece. */
  private Point beside(int i, double distance) {
    double dx = xs[i + 1] - xs[i];
    double dy = ys[i + 1] - ys[i];
    double length = Math.sqrt(dx * dx + dy * dy);
    return new Point((xs[i] + xs[i + 1]) / 2 - dy / length * distance, (ys[i] + ys[i + 1]) / 2 + dx / length * distance);
  }

  /** Whether the disc that touches a piece meets the line near it only. */
  private boolean free(int i, int hand) {
    double radius = width / 2 * DISC;
    Point middle = beside(i, hand * radius);
    for (int y = Math.max(0, row(middle.y() - radius)); y <= row(middle.y() + radius); y++) {
      for (int x = Math.max(0, column(middle.x() - radius)); x <= Math.min(across - 1, column(middle.x() + radius)); x++) {
        int cell = y * across + x;
        int end = cell + 1 < cellStarts.length ? cellStarts[cell + 1] : 0;
        for (int k = cell + 1 < cellStarts.length ? cellStarts[cell] : 0; k < end; k++) {
          if (far(i, cells[k]) && distance(cells[k], middle.x(), middle.y()) < radius * (1 - 1e-6)) {
            return false;
          }
        }
      }
    }
    return true;
  }

  /** Whether two pieces lie apart along the line, or are of different lines. */
  private boolean far(int i, int k) {
    if (line[i] != line[k]) {
      return true;
    }
    int c = line[i];
    double apart = Math.abs(along[i] - along[k]);
    double turn = Math.abs(turned[i] - turned[k]);
    if (apart > lengths[c] / 2) {
      apart = lengths[c] - apart;
      turn = turned[starts[c + 1] - 1] - turn;
    }
    return apart > lengths[c] * OF_WHOLE || apart > CORNER * width && (apart > TIP * width || turn > TURN_BACK);
  }

  private double distance(int k, double x, double y) {
    double dx = xs[k + 1] - xs[k];
    double dy = ys[k + 1] - ys[k];
    double t = Math.max(0, Math.min(1, ((x - xs[k]) * dx + (y - ys[k]) * dy) / (dx * dx + dy * dy)));
    double offX = xs[k] + t * dx - x;
    double offY = ys[k] + t * dy - y;
    return Math.sqrt(offX * offX + offY * offY);
  }
}
