package org.zipthimble.core.type;

import java.util.List;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;

/**
 * Words set in a block.
 *
 * @param lines the lines that fit, in block inches from its top left
 * @param leftOver words that found no room below
 * @param tooWide words that are wider than the block and stand out of it
 * @param height the height that all words would need, in inches
 */
public record SetWords(List<Line> lines, int leftOver, int tooWide, double height) {
  /** Keeps a copy. */
  public SetWords {
    lines = List.copyOf(lines);
  }

  /** A line: its glyphs and the place its baseline begins. */
  public record Line(GlyphRun run, Point baseline) {}

  /** The outlines of all its letters, in block inches. */
  public Path outline() {
    Path all = Path.EMPTY;
    for (Line line : lines) {
      all = all.plus(line.run().outline().mapped(Affine.move(line.baseline().x(), line.baseline().y())));
    }
    return all;
  }

  /** Whether every word stands inside the block. */
  public boolean fits() {
    return leftOver == 0 && tooWide == 0;
  }
}
