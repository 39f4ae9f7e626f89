package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.FactForms;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.plan.SheetMarks;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Today;

/**
 * What stands on a sheet around its pieces: fold marks, centre crosses, registration marks, a bar of the inks, a ruler and a line of
 * words. How long and thick they are is common practice, no source.
 */
public final class SheetSigns {
  /** The name of the plate that is on all plates (ISO 32000-1, 8.6.6.4). */
  public static final String ALL_PLATES = "All";

  /** How much is left free at the head and the foot of a sheet for a bar or a ruler, in inches. */
  public static final double ROOM = 0.42;

  private static final double SLUG_PT = 6;
  private static final double WIDTH = CropMarks.WIDTH;
  private static final double MARK = 0.1;
  private static final double PATCH = 0.15;
  private static final double EDGE = 0.2;
  private static final double RULER_INCHES = 4;
  private static final double RULER_MM = 100;

  /**
   * The inks of the bar, full and half, with the colours in which they stand outside a press; of the screen they are what the inks look
   * like.
   */
  private static final Map<Colour, Cmyk> BAR = bar();

  private SheetSigns() {}

  private static Map<Colour, Cmyk> bar() {
    Map<Colour, Cmyk> bar = new java.util.LinkedHashMap<>();
    bar.put(Colour.of(0x0098D6), new Cmyk(1, 0, 0, 0));
    bar.put(Colour.of(0xD4117E), new Cmyk(0, 1, 0, 0));
    bar.put(Colour.of(0xFFEC09), new Cmyk(0, 0, 1, 0));
    bar.put(Colour.of(0x1E1C1A), new Cmyk(0, 0, 0, 1));
    bar.put(Colour.of(0x8CCBEA), new Cmyk(0.5, 0, 0, 0));
    bar.put(Colour.of(0xE58DB8), new Cmyk(0, 0.5, 0, 0));
    bar.put(Colour.of(0xFFF49A), new Cmyk(0, 0, 0.5, 0));
    bar.put(Colour.of(0x939291), new Cmyk(0, 0, 0, 0.5));
    return bar;
  }

  /**
   * The palette with the inks of the bar, where a sheet has one, so that each patch is one ink; a colour that the person has an ink for
   * keeps it.
   */
  public static Palette inked(Palette palette, SheetPlan sheet) {
    Palette out = palette;
    if (sheet.onPaper() && sheet.marks().bar()) {
      for (Map.Entry<Colour, Cmyk> patch : BAR.entrySet()) {
        out = out.swatches().size() < Palette.MOST
            ? out.with(new Swatch(patch.getKey().hex(), patch.getKey(), Optional.of(new Ink.Process(patch.getValue())))) : out;
      }
    }
    return out;
  }

  /** How much of each edge of a sheet its signs want. */
  static double room(SheetMarks marks) {
    return marks.bar() || marks.ruler() ? ROOM : 0;
  }

  /**
   * Draws them.
   *
   * @param block the trim of all pieces
   * @param bleed that reaches past it
   * @param folds lines along which pieces are folded, on the sheet
   * @param slug the words at the foot; blank for none
   * @param turned how all of it lies on the sheet
   */
  static void draw(SheetPlan sheet, Job job, Size paper, Box block, Insets bleed, List<Path> folds, String slug, Affine turned,
      MarkOut out) {
    SheetMarks marks = sheet.marks();
    if (marks.folds()) {
      folds(folds, block, bleed).forEach(f -> out.line(f.mapped(turned), Pen.plain(2 * WIDTH, Colour.BLACK).dashed(0.04, 0.025)));
    }
    if (marks.centre()) {
      centres(block, bleed).forEach(c -> out.line(c.mapped(turned), WIDTH, Colour.BLACK));
    }
    if (marks.registration()) {
      registration(block, bleed).forEach(c -> out.line(c.mapped(turned), Pen.plain(WIDTH, Colour.BLACK).withSpot(Optional.of(ALL_PLATES))));
    }
    if (marks.bar()) {
      double x = Math.max(EDGE, block.x());
      for (Colour patch : BAR.keySet()) {
        out.fill(Shapes.rectangle(new Box(x, EDGE, PATCH, PATCH)), patch);
        x += PATCH;
      }
    }
    if (marks.ruler()) {
      ruler(job, paper, Math.max(EDGE, block.x()), out);
    }
    if (!slug.isBlank()) {
      said(job, Wording.text("sheet.slugLine", job.name(), FactForms.day(Today.now(), "dayMonth") + " " + Today.now().getYear(), slug),
          SLUG_PT, new Point(Math.max(0.1, EDGE), paper.height() - 0.12), out);
    }
  }

