package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.cut.CutLines;
import org.zipthimble.core.cut.CutMarks;
import org.zipthimble.core.form.Leaving;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Makes pages from faces. */
public final class Imposition {
  private static final double ROUNDING = 1e-9;

  /** The width of a cut line on the bench, in inches. */
  private static final double BENCH_LINE = 0.014;

  /** No other piece. */
  private static final Face NONE = Face.of("none", "none", List.of());

  private Imposition() {}

  /** A page for each of some faces, made when it is asked for; with a list the faces for each row that is sent, one row after another. */
  public static PageRun run(Job job, List<Face> faces, PageOptions options) throws Trouble {
    if (BookletPages.wanted(options) && faces.size() > 1) {
      // a cover's spine or an envelope is no page of the booklet
      List<Face> others = faces.stream().filter(f -> f.form().size().isPresent()).toList();
      PageOptions single = options.withSheet(options.sheet().withGang(Optional.empty()));
      return others.isEmpty() ? BookletPages.of(job, options)
          : PageRun.joined(List.of(BookletPages.of(job, options), run(job, others, single)));
    }
    if (ganged(options)) {
      List<PageRun> runs = new ArrayList<>();
      for (List<Face> some : alike(job, faces)) {
        runs.add(GangPages.of(job, some, options));
      }
      return runs.size() == 1 ? runs.get(0) : PageRun.joined(runs);
    }
    if (job.list().isPresent()) {
      return new RowPages(job, faces, options);
    }
    return new PageRun() {
      @Override
      public int count() {
        return faces.size();
      }

      @Override
      public DrawnPage at(int index) throws Trouble {
        return of(job, faces.get(index), options);
      }
    };
  }

  /** Faces of one size together, in their order: only they lie on the same sheets. */
  public static List<List<Face>> alike(Job job, List<Face> faces) {
    Map<Size, List<Face>> groups = new LinkedHashMap<>();
    faces.forEach(f -> groups.computeIfAbsent(Leaving.of(job, f).frame().size(), s -> new ArrayList<>()).add(f));
    return List.copyOf(groups.values());
  }

