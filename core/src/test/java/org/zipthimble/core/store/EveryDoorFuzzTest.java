package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.bring.DrawingIn;
import org.zipthimble.core.bring.DxfIn;
import org.zipthimble.core.bring.ImportedDrawing;
import org.zipthimble.core.bring.PaletteFile;
import org.zipthimble.core.bring.SvgIn;
import org.zipthimble.core.bring.VectorLimits;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.ColourText;
import org.zipthimble.core.colour.Intent;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.ReadyForm;
import org.zipthimble.core.geom.Shapes;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.Swatch;
import org.zipthimble.core.paint.DxfFile;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.paint.SvgFile;
import org.zipthimble.core.paint.VectorSheet;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.PdfPages;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.sheet.Pages;
import org.zipthimble.core.type.BundledFonts;
import org.zipthimble.core.type.FontFace;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.units.Unit;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.wording.Trouble;

/**
 * Damaged and made-up bytes at every door by which files and typed text come in. Each gives a clear sentence or something sound, and what
 * is taken in can be saved and opened again. The seeds are fixed; with {@code -Dzt.fuzz=MINUTES} new ones are tried for that long, and printed.
 *
 * <p>An input is stuck when its work does not end while another thread of the same machine does a number of steps beside it: a count, not a clock.
 */
class EveryDoorFuzzTest {
  private static final int EACH = 220;
  private static final int STEPS = 60_000;
  private static final long NEW_SEEDS_MINUTES = Long.getLong("zt.fuzz", 0);
  private static final VectorLimits SMALL = new VectorLimits(2_000_000, 2_000, 200_000, 20);
  private static final Pictures.Limits FEW = new Pictures.Limits(2_000_000, 4_000_000);
  private static final byte[][] WORDS = words("0", "-1", "1e400", "NaN", "99999999999", "2147483647", "-2147483648", "\u0000", "\r\n", "<", ">", "\"", "'", "{", "}", "[", "]",
      ",", "null", "true", "/", "..", "%PDF-1.7", "endstream", "obj", "<use href='#a'/>", "matrix(1e9 0 0 0 0 0)", "url(#a)", "SPLINE", "70\n8\n", "M0 0L", "\u00ff\u00ff\u00ff\u00ff",
      "\u007f\u00ff\u00ff\u00ff", "\u0000\u0000\u0000\u0000", "&#x0;", "\"faces\":", "\"width\":", "\"id\":\"i1\"", "curv", "mft2", "glyf", "loca");

  /** What a door makes of bytes; only {@link Trouble} may come out of it otherwise. */
  private interface Door {
    void take(byte[] bytes) throws Exception;
  }

  private record Entry(Door door, List<byte[]> sound) {}

  @TempDir Path folder;
  private final Map<String, int[]> told = new TreeMap<>();

