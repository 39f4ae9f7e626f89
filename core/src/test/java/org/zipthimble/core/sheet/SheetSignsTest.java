package org.zipthimble.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.edit.GuestEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Guest;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetMarks;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.SheetStock;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/**
 * What stands around the pieces of a sheet, straight cuts, hands at the pieces, rolls, grain, guests, and the sheet that measures backs.
 */
class SheetSignsTest {
  private static final SheetMarks ALL = new SheetMarks(true, true, true, true, true);

  private static Job card(SheetMarks marks, Optional<Gang> gang) {
    Job job = Made.card(Made.rectangle("i1", -0.125, -0.125, 5.25, 7.25));
    return job.withSheet(new SheetPlan(true, new Size(11, 17), true, gang, marks, SheetStock.UNKNOWN));
  }

  private static Job small(double w, double h, int quantity, Gang gang, SheetStock stock) {
    Ticket ticket = Ticket.usual("Tag", new Size(w, h)).withQuantity(quantity);
    return Made.card(Made.rectangle("i1", -0.125, -0.125, w + 0.25, h + 0.25)).withTicket(ticket)
        .withSheet(new SheetPlan(true, SheetPlan.LETTER, false, Optional.of(gang), new SheetMarks(false, false, false, false, false),
        stock));
  }

  private static GangPages pages(Job job) throws Trouble {
    return GangPages.of(job, job.leaving(), PageOptions.of(job));
  }

