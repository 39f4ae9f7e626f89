package org.zipthimble.core.type;

import java.awt.font.GlyphVector;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

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
    // Where the characters of each glyph begin; the next higher beginning ends them.
    TreeSet<Integer> begins = new TreeSet<>();
    for (int i = 0; i < vector.getNumGlyphs(); i++) {
      if (vector.getGlyphCode(i) != DELETED_GLYPH) {
        begins.add(vector.getGlyphCharIndex(i));
      }
    }
    Set<Integer> told = new HashSet<>();
    for (int i = 0; i < vector.getNumGlyphs(); i++) {
      int id = vector.getGlyphCode(i);
      if (id != DELETED_GLYPH) {
        Point2D at = vector.getGlyphPosition(i);
        int begin = vector.getGlyphCharIndex(i);
        Integer end = begins.higher(begin);
        String stands = told.add(begin) ? text.substring(begin, end == null ? text.length() : end) : "";
        glyphs.add(new Glyph(id, at.getX() * inchPerUnit + extra * glyphs.size(), at.getY() * inchPerUnit, stands));
      }
    }
    double end = vector.getGlyphPosition(vector.getNumGlyphs()).getX() * inchPerUnit;
    return new GlyphRun(face, sizePt, glyphs, end + extra * Math.max(0, glyphs.size() - 1), text);
  }
}
