package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.wording.Trouble;

/** The picture that a file manager shows for a job. */
class JobPreviewTest {
  @TempDir Path folder;

  private Path job() throws Exception {
    return Files.write(folder.resolve("a.thimble"), ThimbleFile.bytes(Made.card(Made.background("i1"))));
  }

  @ParameterizedTest
  @ValueSource(ints = {16, 96, 200})
  void itIsNoLargerThanAskedAndKeepsTheJobsProportion(int size) throws Exception {
    Path to = folder.resolve("a.png");
    JobPreview.write(job(), to, size);
    BufferedImage image = ImageIO.read(to.toFile());
    assertEquals(size, Math.max(image.getWidth(), image.getHeight()));
    double wanted = Made.card().ticket().finished().width() / Made.card().ticket().finished().height();
    assertEquals(wanted, (double) image.getWidth() / image.getHeight(), 1.5 / size * 2, "as wide for its height as the job");
  }

  @Test
  void nothingIsWrittenForWhatIsNoJobOrCarriesNone() throws Exception {
    Path to = folder.resolve("a.png");
    Path text = Files.writeString(folder.resolve("b.thimble"), "no job");
    Path bare = folder.resolve("c.thimble");
    Path lying = folder.resolve("d.thimble");
    try (OutputStream file = Files.newOutputStream(bare); ZipOutputStream zip = new ZipOutputStream(file)) {
      zip.putNextEntry(new ZipEntry("job.json"));
    }
    try (OutputStream file = Files.newOutputStream(lying); ZipOutputStream zip = new ZipOutputStream(file)) {
      zip.putNextEntry(new ZipEntry("preview.png"));
      zip.write("<svg/>".getBytes(StandardCharsets.UTF_8));
    }
    for (Path one : new Path[] {text, bare, lying, folder.resolve("none.thimble"), folder}) {
      String told = assertThrows(Trouble.class, () -> JobPreview.write(one, to, 128)).getMessage();
      assertTrue(told.contains(one.getFileName().toString()) && told.endsWith("."), told);
      assertFalse(Files.exists(to));
    }
    assertThrows(IllegalArgumentException.class, () -> JobPreview.write(job(), to, 8));
  }

  @Test
  void damagedJobsGiveAPictureOrASentence() throws Exception {
    byte[] sound = Files.readAllBytes(job());
    Random random = new Random(14);
    Path damaged = folder.resolve("d.thimble");
    Path to = folder.resolve("d.png");
    int told = 0;
    for (int i = 0; i < 400; i++) {
      Files.write(damaged, Damage.damaged(sound, random));
      try {
        JobPreview.write(damaged, to, 64);
        assertTrue(ImageIO.read(to.toFile()).getWidth() <= 64, "seed 14, file " + i);
      } catch (Trouble trouble) {
        told++;
        assertTrue(trouble.getMessage().endsWith("."), "seed 14, file " + i + ": " + trouble.getMessage());
      }
    }
    assertTrue(told > 40 && told < 400, told + " of 400 were told");
  }
}
