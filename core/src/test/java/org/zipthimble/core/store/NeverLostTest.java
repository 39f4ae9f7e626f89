package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.Made;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.files.FileStamp;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** A hard end, a full disk, a folder that is gone: the last good copy is there. */
class NeverLostTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 3, 13, 12, 0);
  /** With {@code -Dzt.kills=500} as many as that. */
  private static final int KILLS = Integer.getInteger("zt.kills", 30);

  @TempDir private Path folder;

  private static Job job(int number) {
    return Made.card(Made.background("i1"), Made.words("i2", "Number " + number, 1, 1, 3, 1, Made.style("Figtree", "Regular", 20)));
  }

  private static Job plain(int number) {
    return Made.card(Made.background("i1"), Made.ellipse("i2", 1, 1, 1, 1)).withName("Number " + number);
  }

  /** Saves again and again, until it is killed; the tests run it as a program of its own. */
  static final class Saver {
    private Saver() {}

    public static void main(String[] arguments) throws Trouble {
      Path file = Path.of(arguments[0]);
      for (int i = 0; ; i++) {
        Versions.save(plain(i), file, NOON.plusSeconds(i));
        if (i == 1) {
          System.out.println("saving");
        }
      }
    }
  }

  @Test
  void killingTheProgramWhileItSavesNeverLosesTheLastGoodCopy() throws Exception {
    Random random = new Random(11);
    List<Integer> pauses = random.ints(KILLS, 0, 40).boxed().toList();
    ExecutorService two = Executors.newFixedThreadPool(2);
    try {
      List<Future<?>> kills = new ArrayList<>();
      for (int i = 0; i < KILLS; i++) {
        int kill = i;
        kills.add(two.submit(() -> {
          kill(folder.resolve("card" + kill + ".thimble"), pauses.get(kill));
          return null;
        }));
      }
      for (Future<?> kill : kills) {
        kill.get();
      }
    } finally {
      two.shutdownNow();
    }
  }

  private static void kill(Path file, int pause) throws Exception {
    ThimbleFile.save(plain(-1), file);
    Process saver = new ProcessBuilder(
        System.getProperty("java.home") + "/bin/java", "-Djava.awt.headless=true", "-XX:TieredStopAtLevel=1", "-cp",
        System.getProperty("java.class.path"), Saver.class.getName(), file.toString())
        .redirectError(ProcessBuilder.Redirect.DISCARD).start();
    assertEquals('s', saver.getInputStream().read(), "it has begun to save");
    // It may end by itself before that; a whole file is a whole file.
    saver.waitFor(pause, TimeUnit.MILLISECONDS);
    saver.destroyForcibly().waitFor();
    assertTrue(ThimbleFile.open(file).name().startsWith("Number "), file.toString());
    for (Versions.Version version : Versions.of(file)) {
      assertEquals(2, ThimbleFile.open(version.file()).faces().get(0).items().size(), "a version is whole or not there");
    }
  }

  @Test
  void aFullDiskIsToldAndWhatStoodThereStays() throws Exception {
    try (FileSystem disk = Jimfs.newFileSystem(Configuration.unix().toBuilder().setMaxSize(200_000).build())) {
      Path file = disk.getPath("/work/card.thimble");
      Files.createDirectories(file.getParent());
      ThimbleFile.save(job(1), file);
      byte[] before = Files.readAllBytes(file);
      Picture large = Made.picture(900, 900);
      Job grown = Made.with(large, Made.photo("i1", large, 1, 1, 3, 3),
          Made.words("i2", "x", 1, 1, 1, 1, Made.style("Cormorant Garamond", "Regular", 9)));
      Trouble full = assertThrows(Trouble.class, () -> Versions.save(grown, file, NOON));
      assertTrue(full.getMessage().contains("no room left") && full.getMessage().contains("card.thimble"), full.getMessage());
      assertArrayEquals(before, Files.readAllBytes(file));
      try (Stream<Path> left = Files.list(file.getParent())) {
        assertEquals(1, left.filter(Files::isRegularFile).count(), "nothing half-made is left");
      }
    }
  }

  @Test
  void eachSaveKeepsWhatItReplacesAndTheNewestTwenty() throws Exception {
    Path file = folder.resolve("card.thimble");
    for (int i = 0; i < 25; i++) {
      Versions.save(job(i), file, NOON.plusSeconds(i));
    }
    List<Versions.Version> versions = Versions.of(file);
    assertEquals(Versions.MOST, versions.size());
    assertEquals(NOON.plusSeconds(24), versions.get(0).when());
    assertEquals(job(23), ThimbleFile.open(versions.get(0).file()));
    assertEquals(job(24), ThimbleFile.open(file));
    Versions.save(job(30), file, NOON.plusSeconds(24));
    assertEquals(NOON.plusSeconds(24).plusNanos(1_000_000), Versions.of(file).get(0).when(), "two in one second are both kept");
  }

  @Test
  void aNumberedCopyNeverTakesATakenName() throws Exception {
    Path file = folder.resolve("card.thimble");
    assertEquals("card 2.thimble", Versions.numbered(file).getFileName().toString());
    Files.writeString(folder.resolve("card 2.thimble"), "x");
    assertEquals("card 3.thimble", Versions.numbered(file).getFileName().toString());
    assertEquals("card 3.thimble", Versions.numbered(folder.resolve("card 2.thimble")).getFileName().toString());
  }

  @Test
  void aFileThatAnotherProgramChangedLooksChanged() throws Exception {
    Path file = folder.resolve("card.thimble");
    assertEquals(Optional.empty(), FileStamp.of(file));
    ThimbleFile.save(job(1), file);
    Optional<FileStamp> mark = FileStamp.of(file);
    assertEquals(mark, FileStamp.of(file));
    Files.writeString(file, "other");
    assertFalse(mark.equals(FileStamp.of(file)));
  }

  @Test
  void theRecoveryCopyFollowsAndWritesAPictureOnce() throws Exception {
    Picture picture = Made.photograph(300, 200);
    Job job = Made.with(picture, Made.photo("i1", picture, 1, 1, 1, 0.66));
    Recovery recovery = Recovery.in(folder);
    recovery.keep(job, Optional.of(Path.of("/there/card.thimble")), Optional.empty(), Instant.EPOCH);
    Path bytes = find("." + picture.kind().ending());
    Instant written = Files.getLastModifiedTime(bytes).toInstant();
    Job later = Edits.rename("Later").change().apply(job);
    recovery.keep(later, Optional.empty(), Optional.empty(), Instant.EPOCH.plusSeconds(9));
    assertEquals(written, Files.getLastModifiedTime(bytes).toInstant());
    assertEquals(List.of(), Recovery.left(folder), "this program is still there");

    Path note = find("note.json");
    Files.writeString(note, Files.readString(note).replaceAll("\"program\":\\d+", "\"program\":999999999"));
    Recovery.Left left = Recovery.left(folder).get(0);
    assertEquals("Later", left.name());
    assertEquals(later, left.open());
    left.discard();
    assertEquals(List.of(), Recovery.left(folder));
    recovery.keep(job, Optional.empty(), Optional.empty(), Instant.EPOCH);
    recovery.drop();
    try (Stream<Path> rest = Files.list(folder)) {
      assertEquals(0, rest.count());
    }
  }

  @Test
  void damagedRecoveryIsASentenceOrNothing() throws Exception {
    Recovery recovery = Recovery.in(folder);
    recovery.keep(job(1), Optional.empty(), Optional.empty(), Instant.EPOCH);
    Path note = find("note.json");
    Files.writeString(note, Files.readString(note).replaceAll("\"program\":\\d+", "\"program\":999999999"));
    Files.writeString(find("job.json"), "{");
    assertThrows(Trouble.class, () -> Recovery.left(folder).get(0).open());
    Files.writeString(note, "not a note");
    assertEquals(List.of(), Recovery.left(folder));
  }

  private Path find(String ending) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      return files.filter(p -> p.toString().endsWith(ending)).findFirst().orElseThrow();
    }
  }

  @Test
  void settingsComeBackAndDamageGivesTheUsualOnes() throws Exception {
    Path file = folder.resolve("a/settings.json");
    Settings changed = Settings.USUAL.withNight(true).withScale(1.5).withScreenPpi(109.2).withNudge(0.1).withSnap(false)
        .withBand(Settings.Band.TOUCH)
        .withGrid(0.5, true).withSheetOrigin(true).without("compose").liking("jar_label")
        .with(new Settings.OwnItem("Wrap", new Size(9.5, 3), 1))
        .after(folder.resolve("card.thimble"));
    changed.write(file);
    assertEquals(changed, Settings.read(file));
    assertFalse(changed.liking("jar_label").favourites().contains("jar_label"));
    Files.writeString(file, "{\"scale\": 99, \"nudge\": -3, \"grid\": \"x\", \"own\": [{\"width\": -1}]}");
    Settings mended = Settings.read(file);
    assertEquals(2, mended.scale());
    assertEquals(Settings.USUAL_NUDGE, mended.nudge());
    assertEquals(List.of(), mended.own());
    Files.writeString(file, "][");
    assertEquals(Settings.USUAL, Settings.read(file));
    assertEquals(Settings.USUAL, Settings.read(folder.resolve("none.json")));
  }

  @Test
  void placesFollowTheDesktopsStandard() {
    Path home = Path.of("/home/odile");
    assertEquals(Path.of("/home/odile/.config/zip-thimble/settings.json"), Folders.usual(Map.of(), home).settingsFile());
    assertEquals(Path.of("/home/odile/.local/share/zip-thimble/recovery"), Folders.usual(Map.of(), home).recovery());
    assertEquals(Path.of("/x/zip-thimble/shelf"), Folders.usual(Map.of("XDG_DATA_HOME", "/x"), home).shelf());
    assertEquals(Path.of("/own/settings.json"), Folders.usual(Map.of("ZIP_THIMBLE_HOME", "/own"), home).settingsFile());
  }

  @Test
  void ownObjectsAreKeptAndTakenWithTheirPictures() throws Exception {
    Picture picture = Made.picture(30, 20);
    Job job = Made.with(picture, Made.photo("i7", picture, 2, 2, 1.5, 1));
    Item item = job.faces().get(0).items().get(0);
    OwnShelf.keep(folder, job, item);
    OwnShelf.keep(folder, job, item);
    List<OwnShelf.Own> all = OwnShelf.all(folder);
    assertEquals(Set.of("Photo i7", "Photo i7 2"), Set.of(all.get(0).name(), all.get(1).name()));
    OwnShelf.Taken taken = OwnShelf.take(all.get(0));
    assertEquals(new Size(1.5, 1), new Size(taken.items().get(0).placement().width(), taken.items().get(0).placement().height()));
    assertTrue(taken.pictures().containsKey(picture.id()));
  }
}
