package org.zipthimble.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.MarkWalk;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** The sheets of a booklet: two pages beside each other on each side, in the order of folding, moved towards the fold by the creep. */
public final class BookletPages implements PageRun {
  private static final double ROUNDING = 1e-9;

  private final Job job;
  private final List<Face> pages;
  private final PageOptions options;
  private final Gang gang;
  private final Book book;
  private final Size page;
  private final Size paper;
  private final List<Booklet.Side> sides;

  private BookletPages(Job job, List<Face> pages, PageOptions options, Gang gang, Size page, Size paper) {
    this.job = job;
    this.pages = pages;
    this.options = options;
    this.gang = gang;
    this.book = job.book().orElse(Book.USUAL);
    this.page = page;
    this.paper = paper;
    this.sides = Booklet.sides(pages.size());
  }

  /** Whether sheets are laid as a booklet. */
  public static boolean wanted(PageOptions options) {
    return options.sheet().onPaper() && options.sheet().gang().filter(Gang::booklet).isPresent();
  }

  /**
   * The same job laid as a booklet; where two of its pages do not go beside each other on its paper, on the smallest usual paper that
   * takes them.
   */
  public static Job laid(Job job) {
    SheetPlan asked = job.sheet().withOnPaper(true).withGang(Optional.of(job.sheet().gang().orElse(Gang.USUAL).withBooklet(true)));
    if (job.pages().isEmpty()) {
      return job.withSheet(asked);
    }
    Size needed = needed(job, job.pages().get(0), asked, true);
    return job.withSheet(takes(needed, asked.paper()) ? asked : Papers.all().stream().map(Papers::size).filter(p -> takes(needed, p))
        .min(Comparator.comparingDouble(p -> p.width() * p.height())).map(asked::withPaper).orElse(asked));
  }

  /** The room that two pages beside each other take with their bleed and marks, in inches. */
  private static Size needed(Job job, Face first, SheetPlan plan, boolean bleed) {
    Size page = job.frame(first).size();
    double around = bleed ? job.usualFrame().bleed().most() : 0;
    double reach = Math.max(around, plan.cropMarks() ? CropMarks.reach(around) : 0);
    return new Size(2 * page.width() + 2 * reach, page.height() + 2 * reach);
  }

  private static boolean takes(Size needed, Size paper) {
    return Imposition.goesOn(needed, paper) || Imposition.goesOn(needed, paper.swapped());
  }

  /**
   * The sheets of a job's pages.
   *
   * @throws Trouble when four does not go into their number, or two do not go beside each other on the paper
   */
  public static BookletPages of(Job job, PageOptions options) throws Trouble {
    List<Face> pages = job.pages();
    if (pages.isEmpty() || pages.size() % 4 != 0) {
      throw Trouble.of("sheet.bookletPages", pages.size(), pages.size() + Book.Binding.STAPLED.lacking(pages.size()));
    }
    Gang gang = options.sheet().gang().orElse(Gang.USUAL);
    Size page = job.frame(pages.get(0)).size();
    Size needed = needed(job, pages.get(0), options.sheet(), options.bleed());
    Size upright = options.sheet().paper();
    boolean swapped = !Imposition.goesOn(needed, upright);
    if (!takes(needed, upright)) {
      throw Trouble.of("sheet.bookletTooSmall", Lengths.show(needed, job.ticket().unit()), Lengths.show(upright, job.ticket().unit()));
    }
    return new BookletPages(job, pages, options, gang, page, swapped ? upright.swapped() : upright);
  }

  @Override
  public int count() {
    return sides.size();
  }

  /** The sides in order, each front followed by its back. */
  public List<Booklet.Side> sides() {
    return sides;
  }

  /** The paper, lying as it is used. */
  public Size paper() {
    return paper;
  }

  /** How many sheets one booklet takes. */
  public int sheets() {
    return sides.size() / 2;
  }

  /** How many sheets all booklets take. */
  public int sheetsInAll() {
    return sheets() * job.ticket().quantity();
  }

  /**
   * Where a page of a side lies on the sheet, its outer edge where it is trimmed, in inches; the back as it is seen when it is not turned
   * round.
   */
  public Box trim(Booklet.Side side, boolean left) {
    double fold = paper.width() / 2;
    double width = page.width() - Booklet.creep(side.sheet(), book.leaf());
    return new Box(left ? fold - width : fold, (paper.height() - page.height()) / 2, width, page.height());
  }

  @Override
  public DrawnPage at(int index) {
    Booklet.Side side = sides.get(index);
    Box left = trim(side, true);
    Box trim = left.union(trim(side, false));
    Insets around = options.bleed() ? job.usualFrame().bleed() : Insets.NONE;
    Affine turned = turned(side);
    String name = Wording.text(side.back() ? "sheet.bookletBack" : "sheet.bookletFront", side.sheet() + 1, side.left(), side.right());
    Box bleed = trim.grown(around);
    return new DrawnPage(name, paper, turned.apply(trim), turned.apply(bleed), out -> {
      half(side, true, around, turned, out);
      half(side, false, around, turned, out);
      List<Path> marks = new ArrayList<>(options.sheet().cropMarks() ? CropMarks.around(trim, around) : List.of());
      marks.forEach(m -> out.line(m.mapped(turned), CropMarks.WIDTH, Colour.BLACK));
      List<Path> folds = List.of(Shapes.line(new Point(left.right(), trim.y()), new Point(left.right(), trim.bottom())));
      SheetSigns.draw(options.sheet(), job, paper, trim, around, folds, gang.slug() ? name : "", turned, out);
    });
  }

  /** A printer that turns the sheet about its other edge wants the back on its head; what it is off is taken off again. */
  private Affine turned(Booklet.Side side) {
    if (!side.back()) {
      return Affine.IDENTITY;
    }
    boolean tall = paper.height() >= paper.width();
    boolean aboutUpright = gang.backs() == Gang.Backs.NONE || (gang.backs() == Gang.Backs.LONG_EDGE) == tall;
    Affine put = Affine.move(-gang.backX(), -gang.backY());
    return aboutUpright ? put : Affine.turn(180, new Point(paper.width() / 2, paper.height() / 2)).then(put);
  }

  private void half(Booklet.Side side, boolean left, Insets around, Affine turned, MarkOut out) {
    Face face = pages.get((left ? side.left() : side.right()) - 1);
    Box trim = trim(side, left);
    double creep = page.width() - trim.width();
    // art keeps its distance from the outer edge; what creep takes is taken at the fold
    double x = left ? trim.x() : trim.x() - creep;
    Box seen = new Box(left ? trim.x() - around.left() : trim.x(), trim.y() - around.top(),
        trim.width() + (left ? around.left() : around.right()), trim.height() + around.top() + around.bottom());
    Affine toSheet = Affine.move(x, trim.y()).then(turned);
    Affine mirrored = options.mirror() ? Affine.move(-page.width() / 2, 0).then(Affine.scale(-1, 1)).then(Affine.move(page.width() / 2, 0))
        .then(toSheet) : toSheet;
    if (seen.width() > ROUNDING) {
      try (MarkOut.Scope scope = out.clip(Shapes.rectangle(seen).mapped(turned))) {
        MarkWalk.walk(job, face, mirrored, out);
      }
    }
  }
}
