package org.zipthimble.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Frame;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Pages made of faces: alone with their bleed, or in the middle of a paper with crop marks. */
class ImpositionTest {
  private static final double EXACT = 1e-9;
  private static final SheetPlan LETTER = new SheetPlan(true, SheetPlan.LETTER, true);

  private static Job card(Insets bleed) {
    Job job = Made.card(Made.background("g"));
    return job.withTicket(job.ticket().withBleed(bleed));
  }

  private static Frame frame(Job job) {
    return job.frame(job.faces().get(0));
  }

  @Test
  void aFaceAloneIsItsTrimAndItsBleed() throws Trouble {
    DrawnPage page = Imposition.of(card(Insets.all(0.125)), PageOptions.of(true, false, SheetPlan.ALONE)).get(0);
    assertEquals(new Size(5.25, 7.25), page.size());
    assertEquals(new Box(0.125, 0.125, 5, 7), page.trim());
    DrawnPage trimmed = Imposition.of(card(Insets.all(0.125)), PageOptions.of(false, false, SheetPlan.ALONE)).get(0);
    assertEquals(new Size(5, 7), trimmed.size());
    assertEquals(new Box(0, 0, 5, 7), trimmed.trim());
  }

  @Test
  void onPaperTheTrimLiesInTheMiddle() throws Trouble {
    Job job = card(Insets.all(0.125)).withSheet(LETTER);
    DrawnPage page = Imposition.of(job, PageOptions.of(job)).get(0);
    assertEquals(new Size(8.5, 11), page.size());
    assertEquals(1.75, page.trim().x(), EXACT);
    assertEquals(2, page.trim().y(), EXACT);
    assertEquals(new Point(1.75, 2), Imposition.trimOnPage(job, job.faces().get(0)));
  }

  /** However uneven the bleed, both sides of the sheet meet when it is turned over: the trim stays in the middle. */
  @Test
  void anUnevenBleedDoesNotMoveTheTrim() throws Trouble {
    Job job = card(new Insets(0.5, 0, 0.125, 0.25)).withSheet(LETTER);
    DrawnPage page = Imposition.of(job, PageOptions.of(job)).get(0);
    assertEquals(1.75, page.trim().x(), EXACT);
    assertEquals(2, page.trim().y(), EXACT);
    assertEquals(1.25, page.bleed().x(), EXACT);
    assertEquals(2, page.bleed().y(), EXACT);
    assertEquals(5.625, page.bleed().width(), EXACT);
  }

  @Test
  void roomIsNeededForBleedAndMarksOfTheWiderSide() {
    Frame frame = frame(card(new Insets(0.5, 0, 0.125, 0.25)));
    SheetPlan plain = new SheetPlan(true, SheetPlan.LETTER, false);
    Size without = Imposition.needed(frame, plain, true);
    assertEquals(6, without.width(), EXACT);
    assertEquals(7.5, without.height(), EXACT);
    assertEquals(new Size(5, 7), Imposition.needed(frame, plain, false));
    Size with = Imposition.needed(frame, LETTER, true);
    assertEquals(5 + 2 * CropMarks.reach(0.5), with.width(), EXACT);
    assertEquals(7 + 2 * CropMarks.reach(0.25), with.height(), EXACT);
  }

  @Test
  void aPaperIsTurnedWhenTheItemGoesOnItThatWay() {
    Job wide = card(Insets.NONE).withTicket(card(Insets.NONE).ticket().sized(new Size(10, 5)));
    assertEquals(new Size(11, 8.5), Imposition.oriented(frame(wide), LETTER, true));
    assertEquals(SheetPlan.LETTER, Imposition.oriented(frame(card(Insets.NONE)), LETTER, true));
  }

  @Test
  void whatDoesNotGoOnTheSheetIsRefusedInWords() {
    Job large = card(Insets.NONE).withTicket(card(Insets.NONE).ticket().sized(new Size(20, 30))).withSheet(LETTER);
    Trouble told = assertThrows(Trouble.class, () -> Imposition.of(large, PageOptions.of(large)));
    assertTrue(told.getMessage().contains("20") && told.getMessage().contains("30"), told.getMessage());
  }