  private static byte[][] words(String... words) {
    return Arrays.stream(words).map(w -> w.getBytes(StandardCharsets.ISO_8859_1)).toArray(byte[][]::new);
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /** Saved and opened again a job is the same. */
  private static void keeps(Job job) throws Exception {
    byte[] saved = ThimbleFile.bytes(job);
    assertEquals(job, ThimbleFile.read("kept.thimble", new ByteArrayInputStream(saved)), "what was taken in can be saved and opened again");
  }

  private static void placed(List<Picture> pictures) throws Exception {
    for (Picture picture : pictures) {
      Pictures.decode(picture);
      keeps(Made.with(picture, Made.photo("i1", picture, 0.5, 0.5, 2, 2)));
    }
  }

  private static void drawn(ImportedDrawing drawing) throws Exception {
    Job card = Made.card();
    keeps(DrawingIn.place("f1", "drawing", drawing, new Point(2, 2)).change().apply(card));
  }

  /** A font that is taken in sets words, is drawn and goes into a PDF. */
  private static void set(byte[] font) throws Exception {
    FontFace.tried("Made", "Regular", font);
    Job job = Made.card(Made.words("i1", "Bring seeds, 24 Ä ½", 1, 1, 3, 1, Made.style("Made", "Regular", 24)));
    Job carried = job.withFonts(List.of(new CarriedFont("Made", "Regular", new Blob(font))));
    keeps(carried);
    PdfPainter.bytes("a", List.of(Pages.of(carried, carried.faces().get(0), PageOptions.of(carried))), Progress.SILENT);
  }

  private Map<String, Entry> doors() throws Exception {
    Map<String, Entry> doors = new TreeMap<>();
    Job job = Made.with(Made.picture(60, 40), Made.background("i1"), Made.drawn("i2"), Made.words("i3", "Bring seeds", 1, 1, 3, 1, Made.style("Fraunces", "Regular", 24)));
    doors.put("job file", new Entry(b -> keeps(ThimbleFile.read("a.thimble", new ByteArrayInputStream(b))), List.of(ThimbleFile.bytes(job))));
    doors.put("job description", new Entry(b -> keeps(ThimbleFile.read("a.thimble", new ByteArrayInputStream(described(ThimbleFile.bytes(job), b)))), List.of(description(ThimbleFile.bytes(job)))));
    VectorSheet sheet = new VectorSheet("Seeds", new Size(6, 4), List.of(new VectorSheet.Layer("Cut through leaf", Colour.BLACK, List.of(0.1, 0.1), List.of(
        new VectorSheet.Line("Star", ReadyForm.STAR.path(2, 2, List.of(5.0, 0.5, 0.1)), Optional.empty()),
        new VectorSheet.Line("Fold", Shapes.line(new Point(0, 1), new Point(3, 1)), Optional.empty())))));
    String svg = SvgFile.text(sheet).replace("</svg>", "<style>.a{fill:#123;stroke-width:2} g>rect{fill:red}</style><g id='a' transform='rotate(20) scale(2)' class='a'>"
        + "<rect width='1' height='1'/><text x='1' y='1'>seeds</text></g><use href='#a' x='3'/><clipPath id='c'><circle r='1'/></clipPath><path clip-path='url(#c)' d='M0 0C1 1 2 0 3 3Z'/></svg>");
    doors.put("SVG", new Entry(b -> drawn(SvgIn.read("a.svg", b, OptionalDouble.empty(), SMALL)), List.of(utf8(svg))));
    doors.put("DXF", new Entry(b -> drawn(DxfIn.read("a.dxf", b, OptionalDouble.empty(), SMALL)), List.of(utf8(DxfFile.text(sheet)))));
    doors.put("PDF", new Entry(b -> placed(PdfPages.of("a.pdf", b, FEW)), List.of(
        PdfPainter.bytes("a", List.of(Pages.of(job, job.faces().get(0), PageOptions.of(job))), Progress.SILENT), plainPdf())));
    doors.put("picture", new Entry(b -> placed(List.of(Pictures.look("a", b, FEW))), pictures()));
    doors.put("profile", new Entry(b -> {
      Press press = Press.of(Profile.read(b), Intent.RELATIVE, true);
      press.seen(press.ink(Made.BEET));
      keeps(job.withColour(job.colour().withOwn(Optional.of(press.profile()))));
    }, List.of(Profile.shipped().bytes())));
    byte[] font = BundledFonts.open("Figtree_400Regular_Italic.ttf").readAllBytes();
    doors.put("font", new Entry(EveryDoorFuzzTest::set, List.of(font)));
    doors.put("palette", new Entry(b -> keeps(job.withPalette(job.palette().withSwatches(PaletteFile.read("a.gpl", b)))),
        List.of(PaletteFile.write("a.gpl", "Seeds", List.of(Swatch.of("Beet", Made.BEET), Swatch.of("Cream", Made.CREAM))))));
    doors.put("palette of properties", new Entry(b -> keeps(job.withPalette(job.palette().withSwatches(PaletteFile.read("a.css", b)))),
        List.of(utf8(":root { --beet: #7A2E22; --cream: #FBF5E6; }"))));
    Path shops = Files.createDirectories(folder.resolve("shops"));
    ShopShelf.keep(shops, ShopShelf.shipped().get(0));
    List<byte[]> cards = new ArrayList<>();
    try (var files = Files.list(shops)) {
      for (Path card : files.filter(Files::isRegularFile).toList()) {
        cards.add(Files.readAllBytes(card));
      }
    }
    doors.put("shop card", new Entry(b -> ShopShelf.read("a.json", b), cards));
    Path settings = folder.resolve("settings.json");
    doors.put("settings", new Entry(b -> {
      Files.write(settings, b);
      Settings.read(settings);
    }, List.of(utf8("{\"night\":true,\"scale\":1.25,\"recent\":[\"a.thimble\"],\"nudge\":0.0625}"))));
    doors.put("typed figures", new Entry(b -> {
      String text = new String(b, StandardCharsets.UTF_8);
      assertTrue(Double.isFinite(Lengths.parse(text, Unit.INCH)));
    }, List.of(utf8("4 3/4 in"), utf8("2 + 2*1/8"), utf8("120 mm - 1/16 in"))));
    doors.put("typed colours", new Entry(b -> ColourText.read(new String(b, StandardCharsets.UTF_8), job.colour().press()), List.of(utf8("#7A2E22"), utf8("cmyk 10 20 30 5"), utf8("lab 50 20 30"))));
    doors.put("outline text", new Entry(b -> {
      try {
        PathText.read(new String(b, StandardCharsets.UTF_8));
      } catch (IllegalArgumentException noOutline) {
        assertTrue(noOutline.getMessage() != null);
      }
    }, List.of(utf8("M0 0L1 1C2 2 3 3 4 4Q1 2 3 4A1 1 0 0 1 2 2Z"))));
    return doors;
  }

  /** A page whose drawing is not packed, so that damage reaches its operators. */
  private static byte[] plainPdf() {
    String drawing = "q 1 0 0 1 10 10 cm 0.5 0.2 0.1 rg 0 0 50 40 re f Q\nBT /F1 12 Tf 20 20 Td (seeds) Tj ET\n1 0 0 RG 0 0 m 10 20 30 40 50 60 c S\n";
    return utf8("%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n"
        + "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 100 100]/Contents 4 0 R/Resources<</Font<</F1<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>>>>>>>endobj\n"
        + "4 0 obj<</Length " + drawing.length() + ">>stream\n" + drawing + "endstream endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n");
  }

  private List<byte[]> pictures() throws Exception {
    BufferedImage image = Made.chequers(40, 30);
    List<byte[]> out = new ArrayList<>();
    for (String kind : List.of("png", "jpg", "gif", "bmp", "tiff")) {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      assertTrue(ImageIO.write(image, kind, bytes), kind);
      out.add(bytes.toByteArray());
    }
    Path png = Files.write(folder.resolve("a.png"), out.get(0));
    Path webp = folder.resolve("a.webp");
    Process made = new ProcessBuilder("convert", png.toString(), webp.toString()).redirectErrorStream(true).start();
    assertTrue(made.waitFor(60, TimeUnit.SECONDS) && made.exitValue() == 0);
    out.add(Files.readAllBytes(webp));
    return out;
  }

  private static byte[] description(byte[] job) throws Exception {
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(job))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (entry.getName().equals("job.json")) {
          return in.readAllBytes();
        }
      }
    }
    throw new IllegalStateException("a job has a description");
  }

  /** The same job with another description. */
  private static byte[] described(byte[] job, byte[] description) throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(job)); ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        byte[] body = in.readAllBytes();
        out.putNextEntry(new ZipEntry(entry.getName()));
        out.write(entry.getName().equals("job.json") ? description : body);
        out.closeEntry();
      }
    }
    return bytes.toByteArray();
  }

  private static byte[] damaged(byte[] sound, Random r) {
    byte[] b = sound.clone();
    for (int n = 1 + r.nextInt(5); n > 0 && b.length > 0; n--) {
      int at = r.nextInt(b.length);
      int end = Math.min(b.length, at + 1 + r.nextInt(16));
      byte[] middle = Arrays.copyOfRange(b, at, end);
      switch (r.nextInt(7)) {
        case 0 -> b[at] = (byte) r.nextInt(256);
        case 1 -> b[at] ^= 1 << r.nextInt(8);
        case 2 -> b = joined(Arrays.copyOf(b, at), WORDS[r.nextInt(WORDS.length)], Arrays.copyOfRange(b, at, b.length));
        case 3 -> b = joined(Arrays.copyOf(b, at), WORDS[r.nextInt(WORDS.length)], Arrays.copyOfRange(b, end, b.length));
        case 4 -> b = joined(Arrays.copyOf(b, at), Arrays.copyOfRange(b, end, b.length));
        case 5 -> {
          byte[][] parts = new byte[2 + 1 + r.nextInt(20)][];
          Arrays.fill(parts, middle);
          parts[0] = Arrays.copyOf(b, at);
          parts[parts.length - 1] = Arrays.copyOfRange(b, at, b.length);
          b = joined(parts);
        }
        default -> b = r.nextInt(4) == 0 ? Arrays.copyOf(b, at) : b;
      }
    }
    return r.nextBoolean() ? summed(b) : b;
  }

  /** A PNG's chunks with right sums again, so that damage gets past them. */
  private static byte[] summed(byte[] b) {
    if (b.length < 16 || (b[0] & 255) != 0x89 || b[1] != 'P') {
      return b;
    }
    int at = 8;
    while (at + 12 <= b.length) {
      int length = (b[at] & 255) << 24 | (b[at + 1] & 255) << 16 | (b[at + 2] & 255) << 8 | b[at + 3] & 255;
      if (length < 0 || length > b.length - at - 12) {
        return b;
      }
      CRC32 crc = new CRC32();
      crc.update(b, at + 4, length + 4);
      for (int i = 0; i < 4; i++) {
        b[at + 8 + length + i] = (byte) (crc.getValue() >> 24 - 8 * i);
      }
      at += 12 + length;
    }
    return b;
  }

  private static byte[] joined(byte[]... parts) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    for (byte[] part : parts) {
      out.writeBytes(part);
    }
    return out.toByteArray();
  }

  /** Tries one input; false when it was refused with a sentence. */
  private static boolean taken(Door door, byte[] bytes) throws Exception {
    try {
      door.take(bytes);
      return true;
    } catch (Trouble trouble) {
      assertTrue(trouble.getMessage() != null && !trouble.getMessage().isBlank() && !trouble.getMessage().contains("Exception"), "a sentence: " + trouble.getMessage());
      return false;
    }
  }

  private void tried(String name, Entry entry, long seed) throws Exception {
    Random random = new Random(seed);
    tried(name, entry, damaged(entry.sound().get(random.nextInt(entry.sound().size())), random), "seed " + seed);
  }

  private void tried(String name, Entry entry, byte[] bytes, String what) throws Exception {
    CompletableFuture<Boolean> work = new CompletableFuture<>();
    Thread thread = new Thread(() -> {
      try {
        work.complete(taken(entry.door(), bytes));
      } catch (Throwable failed) {
        work.completeExceptionally(failed);
      }
    }, name);
    thread.setDaemon(true);
    thread.start();
    int[] counts = told.computeIfAbsent(name, n -> new int[2]);
    try {
      counts[ended(work) ? 0 : 1]++;
    } catch (Exception | AssertionError wrong) {
      Path kept = Path.of("target", "fuzz", (name + " " + what).replace(' ', '-'));
      Files.createDirectories(kept.getParent());
      Files.write(kept, bytes);
      throw new AssertionError(name + ", " + what + ", kept as " + kept + ": " + wrong, wrong);
    }
  }

  /** Waits for work while it counts steps of its own. */
  private static boolean ended(CompletableFuture<Boolean> work) throws Exception {
    MessageDigest digest = MessageDigest.getInstance("SHA-256");
    byte[] step = new byte[1 << 15];
    for (int steps = 0; steps < STEPS; steps++) {
      try {
        return work.get(steps == 0 ? 50_000 : 0, TimeUnit.MICROSECONDS);
      } catch (TimeoutException still) {
        step = Arrays.copyOf(digest.digest(step), step.length);
      }
    }
    throw new AssertionError("stuck: not done after " + STEPS + " steps beside it");
  }

  /** What these long runs found: letters, curves and dashes of a page without end. */
  @Test
  void whatWasStuckOnceIsNot() throws Exception {
    Entry pages = doors().get("PDF");
    String page = new String(plainPdf(), StandardCharsets.UTF_8);
    for (String endless : List.of("/F1 1999999999992 Tf", "/F1 12 Tf 1e12 0 0 1e12 0 0 Tm")) {
      tried("PDF", pages, utf8(page.replace("/F1 12 Tf", endless)), "large letters");
    }
    tried("PDF", pages, utf8(page.replace("0 0 m 10 20 30 40 50 60 c", "0 0 m 1000000000000 20 30 4000000000000 50 60 c")), "far curves");
    tried("PDF", pages, utf8(page.replace("1 0 0 RG", "1 0 0 RG [0.0000001] 0 d")), "dashes without length");
    tried("PDF", pages, utf8(page.replace("0 0 50 40 re f", "[0.001 0.001] 0 d -9000000 0 90000000 40 re S")), "dashes without end");
    assertEquals(5, told.get("PDF")[0] + told.get("PDF")[1]);
  }

  @Test
  void everyDoorGivesASentenceOrSomethingSound() throws Exception {
    Map<String, Entry> doors = doors();
    for (Map.Entry<String, Entry> one : doors.entrySet()) {
      for (byte[] sound : one.getValue().sound()) {
        assertTrue(taken(one.getValue().door(), sound), one.getKey() + " takes what is sound");
      }
    }
    if (NEW_SEEDS_MINUTES > 0) {
      long first = System.nanoTime();
      long end = first + TimeUnit.MINUTES.toNanos(NEW_SEEDS_MINUTES);
      System.out.println("new seeds from " + first);
      for (long seed = first; System.nanoTime() < end; seed++) {
        for (Map.Entry<String, Entry> one : doors.entrySet()) {
          tried(one.getKey(), one.getValue(), seed);
        }
      }
    } else {
      for (Map.Entry<String, Entry> one : doors.entrySet()) {
        for (int seed = 0; seed < EACH; seed++) {
          tried(one.getKey(), one.getValue(), seed);
        }
      }
    }
    told.forEach((name, counts) -> System.out.println(name + ": " + counts[0] + " taken in and kept, " + counts[1] + " refused with a sentence"));
    told.forEach((name, counts) -> assertTrue(counts[0] + counts[1] > 0, name));
  }
}
