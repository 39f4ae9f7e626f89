package org.zipthimble.core.type;

import com.ibm.icu.text.Bidi;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.font.HarfBuzzFont;
import org.zipthimble.core.geom.Affine;

/**
 * A paragraph whose letters have found their faces, and from which any part can be shaped as one line. Letters of one face and size are
 * shaped together, whatever their colour and tracking, so that kerning and ligatures go on across changes of those.
 */
final class ShapedParagraph {
  /** Letters of one look and face. */
  private record Stretch(int from, int to, LetterLook look, FontFace face) {
    /** Whether both can be shaped as one. */
    boolean together(Stretch other) {
      LetterDetail a = look.detail();
      LetterDetail b = other.look.detail();
      return face == other.face && look.sizePt() == other.look.sizePt() && a.raise() == b.raise() && a.letters() == b.letters()
          && a.features().equals(b.features());
    }
  }

  /**
   * A shaped part of a line.
   *
   * @param pieces from left to right, from 0 on
   * @param advance its width in inches, tracking after its last glyph left out
   */
  record Part(List<Piece> pieces, double advance) {}

  private final String shown;
  private final List<Stretch> stretches = new ArrayList<>();
  private final byte base;
  private double[] before;

  ShapedParagraph(Paragraph paragraph, FontShelf shelf) {
    StringBuilder text = new StringBuilder();
    for (Run run : paragraph.runs()) {
      int from = text.length();
      text.append(run.look().detail().letters() == LetterCase.CAPITALS ? capitals(run.text()) : run.text());
      faces(text, from, run.look(), shelf);
    }
    this.shown = text.toString();
    this.base = Bidi.getBaseDirection(shown) == Bidi.RTL ? (byte) 1 : 0;
  }

  /** Capitals, one for each letter, so that places stay as they are. */
  private static String capitals(String text) {
    StringBuilder out = new StringBuilder(text.length());
    text.codePoints().map(Character::toUpperCase).forEach(out::appendCodePoint);
    return out.length() == text.length() ? out.toString() : text.toUpperCase(Locale.ROOT).length() == text.length()
        ? text.toUpperCase(Locale.ROOT) : text;
  }

  private void faces(CharSequence text, int from, LetterLook look, FontShelf shelf) {
    FontFace own = shelf.findOrStandIn(look.family(), look.style());
    int begun = from;
    FontFace now = own;
    for (int i = from; i < text.length();) {
      int c = Character.codePointAt(text, i);
      FontFace face = own.has(c) || neutral(c) && now.has(c) ? own.has(c) ? own : now : shelf.standIn(c, look.style()).orElse(own);
      if (face != now) {
        add(begun, i, look, now);
        begun = i;
        now = face;
      }
      i += Character.charCount(c);
    }
    add(begun, text.length(), look, now);
  }

  private void add(int from, int to, LetterLook look, FontFace face) {
    if (to > from) {
      stretches.add(new Stretch(from, to, look, face));
    }
  }

  /** Marks belong to the letter before them. */
  private static boolean neutral(int c) {
    return Character.getType(c) == Character.NON_SPACING_MARK;
  }

  /** What is seen of its letters. */
  String shown() {
    return shown;
  }

  /** Whether it reads from right to left. */
  boolean rightToLeft() {
    return base == 1;
  }

