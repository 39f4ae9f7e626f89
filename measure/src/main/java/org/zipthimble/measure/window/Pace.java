package org.zipthimble.measure.window;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.stage.Stage;
import org.zipthimble.core.arrange.PlacedBox;
import org.zipthimble.core.bring.OrnamentShelf;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Shaping;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.form.Drawings;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.HasOutline;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemProperties;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.job.Face;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.StandardItem;
import org.zipthimble.core.shape.Nodes;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.units.Size;
import org.zipthimble.desktop.Main;
import org.zipthimble.desktop.Workbench;
import org.zipthimble.desktop.state.Preferences;
import org.zipthimble.desktop.state.Session;
import org.zipthimble.desktop.state.Station;
import org.zipthimble.samples.Scratch;

/**
 * States how fast the bench is: frame times while objects are dragged and while the bench is zoomed, and how soon a tray button answers
 * the first time.
 */
public final class Pace extends Application {
  private static final int STORY_WORDS = 3_000;
  private static final int KEYS = 120;
  private static final int FRAMES = 90;
  private static final int SETTLE = 30;
  private static final int POINTS = 2000;
  private static final double WHEEL = 1.075;

  private final Deque<Runnable> runs = new ArrayDeque<>();
  private Session session;
  private Workbench workbench;

  /** Begins the measuring. */
  public static void main(String[] arguments) {
    launch(Pace.class, arguments);
  }

  @Override
  public void start(Stage stage) throws IOException {
    session = Main.session(null, new Preferences(Folders.in(Scratch.folder("pace"))));
    workbench = Main.fill(stage, session);
    if (getParameters().getUnnamed().contains("uses")) {
      firstUses(new ArrayDeque<>(List.of("words", "rectangle", "ellipse", "line", "shape", "border", "form", "mounts", "ornament")));
      return;
    }
    if (getParameters().getUnnamed().contains("typing")) {
      session.take(story(), Optional.empty());
      typing();
      return;
    }
    for (int count : new int[] {300, 2000}) {
      runs.add(() -> run(count, "one object dragged", frame -> drag(Set.of("i1"), frame)));
      runs.add(() -> run(count, "all objects dragged", frame -> drag(all(), frame)));
      runs.add(() -> run(count, "zoomed", frame -> {
        workbench.bench().zoom(frame % 30 < 15 ? WHEEL : 1 / WHEEL);
      }));
    }
    runs.add(this::points);
    session.take(busy(1), Optional.empty());
    next();
  }

  /**
   * Presses each button of the tray for the first time, once all has been made ready while idle, and states when what it gives has been
   * drawn.
   */
  private void firstUses(Deque<String> buttons) {
    new AnimationTimer() {
      private int frame;
      private long pressed;
      private String what = "";
      private final List<String> took = new ArrayList<>();

      @Override
      public void handle(long now) {
        frame++;
        if (frame == SETTLE * 2) {
          session.stationProperty().set(Station.COMPOSE);
        }
        if (frame < SETTLE * 3) {
          return;
        }
        // the press is made at the beginning of one frame; two frames on, what it gave has been drawn
        if (pressed != 0 && frame % SETTLE == 2) {
          took.add(String.format(Locale.ROOT, "%s %.0f ms", what, (System.nanoTime() - pressed) / 1e6));
          pressed = 0;
        } else if (pressed == 0 && frame % SETTLE == 0 && buttons.isEmpty()) {
          stop();
          System.out.println("first use of a tray button, drawn after: " + String.join(", ", took));
          Platform.exit();
        } else if (pressed == 0 && frame % SETTLE == 0) {
          what = buttons.poll();
          pressed = System.nanoTime();
          ((Button) workbench.lookup("#add-" + what)).fire();
        }
      }
    }.start();
  }

