package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.plan.Supply;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/**
 * A mirror image reaches every file for a cutter, once. The job is a small square at the left and a large one at the right; what was sent
 * is read by PDFBox, by the plain text of the plotter's orders and by our own readers of SVG and DXF, which know nothing of lanes.
 */
class MirroredCutsTest {
  private static Item cut(Item item) {
    return item.with(item.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS)));
  }

  private static Job job(boolean mirrored) {
    Lane lane = Lane.of("l1", "Shirt", Material.IRON_ON, Made.BEET).withSupply(Supply.MAT_12).withMirrored(mirrored);
    return Made.card(cut(Made.rectangle("i1", 0.5, 1, 0.5, 0.5)), cut(Made.rectangle("i2", 2.5, 1, 2, 2)))
        .withCutting(CutPlan.NONE.withLanes(List.of(lane)));
  }

  private static List<Measured> send(Job job, Path file, Content what, Optional<Boolean> mirror) throws Exception {
    FileOrder order = FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(job)).withContent(Optional.of(what))
        .withHow(SendOptions.USUAL.withMirror(mirror));
    List<Measured> measured = Sender.send(job, order, Progress.SILENT);
    measured.forEach(m -> assertTrue(m.right(), m.lines().toString()));
    return measured;
  }

  /** Whether the small square lies right of the large one. */
  private static boolean turned(Path file, String name) throws Exception {
    List<Box> boxes = name.endsWith(".plt") ? plotter(file) : name.endsWith(".pdf") ? pdf(file) : drawing(file);
    assertEquals(2, boxes.size(), boxes.toString());
    Box small = boxes.get(0).width() < boxes.get(1).width() ? boxes.get(0) : boxes.get(1);
    Box large = small == boxes.get(0) ? boxes.get(1) : boxes.get(0);
    assertEquals(0.5, small.width(), 0.03, "a knife runs past its corners");
    assertEquals(2, large.width(), 0.03);
    return small.x() > large.x();
  }

  private static List<Box> drawing(Path file) throws Exception {
    return Importers.drawing(file, OptionalDouble.empty()).items().stream().flatMap(i -> i.withMembers().stream())
        .filter(i -> i.members().isEmpty())
        .map(i -> i.placement().around()).toList();
  }

  private static List<Box> plotter(Path file) throws Exception {
    List<Box> boxes = new ArrayList<>();
    Matcher strokes = Pattern.compile("PD([0-9,-]+);").matcher(Files.readString(file, StandardCharsets.US_ASCII));
    while (strokes.find()) {
      String[] figures = strokes.group(1).split(",");
      double left = Double.MAX_VALUE;
      double right = -Double.MAX_VALUE;
      for (int i = 0; i < figures.length; i += 2) {
        left = Math.min(left, Integer.parseInt(figures[i]) / 1016.0);
        right = Math.max(right, Integer.parseInt(figures[i]) / 1016.0);
      }
      boxes.add(new Box(left, 0, right - left, 1));
    }
    return boxes;
  }

  private static List<Box> pdf(Path file) throws Exception {
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      Lines lines = new Lines(document.getPage(0));
      lines.processPage(document.getPage(0));
      return lines.boxes;
    }
  }

  /** The boxes of the subpaths of a page, in inches. */
  private static final class Lines extends PDFGraphicsStreamEngine {
    private final List<Box> boxes = new ArrayList<>();
    private double left = Double.MAX_VALUE;
    private double right = -Double.MAX_VALUE;

    Lines(PDPage page) {
      super(page);
    }

    private void at(double x) {
      left = Math.min(left, x / 72);
      right = Math.max(right, x / 72);
    }

    private void end() {
      if (right > left) {
        boxes.add(new Box(left, 0, right - left, 1));
      }
      left = Double.MAX_VALUE;
      right = -Double.MAX_VALUE;
    }

    @Override
    public void appendRectangle(java.awt.geom.Point2D a, java.awt.geom.Point2D b, java.awt.geom.Point2D c, java.awt.geom.Point2D d) {
      moveTo((float) a.getX(), 0);
      at(c.getX());
    }

    @Override
    public void moveTo(float x, float y) {
      end();
      at(x);
    }

    @Override
    public void lineTo(float x, float y) {
      at(x);
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
      at(x3);
    }

    @Override
    public java.awt.geom.Point2D getCurrentPoint() {
      return new java.awt.geom.Point2D.Float();
    }

    @Override
    public void strokePath() {
      end();
    }

    @Override
    public void endPath() {
      left = Double.MAX_VALUE;
      right = -Double.MAX_VALUE;
    }

    @Override
    public void closePath() {}

    @Override
    public void clip(int rule) {}

    @Override
    public void fillPath(int rule) {}

    @Override
    public void fillAndStrokePath(int rule) {}

    @Override
    public void shadingFill(COSName name) {}

    @Override
    public void drawImage(PDImage image) {}
  }

  @ParameterizedTest
  @CsvSource({
      "d.svg,DESIGN", "s.svg,SHEETS", "d.dxf,DESIGN", "s.dxf,SHEETS", "s.plt,SHEETS", "s.pdf,SHEETS"})
  void everyFileForACutterIsMirroredOnceWhereItIsAskedFor(String name, Content what, @TempDir Path folder) throws Exception {
    for (boolean lane : new boolean[] {false, true}) {
      for (Optional<Boolean> asked : List.of(Optional.<Boolean>empty(), Optional.of(true), Optional.of(false))) {
        if (lane && asked.equals(Optional.of(false))) {
          // what must be cut as a mirror image does not leave as it stands: nobody would turn it
          Path refused = folder.resolve("refused-" + name);
          Trouble trouble = assertThrows(Trouble.class, () -> send(job(true), refused, what, asked));
          assertTrue(trouble.getMessage().contains("nobody mirrors"), trouble.getMessage());
          continue;
        }
        Path file = folder.resolve(lane + "-" + asked.map(String::valueOf).orElse("lane") + "-" + name);
        List<Measured> measured = send(job(lane), file, what, asked);
        assertEquals(asked.orElse(lane), turned(file, name), file.getFileName().toString());
        String said = measured.get(0).lines().get(measured.get(0).lines().size() - 1).found();
        assertEquals(asked.orElse(lane) ? "a mirror image: Shirt" : "as it stands on the item", said);
      }
    }
  }

  @Test
  void aFileThatIsTheOtherWayRoundIsFoundOut(@TempDir Path folder) throws Exception {
    Path right = folder.resolve("right.svg");
    Path wrong = folder.resolve("wrong.svg");
    send(job(false), right, Content.DESIGN, Optional.empty());
    send(job(false), wrong, Content.DESIGN, Optional.of(true));
    Measured measured = org.zipthimble.core.proof.VectorBack.svg(wrong, CutDrawings.design(job(false), List.of("l1"), Optional.empty()),
        job(false).ticket().unit());
    assertTrue(!measured.right(), measured.lines().toString());
  }

  @Test
  void whatLiesOnAScrapIsNotMirroredUnderIt(@TempDir Path folder) {
    Job job = job(false);
    Lane lane = job.cutting().lanes().get(0);
    Supply scrap = new Supply(lane.supply().size(), lane.supply().margin(), false, Optional.of(Shapes.rectangle(new Box(0.5, 0.5, 6, 6))));
    Job on = job.withCutting(job.cutting().with(lane.withSupply(scrap)));
    Trouble trouble = assertThrows(Trouble.class, () -> send(on, folder.resolve("s.svg"), Content.SHEETS, Optional.of(true)));
    assertTrue(trouble.getMessage().contains("scrap"), trouble.getMessage());
  }
}
