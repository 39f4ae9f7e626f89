package org.zipthimble.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.cut.CutLine;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Measure;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.paint.FacePainter;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.PrintAndCut;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** Several pieces on a sheet: how many, where, which row on which place, and fronts held against backs. */
class GangTest {
  private static final Gang PLAIN = Gang.USUAL.withGutter(0).withMargin(0).withSlug(false);

  private static int count(Gang.Turning turning, double paperW, double paperH, double w, double h, double gutter, double margin,
      double bleed) {
    return Spots.of(new Size(w, h), Insets.all(bleed), new Size(paperW, paperH), PLAIN.withTurning(turning).withGutter(gutter), margin)
        .size();
  }

  /**
   * Worked by hand: floor((W - 2 margins - 2 bleeds + gutter) / (w + gutter)) each way (trade arithmetic); of the mixed ones the small are
   * drawn on paper, the others what was found, held down here; that they are the most is shown by the next test. Ten by ten holds eight of
   * four by three only without straight cuts.
   */
  @ParameterizedTest
  @CsvSource({
    // paper, piece, gutter, margin, bleed, upright, turned, mixed
    "8.5, 11, 3.5, 2, 0, 0.25, 0, 10, 12, 12", "8.5, 11, 3.5, 2, 0, 0.5, 0, 10, 6, 10", "8.5, 11, 5, 7, 0, 0.25, 0, 1, 2, 2",
        "11, 17, 5, 7, 0, 0.25, 0, 4, 3, 4",
    "8.5, 11, 4, 6, 0, 0.25, 0, 2, 2, 3", "12, 18, 4, 6, 0, 0, 0, 9, 8, 9", "12, 18, 3.5, 2, 0.125, 0.25, 0, 24, 20, 25",
    "8.5, 11, 2.25, 3.25, 0.25, 0.25, 0.125, 9, 8, 9",
    "8.2677, 11.6929, 3.5, 2, 0, 0, 0, 10, 12, 12", "8.5, 11, 8.5, 11, 0, 0, 0, 1, 0, 1", "8.5, 11, 8.6, 11, 0, 0, 0, 0, 0, 0",
    "11, 17, 2, 6, 0.25, 0.25, 0.125, 8, 7, 9",
    "10, 10, 4, 3, 0, 0, 0, 6, 6, 7", "7, 5, 3, 2, 0, 0, 0, 4, 3, 5", "9, 9, 5, 4, 0, 0, 0, 2, 2, 3",
    "13, 19, 5.25, 7.25, 0, 0.25, 0, 4, 3, 5", "6, 6, 2, 2, 0, 0, 0, 9, 9, 9", "6, 6, 2, 2, 0.5, 0, 0, 4, 4, 4",
    "3, 100, 1, 1, 0, 0, 0, 300, 300, 300", "8.5, 11, 1, 2.625, 0.125, 0.25, 0, 21, 18, 25",
    "8.5, 14, 4, 6, 0, 0.25, 0, 4, 3, 4",
    "11, 17, 1.75, 7, 0.25, 0.25, 0.125, 10, 8, 11",
    "12, 18, 5, 7, 0.125, 0.25, 0.125, 4, 3, 4",
    "13, 19, 8, 10, 0, 0.5, 0, 1, 2, 2",
    "11, 17, 8.5, 5.5, 0, 0, 0, 3, 4, 4",
    "8.5, 11, 2, 3.5, 0.125, 0.25, 0, 6, 10, 10",
    "8.5, 11, 4.25, 5.5, 0, 0, 0, 4, 2, 4",
    "12, 18, 2, 6, 0, 0.25, 0, 10, 8, 12",
    "13, 19, 3, 4, 0.25, 0.25, 0.125, 12, 10, 14",
    "24, 36, 8, 10, 0, 0, 0, 9, 8, 10",
    "8.5, 11, 2.75, 4.75, 0.25, 0.25, 0.125, 4, 3, 5",
    "11, 17, 4, 4, 0.25, 0.5, 0.125, 6, 6, 6"})
  void asManyGoOnAsWorkedByHand(double paperW, double paperH, double w, double h, double gutter, double margin, double bleed, int upright,
  int turned, int mixed) {
    assertEquals(upright, count(Gang.Turning.UPRIGHT, paperW, paperH, w, h, gutter, margin, bleed), "upright");
    assertEquals(turned, count(Gang.Turning.TURNED, paperW, paperH, w, h, gutter, margin, bleed), "turned");
    assertEquals(Math.max(upright, turned), count(Gang.Turning.BEST, paperW, paperH, w, h, gutter, margin, bleed), "the better");
    assertEquals(mixed, count(Gang.Turning.MIXED, paperW, paperH, w, h, gutter, margin, bleed), "mixed");
  }

