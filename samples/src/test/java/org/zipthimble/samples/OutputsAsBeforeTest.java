package org.zipthimble.samples;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zipthimble.core.job.Destination;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.send.Choice;
import org.zipthimble.core.send.Content;
import org.zipthimble.core.send.FileOrder;
import org.zipthimble.core.send.OutputFormat;
import org.zipthimble.core.send.OutputFormats;
import org.zipthimble.core.send.SendOptions;
import org.zipthimble.core.send.Sender;
import org.zipthimble.core.sheet.PageOptions;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;

/**
 * Every demo job in every kind of file that it allows is as it was when its likeness was kept in {@code outputs/}: what changes how the
 * program is built must not change what leaves it. Where a change is meant, the system property {@code zt.likeness} names the folder where
 * new ones are written.
 */
class OutputsAsBeforeTest {
  private static final double PPI = 60;

  @TempDir
  Path folder;

  /** All of them where a long test is asked for; else a page of each making: inks, cut, split, a list, a thing, a code. */
  static List<String> names() {
    return Boolean.getBoolean("zt.long") ? DemoShelf.NAMES : List.of(
        "foil-invitation.thimble", "window-decal.thimble", "bed-sign.thimble", "place-cards.thimble", "tumbler-wrap.thimble",
        "jar-label.thimble");
  }

  @ParameterizedTest
  @MethodSource("names")
  void whatLeavesIsAsBefore(String name) throws Exception {
    Job job = DemoShelf.job(name);
    Map<String, Likeness> now = new TreeMap<>();
    for (OutputFormat format : OutputFormats.all()) {
      for (Content content : format.contents()) {
        write(job, format, content, SendOptions.USUAL, content.word(), now);
        if (format.choices(content).contains(Choice.PLAIN) && job.colour().to() == Destination.PRINT_SHOP) {
          write(job, format, content, SendOptions.USUAL.withPlain(true), content.word() + "-plain", now);
        }
      }
    }
    String kept = System.getProperty("zt.likeness");
    if (kept != null && !kept.isBlank()) {
      List<String> lines = new ArrayList<>();
      now.forEach((key, likeness) -> lines.add(key + "|" + likeness.written()));
      Files.write(Path.of(kept).resolve(name.replace(".thimble", ".txt")), lines);
      return;
    }
    Map<String, Likeness> before = before(name);
    List<String> unlike = new ArrayList<>();
    before.forEach((key, likeness) -> Optional.ofNullable(now.get(key)).map(likeness::unlike).filter(s -> !s.isEmpty())
        .ifPresent(s -> unlike.add(key + "\n  " + s)));
    assertEquals(before.keySet(), now.keySet());
    assertEquals(List.of(), unlike);
  }

  private void write(Job job, OutputFormat format, Content content, SendOptions how, String as, Map<String, Likeness> now)
      throws Exception {
    Path into = Files.createDirectories(folder.resolve(as + "-" + format.id()));
    FileOrder order = new FileOrder(into.resolve("out" + format.ending()), Optional.of(content), OptionalInt.empty(), Optional.empty(),
        PPI, PageOptions.of(job), how, false);
    try {
      Sender.send(job, order, Progress.SILENT);
    } catch (Trouble refused) {
      now.put(as + " " + format.id(), Likeness.refused(refused.getMessage()));
      return;
    }
    try (Stream<Path> files = Files.list(into)) {
      for (Path file : files.sorted().toList()) {
        now.put(as + " " + file.getFileName(), Likeness.of(file));
      }
    }
  }

  private static Map<String, Likeness> before(String name) throws IOException {
    Map<String, Likeness> kept = new TreeMap<>();
    try (InputStream in = OutputsAsBeforeTest.class.getResourceAsStream("outputs/" + name.replace(".thimble", ".txt"))) {
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList()) {
        kept.put(line.substring(0, line.indexOf('|')), Likeness.read(line.substring(line.indexOf('|') + 1)));
      }
    }
    return kept;
  }
}
