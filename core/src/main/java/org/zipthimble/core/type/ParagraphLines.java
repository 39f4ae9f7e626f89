package org.zipthimble.core.type;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.font.FontShelf;
import org.zipthimble.core.font.Glyph;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;

/** A paragraph set in lines of a width. */
final class ParagraphLines {
  private static final double SLACK = 1e-6;
  private static final double USUAL_TAB = 0.5;
  private static final int MOST_LEADERS = 400;

  /**
   * A line that has not found its height yet.
   *
   * @param pieces from the line's beginning
   * @param left where the line begins, in inches from the left of the column
   * @param step how far its baseline stands below the one before it
   */
  record Bare(List<Piece> pieces, double left, double width, double rise, double fall, double step, int from, int to, boolean wide) {}

  private final ShapedParagraph shaped;
  private final ParagraphLook look;
  private final ParagraphDetail detail;
  private final IntFunction<double[]> slots;
  private final Optional<String> sign;

  private ParagraphLines(Paragraph paragraph, FontShelf shelf, IntFunction<double[]> slots, Optional<String> sign) {
    // a paragraph without letters is as high as its look would be
    this.shaped = new ShapedParagraph(paragraph.length() == 0 ? paragraph.saying(List.of(paragraph.runs().get(0).saying(" "))) : paragraph,
        shelf);
    this.look = paragraph.look();
    this.detail = look.detail();
    this.slots = slots;
    this.sign = sign;
  }

  /**
   * Sets a paragraph.
   *
   * @param column the width of the column in inches
   * @param sign what stands before its first line
   */
  static List<Bare> of(Paragraph paragraph, FontShelf shelf, double column, Optional<String> sign) {
    return of(paragraph, shelf, line -> new double[] {0, column}, sign);
  }

  /**
   * Sets a paragraph in lines of widths of their own.
   *
   * @param slots where each line begins and how wide it is, in inches; asked in the order of the lines
   */
  static List<Bare> of(Paragraph paragraph, FontShelf shelf, IntFunction<double[]> slots, Optional<String> sign) {
    ParagraphLines setting = new ParagraphLines(paragraph, shelf, slots, sign);
    return paragraph.length() == 0 ? List.of(setting.empty(shelf)) : setting.all(shelf);
  }

  private double left(int line) {
    double hang = detail.mark().map(ListMark::hang).orElse(0.0);
    return detail.left() + hang + (line == 0 ? Math.max(-detail.left() - hang, detail.first()) : 0);
  }

  private double room(int line) {
    return Math.max(0.01, slots.apply(line)[1] - left(line) - detail.right());
  }

  private Bare empty(FontShelf shelf) {
    Bare blank = bare(new LineBreaks.Broken(0, 1, 0, false), 0, true, shelf);
    return new Bare(blank.pieces.stream().filter(p -> !p.typed()).toList(), blank.left, 0, blank.rise, blank.fall, blank.step, 0, 0, false);
  }

  private List<Bare> all(FontShelf shelf) {
    List<LineBreaks.Broken> broken = new LineBreaks(shaped, detail, (from, to, exactly) -> exactly || hasTab(from, to)
        ? filled(from, to).width : quick(from, to)).lines(this::room);
    List<Bare> out = new ArrayList<>();
    for (int i = 0; i < broken.size(); i++) {
      boolean last = i == broken.size() - 1 || broken.get(i).to() < broken.get(i).next() && shaped.shown()
          .charAt(broken.get(i).next() - 1) == '\u2028';
      out.add(bare(broken.get(i), i, last, shelf));
    }
    return out;
  }

  private boolean hasTab(int from, int to) {
    int tab = shaped.shown().indexOf('\t', from);
    return tab >= 0 && tab < to;
  }

  private double quick(int from, int to) {
    double[] before = shaped.before();
    LetterLook last = shaped.lookAt(to - 1);
    return before[to] - before[from] - last.tracking() / 1000 * last.em();
  }

  private Bare bare(LineBreaks.Broken line, int number, boolean last, FontShelf shelf) {
    Filled filled = filled(line.from(), line.to());
    // blanks at the end of a paragraph are not seen, but a caret stands after them
    boolean blanks = last && line.to() < line.next() && !shaped.rightToLeft() && shaped.shown().charAt(line.next() - 1) != '\u2028';
    List<Piece> pieces = new ArrayList<>(blanks ? filled(line.from(), line.next()).pieces : filled.pieces);
    double width = filled.width;
    if (line.hyphen()) {
      Piece hyphen = untyped("-", shaped.lookAt(line.to() - 1), shelf).moved(width);
      pieces.add(hyphen);
      width += hyphen.run().advance();
    }
    double room = room(number);
    double free = room - width;
    if (look.align() == Align.JUSTIFIED && !last && free > 0 && !hasTab(line.from(), line.to())) {
      List<Piece> spread = spread(pieces, free);
      width = spread == pieces ? width : room;
      pieces = spread;
    }
    double share = look.align() == Align.JUSTIFIED ? shaped.rightToLeft() ? 1 : 0 : look.align().share();
    double left = left(number) + (room - width) * share;
    if (number == 0 && sign.isPresent()) {
      pieces.add(0, untyped(sign.get(), shaped.lookAt(line.from()), shelf)
          .moved(-detail.mark().orElseThrow().hang() - detail.first() - (left - left(0))));
    }
    double[] extent = shaped.extent(line.from(), Math.max(line.from() + 1, line.to()));
    double step = detail.leadingPt().orElse(extent[2] * look.leadingPercent() / 100) / 72;
    return new Bare(pieces, left, width, extent[0], extent[1], step, line.from(), line.next(), width > room + SLACK);
  }

