package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.cut.CutMarks;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.SheetPlan;
import org.zipthimble.core.job.Ticket;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Makes pages from faces. */
public final class Pages {
  private static final double ROUNDING = 1e-9;

  /** The width of a cut line on the bench, in inches. */
  private static final double BENCH_LINE = 0.014;


  private Pages() {}

  /** One page for each face. */
  public static List<DrawnPage> of(Job job, PageOptions options) throws Trouble {
    List<DrawnPage> pages = new ArrayList<>();
    for (Face face : job.faces()) {
      pages.add(of(job, face, options));
    }
    return pages;
  }

  /**
   * The page for a face.
   *
   * @throws Trouble when the item does not go on the sheet
   */
  public static DrawnPage of(Job job, Face face, PageOptions options) throws Trouble {
    return options.sheet().onPaper() ? onPaper(job, face, options) : alone(job, face, options);
  }

  /** The room that an item needs on paper, marks included, in inches. */
  public static Size needed(Ticket ticket, SheetPlan sheet, boolean bleed) {
    double around = bleed ? ticket.bleed() : 0;
    return ticket.finished().grown(sheet.cropMarks() ? CropMarks.reach(around) : around);
  }

  /** The sheet, turned so that the item goes on it if it can. */
  public static Size oriented(Ticket ticket, SheetPlan sheet, boolean bleed) {
    Size needed = needed(ticket, sheet, bleed);
    return goesOn(needed, sheet.paper()) || !goesOn(needed, sheet.paper().swapped()) ? sheet.paper() : sheet.paper().swapped();
  }

  /** Whether something goes on a sheet without turning it. */
  public static boolean goesOn(Size needed, Size paper) {
    return needed.width() <= paper.width() + ROUNDING && needed.height() <= paper.height() + ROUNDING;
  }

  /** Where the trim's top left lies on the page that leaves: on the sheet, or on the item with its bleed; in inches. */
  public static Point trimOnPage(Job job) {
    Ticket ticket = job.ticket();
    if (!job.sheet().onPaper()) {
      return new Point(ticket.bleed(), ticket.bleed());
    }
    Size paper = oriented(ticket, job.sheet(), true);
    return new Point((paper.width() - ticket.finished().width()) / 2, (paper.height() - ticket.finished().height()) / 2);
  }

  /** A face as the bench shows it: origin at the trim's top left, nothing cut off, never mirrored. */
  public static DrawnPage bench(Job job, Face face) {
    Ticket ticket = job.ticket();
    return new DrawnPage(
        face.name(), ticket.finished(), ticket.trim(), ticket.bleedBox(),
        out -> {
          MarkWalk.made(job, face, Affine.IDENTITY, out);
          CutMarks.draw(job, CutLines.own(job, face), Affine.IDENTITY, BENCH_LINE, out);
        });
  }

  private static DrawnPage alone(Job job, Face face, PageOptions options) {
    double around = options.bleed() ? job.ticket().bleed() : 0;
    Size size = job.ticket().finished().grown(around);
    Box trim = new Box(around, around, job.ticket().finished().width(), job.ticket().finished().height());
    return page(job, face, options, size, trim, around);
  }

  private static DrawnPage onPaper(Job job, Face face, PageOptions options) throws Trouble {
    Ticket ticket = job.ticket();
    Size paper = oriented(ticket, options.sheet(), options.bleed());
    Size needed = needed(ticket, options.sheet(), options.bleed());
    if (!goesOn(needed, paper)) {
      throw Trouble.of("sheet.tooSmall", about(needed, ticket), Lengths.show(paper, ticket.unit()));
    }
    double around = options.bleed() ? ticket.bleed() : 0;
    Box trim = new Box(
        (paper.width() - ticket.finished().width()) / 2, (paper.height() - ticket.finished().height()) / 2,
        ticket.finished().width(), ticket.finished().height());
    return page(job, face, options, paper, trim, around);
  }

  private static String about(Size size, Ticket ticket) {
    return Lengths.show(size, ticket.unit());
  }

  private static DrawnPage page(Job job, Face face, PageOptions options, Size size, Box trim, double around) {
    Affine toPage = Affine.move(trim.x(), trim.y());
    Point middle = trim.centre();
    Affine seen = options.mirror()
        ? toPage.then(Affine.move(-middle.x(), 0)).then(Affine.scale(-1, 1)).then(Affine.move(middle.x(), 0))
        : toPage;
    Box bleed = trim.grown(around);
    boolean marked = options.sheet().onPaper() && options.sheet().cropMarks();
    List<Path> crops = marked ? CropMarks.around(trim, around) : List.of();
    return new DrawnPage(face.name(), size, trim, bleed, out -> {
      try (MarkOut.Scope scope = out.clip(Shapes.rectangle(bleed))) {
        MarkWalk.walk(job, face, seen, out);
      }
      crops.forEach(mark -> out.line(mark, CropMarks.WIDTH, Colour.BLACK));
      if (options.sheet().onPaper() && Register.wanted(face)) {
        Register.marks(bleed).forEach(at -> out.fill(Register.mark(at), Colour.BLACK));
      }
      List<CutLine> cuts = Register.wanted(face) && options.cuts() ? CutLines.own(job, face) : List.of();
      if (!cuts.isEmpty()) {
        CutMarks.steps(job, cuts, seen, CropMarks.WIDTH, out);
      }
    });
  }
}
