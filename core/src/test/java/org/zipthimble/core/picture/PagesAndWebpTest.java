package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.bring.PictureIn;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.proof.PressMeasure;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** WebP pictures, and pages of PDF files kept with their outlines. */
class PagesAndWebpTest {
  @TempDir
  Path folder;

  private static String run(String... command) throws Exception {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(process.waitFor(60, TimeUnit.SECONDS) && process.exitValue() == 0, out);
    return out;
  }

  /** What another program wrote as WebP without loss comes out pixel for pixel, opacity too. */
  @Test
  void webpIsReadAsItsWriterMeantIt() throws Exception {
    BufferedImage image = Made.chequers(120, 80);
    Path png = folder.resolve("a.png");
    javax.imageio.ImageIO.write(image, "png", png.toFile());
    run("convert", png.toString(), "-define", "webp:lossless=true", folder.resolve("a.webp").toString());
    Picture picture = Importers.pictures(folder.resolve("a.webp")).get(0);
    assertEquals(Kind.WEBP, picture.kind());
    BufferedImage read = Pictures.decode(picture);
    for (int y = 0; y < 80; y += 7) {
      for (int x = 0; x < 120; x += 7) {
        assertEquals(image.getRGB(x, y) & 0xFFFFFF, read.getRGB(x, y) & 0xFFFFFF, x + ", " + y);
      }
    }
    run("convert", png.toString(), "-quality", "90", folder.resolve("b.webp").toString());
    assertEquals(120, Importers.pictures(folder.resolve("b.webp")).get(0).width());
  }

  private Path pdf(String name, Destination to) throws Exception {
    Job job = Made.card(Made.background("g"), Made.ellipse("e", 1, 1, 2, 2),
        Made.words("w", "Seeds to swap", 1, 4, 3, 1, Made.style("Figtree", "Bold", 20)))
        .withColour(ColourPlan.HOME.withTo(to));
    Sender.send(job, FileOrder.of(folder.resolve(name), OptionalInt.empty(), 100, PageOptions.of(job)), Progress.SILENT);
    return folder.resolve(name);
  }

  private Job holding(Picture picture) {
    Job job = Made.card().with(picture);
    Item photo = PictureIn.place(job, picture, new org.zipthimble.core.geom.Point(2.5, 3.5));
    return Made.with(picture, photo);
  }

  @Test
  void aPageIsPlacedAtItsSizeAndKeepsItsOutlines() throws Exception {
    List<Picture> pages = Importers.pictures(pdf("card.pdf", Destination.HOME_PRINTER));
    assertEquals(1, pages.size());
    Job job = holding(pages.get(0));
    assertEquals(5.25, job.faces().get(0).items().get(0).placement().width(), 0.005, "the card with its bleed");
    assertTrue(Checks.run(job).stream().noneMatch(f -> f.code().equals("picture-small")));
    Path out = folder.resolve("out.pdf");
    Sender.send(job, FileOrder.of(out, OptionalInt.empty(), 100, PageOptions.of(job)), Progress.SILENT);
    assertTrue(run("pdftotext", out.toString(), "-").contains("Seeds to swap"), "words stay words");
    assertFalse(run("pdfimages", "-list", out.toString()).contains("image"), "no pixels");
    Job again = ThimbleFile.read("job", new java.io.ByteArrayInputStream(ThimbleFile.bytes(job)));
    assertEquals(job, again);
    BufferedImage drawn = Pictures.decode(pages.get(0));
    assertEquals(0xFF000000 | Made.BEET.rgb(), drawn.getRGB((int) (2.125 * 300), (int) (2.125 * 300)));
  }

  /** Into a file for a press goes a page of inks as it is; one in the screen's colours becomes pixels in ink, and the standard is met. */
  @Test
  void forAPressAPageOfInksStaysAndOneOfScreenColoursBecomesInk() throws Exception {
    for (Destination to : new Destination[] {Destination.PRINT_SHOP, Destination.HOME_PRINTER}) {
      Picture page = Importers.pictures(pdf("in-" + to + ".pdf", to)).get(0);
      Job job = holding(page).withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
      Path out = folder.resolve("press-" + to + ".pdf");
      Sender.send(job, FileOrder.of(out, OptionalInt.empty(), 100, PageOptions.of(job)), Progress.SILENT);
      PressMeasure measure = PressMeasure.of("press.pdf", Files.readAllBytes(out));
      assertTrue(measure.met(), to + " " + measure.demands());
      assertEquals(to == Destination.PRINT_SHOP, run("pdftotext", out.toString(), "-").contains("Seeds to swap"), to.toString());
      assertEquals(to == Destination.HOME_PRINTER, run("pdfimages", "-list", out.toString()).contains("cmyk"), to.toString());
    }
  }

  @Test
  void severalPagesBecomeSeveralPictures() throws Exception {
    Job job = Made.card(Made.background("g"));
    var page = Imposition.of(job, job.faces().get(0), PageOptions.of(job));
    byte[] bytes = PdfPainter.bytes("two", List.of(page, page), Progress.SILENT);
    Files.write(folder.resolve("two.pdf"), bytes);
    List<Picture> pages = Importers.pictures(folder.resolve("two.pdf"));
    assertEquals(2, pages.size());
    assertEquals("two.pdf 2", pages.get(1).name());
  }

  @Test
  void aCroppedPageIsDrawnAsPixels() throws Exception {
    Picture page = Importers.pictures(pdf("c.pdf", Destination.HOME_PRINTER)).get(0);
    Picture half = page.retouched(Retouch.NONE.withCrop(new Box(0, 0, 0.5, 0.5)));
    BufferedImage drawn = Pictures.decode(half);
    assertEquals(half.width(), drawn.getWidth(), 1);
  }

  /** 160 damaged files of both kinds: a sentence or a sound picture, never anything else. */
  @Test
  void damagedFilesGiveASentence() throws Exception {
    javax.imageio.ImageIO.write(Made.chequers(60, 40), "png", folder.resolve("a.png").toFile());
    run("convert", folder.resolve("a.png").toString(), folder.resolve("a.webp").toString());
    byte[][] sound = {Files.readAllBytes(folder.resolve("a.webp")), Files.readAllBytes(pdf("d.pdf", Destination.HOME_PRINTER))};
    Random random = new Random(5);
    int refused = 0;
    for (int round = 0; round < 160; round++) {
      byte[] broken = sound[round % 2].clone();
      for (int i = 0; i < 1 + random.nextInt(8); i++) {
        broken[12 + random.nextInt(broken.length - 12)] = (byte) random.nextInt(256);
      }
      if (round % 5 == 0) {
        broken = Arrays.copyOf(broken, 20 + random.nextInt(broken.length - 20));
      }
      try {
        Picture picture = Pictures.look("broken", broken, new Pictures.Limits(1_000_000, 4_000_000));
        Pictures.decode(picture);
      } catch (Trouble told) {
        assertFalse(told.getMessage().isBlank());
        refused++;
      }
    }
    assertTrue(refused > 25, refused + " refused");
    assertEquals(Optional.of(Kind.PDF), Kind.of(sound[1]));
    assertThrows(Trouble.class, () -> PdfPages.of("x.pdf",
        "%PDF-1.4 nothing else at all in here, honestly, but long enough to look at".getBytes(StandardCharsets.US_ASCII),
        Pictures.Limits.USUAL));
  }
}
