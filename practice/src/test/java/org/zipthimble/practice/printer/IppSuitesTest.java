package org.zipthimble.practice.printer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The suites of Debian's cups-ipp-utils for IPP/1.1 (RFC 8011) and IPP/2.0 (PWG 5100.12), an outside judge. */
class IppSuitesTest {
  @TempDir Path folder;

  @ParameterizedTest
  @ValueSource(strings = {"ipp-1.1.test", "ipp-2.0.test"})
  void nothingOfTheSuiteFails(String suite) throws Exception {
    Path pdf = folder.resolve("page.pdf");
    try (PDDocument document = new PDDocument()) {
      document.addPage(new PDPage(new PDRectangle(612, 792)));
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      Files.write(pdf, out.toByteArray());
    }
    Printer printer = new Printer(PrinterSetup.USUAL.withPace(1).withPpi(72), () -> { });
    try (PrinterServer server = new PrinterServer(0, printer)) {
      String told = run(suite, server.uri(), pdf);
      List<String> passed = told.lines().filter(l -> l.contains("[PASS]")).toList();
      List<String> skipped = told.lines().filter(l -> l.contains("[SKIP]")).toList();
      List<String> failed = told.lines().filter(l -> l.contains("[FAIL]")).toList();
      System.out.println(suite + ": " + passed.size() + " passed, " + skipped.size() + " skipped, " + failed.size() + " failed");
      skipped.forEach(System.out::println);
      assertEquals(List.of(), failed, told);
      assertTrue(passed.size() >= 20, told);
    }
  }

  private String run(String suite, String uri, Path pdf) throws Exception {
    Path out = folder.resolve("told.txt");
    Process process = new ProcessBuilder("ipptool", "-tI", "-f", pdf.toString(), uri, suite).redirectErrorStream(true)
        .redirectOutput(out.toFile()).start();
    assertTrue(process.waitFor(300, TimeUnit.SECONDS), "the suite does not end");
    return Files.readString(out, StandardCharsets.UTF_8);
  }
}