  /** Words in the plain type of the program, their baseline beginning at a place. */
  static void said(Job job, String text, double pt, Point at, MarkOut out) {
    SetWords set = Typesetter.set(text, new WordStyle("Figtree", "Regular", pt, 100, 0, Align.LEFT, Colour.BLACK), 30, 1,
        new JobFonts(job));
    set.placed().forEach(p -> out.words(p.piece().run(), p.piece().map().then(Affine.move(at.x(), at.y())), Colour.BLACK));
  }

  /** Where each fold leaves the block, a short mark outside the bleed. */
  private static List<Path> folds(List<Path> folds, Box block, Insets bleed) {
    List<Path> out = new ArrayList<>();
    for (Path fold : folds) {
      org.zipthimble.core.geom.Measure.bounds(fold).ifPresent(b -> {
        double far = CropMarks.reach(bleed.most());
        if (b.height() > b.width()) {
          out.add(Shapes.line(new Point(b.x(), block.y() - far), new Point(b.x(), block.y() - far + CropMarks.LENGTH)));
          out.add(Shapes.line(new Point(b.x(), block.bottom() + far - CropMarks.LENGTH), new Point(b.x(), block.bottom() + far)));
        } else {
          out.add(Shapes.line(new Point(block.x() - far, b.y()), new Point(block.x() - far + CropMarks.LENGTH, b.y())));
          out.add(Shapes.line(new Point(block.right() + far - CropMarks.LENGTH, b.y()), new Point(block.right() + far, b.y())));
        }
      });
    }
    return out;
  }

  /** The middles of the four marks, outside the middle of each side. */
  private static List<Point> middles(Box block, Insets bleed, double far) {
    Point c = block.centre();
    double out = bleed.most() + far;
    return List.of(new Point(c.x(), block.y() - out), new Point(block.right() + out, c.y()), new Point(c.x(), block.bottom() + out),
        new Point(block.x() - out, c.y()));
  }

  private static List<Path> cross(Point at, double reach) {
    return List.of(Shapes.line(new Point(at.x() - reach, at.y()), new Point(at.x() + reach, at.y())),
        Shapes.line(new Point(at.x(), at.y() - reach), new Point(at.x(), at.y() + reach)));
  }

  private static List<Path> centres(Box block, Insets bleed) {
    return middles(block, bleed, 1.0 / 32 + MARK).stream().flatMap(m -> cross(m, MARK).stream()).toList();
  }

  private static List<Path> registration(Box block, Insets bleed) {
    List<Path> out = new ArrayList<>();
    double far = 1.0 / 32 + MARK;
    double quarter = block.width() / 4;
    for (Point m : List.of(middles(block, bleed, far).get(0), middles(block, bleed, far).get(2))) {
      Point at = new Point(m.x() + quarter, m.y());
      out.addAll(cross(at, MARK));
      out.add(Shapes.ellipse(new Box(at.x() - MARK / 2, at.y() - MARK / 2, MARK, MARK)));
    }
    return out;
  }

  /** A line of 4 inches with its inches and tenths, and one of 100 millimetres with its centimetres below it. */
  private static void ruler(Job job, Size paper, double x, MarkOut out) {
    double y = paper.height() - EDGE - 0.16;
    double mm = 1 / Unit.MM_PER_INCH;
    scale(x, y, RULER_INCHES, 40, 10, -1, out);
    scale(x, y + 0.02, RULER_MM * mm, 100, 10, 1, out);
    said(job, Wording.text("sheet.ruler"), 5, new Point(x + RULER_INCHES + 0.06, y + 0.03), out);
  }

  private static void scale(double x, double y, double length, int parts, int whole, int up, MarkOut out) {
    out.line(Shapes.line(new Point(x, y), new Point(x + length, y)), WIDTH, Colour.BLACK);
    for (int i = 0; i <= parts; i++) {
      double at = x + length * i / parts;
      out.line(Shapes.line(new Point(at, y), new Point(at, y + up * (i % whole == 0 ? 0.08 : 0.035))), WIDTH, Colour.BLACK);
    }
  }
}
