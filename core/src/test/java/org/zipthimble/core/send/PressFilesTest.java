package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.paint.TiffFile;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.PressMeasure;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.work.Progress;

/** Files for a press: PDF/X-4 and TIFF in inks, read by other code than ours. */
class PressFilesTest {
  private static final Colour FOIL = Colour.of(0xB07F2A);
  @TempDir Path folder;

  /** Cream all over, a beet round, a foil square, a picture, black and grey words over them. */
  private static Job job() {
    Picture picture = Made.picture(300, 200);
    WordStyle black = new WordStyle("Alegreya", "Bold", 40, 120, 0, Align.LEFT, Colour.BLACK);
    ItemShape foil = Made.rectangle("foil", 3.5, 0.5, 1, 1).filled(Optional.of(FOIL));
    Job job = Made.with(picture, Made.background("g"), Made.ellipse("e", 0.5, 0.5, 2, 2), foil, Made.photo("p", picture, 1, 4, 3, 2),
        Made.words("k", "HHHH", 0.6, 0.9, 3, 1, black), Made.words("n", "HHHH", 0.6, 3, 3, 1, black.withColour(Colour.of(0x808080))));
    Palette palette = new Palette(
        List.of(new Swatch("Foil", FOIL, Optional.of(new Ink.Spot("Gold foil", Ink.Kind.FOIL, new Cmyk(0.2, 0.4, 0.9, 0.1), 1)))),
        Colour.WHITE);
    return job.withPalette(palette).withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
  }

  private Measured sent(Job job, String name, TiffFile.Packing packing) throws Exception {
    FileOrder order = FileOrder.of(folder.resolve(name), OptionalInt.empty(), 100, PageOptions.of(job))
        .withHow(SendOptions.USUAL.withPacking(packing));
    return Sender.send(job, order, Progress.SILENT).get(0);
  }

  private static String run(String... command) throws Exception {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(process.waitFor(60, TimeUnit.SECONDS) && process.exitValue() == 0, out);
    return out;
  }

  @Test
  void everyDemandOfTheStandardThatIsClaimedIsMet() throws Exception {
    Measured measured = sent(job(), "card.pdf", TiffFile.Packing.LZW);
    assertTrue(measured.lines().stream().allMatch(Measured.Line::right), measured.lines().toString());
    PressMeasure press = PressMeasure.of("card.pdf", Files.readAllBytes(folder.resolve("card.pdf")));
    assertTrue(press.met(), press.demands().toString());
    assertEquals(PressMeasure.Demand.values().length, press.demands().size());
    assertEquals(Set.of("DeviceCMYK", "Separation"), press.spaces());
    assertEquals(Set.of("Gold foil"), press.plates());
    for (List<Double> inks : press.wordInks()) {
      assertEquals(List.of(0.0, 0.0, 0.0), inks.subList(0, 3), "black and grey words are in black ink alone");
    }
    assertTrue(press.wordInks().contains(List.of(0.0, 0.0, 0.0, 1.0)));
    assertEquals(2, press.wordInks().size());
  }

  @Test
  void aSecondReaderFindsBoxesIntentAndPictures() throws Exception {
    sent(job(), "card.pdf", TiffFile.Packing.LZW);
    String boxes = run("pdfinfo", "-box", folder.resolve("card.pdf").toString());
    assertTrue(boxes.replaceAll("\\s+", " ").contains("MediaBox: 0.00 0.00 378.00 522.00"), boxes);
    assertTrue(boxes.replaceAll("\\s+", " ").contains("TrimBox: 9.00 9.00 369.00 513.00"), boxes);
    assertTrue(run("pdfimages", "-list", folder.resolve("card.pdf").toString()).contains("cmyk"));
    try (PDDocument document = Loader.loadPDF(folder.resolve("card.pdf").toFile())) {
      var intent = document.getDocumentCatalog().getOutputIntents().get(0);
      assertEquals("GTS_PDFX", intent.getCOSObject().getNameAsString(COSName.S));
      assertArrayEquals(Profile.shipped().bytes(), intent.getDestOutputIntent().createInputStream().readAllBytes());
      var resources = document.getPage(0).getResources();
      for (COSName name : resources.getXObjectNames()) {
        PDImageXObject image = (PDImageXObject) resources.getXObject(name);
        assertEquals(300, image.getWidth());
        assertEquals("DeviceCMYK", image.getColorSpace().getName());
      }
    }
  }

