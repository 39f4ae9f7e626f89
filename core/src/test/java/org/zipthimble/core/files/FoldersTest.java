package org.zipthimble.core.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Stopped;

/** Where things are kept (XDG Base Directory Specification 0.8), and that a file is written whole or not at all. */
class FoldersTest {
  private static final Path HOME = Path.of("/home/wren");
  @TempDir private Path folder;

  @Test
  void withoutVariablesTheUsualFoldersAreTaken() {
    Folders places = Folders.usual(Map.of(), HOME);
    assertEquals(HOME.resolve(".config/zip-thimble"), places.settings());
    assertEquals(HOME.resolve(".local/share/zip-thimble"), places.data());
    assertTrue(places.settingsFile().startsWith(places.settings()));
    assertTrue(places.recovery().startsWith(places.data()));
    assertTrue(places.shelf().startsWith(places.data()));
    assertTrue(places.shops().startsWith(places.data()));
  }

  @Test
  void theDesktopsVariablesAreObeyed() {
    Folders places = Folders.usual(Map.of("XDG_CONFIG_HOME", "/etc/wren", "XDG_DATA_HOME", "/srv/wren"), HOME);
    assertEquals(Path.of("/etc/wren/zip-thimble"), places.settings());
    assertEquals(Path.of("/srv/wren/zip-thimble"), places.data());
  }

  /** "All paths set in these environment variables must be absolute"; a relative one is to be ignored. */
  @ParameterizedTest
  @ValueSource(strings = {"", "relative/folder", "./here"})
  void aPathThatIsNotAbsoluteIsIgnored(String path) {
    assertEquals(HOME.resolve(".config/zip-thimble"), Folders.usual(Map.of("XDG_CONFIG_HOME", path), HOME).settings());
  }

  @Test
  void oneFolderMayHoldItAll() {
    Folders places = Folders.usual(Map.of("ZIP_THIMBLE_HOME", "/opt/thimble", "XDG_DATA_HOME", "/srv/wren"), HOME);
    assertTrue(places.settings().startsWith("/opt/thimble") && places.data().startsWith("/opt/thimble"));
    assertFalse(Folders.usual(Map.of("ZIP_THIMBLE_HOME", " "), HOME).data().startsWith("/opt"));
  }

  private long left() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.count();
    }
  }

  @Test
  void aFileIsReplacedWhole() throws Exception {
    Path file = folder.resolve("beans.txt");
    SafeWrite.write(file, "one".getBytes(StandardCharsets.UTF_8));
    SafeWrite.write(file, "two".getBytes(StandardCharsets.UTF_8));
    assertArrayEquals("two".getBytes(StandardCharsets.UTF_8), Files.readAllBytes(file));
    assertEquals(1, left(), "nothing is left beside it");
  }

  @Test
  void whatFailsHalfWayLeavesTheOldFile() throws Exception {
    Path file = folder.resolve("beans.txt");
    SafeWrite.write(file, "one".getBytes(StandardCharsets.UTF_8));
    Trouble told = assertThrows(Trouble.class, () -> SafeWrite.write(file, out -> {
      out.write("half of tw".getBytes(StandardCharsets.UTF_8));
      throw new IOException("the cable was pulled");
    }, () -> { }));
    assertTrue(told.getMessage().contains("beans.txt"), told.getMessage());
    assertEquals("one", Files.readString(file));
    assertEquals(1, left());
  }

  @Test
  void whatIsStoppedLeavesTheOldFile() throws Exception {
    Path file = folder.resolve("beans.txt");
    SafeWrite.write(file, "one".getBytes(StandardCharsets.UTF_8));
    assertThrows(Stopped.class, () -> SafeWrite.write(file, out -> {
      out.write(7);
      throw new Stopped();
    }, () -> { }));
    assertEquals("one", Files.readString(file));
    assertEquals(1, left());
  }

  @Test
  void whatIsRefusedBeforeTheSwapLeavesTheOldFile() throws Exception {
    Path file = folder.resolve("beans.txt");
    SafeWrite.write(file, "one".getBytes(StandardCharsets.UTF_8));
    assertThrows(Trouble.class, () -> SafeWrite.write(file, out -> out.write(7), () -> {
      throw Trouble.of("file.noFolder", "x");
    }));
    assertEquals("one", Files.readString(file));
    assertEquals(1, left());
  }

  @Test
  void aFolderThatIsNotThereIsNamed() {
    Trouble told = assertThrows(Trouble.class, () -> SafeWrite.write(folder.resolve("no/such/folder/a.txt"), new byte[] {1}));
    assertTrue(told.getMessage().contains("folder"), told.getMessage());
  }

  @Test
  void aFolderInTheFilesPlaceIsNotDestroyed() throws Exception {
    Path place = Files.createDirectory(folder.resolve("beans.txt"));
    Files.writeString(place.resolve("inside.txt"), "kept");
    assertThrows(Trouble.class, () -> SafeWrite.write(place, new byte[] {1}));
    assertEquals("kept", Files.readString(place.resolve("inside.txt")));
    assertEquals(1, left());
  }
}