  /** The most that guillotine cuts at whole numbers allow, by trying every one of them. */
  private static int exact(int width, int height, int w, int h, int[][] known) {
    if (known[width][height] > 0) {
      return known[width][height] - 1;
    }
    int best = Math.max(width / w * (height / h), width / h * (height / w));
    for (int cut = 1; cut <= width / 2; cut++) {
      best = Math.max(best, exact(cut, height, w, h, known) + exact(width - cut, height, w, h, known));
    }
    for (int cut = 1; cut <= height / 2; cut++) {
      best = Math.max(best, exact(width, cut, w, h, known) + exact(width, height - cut, w, h, known));
    }
    known[width][height] = best + 1;
    return best;
  }

  @Test
  void mixedIsTheMostThatStraightCutsAllow() {
    Random random = new Random(17);
    for (int i = 0; i < 300; i++) {
      int width = 6 + random.nextInt(30);
      int height = 6 + random.nextInt(30);
      int w = 2 + random.nextInt(8);
      int h = 2 + random.nextInt(8);
      int exact = exact(width, height, w, h, new int[width + 1][height + 1]);
      int found = count(Gang.Turning.MIXED, width, height, w, h, 0, 0, 0);
      assertEquals(exact, found, "seed 17, case " + i + ": " + w + " x " + h + " on " + width + " x " + height);
    }
  }

  /** Lengths without a common measure make so many parts that trying all of them would never end. */
  @Test
  void manySmallPiecesAreLaidAtOnceAndNoFewerThanOneWayRound() {
    int best = count(Gang.Turning.BEST, 40, 60, 0.317, 0.471, 0.013, 0.25, 0);
    int mixed = count(Gang.Turning.MIXED, 40, 60, 0.317, 0.471, 0.013, 0.25, 0);
    assertTrue(mixed >= best && mixed <= 39.513 * 59.513 / (0.33 * 0.484), best + " one way round, " + mixed + " mixed");
  }

  @ParameterizedTest
  @EnumSource(Gang.Turning.class)
  void piecesNeitherOverlapNorLeaveTheirRoom(Gang.Turning turning) {
    Random random = new Random(23);
    for (int i = 0; i < 60; i++) {
      Size piece = new Size(1 + random.nextDouble() * 4, 1 + random.nextDouble() * 4);
      double gutter = random.nextInt(3) * 0.125;
      double margin = random.nextDouble() * 0.5;
      Gang gang = PLAIN.withTurning(turning).withGutter(gutter).withCorner(random.nextBoolean());
      List<Spots.Spot> spots = Spots.of(piece, Insets.all(0.125), new Size(11, 17), gang, margin);
      Box room = new Box(margin + 0.125, margin + 0.125, 11 - 2 * margin - 0.25, 17 - 2 * margin - 0.25);
      for (int a = 0; a < spots.size(); a++) {
        assertTrue(room.contains(spots.get(a).trim(), 1e-5), "seed 23, case " + i);
        for (int b = 0; b < a; b++) {
          assertTrue(spots.get(a).trim().grown(gutter - 1e-5).meet(spots.get(b).trim()).filter(m -> m.width() > 0 && m.height() > 0)
              .isEmpty() || gutter == 0
              && spots.get(a).trim().meet(spots.get(b).trim()).filter(m -> m.width() > 1e-5 && m.height() > 1e-5).isEmpty(),
              "seed 23, case " + i + ", places " + a + " and " + b);
        }
      }
    }
  }

  private static Job sheets(Gang gang, Item... items) {
    Job job = Made.card(items);
    return job.withTicket(job.ticket().sized(new Size(2, 3)).withQuantity(100))
        .withSheet(new SheetPlan(true, SheetPlan.LETTER, false, Optional.of(gang)));
  }

  private static Job numbered(int rows, Gang gang) {
    List<List<String>> cells = IntStream.rangeClosed(1, rows).mapToObj(i -> List.of(String.valueOf(i))).toList();
    return ListEdits.take(RowList.of("tickets.csv", List.of("no."), cells)).change().apply(sheets(gang));
  }

