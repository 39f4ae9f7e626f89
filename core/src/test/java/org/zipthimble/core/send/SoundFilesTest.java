package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.edit.Mounts;
import org.zipthimble.core.item.CutKind;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.Role;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.plan.CutPlan;
import org.zipthimble.core.plan.Lane;
import org.zipthimble.core.plan.Material;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.ReadBack;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** Edges, mirror images, read-back, text, what is left out of files, and that the same order gives the same bytes. */
class SoundFilesTest {
  @TempDir private Path folder;

  private static Item dark(ItemShape shape) {
    return shape.withFill(Optional.of(Made.BEET));
  }

  private static Job sized(double width, double height) {
    Job blank = StandardItem.blank("Odd", new Size(width, height), 1);
    return blank.changed(
        "f1", f -> f.withItems(List.of(dark(Made.rectangle("i1", -1, -1, width + 2, height + 2)),
        Made.ellipse("i2", 0.3, 0.2, 0.9, 0.55))));
  }

  private Path send(Job job, String name, PageOptions options, double ppi) throws Exception {
    Path file = folder.resolve(name);
    Sender.send(job, FileOrder.of(file, OptionalInt.empty(), ppi, options), Progress.SILENT)
        .forEach(m -> assertTrue(m.right(), m.lines().toString()));
    return file;
  }

