package org.zipthimble.core.colour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.wording.Trouble;

/** Profiles: those of version 4 beside Little CMS, other kinds refused, damaged ones never more than a sentence. */
class ProfileTest {
  @TempDir Path folder;

  private static byte[] bytes(int... shorts) {
    ByteBuffer out = ByteBuffer.allocate(2 * shorts.length);
    for (int s : shorts) {
      out.putShort((short) s);
    }
    return out.array();
  }

  private static int fixed(double v) {
    return (int) Math.round(v * 65536);
  }

  private static byte[] para(double gamma) {
    return ByteBuffer.allocate(16).put("para".getBytes(StandardCharsets.US_ASCII)).putInt(0).putInt(0).putInt(fixed(gamma)).array();
  }

  /** A table of version 4 with all its parts (ISO 15076-1, 10.12 and 10.13): curves, a grid of 16 bits, curves, a matrix, curves. */
  private static byte[] table(boolean toLab, int seed) throws Exception {
    int in = toLab ? 4 : 3;
    int out = toLab ? 3 : 4;
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    int[] at = new int[5];
    for (int i = 0; i < 3; i++) {
      at[0] = i == 0 ? 32 : at[0];
      body.write(para(i == 0 ? 1.1 : 1));
    }
    at[1] = 32 + body.size();
    double[] matrix = {0.98, 0.01, 0, 0.01, 0.97, 0, 0, 0.02, 0.96, 0.005, 0, 0.01};
    for (double m : matrix) {
      body.write(ByteBuffer.allocate(4).putInt(fixed(m)).array());
    }
    at[2] = 32 + body.size();
    for (int i = 0; i < 3; i++) {
      body.write(para(0.9 + i * 0.1));
    }
    at[3] = 32 + body.size();
    byte[] grid = new byte[20];
    Arrays.fill(grid, 0, in, (byte) 4);
    grid[16] = 2;
    body.write(grid);
    Random random = new Random(seed);
    int places = (int) Math.pow(4, in);
    for (int i = 0; i < places; i++) {
      double dark = Integer.bitCount(i) / 8.0;
      for (int o = 0; o < out; o++) {
        body.write(
            bytes((int) (65535 * Math.max(
            0, Math.min(1, 0.2 + 0.6 * (toLab && o == 0 ? 1 - dark : 0.5 + (random.nextDouble() - 0.5) * 0.3))))));
      }
    }
    while (body.size() % 4 != 0) {
      body.write(0);
    }
    at[4] = 32 + body.size();
    for (int i = 0; i < (toLab ? 4 : 4); i++) {
      body.write(para(1.2));
    }
    ByteBuffer head = ByteBuffer.allocate(32).put((toLab ? "mAB " : "mBA ").getBytes(StandardCharsets.US_ASCII)).putInt(0).put((byte) in)
        .put((byte) out).putShort((short) 0);
    for (int offset : at) {
      head.putInt(offset);
    }
    ByteArrayOutputStream whole = new ByteArrayOutputStream();
    whole.write(head.array());
    whole.write(body.toByteArray());
    return whole.toByteArray();
  }

  private static byte[] text(String words) {
    byte[] wide = words.getBytes(StandardCharsets.UTF_16BE);
    return ByteBuffer.allocate(28 + wide.length).put("mluc".getBytes(StandardCharsets.US_ASCII)).putInt(0).putInt(1).putInt(12)
        .put("enUS".getBytes(StandardCharsets.US_ASCII))
        .putInt(wide.length).putInt(28).put(wide).array();
  }

  private static byte[] version4() throws Exception {
    byte[] white = ByteBuffer.allocate(20).put("XYZ ".getBytes(StandardCharsets.US_ASCII)).putInt(0).putInt(fixed(0.9642)).putInt(fixed(1))
        .putInt(fixed(0.8249)).array();
    Map<String, byte[]> tags = new LinkedHashMap<>();
    tags.put("desc", text("Invented press"));
    tags.put("cprt", text("none"));
    tags.put("wtpt", white);
    tags.put("A2B0", table(true, 3));
    tags.put("B2A0", table(false, 5));
    ByteArrayOutputStream data = new ByteArrayOutputStream();
    ByteBuffer list = ByteBuffer.allocate(4 + 12 * tags.size()).putInt(tags.size());
    int at = 128 + list.capacity();
    for (Map.Entry<String, byte[]> tag : tags.entrySet()) {
      list.put(tag.getKey().getBytes(StandardCharsets.US_ASCII)).putInt(at + data.size()).putInt(tag.getValue().length);
      data.write(tag.getValue());
      while (data.size() % 4 != 0) {
        data.write(0);
      }
    }
    ByteBuffer head = ByteBuffer.allocate(128);
    head.putInt(0, at + data.size()).putInt(8, 0x04300000);
    head.position(12);
    head.put("prtrCMYKLab ".getBytes(StandardCharsets.US_ASCII));
    head.putShort(24, (short) 2026).putShort(26, (short) 1).putShort(28, (short) 1);
    head.position(36);
    head.put("acsp".getBytes(StandardCharsets.US_ASCII));
    head.putInt(68, fixed(0.9642)).putInt(72, fixed(1)).putInt(76, fixed(0.8249));
    ByteArrayOutputStream whole = new ByteArrayOutputStream();
    whole.write(head.array());
    whole.write(list.array());
    whole.write(data.toByteArray());
    return whole.toByteArray();
  }

