package org.zipthimble.core.font;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Segment;

/**
 * Shaped words on one straight line: the baseline runs along y = 0 from x = 0, in inches.
 *
 * @param advance the width of the run in inches, tracking counted
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

  /** Whether it is read from right to left. */
  public boolean rightToLeft() {
    if (glyphs.size() > 1 && glyphs.get(0).cluster() != glyphs.get(glyphs.size() - 1).cluster()) {
      return glyphs.get(0).cluster() > glyphs.get(glyphs.size() - 1).cluster();
    }
    byte direction = text.isEmpty() ? Character.DIRECTIONALITY_LEFT_TO_RIGHT : Character.getDirectionality(text.codePointAt(0));
    return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
  }

  /** All outlines as one path in inches. */
  public Path outline() {
    List<Segment> all = new ArrayList<>();
    for (Glyph glyph : glyphs) {
      Affine map = Affine.scale(em(), em()).then(Affine.move(glyph.x(), glyph.y()));
      all.addAll(face.outline(glyph.id()).mapped(map).segments());
    }
    return new Path(all);
  }

  /** The exact box of the ink; empty for blanks. */
  public Optional<Box> ink() {
    Box all = null;
    for (Glyph glyph : glyphs) {
      Optional<Box> own = face.box(glyph.id());
      if (own.isPresent()) {
        Box b = own.get();
        Box placed = new Box(b.x() * em() + glyph.x(), b.y() * em() + glyph.y(), b.width() * em(), b.height() * em());
        all = all == null ? placed : all.union(placed);
      }
    }
    return Optional.ofNullable(all);
  }
}
