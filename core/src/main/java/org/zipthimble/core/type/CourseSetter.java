package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.font.FontFace;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Nearness;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Trail;

/**
 * Sets words along a course. Every letter stands upright on the line at the middle of its own width. How far it is from the one before is
 * measured on the outlines: where both come closest they keep the gap that they have in a straight line, or the least gap that was typed,
 * so that letters neither crowd on the inside of a bend nor gape on its outside. Joined letters of a script keep their place along the
 * line.
 */
final class CourseSetter {
  private static final double ENDLESS = 1e5;
  private static final double FINE = 0.004;
  private static final double TOUCHING = 1e-4;
  private static final int STEPS = 40;
  private static final double CLOSE = 1e-7;
  private static final int PASSES = 4;

  private final Course course;
  private final Course.Way way;
  private final FontShelf shelf;
  private final Map<GlyphKey, Nearness> ready = new HashMap<>();

  private record GlyphKey(FontFace face, int glyph) {}

  /**
   * Letters that stand together as one: a glyph and its marks, or a ligature.
   *
   * @param begins where its text begins in the paragraph, -1 for what nobody typed
   * @param left where it begins in a straight line
   * @param raise how far above the baseline, in inches
   */
  private record Letter(GlyphRun run, LetterLook look, int begins, double left, double raise) {
    double width() {
      return run.advance();
    }

    double middle() {
      return left + width() / 2;
    }
  }

  private CourseSetter(Course course, double width, double height, FontShelf shelf) {
    this.course = course;
    this.way = course.way(width, height);
    this.shelf = shelf;
  }

  /** Sets a story, each of its paragraphs as a line below the one before. */
  static SetWords set(Story story, Course course, double width, double height, FontShelf shelf) {
    return new CourseSetter(course, width, height, shelf).set(story, height);
  }

  private SetWords set(Story story, double height) {
    List<SetWords.Line> lines = new ArrayList<>();
    double down = 0;
    int at = 0;
    int tooWide = 0;
    for (Paragraph paragraph : story.paragraphs()) {
      Paragraph plain = paragraph.looking(
          new ParagraphLook(Align.LEFT, paragraph.look().leadingPercent(),
          ParagraphDetail.NONE.withLeadingPt(paragraph.look().detail().leadingPt())));
      for (ParagraphLines.Bare bare : ParagraphLines.of(plain, shelf, ENDLESS, Optional.empty())) {
        down += lines.isEmpty() ? 0 : bare.step();
        SetWords.Line line = line(bare, at, down, paragraph.look().align());
        tooWide += line.width() > way.length() + CLOSE ? 1 : 0;
        lines.add(line);
      }
      at += paragraph.length() + 1;
    }
    return new SetWords(lines, 0, tooWide, height, story.length(), 1);
  }

  private SetWords.Line line(ParagraphLines.Bare bare, int paragraph, double down, Align align) {
    List<Letter> letters = letters(bare.pieces());
    double below = down + sunk(letters);
    double[] middles = new double[letters.size()];
    double begins = 0;
    // where the line bends differently the gaps come out differently: found again from where the words turn out to begin
    for (int pass = 0; pass < PASSES && !letters.isEmpty(); pass++) {
      middles[0] = begins + letters.get(0).width() / 2;
      follow(letters, middles, below);
      spread(letters, middles);
      double length = length(letters, middles);
      double wanted = aligned(length, align) + course.slide();
      double shift = wanted - begins;
      begins = wanted;
      if (Math.abs(shift) < CLOSE) {
        break;
      }
      for (int i = 0; i < middles.length; i++) {
        middles[i] += shift;
      }
    }
    List<Piece> pieces = new ArrayList<>();
    for (int i = 0; i < letters.size(); i++) {
      Letter letter = letters.get(i);
      pieces.add(new Piece(letter.run(), letter.look(), map(letter, middles[i], below), letter.begins()));
    }
    if (letters.isEmpty()) {
      Trail.Place place = way.at(aligned(0, align) + course.slide());
      return new SetWords.Line(pieces, place.beside(below), 0, bare.rise(), bare.fall(), paragraph, paragraph + bare.from(),
          paragraph + bare.to());
    }
    return new SetWords.Line(pieces, new Point(0, 0), length(letters, middles), bare.rise(), bare.fall(), paragraph,
        paragraph + bare.from(), paragraph + bare.to());
  }

  private double aligned(double length, Align align) {
    double from = way.from() * way.length();
    double free = (way.to() - way.from()) * way.length() - length;
    return from + free * (align == Align.JUSTIFIED ? 0 : align.share());
  }

  private static double length(List<Letter> letters, double[] middles) {
    Letter last = letters.get(letters.size() - 1);
    return middles[middles.length - 1] + last.width() / 2 - (middles[0] - letters.get(0).width() / 2);
  }

  /** How far below the line the feet of the letters stand. */
  private double sunk(List<Letter> letters) {
    double capitals = letters.stream().mapToDouble(l -> l.run().face().capHeight() * l.run().em()).max().orElse(0);
    return switch (course.sits()) {
      case ABOVE -> 0;
      case ON -> capitals / 2;
      case BELOW -> capitals;
    };
  }

