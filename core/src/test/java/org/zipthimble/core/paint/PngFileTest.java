package org.zipthimble.core.paint;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.plan.SheetPlan;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.work.Progress;

/** The one writer of PNG, its files read by the toolkit and by ImageMagick (Portable Network Graphics, W3C Recommendation, 2nd edition). */
class PngFileTest {
  private static BufferedImage noise(int width, int height, int type, long seed) {
    Random random = new Random(seed);
    BufferedImage image = new BufferedImage(width, height, type);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        image.setRGB(x, y, random.nextInt(4) == 0 ? random.nextInt() : 0xFF8040C0);
      }
    }
    return image;
  }

  private static int[] pixels(BufferedImage image) {
    return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
  }

  @ParameterizedTest
  @CsvSource({"1, 1", "1, 300", "300, 1", "7, 5", "257, 129", "640, 480"})
  void everyPixelComesBack(int width, int height) throws Exception {
    BufferedImage image = noise(width, height, BufferedImage.TYPE_INT_RGB, width * 1000L + height);
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(PngFile.bytes(image, 300)));
    assertArrayEquals(pixels(image), pixels(read));
  }

  @Test
  void opacityComesBackToo() throws Exception {
    BufferedImage image = noise(120, 90, BufferedImage.TYPE_INT_ARGB, 4);
    assertArrayEquals(pixels(image), pixels(ImageIO.read(new ByteArrayInputStream(PngFile.bytes(image, 150)))));
  }

  /**
   * Slopes with a few specks, and rows of which only some stretches differ from the row above: what is like it is hopped over, whichever
   * way the rest is filtered.
   */
  @ParameterizedTest
  @CsvSource({"1, 3", "2, 3", "3, 4", "4, 4"})
  void rowsThatAreMostlyLikeTheOneAboveComeBack(long seed, int depth) throws Exception {
    Random random = new Random(seed);
    int width = 211;
    BufferedImage image = new BufferedImage(width, 160, depth == 4 ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < image.getHeight(); y++) {
      boolean slope = y / 40 % 2 == 1;
      int from = random.nextInt(width);
      int to = Math.min(width, from + random.nextInt(60));
      for (int x = 0; x < width; x++) {
        int over = y == 0 ? 0xFFFBF5E6 : image.getRGB(x, y - 1);
        int sloped = 0xFF000000 | (x + y) / 2 << 16 | (2 * x + y) / 3 << 8 | (x + 3 * y) / 4;
        boolean other = slope ? random.nextInt(8) > 0 : x >= from && x < to && random.nextInt(3) > 0;
        image.setRGB(x, y, !other ? over : slope ? sloped : random.nextInt() | 0x01000000);
      }
    }
    byte[] rows = new PngFilter(width, depth).rows(pixels(image), image.getHeight());
    Set<Integer> filters = new TreeSet<>();
    for (int y = 0; y < image.getHeight(); y++) {
      filters.add((int) rows[y * (width * depth + 1)]);
    }
    assertTrue(filters.containsAll(Set.of(2, 4)), "up and Paeth are both tried: " + filters);
    assertArrayEquals(pixels(image), pixels(ImageIO.read(new ByteArrayInputStream(PngFile.bytes(image, 300)))));
  }

  private record Chunk(String type, byte[] data, int crc) {}

  private static List<Chunk> chunks(byte[] png) {
    ByteBuffer in = ByteBuffer.wrap(png);
    byte[] sign = new byte[8];
    in.get(sign);
    assertArrayEquals(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'}, sign);
    List<Chunk> chunks = new ArrayList<>();
    while (in.hasRemaining()) {
      byte[] data = new byte[in.getInt()];
      byte[] type = new byte[4];
      in.get(type).get(data);
      chunks.add(new Chunk(new String(type, StandardCharsets.US_ASCII), data, in.getInt()));
    }
    return chunks;
  }

  /** Section 5: length, type, data and a check sum of type and data; the header first, the end last. */
  @Test
  void chunksAreAsTheStandardSays() {
    List<Chunk> chunks = chunks(PngFile.bytes(noise(64, 40, BufferedImage.TYPE_INT_RGB, 9), 300));
    assertEquals("IHDR", chunks.get(0).type());
    assertEquals("IEND", chunks.get(chunks.size() - 1).type());
    for (Chunk chunk : chunks) {
      CRC32 sum = new CRC32();
      sum.update(chunk.type().getBytes(StandardCharsets.US_ASCII));
      sum.update(chunk.data());
      assertEquals((int) sum.getValue(), chunk.crc(), chunk.type());
    }
    Chunk size = chunks.stream().filter(c -> c.type().equals("pHYs")).findFirst().orElseThrow();
    ByteBuffer data = ByteBuffer.wrap(size.data());
    assertEquals(11811, data.getInt(), "300 pixels per inch in pixels per metre");
    assertEquals(11811, data.getInt());
    assertEquals(1, data.get(), "the unit is the metre");
  }

  private static DrawnPage page(Item... items) throws Exception {
    Job job = Made.card(items);
    return Imposition.of(job, job.faces().get(0), PageOptions.of(false, false, SheetPlan.ALONE));
  }

  /** Written band after band it is the same picture as painted at once. */
  @Test
  void bandsGiveTheWholePage() throws Exception {
    DrawnPage page = page(Made.background("g"), Made.ellipse("e", 1, 1, 3, 5),
        Made.words("w", "Marrow", 1, 3, 3, 1, Made.style("Fraunces", "Regular", 30)));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PngFile.write(new Bands(page, 150, new Halvings()), out, Progress.SILENT);
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
    BufferedImage whole = RasterPainter.paint(page, 150, new Halvings(), Progress.SILENT);
    assertEquals(750, read.getWidth());
    assertEquals(1050, read.getHeight());
    int[] a = pixels(read);
    int[] b = pixels(whole);
    long off = 0;
    for (int i = 0; i < a.length; i++) {
      off += (a[i] & 0xFFFFFF) == (b[i] & 0xFFFFFF) ? 0 : 1;
    }
    assertTrue(off <= a.length / 1000, "pixels that differ: " + off);
  }

  @Test
  void withoutPaperItIsSeeThroughWhereNothingIs(@TempDir Path folder) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PngFile.write(Bands.open(page(Made.ellipse("e", 1, 1, 3, 5)), 100, new Halvings()), out, Progress.SILENT);
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
    assertEquals(0, read.getRGB(5, 5) >>> 24);
    assertEquals(255, read.getRGB(250, 350) >>> 24);
    Path file = folder.resolve("open.png");
    Files.write(file, out.toByteArray());
    Process process = new ProcessBuilder("identify", "-format", "%w %h %x %[channels]", file.toString()).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertEquals(0, process.waitFor(), said);
    assertTrue(said.startsWith("500 700 39.3") && said.contains("a"), said);
  }
}
