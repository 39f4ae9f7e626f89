package org.zipthimble.desktop;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import javafx.event.EventHandler;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.Placement;
import org.zipthimble.core.units.Size;
import org.zipthimble.desktop.control.Pointing;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Session;

/** A person's hand at the window: it works in inches of the face. */
final class Hand {
  private final FxRobot robot;
  private final Workbench workbench;
  private final Session session;

  Hand(FxRobot robot, Workbench workbench, Session session) {
    this.robot = robot;
    this.workbench = workbench;
    this.session = session;
  }

  Point2D at(double x, double y) {
    Point pixel = workbench.bench().pixelOf(new Point(x, y));
    Node bench = workbench.lookup("#bench");
    return bench.localToScreen(pixel.x(), pixel.y());
  }

  Hand press(double x, double y) {
    // Moved away before, so that two presses at one place are never taken for a double click.
    robot.moveTo(at(x, y).add(AWAY, AWAY)).moveTo(at(x, y)).press(MouseButton.PRIMARY);
    return this;
  }

  Hand to(double x, double y) {
    robot.moveTo(at(x, y));
    QuickRobot.settled();
    return this;
  }

  Hand release() {
    robot.release(MouseButton.PRIMARY);
    return settled();
  }

  Hand drag(double x, double y, double toX, double toY) {
    return press(x, y).to((x + toX) / 2, (y + toY) / 2).to(toX, toY).release();
  }

  Hand click(double x, double y) {
    robot.moveTo(at(x, y).add(AWAY, AWAY)).moveTo(at(x, y)).clickOn(MouseButton.PRIMARY);
    return settled();
  }

  private Hand settled() {
    QuickRobot.settled();
    return this;
  }

  /** Two clicks; on a machine so slow that they were taken for single ones they are done again. */
  Hand doubleClick(double x, double y) {
    AtomicBoolean twice = new AtomicBoolean();
    EventHandler<MouseEvent> counting = e -> twice.compareAndSet(false, e.getClickCount() == 2);
    robot.interact(() -> workbench.addEventFilter(MouseEvent.MOUSE_PRESSED, counting));
    for (int tries = 0; tries < 10 && !twice.get(); tries++) {
      robot.moveTo(at(x, y).add(AWAY, AWAY)).moveTo(at(x, y));
      QuickRobot.settled();
      robot.press(MouseButton.PRIMARY).release(MouseButton.PRIMARY).press(MouseButton.PRIMARY).release(MouseButton.PRIMARY);
      QuickRobot.settled();
    }
    robot.interact(() -> workbench.removeEventFilter(MouseEvent.MOUSE_PRESSED, counting));
    return settled();
  }

  /** Scrolls what holds a control, until it is seen whole. */
  void bringIntoSight(String id) {
    Node node = robot.lookup(id).query();
    robot.interact(() -> {
      Pointing.sight(node);
      workbench.layout();
    });
  }

  Hand type(String field, String text) {
    bringIntoSight(field);
    robot.clickOn(field);
    keys(KeyCode.A, KeyCode.CONTROL);
    robot.write(text);
    robot.type(KeyCode.ENTER);
    return settled();
  }

  Hand keys(KeyCode key, KeyCode... held) {
    for (KeyCode one : held) {
      robot.press(one);
    }
    robot.type(key);
    for (int i = held.length - 1; i >= 0; i--) {
      robot.release(held[i]);
    }
    return settled();
  }

  Placement placement() {
    return session.single().orElseThrow().placement();
  }

  Item named(String name) {
    return session.face().all().stream().filter(i -> i.properties().name().equals(name)).findFirst().orElseThrow();
  }

  private static final double AWAY = 24;

  static void until(BooleanSupplier wanted) {
    try {
      WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, wanted::getAsBoolean);
    } catch (TimeoutException e) {
      throw new AssertionError("it did not come about", e);
    }
    QuickRobot.settled();
  }

  /** Waits a while for something; it need not come about. */
  static void soon(long millis, BooleanSupplier wanted) {
    try {
      WaitForAsyncUtils.waitFor(millis, TimeUnit.MILLISECONDS, wanted::getAsBoolean);
    } catch (TimeoutException notYet) {
      QuickRobot.settled();
    }
  }

  /** Answers in the person's stead. */
  static final class Answers implements Asker {
    Optional<Path> open = Optional.empty();
    Optional<Path> save = Optional.empty();
    Optional<Path> send = Optional.empty();
    List<Path> pictures = List.of();
    Optional<Path> profile = Optional.empty();
    Optional<Path> words = Optional.empty();
    Optional<Path> table = Optional.empty();
    Unsaved unsaved = Unsaved.LOSE;
    Changed changed = Changed.STAY;
    boolean replace = true;
    boolean intoMount;
    Optional<Double> units = Optional.empty();
    final List<String> asked = new ArrayList<>();

    @Override
    public Optional<Double> unitsPerInch(String fileName, List<Double> choices, Size size) {
      asked.add("units " + fileName + " of " + choices);
      return units;
    }

    @Override
    public Optional<Path> table() {
      return table;
    }

    @Override
    public Optional<Path> words() {
      return words;
    }

    @Override
    public Optional<Path> profile() {
      return profile;
    }

    @Override
    public Optional<Path> jobToOpen() {
      return open;
    }

    @Override
    public Optional<Path> whereToSave(String suggestedName) {
      return save;
    }

    @Override
    public Optional<Path> whereToSend(String suggestedName, String ending) {
      return send;
    }

    @Override
    public List<Path> pictures() {
      return pictures;
    }

    @Override
    public Unsaved unsaved(String jobName) {
      asked.add("unsaved " + jobName);
      return unsaved;
    }

    @Override
    public boolean mayReplace(List<String> fileNames) {
      asked.add("replace " + fileNames);
      return replace;
    }

    @Override
    public boolean mayReplacePicture(String pictureName) {
      asked.add("mount " + pictureName);
      return intoMount;
    }

    @Override
    public Changed changedOutside(String fileName) {
      asked.add("changed " + fileName);
      return changed;
    }
  }
}
