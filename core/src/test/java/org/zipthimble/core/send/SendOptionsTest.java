package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertEquals;
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
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PdfPress;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.PressMeasure;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.work.Progress;

/** What a file's kind leaves to choose, seen in the written files by other programs. */
class SendOptionsTest {
  @TempDir
  Path folder;

  private static Job press() {
    Picture picture = Made.photograph(1200, 800);
    Job job = Made.with(picture, Made.background("g"), Made.ellipse("e", 0.5, 0.5, 2, 2), Made.photo("p", picture, 1, 4, 3, 2));
    return job.withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
  }

  private Path sent(Job job, String name, SendOptions manner) throws Exception {
    FileOrder order = FileOrder.of(folder.resolve(name), OptionalInt.empty(), 100, PageOptions.of(job)).withHow(manner);
    Measured measured = Sender.send(job, order, Progress.SILENT).get(0);
    assertTrue(measured.lines().stream().allMatch(Measured.Line::right), measured.lines().toString());
    return folder.resolve(name);
  }

  private static String run(String... command) throws Exception {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(process.waitFor(60, TimeUnit.SECONDS) && process.exitValue() == 0, out);
    return out;
  }

  /** A JPEG in inks: four parts, the profile, and the very amounts that the press gives, as ImageMagick reads them. */
  @Test
  void aJpegForThePressHoldsInks() throws Exception {
    Job job = press();
    Path file = sent(job, "card.jpg", SendOptions.USUAL.withQuality(1));
    String said = run("identify", "-format", "%[colorspace] %[channels] %w %h %x %[profile:icc]", file.toString());
    assertTrue(said.startsWith("CMYK cmyk"), said);
    assertTrue(said.contains("525 725 100"), said);
    assertTrue(said.contains(job.colour().profile().name().substring(0, 6)), said);
    Cmyk ink = job.colour().press().ink(Made.BEET);
    // The middle of the ellipse: (1.5 + 1/8) in on the page, at 100 ppi.
    byte[] raw = Files.readAllBytes(raw(file, "162+162"));
    for (int i = 0; i < 4; i++) {
      assertEquals(ink.parts()[i] * 255, raw[i] & 255, 4, "plate " + i);
    }
  }

  private Path raw(Path file, String at) throws Exception {
    Path out = folder.resolve("pixel.raw");
    run("convert", file.toString(), "-crop", "1x1+" + at, "-depth", "8", "cmyk:" + out);
    return out;
  }

  /** Judged from some bands, the size of a JPEG is right within a quarter. */
  @Test
  void theSizeOfAJpegIsToldBeforeItIsWritten() throws Exception {
    Job job = press();
    for (SendOptions manner : List.of(SendOptions.USUAL, SendOptions.USUAL.withPlain(true), SendOptions.USUAL.withQuality(0.5))) {
      FileOrder order = FileOrder.of(folder.resolve("a.jpg"), OptionalInt.empty(), 300, PageOptions.of(job)).withHow(manner);
      long told = JpegFormat.estimate(job, order, 1, new Halvings(), Progress.SILENT);
      Sender.send(job, order, Progress.SILENT);
      long is = Files.size(folder.resolve("a.jpg"));
      assertEquals(1, (double) told / is, 0.25, told + " told, " + is + " written");
    }
  }

  @Test
  void aPlainFileIsRgbThoughTheJobGoesToAPress() throws Exception {
    assertTrue(run("identify", "-format", "%[colorspace]", sent(press(), "p.jpg", SendOptions.USUAL.withPlain(true)).toString())
        .startsWith("sRGB"));
    assertTrue(run("identify", "-format", "%[colorspace]", sent(press(), "p.tif", SendOptions.USUAL.withPlain(true)).toString())
        .startsWith("sRGB"));
    Path pdf = sent(press(), "p.pdf", SendOptions.USUAL.withPlain(true));
    assertTrue(!run("pdfimages", "-list", pdf.toString()).contains("cmyk"));
    assertTrue(!run("pdfinfo", pdf.toString()).contains("PDF/X"));
  }

  @Test
  void aPngIsSeeThroughWhereNothingIsPrinted() throws Exception {
    Job job = Made.card(Made.ellipse("e", 1, 1, 2, 2));
    BufferedImage image = ImageIO.read(sent(job, "open.png", SendOptions.USUAL.withOpen(true)).toFile());
    assertEquals(0, image.getRGB(5, 5) >>> 24);
    assertEquals(0xFF000000 | Made.BEET.rgb(), image.getRGB(212, 212));
    assertTrue(run("identify", "-format", "%[profile:icc] %x", folder.resolve("open.png").toString()).contains("sRGB"),
        "the screen's profile");
    BufferedImage paper = ImageIO.read(sent(job, "paper.png", SendOptions.USUAL).toFile());
    assertEquals(0xFFFFFFFF, paper.getRGB(5, 5));
  }

  /** 1,200 pixels over 3 in are 400 ppi: above a limit of 150 they become 450, above 500 they stay. */
  @Test
  void picturesAreMadeCoarserOnlyAboveTheLimit() throws Exception {
    String coarse = run("pdfimages", "-list", sent(press(), "c.pdf", SendOptions.USUAL.withMostPpi(150)).toString());
    assertTrue(coarse.replaceAll("\\s+", " ").contains(" 450 300 cmyk"), coarse);
    String same = run("pdfimages", "-list", sent(press(), "s.pdf", SendOptions.USUAL.withMostPpi(500)).toString());
    assertTrue(same.replaceAll("\\s+", " ").contains(" 1200 800 cmyk"), same);
  }

  /** Left RGB, a picture carries its profile and every demand of PDF/X-4 is still met; the JPEG's own bytes go in as they came. */
  @Test
  void picturesMayStayAsTheyCame() throws Exception {
    Job job = press();
    Path pdf = sent(job, "rgb.pdf", SendOptions.USUAL.withPictures(PdfPress.Pictures.SCREEN));
    assertTrue(run("pdfimages", "-list", pdf.toString()).contains("icc"));
    assertTrue(PressMeasure.of("rgb.pdf", Files.readAllBytes(pdf)).met());
    Path as = sent(job, "as.pdf", SendOptions.USUAL.withPictures(PdfPress.Pictures.AS_CAME));
    run("pdfimages", "-all", as.toString(), folder.resolve("out").toString());
    try (var files = Files.list(folder)) {
      Optional<Path> jpeg = files.filter(f -> f.getFileName().toString().startsWith("out")).findFirst();
      byte[] came = job.pictures().values().iterator().next().blob().bytes();
      assertTrue(Arrays.equals(came, Files.readAllBytes(jpeg.orElseThrow())), "the very bytes");
    }
  }

  @Test
  void absurdFiguresAreRefused() {
    assertThrows(IllegalArgumentException.class, () -> SendOptions.USUAL.withQuality(0.1));
    assertThrows(IllegalArgumentException.class, () -> SendOptions.USUAL.withMostPpi(3));
  }
}