  private static Piece untyped(String text, LetterLook look, FontShelf shelf) {
    LetterLook plain = look.withTracking(0);
    ShapedParagraph.Part part = new ShapedParagraph(new Paragraph(List.of(Run.of(text, plain)), PLAIN, Optional.empty()), shelf)
        .part(0, text.length());
    Piece first = part.pieces().get(0);
    return new Piece(first.run(), first.look(), first.map(), -1);
  }

  private static final ParagraphLook PLAIN = new ParagraphLook(Align.LEFT, 120, ParagraphDetail.NONE);

  /** Free width goes to the spaces between words. */
  private static List<Piece> spread(List<Piece> pieces, double free) {
    long spaces = pieces.stream().flatMap(p -> p.run().glyphs().stream()).filter(g -> g.text().equals(" ")).count();
    if (spaces == 0) {
      return pieces;
    }
    double each = free / spaces;
    double moved = 0;
    List<Piece> out = new ArrayList<>();
    for (Piece piece : pieces) {
      List<Glyph> glyphs = new ArrayList<>();
      double within = 0;
      for (Glyph g : piece.run().glyphs()) {
        double wider = g.text().equals(" ") ? each : 0;
        glyphs.add(new Glyph(g.id(), g.x() + within, g.y(), g.text(), g.cluster(), g.advance() + wider));
        within += wider;
      }
      GlyphRun run = piece.run();
      out.add(new Piece(
          new GlyphRun(run.face(), run.sizePt(), glyphs, run.advance() + within, run.text()), piece.look(),
          piece.map().then(Affine.move(moved, 0)), piece.begins()));
      moved += within;
    }
    return out;
  }

  private record Filled(List<Piece> pieces, double width) {}

  /** A part with its tabs carried out. */
  private Filled filled(int from, int to) {
    if (!hasTab(from, to)) {
      ShapedParagraph.Part part = shaped.part(from, to);
      return new Filled(part.pieces(), part.advance());
    }
    List<Piece> out = new ArrayList<>();
    double pen = 0;
    double left = left(from == 0 ? 0 : 1);
    for (int at = from; at <= to;) {
      int tab = shaped.shown().indexOf('\t', at);
      int end = tab < 0 || tab > to ? to : tab;
      ShapedParagraph.Part part = shaped.part(at, end);
      if (at > from) {
        double reached = pen + left;
        TabStop stop = detail.tabs().stream().filter(t -> t.at() > reached + SLACK).findFirst()
            .orElse(new TabStop((Math.floor(reached / USUAL_TAB + SLACK) + 1) * USUAL_TAB, TabStop.Kind.LEFT, ""));
        double goal = Math.max(pen, stop.at() - left - before(stop.kind(), part, at, end));
        leaders(stop, pen, goal, at - 1, out);
        pen = goal;
      }
      double begun = pen;
      part.pieces().forEach(p -> out.add(p.moved(begun)));
      pen += part.advance();
      at = end + 1;
    }
    return new Filled(out, pen);
  }

  /** How much of a part stands before its stop. */
  private double before(TabStop.Kind kind, ShapedParagraph.Part part, int from, int to) {
    return switch (kind) {
      case LEFT -> 0;
      case CENTRE -> part.advance() / 2;
      case RIGHT -> part.advance();
      case POINT -> {
        int point = -1;
        for (int i = from; i < to && point < 0; i++) {
          point = shaped.shown().charAt(i) == '.' || shaped.shown().charAt(i) == ',' ? i : -1;
        }
        yield point < 0 ? part.advance() : shaped.part(from, point).advance();
      }
    };
  }

  /** Signs that lead to a stop, on a grid of their own so that those of several lines stand below each other. */
  private void leaders(TabStop stop, double from, double to, int tab, List<Piece> out) {
    if (stop.leader().isBlank()) {
      return;
    }
    Piece one = untyped(stop.leader(), shaped.lookAt(tab), BundledFonts.shelf());
    double step = one.run().advance();
    double first = Math.ceil(from / step + 0.25) * step;
    for (int i = 0; step > 0 && i < MOST_LEADERS && first + (i + 1) * step <= to - step / 4; i++) {
      out.add(one.moved(first + i * step));
    }
  }
}
