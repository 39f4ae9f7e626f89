package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.reflect.Field;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zipthimble.desktop.state.Background;
import org.zipthimble.desktop.state.LatestWork;
import org.zipthimble.desktop.state.Listening;
import org.zipthimble.desktop.state.Station;

/** The window at rest is at rest: what is gone from listens to nothing, and no thread is left behind. */
class AtRestTest extends AtTheBench {
  private static final int OPENINGS = 200;
  private static final int PORTIONS = 40;

  @Start
  void start(Stage stage) throws Exception {
    open(stage, 2);
  }

  /** How many listeners a property has, by the helper that the toolkit keeps them in. */
  private static int listeners(ObservableValue<?> value) throws ReflectiveOperationException {
    Object helper = field(value, "helper");
    if (helper == null) {
      return 0;
    }
    if (helper.getClass().getSimpleName().startsWith("Single")) {
      return 1;
    }
    return (int) field(helper, "invalidationSize") + (int) field(helper, "changeSize");
  }

  private static Object field(Object of, String name) throws ReflectiveOperationException {
    for (Class<?> type = of.getClass(); type != null; type = type.getSuperclass()) {
      for (Field field : type.getDeclaredFields()) {
        if (field.getName().equals(name)) {
          field.setAccessible(true);
          return field.get(of);
        }
      }
    }
    throw new NoSuchFieldException(name + " of " + of.getClass());
  }

  private Map<String, ObservableValue<?>> values() {
    Map<String, ObservableValue<?>> values = new LinkedHashMap<>();
    values.put("history", session.historyProperty());
    values.put("shown", session.shownProperty());
    values.put("selection", session.selectionProperty());
    values.put("face", session.faceIdProperty());
    values.put("open", session.openProperty());
    values.put("key", session.keyProperty());
    values.put("notice", session.noticeProperty());
    values.put("station", session.stationProperty());
    values.put("drawing", session.drawingProperty());
    values.put("findings", session.checking().findingsProperty());
    values.put("report", session.checking().reportProperty());
    values.put("looked at", session.checking().lookedAtProperty());
    values.put("lens", session.checking().lensProperty());
    values.put("points", session.selection().pointsProperty());
    values.put("chosen points", session.selection().chosenPointsProperty());
    values.put("brush", session.pointerMode().brushProperty());
    values.put("inside", session.pointerMode().insideProperty());
    values.put("settings", session.preferences().settingsProperty());
    values.put("busy", session.filing().busyProperty());
    values.put("saved", session.filing().savedAtProperty());
    return values;
  }

  private Map<String, Integer> counted() {
    Map<String, Integer> counts = new LinkedHashMap<>();
    values().forEach((name, value) -> {
      try {
        counts.put(name, listeners(value));
      } catch (ReflectiveOperationException e) {
        throw new AssertionError(e);
      }
    });
    return counts;
  }

  /** In portions, so that what was worked out beside the window is taken over or dropped, as it is when a person goes about. */
  private void rounds(FxRobot robot) {
    for (int i = 0; i < PORTIONS; i++) {
      robot.interact(() -> {
        for (int k = 0; k < OPENINGS / PORTIONS; k++) {
          round();
        }
      });
      QuickRobot.settled();
    }
  }

  private void round() {
    for (Station station : Station.values()) {
      session.stationProperty().set(station);
    }
    session.stationProperty().set(Station.COMPOSE);
  }

  @Test
  void twoHundredOpeningsOfEveryStationLeaveNoListenerAndNoThread(FxRobot robot) {
    AtomicReference<Map<String, Integer>> before = new AtomicReference<>();
    AtomicReference<Map<String, Integer>> after = new AtomicReference<>();
    robot.interact(() -> {
      round();
      round();
      before.set(counted());
    });
    rounds(robot);
    robot.interact(() -> after.set(counted()));
    assertTrue(before.get().values().stream().mapToInt(Integer::intValue).sum() > 20, before.get().toString());
    assertEquals(before.get(), after.get());
    assertTrue(Background.threads() < 32, "threads: " + Background.threads());
    assertTrue(Background.close(180_000), "all work ends when it is told to");
    assertEquals(0, Background.threads());
  }

  @Test
  void everyStationListensLessWhenItIsLeft(FxRobot robot) {
    robot.interact(() -> {
      round();
      Map<Station, Map<String, Integer>> at = new LinkedHashMap<>();
      for (Station station : Station.values()) {
        session.stationProperty().set(station);
        at.put(station, counted());
      }
      for (Station station : Station.values()) {
        session.stationProperty().set(station);
        assertEquals(at.get(station), counted(), "the second time as the first: " + station);
      }
    });
  }