  /** Measured on a drawing by the reading library: the ticks at both ends of the ruler are 4 inches, and 100 millimetres, apart. */
  @Test
  void theRulerMeasuresFourInchesAndAHundredMillimetres(@TempDir Path folder) throws Exception {
    Job job = card(new SheetMarks(false, false, false, false, true), Optional.of(Gang.USUAL.withSlug(false)));
    job = job.withSheet(job.sheet().withCropMarks(false));
    Path file = folder.resolve("ruler.pdf");
    Sender.send(job, FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(job)), Progress.SILENT);
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, 600);
      double foot = image.getHeight() / 600.0;
      assertEquals(4.0, span(image, (int) Math.round((foot - 0.36 - 0.05) * 600)), 0.006);
      assertEquals(100 / 25.4, span(image, (int) Math.round((foot - 0.36 + 0.02 + 0.05) * 600)), 0.006);
    }
  }

  /** From the first dark place of a line of dots to the last, in inches: a tick is 0.0035 in wide. */
  private static double span(BufferedImage image, int y) {
    List<Integer> dark = new ArrayList<>();
    for (int x = 0; x < image.getWidth(); x++) {
      if ((image.getRGB(x, y) & 255) < 225) {
        dark.add(x);
      }
    }
    return (dark.get(dark.size() - 1) - dark.get(0)) / 600.0;
  }

  /** In a file for a press the bar stands in single inks, and the registration marks on all plates (ISO 32000-1, 8.6.6.4). */
  @Test
  void aPressSheetHasItsBarInSingleInksAndItsMarksOnAllPlates(@TempDir Path folder) throws Exception {
    Job job = card(ALL, Optional.of(Gang.USUAL));
    Job press = job.withColour(job.colour().withTo(Destination.PRINT_SHOP));
    Path file = folder.resolve("press.pdf");
    List<Measured> measured = Sender.send(press, FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(press)), Progress.SILENT);
    assertTrue(measured.stream().allMatch(Measured::right), measured.toString());
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      String content = new String(document.getPage(0).getContents().readAllBytes(), java.nio.charset.StandardCharsets.US_ASCII);
      for (String ink : List.of("1 0 0 0 k", "0 1 0 0 k", "0 0 1 0 k", "0 0 0 1 k", "0.5 0 0 0 k", "0 0.5 0 0 k", "0 0 0.5 0 k",
          "0 0 0 0.5 k")) {
        assertTrue(content.contains(ink), ink);
      }
      Set<String> spots = new TreeSet<>();
      for (var name : document.getPage(0).getResources().getColorSpaceNames()) {
        spots.add(document.getPage(0).getResources().getColorSpace(name).toString());
      }
      assertTrue(spots.toString().contains("All"), spots.toString());
    }
  }

  @Test
  void foldMarksStandOutsideEveryPieceThatIsFolded() throws Exception {
    Job flat = card(SheetMarks.USUAL, Optional.empty());
    Job folded = org.zipthimble.core.edit.BookEdits.fold(
        "f1", Optional.of(org.zipthimble.core.job.Fold.of(org.zipthimble.core.job.Fold.Kind.HALF))).change().apply(flat);
    BufferedImage without = FacePainter.onPaper(Imposition.of(flat, flat.faces().get(0), PageOptions.of(flat)), 150, new Halvings());
    BufferedImage with = FacePainter.onPaper(Imposition.of(folded, folded.faces().get(0), PageOptions.of(folded)), 150, new Halvings());
    Set<Integer> columns = new TreeSet<>();
    int least = Integer.MAX_VALUE;
    for (int y = 0; y < with.getHeight(); y++) {
      for (int x = 0; x < with.getWidth(); x++) {
        if (with.getRGB(x, y) != without.getRGB(x, y)) {
          columns.add(x);
          least = Math.min(least, y);
        }
      }
    }
    assertTrue(columns.stream().allMatch(x -> Math.abs(x + 0.5 - 5.5 * 150) <= 2), "only on the fold in the middle: " + columns);
    assertFalse(columns.isEmpty());
    assertTrue(least < (5 - 0.125) * 150, "above the bleed");
  }

  /** By hand: 3 by 4 pieces with gutters want 2 x 3 cuts down, then 2 x 4 across in each of three strips; butted ones share theirs. */
  @ParameterizedTest
  @CsvSource({"2, 2, 0.25, 12", "2, 2, 0, 9", "3, 1, 0.25, 8", "1, 1, 0, 4", "3, 4, 0.25, 30", "3, 4, 0, 19"})
  void straightCutsAreCountedByHand(int across, int down, double gutter, int cuts) {
    List<Box> trims = new ArrayList<>();
    for (int y = 0; y < down; y++) {
      for (int x = 0; x < across; x++) {
        trims.add(new Box(1 + x * (1 + gutter), 1 + y * (1.5 + gutter), 1, 1.5));
      }
    }
    assertEquals(cuts, Guillotine.cuts(new Size(8.5, 11), trims).size());
  }

  /**
   * A simulated guillotine follows the cuts: each must lie within a part that is there, and in the end every piece is a part of its own.
   */
  @ParameterizedTest
  @CsvSource({"3.5, 2, MIXED", "4, 6, MIXED", "2, 3, BEST", "1.5, 1, MIXED"})
  void aGuillotineThatFollowsThemGivesEveryPiece(double w, double h, Gang.Turning turning) throws Exception {
    GangPages pages = pages(small(w, h, 500, Gang.USUAL.withTurning(turning), SheetStock.UNKNOWN));
    List<Box> parts = new ArrayList<>(List.of(new Box(0, 0, pages.paper().width(), pages.paper().height())));
    for (Guillotine.Cut cut : pages.straightCuts(0)) {
      Box part = parts.stream().filter(p -> cut.upright() ? cut.at() > p.x() + 1e-7 && cut.at() < p.right() - 1e-7
          && inside(p, cut.within()) : cut.at() > p.y() + 1e-7 && cut.at() < p.bottom() - 1e-7 && inside(p, cut.within())).findFirst()
          .orElseThrow();
      parts.remove(part);
      parts.add(cut.upright() ? new Box(part.x(), part.y(), cut.at() - part.x(), part.height())
          : new Box(part.x(), part.y(), part.width(), cut.at() - part.y()));
      parts.add(cut.upright() ? new Box(cut.at(), part.y(), part.right() - cut.at(), part.height())
          : new Box(part.x(), cut.at(), part.width(), part.bottom() - cut.at()));
    }
    for (Spots.Spot spot : pages.spots()) {
      assertTrue(parts.stream().anyMatch(p -> Math.abs(p.x() - spot.trim().x()) < 1e-6 && Math.abs(p.y() - spot.trim().y()) < 1e-6
          && Math.abs(p.width() - spot.trim().width()) < 1e-6 && Math.abs(p.height() - spot.trim().height()) < 1e-6), "no part is " + spot);
    }
  }

  private static boolean inside(Box part, Box within) {
    return part.x() >= within.x() - 1e-6 && part.right() <= within.right() + 1e-6 && part.y() >= within.y() - 1e-6
        && part.bottom() <= within.bottom() + 1e-6;
  }

  @Test
  void piecesInAPinwheelAreCutByNoGuillotine() {
    List<Box> wheel = List.of(new Box(1, 1, 4, 3), new Box(5, 1, 3, 4), new Box(4, 5, 4, 3), new Box(1, 4, 3, 4));
    assertEquals(List.of(), Guillotine.cuts(new Size(9, 9), wheel));
  }

  @Test
  void aHandMovesPiecesAndLeavesPlacesFree() throws Exception {
    Gang gang = Gang.USUAL.withAcross(2).withDown(2);
    GangPages plain = pages(small(2, 3, 10, gang, SheetStock.UNKNOWN));
    assertEquals(3, plain.sheets());
    Job job = small(2, 3, 10, gang.withMoved(Map.of(1, new Point(0.5, -0.25))).withLeft(Set.of(3)),
        new SheetStock(0.4, SheetStock.Grain.UNKNOWN, false));
    GangPages pages = pages(job);
    assertEquals(plain.spots().get(1).trim().x() + 0.5, pages.spots().get(1).trim().x(), 1e-12);
    assertEquals(plain.spots().get(1).trim().y() - 0.25, pages.spots().get(1).trim().y(), 1e-12);
    assertEquals(3, pages.each());
    assertEquals(4, pages.sheets(), "ten by threes");
    assertEquals(1.6, pages.cost(), 1e-12);
    assertTrue(pages.leftFree(2, 3));
    BufferedImage image = FacePainter.onPaper(pages.at(0), 50, new Halvings());
    Point free = pages.spots().get(3).trim().centre();
    assertEquals(0xFFFFFF, image.getRGB((int) (free.x() * 50), (int) (free.y() * 50)) & 0xFFFFFF);
  }

  @Test
  void aRollIsOnlyAsLongAsItNeedBe() throws Exception {
    SheetStock roll = new SheetStock(0, SheetStock.Grain.UNKNOWN, true);
    Job job = small(2, 3, 7, Gang.USUAL.withTurning(Gang.Turning.UPRIGHT), roll)
        .withSheet(new SheetPlan(true, new Size(8.5, 100), false, Optional.of(Gang.USUAL.withTurning(Gang.Turning.UPRIGHT)),
        SheetMarks.USUAL, roll));
    GangPages pages = pages(job);
    assertEquals(1, pages.sheets());
    // three beside each other, so seven take three lines of 3 in and two gaps of 1/4 in
    double lines = 3 * 3 + 2 * 0.25;
    assertEquals(8.5, pages.paper().width(), 1e-12);
    assertEquals(lines + 2 * pages.spots().get(0).trim().y(), pages.paper().height(), 1e-9);
    assertEquals(9, pages.spots().size());
  }

  @Test
  void piecesLieAlongTheGrain() throws Exception {
    for (SheetStock.Grain grain : SheetStock.Grain.values()) {
      SheetStock stock = new SheetStock(0, grain, false);
      for (Gang.Along along : Gang.Along.values()) {
        GangPages pages = pages(small(2, 3.5, 4, Gang.USUAL.withAlong(along), stock));
        boolean asked = grain != SheetStock.Grain.UNKNOWN && along != Gang.Along.ANY;
        boolean fibresDown = (grain == SheetStock.Grain.LONG) == pages.paper().height() >= pages.paper().width();
        boolean heightDown = !pages.spots().get(0).turned();
        assertTrue(!asked || (fibresDown == heightDown) == (along == Gang.Along.HEIGHT), grain + " " + along);
      }
    }
  }

  /** A card and its envelope never share a sheet; both leave. */
  @Test
  void facesOfOtherSizesHaveSheetsOfTheirOwn() throws Exception {
    Job card = small(2, 3, 10, Gang.USUAL, SheetStock.UNKNOWN);
    List<org.zipthimble.core.job.Face> faces = new ArrayList<>(card.faces());
    faces.add(org.zipthimble.core.job.Face.of("f2", "envelope", List.of(Made.rectangle("e", 0, 0, 4, 2.5)))
        .withForm(org.zipthimble.core.job.FaceForm.USUAL.withSize(Optional.of(new Size(4, 2.5)))));
    Job both = card.withFaces(faces);
    assertEquals(2, Imposition.alike(both, both.leaving()).size());
    org.zipthimble.core.marks.PageRun run = Imposition.run(both, both.leaving(), PageOptions.of(both));
    assertEquals(2, run.count());
    assertEquals(pages(card).at(0).trim(), run.at(0).trim());
    assertEquals(GangPages.of(both, List.of(faces.get(1)), PageOptions.of(both)).at(0).trim(), run.at(1).trim());
    assertThrows(IndexOutOfBoundsException.class, () -> run.at(2));
  }

  @Test
  void guestsLieOnTheSameSheetsAndAreKeptAsTheyWere(@TempDir Path folder) throws Exception {
    Job host = small(2, 3, 6, Gang.USUAL, SheetStock.UNKNOWN);
    Job guest = Made.card(Made.ellipse("i1", 0.2, 0.2, 0.6, 0.6)).withName("Seal")
        .withTicket(Ticket.usual("Seal", new Size(1, 1)).withQuantity(9));
    Job job = GuestEdits.add(guest, "/somewhere/seal.thimble", 9).change().apply(host);
    GangPages pages = pages(job);
    assertEquals(15, pages.wanted());
    int own = 0;
    for (int s = 0; s < pages.sheets(); s++) {
      List<Spots.Spot> spots = pages.spots(s);
      for (int a = 0; a < spots.size(); a++) {
        Box box = spots.get(a).trim();
        own += Math.abs(box.width() * box.height() - 6) < 1e-9 ? 1 : 0;
        assertTrue(new Box(0.25, 0.25, pages.paper().width() - 0.5, pages.paper().height() - 0.5).contains(box, 1e-9));
        for (int b = 0; b < a; b++) {
          Box other = spots.get(b).trim();
          boolean apart = box.x() >= other.right() + 0.25 - 1e-9 || other.x() >= box.right() + 0.25 - 1e-9
              || box.y() >= other.bottom() + 0.25 - 1e-9 || other.y() >= box.bottom() + 0.25 - 1e-9;
          assertTrue(apart, box + " and " + other);
        }
      }
    }
    assertEquals(6, own);
    assertEquals(15, IntStream.range(0, pages.sheets()).map(s -> pages.spots(s).size()).sum());
    assertFalse(pages.straightCuts(0).isEmpty(), "shelves are cut straight");
    Path file = folder.resolve("host.thimble");
    ThimbleFile.save(job, file);
    Job again = ThimbleFile.open(file);
    assertEquals(1, again.guests().size());
    Guest kept = again.guests().get(0);
    assertEquals(guest.faces(), kept.job().faces());
    assertEquals("/somewhere/seal.thimble", kept.file());
    assertEquals(9, kept.quantity());
    Job fresh = GuestEdits.refresh(kept.id(), guest.withName("Seal, new")).change().apply(again);
    assertEquals("Seal, new", fresh.guests().get(0).job().name());
    assertEquals(3, GuestEdits.count(kept.id(), 3).change().apply(again).guests().get(0).quantity());
    assertEquals(List.of(), GuestEdits.remove(kept.id()).change().apply(again).guests());
    Path pdf = folder.resolve("sheets.pdf");
    List<Measured> measured = Sender.send(job, FileOrder.of(pdf, OptionalInt.empty(), 300, PageOptions.of(job)), Progress.SILENT);
    assertTrue(measured.stream().allMatch(Measured::right), measured.toString());
  }

  @Test
  void aGuestThatIsTooLargeOrDamagedIsASentence(@TempDir Path folder) throws Exception {
    Job host = small(2, 3, 6, Gang.USUAL, SheetStock.UNKNOWN);
    Job wide = Made.card().withName("Banner").withTicket(Ticket.usual("Banner", new Size(20, 30)));
    Job job = GuestEdits.add(wide, "", 1).change().apply(host);
    Trouble told = assertThrows(Trouble.class, () -> pages(job));
    assertTrue(told.getMessage().contains("Banner"), told.getMessage());
    Path file = folder.resolve("host.thimble");
    ThimbleFile.save(GuestEdits.add(Made.card(), "seal.thimble", 1).change().apply(host), file);
    byte[] bytes = Files.readAllBytes(file);
    java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
    try (java.util.zip.ZipInputStream in = new java.util.zip.ZipInputStream(
        new java.io.ByteArrayInputStream(bytes)); java.util.zip.ZipOutputStream zip = new java.util.zip.ZipOutputStream(out)) {
      for (java.util.zip.ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        zip.putNextEntry(new java.util.zip.ZipEntry(e.getName()));
        zip.write(e.getName().startsWith("guests/") ? new byte[] {1, 2, 3} : in.readAllBytes());
      }
    }
    Files.write(file, out.toByteArray());
    assertTrue(assertThrows(Trouble.class, () -> ThimbleFile.open(file)).getMessage().length() > 20);
  }

  /** On the drawing: through the sheet the line of the back goes through the middle of every scale, for both ways of turning. */
  @ParameterizedTest
  @CsvSource({"LONG_EDGE, 0, 0", "SHORT_EDGE, 0, 0", "LONG_EDGE, 0.04, -0.02"})
  void theTestSheetTellsHowFarBacksAreOff(Gang.Backs backs, double x, double y) throws Exception {
    Size paper = SheetPlan.LETTER;
    Gang gang = Gang.USUAL.withBacks(backs).withBackX(x).withBackY(y);
    BufferedImage back = FacePainter.onPaper(BackTest.pages(Made.card(), paper, gang).at(1), 200, new Halvings());
    assertEquals(2, BackTest.pages(Made.card(), paper, gang).count());
    for (Point front : BackTest.places(paper)) {
      Point seen = backs == Gang.Backs.LONG_EDGE ? new Point(paper.width() - front.x(), front.y())
          : new Point(front.x(), paper.height() - front.y());
      int cx = (int) Math.round((seen.x() - x) * 200);
      int cy = (int) Math.round((seen.y() - y) * 200);
      int dark = 0;
      for (int d = -60; d <= 60; d += 20) {
        dark += near(back, cx, cy + d) ? 1 : 0;
        dark += near(back, cx + d, cy) ? 1 : 0;
      }
      assertEquals(14, dark, "a cross at " + front);
    }
  }

  private static boolean near(BufferedImage image, int x, int y) {
    for (int i = -1; i <= 1; i++) {
      for (int k = -1; k <= 1; k++) {
        if ((image.getRGB(x + i, y + k) & 255) < 200) {
          return true;
        }
      }
    }
    return false;
  }
}