  @Test
  void aTypedGridIsLaidOrRefused() throws Exception {
    GangPages pages = GangPages.of(sheets(PLAIN.withAcross(2).withDown(3)), sheets(PLAIN).faces(),
        PageOptions.of(sheets(PLAIN.withAcross(2).withDown(3))));
    assertEquals(6, pages.each());
    assertEquals(17, pages.sheets(), "a hundred pieces, six on a sheet");
    assertEquals(1, pages.count(), "all sheets are alike");
    Job many = sheets(PLAIN.withAcross(9));
    assertThrows(Trouble.class, () -> GangPages.of(many, many.faces(), PageOptions.of(many)));
  }

  /** A guillotine that cuts all sheets at once and puts the piles one on another, from left to right and from the top. */
  @ParameterizedTest
  @CsvSource({"1000, 12", "13, 12", "12, 12", "1, 12", "95, 12"})
  void cutAndStackedTheNumbersAreInOrder(int rows, int each) throws Exception {
    Job job = numbered(rows, PLAIN.withStacked(true).withAcross(4).withDown(3).withMargin(0));
    GangPages pages = GangPages.of(job, job.faces(), PageOptions.of(job).withBleed(false));
    assertEquals(each, pages.each());
    List<Integer> pile = new ArrayList<>();
    for (int place = 0; place < pages.each(); place++) {
      for (int sheet = 0; sheet < pages.sheets(); sheet++) {
        pages.piece(sheet, place).ifPresent(pile::add);
      }
    }
    assertEquals(IntStream.range(0, rows).boxed().toList(), pile);
    Job plain = numbered(rows, PLAIN.withAcross(4).withDown(3));
    GangPages rowByRow = GangPages.of(plain, plain.faces(), PageOptions.of(plain).withBleed(false));
    List<Integer> read = new ArrayList<>();
    for (int sheet = 0; sheet < rowByRow.sheets(); sheet++) {
      for (int place = 0; place < each; place++) {
        rowByRow.piece(sheet, place).ifPresent(read::add);
      }
    }
    assertEquals(IntStream.range(0, rows).boxed().toList(), read);
  }

  private static BufferedImage drawn(GangPages pages, int index, double ppi) throws Exception {
    return FacePainter.onPaper(pages.at(index), ppi, new Halvings());
  }

  /** Seen through the sheet the head of every back lies on the head of its front, at its left where the front has it at its right. */
  @ParameterizedTest
  @CsvSource({"LONG_EDGE, UPRIGHT", "SHORT_EDGE, UPRIGHT", "LONG_EDGE, TURNED", "SHORT_EDGE, TURNED", "LONG_EDGE, MIXED",
      "SHORT_EDGE, MIXED"})
  void heldAgainstTheLightFrontsAndBacksAgree(Gang.Backs backs, Gang.Turning turning) throws Exception {
    ItemShape front = Made.rectangle("a", 0.1, 0.1, 0.7, 0.9).filled(Optional.of(Colour.BLACK));
    ItemShape back = Made.rectangle("b", 2 - 0.8, 0.1, 0.7, 0.9).filled(Optional.of(Colour.BLACK));
    Job one = sheets(PLAIN.withBacks(backs).withTurning(turning).withMargin(0.2).withGutter(0.25), front);
    List<Face> faces = new ArrayList<>(one.faces());
    faces.add(Face.of("f2", "back", List.of(back)));
    Job job = one.withFaces(faces);
    GangPages pages = GangPages.of(job, job.faces(), PageOptions.of(job));
    assertEquals(2, pages.count());
    double ppi = 200;
    BufferedImage top = drawn(pages, 0, ppi);
    BufferedImage under = drawn(pages, 1, ppi);
    boolean tall = pages.paper().height() >= pages.paper().width();
    boolean upright = (backs == Gang.Backs.LONG_EDGE) == tall;
    int dark = 0;
    int off = 0;
    for (int y = 0; y < top.getHeight(); y++) {
      for (int x = 0; x < top.getWidth(); x++) {
        int through = upright ? under.getRGB(top.getWidth() - 1 - x, y) & 255 : under.getRGB(x, top.getHeight() - 1 - y) & 255;
        boolean a = (top.getRGB(x, y) & 255) < 128;
        dark += a ? 1 : 0;
        off += a == through < 128 ? 0 : 1;
      }
    }
    assertTrue(dark > 10_000, "pieces were drawn");
    assertTrue(off < dark * 0.012, off + " of " + dark + " dark places disagree by more than half a dot of 0.005 in at their edges");
    Job shifted = job.withSheet(job.sheet().withGang(job.sheet().gang().map(g -> g.withBackX(0.1))));
    Box was = pages.at(1).trim();
    Box is = GangPages.of(shifted, shifted.faces(), PageOptions.of(shifted)).at(1).trim();
    assertEquals(-0.1, is.x() - was.x(), 1e-9, "a printer that lays the back too far to the right is put right");
  }

