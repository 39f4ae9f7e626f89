package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.proof.Comparison;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.PdfMeasure;
import org.zipthimble.core.proof.PngMeasure;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Sends real files and reads them with poppler and other code than wrote them. */
class SenderTest {
  private static final Picture PHOTOGRAPH = Made.photograph(900, 600);

  @TempDir private Path folder;

  private static Job job() {
    Item group = Made.ellipse("i5", 3, 5, 1, 1);
    Job front = Made.with(PHOTOGRAPH, Made.background("i1"), Made.photo("i2", PHOTOGRAPH, 1, 3, 3, 2),
        Made.words("i3", "Spring office Swap", 0.5, 1, 4, 0.8, Made.style("Alegreya", "Regular", 30)),
        group.with(group.properties().withOpacity(0.4)));
    Job two = Edits.addFace("back").change().apply(front);
    return Edits.add("f2", Made.words("i9", "Mill Lane", 1, 1, 3, 1, Made.style("Figtree", "Bold", 24))).change().apply(two);
  }

  private List<Measured> send(Job job, String name, double ppi, PageOptions options) throws Trouble, Stopped {
    return Sender.send(job, FileOrder.of(folder.resolve(name), OptionalInt.empty(), ppi, options), Progress.SILENT);
  }

  /** 5 x 7 with 1/8 bleed: 378 x 522 pt media and bleed, 360 x 504 pt trim (arithmetic), right to 0.001 pt. */
  @Test
  void pdfBoxesAreTrueByPoppler() throws Exception {
    Measured measured = send(job(), "card.pdf", 300, PageOptions.of(job())).get(0);
    assertTrue(measured.right(), measured.toString());
    String info = run("pdfinfo", "-box", "-f", "1", "-l", "2", folder.resolve("card.pdf").toString());
    assertEquals(2, count(info, "MediaBox: +0\\.00 +0\\.00 +378\\.00 +522\\.00"), info);
    assertEquals(2, count(info, "BleedBox: +0\\.00 +0\\.00 +378\\.00 +522\\.00"), info);
    assertEquals(2, count(info, "TrimBox: +9\\.00 +9\\.00 +369\\.00 +513\\.00"), info);
    PdfMeasure exact = PdfMeasure.of("card.pdf", Files.readAllBytes(folder.resolve("card.pdf")));
    assertEquals(522, exact.pages().get(1).media().height(), 0.001);
    assertEquals(513, exact.pages().get(1).trim().bottom(), 0.001);
  }

  @Test
  void boxesInMillimetresAreTrueToo() throws Exception {
    Job a6 = job();
    Job metric = a6.withTicket(a6.ticket().sized(new Size(105 / 25.4, 148 / 25.4)).withBleed(Insets.all(3 / 25.4)));
    send(metric, "a6.pdf", 300, PageOptions.of(metric));
    PdfMeasure exact = PdfMeasure.of("a6.pdf", Files.readAllBytes(folder.resolve("a6.pdf")));
    assertEquals(111 / 25.4 * 72, exact.pages().get(0).media().width(), 0.001);
    assertEquals(148 / 25.4 * 72, exact.pages().get(0).trim().height(), 0.001);
  }

  @Test
  void fontsAreSubsetInsideAndWordsCanBeFound() throws Exception {
    send(job(), "card.pdf", 300, PageOptions.of(job()));
    String fonts = run("pdffonts", folder.resolve("card.pdf").toString());
    assertEquals(2, count(fonts, "[A-Z]{6}\\+\\S+ +CID TrueType +Identity-H +yes yes yes"), fonts);
    String text = run("pdftotext", folder.resolve("card.pdf").toString(), "-");
    assertTrue(text.contains("Spring office Swap"), "ligatures are found as their letters: " + text);
    try (PDDocument document = Loader.loadPDF(Files.readAllBytes(folder.resolve("card.pdf")))) {
      assertTrue(new PDFTextStripper().getText(document).contains("Mill Lane"));
    }
    assertTrue(Files.size(folder.resolve("card.pdf")) < 200_000, "subsets are small");
  }

  @Test
  void picturesGoInWithTheirOwnBytes() throws Exception {
    send(job(), "card.pdf", 300, PageOptions.of(job()));
    try (PDDocument document = Loader.loadPDF(Files.readAllBytes(folder.resolve("card.pdf")))) {
      int found = 0;
      for (COSName name : document.getPage(0).getResources().getXObjectNames()) {
        if (document.getPage(0).getResources().getXObject(name) instanceof PDImageXObject) {
          PDImageXObject image = (PDImageXObject) document.getPage(0).getResources().getXObject(name);
          assertArrayEquals(PHOTOGRAPH.blob().bytes(), image.getStream().createInputStream(List.of("DCTDecode")).readAllBytes());
          assertEquals(900, image.getWidth());
          found++;
        }
      }
      assertEquals(1, found);
    }
  }

