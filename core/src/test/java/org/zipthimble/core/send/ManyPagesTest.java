package org.zipthimble.core.send;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedOutputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.paint.PdfPainter;
import org.zipthimble.core.sheet.Imposition;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/** A thousand pages need no more memory than ten: the same order in a program of its own that is given little of it. */
class ManyPagesTest {
  private static final String HEAP = "-Xmx72m";

  /** Writes a booklet of so many leaves, each made when its turn comes; run by the tests in a Java of its own. */
  public static void main(String[] arguments) throws Exception {
    int pages = Integer.parseInt(arguments[0]);
    PageRun run = new PageRun() {
      @Override
      public int count() {
        return pages;
      }

      @Override
      public DrawnPage at(int i) throws Trouble {
        Job leaf = Made.card(Made.background("g" + i), Made.words("w" + i, "Leaf " + i, 1, 1, 3, 1, Made.style("Fraunces", "Regular", 30)),
            Made.ellipse("e" + i, 1, 3, 2, 2));
        return Imposition.of(leaf, leaf.faces().get(0), PageOptions.of(leaf));
      }
    };
    Path file = Path.of(arguments[1]);
    try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
      PdfPainter.write("Seed book", run, Optional.empty(), 0, out, Progress.SILENT);
    }
    System.out.println("right");
  }

  private static String sent(int pages, Path file) throws Exception {
    Process process = new ProcessBuilder(
        Path.of(System.getProperty("java.home"), "bin", "java").toString(), HEAP, "-Djava.awt.headless=true", "-cp",
        System.getProperty("java.class.path"),
        ManyPagesTest.class.getName(), String.valueOf(pages), file.toString()).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(process.waitFor(10, TimeUnit.MINUTES), "it does not end");
    assertEquals(0, process.exitValue(), said);
    return said;
  }

  private static int pages(Path file) throws Exception {
    Process process = new ProcessBuilder("pdfinfo", file.toString()).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    process.waitFor();
    return said.lines().filter(l -> l.startsWith("Pages:")).map(l -> Integer.parseInt(l.substring(6).strip())).findFirst()
        .orElseThrow(() -> new AssertionError(said));
  }

  @Test
  void aThousandPagesGoWhereTenDo(@TempDir Path folder) throws Exception {
    Path few = folder.resolve("ten.pdf");
    Path many = folder.resolve("thousand.pdf");
    assertTrue(sent(10, few).contains("right"));
    assertTrue(sent(1000, many).contains("right"));
    assertEquals(10, pages(few));
    assertEquals(1000, pages(many));
    assertTrue(Files.size(many) > 20 * Files.size(few));
  }
}