  @ParameterizedTest
  @CsvSource({"3.37,2.11,150", "3.371,2.117,96", "2.003,3.0071,72", "5.499,1.2345,133.3"})
  void theLastRowAndColumnAreAsFullAsTheOthers(double width, double height, double ppi) throws Exception {
    for (boolean bleed : new boolean[] {false, true}) {
      BufferedImage image = ImageIO.read(send(sized(width, height), "odd.png", PageOptions.of(sized(width, height)).withBleed(bleed), ppi)
          .toFile());
      int wanted = Made.BEET.rgb() | 0xFF000000;
      for (int x = 0; x < image.getWidth(); x++) {
        assertEquals(wanted, image.getRGB(x, image.getHeight() - 1), "bottom at " + x);
        assertEquals(wanted, image.getRGB(x, 0), "top at " + x);
      }
      for (int y = 0; y < image.getHeight(); y++) {
        assertEquals(wanted, image.getRGB(image.getWidth() - 1, y), "right at " + y);
        assertEquals(wanted, image.getRGB(0, y), "left at " + y);
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {".png", ".tif"})
  void theMirroredPictureIsTheExactMirrorOfTheOther(String ending) throws Exception {
    Picture picture = Made.picture(90, 70);
    Job job = Made.with(picture, Made.background("i1"), Made.photo("i2", picture, 0.4, 0.7, 3.1, 2.4),
        Made.ellipse("i3", 2.2, 3.3, 1.713, 2.007),
        Made.words("i4", "Marrow & Squash", 0.7, 5, 3.6, 1, Made.style("Fraunces", "Italic", 31)));
    PageOptions plain = PageOptions.of(job);
    BufferedImage one = ImageIO.read(send(job, "one" + ending, plain, 97.3).toFile());
    BufferedImage other = ImageIO.read(send(job, "other" + ending, plain.withMirror(true), 97.3).toFile());
    assertEquals(one.getWidth(), other.getWidth());
    for (int y = 0; y < one.getHeight(); y++) {
      for (int x = 0; x < one.getWidth(); x++) {
        assertEquals(one.getRGB(x, y), other.getRGB(one.getWidth() - 1 - x, y), x + ", " + y);
      }
    }
  }

  @Test
  void oneSmallObjectOfFortyThatIsMissingIsFoundByReadingBack() throws Exception {
    List<Item> forty = new ArrayList<>(List.of(Made.background("i1")));
    for (int i = 0; i < 40; i++) {
      forty.add(dark(Made.rectangle("i" + (i + 2), 0.3 + i % 8 * 0.55, 0.4 + i / 8 * 1.3, 0.05, 0.05)));
    }
    Job whole = Made.card(forty.toArray(new Item[0]));
    Path file = send(whole, "forty.pdf", PageOptions.of(whole), 300);
    for (int gone : new int[] {1, 17, 40}) {
      List<Item> more = new ArrayList<>(forty);
      more.remove(gone);
      Job without = Made.card(more.toArray(new Item[0]));
      Path lacking = send(without, "lacking" + gone + ".pdf", PageOptions.of(without), 300);
      assertFalse(back(lacking, whole).right(), "object " + gone);
      assertFalse(back(file, without).right(), "one too many");
    }
    assertTrue(back(file, whole).right());
  }

  private static Measured back(Path file, Job job) throws Exception {
    DrawnPage page = Imposition.of(job, job.faces().get(0), PageOptions.of(job));
    return ReadBack.pdf(file, PageRun.of(List.of(page)), Unit.INCH, Progress.SILENT);
  }

  @Test
  void finestLinesReadBackAsTheyAreWritten() throws Exception {
    List<Item> lines = new ArrayList<>(List.of(Made.background("i1")));
    for (int i = 0; i < 60; i++) {
      lines.add(Made.ellipse("i" + (i + 2), 0.3 + i * 0.03, 0.5 + i * 0.04, 3 - i * 0.03, 4 - i * 0.05).withFill(Optional.empty())
          .withLine(Optional.of(org.zipthimble.core.item.LineLook.of(0.5, Made.BEET))));
    }
    Job job = Made.card(lines.toArray(new Item[0]));
    Measured measured = Sender.send(job, FileOrder.of(folder.resolve("fine.pdf"), OptionalInt.empty(), 300, PageOptions.of(job)),
        Progress.SILENT).get(0);
    assertTrue(measured.right(), measured.lines().toString());
  }

  @ParameterizedTest
  @ValueSource(strings = {"Spring Swap", "difficult affine offices", "fl\u00f6\u00dfen ffi", "A\u0301ngel \u00c1ngel"})
  void everyCharacterCanBeReadFromTheFile(String text) throws Exception {
    for (String family : List.of("Fraunces", "Alegreya", "Great Vibes")) {
      Job job = Made.card(Made.background("i1"),
          Made.words("i2", text, 0.4, 1, 4.2, 1.5, Made.style(family, family.equals("Great Vibes") ? "Regular" : "Italic", 24)));
      Path file = send(job, "words.pdf", PageOptions.of(job), 300);
      assertEquals(Normalizer.normalize(text, Normalizer.Form.NFC),
          Normalizer.normalize(run("mutool", "draw", "-F", "txt", file.toString()).strip(), Normalizer.Form.NFC), family);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "   ", "Bean"})
  void lettersThatHoldAPictureShowTheSameInEveryFile(String text) throws Exception {
    Picture picture = Made.picture(600, 600);
    Job job = Made.with(picture, Made.background("i1"), Made.words("i2", text, 0.5, 1, 4, 2, Made.style("Figtree", "Bold", 80)));
    Job mounted = Mounts.make("f1", Set.of("i2")).change().apply(job);
    Job held = Mounts.fill("f1", List.of(mounted.faces().get(0).items().get(1).id()), List.of(picture)).change().apply(mounted);
    send(held, "letters.pdf", PageOptions.of(held), 300);
    assertEquals(text.isBlank(), Checks.run(held).stream().anyMatch(f -> f.code().equals("mount-unseen")));
  }

  private String run(String... command) throws Exception {
    Path out = folder.resolve("out.txt");
    Process process = new ProcessBuilder(command).redirectErrorStream(false).redirectOutput(out.toFile()).start();
    assertTrue(process.waitFor(120, TimeUnit.SECONDS));
    assertEquals(0, process.exitValue());
    return Files.readString(out);
  }

  @Test
  void aJpegInRgbCarriesItsProfileAndAWholeResolutionThatKeepsTheSize() throws Exception {
    Job job = Made.card(Made.background("i1"));
    Path file = folder.resolve("card.jpg");
    Measured measured = Sender.send(job, FileOrder.of(file, OptionalInt.empty(), 133.4, PageOptions.of(job).withBleed(false)),
        Progress.SILENT).get(0);
    assertTrue(measured.right(), measured.lines().toString());
    assertTrue(measured.lines().stream().anyMatch(l -> l.found().contains("133 pixels per inch, the nearest whole number to 133.4")),
        measured.lines().toString());
    BufferedImage image = ImageIO.read(file.toFile());
    assertEquals(5 * 133, image.getWidth());
    assertEquals(7 * 133, image.getHeight());
    String bytes = new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1);
    int at = bytes.indexOf("ICC_PROFILE\0") + 14;
    byte[] profile = Arrays.copyOfRange(bytes.getBytes(StandardCharsets.ISO_8859_1), at, bytes.length());
    assertEquals(3, ICC_Profile.getInstance(
        Arrays.copyOf(profile, ((profile[0] & 255) << 24 | (profile[1] & 255) << 16 | (profile[2] & 255) << 8 | profile[3] & 255)))
        .getNumComponents());
  }

  @Test
  void aJobThatIsAllCutIsNoBlankPage() {
    Item cut = Made.ellipse("i1", 1, 1, 2, 2);
    Lane lane = Lane.of("l1", "Leaf", Material.CUT_VINYL, Made.BEET);
    Job job = Made.card(cut.with(cut.properties().withRole(Role.CUTS).withCutting(Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS))))
        .withCutting(CutPlan.NONE.withLanes(List.of(lane)));
    for (String name : List.of("x.pdf", "x.png", "x.jpg", "x.tif")) {
      Trouble trouble = assertThrows(Trouble.class, () -> send(job, name, PageOptions.of(job), 100));
      assertTrue(trouble.getMessage().contains(".svg") && trouble.getMessage().contains("all of it is cut"), trouble.getMessage());
      assertFalse(Files.exists(folder.resolve(name)));
    }
  }

