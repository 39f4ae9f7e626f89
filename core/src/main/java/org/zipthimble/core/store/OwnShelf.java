package org.zipthimble.core.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;

/** Objects of the person's own, each kept as a small job file ({@code docs/job-format.md}) in one folder. */
public final class OwnShelf {
  private static final int LONGEST_NAME = 60;

  /** A kept object. */
  public record Own(String name, Path file) {}

  /** An object taken from the shelf, with the pictures it uses. */
  public record Taken(List<Item> items, Map<String, Picture> pictures) {}

  private OwnShelf() {}

  /**
   * Keeps an object under its name; one of the same name gets a number.
   *
   * @throws Trouble when it cannot be written
   */
  public static Path keep(Path folder, Job job, Item item) throws Trouble {
    Box box = item.placement().around();
    double width = Math.max(Ticket.LEAST_SIDE, Math.min(Ticket.MOST_SIDE, box.width()));
    double height = Math.max(Ticket.LEAST_SIDE, Math.min(Ticket.MOST_SIDE, box.height()));
    String name = item.properties().name().isBlank() ? "object" : item.properties().name();
    Job blank = Job.blank(name, Ticket.usual(name, new Size(width, height)).withBleed(Insets.NONE), List.of("object"));
    Job small = Copies.paste("f1", List.of(item), job.pictures(), -box.x(), -box.y()).change().apply(blank);
    String stem = name.replaceAll("[^\\p{L}\\p{N} -]+", " ").strip();
    stem = stem.isEmpty() ? "object" : stem.substring(0, Math.min(stem.length(), LONGEST_NAME));
    Path file = Folders.made(folder).resolve(stem + ThimbleFile.ENDING);
    Path free = Files.exists(file) ? Versions.numbered(file) : file;
    ThimbleFile.save(small, free);
    return free;
  }

  /** What is kept, by name. */
  public static List<Own> all(Path folder) {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(p -> p.toString().endsWith(ThimbleFile.ENDING)).sorted()
          .map(p -> new Own(p.getFileName().toString().replace(ThimbleFile.ENDING, ""), p)).toList();
    } catch (IOException unreadable) {
      return List.of();
    }
  }

  /**
   * Takes an object from the shelf.
   *
   * @throws Trouble when its file cannot be read
   */
  public static Taken take(Own own) throws Trouble {
    Job job = ThimbleFile.open(own.file());
    return new Taken(job.faces().get(0).items(), job.pictures());
  }
}
