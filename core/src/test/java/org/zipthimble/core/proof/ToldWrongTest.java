package org.zipthimble.core.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.zip.CRC32;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.paint.DxfFile;
import org.zipthimble.core.paint.SvgFile;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/**
 * A file that was changed behind our back is told wrong, and the line that tells it is the right one: a report that cannot fail says
 * nothing.
 */
class ToldWrongTest {
  @TempDir Path folder;
  private Job job;
  private PageRun pages;

  @BeforeEach
  void card() throws Trouble {
    job = Made.card(Made.background("g"), Made.ellipse("e", 1, 1, 3, 3),
        Made.words("w", "Bring seeds", 1, 5, 3, 1, Made.style("Fraunces", "Regular", 24)));
    pages = Imposition.run(job, job.faces(), PageOptions.of(job));
  }

  private Path sent(String name, double ppi) throws Exception {
    FileOrder order = FileOrder.of(folder.resolve(name), OptionalInt.empty(), ppi, PageOptions.of(job));
    Measured measured = Sender.send(job, order, Progress.SILENT).get(0);
    assertTrue(measured.right(), "as it was written it is right: " + measured.lines());
    return folder.resolve(name);
  }

  private static List<String> wrong(Measured measured) {
    assertFalse(measured.right());
    return measured.lines().stream().filter(l -> !l.right()).map(Measured.Line::name).collect(Collectors.toList());
  }

  private interface Change {
    void to(PDDocument document) throws IOException;
  }