  /**
   * Drawn by poppler at 500 dots an inch: held against the light, the edges of all pieces on the back lie where those of the front do, to
   * one dot, which is 0.002 in.
   */
  @ParameterizedTest
  @EnumSource(value = Gang.Backs.class, names = {"LONG_EDGE", "SHORT_EDGE"})
  void popplerFindsFrontsAndBacksOnEachOther(Gang.Backs backs, @TempDir Path folder) throws Exception {
    ItemShape front = Made.rectangle("a", 0.1, 0.15, 1.7, 2.5).filled(Optional.of(Colour.BLACK));
    ItemShape back = Made.rectangle("b", 2 - 1.8, 0.15, 1.7, 2.5).filled(Optional.of(Colour.BLACK));
    Job one = sheets(PLAIN.withBacks(backs).withTurning(Gang.Turning.UPRIGHT).withMargin(0.2).withGutter(0.25), front);
    List<Face> faces = new ArrayList<>(one.faces());
    faces.add(Face.of("f2", "back", List.of(back)));
    Job job = one.withFaces(faces).withTicket(one.ticket().sized(new Size(2, 3)));
    Path pdf = folder.resolve("both.pdf");
    Sender.send(job, FileOrder.of(pdf, OptionalInt.empty(), 300, PageOptions.of(job).withSheet(job.sheet().withCropMarks(false))),
        Progress.SILENT);
    Process process = new ProcessBuilder("pdftoppm", "-r", "500", "-gray", "-png", pdf.toString(), folder.resolve("side").toString())
        .redirectErrorStream(true).start();
    assertEquals(0, process.waitFor());
    BufferedImage top = ImageIO.read(folder.resolve("side-1.png").toFile());
    BufferedImage under = ImageIO.read(folder.resolve("side-2.png").toFile());
    boolean upright = backs == Gang.Backs.LONG_EDGE == (top.getHeight() >= top.getWidth());
    for (boolean across : new boolean[] {true, false}) {
      List<Integer> edges = edges(top, across, false);
      assertTrue(edges.size() >= 4, edges.toString());
      List<Integer> behind = edges(under, across, across == upright);
      assertEquals(edges.size(), behind.size());
      for (int i = 0; i < edges.size(); i++) {
        assertTrue(Math.abs(edges.get(i) - behind.get(i)) <= 1, edges + " and " + behind);
      }
    }
  }

  /** Where dark begins and ends along the middle of the first pieces, seen in a mirror or not. */
  private static List<Integer> edges(BufferedImage image, boolean across, boolean mirrored) {
    int length = across ? image.getWidth() : image.getHeight();
    int other = across ? image.getHeight() : image.getWidth();
    List<Integer> found = new ArrayList<>();
    boolean was = false;
    for (int i = 0; i < length; i++) {
      int at = mirrored ? length - 1 - i : i;
      boolean dark = false;
      for (int k = other / 8; k < other; k += other / 16) {
        dark |= (image.getRGB(across ? at : k, across ? k : at) & 255) < 128;
      }
      if (dark != was) {
        found.add(i);
        was = dark;
      }
    }
    return found;
  }

  @Test
  void bleedEndsInTheMiddleOfAGutterAndAtButtedTrims() throws Exception {
    ItemShape ground = Made.background("g").filled(Optional.of(Colour.BLACK));
    for (double gutter : new double[] {0, 0.1, 0.5}) {
      Job job = sheets(PLAIN.withGutter(gutter).withMargin(0.3).withAcross(2).withDown(1), ground);
      GangPages pages = GangPages.of(job, job.faces(), PageOptions.of(job));
      BufferedImage image = drawn(pages, 0, 200);
      Box left = pages.spots().get(0).trim();
      int y = (int) (left.centre().y() * 200);
      int covered = 0;
      for (int x = 0; x < image.getWidth(); x++) {
        covered += (image.getRGB(x, y) & 255) < 128 ? 1 : 0;
      }
      double between = Math.min(gutter, 0.25);
      assertEquals(4 + 0.25 + between, covered / 200.0, 0.011,
          "two pieces of two inches, an eighth outside, and what is between them at " + gutter);
    }
  }