  /** A page with a story of 3,000 words, over three columns. */
  private static Job story() {
    StringBuilder text = new StringBuilder();
    String[] words = {"bean", "pea", "leek", "seed", "sow", "row", "soil", "rake", "plot", "corn"};
    for (int i = 0; i < STORY_WORDS; i++) {
      text.append(words[(i * 7 + i / 13) % words.length]).append(i % 60 == 59 ? ".\n" : " ");
    }
    HoldsWords block = ItemWords.of(ItemProperties.of("i1", "Story"), Placement.of(0.5, 0.5, 10, 16, 0), text.toString().strip(),
        new WordStyle("Alegreya", "Regular", 9, 120, 0, Align.LEFT, Colour.BLACK));
    return StandardItem.blank("Pace", new Size(11, 17), 1)
        .withFaces(List.of(Face.of("f1", "front", List.of(block.withSetting(block.setting().withColumns(3))))));
  }

  /** Types letters into the middle of the story and states how long each takes until the caret and the letters are painted. */
  private void typing() {
    session.stationProperty().set(Station.COMPOSE);
    new AnimationTimer() {
      private int frame;
      private int keys;
      private long pressed;
      private long wanted;
      private final List<Double> caret = new ArrayList<>();
      private final List<Double> letters = new ArrayList<>();

      @Override
      public void handle(long now) {
        frame++;
        if (frame == SETTLE) {
          workbench.bench().fit();
          session.typing().beginAll("i1");
          session.typing().moveTo(STORY_WORDS * 2, false);
        }
        if (frame < SETTLE * 3) {
          return;
        }
        if (pressed == 0) {
          wanted = workbench.bench().painted() + 1;
          pressed = System.nanoTime();
          session.typing().type(keys % 6 == 5 ? " " : "e");
          // the lines of the bench, the caret among them, are drawn with this very frame
          caret.add((System.nanoTime() - pressed) / 1e6);
        } else if (workbench.bench().painted() >= wanted) {
          letters.add((System.nanoTime() - pressed) / 1e6);
          pressed = 0;
          if (++keys == KEYS) {
            stop();
            System.out.println(
                String.format(Locale.ROOT,
                "%d keys in %d words: key to caret median %.1f ms, 95th %.1f ms; key to letters painted median %.1f ms, 95th %.1f ms",
                KEYS, STORY_WORDS, at(caret, 0.5), at(caret, 0.95), at(letters, 0.5), at(letters, 0.95)));
            Platform.exit();
          }
        }
      }
    }.start();
  }

  /** Drags 2,000 chosen points of one outline, as the hand on the bench does. */
  private void points() {
    Path.Builder wave = Path.build();
    for (int i = 0; i < POINTS; i++) {
      Point p = new Point(0.5 + 9.0 * i / POINTS, 4 + i % 2 * 0.5);
      wave = i == 0 ? wave.start(p.x(), p.y()) : wave.curve(p.x() + 0.002, p.y(), p.x(), p.y() + 0.002, p.x(), p.y());
    }
    Path outline = wave.line(5, 8).close().path();
    HasOutline shape = Drawings.shape(ItemProperties.of("i1", "Wave"), outline, Optional.of(Colour.of(0x5D8A4E)), Optional.empty());
    Job job = StandardItem.blank("Pace", new Size(11, 8.5), 1).withFaces(List.of(Face.of("f1", "front", List.of(shape))));
    List<Nodes.At> all = Nodes.of(outline).stream().map(Nodes.Node::at).toList();
    measure(job, all.size(), "chosen points dragged", () -> {
      session.selection().pointsProperty().set(Optional.of("i1"));
      session.selection().chosenPointsProperty().set(new HashSet<>(all));
    }, frame -> session.tryOut(Shaping.redraw("f1", "i1", Nodes.moved(outline, all, 0.02 * frame % 1, 0.01 * frame % 1),
        "edit.pointMove")));
  }

  private void next() {
    if (runs.isEmpty()) {
      Platform.exit();
    } else {
      runs.poll().run();
    }
  }