  private int stretchAt(int place) {
    int low = 0;
    int high = stretches.size() - 1;
    while (low < high) {
      int middle = (low + high) / 2;
      if (place < stretches.get(middle).to) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }

  /** The look of the letter at a place. */
  LetterLook lookAt(int place) {
    return stretches.get(stretchAt(place)).look;
  }

  /**
   * The highest rise above the baseline and the deepest fall below it of letters between two places, in inches, and their largest size in
   * points.
   */
  double[] extent(int from, int to) {
    double rise = 0;
    double fall = 0;
    double size = 0;
    for (int i = stretchAt(from); i < stretches.size() && (stretches.get(i).from < to || i == stretchAt(from)); i++) {
      Stretch s = stretches.get(i);
      double em = s.look.em();
      double raised = em * s.look.detail().raise() / 100;
      rise = Math.max(rise, em * s.face.ascent() + Math.max(0, raised));
      fall = Math.max(fall, em * s.face.descent() - Math.min(0, raised));
      size = Math.max(size, s.look.sizePt());
    }
    return new double[] {rise, fall, size};
  }

  /** The width of all letters before each place, as they stand in the whole paragraph, in inches; tracking counted. */
  double[] before() {
    if (before == null) {
      double[] own = new double[shown.length() + 1];
      for (Piece piece : shaped(0, shown.length())) {
        piece.run().glyphs().forEach(g -> own[piece.begins() + g.cluster() + 1] += g.advance());
      }
      for (int i = 1; i < own.length; i++) {
        own[i] += own[i - 1];
      }
      before = own;
    }
    return before;
  }

  /** The part between two places as it stands in a line of its own. */
  Part part(int from, int to) {
    List<Piece> pieces = shaped(from, to);
    double advance = pieces.stream().mapToDouble(p -> p.run().advance()).sum();
    return new Part(pieces, pieces.isEmpty() ? 0 : advance - trailing(pieces));
  }

  /** The tracking after the glyph that ends a line; it belongs to nothing. */
  private static double trailing(List<Piece> pieces) {
    Piece last = pieces.get(pieces.size() - 1);
    return last.run().glyphs().isEmpty() ? 0 : last.look().tracking() / 1000 * last.look().em();
  }

  /** Pieces one after another from the left, each with its glyphs from 0 on. */
  private List<Piece> shaped(int from, int to) {
    List<Piece> out = new ArrayList<>();
    if (from >= to) {
      return out;
    }
    double[] pen = {0};
    if (base == 0 && !Bidi.requiresBidi(shown.toCharArray(), from, to)) {
      oneWay(from, to, false, pen, out);
      return out;
    }
    Bidi whole = new Bidi();
    whole.setPara(shown, base, null);
    Bidi line = whole.setLine(from, to);
    for (int i = 0; i < line.countRuns(); i++) {
      var run = line.getVisualRun(i);
      oneWay(from + run.getStart(), from + run.getLimit(), run.isOddRun(), pen, out);
    }
    return out;
  }

  private void oneWay(int from, int to, boolean rightToLeft, double[] pen, List<Piece> out) {
    List<int[]> groups = new ArrayList<>();
    for (int i = stretchAt(from); i < stretches.size() && stretches.get(i).from < to; i++) {
      int a = Math.max(from, stretches.get(i).from);
      int b = Math.min(to, stretches.get(i).to);
      boolean goesOn = !groups.isEmpty() && stretches.get(i - 1).together(stretches.get(i));
      if (goesOn) {
        groups.get(groups.size() - 1)[1] = b;
      } else {
        groups.add(new int[] {a, b});
      }
    }
    for (int g = 0; g < groups.size(); g++) {
      int[] group = groups.get(rightToLeft ? groups.size() - 1 - g : g);
      together(group[0], group[1], rightToLeft, pen, out);
    }
  }

  private void together(int from, int to, boolean rightToLeft, double[] pen, List<Piece> out) {
    Stretch first = stretches.get(stretchAt(from));
    List<HarfBuzzFont.Shaped> shaped = first.face.shape(shown, from, to, rightToLeft, features(from, to));
    TreeSet<Integer> begins = new TreeSet<>();
    shaped.forEach(s -> begins.add(s.cluster()));
    double inchPerUnit = first.look.em() / first.face.unitsPerEm();
    int i = 0;
    while (i < shaped.size()) {
      int which = stretchAt(shaped.get(i).cluster());
      int j = i;
      while (j < shaped.size() && stretchAt(shaped.get(j).cluster()) == which) {
        j++;
      }
      out.add(piece(stretches.get(which), shaped.subList(i, j), begins, to, inchPerUnit, pen));
      i = j;
    }
  }

  private Piece piece(Stretch stretch, List<HarfBuzzFont.Shaped> shaped, TreeSet<Integer> begins, int end, double inchPerUnit,
      double[] pen) {
    int low = shaped.stream().mapToInt(HarfBuzzFont.Shaped::cluster).min().orElseThrow();
    int high = shaped.stream().mapToInt(s -> after(begins, s.cluster(), end)).max().orElseThrow();
    double extra = stretch.look.tracking() / 1000 * stretch.look.em();
    Set<Integer> told = new HashSet<>();
    List<Glyph> glyphs = new ArrayList<>(shaped.size());
    double x = 0;
    for (HarfBuzzFont.Shaped s : shaped) {
      if (!control(shown.charAt(s.cluster()))) {
        boolean begun = told.add(s.cluster());
        String stands = begun ? shown.substring(s.cluster(), after(begins, s.cluster(), end)) : "";
        double advance = s.advance() * inchPerUnit + (begun ? extra : 0);
        glyphs.add(new Glyph(s.glyph(), x + s.dx() * inchPerUnit, -s.dy() * inchPerUnit, stands, s.cluster() - low, advance));
        x += advance;
      }
    }
    double raised = -stretch.look.em() * stretch.look.detail().raise() / 100;
    Piece piece = new Piece(
        new GlyphRun(stretch.face, stretch.look.sizePt(), glyphs, x, shown.substring(low, high)), stretch.look,
        Affine.move(pen[0], raised), low);
    pen[0] += x;
    return piece;
  }

  private static int after(TreeSet<Integer> begins, int cluster, int end) {
    Integer next = begins.higher(cluster);
    return next == null ? end : next;
  }

  private List<String> features(int from, int to) {
    List<String> out = new ArrayList<>();
    LetterDetail detail = stretches.get(stretchAt(from)).look.detail();
    out.addAll(detail.features());
    if (detail.letters() == LetterCase.SMALL_CAPITALS) {
      out.add("smcp");
    }
    for (int i = stretchAt(from); i < stretches.size() && stretches.get(i).from < to; i++) {
      Stretch s = stretches.get(i);
      // joined letters would stand nearer than others where letters stand apart
      if (s.look.tracking() != 0) {
        int a = Math.max(from, s.from);
        int b = Math.min(to, s.to);
        out.add("liga[" + a + ":" + b + "]=0");
        out.add("clig[" + a + ":" + b + "]=0");
      }
    }
    return out;
  }

  /** Line ends, tabs and their like have no drawing. */
  private static boolean control(char c) {
    return Character.getType(c) == Character.CONTROL || c == '\u2028';
  }
}
