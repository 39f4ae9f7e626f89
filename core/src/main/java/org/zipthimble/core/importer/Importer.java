package org.zipthimble.core.importer;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Ongoing;

/** A kind of file that can be brought in: what its names end in, what it brings, what must be asked, and how it is read. */
public abstract class Importer {
  /** What a file brings, and so where one chooses it. */
  public enum Brings {
    /** Shapes. */
    DRAWING,
    /** A font. */
    FONT,
    /** Words. */
    WORDS,
    /** Pictures. */
    PICTURES,
    /** Rows. */
    LIST,
    /** Colours. */
    PALETTE
  }

  /** What names end in, with the dot, in small letters, the usual one first. */
  public abstract List<String> endings();

  /** What it brings. */
  public abstract Brings brings();

  /**
   * How many units an inch may have, the likeliest first, for files that do not say how large they are; empty where every file does.
   */
  public List<Double> unitsPerInch() {
    return List.of();
  }

  /** The largest file that is read, in bytes. */
  protected abstract long mostBytes(Bringing how);

  /** The sentence for a larger one; it takes the file's name and the limit in megabytes. */
  protected abstract String tooLarge();

  /**
   * Reads a file's bytes.
   *
   * @throws Trouble with a sentence when they cannot be read or used
   */
  protected abstract Brought read(String name, byte[] bytes, Bringing how) throws Trouble;

  /** Whether a file's name is of this kind. */
  public final boolean named(String fileName) {
    return endings().stream().anyMatch(fileName.toLowerCase(Locale.ROOT)::endsWith);
  }

  /**
   * Reads a file; stopped work ends at {@link Ongoing#check}.
   *
   * @throws Trouble with a sentence when it is too large, or cannot be read or used
   */
  public final Brought read(Path file, Bringing how) throws Trouble {
    String name = file.getFileName().toString();
    try {
      long most = mostBytes(how);
      if (Files.size(file) > most) {
        throw Trouble.of(tooLarge(), name, most / 1_000_000);
      }
      Ongoing.check();
      return read(name, Files.readAllBytes(file), how);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", name);
    }
  }

}
