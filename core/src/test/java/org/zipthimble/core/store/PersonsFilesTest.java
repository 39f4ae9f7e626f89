package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.Made;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.files.FileStamp;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.wording.Trouble;

/** The person's files stay the person's: their rights, their links, their versions, and what of them is damaged. */
class PersonsFilesTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 3, 13, 12, 0);

  @TempDir private Path folder;

  private static Job job() {
    return Made.card(Made.background("i1"), Made.ellipse("i2", 1, 1, 1, 1));
  }

  private static String rights(Path file) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
  }

  private static List<String> names(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(p -> p.getFileName().toString()).sorted().toList();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"rw-------", "rw-rw-r--", "rw-r-----"})
  void aJobKeepsItsRightsWhenItIsSavedAgain(String wanted) throws Exception {
    Path file = folder.resolve("card.thimble");
    ThimbleFile.save(job(), file);
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString(wanted));
    Versions.save(job().withName("Later"), file, NOON);
    assertEquals(wanted, rights(file));
    assertEquals("Later", ThimbleFile.open(file).name());
    assertEquals(wanted, rights(Versions.of(file).get(0).file()), "what was replaced is kept as it was");
  }

  @Test
  void aWriteProtectedFileIsNotReplacedAndSaysSo() throws Exception {
    Path file = folder.resolve("card.thimble");
    ThimbleFile.save(job(), file);
    byte[] before = Files.readAllBytes(file);
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
    Trouble trouble = assertThrows(Trouble.class, () -> Versions.save(job().withName("Later"), file, NOON));
    assertTrue(trouble.getMessage().contains("write-protected"), trouble.getMessage());
    assertArrayEquals(before, Files.readAllBytes(file));
    assertEquals(List.of("card.thimble"), names(folder));
  }

  @Test
  void whatCannotBeMadeIsNotBlamedOnTheDisk() throws Exception {
    Path file = Files.writeString(folder.resolve("card.pdf"), "before");
    Trouble trouble = assertThrows(Trouble.class, () -> SafeWrite.write(file, out -> {
      out.write(new byte[100_000]);
      throw new IOException("no such glyph");
    }, () -> { }));
    assertTrue(trouble.getMessage().contains("could not be worked out"), trouble.getMessage());
    assertEquals("before", Files.readString(file));
    assertEquals(List.of("card.pdf"), names(folder));
  }

  @Test
  void aLinkStaysALinkAndWhatItLeadsToIsWritten() throws Exception {
    Path far = Files.createDirectory(folder.resolve("far")).resolve("card.thimble");
    ThimbleFile.save(job(), far);
    Path link = Files.createSymbolicLink(folder.resolve("near.thimble"), Path.of("far", "card.thimble"));
    ThimbleFile.save(job().withName("Through the link"), link);
    assertTrue(Files.isSymbolicLink(link));
    assertEquals("Through the link", ThimbleFile.open(far).name());
  }

  @Test
  void aFolderIsNeitherOpenedNorReplaced() throws Exception {
    Path place = Files.createDirectory(folder.resolve("card.thimble"));
    assertTrue(assertThrows(Trouble.class, () -> ThimbleFile.open(place)).getMessage().contains("is a folder"));
    assertTrue(assertThrows(Trouble.class, () -> ThimbleFile.save(job(), place)).getMessage().contains("is a folder"));
  }

  @Test
  void recoveryCopiesAndSettingsAreThePersonsAlone() throws Exception {
    Recovery.in(folder.resolve("recovery")).keep(Made.with(Made.picture(20, 20), Made.photo("i1", Made.picture(20, 20), 1, 1, 1, 1)),
        Optional.empty(), Optional.empty(), Instant.EPOCH);
    Settings.USUAL.write(folder.resolve("settings.json"));
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path one : all.filter(Files::isRegularFile).toList()) {
        assertEquals("rw-------", rights(one), one.toString());
      }
    }
    try (Stream<Path> copies = Files.list(folder.resolve("recovery"))) {
      assertEquals(List.of("rwx------"), copies.map(p -> {
        try {
          return rights(p);
        } catch (IOException e) {
          throw new IllegalStateException(e);
        }
      }).toList());
    }
  }

  @Test
  void versionsDatedAheadDoNotKeepNewOnesFromBeingKept() throws Exception {
    Path file = folder.resolve("card.thimble");
    Job job = job();
    for (int i = 0; i < 25; i++) {
      Versions.save(job.withName("ahead " + i), file, NOON.plusYears(80).plusMinutes(i));
    }
    for (int i = 0; i < 25; i++) {
      Versions.save(job.withName("today " + i), file, NOON.plusMinutes(i));
    }
    List<Versions.Version> kept = Versions.of(file);
    assertEquals(2 * Versions.MOST, kept.size());
    List<Versions.Version> today = kept.stream().filter(v -> v.when().isBefore(NOON.plusYears(1))).toList();
    assertEquals(Versions.MOST, today.size());
    assertEquals("today 23", ThimbleFile.open(today.get(0).file()).name());
  }

  @Test
  void whatIsTakenUpKnowsWhetherTheFileHasChangedSince() throws Exception {
    Path file = folder.resolve("card.thimble");
    ThimbleFile.save(job(), file);
    Optional<FileStamp> seen = FileStamp.of(file);
    Recovery.in(folder.resolve("recovery")).keep(job(), Optional.of(file), seen, Instant.EPOCH);
    Path note;
    try (Stream<Path> all = Files.walk(folder)) {
      note = all.filter(p -> p.endsWith("note.json")).findFirst().orElseThrow();
    }
    Files.writeString(note, Files.readString(note).replaceAll("\"program\":\\d+", "\"program\":999999999"));
    assertEquals(seen, Recovery.left(folder.resolve("recovery")).get(0).mark());
    ThimbleFile.save(job().withName("Changed elsewhere"), file);
    assertFalse(Recovery.left(folder.resolve("recovery")).get(0).mark().equals(FileStamp.of(file)));
    Files.writeString(note, Files.readString(note).replaceAll(",\"mark\":\\{[^}]*\\}", ""));
    assertEquals(Optional.empty(), Recovery.left(folder.resolve("recovery")).get(0).mark(),
        "a note of an earlier program says nothing of it");
  }

  @Test
  void partsThatNobodyWritesAnyMoreAreCleanedAwayAndOthersStay() throws Exception {
    Path file = folder.resolve("card.thimble");
    Path left = part(".zip-thimble-", 2);
    Path held = part(".zip-thimble-", 2);
    Path young = part(".zip-thimble-", 0);
    Path earlier = part(".", 2);
    Path earlierOld = part(".", 60 * 48);
    Path foreign = Files.writeString(folder.resolve(".theirs.part"), "x");
    Files.setLastModifiedTime(foreign, FileTime.from(Instant.EPOCH));
    try (FileChannel channel = FileChannel.open(held, StandardOpenOption.WRITE); FileLock lock = channel.lock()) {
      assertTrue(lock.isValid());
      ThimbleFile.save(job(), file);
    }
    assertFalse(Files.exists(left), "left by a kill");
    assertTrue(Files.exists(held), "another program writes it");
    assertTrue(Files.exists(young), "it may be about to be locked");
    assertTrue(Files.exists(earlier), "a program of before does not lock its parts");
    assertFalse(Files.exists(earlierOld));
    assertTrue(Files.exists(foreign), "not one of ours");
  }

  /** As at the start of the program: beside the jobs that were open lately, gone folders and all. */
  @Test
  void partsBesideRecentJobsAreCleanedAway() throws Exception {
    Path other = Files.createDirectories(folder.resolve("other"));
    Path left = part(".zip-thimble-", 2);
    Path there = Files.move(part(".zip-thimble-", 2), other.resolve(".zip-thimble-" + UUID.randomUUID() + ".part"));
    Files.writeString(folder.resolve("a.thimble"), "a");
    SafeWrite.cleanBeside(List.of(folder.resolve("a.thimble"), folder.resolve("b.thimble"), other.resolve("c.thimble"),
        folder.resolve("gone").resolve("d.thimble")));
    assertFalse(Files.exists(left) || Files.exists(there));
    assertTrue(Files.exists(folder.resolve("a.thimble")));
  }

  private Path part(String prefix, int minutes) throws IOException {
    Path part = Files.writeString(folder.resolve(prefix + UUID.randomUUID() + ".part"), "x");
    Files.setLastModifiedTime(part, FileTime.from(Instant.now().minusSeconds(60L * minutes)));
    return part;
  }

  @Test
  void aJobWithABrokenPictureOpensWithoutItSaysSoAndKeepsItsBytes() throws Exception {
    Picture picture = Made.picture(60, 40);
    Path file = folder.resolve("card.thimble");
    ThimbleFile.save(Made.with(picture, Made.background("i1"), Made.photo("i2", picture, 1, 1, 1, 0.66)), file);
    byte[] broken = picture.blob().bytes();
    java.util.Arrays.fill(broken, broken.length / 2, broken.length, (byte) 0);
    Files.write(file, rewritten(Files.readAllBytes(file), picture.id(), broken));
    List<String> told = new ArrayList<>();
    Job job = ThimbleFile.open(file, told::add);
    assertEquals(1, told.size(), told.toString());
    assertTrue(told.get(0).contains("chequers.png") && told.get(0).contains("bytes are kept"), told.get(0));
    assertTrue(Checks.run(job).stream().map(Finding::code).toList().contains("picture-damaged"));
    Path again = folder.resolve("again.thimble");
    ThimbleFile.save(job, again);
    Job opened = ThimbleFile.open(again);
    assertEquals(job, opened);
    assertArrayEquals(broken, opened.pictures().values().iterator().next().blob().bytes());
  }

  /**
   * A file of more than 32 million bytes of pictures opens by what it states of them; what is not so is found afterwards, and nothing is
   * lost or taken for another.
   */
  @Test
  void ofALargeFileThePicturesAreProvedOnceItIsOpen() throws Exception {
    Picture first = noise(1);
    Picture second = noise(2);
    Item one = Made.photo("i2", first, 1, 1, 1, 1);
    Item two = Made.photo("i3", second, 1, 3, 1, 1);
    Path file = folder.resolve("large.thimble");
    Job job = Made.with(first, one).with(second);
    ThimbleFile.save(job.changed("f1", f -> f.withItems(List.of(one, two))), file);
    assertTrue(Files.size(file) > 32_000_000, "the noise does not pack: " + Files.size(file));
    List<String> told = new ArrayList<>();
    Job sound = ThimbleFile.open(file, told::add);
    assertEquals(List.of(), told);
    assertEquals(List.of(), ThimbleFile.changed(sound));
    // the second picture's bytes under the first one's name: a forged file
    Path forged = folder.resolve("forged.thimble");
    Files.write(forged, rewritten(Files.readAllBytes(file), first.id(), second.blob().bytes()));
    Job opened = ThimbleFile.open(forged, told::add);
    assertEquals(List.of(), told);
    List<String> changed = ThimbleFile.changed(opened);
    assertEquals(1, changed.size(), changed.toString());
    assertTrue(changed.get(0).contains("noise 1"), changed.get(0));
    Picture forgedOne = opened.pictures().get(first.id());
    assertNotEquals(first, forgedOne);
    // what was decoded of the true one is not shown for it
    int trueOne = Halvings.SHARED.atLeast(first, 1).getRGB(0, 0);
    assertEquals(Halvings.SHARED.atLeast(second, 1).getRGB(0, 0), Halvings.SHARED.atLeast(forgedOne, 1).getRGB(0, 0));
    assertNotEquals(trueOne, Halvings.SHARED.atLeast(forgedOne, 1).getRGB(0, 0));
    Path again = folder.resolve("again.thimble");
    ThimbleFile.save(opened, again);
    assertArrayEquals(second.blob().bytes(), ThimbleFile.open(again).pictures().get(first.id()).blob().bytes());
  }

  private static Picture noise(int seed) throws Trouble {
    int side = 2_400;
    Random random = new Random(seed);
    BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < side; y++) {
      for (int x = 0; x < side; x++) {
        image.setRGB(x, y, random.nextInt(1 << 24));
      }
    }
    return Pictures.look("noise " + seed, PngFile.bytes(image, 300), Pictures.Limits.USUAL);
  }

  private static byte[] rewritten(byte[] zip, String pictureId, byte[] bytes) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip)); ZipOutputStream to = new ZipOutputStream(out)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        byte[] held = in.readAllBytes();
        to.putNextEntry(new ZipEntry(entry.getName()));
        to.write(entry.getName().contains(pictureId) ? bytes : held);
        to.closeEntry();
      }
    }
    return out.toByteArray();
  }

  @ParameterizedTest
  @ValueSource(strings = {"run.exe", "notes.txt", "pictures/run.exe", "/job.json", "fonts/../x.ttf", "fonts/a/b/c.ttf", "sub/job.json",
      "sub/"})
  void entriesOutsideTheTableAreRefused(String name) throws Exception {
    Trouble trouble = assertThrows(Trouble.class, () -> ThimbleFile.read("card", new ByteArrayInputStream(with(name, 1))));
    assertTrue(trouble.getMessage().contains("no place in a job"), trouble.getMessage());
  }

  @Test
  void ofTwoEntriesOfOneNameNoneIsTakenAndFoldersCount() throws Exception {
    assertThrows(Trouble.class, () -> ThimbleFile.read("card", new ByteArrayInputStream(doubled())));
    Trouble many = assertThrows(Trouble.class,
        () -> ThimbleFile.read("card", new ByteArrayInputStream(with("fonts/", ZipEntries.MOST_ENTRIES))));
    assertTrue(many.getMessage().contains("more than 5000 entries"), many.getMessage());
    assertEquals(job(), ThimbleFile.read("card", new ByteArrayInputStream(with("fonts/Own/", 1))),
        "a folder that belongs there does no harm");
  }

  private static byte[] with(String name, int times) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream to = new ZipOutputStream(out)) {
      to.putNextEntry(new ZipEntry("job.json"));
      to.write(ThimbleFile.json(job()));
      for (int i = 0; i < times; i++) {
        to.putNextEntry(new ZipEntry(times == 1 ? name : name + i + "/"));
      }
    }
    return out.toByteArray();
  }

  /** Two descriptions of one job: the writer of ZIP files of the JDK refuses the second, so its name is put right afterwards. */
  private static byte[] doubled() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream to = new ZipOutputStream(out)) {
      for (String name : List.of("job.json", "job.jso2")) {
        to.putNextEntry(new ZipEntry(name));
        to.write(ThimbleFile.json(job()));
      }
    }
    String bytes = new String(out.toByteArray(), StandardCharsets.ISO_8859_1);
    return bytes.replace("job.jso2", "job.json").getBytes(StandardCharsets.ISO_8859_1);
  }

  @Test
  void oneBadLineOfTheSettingsLeavesTheOthers() throws Exception {
    Path file = folder.resolve("settings.json");
    Settings.USUAL.withNight(true).withScreenPpi(111).withCurrency("€").write(file);
    Files.writeString(file, Files.readString(file).replaceFirst("\"night\" : true,", "\"night\" : tr\"ue,,"));
    Settings read = Settings.read(file);
    assertFalse(read.night(), "that line cannot be read");
    assertEquals(111, read.screenPpi());
    assertEquals("€", read.currency());
  }

  @Test
  void oneDamagedFileOnTheOwnShelfLeavesTheOthers() throws Exception {
    OwnShelf.keep(folder, job(), Made.ellipse("i2", 1, 1, 1, 1));
    Files.write(folder.resolve("Broken.thimble"), new byte[] {'P', 'K', 3, 4, 20, 0, 0, 8, 8, 0, 1, 2, 3, 4, 5});
    Files.write(folder.resolve("Names.thimble"), with("caf\u00e9", 1));
    assertEquals(3, OwnShelf.all(folder).size());
    for (OwnShelf.Own own : OwnShelf.all(folder)) {
      try (java.io.InputStream in = Files.newInputStream(own.file())) {
        ThimbleFile.preview(in);
      }
      if (own.name().startsWith("Ellipse")) {
        assertEquals(1, OwnShelf.take(own).items().size());
      } else {
        assertThrows(Trouble.class, () -> OwnShelf.take(own));
      }
    }
  }
}
