package org.zipthimble.core.type;

import java.awt.font.GlyphVector;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;

/** Turns words into placed glyphs, with kerning, and with ligatures unless the letters are tracked apart. */
public final class Shaper {
  private static final int DELETED_GLYPH = 0xFFFF;

  private Shaper() {}

  /**
   * Shapes one line.
   *
   * @param sizePt the type size in points, above zero
   * @param tracking extra space after each glyph in thousandths of an em (333 at 10 pt adds 3.33 pt)
   */
  public static GlyphRun shape(FontFace face, String text, double sizePt, double tracking) {
    if (text.isEmpty()) {
      return new GlyphRun(face, sizePt, List.of(), 0, text);
    }
    GlyphVector vector = face.shape(text, tracking == 0);
    double inchPerUnit = sizePt / 72 / face.unitsPerEm();
    double extra = tracking / 1000 * sizePt / 72;
    List<Glyph> glyphs = new ArrayList<>(vector.getNumGlyphs());
    for (int i = 0; i < vector.getNumGlyphs(); i++) {
      int id = vector.getGlyphCode(i);
      if (id != DELETED_GLYPH) {
        Point2D at = vector.getGlyphPosition(i);
        glyphs.add(new Glyph(id, at.getX() * inchPerUnit + extra * glyphs.size(), at.getY() * inchPerUnit));
      }
    }
    double end = vector.getGlyphPosition(vector.getNumGlyphs()).getX() * inchPerUnit;
    return new GlyphRun(face, sizePt, glyphs, end + extra * Math.max(0, glyphs.size() - 1), text);
  }
}