  /** The plates told are those asked for: read back against an order without the foil, the very same file is told wrong. */
  @Test
  void aPlateThatNobodyAskedForIsTold() throws Exception {
    Job job = job();
    Measured right = sent(job, "card.pdf", TiffFile.Packing.LZW);
    assertEquals("C, M, Y, K, Gold foil", line(right, "plates").found());
    Measured wrong = ReadBack.press(folder.resolve("card.pdf"), Imposition.run(job, job.faces(), PageOptions.of(job)),
        job.colour().inking(Palette.PLAIN), job.ticket().unit());
    assertTrue(line(right, "plates").right() && !line(wrong, "plates").right());
  }

  private static Measured.Line line(Measured measured, String name) {
    return measured.lines().stream().filter(l -> l.name().equals(name)).findFirst().orElseThrow();
  }

  @Test
  void aPlainPdfIsNoneForAPress() throws Exception {
    Job home = job().withColour(ColourPlan.HOME);
    sent(home, "home.pdf", TiffFile.Packing.LZW);
    PressMeasure found = PressMeasure.of("home.pdf", Files.readAllBytes(folder.resolve("home.pdf")));
    Map<PressMeasure.Demand, Boolean> demands = found.demands();
    assertEquals(List.of(false, false, false), List.of(demands.get(PressMeasure.Demand.NAMED), demands.get(PressMeasure.Demand.INTENT),
        demands.get(PressMeasure.Demand.COLOURS)));
  }

  /** The plates of the TIFF are those that Ghostscript separates from the PDF: away from edges within two of 255 steps. */
  @ParameterizedTest
  @EnumSource(TiffFile.Packing.class)
  void tiffAndPdfHaveTheSamePlates(TiffFile.Packing packing) throws Exception {
    Job job = job().withPalette(new Palette(List.of(), Colour.WHITE));
    Measured measured = sent(job, "card.tif", packing);
    assertTrue(measured.lines().stream().allMatch(Measured.Line::right), measured.lines().toString());
    sent(job, "card.pdf", packing);
    run("gs", "-q", "-dNOPAUSE", "-dBATCH", "-dSAFER", "-sDEVICE=tiffsep", "-r100", "-sOutputFile=" + folder.resolve("sep.tif"),
        folder.resolve("card.pdf").toString());
    Raster ours = raster(folder.resolve("card.tif").toFile());
    String[] plates = {"Cyan", "Magenta", "Yellow", "Black"};
    for (int plate = 0; plate < 4; plate++) {
      BufferedImage theirs = ImageIO.read(folder.resolve("sep(" + plates[plate] + ").tif").toFile());
      assertEquals(ours.getWidth(), theirs.getWidth());
      for (int[] at : new int[][] {{5, 5}, {160, 230}, {112, 112}, {400, 100}, {90, 135}, {75, 130}}) {
        int full = 255 - theirs.getRaster().getSample(at[0], at[1], 0);
        assertEquals(full, ours.getSample(at[0], at[1], plate), 2, plates[plate] + " at " + at[0] + ", " + at[1]);
      }
    }
  }

  static Raster raster(File file) throws Exception {
    ImageReader reader = ImageIO.getImageReadersByFormatName("tiff").next();
    try (ImageInputStream in = ImageIO.createImageInputStream(file)) {
      reader.setInput(in);
      return reader.read(0).getRaster();
    } finally {
      reader.dispose();
    }
  }

  @Test
  void blackWordsStandOnTheBlackPlateAndTheRoundStaysBelowThem() throws Exception {
    Job job = job();
    sent(job, "card.tif", TiffFile.Packing.ZIP);
    Raster found = raster(folder.resolve("card.tif").toFile());
    Cmyk beet = Press.of(Profile.shipped(), job.colour().intent(), true).ink(Made.BEET);
    List<int[]> full = new ArrayList<>();
    for (int y = 100; y < 160; y++) {
      for (int x = 70; x < 250; x++) {
        int[] inks = found.getPixel(x, y, (int[]) null);
        if (inks[3] == 255) {
          full.add(inks);
        }
      }
    }
    assertTrue(full.size() > 300, "letters are there: " + full.size());
    for (int[] inks : full) {
      assertEquals(beet.magenta() * 255, inks[1], 3, "the plate below is not knocked out");
    }
    int[] foil = found.getPixel(400, 100, (int[]) null);
    assertEquals(0.9 * 255, foil[2], 1, "a spot ink stands as its alternate where there are but four channels");
  }

