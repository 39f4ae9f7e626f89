package org.zipthimble.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.BookEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.job.Book;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Stapled booklets: which pages share a sheet, how far creep moves them, where they lie. */
class BookletTest {
  static IntStream counts() {
    return IntStream.rangeClosed(1, 16).map(i -> 4 * i);
  }

  /** The rule of saddle stitch (arithmetic of folding, trade facts): first and last share a sheet, facing numbers add up to pages + 1. */
  @ParameterizedTest
  @MethodSource("counts")
  void numbersBesideEachOtherAddUp(int pages) {
    List<Booklet.Side> sides = Booklet.sides(pages);
    assertEquals(pages / 2, sides.size());
    assertEquals(new Booklet.Side(0, false, pages, 1), sides.get(0));
    List<Integer> all = new ArrayList<>();
    for (Booklet.Side side : sides) {
      assertEquals(pages + 1, side.left() + side.right());
      assertEquals(1, side.right() % 2, "a right-hand page has an odd number");
      assertEquals(0, side.left() % 2);
      all.add(side.left());
      all.add(side.right());
    }
    assertEquals(IntStream.rangeClosed(1, pages).boxed().toList(), all.stream().sorted().toList());
  }

  /** Sheets are folded and laid into each other, then leafed through: pages come in order. */
  @ParameterizedTest
  @MethodSource("counts")
  void foldedAndLaidIntoEachOtherThePagesComeInOrder(int pages) {
    List<Booklet.Side> sides = Booklet.sides(pages);
    List<Integer> read = new ArrayList<>();
    for (int s = 0; s < sides.size(); s += 2) {
      // the leaf before the fold: its front is the right of the outer side, its back the left of the inner
      read.add(sides.get(s).right());
      read.add(sides.get(s + 1).left());
    }
    for (int s = sides.size() - 2; s >= 0; s -= 2) {
      read.add(sides.get(s + 1).right());
      read.add(sides.get(s).left());
    }
    assertEquals(IntStream.rangeClosed(1, pages).boxed().toList(), read);
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 2, 5, 7, 30})
  void othersThanFoursAreNone(int pages) {
    assertThrows(IllegalArgumentException.class, () -> Booklet.sides(pages));
  }

  private static Job book(int pages, Gang gang, double leaf) {
    List<Face> faces = new ArrayList<>();
    for (int i = 1; i <= pages; i++) {
      faces.add(
          Face.of("f" + i, "page " + i,
          List.of(Made.rectangle("i" + i, -0.125, -0.125, 5.25, 7.25).filled(Optional.of(new Colour(i * 7, 0, 0))))));
    }
    Job job = Job.blank("Book", Ticket.usual("Book", new Size(5, 7)), List.of("x")).withFaces(faces);
    return job.withBook(Optional.of(new Book(Book.Binding.STAPLED, 0.5, leaf)))
        .withSheet(new SheetPlan(true, new Size(11, 17), true, Optional.of(gang.withBooklet(true).withSlug(false))));
  }

  /** Creep: the inmost leaf by (sheets - 1) times the thickness (trade facts, geometry of nested folds). */
  @Test
  void creepMovesInnerPagesTowardsTheFold() throws Exception {
    Job job = book(16, Gang.USUAL, 0.01);
    BookletPages pages = BookletPages.of(job, PageOptions.of(job));
    assertEquals(4, pages.sheets());
    assertEquals(new Size(11, 17), pages.paper());
    double fold = 11 / 2.0;
    for (Booklet.Side side : pages.sides()) {
      Box left = pages.trim(side, true);
      Box right = pages.trim(side, false);
      assertEquals(fold, left.right(), 1e-12);
      assertEquals(fold, right.x(), 1e-12);
      assertEquals(5 - 0.01 * side.sheet(), left.width(), 1e-12);
      assertEquals(left.width(), right.width(), 1e-12);
    }
    assertEquals(0.03, Booklet.creep(3, 0.01), 1e-12);
  }

  /**
   * On the raster: the right pages stand at the right places, nothing of one page reaches over the fold, and bleed is at the outer edges
   * only.
   */
  @ParameterizedTest
  @EnumSource(Gang.Backs.class)
  void pagesLieWhereTheFoldWantsThem(Gang.Backs backs) throws Exception {
    Job job = book(8, Gang.USUAL.withBacks(backs), 0);
    BookletPages pages = BookletPages.of(job, PageOptions.of(job));
    boolean turned = backs == Gang.Backs.SHORT_EDGE;
    for (int i = 0; i < pages.count(); i++) {
      Booklet.Side side = pages.sides().get(i);
      BufferedImage image = FacePainter.onPaper(pages.at(i), 40, new Halvings());
      boolean over = turned && side.back();
      int left = over ? side.right() : side.left();
      int right = over ? side.left() : side.right();
      int middle = image.getWidth() / 2;
      int y = image.getHeight() / 2;
      assertEquals(left * 7, image.getRGB(middle - 2, y) >> 16 & 255, "left of the fold on side " + i);
      assertEquals(right * 7, image.getRGB(middle + 2, y) >> 16 & 255, "right of the fold on side " + i);
      assertEquals(left * 7, image.getRGB(middle - (int) (5.1 * 40), y) >> 16 & 255, "bleed at the outer edge");
      assertEquals(255, image.getRGB(middle - (int) (5.2 * 40), y) >> 16 & 255, "and paper past it");
    }
  }

  @Test
  void pagesFaceEachOtherWithoutBleedIntoTheFold() {
    Job job = book(8, Gang.USUAL, 0);
    for (int i = 0; i < 8; i++) {
      Side inner = i % 2 == 0 ? Side.LEFT : Side.RIGHT;
      Face face = job.faces().get(i);
      assertEquals(Optional.of(inner), job.inner(face));
      assertEquals(0, job.frame(face).bleed().at(inner));
      assertEquals(0.125, job.frame(face).bleed().at(inner == Side.LEFT ? Side.RIGHT : Side.LEFT));
      assertEquals(0.5, job.frame(face).safe().at(inner));
      assertEquals(0.125, job.frame(face).safe().top());
    }
  }

  @Test
  void whatCannotBeFoldedIsToldInASentence() {
    Job six = book(6, Gang.USUAL, 0);
    Trouble fours = assertThrows(Trouble.class, () -> BookletPages.of(six, PageOptions.of(six)));
    assertTrue(fours.getMessage().contains("6") && fours.getMessage().contains("8"), fours.getMessage());
    Job small = book(8, Gang.USUAL, 0).withSheet(new SheetPlan(true, new Size(10.5, 8), true, Optional.of(Gang.USUAL.withBooklet(true))));
    assertThrows(Trouble.class, () -> BookletPages.of(small, PageOptions.of(small)));
    Job mended = BookEdits.filled().change().apply(six);
    assertEquals(8, mended.pages().size());
    assertEquals("page 6", mended.faces().get(7).name(), "the back cover stays the last");
  }

  /**
   * Pages of 8.5 x 11 beside each other are 17 in wide; with their marks 12 x 18 takes them. Pages of 5 x 5 stay on the sheet that is
   * there.
   */
  @Test
  void aBookletIsLaidOnAPaperThatTakesIt() throws Exception {
    Job letter = sized(new Size(8.5, 11));
    assertThrows(Trouble.class, () -> BookletPages.of(bound(letter), PageOptions.of(bound(letter))));
    Job laid = BookletPages.laid(letter);
    assertEquals(new Size(12, 18), laid.sheet().paper());
    assertEquals(2, BookletPages.of(laid, PageOptions.of(laid)).count());
    Job small = BookletPages.laid(sized(new Size(4.5, 4.5)));
    assertEquals(SheetPlan.LETTER, small.sheet().paper());
    Job poster = BookletPages.laid(sized(new Size(30, 40)));
    assertEquals(SheetPlan.LETTER, poster.sheet().paper(), "where none takes it, the person's stays and the reason is said");
    Job cover = BookEdits.size("f1", Optional.of(new Size(10.5, 7))).change().apply(book(1, Gang.USUAL, 0.01));
    assertEquals(List.of(), cover.pages());
    assertTrue(BookletPages.wanted(PageOptions.of(BookletPages.laid(cover))), "a job of a cover alone has no pages yet");
  }

  private static Job sized(Size page) {
    Job job = book(4, Gang.USUAL, 0.01);
    return job.withTicket(Ticket.usual("Book", page)).withSheet(SheetPlan.ALONE.withPaper(SheetPlan.LETTER));
  }

  private static Job bound(Job job) {
    return job.withSheet(job.sheet().withOnPaper(true).withGang(Optional.of(Gang.USUAL.withBooklet(true))));
  }
}
