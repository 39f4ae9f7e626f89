package org.zipthimble.core.type;

import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;

/**
 * Glyphs of one face and look that stand together.
 *
 * @param map from the run's own inches to those of its line
 * @param begins the place in the paragraph where the run's text begins; -1 for what nobody typed: hyphens, signs of lists, leaders
 */
public record Piece(GlyphRun run, LetterLook look, Affine map, int begins) {
  /** Whether it was typed. */
  public boolean typed() {
    return begins >= 0;
  }

  /** Its outlines in the line's inches. */
  public Path outline() {
    return run.outline().mapped(map);
  }

  /** The same moved along the line. */
  Piece moved(double dx) {
    return dx == 0 ? this : new Piece(run, look, map.then(Affine.move(dx, 0)), begins);
  }
}
