package org.zipthimble.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;

/** The commands as a process of their own, with the settings of a person. */
class ProcessTest {
  @TempDir private Path folder;
  private String said = "";

  private int run(String... arguments) throws Exception {
    List<String> command = new ArrayList<>(
        List.of(System.getProperty("java.home") + "/bin/java", "-Djava.awt.headless=true", "-XX:TieredStopAtLevel=1",
        "-Xlog:class+load:file=" + folder.resolve("classes.txt"), "-cp", System.getProperty("java.class.path"), Main.class.getName()));
    command.addAll(List.of(arguments));
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(folder.resolve("said.txt").toFile());
    builder.environment().put("ZIP_THIMBLE_HOME", folder.resolve("home").toString());
    Process process = builder.start();
    assertTrue(process.waitFor(300, TimeUnit.SECONDS));
    said = Files.readString(folder.resolve("said.txt"), StandardCharsets.UTF_8);
    return process.exitValue();
  }

  private String job(String greeting) throws Exception {
    Job job = StandardItem.blank("Card", StandardItem.INVITATION.size(), 1).changed("f1", f -> f.withItems(List.of(
        ItemShape.of(ItemProperties.of("i1", "Ground"), Placement.of(-0.125, -0.125, 5.25, 7.25, 0), new Outline.Rectangle(0),
        Optional.of(Colour.of(0xFBF5E6)), Optional.empty()),
        ItemWords.of(ItemProperties.of("i2", "Greeting"), Placement.of(1, 2, 3, 1, 0), greeting,
        new WordStyle("Figtree", "Regular", 18, 120, 0, Align.CENTRE, Colour.BLACK)))));
    Path file = folder.resolve("card.thimble");
    ThimbleFile.save(job, file);
    return file.toString();
  }

  @Test
  void wordsThatThePersonCallsRightAreRightInCommandsToo() throws Exception {
    String job = job("Come and swop your zinneas");
    run("check", job);
    assertTrue(said.contains("zinneas"), said);
    Folders places = Folders.in(folder.resolve("home"));
    Files.createDirectories(places.settingsFile().getParent());
    Settings.USUAL.withWords(List.of("zinneas", "swop")).write(places.settingsFile());
    run("check", job);
    assertFalse(said.contains("zinneas"), said);
  }

  /** The rules of the dictionary take longer to read than a small job takes to be made. */
  @Test
  void whereAllWordsAreKnownTheDictionarysRulesAreNotRead() throws Exception {
    run("check", job("Come and swap your SEEDS on Saturday"));
    assertFalse(Files.readString(folder.resolve("classes.txt")).contains("hunspell.Dictionary"));
    run("check", job("Come and swap your seedz"));
    assertTrue(said.contains("seedz"), said);
    assertTrue(Files.readString(folder.resolve("classes.txt")).contains("hunspell.Dictionary"));
  }

  @Test
  void settingsThatCannotBeReadKeepNobodyFromMakingAFile() throws Exception {
    String job = job("Come and swop your zinneas");
    Folders places = Folders.in(folder.resolve("home"));
    Files.createDirectories(places.settingsFile().getParent());
    Files.writeString(places.settingsFile(), "{ no settings");
    Path png = folder.resolve("card.png");
    assertEquals(0, run("make", job, "--to", png.toString(), "--ppi", "60"), said);
    BufferedImage image = ImageIO.read(png.toFile());
    assertEquals(315, image.getWidth(), "5.25 in at 60 ppi");
    assertEquals(0xFBF5E6, image.getRGB(2, 2) & 0xFFFFFF);
  }

  @Test
  void whatCannotBeDoneIsSaidInASentenceAndByTheCode() throws Exception {
    assertEquals(2, run("make", folder.resolve("none.thimble").toString(), "--to", folder.resolve("a.png").toString()));
    assertTrue(said.contains("none.thimble") && !said.contains("Exception") && !said.contains("\tat "), said);
    assertEquals(0, run("--version"));
    assertTrue(said.contains("Zip Thimble"), said);
  }
}
