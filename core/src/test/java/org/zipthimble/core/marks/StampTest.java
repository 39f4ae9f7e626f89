package org.zipthimble.core.marks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.plan.Gang;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.sheet.GangPages;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.FieldUse;
import org.zipthimble.core.type.Paragraph;
import org.zipthimble.core.type.Run;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.work.Progress;

/** What stands on every piece is stored once in a PDF and looks as if it stood there itself. */
class StampTest {
  private static Job tickets(int rows, boolean softened) {
    WordStyle style = new WordStyle("Figtree", "Regular", 14, 120, 0, Align.LEFT, Colour.BLACK);
    Story number = new Story(
        List.of(new Paragraph(List.of(new Run("", style.letters(), Optional.empty(), Optional.of(new FieldUse("number", "")))),
        style.paragraph(), Optional.empty())));
    List<Item> items = new ArrayList<>(List.of(Made.rectangle("g", -0.125, -0.125, 2.25, 1.25)));
    for (int i = 0; i < 60; i++) {
      items.add(Made.ellipse("e" + i, 0.03 * i, 0.6 + 0.003 * i, 0.2, 0.2));
    }
    ItemShape soft = Made.ellipse("soft", 1.2, 0.3, 0.5, 0.5);
    items.add(softened ? soft.with(soft.properties().withOpacity(0.5)
        .withEffects(Effects.NONE.withBlend(Blend.MULTIPLY).withFeather(0.05))) : soft);
    items.add(ItemWords.of(ItemProperties.of("n", "Number"), Placement.of(0.2, 0.2, 1, 0.3, 0), "", style).withStory(number));
    items.add(ItemWords.of(ItemProperties.of("w", "Words"), Placement.of(1.1, 0.2, 0.8, 0.3, 0), "harvest", style));
    List<List<String>> cells = IntStream.rangeClosed(1, rows).mapToObj(i -> List.of(String.format("%04d", i))).toList();
    Job job = Made.card(items.toArray(new Item[0])).withTicket(Ticket.usual("Ticket", new Size(2, 1)).withQuantity(rows))
        .withSheet(new SheetPlan(true, SheetPlan.LETTER, true,
        Optional.of(Gang.USUAL.withStacked(true).withTurning(Gang.Turning.MIXED).withSlug(false))));
    return ListEdits.take(RowList.of("t.csv", List.of("number"), cells)).change().apply(job);
  }

  private static byte[] pdf(PageRun pages) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfPainter.write("tickets", pages, Optional.empty(), 0, out, Progress.SILENT);
    return out.toByteArray();
  }

  private static GangPages sheets(Job job) throws Exception {
    return GangPages.of(job, job.faces(), PageOptions.of(job));
  }

  /** The bytes that pages draw with, as they are packed: what differs from piece to piece. */
  private static long drawn(byte[] pdf) throws Exception {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      long sum = 0;
      for (var page : document.getPages()) {
        sum += ((org.apache.pdfbox.cos.COSStream) page.getCOSObject().getDictionaryObject(org.apache.pdfbox.cos.COSName.CONTENTS))
            .getLength();
      }
      return sum;
    }
  }

  @Test
  void aThousandTakeLessThanTwiceTwentyFourAndTheirNumbers() throws Exception {
    byte[] few = pdf(sheets(tickets(24, false)));
    byte[] many = pdf(sheets(tickets(1000, false)));
    long text = drawn(many);
    try (PDDocument document = Loader.loadPDF(many)) {
      long pages = document.getNumberOfPages() * 700L;
      assertTrue(many.length < 2L * few.length + text + pages,
          many.length + " bytes for 1,000, " + few.length + " for 24, " + text + " of drawing, " + pages + " of page descriptions");
      assertTrue(text / 1000 < 400, "a piece draws its number and no more: " + text / 1000 + " bytes");
    }
  }

  /** Stored once or drawn each time: the two drawings by the reading library are the same, soft and mixing objects too. */
  @Test
  void aStampLooksAsIfItStoodThere() throws Exception {
    for (boolean softened : new boolean[] {false, true}) {
      GangPages stamped = sheets(tickets(30, softened));
      PageRun plain = PageRun.of(IntStream.range(0, stamped.count()).mapToObj(i -> unstamped(stamped, i)).toList());
      byte[] a = pdf(stamped);
      byte[] b = pdf(plain);
      assertTrue(new String(a, StandardCharsets.ISO_8859_1).contains("/Form"));
      try (PDDocument one = Loader.loadPDF(a); PDDocument two = Loader.loadPDF(b)) {
        BufferedImage first = new PDFRenderer(one).renderImageWithDPI(0, 100);
        BufferedImage second = new PDFRenderer(two).renderImageWithDPI(0, 100);
        int off = 0;
        for (int y = 0; y < first.getHeight(); y++) {
          for (int x = 0; x < first.getWidth(); x++) {
            off += Math.abs((first.getRGB(x, y) & 255) - (second.getRGB(x, y) & 255)) > 8 ? 1 : 0;
          }
        }
        assertTrue(off < first.getWidth() * first.getHeight() * 0.001, off + " dots differ, softened: " + softened);
      }
    }
  }

  private static DrawnPage unstamped(GangPages pages, int index) {
    var page = pages.shown(index, 0);
    return new DrawnPage(page.name(), page.size(), page.trim(), page.bleed(), out -> {
      var tape = new MarkTape();
      page.marks().accept(tape);
      tape.play(out);
    });
  }

  /** Found by poppler: every number of a sheet stands on its piece, to a hundredth of an inch (bounding boxes of pdftotext). */
  @Test
  void popplerFindsEveryNumberOnItsPiece(@TempDir Path folder) throws Exception {
    Job job = tickets(120, false);
    GangPages pages = sheets(job);
    Path file = folder.resolve("t.pdf");
    Files.write(file, pdf(pages));
    Path html = folder.resolve("t.html");
    Process process = new ProcessBuilder("pdftotext", "-bbox", file.toString(), html.toString()).redirectErrorStream(true).start();
    assertEquals(0, process.waitFor());
    String[] found = Files.readString(html).split("<page ");
    assertEquals(pages.count(), found.length - 1);
    Pattern word = Pattern.compile("xMin=\"([\\d.]+)\" yMin=\"([\\d.]+)\" xMax=\"([\\d.]+)\" yMax=\"([\\d.]+)\">(\\d{4})<");
    int seen = 0;
    for (int sheet = 0; sheet < pages.count(); sheet++) {
      for (Matcher m = word.matcher(found[sheet + 1]); m.find(); seen++) {
        double x = (Double.parseDouble(m.group(1)) + Double.parseDouble(m.group(3))) / 144;
        double y = (Double.parseDouble(m.group(2)) + Double.parseDouble(m.group(4))) / 144;
        int row = Integer.parseInt(m.group(5)) - 1;
        boolean there = false;
        for (int place = 0; place < pages.spots().size(); place++) {
          there |= pages.row(sheet, place).filter(r -> r == row).isPresent() && pages.spots().get(place).trim().grown(0.01)
              .contains(new org.zipthimble.core.geom.Point(x, y));
        }
        assertTrue(there, "number " + (row + 1) + " on sheet " + sheet);
      }
    }
    assertEquals(120, seen);
  }
}