  @ParameterizedTest
  @CsvSource({"5, 7, 5, 7, true", "5, 7, 7, 5, false", "5.0000000001, 7, 5, 7, true", "5.01, 7, 5, 7, false"})
  void goingOnAllowsForRoundingAlone(double w, double h, double paperW, double paperH, boolean goes) {
    assertEquals(goes, Imposition.goesOn(new Size(w, h), new Size(paperW, paperH)));
  }

  /** Eight marks, two at each corner, none of them within the bleed (common practice, no source). */
  @ParameterizedTest
  @ValueSource(doubles = {0, 0.125, 0.25, 1})
  void cropMarksStandOutsideTheBleed(double bleed) {
    Box trim = new Box(2, 2, 5, 7);
    List<Path> marks = CropMarks.around(trim, Insets.all(bleed));
    assertEquals(8, marks.size());
    for (Path mark : marks) {
      Box box = Measure.bounds(mark).orElseThrow();
      assertEquals(CropMarks.LENGTH, Math.max(box.width(), box.height()), EXACT);
      assertFalse(trim.grown(bleed).grown(-1e-6).meet(box).isPresent(), "a mark lies in the bleed: " + box);
      boolean upright = box.width() < box.height();
      double at = upright ? box.x() : box.y();
      assertTrue(upright ? at == trim.x() || at == trim.right() : at == trim.y() || at == trim.bottom(),
          "a mark points at an edge: " + box);
    }
  }

  @Test
  void marksOfASideStandOutsideThatSidesBleed() {
    Box trim = new Box(2, 2, 5, 7);
    List<Path> marks = CropMarks.around(trim, new Insets(1, 0, 0, 0));
    List<Double> lefts = new ArrayList<>();
    for (Path mark : marks) {
      Box box = Measure.bounds(mark).orElseThrow();
      if (box.height() < box.width() && box.x() < trim.x()) {
        lefts.add(box.right());
      }
    }
    assertEquals(2, lefts.size());
    lefts.forEach(x -> assertTrue(x < trim.x() - 1, "beyond an inch of bleed: " + x));
  }

  @ParameterizedTest
  @EnumSource(Papers.class)
  void papersAreUprightAndHaveTheirStandardSizes(Papers paper) {
    assertTrue(paper.size().width() < paper.size().height());
    assertFalse(paper.key().isBlank());
  }

  /** ISO 216: A4 is 210 by 297 mm, A3 297 by 420 mm. ANSI/ASME Y14.1: size A is 8.5 by 11 in, B 11 by 17 in. */
  @Test
  void standardPapersAreExact() {
    assertEquals(210 / 25.4, Papers.A4.size().width(), 1e-6);
    assertEquals(297 / 25.4, Papers.A4.size().height(), 1e-6);
    assertEquals(420 / 25.4, Papers.A3.size().height(), 1e-6);
    assertEquals(new Size(8.5, 11), Papers.LETTER.size());
    assertEquals(new Size(11, 17), Papers.TABLOID.size());
  }

  @Test
  void pagesOfARunAreMadeWhenTheyAreAskedFor() throws Trouble {
    Job job = card(Insets.all(0.125));
    Job two = job.withFaces(List.of(job.faces().get(0), Face.of("f2", "back", List.of())));
    PageRun run = Imposition.run(two, two.faces(), PageOptions.of(two));
    assertEquals(2, run.count());
    assertEquals("back", run.at(1).name());
    assertNotSame(run.at(0), run.at(0), "nothing is held on to");
    assertEquals(run.at(0).size(), run.at(0).size());
    Job large = two.withTicket(two.ticket().sized(new Size(20, 30))).withSheet(LETTER);
    PageRun refused = Imposition.run(large, large.faces(), PageOptions.of(large));
    assertEquals(2, refused.count(), "it is told when a page is made, not before");
    assertThrows(Trouble.class, () -> refused.at(0));
  }

  @Test
  void theBenchShowsAFaceUnmirroredFromItsTrim() {
    Job job = card(Insets.all(0.125));
    DrawnPage bench = Imposition.bench(job.withTicket(job.ticket().withMirror(true)), job.faces().get(0));
    assertEquals(0, bench.trim().x(), EXACT);
    assertEquals(0, bench.trim().y(), EXACT);
    assertEquals(-0.125, bench.bleed().x(), EXACT);
  }
}