  @Test
  void theSameJobGivesTheSameBytes() throws Exception {
    send(job(), "a.pdf", 300, PageOptions.of(job()));
    send(job(), "b.pdf", 300, PageOptions.of(job()));
    assertArrayEquals(Files.readAllBytes(folder.resolve("a.pdf")), Files.readAllBytes(folder.resolve("b.pdf")));
  }

  /** 1575 x 2175 px with bleed and 1500 x 2100 without at 300 ppi; pHYs 11811 (ISO/IEC 15948, rounded). */
  @Test
  void pngPixelsAndResolutionAreTrue() throws Exception {
    List<Measured> both = send(job(), "card.png", 300, PageOptions.of(job()));
    assertEquals(List.of("card.png", "card-back.png"), both.stream().map(m -> m.file().getFileName().toString()).toList());
    assertTrue(both.stream().allMatch(Measured::right));
    for (Measured one : both) {
      assertEquals(new PngMeasure(1575, 2175, 11811), PngMeasure.of("png", Files.readAllBytes(one.file())));
    }
    send(job(), "trimmed.png", 300, PageOptions.of(job()).withBleed(false));
    assertEquals(new PngMeasure(1500, 2100, 11811), PngMeasure.of("png", Files.readAllBytes(folder.resolve("trimmed.png"))));
  }

  /** The same marks, drawn by poppler from the PDF and by our own painter: mean under 1 % of full scale. */
  @Test
  void popplerDrawsThePdfAsWeDrawThePng() throws Exception {
    send(job(), "card.pdf", 150, PageOptions.of(job()));
    send(job(), "card.png", 150, PageOptions.of(job()));
    run("pdftoppm", "-r", "150", "-png", folder.resolve("card.pdf").toString(), folder.resolve("drawn").toString());
    BufferedImage theirs = ImageIO.read(folder.resolve("drawn-1.png").toFile());
    BufferedImage ours = ImageIO.read(folder.resolve("card.png").toFile());
    Comparison comparison = Comparison.of(ours, theirs);
    assertTrue(comparison.mean() < 0.01, comparison.toString());
    BufferedImage back = ImageIO.read(folder.resolve("drawn-2.png").toFile());
    assertTrue(Comparison.of(ours, back).mean() > 0.02, "another page must differ, else nothing is measured");
  }

  @Test
  void mirroredIsLeftForRight() throws Exception {
    send(job(), "seen.png", 60, PageOptions.of(job()));
    send(job(), "mirrored.png", 60, PageOptions.of(job()).withMirror(true));
    BufferedImage seen = ImageIO.read(folder.resolve("seen.png").toFile());
    BufferedImage mirrored = ImageIO.read(folder.resolve("mirrored.png").toFile());
    BufferedImage back = new BufferedImage(seen.getWidth(), seen.getHeight(), BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < seen.getHeight(); y++) {
      for (int x = 0; x < seen.getWidth(); x++) {
        back.setRGB(x, y, mirrored.getRGB(seen.getWidth() - 1 - x, y));
      }
    }
    assertTrue(Comparison.of(seen, back).mean() < 0.004);
    assertTrue(Comparison.of(seen, mirrored).mean() > 0.01);
    Job ticket = job().withTicket(job().ticket().withMirror(true));
    send(ticket, "by-ticket.png", 60, PageOptions.of(ticket));
    assertArrayEquals(Files.readAllBytes(folder.resolve("mirrored.png")), Files.readAllBytes(folder.resolve("by-ticket.png")));
  }

