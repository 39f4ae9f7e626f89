package org.zipthimble.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.send.OutputFormat;
import org.zipthimble.core.send.OutputFormats;
import org.zipthimble.samples.DemoShelf;

/** What the command line is asked to write, and how it refuses what makes no sense. */
class OutputsTest {
  @TempDir private Path folder;
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();
  private String card;
  private String decal;

  @BeforeEach
  void jobs() throws IOException {
    card = put("swap-invitation.thimble");
    decal = put("window-decal.thimble");
  }

  private String put(String name) throws IOException {
    Path file = folder.resolve(name);
    try (InputStream in = DemoShelf.open(name)) {
      Files.copy(in, file);
    }
    return file.toString();
  }

  private int run(String... arguments) {
    return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
  }

  private String to(String name) {
    return folder.resolve(name).toString();
  }

  private void assertNothingMade(String... beginnings) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.toList()) {
        for (String beginning : beginnings) {
          assertFalse(file.getFileName().toString().startsWith(beginning), file.toString());
        }
      }
    }
  }

  /** Pixels hold no design, blades no pages: nothing is written and the sentence names the endings that would do. */
  @ParameterizedTest
  @CsvSource({"x.png, design, .svg", "x.jpg, sheets, .plt", "x.tif, design, .dxf", "x.dxf, pages, .pdf", "x.plt, design, .svg",
      "x.svg, assembly, .pdf", "x.pdf, design, .dxf"})
  void aMismatchedWishIsRefused(String name, String as, String would) throws IOException {
    assertEquals(2, run("make", decal, "--to", to(name), "--as", as));
    assertTrue(err.toString().contains(name) && err.toString().contains(would), err.toString());
    assertFalse(err.toString().contains("Exception"), err.toString());
    assertNothingMade("x");
  }

  @ParameterizedTest
  @ValueSource(strings = {"--quality 80", "--packing zip", "--open", "--pictures ink", "--lane Cream"})
  void whatIsSaidOfOtherFilesIsRefused(String options) throws IOException {
    String[] said = options.split(" ");
    String[] all = new String[4 + said.length];
    all[0] = "make";
    all[1] = decal;
    all[2] = "--to";
    all[3] = to(said[0].equals("--lane") ? "y.png" : "y.svg");
    System.arraycopy(said, 0, all, 4, said.length);
    assertEquals(2, run(all), out.toString());
    assertFalse(err.toString().isBlank());
    assertNothingMade("y");
  }

  @ParameterizedTest
  @CsvSource({"--packing, tight", "--quality, 500", "--pictures, oil", "--as, everything", "--ppi, 0", "--face, none"})
  void aValueThatIsNoneIsRefused(String option, String value) throws IOException {
    assertEquals(2, run("make", card, "--to", to("z.tif"), option, value));
    assertFalse(err.toString().isBlank() || err.toString().contains("\tat "), err.toString());
    assertNothingMade("z");
  }

  @Test
  void aFaceIsChosenForPagesAndNotForABlade() throws IOException {
    assertEquals(0, run("make", card, "--to", to("one.png"), "--face", "2", "--ppi", "72"), err.toString());
    assertEquals(2, run("make", decal, "--to", to("one.dxf"), "--face", "1"));
    assertTrue(err.toString().contains("face"), err.toString());
    assertFalse(Files.exists(folder.resolve("one.dxf")));
  }

  @Test
  void packingChoosesHowATiffIsPacked() throws IOException {
    assertEquals(0, run("make", card, "--to", to("l.tif"), "--packing", "lzw", "--ppi", "100", "--face", "1"), err.toString());
    assertEquals(0, run("make", card, "--to", to("z.tif"), "--packing", "zip", "--ppi", "100", "--face", "1"), err.toString());
    assertTrue(Files.size(folder.resolve("l.tif")) != Files.size(folder.resolve("z.tif")));
  }

  @Test
  void oneBadWishAmongGoodOnesIsTold() throws IOException {
    int code = run("make", decal, "--to", to("good.svg"), "--to", to("bad.gif"));
    assertEquals(2, code);
    assertTrue(err.toString().contains("bad.gif"), err.toString());
    assertNothingMade("bad");
  }

  @ParameterizedTest
  @ValueSource(strings = {"make", "check", "preview"})
  void everyCommandExplainsItself(String command) {
    assertEquals(0, run(command, "--help"));
    assertTrue(out.toString().contains("zip-thimble " + command), out.toString());
    assertTrue(out.toString().lines().count() > 4, out.toString());
  }

  @Test
  void theHelpOfMakeNamesEveryKindOfFile() {
    run("make", "--help");
    for (OutputFormat format : OutputFormats.all()) {
      assertTrue(out.toString().contains(format.ending()), format.ending());
    }
  }

  @Test
  void theVersionIsTold() {
    assertEquals(0, run("--version"));
    assertTrue(out.toString().contains("Zip Thimble"), out.toString());
  }

  @ParameterizedTest
  @ValueSource(strings = {"sew", "--sew", "make --to a.pdf", "check"})
  void aCommandThatIsNoneIsTold(String line) {
    assertEquals(2, run(line.split(" ")));
    assertFalse(err.toString().isBlank() || err.toString().contains("Exception"), err.toString());
  }
}