  /** The letters of a line, each by itself. */
  private static List<Letter> letters(List<Piece> pieces) {
    List<Letter> out = new ArrayList<>();
    for (Piece piece : pieces) {
      GlyphRun run = piece.run();
      double pen = piece.map().e();
      for (int i = 0; i < run.glyphs().size();) {
        int cluster = run.glyphs().get(i).cluster();
        List<Glyph> own = new ArrayList<>();
        StringBuilder text = new StringBuilder();
        double from = pen - piece.map().e();
        double advance = 0;
        for (; i < run.glyphs().size() && run.glyphs().get(i).cluster() == cluster; i++) {
          Glyph g = run.glyphs().get(i);
          own.add(new Glyph(g.id(), g.x() - from, g.y(), g.text(), 0, g.advance()));
          text.append(g.text());
          advance += g.advance();
        }
        out.add(new Letter(new GlyphRun(run.face(), run.sizePt(), own, advance, text.toString()), piece.look(),
            piece.typed() ? piece.begins() + cluster : -1, pen, piece.map().f()));
        pen += advance;
      }
    }
    return out;
  }

  /** From a letter's own inches to the block, its middle at a distance along the line. */
  private Affine map(Letter letter, double middle, double below) {
    Trail.Place place = way.at(middle);
    Point foot = place.beside(below);
    return Affine.move(-letter.width() / 2, letter.raise()).then(Affine.turn(place.degrees(), new Point(0, 0)))
        .then(Affine.move(foot.x(), foot.y()));
  }

  /** Finds the place of every letter after the first. */
  private void follow(List<Letter> letters, double[] middles, double below) {
    int before = inked(letters.get(0)) ? 0 : -1;
    for (int i = 1; i < letters.size(); i++) {
      if (!inked(letters.get(i))) {
        middles[i] = middles[i - 1] + letters.get(i).middle() - letters.get(i - 1).middle();
      } else if (before < 0) {
        middles[i] = middles[i - 1] + letters.get(i).middle() - letters.get(i - 1).middle();
        before = i;
      } else {
        middles[i] = after(letters.get(before), letters.get(i), middles[before], below);
        blanks(letters, middles, before, i);
        before = i;
      }
    }
  }

  /** Blanks stand between the letters around them as they do in a straight line. */
  private static void blanks(List<Letter> letters, double[] middles, int from, int to) {
    double straight = letters.get(to).middle() - letters.get(from).middle();
    for (int k = from + 1; k < to; k++) {
      middles[k] = middles[from] + (middles[to] - middles[from])
          * (straight == 0 ? 0 : (letters.get(k).middle() - letters.get(from).middle()) / straight);
    }
  }

  private boolean inked(Letter letter) {
    return letter.run().glyphs().stream().anyMatch(g -> !near(letter.run().face(), g.id()).empty());
  }

  private Nearness near(FontFace face, int glyph) {
    return ready.computeIfAbsent(new GlyphKey(face, glyph), k -> new Nearness(face.outline(glyph), FINE));
  }

  /** The distance of two letters, each through a map of its own. */
  private double distance(Letter a, Letter b, Affine mapA, Affine mapB) {
    double least = Double.MAX_VALUE;
    for (Glyph g : a.run().glyphs()) {
      for (Glyph h : b.run().glyphs()) {
        Nearness one = near(a.run().face(), g.id());
        Nearness other = near(b.run().face(), h.id());
        if (!one.empty() && !other.empty()) {
          least = Math.min(least, one.to(other, glyph(a, g).then(mapA), glyph(b, h).then(mapB)));
        }
      }
    }
    return least;
  }

  private static Affine glyph(Letter letter, Glyph g) {
    return Affine.scale(letter.run().em(), letter.run().em()).then(Affine.move(g.x(), g.y()));
  }

  /** Where a letter stands after another: as near as in a straight line, measured where they come closest. */
  private double after(Letter before, Letter letter, double middle, double below) {
    double natural = letter.middle() - before.middle();
    double straight = distance(before, letter, Affine.move(before.left(), before.raise()), Affine.move(letter.left(), letter.raise()));
    if (straight < TOUCHING && course.least() == 0) {
      return middle + natural;
    }
    double wanted = Math.max(straight, course.least());
    Affine fixed = map(before, middle, below);
    double low = 0;
    double high = Math.max(natural, before.width() / 2 + letter.width() / 2) + wanted + Math.max(before.run().em(), letter.run().em());
    double step = natural;
    for (int i = 0; i < STEPS && high - low > CLOSE; i++) {
      double gap = distance(before, letter, fixed, map(letter, middle + step, below));
      double wrong = gap - wanted;
      if (Math.abs(wrong) < CLOSE) {
        break;
      }
      if (wrong < 0) {
        low = step;
      } else {
        high = step;
      }
      double next = step - wrong;
      step = gap > 0 && next > low && next < high ? next : (low + high) / 2;
    }
    return middle + step;
  }

  /** Pulls the letters apart, or together, so that all of them reach over the typed length. */
  private void spread(List<Letter> letters, double[] middles) {
    if (course.spread() <= 0 || letters.size() < 2) {
      return;
    }
    double each = (course.spread() - length(letters, middles)) / (letters.size() - 1);
    for (int i = 1; i < middles.length; i++) {
      middles[i] += each * i;
    }
  }
}