  @Test
  void theTiffTellsItsSizeAndProfileToAnotherReader() throws Exception {
    sent(job(), "card.tif", TiffFile.Packing.LZW);
    String told = run("identify", "-format", "%w %h %x %U %[colorspace] %[compression]", folder.resolve("card.tif").toString());
    assertTrue(told.startsWith("525 725 100 PixelsPerInch CMYK LZW"), told);
    sent(job().withColour(ColourPlan.HOME), "home.tif", TiffFile.Packing.ZIP);
    told = run("identify", "-format", "%w %h %x %[colorspace] %[compression]", folder.resolve("home.tif").toString());
    assertTrue(told.startsWith("525 725 100 sRGB Zip"), told);
  }

  /** A palette colour with inks of its own, printed on white: at its smoothed edge are the same inks, only less of each. */
  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void smoothedEdgesHaveTheColoursOwnInks(boolean spot) throws Exception {
    Cmyk own = new Cmyk(0.8, 0.2, 0, 0);
    Ink ink = spot ? new Ink.Spot("Pond", Ink.Kind.INK, own, 1) : new Ink.Process(own);
    Colour pond = Colour.of(0x1F7F9F);
    Job job = Made.card(Made.ellipse("e", 1, 1, 3, 4).filled(Optional.of(pond)))
        .withPalette(new Palette(List.of(new Swatch("Pond", pond, Optional.of(ink))), Colour.WHITE))
        .withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
    sent(job, "pond.tif", TiffFile.Packing.LZW);
    Raster found = raster(folder.resolve("pond.tif").toFile());
    int edges = 0;
    int full = 0;
    for (int y = 0; y < found.getHeight(); y++) {
      for (int x = 0; x < found.getWidth(); x++) {
        int[] inks = found.getPixel(x, y, (int[]) null);
        if (inks[0] == 0) {
          continue;
        }
        full += inks[0] == 204 ? 1 : 0;
        edges += inks[0] < 204 ? 1 : 0;
        assertEquals(inks[0] * own.magenta() / own.cyan(), inks[1], 2.01, "at " + x + ", " + y);
        assertTrue(inks[2] <= 2 && inks[3] <= 2, "no yellow and no black at " + x + ", " + y + ": " + java.util.Arrays.toString(inks));
      }
    }
    assertTrue(full > 80_000 && edges > 500, "pixels inside " + full + ", at the edge " + edges);
  }

  /** Where two such colours meet each has its share of a pixel, and what lies over them takes its own. */
  @Test
  void coloursOfThePaletteMeetAtTheirInks() throws Exception {
    Colour pond = Colour.of(0x1F7F9F);
    Colour leaf = Colour.of(0x4E8F2F);
    Palette palette = new Palette(List.of(
        new Swatch("Pond", pond, Optional.of(new Ink.Process(new Cmyk(1, 0, 0, 0)))),
        new Swatch("Leaf", leaf, Optional.of(new Ink.Process(new Cmyk(0, 0, 1, 0))))), Colour.WHITE);
    Job job = Made.card(Made.rectangle("a", -0.125, -0.125, 5.25, 7.25).filled(Optional.of(leaf)),
        Made.ellipse("e", 1, 1, 3, 4).filled(Optional.of(pond)),
        Made.rectangle("w", 2, 2, 1, 1).filled(Optional.of(Colour.WHITE))).withPalette(palette)
        .withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
    sent(job, "two.tif", TiffFile.Packing.ZIP);
    Raster found = raster(folder.resolve("two.tif").toFile());
    int mixed = 0;
    for (int y = 20; y < found.getHeight() - 20; y++) {
      for (int x = 20; x < found.getWidth() - 20; x++) {
        int[] inks = found.getPixel(x, y, (int[]) null);
        boolean white = x > 205 && x < 320 && y > 205 && y < 320;
        if (!white) {
          assertEquals(255, inks[0] + inks[2], 2, "each its share at " + x + ", " + y);
        }
        mixed += inks[0] > 20 && inks[0] < 235 ? 1 : 0;
      }
    }
    assertTrue(mixed > 300, "pixels where both are: " + mixed);
    assertEquals(0, found.getSample(262, 262, 0), "white takes the inks away");
  }
}
