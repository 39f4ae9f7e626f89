package org.zipthimble.core.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.zipthimble.core.files.FileStamp;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.files.SafeWrite;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Guest;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Blob;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.wording.Trouble;

/**
 * A recovery copy of the job on the bench: a folder with the entries of a job file, unpacked, so that a
 * large picture is written once and each further copy is only the small description. The description
 * takes the old one's place in one step. For one thread at a time.
 */
public final class Recovery {
  private static final String NOTE = "note.json";
  private static final ObjectMapper MAPPER = new ObjectMapper();

  private final Path folder;
  private final Set<String> written = new HashSet<>();
  private final Map<String, Job> guests = new HashMap<>();

  /**
   * A copy that a program which is no longer there has left.
   *
   * @param file where its job was saved, if it was
   * @param mark what that file looked like to that program; without one nobody knows whether it has changed since
   */
  public record Left(Path folder, String name, Optional<Path> file, Optional<FileStamp> mark, Instant when) {
    /** Opens it. */
    public Job open() throws Trouble {
      return ThimbleFile.whole(name, () -> entries(folder));
    }

    /** Throws it away. */
    public void discard() throws Trouble {
      Recovery.discard(folder);
    }
  }

  private Recovery(Path folder) {
    this.folder = folder;
  }

  /** A copy of its own for one job on one bench. */
  public static Recovery in(Path root) {
    return new Recovery(root.resolve(UUID.randomUUID().toString()));
  }

  /**
   * Keeps the job as it is.
   *
   * @param file where the job is saved, if it is
   * @param mark what the file there looked like when it was last read or written
   * @throws Trouble when it cannot be written; the copy kept before stays
   */
  public void keep(Job job, Optional<Path> file, Optional<FileStamp> mark, Instant now) throws Trouble {
    Folders.secret(folder);
    for (Picture picture : job.pictures().values()) {
      once(JobDocument.file(picture), picture.blob());
    }
    for (CarriedFont font : job.fonts()) {
      once("fonts/" + font.family() + "/" + font.style() + ".ttf", font.file());
    }
    if (job.colour().own().isPresent()) {
      once(JobDocument.file(job.colour().own().get()), new Blob(job.colour().own().get().bytes()));
    }
    for (Guest guest : job.guests()) {
      if (guests.put(guest.id(), guest.job()) != guest.job()) {
        written.remove(JobDocument.file(guest));
        once(JobDocument.file(guest), new Blob(ThimbleFile.bytes(guest.job())));
      }
    }
    ObjectNode note = MAPPER.createObjectNode();
    note.put("name", job.name()).put("when", now.toString()).put("program", ProcessHandle.current().pid());
    ProcessHandle.current().info().startInstant().ifPresent(start -> note.put("started", start.toString()));
    file.ifPresent(path -> note.put("file", path.toString()));
    mark.ifPresent(m -> note.putObject("mark").put("size", m.size()).put("modified", m.modified().toString()).put("key", m.key()));
    try {
      SafeWrite.secret(folder.resolve("job.json"), ThimbleFile.json(job));
      SafeWrite.secret(folder.resolve(NOTE), MAPPER.writeValueAsBytes(note));
    } catch (IOException e) {
      throw Trouble.because(e, "thimble.cannotPack", job.name());
    }
  }

  /** Throws the copy away, for its job is saved or let go. */
  public void drop() throws Trouble {
    written.clear();
    guests.clear();
    discard(folder);
  }

  /** The copies that programs which are no longer there have left, the newest first. */
  public static List<Left> left(Path root) {
    List<Left> found = new ArrayList<>();
    if (Files.isDirectory(root)) {
      try (Stream<Path> folders = Files.list(root)) {
        folders.filter(Files::isDirectory).forEach(f -> read(f).ifPresent(found::add));
      } catch (IOException | UncheckedIOException unreadable) {
        return List.of();
      }
    }
    found.sort(Comparator.comparing(Left::when).reversed());
    return found;
  }

  private void once(String entry, Blob blob) throws Trouble {
    if (written.contains(entry)) {
      return;
    }
    Path file = folder.resolve(entry);
    if (!file.normalize().startsWith(folder)) {
      throw Trouble.of("thimble.badEntry", entry);
    }
    Folders.made(file.getParent());
    SafeWrite.secret(file, blob.bytes());
    written.add(entry);
  }

  private static Optional<Left> read(Path folder) {
    try {
      JsonNode note = MAPPER.readTree(folder.resolve(NOTE).toFile());
      if (!note.isObject() || alive(note) || !Files.isRegularFile(folder.resolve("job.json"))) {
        return Optional.empty();
      }
      Optional<Path> file = Optional.ofNullable(note.path("file").textValue()).map(Path::of);
      return Optional.of(new Left(folder, note.path("name").asText(), file, mark(note.path("mark")),
          Instant.parse(note.path("when").asText())));
    } catch (IOException | RuntimeException unreadable) {
      return Optional.empty();
    }
  }

  private static Optional<FileStamp> mark(JsonNode mark) {
    return mark.isObject() ? Optional.of(new FileStamp(
        mark.path("size").asLong(), FileTime.from(Instant.parse(mark.path("modified").asText())), mark.path("key").asText()))
        : Optional.empty();
  }

  private static boolean alive(JsonNode note) {
    return ProcessHandle.of(note.path("program").asLong(-1)).filter(ProcessHandle::isAlive)
        .map(p -> p.info().startInstant().map(Instant::toString).orElse("").equals(note.path("started").asText(""))).orElse(false);
  }

  private static Map<String, byte[]> entries(Path folder) throws IOException {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        String name = folder.relativize(file).toString().replace('\\', '/');
        if (!name.equals(NOTE) && !name.endsWith(".part")) {
          entries.put(name, Files.readAllBytes(file));
        }
      }
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
    return entries;
  }

  private static void discard(Path folder) throws Trouble {
    if (!Files.isDirectory(folder)) {
      return;
    }
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(file);
      }
    } catch (IOException | UncheckedIOException e) {
      throw Trouble.because(e, "recovery.cannotDrop", folder);
    }
  }
}