  private Measured changed(Path pdf, Change change) throws Exception {
    Path other = folder.resolve("changed.pdf");
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      change.to(document);
      document.save(other.toFile());
    }
    return ReadBack.pdf(other, pages, Unit.INCH, Progress.SILENT);
  }

  @Test
  void aPdfWithAPageTooMany() throws Exception {
    Path pdf = sent("a.pdf", 100);
    assertTrue(wrong(changed(pdf, d -> d.importPage(d.getPage(0)))).contains("pages"));
    assertThrows(Trouble.class, () -> changed(pdf, d -> d.addPage(new PDPage())), "a page that says no trim is not passed on");
  }

  @Test
  void aPdfWhoseTrimIsOffByAHundredthOfAnInch() throws Exception {
    List<String> lines = wrong(changed(sent("a.pdf", 100), d -> d.getPage(0).setTrimBox(new PDRectangle(9, 9, 360 + 0.72f, 504))));
    assertEquals(1, lines.size(), lines.toString());
    assertTrue(lines.get(0).contains("trim"), lines.toString());
  }

  @Test
  void aPdfWithoutItsBleed() throws Exception {
    Path pdf = sent("a.pdf", 100);
    assertThrows(Trouble.class, () -> changed(pdf, d -> d.getPage(0).getCOSObject().removeItem(COSName.BLEED_BOX)));
    List<String> lines = wrong(changed(pdf, d -> d.getPage(0).setBleedBox(new PDRectangle(9, 9, 360, 504))));
    assertTrue(lines.stream().allMatch(l -> l.contains("bleed")), lines.toString());
  }

  @Test
  void aPdfWhosePageIsLarger() throws Exception {
    List<String> lines = wrong(changed(sent("a.pdf", 100), d -> {
      d.getPage(0).setMediaBox(new PDRectangle(0, 0, 400, 600));
      d.getPage(0).setCropBox(new PDRectangle(0, 0, 400, 600));
    }));
    assertTrue(lines.stream().anyMatch(l -> l.contains("page")), lines.toString());
  }

  @Test
  void aPdfWithAFontThatIsNotInside() throws Exception {
    List<String> lines = wrong(changed(sent("a.pdf", 100), d -> {
      try (PDPageContentStream more = new PDPageContentStream(d, d.getPage(0), PDPageContentStream.AppendMode.APPEND, true, true)) {
        more.beginText();
        more.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 1);
        more.newLineAtOffset(100, 100);
        more.showText(".");
        more.endText();
      }
    }));
    assertTrue(lines.contains("fonts"), lines.toString());
  }

  /** A dab of another colour, 0.1 in wide, is seen in its square though the page as a whole hardly differs. */
  @Test
  void aPdfWithADabOnIt() throws Exception {
    Measured measured = changed(sent("a.pdf", 100), d -> {
      try (PDPageContentStream more = new PDPageContentStream(d, d.getPage(0), PDPageContentStream.AppendMode.APPEND, true, true)) {
        more.setNonStrokingColor(Color.BLACK);
        more.addRect(40, 40, 7.2f, 7.2f);
        more.fill();
      }
    });
    List<String> lines = wrong(measured);
    assertEquals(1, lines.size(), lines.toString());
    assertTrue(lines.get(0).contains("square"), lines.toString());
  }

  @Test
  void aPressPdfThatLostItsIntentOrGotRgb() throws Exception {
    job = job.withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
    pages = Imposition.run(job, job.faces(), PageOptions.of(job));
    Path pdf = sent("press.pdf", 100);
    changed(pdf, d -> d.getDocumentCatalog().getCOSObject().removeItem(COSName.OUTPUT_INTENTS));
    Measured without = ReadBack.press(folder.resolve("changed.pdf"), pages, job.colour().inking(job.palette()), Unit.INCH);
    assertFalse(without.right());
    changed(pdf, d -> {
      try (PDPageContentStream more = new PDPageContentStream(d, d.getPage(0), PDPageContentStream.AppendMode.APPEND, true, true)) {
        more.setNonStrokingColor(Color.RED);
        more.addRect(40, 40, 2, 2);
        more.fill();
      }
    });
    Measured red = ReadBack.press(folder.resolve("changed.pdf"), pages, job.colour().inking(job.palette()), Unit.INCH);
    assertFalse(PressMeasure.of("changed.pdf", Files.readAllBytes(folder.resolve("changed.pdf"))).demands()
        .get(PressMeasure.Demand.COLOURS));
    assertFalse(red.right());
  }

  /** A PNG's head with other figures and the right sum. */
  private static byte[] withChunk(byte[] png, String type, int at, int value) {
    ByteBuffer all = ByteBuffer.wrap(png.clone());
    for (int i = 8; i + 12 <= png.length; i += 12 + all.getInt(i)) {
      if (new String(png, i + 4, 4, StandardCharsets.US_ASCII).equals(type)) {
        all.putInt(i + 8 + at, value);
        CRC32 crc = new CRC32();
        crc.update(all.array(), i + 4, 4 + all.getInt(i));
        all.putInt(i + 8 + all.getInt(i), (int) crc.getValue());
      }
    }
    return all.array();
  }

  @Test
  void aPngOfAnotherResolution() throws Exception {
    Path png = sent("a.png", 100);
    Path other = Files.write(folder.resolve("b.png"), withChunk(Files.readAllBytes(png), "pHYs", 0, 2835));
    List<String> lines = wrong(ReadBack.png(other, pages.at(0), 100, Unit.INCH));
    assertTrue(lines.contains("resolution"), lines.toString());
    Path taller = Files.write(folder.resolve("c.png"), withChunk(Files.readAllBytes(png), "IHDR", 4, 800));
    assertTrue(wrong(ReadBack.png(taller, pages.at(0), 100, Unit.INCH)).contains("pixels"));
    Path torn = Files.write(folder.resolve("d.png"), new byte[] {(byte) 0x89, 'P', 'N', 'G'});
    assertThrows(Trouble.class, () -> ReadBack.png(torn, pages.at(0), 100, Unit.INCH));
  }

  @Test
  void aJpegOfAnotherResolutionOrSize() throws Exception {
    Path jpeg = sent("a.jpg", 100);
    Measured other = ReadBack.jpeg(jpeg, pages.at(0), 150, 150, Unit.INCH);
    assertEquals(List.of("pixels", "resolution"), wrong(other));
    byte[] bytes = Files.readAllBytes(jpeg);
    assertEquals(100, JpegMeasure.of("a.jpg", Files.newInputStream(jpeg)).ppi());
    for (int i = 0; i + 14 < bytes.length; i++) {
      if (bytes[i] == 'J' && bytes[i + 1] == 'F' && bytes[i + 2] == 'I' && bytes[i + 3] == 'F') {
        bytes[i + 9] = 72;
        bytes[i + 11] = 72;
        break;
      }
    }
    assertTrue(wrong(ReadBack.jpeg(Files.write(folder.resolve("b.jpg"), bytes), pages.at(0), 100, 100, Unit.INCH)).contains("resolution"));
  }

  @Test
  void aTiffInRgbWhereInksWereAskedFor() throws Exception {
    Path tiff = sent("a.tif", 100);
    List<String> lines = wrong(ReadBack.tiff(tiff, pages.at(0), 100, Unit.INCH, true));
    assertEquals(1, lines.size(), lines.toString());
    assertTrue(ReadBack.tiff(tiff, pages.at(0), 100, Unit.INCH, false).right());
    assertTrue(wrong(ReadBack.tiff(tiff, pages.at(0), 100.5, Unit.INCH, false)).contains("resolution"));
  }

  private static VectorSheet sheet(double dx, int shapes) {
    List<VectorSheet.Line> lines = new ArrayList<>();
    for (int i = 0; i < shapes; i++) {
      lines.add(new VectorSheet.Line("Ring " + i, Shapes.ellipse(new Box(1 + dx + i, 1, 0.5, 0.5)), Optional.empty()));
    }
    return new VectorSheet("Seeds", new Size(6, 4), List.of(new VectorSheet.Layer("Cut through", Colour.BLACK, List.of(), lines)));
  }

  @Test
  void vectorFilesThatAreMovedScaledOrLackAShape() throws Exception {
    Path svg = Files.writeString(folder.resolve("a.svg"), SvgFile.text(sheet(0, 3)));
    assertTrue(VectorBack.svg(svg, sheet(0, 3), Unit.INCH).right());
    assertTrue(wrong(VectorBack.svg(svg, sheet(0.01, 3), Unit.INCH)).contains("middle of the outlines"), "moved by a hundredth of an inch");
    assertTrue(wrong(VectorBack.svg(svg, sheet(0, 4), Unit.INCH)).contains("outlines"));
    Path scaled = Files.writeString(folder.resolve("b.svg"), SvgFile.text(sheet(0, 3)).replaceFirst("width=\"6in\"", "width=\"5.4in\""));
    assertTrue(wrong(VectorBack.svg(scaled, sheet(0, 3), Unit.INCH)).contains("size on paper"), "a page that another program made smaller");
    Path dxf = Files.writeString(folder.resolve("a.dxf"), DxfFile.text(sheet(0, 3)));
    assertTrue(VectorBack.dxf(dxf, sheet(0, 3), Unit.INCH).right());
    assertFalse(VectorBack.dxf(dxf, sheet(0.01, 3), Unit.INCH).right());
    assertFalse(VectorBack.dxf(dxf, sheet(0, 2), Unit.INCH).right());
    Path torn = Files.writeString(folder.resolve("c.dxf"), "0\nSECTION\n2\nENT");
    assertFalse(soundDxf(torn), "half a file");
    assertThrows(Trouble.class, () -> VectorBack.svg(Files.writeString(folder.resolve("c.svg"), "<svg"), sheet(0, 3), Unit.INCH));
    assertThrows(Trouble.class, () -> VectorBack.svg(folder.resolve("gone.svg"), sheet(0, 3), Unit.INCH));
  }

  private static boolean soundDxf(Path file) {
    try {
      return VectorBack.dxf(file, sheet(0, 3), Unit.INCH).right();
    } catch (Trouble told) {
      return false;
    }
  }

  @Test
  void plotterLanguageThatLacksAStroke() throws Exception {
    List<List<Point>> strokes = List.of(List.of(new Point(1, 1), new Point(2, 1), new Point(2, 2)),
        List.of(new Point(3, 1), new Point(3, 3)));
    Path file = Files.writeString(folder.resolve("a.plt"), "IN;SP1;PU1016,3048;PD2032,3048,2032,2032;PU3048,3048;PD3048,1016;PU0,0;SP0;");
    Size size = new Size(4, 4);
    assertTrue(VectorBack.plotter(file, size, strokes, Unit.INCH).right(),
        VectorBack.plotter(file, size, strokes, Unit.INCH).lines().toString());
    Path less = Files.writeString(folder.resolve("b.plt"), "IN;SP1;PU1016,3048;PD2032,3048,2032,2032;PU0,0;SP0;");
    assertTrue(wrong(VectorBack.plotter(less, size, strokes, Unit.INCH)).contains("outlines"));
  }

  /** What two pictures differ by: the mean, the most, and the most over a square of five pixels. */
  @ParameterizedTest
  @ValueSource(ints = {1, 3, 5, 10})
  void comparisonsFindASpot(int side) {
    BufferedImage a = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
    BufferedImage b = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = b.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(40, 40, side, side);
    g.dispose();
    Comparison found = Comparison.of(a, b);
    assertEquals(side * side / 10_000.0, found.mean(), 1e-6);
    assertEquals(1, found.largest(), 1e-6);
    assertTrue(found.local() <= Math.min(1, side * side / 25.0) + 1e-6 && found.local() >= Math.min(1, side * side / 25.0) * 0.6,
        "squares overlap by some pixels: " + found.local());
    assertEquals(new Comparison(0, 0, 0), Comparison.of(a, a));
  }

  @Test
  void pagesOfAnotherJobAreToldWrong() throws Exception {
    Path pdf = sent("a.pdf", 100);
    Job other = job.changed("f1", f -> f.withItems(List.of(Made.background("g"))));
    DrawnPage plain = Imposition.of(other, other.faces().get(0), PageOptions.of(other));
    assertFalse(ReadBack.pdf(pdf, PageRun.of(List.of(plain)), Unit.INCH, Progress.SILENT).right());
  }
}