  @Test
  void slipsThatOpenAndCloseLeaveNoListener(FxRobot robot) {
    robot.interact(() -> session.stationProperty().set(Station.COMPOSE));
    hand.keys(KeyCode.F, KeyCode.CONTROL).keys(KeyCode.ESCAPE);
    AtomicReference<Map<String, Integer>> before = new AtomicReference<>();
    AtomicReference<Map<String, Integer>> after = new AtomicReference<>();
    robot.interact(() -> before.set(counted()));
    for (int i = 0; i < 20; i++) {
      hand.keys(KeyCode.F1).keys(KeyCode.F1);
    }
    robot.interact(() -> after.set(counted()));
    assertEquals(before.get(), after.get());
  }

  @Test
  void listenersAreAttachedOnceAndReleased() {
    SimpleObjectProperty<String> value = new SimpleObjectProperty<>("a");
    AtomicInteger heard = new AtomicInteger();
    Listening listening = new Listening().to(value, heard::incrementAndGet);
    value.set("b");
    assertEquals(0, heard.get(), "not attached yet");
    listening.attach();
    listening.attach();
    value.set("c");
    assertEquals(1, heard.get(), "attached twice is attached once");
    listening.release();
    value.set("d");
    assertEquals(1, heard.get());
    listening.attach();
    value.set("e");
    assertEquals(2, heard.get());
  }

  @Test
  void onlyTheNewestWishIsWorkedOut() throws Exception {
    LatestWork work = new LatestWork();
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch go = new CountDownLatch(1);
    AtomicInteger worked = new AtomicInteger();
    AtomicReference<String> told = new AtomicReference<>("");
    work.want(() -> {
      begun.countDown();
      await(go);
      worked.incrementAndGet();
      return "first";
    }, r -> told.updateAndGet(t -> t + r + " "));
    assertTrue(begun.await(30, TimeUnit.SECONDS));
    for (int i = 2; i <= 9; i++) {
      String name = "wish" + i;
      work.want(() -> {
        worked.incrementAndGet();
        return name;
      }, r -> told.updateAndGet(t -> t + r + " "));
    }
    go.countDown();
    Hand.until(() -> told.get().contains("wish9"));
    assertEquals("first wish9 ", told.get());
    assertEquals(2, worked.get());
  }

  @Test
  void whatIsDroppedIsNotTold() throws Exception {
    LatestWork work = new LatestWork();
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch go = new CountDownLatch(1);
    AtomicBoolean told = new AtomicBoolean();
    AtomicBoolean after = new AtomicBoolean();
    work.want(() -> {
      begun.countDown();
      await(go);
      return 1;
    }, r -> told.set(true));
    assertTrue(begun.await(30, TimeUnit.SECONDS));
    work.drop();
    go.countDown();
    work.queue(() -> 2, r -> after.set(true));
    Hand.until(after::get);
    assertFalse(told.get());
  }

  @Test
  void workThatFailsIsToldAndTheNextIsDone() {
    AtomicReference<Throwable> failure = new AtomicReference<>();
    Background.setOnFailure(failure::set);
    try {
      Background.WorkQueue queue = new Background.WorkQueue();
      AtomicBoolean next = new AtomicBoolean();
      queue.run(() -> {
        throw new IllegalStateException("beans");
      });
      queue.run(() -> next.set(true));
      Hand.until(next::get);
      assertEquals("beans", failure.get().getMessage());
    } finally {
      Background.setOnFailure(e -> { });
    }
  }

  @Test
  void closingInterruptsWhatIsUnderWay() throws Exception {
    CountDownLatch begun = new CountDownLatch(1);
    AtomicBoolean interrupted = new AtomicBoolean();
    LatestWork.aside(() -> {
      begun.countDown();
      try {
        new CountDownLatch(1).await();
      } catch (InterruptedException e) {
        interrupted.set(true);
      }
    });
    assertTrue(begun.await(30, TimeUnit.SECONDS));
    assertTrue(Background.close(30_000));
    assertTrue(interrupted.get());
    AtomicBoolean again = new AtomicBoolean();
    LatestWork.aside(() -> again.set(true));
    Hand.until(again::get);
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** Only the station that is shown is made: the bench is not there before a person goes to it. */
  @Test
  void aWindowMakesFirstWhatIsShown(FxRobot robot) {
    AtomicBoolean atItem = new AtomicBoolean();
    AtomicBoolean atCompose = new AtomicBoolean();
    robot.interact(() -> {
      session.stationProperty().set(Station.ITEM);
      Workbench fresh = new Workbench(session, () -> { });
      atItem.set(fresh.lookup("#bench") != null);
      session.stationProperty().set(Station.COMPOSE);
      atCompose.set(fresh.lookup("#bench") != null);
      fresh.prepareAll();
    });
    assertFalse(atItem.get());
    assertTrue(atCompose.get());
  }
}
