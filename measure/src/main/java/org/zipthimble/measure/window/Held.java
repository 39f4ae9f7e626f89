package org.zipthimble.measure.window;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.zipthimble.core.bring.TableIn;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.RowList;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.desktop.Main;
import org.zipthimble.desktop.state.Background;
import org.zipthimble.desktop.state.Preferences;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.samples.DemoShelf;
import org.zipthimble.samples.Scratch;

/**
 * Goes through all stations with the largest demo jobs and a list of 20,000 rows, and names whatever holds the window for longer than a
 * person should wait.
 */
public final class Held extends Application {
  private static final long LONGEST_MILLIS = 200;
  private static final long LOOKS_EVERY = 20;
  private static final int ROWS = 20_000;
  private static final int SETTLE = 20;
  private static final List<String> LARGEST =
      List.of("plot-album.thimble", "planting-calendar.thimble", "sowing-poster.thimble", "jar-stickers.thimble", "tumbler-wrap.thimble",
      "jar-labels.thimble", "tickets.thimble");

  private final Deque<Step> steps = new ArrayDeque<>();
  private final List<String> held = Collections.synchronizedList(new ArrayList<>());
  private volatile String doing = "start";
  private volatile boolean over;
  private Session session;

  private record Step(String name, Runnable deed) {}

  /** Begins the measuring. */
  public static void main(String[] arguments) {
    launch(Held.class, arguments);
  }

  @Override
  public void start(Stage stage) throws IOException {
    session = Main.session(null, new Preferences(Folders.in(Scratch.folder("held"))));
    Main.fill(stage, session);
    for (String name : LARGEST) {
      steps.add(new Step(name + ", read", () -> session.filing().openUnfiled(() -> DemoShelf.job(name))));
      stations(name);
    }
    Job job = session.job();
    RowList rows = rows();
    steps.add(new Step("list of 20,000 rows", () -> session.applyBeside(ListEdits.take(rows))));
    steps.add(new Step("list sorted", () -> session.applyBeside(ListEdits.sort("name", true))));
    stations("list");
    steps.add(new Step("end", () -> session.take(job, Optional.empty())));
    Thread sampler = new Thread(
        () -> watch(Thread.getAllStackTraces().keySet().stream().filter(t -> t.getName().equals("JavaFX Application Thread")).findFirst()
        .orElseThrow()), "held");
    sampler.setDaemon(true);
    walk(sampler);
  }

  private void stations(String name) {
    for (Station station : Station.values()) {
      steps.add(new Step(name + ", " + station.name().toLowerCase(Locale.ROOT), () -> session.stationProperty().set(station)));
    }
  }

  private static RowList rows() {
    String text = "name\tcode\n" + IntStream.range(0, ROWS).mapToObj(i -> "Grower " + (i * 7919 % ROWS) + "\tM-" + i)
        .collect(Collectors.joining("\n"));
    try {
      return TableIn.pasted(text);
    } catch (Trouble broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** One step after another, each once all that was begun by the one before is done. */
  private void walk(Thread sampler) {
    new AnimationTimer() {
      private int quiet;

      @Override
      public void handle(long now) {
        quiet = Background.underWay() == 0 ? quiet + 1 : 0;
        if (quiet < SETTLE) {
          return;
        }
        quiet = 0;
        if (!sampler.isAlive()) {
          sampler.start();
        }
        Step next = steps.poll();
        if (next == null) {
          over = true;
          stop();
          held.forEach(System.out::println);
          System.out.println(held.isEmpty() ? "nothing held the window for more than " + LONGEST_MILLIS + " ms"
              : held.size() + " times the window was held");
          Platform.exit();
          return;
        }
        doing = next.name();
        next.deed().run();
      }
    }.start();
  }

  private void watch(Thread window) {
    try {
      while (!over) {
        long asked = System.nanoTime();
        long worked = ManagementFactory.getThreadMXBean().getThreadCpuTime(window.getId());
        long[] answered = new long[1];
        Platform.runLater(() -> answered[0] = System.nanoTime());
        Map<String, Integer> at = new TreeMap<>();
        while (answered[0] == 0 && !over) {
          Thread.sleep(LOOKS_EVERY);
          if (System.nanoTime() - asked > LOOKS_EVERY * 2_000_000) {
            at.merge(where(window), 1, Integer::sum);
          }
        }
        long millis = (answered[0] - asked) / 1_000_000;
        if (millis > LONGEST_MILLIS && !doing.equals("start")) {
          long own = (ManagementFactory.getThreadMXBean().getThreadCpuTime(window.getId()) - worked) / 1_000_000;
          held.add(String.format(Locale.ROOT, "%s: %d ms, %d ms of them its own work, most at %s", doing, millis, own,
              at.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse("?")));
        }
      }
    } catch (InterruptedException closing) {
      Thread.currentThread().interrupt();
    }
  }

  /** Where the window is: the innermost places of the program. */
  private static String where(Thread window) {
    StackTraceElement[] all = window.getStackTrace();
    List<String> own = Arrays.stream(all).filter(e -> e.getClassName().startsWith("org.zipthimble")).limit(4)
        .map(e -> e.getClassName().substring(e.getClassName().lastIndexOf('.') + 1) + "." + e.getMethodName() + ":" + e.getLineNumber())
        .toList();
    return Stream.concat(Arrays.stream(all).limit(1).map(e -> e.getClassName() + "." + e.getMethodName()), own.stream())
        .collect(Collectors.joining(" < "));
  }
}
