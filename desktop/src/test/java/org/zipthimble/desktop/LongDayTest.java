package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.lang.ref.WeakReference;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.desktop.state.Station;

/**
 * Somebody works all day: edits, undo, stations, lenses, saves. Afterwards the program holds no more memory, threads and open files than
 * after the first hour. A deed every six seconds is 600 an hour; in the usual run an hour has few, with {@code -Dzt.day=8} it is a day.
 */
class LongDayTest extends AtTheBench {
  private static final int HOURS = Integer.getInteger("zt.day", 0);
  private static final int DEEDS_AN_HOUR = HOURS > 0 ? 600 : 40;
  private static final long SEED = 20261129;
  private static final int MOST_OBJECTS = 40;

  /** What is kept for undo is bounded; this much may come and go. An hour of few deeds has not filled what is kept yet. */
  private static final long DAY_BYTES = 48_000_000;
  private static final long ROOM_BYTES = HOURS > 0 ? DAY_BYTES : 150_000_000;
  private static final int ROOM_THREADS = 6;
  private static final int ROOM_FILES = 6;

  private final AtomicReference<Throwable> thrown = new AtomicReference<>();

  @Start
  void start(Stage stage) throws IOException {
    open(stage, 2);
    Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> thrown.compareAndSet(null, e));
  }

  /** What the process holds. */
  private record Held(long bytes, int threads, long files) {}

  /** Always asked at the same station: what is painted at each takes memory of its own. */
  private Held held(FxRobot robot) throws IOException {
    robot.interact(() -> {
      session.stationProperty().set(Station.COMPOSE);
      session.faceIdProperty().set(session.job().faces().get(0).id());
    });
    QuickRobot.settled();
    long bytes = Long.MAX_VALUE;
    for (int i = 0; i < 4; i++) {
      System.gc();
      QuickRobot.settled();
      bytes = Math.min(bytes, Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory());
    }
    try (Stream<Path> open = Files.list(Path.of("/proc/self/fd"))) {
      return new Held(bytes, Thread.activeCount(), open.count());
    }
  }

  private void deed(Random random) {
    List<Item> items = session.face().items();
    Set<String> one = items.isEmpty() ? Set.of() : Set.of(items.get(random.nextInt(items.size())).id());
    String face = session.faceIdProperty().get();
    switch (items.size() >= MOST_OBJECTS ? 2 : random.nextInt(16)) {
      case 0, 1 -> session.apply(Edits.add(face, ItemShape.of(ItemProperties.of(session.job().freshId(), "Bean"),
          Placement.of(random.nextDouble() * 4, random.nextDouble() * 6, 0.3 + random.nextDouble(), 0.3 + random.nextDouble(), 0),
          new Outline.Ellipse(),
          Optional.of(new Colour(random.nextInt(256), random.nextInt(256), random.nextInt(256))), Optional.empty())));
      case 2 -> session.apply(Edits.remove(face, one));
      case 3 -> session.apply(
          Edits.add(face, ItemWords.of(ItemProperties.of(session.job().freshId(), "Words"),
          Placement.of(0.5, random.nextDouble() * 6, 3, 0.5, 0),
          "Packet " + random.nextInt(1000), new WordStyle("Figtree", "Regular", 12, 120, 0, Align.LEFT, Colour.BLACK))));
      case 4, 5, 6 -> session.apply(
          Edits.place(face, one, "edit.place", p -> p.moved(random.nextDouble() * 0.2 - 0.1, random.nextDouble() * 0.2 - 0.1)));
      case 7 -> session.selectionProperty().set(one);
      case 8, 9 -> session.undo();
      case 10 -> session.redo();
      case 11, 12 -> session.stationProperty().set(Station.values()[random.nextInt(Station.values().length)]);
      case 13 -> session.faceIdProperty().set(session.job().faces().get(random.nextInt(session.job().faces().size())).id());
      case 14 -> session.filing().save();
      default -> session.apply(Edits.properties(face, one, "edit.name", p -> p.withName("Bean " + random.nextInt(100))));
    }
  }

  private void hour(FxRobot robot, Random random) {
    for (int i = 0; i < DEEDS_AN_HOUR; i++) {
      robot.interact(() -> deed(random));
      Hand.until(() -> !session.filing().busyProperty().get());
      assertEquals(null, thrown.get(), () -> "deed thrown: " + thrown.get());
    }
  }

  /** The tag is made anew for every choice; a listener of the session that held each one filled the memory over a day. */
  @Test
  void theTagsOfWordsThatWereChosenAreLetGo(FxRobot robot) {
    String face = session.faceIdProperty().get();
    String id = session.job().freshId();
    robot.interact(
        () -> session.apply(Edits.add(face, ItemWords.of(ItemProperties.of(id, "Words"), Placement.of(0.5, 1, 3, 0.5, 0), "Packet",
        new WordStyle("Figtree", "Regular", 12, 120, 0, Align.LEFT, Colour.BLACK)))));
    List<WeakReference<Node>> made = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      robot.interact(() -> session.selectionProperty().set(Set.of(id)));
      QuickRobot.settled();
      robot.lookup("#tag-named-style").tryQuery().ifPresent(node -> made.add(new WeakReference<>(node)));
      robot.interact(() -> session.selectionProperty().set(Set.of()));
      QuickRobot.settled();
    }
    assertEquals(12, made.size(), "the tag was shown each time");
    Hand.until(() -> {
      System.gc();
      return made.stream().filter(node -> node.get() != null).count() <= 3;
    });
  }

  /**
   * By how many bytes the line that fits the hours best (least squares) rises from the first to the last; of three hours, the last less
   * the first. One hour alone tells by some 30 MB what is just being worked out.
   */
  private static double grown(List<Held> hours) {
    double middle = (hours.size() - 1) / 2.0;
    double mean = hours.stream().mapToLong(Held::bytes).average().orElseThrow();
    double together = 0;
    double square = 0;
    for (int i = 0; i < hours.size(); i++) {
      together += (i - middle) * (hours.get(i).bytes() - mean);
      square += (i - middle) * (i - middle);
    }
    return together / square * (hours.size() - 1);
  }

  /** Eight hours of before the tags of words were let go, in MB, and eight since: the measure tells the leak from the noise. */
  @Test
  void theMeasureTellsALeakFromTheNoiseOfSingleHours() {
    assertTrue(grown(day(232, 321, 284, 284, 282, 306, 362, 358)) > DAY_BYTES);
    assertTrue(grown(day(196, 255, 233, 256, 209, 215, 247, 246)) < DAY_BYTES);
    assertEquals(20e6, grown(day(100, 170, 120)), 1, "of three hours, the last less the first");
  }

  private static List<Held> day(long... megabytes) {
    return LongStream.of(megabytes).mapToObj(m -> new Held(m * 1_000_000, 30, 84)).toList();
  }

  @Test
  @EnabledOnOs(OS.LINUX)
  @Timeout(value = 3, unit = TimeUnit.HOURS)
  void aDayLeavesNothingBehind(FxRobot robot) throws Exception {
    Path file = folder.resolve("day.thimble");
    answers.save = Optional.of(file);
    Random random = new Random(SEED);
    robot.interact(() -> session.filing().save());
    Hand.until(() -> Files.exists(file));
    hour(robot, random);
    List<Held> hours = new ArrayList<>(List.of(held(robot)));
    for (int hour = 1; hour < Math.max(3, HOURS); hour++) {
      hour(robot, random);
      hours.add(held(robot));
    }
    System.out.printf(Locale.ROOT, "a day of %d hours, %d deeds each, seed %d: %s%n", hours.size(), DEEDS_AN_HOUR, SEED, hours);
    Held first = hours.get(0);
    Held last = hours.get(hours.size() - 1);
    assertTrue(grown(hours) < ROOM_BYTES, "memory grows by " + Math.round(grown(hours) / 1e6) + " MB over the day: " + hours);
    assertTrue(last.threads() < first.threads() + ROOM_THREADS, "threads are left: " + hours);
    assertTrue(last.files() < first.files() + ROOM_FILES, "files stay open: " + hours);
    robot.interact(() -> session.filing().save());
    Hand.until(() -> !session.filing().busyProperty().get() && !session.filing().unsaved());
    Job again = ThimbleFile.open(file, sentence -> { });
    assertEquals(session.job().faces(), again.faces(), "what was saved at the end of the day opens as it was");
  }
}
