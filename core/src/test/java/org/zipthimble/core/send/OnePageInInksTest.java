package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Blend;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Difference;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.job.ColourPlan;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Palette;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.work.Progress;

/**
 * One page in inks for every file of a job: the plates of the TIFF are those that Ghostscript lays down from the PDF, patch by patch, for
 * each blend mode, for opacity, soft art, spot inks over pictures and black words. What differs is told as CIEDE2000 of what both look
 * like in print.
 */
class OnePageInInksTest {
  private static final double MOST = 1.5;
  private static final int PPI = 60;
  private static final Colour SPOT = Colour.of(0x1F7F9F);
  private static final List<Colour> OVER = List.of(Colour.of(0xB8402E), Colour.of(0x5D8A4E), Colour.of(0x2B2F55), Colour.of(0xF4E6C3),
      Colour.of(0x808080));

  @TempDir Path folder;
  private final Map<String, Double> largest = new TreeMap<>();

  /** Four colours that run into each other, so that a reader's way of scaling makes no difference. */
  private static Picture smooth() throws Exception {
    BufferedImage image = new BufferedImage(240, 240, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < 240; y++) {
      for (int x = 0; x < 240; x++) {
        image.setRGB(x, y, x * 255 / 239 << 16 | (60 + y * 150 / 239) << 8 | 255 - (x + y) * 255 / 478);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return Pictures.look("smooth.png", out.toByteArray(), Pictures.Limits.USUAL);
  }

  /** Ground, picture and round below; over them five patches across and an opacity for each row. */
  private static Face face(String id, Picture picture, Blend blend, List<Colour> over) {
    List<Item> items = new ArrayList<>();
    items.add(Made.rectangle(id + 1, 0, 2, 6, 4).filled(Optional.of(Made.CREAM)));
    items.add(Made.photo(id + 2, picture, 0, 4, 6, 2));
    items.add(Made.rectangle(id + 3, 0, 3, 6, 0.5).filled(Optional.of(Colour.BLACK)));
    for (int i = 0; i < over.size(); i++) {
      for (int k = 0; k < 2; k++) {
        ItemShape patch = Made.rectangle(id + (10 + 2 * i + k), 0.25 + 1.1 * i + 0.5 * k, 0.5, 0.4, 5).filled(Optional.of(over.get(i)));
        items.add(patch.withProperties(patch.properties().withOpacity(k == 0 ? 1 : 0.6).withEffects(Effects.NONE.withBlend(blend))));
      }
    }
    return Face.of(id.replace("i", "f"), blend.name() + id, items);
  }

  private static Job press(Job job) {
    Palette palette = new Palette(
        List.of(new Swatch("Pond", SPOT, Optional.of(new Ink.Spot("Pond", Ink.Kind.INK, new Cmyk(0.8, 0.2, 0, 0), 1)))), Colour.WHITE);
    return job.withPalette(palette).withColour(ColourPlan.HOME.withTo(Destination.PRINT_SHOP));
  }

  private static Job blank(Picture picture, List<Face> faces) {
    Job job = StandardItem.blank("Patches", new Size(6, 6), 1).with(picture);
    return press(job.withFaces(faces));
  }

  private static void run(String... command) throws Exception {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(process.waitFor(120, TimeUnit.SECONDS) && process.exitValue() == 0, out);
  }

  /** Sends a job both ways and gives the largest difference of each face, edges left out. */
  private void compare(Job job) throws Exception {
    FileOrder pdf = FileOrder.of(folder.resolve("p.pdf"), OptionalInt.empty(), PPI, PageOptions.of(job).withBleed(false));
    Sender.send(job, pdf, Progress.SILENT);
    FileOrder tiff = FileOrder.of(folder.resolve("p.tif"), OptionalInt.empty(), PPI, PageOptions.of(job).withBleed(false));
    List<Path> files = OutputFormats.of("p.tif").files(job, tiff);
    Sender.send(job, tiff, Progress.SILENT);
    run("gs", "-q", "-dNOPAUSE", "-dBATCH", "-dSAFER", "-sDEVICE=tiff32nc", "-r" + PPI, "-dTextAlphaBits=4", "-dGraphicsAlphaBits=4",
        "-sOutputFile=" + folder.resolve("gs%02d.tif"), folder.resolve("p.pdf").toString());
    Press press = job.colour().press();
    for (int f = 0; f < files.size(); f++) {
      Raster ours = PressFilesTest.raster(files.get(f).toFile());
      Raster theirs = PressFilesTest.raster(folder.resolve(String.format("gs%02d.tif", f + 1)).toFile());
      assertEquals(theirs.getWidth(), ours.getWidth());
      double worst = 0;
      String where = "";
      int looked = 0;
      for (int y = 2; y < ours.getHeight() - 2; y += 3) {
        for (int x = 2; x < ours.getWidth() - 2; x += 3) {
          if (flat(theirs, x, y) && flat(ours, x, y)) {
            double apart = Difference.ciede2000(press.seen(ink(ours, x, y)), press.seen(ink(theirs, x, y)));
            looked++;
            if (apart > worst) {
              worst = apart;
              where = " at " + x + "," + y + " " + ink(ours, x, y).text() + " gs " + ink(theirs, x, y).text();
            }
          }
        }
      }
      assertTrue(looked > 3000, "places looked at: " + looked);
      largest.put(job.faces().get(f).name() + where, worst);
    }
  }

  private static boolean flat(Raster raster, int x, int y) {
    for (int plate = 0; plate < 4; plate++) {
      int middle = raster.getSample(x, y, plate);
      for (int[] d : new int[][] {{-2, 0}, {2, 0}, {0, -2}, {0, 2}}) {
        if (Math.abs(raster.getSample(x + d[0], y + d[1], plate) - middle) > 8) {
          return false;
        }
      }
    }
    return true;
  }

  private static Cmyk ink(Raster raster, int x, int y) {
    int[] v = raster.getPixel(x, y, (int[]) null);
    return new Cmyk(v[0] / 255.0, v[1] / 255.0, v[2] / 255.0, v[3] / 255.0);
  }

  private void near() {
    Map<String, Double> far = new LinkedHashMap<>(largest);
    far.values().removeIf(v -> v <= MOST);
    System.out.println("largest difference in print, CIEDE2000: " + largest);
    assertEquals(Map.of(), far);
  }

  @Test
  void everyBlendModeLiesAlikeInBothFiles() throws Exception {
    Picture picture = smooth();
    List<Face> faces = new ArrayList<>();
    for (Blend blend : Blend.values()) {
      faces.add(face("i" + (100 + faces.size()), picture, blend, OVER));
    }
    compare(blank(picture, faces));
    near();
  }

  @Test
  void spotInksOverPicturesLieAlike() throws Exception {
    Picture picture = smooth();
    List<Face> faces = new ArrayList<>();
    for (Blend blend : List.of(Blend.NORMAL, Blend.MULTIPLY, Blend.SCREEN, Blend.DARKEN)) {
      faces.add(face("i" + (100 + faces.size()), picture, blend, List.of(SPOT, OVER.get(0))));
    }
    compare(blank(picture, faces));
    near();
  }

  /** Halos, feathered and blurred art, gradients, see-through groups and black words: over ground and picture. */
  @Test
  void softArtGradientsAndBlackWordsLieAlike() throws Exception {
    Picture picture = smooth();
    WordStyle black = new WordStyle("Alegreya", "Bold", 90, 100, 0, Align.LEFT, Colour.BLACK);
    List<Face> faces = new ArrayList<>();
    List<Effects> effects = List.of(
        Effects.NONE.withFeather(0.6), Effects.NONE.withBlur(0.6), Effects.NONE.with(Effect.Shadow.USUAL),
        Effects.NONE.with(new Effect.Glow(0.5, OVER.get(1), 0.8)));
    for (Effects one : effects) {
      String id = "i" + (100 + faces.size());
      ItemShape round = Made.ellipse(id + 3, 1, 1, 4, 4);
      faces.add(Face.of("f" + (100 + faces.size()), "soft " + id, List.of(
          Made.rectangle(id + 1, 0, 0, 6, 3), Made.photo(id + 2, picture, 0, 3, 6, 3),
          round.withProperties(round.properties().withEffects(one)))));
    }
    ItemShape ramp = Made.rectangle("i9001", 0.5, 0.5, 5, 2)
        .withFillStyle(
        Optional.of(new FillStyle.Gradient(false, 20, List.of(new FillStyle.Stop(0, OVER.get(0)), new FillStyle.Stop(1, OVER.get(2))))));
    faces.add(Face.of("f190", "ramp", List.of(ramp)));
    HoldsWords over = Made.words("i9102", "BEAN", 0.3, 0.5, 5.6, 2, black);
    HoldsWords grey = Made.words("i9103", "BEAN", 0.3, 2.5, 5.6, 2, black.withColour(Colour.of(0x707070)));
    HoldsWords thin = Made.words("i9104", "BEAN", 0.3, 4, 5.6, 2, black);
    faces.add(Face.of("f191", "words", List.of(
        Made.photo("i9101", picture, 0, 0, 6, 6), over, grey, thin.with(thin.properties().withOpacity(0.5)))));
    compare(blank(picture, faces));
    near();
    Raster words = PressFilesTest.raster(folder.resolve("p-words.tif").toFile());
    int full = 0;
    for (int y = 0; y < words.getHeight(); y++) {
      for (int x = 0; x < words.getWidth(); x++) {
        full += words.getSample(x, y, 3) == 255 && words.getSample(x, y, 0) + words.getSample(x, y, 1) + words.getSample(x, y, 2) > 60 ? 1
            : 0;
      }
    }
    assertTrue(full > 1000, "black letters with the picture left below them, pixels: " + full);
  }
}
