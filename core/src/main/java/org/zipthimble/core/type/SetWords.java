package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Segment;

/**
 * Words set in a block.
 *
 * @param lines the lines that fit, in block inches from its top left; empty ones too
 * @param leftOver words that found no room
 * @param tooWide lines that are wider than the block and stand out of it
 * @param height the height that all words would need in one column, in inches
 * @param ends the place in the story after the last character that is shown
 * @param scale the part of their size to which words were shrunk, 1 for their full size
 */
public record SetWords(List<Line> lines, int leftOver, int tooWide, double height, int ends, double scale) {
  /** Keeps a copy. */
  public SetWords {
    lines = List.copyOf(lines);
  }

  /**
   * A line.
   *
   * @param pieces from left to right, in inches from the line's beginning on its baseline
   * @param baseline where it begins, in block inches
   * @param width from its beginning to its end, in inches
   * @param rise how far its letters rise above the baseline, in inches
   * @param fall how far they fall below it
   * @param paragraph the place in the story where its paragraph begins
   * @param from the place in the story where it begins
   * @param to the place in the story where it ends, blanks at its end counted
   */
  public record Line(List<Piece> pieces, Point baseline, double width, double rise, double fall, int paragraph, int from, int to) {
    /** Keeps a copy. */
    public Line {
      pieces = List.copyOf(pieces);
    }

    /** From the line's inches to the block's. */
    public Affine toBlock() {
      return Affine.move(baseline.x(), baseline.y());
    }

    /** What was typed of it, in the order of reading. */
    public String text() {
      StringBuilder out = new StringBuilder();
      int end = -1;
      for (Piece piece : pieces.stream().filter(Piece::typed).sorted(Comparator.comparingInt(Piece::begins)).toList()) {
        // a tab has no letters; the way to its place stands for it
        out.append("\t".repeat(end < 0 ? 0 : Math.max(0, piece.begins() - end))).append(piece.run().text());
        end = piece.begins() + piece.run().text().length();
      }
      return out.toString();
    }
  }

  /** A piece and where it stands in the block. */
  public record Placed(Piece piece, Affine toBlock) {}

  /** Every piece with the map from its run's inches to the block's. */
  public List<Placed> placed() {
    List<Placed> out = new ArrayList<>();
    for (Line line : lines) {
      line.pieces().forEach(p -> out.add(new Placed(p, p.map().then(line.toBlock()))));
    }
    return out;
  }

  /** The outlines of all its letters, in block inches. */
  public Path outline() {
    List<Segment> all = new ArrayList<>();
    placed().forEach(p -> all.addAll(p.piece().run().outline().mapped(p.toBlock()).segments()));
    return new Path(all);
  }

  /** The exact box of the ink, lines round letters counted, in block inches; empty for blanks. */
  public Optional<Box> ink() {
    return ink(Affine.IDENTITY);
  }

  /** The exact box of the ink seen through a map; empty for blanks. */
  public Optional<Box> ink(Affine map) {
    Box all = null;
    for (Placed p : placed()) {
      Affine whole = p.toBlock().then(map);
      // a box seen upright is the box of what is in it; seen turned it is not
      boolean upright = whole.b() == 0 && whole.c() == 0;
      Optional<Box> letters = upright ? p.piece().run().ink().map(whole::apply) : Measure.bounds(p.piece().run().outline().mapped(whole));
      if (letters.isPresent()) {
        Box own = letters.get().grown(p.piece().look().detail().outside() / 72 * map.meanScale());
        all = all == null ? own : all.union(own);
      }
    }
    return Optional.ofNullable(all);
  }

  /** Whether every word stands inside the block. */
  public boolean fits() {
    return leftOver == 0 && tooWide == 0;
  }
}
