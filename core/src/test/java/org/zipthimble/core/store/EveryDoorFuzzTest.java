package org.zipthimble.core.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zipthimble.core.wording.Trouble;

/**
 * Damaged and made-up bytes at every door by which files and typed text come in. Each gives a clear sentence or something sound, and what
 * is taken in can be saved and opened again. The seeds are fixed; with {@code -Dzt.fuzz=MINUTES} new ones are tried for that long, and
 * printed.
 *
 * <p>An input is stuck when its work does not end while another thread of the same machine does a number of steps beside it: a count, not
 * a clock.
 */
class EveryDoorFuzzTest {
  private static final int EACH = 800;
  private static final int STEPS = 60_000;
  private static final long NEW_SEEDS_MINUTES = Long.getLong("zt.fuzz", 0);
  @TempDir Path folder;
  private final Map<String, int[]> told = new TreeMap<>();

  /** Tries one input; false when it was refused with a sentence. */
  private static boolean taken(Doors.Door door, byte[] bytes) throws Exception {
    try {
      door.take(bytes);
      return true;
    } catch (Trouble trouble) {
      assertTrue(trouble.getMessage() != null && !trouble.getMessage().isBlank() && !trouble.getMessage().contains("Exception"),
          "a sentence: " + trouble.getMessage());
      return false;
    }
  }

  private void tried(String name, Doors.Entry entry, long seed) throws Exception {
    Random random = new Random(seed);
    tried(name, entry, Damage.damaged(entry.sound().get(random.nextInt(entry.sound().size())), random), "seed " + seed);
  }

  private void tried(String name, Doors.Entry entry, byte[] bytes, String what) throws Exception {
    CompletableFuture<Boolean> work = new CompletableFuture<>();
    Thread thread = new Thread(() -> {
      try {
        work.complete(taken(entry.door(), bytes));
      } catch (Throwable failed) {
        work.completeExceptionally(failed);
      }
    }, name);
    thread.setDaemon(true);
    thread.start();
    int[] counts = told.computeIfAbsent(name, n -> new int[2]);
    try {
      counts[ended(work) ? 0 : 1]++;
    } catch (Exception | AssertionError wrong) {
      Path kept = Path.of("target", "fuzz", (name + " " + what).replace(' ', '-'));
      Files.createDirectories(kept.getParent());
      Files.write(kept, bytes);
      throw new AssertionError(name + ", " + what + ", kept as " + kept + ": " + wrong, wrong);
    }
  }

  /** Waits for work while it counts steps of its own. */
  private static boolean ended(CompletableFuture<Boolean> work) throws Exception {
    MessageDigest digest = MessageDigest.getInstance("SHA-256");
    byte[] step = new byte[1 << 15];
    for (int steps = 0; steps < STEPS; steps++) {
      try {
        return work.get(steps == 0 ? 50_000 : 0, TimeUnit.MICROSECONDS);
      } catch (TimeoutException still) {
        step = Arrays.copyOf(digest.digest(step), step.length);
      }
    }
    throw new AssertionError("stuck: not done after " + STEPS + " steps beside it");
  }

  /** What these long runs found: letters, curves and dashes of a page without end. */
  @Test
  void whatWasStuckOnceIsNot() throws Exception {
    Doors.Entry pages = new Doors(folder).all().get("PDF");
    String page = new String(Doors.plainPdf(), StandardCharsets.UTF_8);
    for (String endless : List.of("/F1 1999999999992 Tf", "/F1 12 Tf 1e12 0 0 1e12 0 0 Tm")) {
      tried("PDF", pages, Doors.utf8(page.replace("/F1 12 Tf", endless)), "large letters");
    }
    tried("PDF", pages, Doors.utf8(page.replace("0 0 m 10 20 30 40 50 60 c", "0 0 m 1000000000000 20 30 4000000000000 50 60 c")),
        "far curves");
    tried("PDF", pages, Doors.utf8(page.replace("1 0 0 RG", "1 0 0 RG [0.0000001] 0 d")), "dashes without length");
    tried("PDF", pages, Doors.utf8(page.replace("0 0 50 40 re f", "[0.001 0.001] 0 d -9000000 0 90000000 40 re S")), "dashes without end");
    assertEquals(5, told.get("PDF")[0] + told.get("PDF")[1]);
  }

  /** Which half of the doors this class tries, 0 or 1: two halves take the time of one beside each other. */
  int half() {
    return 0;
  }

  private Map<String, Doors.Entry> doors() throws Exception {
    Map<String, Doors.Entry> all = new Doors(folder).all();
    if (NEW_SEEDS_MINUTES > 0) {
      return all;
    }
    List<String> names = List.copyOf(all.keySet());
    Map<String, Doors.Entry> doors = new LinkedHashMap<>();
    for (int i = half(); i < names.size(); i += 2) {
      doors.put(names.get(i), all.get(names.get(i)));
    }
    return doors;
  }

  @Test
  void everyDoorGivesASentenceOrSomethingSound() throws Exception {
    Map<String, Doors.Entry> doors = doors();
    for (Map.Entry<String, Doors.Entry> one : doors.entrySet()) {
      for (byte[] sound : one.getValue().sound()) {
        assertTrue(taken(one.getValue().door(), sound), one.getKey() + " takes what is sound");
      }
    }
    if (NEW_SEEDS_MINUTES > 0) {
      long first = System.nanoTime();
      long end = first + TimeUnit.MINUTES.toNanos(NEW_SEEDS_MINUTES);
      System.out.println("new seeds from " + first);
      for (long seed = first; System.nanoTime() < end; seed++) {
        for (Map.Entry<String, Doors.Entry> one : doors.entrySet()) {
          tried(one.getKey(), one.getValue(), seed);
        }
      }
    } else {
      for (Map.Entry<String, Doors.Entry> one : doors.entrySet()) {
        for (int seed = 0; seed < EACH; seed++) {
          tried(one.getKey(), one.getValue(), seed);
        }
      }
    }
    told.forEach((name, counts) -> System.out.println(
        name + ": " + counts[0] + " taken in and kept, " + counts[1] + " refused with a sentence"));
    told.forEach((name, counts) -> assertTrue(counts[0] + counts[1] > 0, name));
  }
}