  @Test
  void whatIsCutByAMachineHasOneCutFileForAllPiecesAndMarksRoundThem() throws Exception {
    ItemShape shape = Made.rectangle("a", 0.5, 0.5, 1, 1.5).filled(Optional.of(Colour.BLACK));
    for (Gang.Turning turning : List.of(Gang.Turning.UPRIGHT, Gang.Turning.TURNED)) {
      Job job = sheets(PLAIN.withTurning(turning).withGutter(0.25), shape.with(shape.properties().withRole(Role.PRINTS_AND_CUTS)));
      GangPages pages = GangPages.of(job, job.faces(), PageOptions.of(job));
      List<CutLine> cuts = pages.cuts(0, "f1");
      assertEquals(pages.each(), cuts.size());
      BufferedImage printed = drawn(pages, 0, 100);
      for (int place = 0; place < pages.each(); place++) {
        Box trim = pages.spots().get(place).trim();
        Box cut = Measure.bounds(cuts.get(place).path()).orElseThrow();
        assertTrue(trim.contains(cut, 1e-9));
        assertEquals(turning == Gang.Turning.TURNED ? 1.5 : 1, cut.width(), 1e-9);
        // what is printed lies under its cut: inside of it dark, outside light
        assertTrue((printed.getRGB((int) ((cut.x() + 0.05) * 100), (int) ((cut.y() + 0.05) * 100)) & 255) < 60);
        assertTrue((printed.getRGB((int) ((cut.x() - 0.05) * 100), (int) ((cut.y() - 0.05) * 100)) & 255) > 200);
      }
      Box whole = pages.spots().stream().map(Spots.Spot::trim).reduce(Box::union).orElseThrow();
      for (Point mark : Register.marks(whole.grown(0.125))) {
        assertTrue(mark.x() > Register.RADIUS && mark.y() > Register.RADIUS && mark.x() < pages.paper().width() - Register.RADIUS
            && mark.y() < pages.paper().height() - Register.RADIUS);
        assertTrue((printed.getRGB((int) (mark.x() * 100), (int) (mark.y() * 100)) & 255) < 60, "a mark at " + mark);
      }
      PrintAndCut both = PrintAndCut.of(job, job.faces().get(0), Progress.SILENT);
      assertEquals(4, both.marks().size());
      assertTrue(both.plotter().length() > 40 * pages.each(), "the cutter is told of every piece");
    }
  }

  @Test
  void aSheetThatIsTooSmallIsToldInASentence() {
    Job large = Edits.sheet(s -> s.withPaper(new Size(1, 2))).change().apply(sheets(PLAIN));
    assertTrue(assertThrows(Trouble.class, () -> GangPages.of(large, large.faces(), PageOptions.of(large))).getMessage()
        .contains("No piece"));
  }

  /**
   * Three across and ten down of 1 by 2 5/8 in with steps of 2 3/4 by 1 in on letter, as common label sheets have them (common practice,
   * no source).
   */
  @Test
  void labelsLieWhereTheirSheetIsCutAndUsedPlacesStayFree() throws Exception {
    Gang labels = PLAIN.withLabels(Optional.of(new Gang.Labels(0.1875, 0.5, 2.75, 1)));
    Job job = numbered(70, labels);
    Job sized = job.withTicket(job.ticket().sized(new Size(2.625, 1)));
    GangPages pages = GangPages.of(sized, sized.faces(), PageOptions.of(sized));
    assertEquals(30, pages.each());
    assertEquals(new Box(0.1875, 0.5, 2.625, 1), pages.spots().get(0).trim());
    assertEquals(new Box(0.1875 + 2 * 2.75, 9.5, 2.625, 1), pages.spots().get(29).trim());
    assertEquals(3, pages.sheets());
    Job used = sized.withSheet(sized.sheet().withGang(Optional.of(labels.withUsed(Set.of(0, 4, 99)))));
    GangPages left = GangPages.of(used, used.faces(), PageOptions.of(used));
    assertEquals(Optional.empty(), left.piece(0, 0));
    assertEquals(Optional.of(0), left.piece(0, 1));
    assertEquals(Optional.empty(), left.piece(0, 4));
    assertEquals(Optional.of(3), left.piece(0, 5));
    assertEquals(Optional.of(28), left.piece(1, 0), "on the next sheet every place is free");
    assertEquals(3, left.sheets(), "28, 30 and 12 of them");
    Job crowded = sized.withTicket(sized.ticket().sized(new Size(3, 1)));
    assertThrows(Trouble.class, () -> GangPages.of(crowded, crowded.faces(), PageOptions.of(crowded)),
        "a piece wider than the step goes on none");
  }
}
