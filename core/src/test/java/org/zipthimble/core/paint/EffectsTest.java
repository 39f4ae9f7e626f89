package org.zipthimble.core.paint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Texture;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.work.Progress;

/** Effects look the same in our pixels and in our PDF as two independent readers draw it. */
class EffectsTest {
  private static final double PPI = 100;

  @TempDir
  Path folder;

  private static Item with(Item item, Effects effects) {
    return item.with(item.properties().withEffects(effects));
  }

  /** Colours of all kinds under a photograph: the middle of what is compared. */
  private static Job over(Picture picture, Effects effects, double opacity) {
    List<Item> items = new ArrayList<>();
    items.add(Made.background("b"));
    int[] colours = {0x7A2E22, 0x3A6B45, 0x2B2F55, 0xDDA33A, 0xFFFFFF, 0x000000, 0x808080, 0x5B8FB0};
    for (int i = 0; i < colours.length; i++) {
      items.add(ItemShape.of(ItemProperties.of("c" + i, "c"), Placement.of(new Box(0.375 + i * 0.5, 0.875, 0.5, 5)),
          new Outline.Rectangle(0),
          Optional.of(Colour.of(colours[i])), Optional.empty()));
    }
    Item photo = Made.photo("p", picture, 0.775, 1.875, 3.4, 2.5);
    items.add(photo.with(photo.properties().withOpacity(opacity).withEffects(effects)));
    return Made.with(picture, items.toArray(new Item[0]));
  }

  private static DrawnPage page(Job job) throws Exception {
    return Imposition.of(job, job.faces().get(0), PageOptions.of(job));
  }

  private static BufferedImage ours(Job job) throws Exception {
    return RasterPainter.paint(page(job), PPI, new Halvings(), Progress.SILENT);
  }

  private BufferedImage theirs(Path pdf, String reader) throws Exception {
    Path out = folder.resolve(reader);
    if (reader.equals("gs")) {
      run("gs", "-q", "-dNOPAUSE", "-dBATCH", "-dSAFER", "-sDEVICE=png16m", "-dTextAlphaBits=4", "-dGraphicsAlphaBits=4", "-r" + (int) PPI,
          "-o", out + ".png", pdf.toString());
    } else if (reader.equals("mutool")) {
      run("mutool", "draw", "-q", "-r", String.valueOf((int) PPI), "-o", out + ".png", pdf.toString());
    } else {
      run("pdftoppm", "-r", String.valueOf((int) PPI), "-png", "-singlefile", pdf.toString(), out.toString());
    }
    return ImageIO.read(folder.resolve(reader + ".png").toFile());
  }

  private void run(String... command) throws Exception {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(folder.resolve("said.txt").toFile()).start();
    assertTrue(process.waitFor(60, TimeUnit.SECONDS), command[0] + " ends");
    assertEquals(0, process.exitValue(), () -> command[0] + " could not read it");
  }

  private Path pdf(Job job) throws Exception {
    return Files.write(folder.resolve("page.pdf"), PdfPainter.bytes("Effects", List.of(page(job)), Progress.SILENT));
  }

