package org.zipthimble.core.type;

import com.ibm.icu.text.Bidi;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Turns words into placed glyphs: kerning, ligatures unless the letters are tracked apart, and words that run from right to left
 * among others, put in their order for the eye by the Unicode rules (UAX 9).
 */
public final class Shaper {
  /** What is left out where letters stand apart: joined ones would stand nearer than the others. */
  private static final List<String> APART = List.of("liga=0", "clig=0");

  private Shaper() {}

  /**
   * Shapes one line.
   *
   * @param sizePt the type size in points, above zero
   * @param tracking extra space after each glyph in thousandths of an em (333 at 10 pt adds 3.33 pt)
   */
  public static GlyphRun shape(FontFace face, String text, double sizePt, double tracking) {
    return shape(face, text, sizePt, tracking, List.of());
  }

  /**
   * The same with features of the face.
   *
   * @param features as {@code smcp} or {@code liga=0}, in the tags of OpenType
   * @throws IllegalArgumentException when one is no feature
   */
  public static GlyphRun shape(FontFace face, String text, double sizePt, double tracking, List<String> features) {
    if (text.isEmpty()) {
      return new GlyphRun(face, sizePt, List.of(), 0, text);
    }
    List<String> wanted = new ArrayList<>(tracking == 0 ? List.of() : APART);
    wanted.addAll(features);
    List<HarfBuzzFont.Shaped> shaped = inOrder(face, text, wanted);
    double inchPerUnit = sizePt / 72 / face.unitsPerEm();
    double extra = tracking / 1000 * sizePt / 72;
    // Where the characters of each glyph begin; the next higher beginning ends them.
    TreeSet<Integer> begins = new TreeSet<>();
    shaped.forEach(s -> begins.add(s.cluster()));
    Set<Integer> told = new HashSet<>();
    List<Glyph> glyphs = new ArrayList<>(shaped.size());
    long pen = 0;
    for (HarfBuzzFont.Shaped s : shaped) {
      if (!control(text.charAt(s.cluster()))) {
        Integer end = begins.higher(s.cluster());
        String stands = told.add(s.cluster()) ? text.substring(s.cluster(), end == null ? text.length() : end) : "";
        glyphs.add(new Glyph(s.glyph(), (pen + s.dx()) * inchPerUnit + extra * glyphs.size(), -s.dy() * inchPerUnit, stands, s.cluster()));
        pen += s.advance();
      }
    }
    return new GlyphRun(face, sizePt, glyphs, pen * inchPerUnit + extra * Math.max(0, glyphs.size() - 1), text);
  }

  /** Runs of one direction, each shaped with what stands beside it known, from left to right for the eye. */
  private static List<HarfBuzzFont.Shaped> inOrder(FontFace face, String text, List<String> features) {
    if (!Bidi.requiresBidi(text.toCharArray(), 0, text.length())) {
      return face.shape(text, 0, text.length(), false, features);
    }
    Bidi bidi = new Bidi(text, Bidi.LEVEL_DEFAULT_LTR);
    List<HarfBuzzFont.Shaped> out = new ArrayList<>();
    for (int i = 0; i < bidi.countRuns(); i++) {
      var run = bidi.getVisualRun(i);
      out.addAll(face.shape(text, run.getStart(), run.getLimit(), run.isOddRun(), features));
    }
    return out;
  }

  /** Line ends and their like have no drawing. */
  private static boolean control(char c) {
    return Character.getType(c) == Character.CONTROL;
  }
}