  private Set<String> all() {
    return session.face().items().stream().map(Item::id).collect(Collectors.toSet());
  }

  private void drag(Set<String> ids, int frame) {
    Edit edit = PlacedBox.shift("f1", "edit.move", ids, 0.02 * frame % 1, 0.01 * frame % 1);
    workbench.bench().moved(0.02 * frame % 1, 0.01 * frame % 1);
    session.tryOut(edit);
  }

  private void run(int count, String what, IntConsumer each) {
    measure(busy(count), count, "objects, " + what, () -> session.selectionProperty().set(what.startsWith("all") ? all() : Set.of("i1")),
        each);
  }

  private void measure(Job job, int count, String what, Runnable prepare, IntConsumer each) {
    session.take(job, Optional.empty());
    session.stationProperty().set(Station.COMPOSE);
    session.selectionProperty().set(Set.of("i1"));
    prepare.run();
    workbench.bench().fit();
    List<Double> frames = new ArrayList<>();
    List<Double> work = new ArrayList<>();
    long[] painted = {workbench.bench().painted()};
    new AnimationTimer() {
      private int frame;
      private long before;
      private long began;

      @Override
      public void handle(long now) {
        if (frame == SETTLE) {
          painted[0] = workbench.bench().painted();
          began = now;
        }
        if (frame > SETTLE) {
          frames.add((now - before) / 1e6);
        }
        before = now;
        if (frame++ >= SETTLE + FRAMES) {
          stop();
          session.dropTry();
          workbench.bench().letGo();
          double rate = (workbench.bench().painted() - painted[0]) / ((now - began) / 1e9);
          System.out.println(
              String.format(Locale.ROOT,
              "%d %s: frame median %.1f ms, 95th %.1f ms; edit and lines median %.1f ms, 95th %.1f ms; art redrawn %.0f times a second",
              count, what, at(frames, 0.5), at(frames, 0.95), at(work, 0.5), at(work, 0.95), rate));
          Platform.runLater(Pace.this::next);
          return;
        }
        long begin = System.nanoTime();
        each.accept(frame);
        work.add((System.nanoTime() - begin) / 1e6);
      }
    }.start();
  }

  private static double at(List<Double> values, double share) {
    List<Double> sorted = new ArrayList<>(values);
    Collections.sort(sorted);
    return sorted.get((int) Math.min(sorted.size() - 1, Math.floor(share * sorted.size())));
  }

  /** A face with this many objects: ornaments, words and shapes in turn. */
  private static Job busy(int count) {
    Job blank = StandardItem.blank("Pace", new Size(11, 8.5), 1);
    List<Item> items = new ArrayList<>();
    WordStyle style = new WordStyle("Alegreya", "Regular", 9, 120, 0, Align.LEFT, Colour.BLACK);
    int id = 1;
    int across = (int) Math.ceil(Math.sqrt(count * 1.3));
    double step = 10.0 / across;
    for (int i = 0; i < count; i++) {
      Point at = new Point(0.5 + i % across * step, 0.5 + i / across * step);
      Item item = i % 5 == 0
          ? ItemWords.of(ItemProperties.of("i" + id, "Words " + i), Placement.of(at.x() - step / 2, at.y() - 0.1, step, 0.3, 0),
          "Bean " + i % 50, style)
          : OrnamentShelf.all().get(i % OrnamentShelf.all().size()).item(id, at);
      double scale = step * 0.9 / Math.max(item.placement().width(), item.placement().height());
      Placement p = item.placement();
      Item small = i % 5 == 0 ? item : item.with(Placement.of(
          at.x() - p.width() * scale / 2, at.y() - p.height() * scale / 2, p.width() * scale, p.height() * scale, 0));
      items.add(small);
      id += small.withMembers().size();
    }
    return blank.withFaces(List.of(Face.of("f1", "front", items)));
  }
}