  /** The mean difference of all parts in steps of 255, and the share of pixels that are off by more than 16. */
  private static double[] apart(BufferedImage a, BufferedImage b) {
    assertEquals(a.getWidth(), b.getWidth(), 1);
    assertEquals(a.getHeight(), b.getHeight(), 1);
    long sum = 0;
    long off = 0;
    int width = Math.min(a.getWidth(), b.getWidth());
    int height = Math.min(a.getHeight(), b.getHeight());
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int most = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
          int d = Math.abs((a.getRGB(x, y) >> shift & 255) - (b.getRGB(x, y) >> shift & 255));
          sum += d;
          most = Math.max(most, d);
        }
        off += most > 16 ? 1 : 0;
      }
    }
    return new double[] {sum / 3.0 / width / height, (double) off / width / height};
  }

  private void agree(String what, Job job, double mean, double share, List<String> readers) throws Exception {
    BufferedImage ours = ours(job);
    Path pdf = pdf(job);
    List<String> wrong = new ArrayList<>();
    for (String reader : readers) {
      double[] apart = apart(ours, theirs(pdf, reader));
      String said = String.format(Locale.ROOT, "%s by %s: mean %.3f, %.3f %% of pixels off by more than 16", what, reader, apart[0],
          apart[1] * 100);
      System.out.println(said);
      wrong.add(apart[0] < mean && apart[1] < share ? "" : said);
    }
    wrong.removeIf(String::isEmpty);
    assertTrue(wrong.isEmpty(), wrong.toString());
  }

  private void agree(String what, Job job, double mean, double share) throws Exception {
    agree(what, job, mean, share, List.of("poppler", "mutool"));
  }

  /**
   * Each of the sixteen blend modes of ISO 32000-1, over eight colours, half see-through. Poppler and MuPDF differ from each other in
   * three of them (a part of 0 burnt onto white; hue and saturation of greys); there Ghostscript is asked in Poppler's stead.
   */
  @ParameterizedTest
  @EnumSource(Blend.class)
  void blendModesAgreeWithTwoReaders(Blend blend) throws Exception {
    agree(blend.pdf(), over(Made.picture(340, 250), Effects.NONE.withBlend(blend), 0.75), 0.8, 0.02,
        blend == Blend.COLOR_BURN || blend == Blend.HUE || blend == Blend.SATURATION ? List.of("gs", "mutool")
        : List.of("poppler", "mutool"));
  }

  @Test
  void shadowGlowBlurAndFeatherAgreeWithTwoReaders() throws Exception {
    Picture picture = Made.picture(340, 250);
    Effect.Shadow shadow = new Effect.Shadow(50, 0.2, 0.25, Colour.of(0x2A211C), 0.6);
    agree("shadow", over(picture, Effects.NONE.with(shadow), 1), 0.9, 0.02);
    agree("hard shadow", over(picture, Effects.NONE.with(new Effect.Shadow(50, 0.2, 0, Colour.BLACK, 0.5)), 1), 0.9, 0.02);
    agree("glow", over(picture, Effects.NONE.with(new Effect.Glow(0.3, Made.CREAM, 0.9)), 1), 0.9, 0.02);
    agree("blur", over(picture, Effects.NONE.withBlur(0.1), 1), 0.9, 0.02);
    agree("feather", over(picture, Effects.NONE.withFeather(0.3), 1), 0.9, 0.02);
    agree("all", over(picture, Effects.of(shadow, Effect.Glow.USUAL).withBlur(0.02).withFeather(0.2).withBlend(Blend.MULTIPLY), 0.8), 0.9,
        0.02);
  }

  @Test
  void foilAndGlitterAgreeWithTwoReaders() throws Exception {
    for (Texture.Surface surface : Texture.Surface.values()) {
      ItemShape star = Made.ellipse("s", 1, 1, 3, 5).withFillStyle(Optional.of(FillStyle.Finish.of(surface, Colour.of(0xC9A24B))));
      agree(surface.name(), Made.card(Made.background("b"), star), 3, surface == Texture.Surface.FOIL ? 0.02 : 0.35);
    }
  }

  /** The middle of a hard-edged, wide square is untouched by its shadow; a shadow's edge is half as dense as its middle. */
  @Test
  void aShadowFallsWhereItSaysAndFadesAsWideAsItSays() throws Exception {
    Effect.Shadow shadow = new Effect.Shadow(0, 1, 0.4, Colour.BLACK, 1);
    // With the bleed of 1/8 in the square's right edge lies at 2.5 in of the page, its shadow's at 3.5 in.
    Item square = Made.rectangle("s", 0.875, 2, 1.5, 3);
    BufferedImage image = ours(Made.card(with(square, Effects.NONE.with(shadow))));
    assertEquals(255, between(image, 4.2), 1, "clear of it");
    assertEquals(0, between(image, 3), 2, "within it");
    assertEquals(127.5, between(image, 3.5), 1, "at its edge, 1 in to the right");
    // The bell of a softness of 0.4 in has a deviation of 0.1 in: Phi(-1) = 0.1587 of it is left one deviation out (table of the normal
    // distribution).
    assertEquals(255 * (1 - 0.1587), between(image, 3.6), 4, "one deviation out");
  }

  /** The grey between two pixels, in the middle of the page. */
  private static double between(BufferedImage image, double inches) {
    int x = (int) Math.round(inches * PPI);
    return (grey(image, x - 1, 350) + grey(image, x, 350)) / 2.0;
  }

  private static int grey(BufferedImage image, int x, int y) {
    return image.getRGB(x, y) & 255;
  }

  /** Bands as files are written come out as the whole page: the pixels of every seam are the same. */
  @Test
  void bandsMeetWithoutASeam() throws Exception {
    Effects all = Effects.of(Effect.Shadow.USUAL, Effect.Glow.USUAL).withBlur(0.05).withFeather(0.1).withBlend(Blend.MULTIPLY);
    Job job = over(Made.picture(340, 250), all, 0.9);
    DrawnPage page = page(job);
    BufferedImage whole = ours(job);
    for (int row = 0; row + 50 <= whole.getHeight(); row += 50) {
      BufferedImage band = new BufferedImage(whole.getWidth(), 50, BufferedImage.TYPE_INT_RGB);
      java.awt.Graphics2D g = band.createGraphics();
      g.setColor(java.awt.Color.WHITE);
      g.fillRect(0, 0, band.getWidth(), 50);
      g.dispose();
      RasterOut out = new RasterOut(band, Affine.scale(PPI, PPI).then(Affine.move(0, -row)), new Halvings());
      page.marks().accept(out);
      out.done();
      for (int x = 0; x < band.getWidth(); x += 7) {
        for (int y = 0; y < 50; y += 7) {
          for (int shift = 0; shift <= 16; shift += 8) {
            assertEquals(whole.getRGB(x, row + y) >> shift & 255, band.getRGB(x, y) >> shift & 255, 2, "at " + x + ", " + (row + y));
          }
        }
      }
    }
  }

  /** What is soft stays live: the words under a shadow and a feather are words in the PDF, and blend modes are named in it. */
  @Test
  void softArtStaysLiveInThePdf() throws Exception {
    Item words = Made.words("w", "Bring seeds", 1, 1, 3, 1, Made.style("Figtree", "Bold", 30));
    Effects soft = Effects.NONE.with(Effect.Shadow.USUAL).withFeather(0.01).withBlend(Blend.MULTIPLY);
    Path pdf = pdf(Made.card(Made.background("b"), with(words, soft)));
    run("pdftotext", pdf.toString(), folder.resolve("words.txt").toString());
    assertTrue(Files.readString(folder.resolve("words.txt")).contains("Bring seeds"));
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      List<String> modes = new ArrayList<>();
      int masks = 0;
      for (COSName name : document.getPage(0).getResources().getExtGStateNames()) {
        COSDictionary state = document.getPage(0).getResources().getExtGState(name).getCOSObject();
        COSBase mode = state.getDictionaryObject(COSName.BM);
        modes.add(mode == null ? "none" : ((COSName) mode).getName());
        masks += state.getDictionaryObject(COSName.SMASK) instanceof COSDictionary ? 1 : 0;
      }
      assertTrue(modes.contains("Multiply"), modes.toString());
      assertEquals(2, masks, "one for the shadow, one for the feather");
    }
  }
}
