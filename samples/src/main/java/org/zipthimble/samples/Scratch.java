package org.zipthimble.samples;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;

/** Folders of a run that measures, takes pictures or tests; they are gone when it ends. */
public final class Scratch {
  private static final List<Path> FOLDERS = new CopyOnWriteArrayList<>();

  static {
    Runtime.getRuntime().addShutdownHook(new Thread(() -> FOLDERS.forEach(Scratch::delete), "scratch"));
  }

  private Scratch() {}

  /**
   * A new folder among those of the machine that are temporary.
   *
   * @throws IOException when there is no room for it
   */
  public static Path folder(String name) throws IOException {
    Path folder = Files.createTempDirectory(name);
    FOLDERS.add(folder);
    return folder;
  }

  private static void delete(Path folder) {
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(path);
      }
    } catch (IOException left) {
      // what is written at this very moment stays
    }
  }
}
