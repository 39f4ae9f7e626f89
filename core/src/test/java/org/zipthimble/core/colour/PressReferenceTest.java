package org.zipthimble.core.colour;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Our own transform beside Little CMS (Debian's liblcms2-utils) with the same profile. */
class PressReferenceTest {
  @TempDir static Path folder;
  private static Path icc;

  @BeforeAll
  static void profile() throws IOException {
    icc = folder.resolve("p.icc");
    Files.write(icc, Profile.shipped().bytes());
  }

  /** A grid of 7 steps each way, its eight corners and 60 colours by chance: 403 colours. */
  static List<Colour> colours() {
    List<Colour> out = new ArrayList<>();
    for (int i = 0; i < 343; i++) {
      out.add(new Colour(i / 49 * 255 / 6, i / 7 % 7 * 255 / 6, i % 7 * 255 / 6));
    }
    Random random = new Random(5);
    for (int i = 0; i < 60; i++) {
      out.add(new Colour(random.nextInt(256), random.nextInt(256), random.nextInt(256)));
    }
    return out;
  }

  private static List<double[]> lcms(List<String> lines, String... how) throws Exception {
    List<String> command = new ArrayList<>(List.of("transicc", "-n", "-v0"));
    command.addAll(List.of(how));
    Path in = Files.writeString(folder.resolve("in.txt"), String.join("\n", lines) + "\n");
    Path out = folder.resolve("out.txt");
    Process process = new ProcessBuilder(command).redirectInput(in.toFile()).redirectOutput(out.toFile()).start();
    assertTrue(process.waitFor(60, TimeUnit.SECONDS), "transicc ends");
    List<double[]> found = new ArrayList<>();
    for (String line : Files.readString(out, StandardCharsets.US_ASCII).split("\n")) {
      double[] row = Arrays.stream(line.strip().split("\\s+")).filter(w -> w.matches("-?[0-9.]+")).mapToDouble(Double::parseDouble)
          .toArray();
      if (row.length >= 3) {
        found.add(row);
      }
    }
    assertEquals(lines.size(), found.size(), "an answer for each colour");
    return found;
  }

  private static Cmyk ink(double[] percent) {
    return Cmyk.of(Arrays.stream(percent).map(v -> v / 100).toArray());
  }

  @ParameterizedTest
  @CsvSource({"PERCEPTUAL, false", "RELATIVE, false", "SATURATION, false", "ABSOLUTE, false", "RELATIVE, true"})
  void inksAreThoseOfLittleCms(Intent intent, boolean blackPoint) throws Exception {
    List<String> lines = colours().stream().map(c -> c.red() + " " + c.green() + " " + c.blue()).toList();
    List<String> how = new ArrayList<>(List.of("-i*sRGB", "-o" + icc, "-t" + intent.ordinal()));
    if (blackPoint) {
      how.add("-b");
    }
    List<double[]> reference = lcms(lines, how.toArray(String[]::new));
    Press press = Press.of(Profile.shipped(), intent, blackPoint);
    List<Double> apart = new ArrayList<>();
    double mostInk = 0;
    for (int i = 0; i < lines.size(); i++) {
      Cmyk ours = press.ink(colours().get(i));
      Cmyk theirs = ink(reference.get(i));
      apart.add(Difference.ciede2000(press.seen(ours), press.seen(theirs)));
      for (int plate = 0; plate < 4; plate++) {
        mostInk = Math.max(mostInk, Math.abs(ours.parts()[plate] - theirs.parts()[plate]));
      }
    }
    Collections.sort(apart);
    double median = apart.get(apart.size() / 2);
    double most = apart.get(apart.size() - 1);
    System.out.printf(Locale.ROOT, "%s%s: CIEDE2000 median %.4f, largest %.4f, ink largest %.2f %%%n", intent,
        blackPoint ? " with black point" : "", median, most, mostInk * 100);
    assertTrue(median < 0.02, intent + " median " + median);
    assertTrue(most < 0.1, intent + " largest " + most);
  }

  @ParameterizedTest
  @EnumSource(value = Intent.class, names = {"RELATIVE", "ABSOLUTE"})
  void whatIsSeenIsWhatLittleCmsSees(Intent intent) throws Exception {
    Random random = new Random(9);
    List<Cmyk> inks = new ArrayList<>(
        List.of(Cmyk.NONE, Cmyk.BLACK, Cmyk.RICH_BLACK, new Cmyk(1, 0, 0, 0), new Cmyk(0, 1, 0, 0), new Cmyk(0, 0, 1, 0)));
    for (int i = 0; i < 250; i++) {
      inks.add(new Cmyk(random.nextDouble(), random.nextDouble(), random.nextDouble(), random.nextDouble()));
    }
    List<String> lines = inks.stream()
        .map(c -> String.format(Locale.ROOT, "%.6f %.6f %.6f %.6f", c.cyan() * 100, c.magenta() * 100, c.yellow() * 100, c.black() * 100))
        .toList();
    List<double[]> reference = lcms(lines, "-i" + icc, "-o*Lab", "-t" + intent.ordinal());
    Press press = Press.of(Profile.shipped(), intent, false);
    double most = 0;
    for (int i = 0; i < inks.size(); i++) {
      double[] r = reference.get(i);
      Lab ours = intent == Intent.ABSOLUTE ? press.onPaper(inks.get(i)) : press.seen(inks.get(i));
      most = Math.max(most, Difference.ciede2000(ours, new Lab(r[0], r[1], r[2])));
    }
    System.out.printf(Locale.ROOT, "ink seen, %s: CIEDE2000 largest %.4f%n", intent, most);
    assertTrue(most < 0.05, "largest " + most);
  }

  @Test
  void theLabOfAColourIsThatOfLittleCms() throws Exception {
    List<String> lines = colours().stream().map(c -> c.red() + " " + c.green() + " " + c.blue()).toList();
    List<double[]> reference = lcms(lines, "-i*sRGB", "-o*Lab", "-t1");
    double most = 0;
    for (int i = 0; i < lines.size(); i++) {
      double[] r = reference.get(i);
      most = Math.max(most, Difference.ciede2000(Lab.of(colours().get(i)), new Lab(r[0], r[1], r[2])));
      assertEquals(colours().get(i), Lab.of(colours().get(i)).colour(), "there and back");
    }
    assertTrue(most < 0.05, "largest " + most);
  }
}