  private double[] lcms(String line, String... how) throws Exception {
    String[] command = new String[how.length + 3];
    System.arraycopy(new String[] {"transicc", "-n", "-v0"}, 0, command, 0, 3);
    System.arraycopy(how, 0, command, 3, how.length);
    Path in = Files.writeString(folder.resolve("in.txt"), line + "\n");
    Path out = folder.resolve("out.txt");
    Process process = new ProcessBuilder(command).redirectInput(in.toFile()).redirectOutput(out.toFile()).start();
    assertTrue(process.waitFor(30, TimeUnit.SECONDS), "transicc ends");
    return Arrays.stream(Files.readString(out).strip().split("\\s+")).filter(w -> w.matches("-?[0-9.]+")).limit(4)
        .mapToDouble(Double::parseDouble).toArray();
  }

  @Test
  void tablesOfVersion4AreReadAsLittleCmsReadsThem() throws Exception {
    byte[] file = version4();
    Path icc = Files.write(folder.resolve("v4.icc"), file);
    Profile profile = Profile.read(file);
    assertEquals("Invented press", profile.name());
    Press press = Press.of(profile, Intent.RELATIVE, false);
    for (Cmyk ink : new Cmyk[] {Cmyk.NONE, Cmyk.BLACK, new Cmyk(0.3, 0.6, 0.1, 0.2), new Cmyk(0.9, 0.05, 0.7, 0.4)}) {
      double[] theirs = lcms(String.format(Locale.ROOT, "%.6f %.6f %.6f %.6f", ink.cyan() * 100, ink.magenta() * 100, ink.yellow() * 100,
          ink.black() * 100),
          "-i" + icc, "-o*Lab", "-t1");
      assertEquals(0, Difference.ciede2000(press.seen(ink), new Lab(theirs[0], theirs[1], theirs[2])), 0.2, ink.text());
    }
    for (Colour colour : new Colour[] {Colour.WHITE, Colour.BLACK, Colour.of(0x7A2E22), Colour.of(0x3A6B45)}) {
      double[] theirs = lcms(colour.red() + " " + colour.green() + " " + colour.blue(), "-i*sRGB", "-o" + icc, "-t1");
      for (int i = 0; i < 4; i++) {
        assertEquals(theirs[i] / 100, press.ink(colour).parts()[i], 0.005, colour.hex() + " plate " + i);
      }
    }
  }

  @Test
  void otherKindsAreRefused() {
    Trouble screen = assertThrows(Trouble.class, () -> Profile.read(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData()));
    assertTrue(screen.getMessage().contains("RGB"), screen.getMessage());
    assertThrows(Trouble.class, () -> Profile.read(new byte[0]));
    assertThrows(Trouble.class, () -> Profile.read(new byte[Profile.MOST_BYTES + 1]));
    assertThrows(Trouble.class, () -> Profile.read("hello, I am a picture".repeat(50).getBytes(StandardCharsets.US_ASCII)));
  }

  /** 3,000 damaged profiles: cut short, bytes changed in the head, the tag list, the tables; each gives a sentence or a sound profile. */
  @Test
  void damagedProfilesGiveASentenceOrSoundInks() throws Exception {
    byte[] two = Profile.shipped().bytes();
    byte[] four = version4();
    Random random = new Random(11);
    int refused = 0;
    int sound = 0;
    for (int round = 0; round < 3000; round++) {
      byte[] broken = (round % 3 == 0 ? two : four).clone();
      int changes = 1 + random.nextInt(6);
      for (int i = 0; i < changes; i++) {
        int reach = random.nextBoolean() ? 300 : broken.length;
        broken[random.nextInt(Math.min(reach, broken.length))] = (byte) random.nextInt(256);
      }
      if (random.nextInt(5) == 0) {
        broken = Arrays.copyOf(broken, random.nextInt(broken.length));
      }
      try {
        Profile profile = Profile.read(broken);
        Press press = Press.of(profile, Intent.values()[round % 4], true);
        Cmyk ink = press.ink(Colour.of(random.nextInt(0x1000000)));
        assertTrue(Double.isFinite(press.seen(ink).l()) && Double.isFinite(press.onPaper(ink).b()));
        assertTrue(press.miss(Colour.of(random.nextInt(0x1000000))) >= 0);
        sound++;
      } catch (Trouble told) {
        assertFalse(told.getMessage().isBlank());
        refused++;
      }
    }
    assertTrue(refused > 300 && sound > 300, refused + " refused, " + sound + " sound");
  }
}
