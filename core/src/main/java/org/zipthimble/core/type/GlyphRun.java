package org.zipthimble.core.type;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;

/**
 * Shaped words on one straight line: the baseline runs along y = 0 from x = 0, in inches.
 *
 * @param advance the width of the run in inches, tracking after the last glyph left out
 */
public record GlyphRun(FontFace face, double sizePt, List<Glyph> glyphs, double advance, String text) {
  /** Keeps a copy. */
  public GlyphRun {
    glyphs = List.copyOf(glyphs);
  }

  /** The em in inches. */
  public double em() {
    return sizePt / 72;
  }

  /** All outlines as one path in inches. */
  public Path outline() {
    Path.Builder out = Path.build();
    Path all = out.path();
    for (Glyph glyph : glyphs) {
      all = all.plus(face.outline(glyph.id()).mapped(Affine.scale(em(), em()).then(Affine.move(glyph.x(), glyph.y()))));
    }
    return all;
  }

  /** The exact box of the ink; empty for blanks. */
  public Optional<Box> ink() {
    return Measure.bounds(outline());
  }
}
