package org.zipthimble.core.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Trouble;

/**
 * Earlier versions of a job file: each save keeps what it replaces, by date, in a folder beside the file
 * that is named after it. The newest {@link #MOST} are kept, and as many that bear a date ahead of today's, left by a clock that ran wrong.
 */
public final class Versions {
  /** How many are kept. */
  public static final int MOST = 20;

  private static final String FOLDER = " versions";
  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd HH-mm-ss.SSS", Locale.ROOT);

  /** An earlier version. */
  public record Version(Path file, LocalDateTime when) {}

  private Versions() {}

  /**
   * Saves a job over its file and keeps what stood there as a version with the date it was replaced.
   *
   * @throws Trouble when either cannot be done; what stood there is untouched then
   */
  public static void save(Job job, Path file, LocalDateTime now) throws Trouble {
    ThimbleFile.save(job, file, () -> keep(file, now));
  }

  /** The versions of a file, the newest first. */
  public static List<Version> of(Path file) {
    Path folder = folder(file);
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(p -> p.toString().endsWith(ThimbleFile.ENDING)).flatMap(Versions::read)
          .sorted(Comparator.comparing(Version::when).reversed()).toList();
    } catch (IOException unreadable) {
      return List.of();
    }
  }

  /** The first name with a number after the file's own that is not taken: {@code card 2.thimble} after {@code card.thimble}. */
  public static Path numbered(Path file) {
    String name = file.getFileName().toString();
    String stem = name.endsWith(ThimbleFile.ENDING) ? name.substring(0, name.length() - ThimbleFile.ENDING.length()) : name;
    String bare = stem.replaceFirst(" \\d{1,6}$", "");
    int number = stem.equals(bare) ? 2 : Integer.parseInt(stem.substring(bare.length() + 1)) + 1;
    Path next = file.resolveSibling(bare + " " + number + ThimbleFile.ENDING);
    while (Files.exists(next)) {
      next = file.resolveSibling(bare + " " + ++number + ThimbleFile.ENDING);
    }
    return next;
  }

  private static void keep(Path file, LocalDateTime now) throws Trouble {
    if (!Files.isRegularFile(file)) {
      return;
    }
    Path folder = Folders.made(folder(file));
    LocalDateTime when = now;
    Path version = folder.resolve(STAMP.format(when) + ThimbleFile.ENDING);
    while (Files.exists(version)) {
      when = when.plusNanos(1_000_000);
      version = folder.resolve(STAMP.format(when) + ThimbleFile.ENDING);
    }
    try {
      linkOrCopy(file, version);
      LocalDateTime last = when;
      Map<Boolean, List<Version>> all = of(file).stream().collect(Collectors.partitioningBy(v -> v.when().isAfter(last)));
      for (List<Version> kept : all.values()) {
        for (Version old : kept.subList(Math.min(MOST, kept.size()), kept.size())) {
          Files.deleteIfExists(old.file());
        }
      }
    } catch (IOException e) {
      throw Trouble.because(e, "version.cannotKeep", file.getFileName());
    }
  }

  private static void linkOrCopy(Path file, Path version) throws IOException {
    try {
      Files.createLink(version, file);
    } catch (IOException | UnsupportedOperationException noLinksHere) {
      Files.copy(file, version);
    }
  }

  private static Path folder(Path file) {
    String name = file.getFileName().toString();
    String stem = name.endsWith(ThimbleFile.ENDING) ? name.substring(0, name.length() - ThimbleFile.ENDING.length()) : name;
    return file.toAbsolutePath().resolveSibling(stem + FOLDER);
  }

  private static Stream<Version> read(Path file) {
    String name = file.getFileName().toString();
    try {
      return Stream.of(new Version(file, LocalDateTime.parse(name.substring(0, name.length() - ThimbleFile.ENDING.length()), STAMP)));
    } catch (RuntimeException notOurs) {
      return Stream.empty();
    }
  }
}