  @Test
  void onPaperTheItemStandsInTheMiddleWithCropMarks() throws Exception {
    Job sheet = job().withSheet(new SheetPlan(true, SheetPlan.LETTER, true));
    assertTrue(send(sheet, "sheet.pdf", 300, PageOptions.of(sheet)).get(0).right());
    String info = run("pdfinfo", "-box", folder.resolve("sheet.pdf").toString());
    assertEquals(1, count(info, "MediaBox: +0\\.00 +0\\.00 +612\\.00 +792\\.00"), info);
    assertEquals(1, count(info, "TrimBox: +126\\.00 +144\\.00 +486\\.00 +648\\.00"), info);
    send(sheet, "marked.png", 288, PageOptions.of(sheet));
    BufferedImage marked = ImageIO.read(folder.resolve("marked.png").toFile());
    int markX = (int) Math.round(1.75 * 288);
    int row = (int) Math.round((2 - 0.3) * 288);
    assertTrue((marked.getRGB(markX, row) & 255) < 200 || (marked.getRGB(markX - 1, row) & 255) < 200, "a mark stands above the left trim");
    assertEquals(0xFFFFFF, marked.getRGB(markX + 20, row) & 0xFFFFFF, "and paper beside it");
    Job tooSmall = job().withSheet(new SheetPlan(true, new Size(5, 7), true));
    Trouble trouble = assertThrows(Trouble.class, () -> send(tooSmall, "no.pdf", 300, PageOptions.of(tooSmall)));
    assertTrue(trouble.getMessage().contains("5 × 7 in"), trouble.getMessage());
    assertFalse(Files.exists(folder.resolve("no.pdf")));
  }

  @Test
  void anItemWiderThanHighTurnsTheSheet() throws Exception {
    Job wide = job().withTicket(job().ticket().sized(new Size(9, 6))).withSheet(new SheetPlan(true, SheetPlan.LETTER, true));
    send(wide, "wide.pdf", 300, PageOptions.of(wide));
    assertEquals(1, count(run("pdfinfo", "-box", folder.resolve("wide.pdf").toString()), "MediaBox: +0\\.00 +0\\.00 +792\\.00 +612\\.00"));
  }

  @Test
  void ordersThatCannotBeMetAreTold() {
    PageOptions options = PageOptions.of(job());
    assertThrows(Trouble.class, () -> send(job(), "card.docx", 300, options));
    assertThrows(IllegalArgumentException.class, () -> FileOrder.of(folder.resolve("x.png"), OptionalInt.empty(), 5, options));
    FileOrder third = FileOrder.of(folder.resolve("x.png"), OptionalInt.of(3), 300, options);
    assertTrue(assertThrows(Trouble.class, () -> Sender.send(job(), third, Progress.SILENT)).getMessage().contains("face 3"));
    Job huge = job().withTicket(job().ticket().sized(new Size(100, 100)));
    assertThrows(Trouble.class, () -> send(huge, "huge.png", 1200, PageOptions.of(huge)));
  }

  @Test
  void stoppingLeavesNoFile() {
    Progress stop = new Progress() {
      @Override
      public void at(double fraction) {
        assertTrue(fraction >= 0 && fraction <= 1);
      }

      @Override
      public boolean stopped() {
        return true;
      }
    };
    FileOrder order = FileOrder.of(folder.resolve("x.png"), OptionalInt.of(1), 300, PageOptions.of(job()));
    assertThrows(Stopped.class, () -> Sender.send(job(), order, stop));
    assertFalse(Files.exists(folder.resolve("x.png")));
  }

  @Test
  void aDamagedOutputIsNotCalledRight() throws Exception {
    send(job(), "card.png", 72, PageOptions.of(job()));
    byte[] bytes = Files.readAllBytes(folder.resolve("card.png"));
    bytes[bytes.length / 2] ^= 0x55;
    assertThrows(Trouble.class, () -> PngMeasure.of("card.png", bytes));
    assertThrows(Trouble.class, () -> PngMeasure.of("card.png", java.util.Arrays.copyOf(bytes, 40)));
    assertThrows(Trouble.class, () -> PdfMeasure.of("card.pdf", "%PDF-1.6 nothing".getBytes(StandardCharsets.US_ASCII)));
  }

  @Test
  void theDrawingInTheReportSeesWhatIsMissing() {
    BufferedImage one = Made.chequers(100, 100);
    BufferedImage white = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
    assertEquals(0, Comparison.of(one, one).mean());
    assertNotEquals(0, Comparison.of(one, white).mean());
    assertThrows(IllegalArgumentException.class, () -> Comparison.of(one, Made.chequers(99, 100)));
  }

  @Test
  void pngBytesAreReadByTheToolkit() throws IOException {
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(Made.png(50, 40)));
    assertEquals(0, Comparison.of(read, Made.chequers(50, 40)).largest());
  }

  private static int count(String text, String pattern) {
    return (int) java.util.regex.Pattern.compile(pattern).matcher(text).results().count();
  }

  private static String run(String... command) throws IOException, InterruptedException {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    process.getInputStream().transferTo(out);
    assertEquals(0, process.waitFor(), out.toString(StandardCharsets.UTF_8));
    return out.toString(StandardCharsets.UTF_8);
  }
}
