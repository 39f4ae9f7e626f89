package org.zipthimble.samples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.proof.Measured;
import org.zipthimble.core.proof.PressMeasure;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.work.Progress;

/** The foil edition of the invitation as PDF/X-4, read by three readers that know nothing of each other: PDFBox, Poppler and MuPDF. */
class FoilPressTest {
  @TempDir static Path folder;

  private static Path pdf;
  private static Measured measured;

  @BeforeAll
  static void send() throws Exception {
    Job job = DemoShelf.job("foil-invitation.thimble");
    pdf = folder.resolve("foil.pdf");
    measured = Sender.send(job, FileOrder.of(pdf, OptionalInt.empty(), 300, PageOptions.of(job)), Progress.SILENT).get(0);
  }

  private static String run(String... command) throws Exception {
    Process process = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertTrue(process.waitFor(60, TimeUnit.SECONDS) && process.exitValue() == 0, command[0]);
    return out;
  }

  @Test
  void everyDemandIsMetAndEverySpaceIsInk() throws Exception {
    assertTrue(measured.right(), measured.lines().toString());
    PressMeasure press = PressMeasure.of("foil.pdf", Files.readAllBytes(pdf));
    assertTrue(press.met(), press.demands().toString());
    assertEquals(Set.of("Gold foil"), press.plates());
    assertTrue(Set.of("DeviceCMYK", "DeviceGray", "Separation").containsAll(press.spaces()), press.spaces().toString());
    assertTrue(press.wordInks().contains(List.of(0.0, 0.0, 0.0, 1.0)), "the black words");
  }

  @Test
  void popplerFindsTheBoxesTheFontsAndTheResolutionOfEveryPicture() throws Exception {
    String boxes = run("pdfinfo", "-box", "-f", "1", "-l", "2", pdf.toString()).replaceAll("[ ]+", " ");
    for (int page = 1; page <= 2; page++) {
      assertTrue(boxes.contains("Page " + page + " MediaBox: 0.00 0.00 378.00 522.00"), boxes);
      assertTrue(boxes.contains("Page " + page + " BleedBox: 0.00 0.00 378.00 522.00"), boxes);
      assertTrue(boxes.contains("Page " + page + " TrimBox: 9.00 9.00 369.00 513.00"), boxes);
    }
    int pictures = 0;
    for (String line : run("pdfimages", "-list", pdf.toString()).lines().skip(2).toList()) {
      String[] cells = line.strip().split("\\s+");
      if (cells[5].equals("cmyk")) {
        pictures++;
        assertTrue(Integer.parseInt(cells[12]) >= 300 && Integer.parseInt(cells[13]) >= 300, line);
      } else {
        assertEquals("gray", cells[5], "only the masks of shadows and of what was rubbed out are grey: " + line);
      }
    }
    assertEquals(5, pictures);
    for (String font : run("pdffonts", pdf.toString()).lines().skip(2).toList()) {
      assertTrue(font.matches(".*\\s(yes)\\s+(yes)\\s+(yes|no)\\s.*"), "inside and cut down: " + font);
    }
  }

  /** MuPDF tells each mark with its colours: black words are black ink alone and print over what is below, foil is on its own plate. */
  @Test
  void mupdfFindsTheInksOfEveryMark() throws Exception {
    Set<String> spaces = new TreeSet<>();
    int blackWords = 0;
    int foil = 0;
    for (int page = 1; page <= 2; page++) {
      Matcher marks = Pattern.compile("<(fill_\\w+)([^>]*)>").matcher(run("mutool", "trace", pdf.toString(), String.valueOf(page)));
      while (marks.find()) {
        String mark = marks.group(2);
        Matcher space = Pattern.compile("colorspace=\"([^\"]+)\"").matcher(mark);
        if (space.find()) {
          spaces.add(space.group(1));
        }
        foil += mark.contains("Gold foil") ? 1 : 0;
        if (marks.group(1).equals("fill_text") && mark.contains("color=\"0 0 0 1\"")) {
          blackWords++;
          assertTrue(mark.contains("op=\"1\"") && mark.contains("opm=\"1\""), mark);
        }
      }
    }
    assertEquals(Set.of("DeviceCMYK", "DeviceGray", "Separation(DeviceCMYK,Gold foil)"), spaces);
    assertEquals(5, foil, "three stars and two rules");
    assertTrue(blackWords >= 1);
    String intent = run("mutool", "show", pdf.toString(), "trailer/Root/OutputIntents/1");
    assertTrue(intent.contains("/GTS_PDFX") && intent.contains("CGATS TR 006") && intent.contains("DestOutputProfile"), intent);
  }
}