  /** One page for each face. */
  public static List<DrawnPage> of(Job job, PageOptions options) throws Trouble {
    List<DrawnPage> pages = new ArrayList<>();
    for (Face face : job.leaving()) {
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
    if (ganged(options)) {
      return GangPages.of(job, List.of(face), options).at(0);
    }
    return of(job, face, NONE, options);
  }

  /** The page for a face, which another piece has in another way; what is the very same on both is told as stamps. */
  static DrawnPage of(Job job, Face face, Face like, PageOptions options) throws Trouble {
    return options.sheet().onPaper() ? onPaper(job, face, like, options) : alone(job, face, like, options);
  }

  /** Whether several pieces lie on a sheet. */
  public static boolean ganged(PageOptions options) {
    return options.sheet().onPaper() && options.sheet().gang().filter(g -> !g.booklet()).isPresent();
  }

  /** The room that a face needs on paper when its trim lies in the middle, marks included, in inches. */
  public static Size needed(Frame frame, SheetPlan sheet, boolean bleed) {
    Insets around = bleed ? frame.bleed() : Insets.NONE;
    Insets reach = sheet.cropMarks() ? CropMarks.reach(around) : around;
    return new Size(
        frame.size().width() + 2 * Math.max(reach.left(), reach.right()),
        frame.size().height() + 2 * Math.max(reach.top(), reach.bottom()));
  }

  /** The sheet, turned so that the face goes on it if it can. */
  public static Size oriented(Frame frame, SheetPlan sheet, boolean bleed) {
    Size needed = needed(frame, sheet, bleed);
    return goesOn(needed, sheet.paper()) || !goesOn(needed, sheet.paper().swapped()) ? sheet.paper() : sheet.paper().swapped();
  }

  /** Whether something goes on a sheet without turning it. */
  public static boolean goesOn(Size needed, Size paper) {
    return needed.width() <= paper.width() + ROUNDING && needed.height() <= paper.height() + ROUNDING;
  }

  /** Where the trim's top left lies on the page of a face that leaves: on the sheet, or on the item with its bleed; in inches. */
  public static Point trimOnPage(Job job, Face face) {
    Frame frame = Leaving.of(job, face).frame();
    if (ganged(PageOptions.of(job))) {
      try {
        Box first = GangPages.of(job, List.of(face), PageOptions.of(job)).spots().get(0).trim();
        return new Point(first.x(), first.y());
      } catch (Trouble tooSmall) {
        // told at the sheet; the rulers go by the middle until it is mended
        return middle(frame, oriented(frame, job.sheet(), true));
      }
    }
    return job.sheet().onPaper() ? middle(frame, oriented(frame, job.sheet(), true)) : new Point(frame.bleed().left(), frame.bleed().top());
  }

  /** Where the trim's top left lies when the trim lies in the middle of a paper. */
  private static Point middle(Frame frame, Size paper) {
    return new Point((paper.width() - frame.size().width()) / 2, (paper.height() - frame.size().height()) / 2);
  }

  /** A face as the bench shows it: origin at the trim's top left, nothing cut off, never mirrored. */
  public static DrawnPage bench(Job job, Face face) {
    Frame frame = job.frame(face);
    return new DrawnPage(
        face.name(), frame.size(), frame.trim(), frame.bleedBox(),
        out -> {
          MarkWalk.made(job, face, Affine.IDENTITY, out);
          CutMarks.draw(job, CutLines.own(job, face), Affine.IDENTITY, BENCH_LINE, out);
        });
  }

  /** The bleed of a face as it lies on its page: seen in a mirror its sides change places. */
  private static Insets around(Frame frame, PageOptions options) {
    Insets around = options.bleed() ? frame.bleed() : Insets.NONE;
    return options.mirror() ? around.mirrored() : around;
  }

  private static DrawnPage alone(Job job, Face face, Face like, PageOptions options) {
    Frame frame = Leaving.of(job, face).frame();
    Insets around = around(frame, options);
    Box trim = new Box(around.left(), around.top(), frame.size().width(), frame.size().height());
    return page(job, face, like, options, frame.size().grown(around), trim, around);
  }

  private static DrawnPage onPaper(Job job, Face face, Face like, PageOptions options) throws Trouble {
    Frame frame = Leaving.of(job, face).frame();
    Size paper = oriented(frame, options.sheet(), options.bleed());
    Size needed = needed(frame, options.sheet(), options.bleed());
    if (!goesOn(needed, paper)) {
      throw Trouble.of("sheet.tooSmall", about(needed, job.ticket()), Lengths.show(paper, job.ticket().unit()));
    }
    Point at = middle(frame, paper);
    return page(job, face, like, options, paper, new Box(at.x(), at.y(), frame.size().width(), frame.size().height()),
        around(frame, options));
  }

  private static String about(Size size, Ticket ticket) {
    return Lengths.show(size, ticket.unit());
  }

  private static DrawnPage page(Job job, Face face, Face like, PageOptions options, Size size, Box trim, Insets around) {
    Affine toPage = Affine.move(trim.x(), trim.y());
    Point middle = trim.centre();
    Affine seen = options.mirror()
        ? toPage.then(Affine.move(-middle.x(), 0)).then(Affine.scale(-1, 1)).then(Affine.move(middle.x(), 0))
        : toPage;
    Box bleed = trim.grown(around);
    boolean marked = options.sheet().onPaper() && options.sheet().cropMarks();
    List<Path> crops = marked ? CropMarks.around(trim, around) : List.of();
    return new DrawnPage(face.name(), size, trim, bleed, out -> {
      Frame composed = job.frame(face);
      Leaving leaving = Leaving.of(job, face);
      Path end = leaving.bend().isEmpty() ? Shapes.rectangle(bleed) : leaving.area(composed, options.bleed()).mapped(seen);
      try (MarkOut.Scope scope = out.clip(end)) {
        MarkWalk.leave(job, face, like, composed.trim().grown(options.bleed() ? composed.bleed() : Insets.NONE), seen, out);
      }
      crops.forEach(mark -> out.line(mark, CropMarks.WIDTH, Colour.BLACK));
      if (options.sheet().onPaper()) {
        List<Path> folds = leaving.frame().folds().stream().map(f -> f.mapped(seen)).toList();
        SheetSigns.draw(options.sheet(), job, size, trim, around, folds, "", Affine.IDENTITY, out);
      }
      if (options.sheet().onPaper() && Register.wanted(face)) {
        Register.marks(bleed).forEach(at -> out.fill(Register.mark(at), Colour.BLACK));
      }
      List<CutLine> cuts = Register.wanted(face) && options.cuts() ? CutLines.leaving(job, face) : List.of();
      if (!cuts.isEmpty()) {
        CutMarks.steps(job, cuts, seen, CropMarks.WIDTH, out);
      }
    });
  }
}
