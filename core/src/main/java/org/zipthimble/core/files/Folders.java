package org.zipthimble.core.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import java.util.Optional;
import org.zipthimble.core.wording.Trouble;

/**
 * Where the program keeps what is not a job: settings, recovery copies, own objects.
 *
 * @param settings the folder of the settings
 * @param data the folder of all else
 */
public record Folders(Path settings, Path data) {
  private static final String NAME = "zip-thimble";

  /** Both in one folder. */
  public static Folders in(Path folder) {
    return new Folders(folder, folder);
  }

  /**
   * The usual places of a desktop (XDG Base Directory Specification 0.8), or one folder that ZIP_THIMBLE_HOME names.
   *
   * @param environment the environment's variables
   * @param home the person's home folder
   */
  public static Folders usual(Map<String, String> environment, Path home) {
    String own = environment.get("ZIP_THIMBLE_HOME");
    if (own != null && !own.isBlank()) {
      return in(Path.of(own));
    }
    Path config = set(environment, "XDG_CONFIG_HOME").orElse(home.resolve(".config"));
    Path data = set(environment, "XDG_DATA_HOME").orElse(home.resolve(".local").resolve("share"));
    return new Folders(config.resolve(NAME), data.resolve(NAME));
  }

  /**
   * The folder of what is worked out once and may be thrown away at any time (XDG Base Directory Specification 0.8), made where there is
   * none; empty when it cannot be.
   */
  public static Optional<Path> cache(Map<String, String> environment, Path home) {
    String own = environment.get("ZIP_THIMBLE_HOME");
    Path folder = own != null && !own.isBlank() ? Path.of(own).resolve("cache") : set(environment, "XDG_CACHE_HOME")
        .orElse(home.resolve(".cache")).resolve(NAME);
    try {
      return Optional.of(secret(folder));
    } catch (Trouble noCache) {
      return Optional.empty();
    }
  }

  /** The folder of recovery copies. */
  public Path recovery() {
    return data.resolve("recovery");
  }

  /** Where the person's cards of print shops are. */
  public Path shops() {
    return data.resolve("shops");
  }

  /** The folder of the person's own things. */
  public Path things() {
    return data.resolve("things");
  }

  /** The folder of the person's press notebook. */
  public Path press() {
    return data.resolve("press");
  }

  /** The folder of own objects. */
  public Path shelf() {
    return data.resolve("shelf");
  }

  /** The file of the settings. */
  public Path settingsFile() {
    return settings.resolve("settings.json");
  }

  /**
   * Makes a folder where there is none.
   *
   * @throws Trouble when it cannot be made
   */
  public static Path made(Path folder) throws Trouble {
    try {
      return Files.createDirectories(folder);
    } catch (IOException e) {
      throw Trouble.because(e, "file.cannotMakeFolder", folder);
    }
  }

  /**
   * Makes a folder that nobody but the person is to look into, where there is none.
   *
   * @throws Trouble when it cannot be made
   */
  public static Path secret(Path folder) throws Trouble {
    boolean there = Files.isDirectory(folder);
    made(folder);
    try {
      PosixFileAttributeView view = Files.getFileAttributeView(folder, PosixFileAttributeView.class);
      if (!there && view != null) {
        view.setPermissions(PosixFilePermissions.fromString("rwx------"));
      }
      return folder;
    } catch (IOException e) {
      throw Trouble.because(e, "file.cannotMakeFolder", folder);
    }
  }

  private static Optional<Path> set(Map<String, String> environment, String name) {
    return Optional.ofNullable(environment.get(name)).filter(v -> !v.isBlank()).map(Path::of).filter(Path::isAbsolute);
  }
}
