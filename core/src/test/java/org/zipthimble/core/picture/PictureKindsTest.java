package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Difference;
import org.zipthimble.core.colour.Lab;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.proof.Glance;
import org.zipthimble.core.wording.Trouble;

/** Kinds of picture files, cameras held askew, inks, 16 bits; files written by Java and by ImageMagick. */
class PictureKindsTest {
  @TempDir Path folder;

  /** Red, green, blue and grey quarters, 60 x 40. */
  private static BufferedImage quarters() {
    BufferedImage image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < 40; y++) {
      for (int x = 0; x < 60; x++) {
        image.setRGB(x, y, y < 20 ? (x < 30 ? 0xC03020 : 0x30A040) : x < 30 ? 0x2040B0 : 0x808080);
      }
    }
    return image;
  }

  private static byte[] written(String format) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertTrue(ImageIO.write(quarters(), format, out));
    return out.toByteArray();
  }

  private static Picture look(String name, byte[] bytes) throws Trouble {
    return Pictures.look(name, bytes, Pictures.Limits.USUAL);
  }

  private static double off(int rgb, int wanted) {
    return Difference.ciede2000(Lab.of(Colour.of(rgb & 0xFFFFFF)), Lab.of(Colour.of(wanted)));
  }

  private static void run(String... command) throws Exception {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(process.waitFor(60, TimeUnit.SECONDS) && process.exitValue() == 0, out);
  }

  @ParameterizedTest
  @CsvSource({"tiff, TIFF", "gif, GIF", "bmp, BMP", "png, PNG"})
  void everyKindIsToldByItsBytesAndDrawn(String format, Kind kind) throws Exception {
    Picture picture = look("wrong-name.txt", written(format));
    assertEquals(kind, picture.kind());
    BufferedImage drawn = Pictures.decode(picture);
    assertTrue(off(drawn.getRGB(10, 10), 0xC03020) < 3);
    assertTrue(off(drawn.getRGB(50, 30), 0x808080) < 3);
  }

  /** The eight ways of Exif (tag 274): where the red quarter at the upper left comes to lie. */
  @ParameterizedTest
  @CsvSource({"1, 10, 10", "2, 50, 10", "3, 50, 30", "4, 10, 30", "5, 10, 10", "6, 30, 10", "7, 30, 50", "8, 10, 50"})
  void aCameraHeldAskewIsTurnedUpright(int turn, int x, int y) throws Exception {
    Picture picture = look("held.jpg", held(turn));
    assertEquals(turn < 5 ? 60 : 40, picture.width());
    assertEquals(turn < 5 ? 40 : 60, picture.height());
    assertTrue(off(Pictures.decode(picture).getRGB(x, y), 0xC03020) < 6, "turn " + turn);
    assertEquals(turn == 1, Pictures.asTheyAre(picture), "only an upright one goes into a PDF as it is");
  }

  /** PNG, WebP and TIFF carry the same note, which ImageMagick copies from the JPEG; as it turns that one upright, these must lie too. */
  @ParameterizedTest
  @CsvSource({"png, 1", "png, 3", "png, 6", "webp, 2", "webp, 3", "webp, 6", "webp, 8", "tif, 3", "tif, 8"})
  void otherKindsAreTurnedAsOthersTurnThem(String kind, int turn) throws Exception {
    Path jpg = Files.write(folder.resolve("held.jpg"), held(turn));
    Path file = folder.resolve("held." + kind);
    Path judged = folder.resolve("judged.png");
    run("convert", jpg.toString(), "-quality", "95", file.toString());
    run("convert", jpg.toString(), "-auto-orient", judged.toString());
    Picture picture = look("held", Files.readAllBytes(file));
    BufferedImage ours = Pictures.decode(picture);
    BufferedImage theirs = javax.imageio.ImageIO.read(judged.toFile());
    assertEquals(theirs.getWidth() + " x " + theirs.getHeight(), picture.width() + " x " + picture.height());
    for (int[] at : new int[][] {{6, 6}, {33, 6}, {6, 33}, {33, 33}}) {
      assertTrue(off(ours.getRGB(at[0], at[1]), theirs.getRGB(at[0], at[1]) & 0xFFFFFF) < 4,
          kind + " " + turn + " at " + at[0] + ", " + at[1]);
    }
  }

  /** A JPEG that says how the camera was held. */
  private static byte[] held(int turn) throws Exception {
    byte[] plain = written("jpg");
    ByteBuffer exif = ByteBuffer.allocate(36).put((byte) 0xFF).put((byte) 0xE1).putShort((short) 34)
        .put("Exif\0\0MM\0*".getBytes(StandardCharsets.US_ASCII))
        .putInt(8).putShort((short) 1).putShort((short) 274).putShort((short) 3).putInt(1).putShort((short) turn).putShort((short) 0)
        .putInt(0);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(plain, 0, 2);
    out.write(exif.array());
    out.write(plain, 2, plain.length - 2);
    return out.toByteArray();
  }

  /** ImageMagick with Little CMS turns the picture into inks by our profile; seen by that profile the colours come back. */
  @Test
  void aPictureInInksIsSeenByItsOwnProfile() throws Exception {
    Path png = Files.write(folder.resolve("in.png"), written("png"));
    Path icc = Files.write(folder.resolve("p.icc"), Profile.shipped().bytes());
    Path srgb = Files.write(folder.resolve("s.icc"), java.awt.color.ICC_Profile.getInstance(java.awt.color.ColorSpace.CS_sRGB).getData());
    Path jpg = folder.resolve("inks.jpg");
    run("convert", png.toString(), "-profile", srgb.toString(), "-intent", "Relative", "-profile", icc.toString(), "-quality", "98",
        jpg.toString());
    Picture picture = look("inks.jpg", Files.readAllBytes(jpg));
    assertEquals(4, JpegHead.of(Files.readAllBytes(jpg)).components());
    BufferedImage drawn = Pictures.decode(picture);
    assertTrue(off(drawn.getRGB(10, 10), 0xC03020) < 6, Integer.toHexString(drawn.getRGB(10, 10)));
    assertTrue(off(drawn.getRGB(50, 10), 0x30A040) < 6, Integer.toHexString(drawn.getRGB(50, 10)));
    assertTrue(off(drawn.getRGB(50, 30), 0x808080) < 3, Integer.toHexString(drawn.getRGB(50, 30)));
    assertFalse(Pictures.asTheyAre(picture));
    assertTrue(off(Glance.picture(jpg, (width, height) -> 1).getRGB(50, 10), 0x30A040) < 6,
        "the written file is looked at in the same way");
  }

  /** The same as TIFF, in eight and in sixteen bits, packed or not; without a profile it is seen by the one that ships. */
  @ParameterizedTest
  @ValueSource(strings = {"-depth 8 -compress LZW", "-depth 16 -compress None", "-depth 8 -compress Zip +profile icc"})
  void aTiffInInksIsSeenByItsOwnProfile(String how) throws Exception {
    Path png = Files.write(folder.resolve("in.png"), written("png"));
    Path icc = Files.write(folder.resolve("p.icc"), Profile.shipped().bytes());
    Path srgb = Files.write(folder.resolve("s.icc"), java.awt.color.ICC_Profile.getInstance(java.awt.color.ColorSpace.CS_sRGB).getData());
    Path tiff = folder.resolve("inks.tif");
    List<String> command = new ArrayList<>(
        List.of("convert", png.toString(), "-profile", srgb.toString(), "-intent", "Relative", "-profile", icc.toString()));
    command.addAll(Arrays.asList(how.split(" ")));
    command.add(tiff.toString());
    run(command.toArray(String[]::new));
    BufferedImage drawn = Pictures.decode(look("inks.tif", Files.readAllBytes(tiff)));
    for (BufferedImage seen : List.of(drawn, Glance.picture(tiff, (width, height) -> 1))) {
      assertTrue(off(seen.getRGB(10, 10), 0xC03020) < 6, Integer.toHexString(seen.getRGB(10, 10)));
      assertTrue(off(seen.getRGB(50, 10), 0x30A040) < 6, Integer.toHexString(seen.getRGB(50, 10)));
      assertTrue(off(seen.getRGB(50, 30), 0x808080) < 3, Integer.toHexString(seen.getRGB(50, 30)));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"-depth 16", "-colors 8 -type Palette", "-colorspace Gray -depth 16", "-alpha set -depth 16"})
  void sixteenBitsAndPalettesBecomeTheScreens(String how) throws Exception {
    Path png = Files.write(folder.resolve("in.png"), written("png"));
    Path out = folder.resolve("out.png");
    List<String> command = new ArrayList<>(List.of("convert", png.toString()));
    command.addAll(Arrays.asList(how.split(" ")));
    command.add(out.toString());
    run(command.toArray(String[]::new));
    BufferedImage drawn = Pictures.decode(look("out.png", Files.readAllBytes(out)));
    assertTrue(drawn.getColorModel().getPixelSize() <= 32);
    assertTrue(off(drawn.getRGB(50, 30), 0x808080) < 3, Integer.toHexString(drawn.getRGB(50, 30)));
  }

  /** 3,000 damaged files of all kinds: a sentence, or a picture that can be drawn. */
  @Test
  void damagedFilesGiveASentenceOrAPicture() throws Exception {
    byte[][] whole = {written("png"), written("jpg"), written("tiff"), written("gif"), written("bmp"), Made.jpeg(80, 60)};
    Random random = new Random(2);
    int refused = 0;
    Pictures.Limits limits = new Pictures.Limits(1_000_000, 2_000_000);
    for (int round = 0; round < 3000; round++) {
      byte[] broken = whole[round % whole.length].clone();
      for (int i = 0; i < 1 + random.nextInt(5); i++) {
        int reach = random.nextBoolean() ? 64 : broken.length;
        broken[random.nextInt(Math.min(reach, broken.length))] = (byte) random.nextInt(256);
      }
      broken = random.nextInt(4) == 0 ? Arrays.copyOf(broken, random.nextInt(broken.length)) : broken;
      try {
        Picture picture = Pictures.look("broken", broken, limits);
        BufferedImage drawn = Pictures.decode(picture);
        assertEquals(picture.width(), drawn.getWidth());
        assertEquals(picture.height(), drawn.getHeight());
      } catch (Trouble told) {
        assertTrue(told.getMessage().length() > 10);
        refused++;
      }
    }
    assertTrue(refused > 500, "refused " + refused);
  }

  @Test
  void anAbsurdSizeIsRefusedBeforeItTakesMemory() throws Exception {
    byte[] png = written("png");
    ByteBuffer.wrap(png).putInt(16, 100_000).putInt(20, 100_000);
    java.util.zip.CRC32 crc = new java.util.zip.CRC32();
    crc.update(png, 12, 17);
    ByteBuffer.wrap(png).putInt(29, (int) crc.getValue());
    Trouble told = assertThrows(Trouble.class, () -> look("huge.png", png));
    assertTrue(told.getMessage().contains("100"), told.getMessage());
    assertEquals(Optional.empty(), Kind.of("II".getBytes(StandardCharsets.US_ASCII)));
    assertArrayEquals(new int[] {1}, new int[] {Exif.turn(Kind.TIFF, new byte[20])});
  }

  /** A PNG whose profile says that its numbers are linear light is lightened to the screen's curve (IEC 61966-2-1: 55 of 255 is 128.6). */
  @Test
  void aPngsProfileIsHonoured() throws Exception {
    BufferedImage grey = new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 64; i++) {
      grey.setRGB(i % 8, i / 8, 0x373737);
    }
    java.io.ByteArrayOutputStream plain = new java.io.ByteArrayOutputStream();
    javax.imageio.ImageIO.write(grey, "png", plain);
    java.io.ByteArrayOutputStream data = new java.io.ByteArrayOutputStream();
    data.write(new byte[] {'l', 'i', 'n', 0, 0});
    try (java.util.zip.DeflaterOutputStream deflated = new java.util.zip.DeflaterOutputStream(data)) {
      deflated.write(java.awt.color.ICC_Profile.getInstance(java.awt.color.ColorSpace.CS_LINEAR_RGB).getData());
    }
    byte[] chunk = java.nio.ByteBuffer.allocate(4 + data.size()).put(new byte[] {'i', 'C', 'C', 'P'}).put(data.toByteArray()).array();
    java.util.zip.CRC32 crc = new java.util.zip.CRC32();
    crc.update(chunk);
    byte[] before = plain.toByteArray();
    java.nio.ByteBuffer all = java.nio.ByteBuffer.allocate(before.length + chunk.length + 8);
    // After the signature (8 bytes) and the header (25).
    all.put(before, 0, 33).putInt(data.size()).put(chunk).putInt((int) crc.getValue()).put(before, 33, before.length - 33);
    Picture picture = Pictures.look("linear.png", all.array(), Pictures.Limits.USUAL);
    assertEquals(128, Pictures.decode(picture).getRGB(3, 3) & 255, 2);
    assertEquals(0x37, Pictures.decode(Pictures.look("plain.png", before, Pictures.Limits.USUAL)).getRGB(3, 3) & 255);
  }
}