  @Test
  void whatIsCutIsWrittenTheSameWhateverCameBefore() throws Exception {
    Item words = Made.words("i1", "Bean & Squash", 0.2, 0.5, 4.5, 1, Made.style("Great Vibes", "Regular", 40));
    Item leaf = Made.ellipse("i2", 0.5, 0.9, 1.7, 0.8);
    Lane lane = Lane.of("l1", "Leaf", Material.CUT_VINYL, Made.BEET);
    Cutting kiss = Cutting.PLAIN.withLane("l1").withKind(CutKind.KISS);
    List<byte[]> sent = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      Job job = Made.card(words.with(words.properties().withRole(Role.CUTS).withCutting(kiss)),
          leaf.with(leaf.properties().withRole(Role.CUTS).withCutting(kiss)))
          .withCutting(CutPlan.NONE.withLanes(List.of(lane)));
      if (i % 2 == 1) {
        Checks.run(job);
      }
      Path file = folder.resolve("cut" + i + ".svg");
      Sender.send(job, FileOrder.of(file, OptionalInt.empty(), 300, PageOptions.of(job)).withContent(Optional.of(Content.DESIGN)),
          Progress.SILENT);
      sent.add(Files.readAllBytes(file));
    }
    sent.forEach(bytes -> assertArrayEquals(sent.get(0), bytes));
  }

  @Test
  void aPdfLeavesOutWhereAPictureWasTakenAndAddressesOfOutside() throws Exception {
    byte[] jpeg = Made.jpeg(40, 30);
    ByteArrayOutputStream told = new ByteArrayOutputStream();
    told.write(jpeg, 0, 2);
    segment(told, 0xE1, "Exif\0\0II*\0MarrowCamera 12345");
    segment(told, 0xFE, "a secret comment");
    told.write(jpeg, 2, jpeg.length - 2);
    Picture picture = Pictures.look("told.jpg", told.toByteArray(), Pictures.Limits.USUAL);
    Picture page = Pictures.look("page.pdf", outside(), Pictures.Limits.USUAL);
    Job job = Made.with(picture).with(page)
        .changed("f1",
        f -> f.withItems(List.of(Made.background("i1"), Made.photo("i2", picture, 1, 1, 2, 1.5), Made.photo("i3", page, 1, 4, 2, 2))));
    Path file = send(job, "told.pdf", PageOptions.of(job), 300);
    String bytes = new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1);
    for (String no : List.of("MarrowCamera", "secret comment", "outside.example")) {
      assertFalse(bytes.contains(no), no);
    }
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      int seen = 0;
      for (COSName name : document.getPage(0).getResources().getXObjectNames()) {
        if (document.getPage(0).getResources().getXObject(name) instanceof PDImageXObject image) {
          assertEquals(40, image.getImage().getWidth(), "its pixels are all there");
          seen++;
        }
      }
      assertEquals(1, seen);
    }
  }

  @Test
  void anEdgeFadesTheSameWhetherItIsTrimmedOrNotAndAcrossBands() throws Exception {
    Item soft = dark(Made.rectangle("i1", -0.1, -0.1, 5.2, 7.2));
    Job job = Made.card(soft.with(soft.properties().withEffects(org.zipthimble.core.item.Effects.NONE.withFeather(0.9))));
    BufferedImage whole = ImageIO.read(send(job, "whole.png", PageOptions.of(job), 160).toFile());
    BufferedImage trimmed = ImageIO.read(send(job, "trimmed.png", PageOptions.of(job).withBleed(false), 160).toFile());
    for (int y = 0; y < trimmed.getHeight(); y += 3) {
      for (int x = 0; x < trimmed.getWidth(); x += 7) {
        int one = whole.getRGB(x + 20, y + 20);
        int other = trimmed.getRGB(x, y);
        for (int shift = 0; shift <= 16; shift += 8) {
          assertEquals(one >> shift & 255, other >> shift & 255, 2, x + ", " + y);
        }
      }
    }
  }

  private static void segment(ByteArrayOutputStream out, int marker, String text) {
    out.write(0xFF);
    out.write(marker);
    out.write(0);
    out.write(text.length() + 2);
    out.writeBytes(text.getBytes(StandardCharsets.ISO_8859_1));
  }

  private static byte[] outside() throws Exception {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle(144, 144));
      document.addPage(page);
      PDImageXObject image = org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory.createFromImage(document, Made.chequers(40, 40));
      image.getCOSObject().setString(COSName.F, "http://outside.example/picture.png");
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.addRect(10, 10, 100, 100);
        content.fill();
        content.drawImage(image, 20, 20, 60, 60);
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out, org.apache.pdfbox.pdfwriter.compress.CompressParameters.NO_COMPRESSION);
      return out.toByteArray();
    }
  }
}
