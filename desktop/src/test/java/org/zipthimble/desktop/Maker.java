package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.control.OneStop;
import org.zipthimble.desktop.control.Pointing;
import org.zipthimble.desktop.state.Session;

/**
 * A person with an order: every press and every typed value is counted. With {@code -Dzt.keys=true} the person has no mouse: each control
 * is come to by the Tab key and pressed by the space bar, and nothing is counted.
 */
final class Maker {
  private static final boolean KEYS_ALONE = Boolean.getBoolean("zt.keys");

  /** More controls than any station has. */
  private static final int ROUNDS = 400;

  private final FxRobot robot;
  private final Hand hand;
  private final Session session;
  private final Hand.Answers answers;
  private int presses;
  private int values;

  Maker(FxRobot robot, Hand hand, Session session, Hand.Answers answers) {
    this.robot = robot;
    this.hand = hand;
    this.session = session;
    this.answers = answers;
  }

  /** Presses controls, one after the other. */
  Maker press(String... ids) {
    for (String id : ids) {
      if (KEYS_ALONE) {
        to(id);
        hand.keys(KeyCode.SPACE);
      } else {
        hand.bringIntoSight(id);
        robot.clickOn(id);
        QuickRobot.settled();
      }
      // a person sees that it is at work, and waits
      Hand.until(() -> !session.working());
      presses++;
    }
    return this;
  }

  /** What has the keys: in the slip that stands over all, or else in the window. */
  private static Node focus() {
    List<Window> windows = Window.getWindows().stream().filter(Window::isShowing).toList();
    Window top = windows.get(windows.size() - 1);
    return top.getScene().getFocusOwner();
  }

  /** Comes to a choice and opens it. */
  private void open(String id) {
    if (KEYS_ALONE) {
      to(id);
      keys(KeyCode.DOWN, KeyCode.ALT);
    } else {
      press(id);
    }
  }

  /** Goes on from control to control by the Tab key; among cards and choices, which are one stop, the arrows go on. */
  private void to(String id) {
    List<String> met = new ArrayList<>();
    for (int i = 0; i < ROUNDS; i++) {
      Node focus = focus();
      if (is(focus, id)) {
        return;
      }
      met.add(String.valueOf(focus == null ? null : focus.getId() == null ? focus.getClass().getSimpleName() : focus.getId()));
      if (focus instanceof ToggleButton && ((ToggleButton) focus).getToggleGroup() != null
          && ((ToggleButton) focus).getToggleGroup().getToggles().stream().anyMatch(t -> is((Node) t, id) && Pointing.seen((Node) t))) {
        while (!is(focus(), id)) {
          hand.keys(KeyCode.RIGHT);
        }
        return;
      }
      if (OneStop.around(focus).filter(cards -> cards.lookup(id) != null && cards.lookup(id).isFocusTraversable()).isPresent()) {
        hand.keys(KeyCode.HOME);
        for (int cards = 0; cards < ROUNDS && !is(focus(), id); cards++) {
          hand.keys(KeyCode.RIGHT);
        }
        return;
      }
      hand.keys(KeyCode.TAB);
    }
    throw new AssertionError("the Tab key does not come to " + id + " but to " + new LinkedHashSet<>(met));
  }

  private static boolean is(Node node, String id) {
    return node != null && id.equals("#" + node.getId());
  }

  /** Types a value over that of a field. */
  Maker value(String id, String text) {
    if (KEYS_ALONE) {
      to(id);
      hand.keys(KeyCode.A, KeyCode.CONTROL);
      robot.write(text);
      hand.keys(KeyCode.ENTER);
    } else {
      hand.type(id, text);
    }
    values++;
    return this;
  }

  /** Adds a block of words, types them and leaves it. */
  Maker words(String text) {
    press("#add-words");
    Hand.until(() -> session.typing().on());
    robot.write(text);
    values++;
    return keys(KeyCode.ESCAPE);
  }

  /** A key with others held. */
  Maker keys(KeyCode key, KeyCode... held) {
    hand.keys(key, held);
    presses++;
    return this;
  }

  /** Finds a command by its name and does it. */
  Maker command(String key) {
    keys(KeyCode.F, KeyCode.CONTROL);
    robot.write(Wording.text(key));
    values++;
    return keys(KeyCode.ENTER);
  }

  /** Takes the next value of a choice. */
  Maker next(String id) {
    open(id);
    return keys(KeyCode.DOWN).keys(KeyCode.ENTER);
  }

  /** Takes the last of a choice. */
  Maker last(String id) {
    open(id);
    return keys(KeyCode.END).keys(KeyCode.ENTER);
  }

  /** Writes the file at Send; it must measure as the ticket asks. */
  Path send(String kind, Path file) {
    return send(kind, file, file);
  }

  /** Writes several files at Send, named after one; they must measure as the ticket asks. */
  Path send(String kind, Path file, Path... written) {
    answers.send = Optional.of(file);
    int before = session.writtenProperty().get();
    press("#station-send", "#send-" + kind, "#send-write");
    Hand.until(() -> session.writtenProperty().get() > before);
    assertEquals(Stream.of(written).map(f -> Wording.text("report.right", f.getFileName())).toList(),
        robot.lookup("#report-title").queryAllAs(Label.class).stream().map(Label::getText).toList());
    return file;
  }

  /** Holds the count against what the page on orders says of one. */
  void told(int number) throws IOException {
    if (KEYS_ALONE) {
      return;
    }
    Path page = Path.of("..", "docs", "orders.md");
    String row = Files.readAllLines(page).stream().filter(l -> l.startsWith("| " + number + " |")).findFirst().orElseThrow();
    List<String> cells = List.of(row.split("\\|"));
    assertEquals(presses + " / " + values, cells.get(3).strip() + " / " + cells.get(4).strip(), "presses and values of order " + number);
  }

  /** What a program outside the project prints. */
  static String run(Path folder, String... command) throws IOException, InterruptedException {
    Path out = Files.createTempFile(folder, "said", ".txt");
    Process process = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(out.toFile()).start();
    int code = process.waitFor();
    String said = Files.readString(out);
    assertTrue(code == 0, String.join(" ", command) + ": " + said);
    return said;
  }
}
