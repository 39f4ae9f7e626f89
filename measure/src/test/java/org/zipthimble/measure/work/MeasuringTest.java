package org.zipthimble.measure.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.samples.DemoShelf;

/** What measures says its figures, explains itself and tells in a sentence what it cannot read. */
class MeasuringTest {
  @TempDir private Path folder;
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();

  private int run(String... arguments) {
    return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
  }

  @Test
  void benchStatesItsFigures() throws Exception {
    Path job = Files.write(folder.resolve("job.thimble"), DemoShelf.open("jar-label.thimble").readAllBytes());
    assertEquals(0, run("bench", job.toString(), "--runs", "1"));
    assertEquals(5, out.toString().strip().lines().count(), out.toString());
    assertEquals(2, run("bench", folder.resolve("gone.thimble").toString()));
    assertEquals(1, err.toString().strip().lines().count(), err.toString());
    assertFalse(err.toString().contains("Exception"), err.toString());
  }

  @ParameterizedTest
  @ValueSource(strings = {"bench", "shapes", "pictures"})
  void everyCommandExplainsItself(String command) {
    assertEquals(0, run(command, "--help"));
    assertTrue(out.toString().contains("zip-thimble " + command), out.toString());
    assertTrue(out.toString().lines().count() > 4, out.toString());
  }
}
