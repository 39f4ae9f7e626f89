package org.zipthimble.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Ongoing;
import org.zipthimble.desktop.state.Asker;
import org.zipthimble.desktop.state.Station;

/**
 * What a person does while something else is worked out beside the window: it is never lost without a question, and what is stopped is
 * stopped.
 */
class MeanwhileTest extends AtTheBench {
  private final Job other = Job.blank("Other", Ticket.usual("Card", new Size(4, 4)), List.of("Front"));

  @Start
  void start(Stage stage) throws IOException {
    open(stage, 1);
  }

  /** Begins to read another job, which arrives when the latch is let go. */
  private CountDownLatch reading(FxRobot robot) {
    CountDownLatch arrives = new CountDownLatch(1);
    robot.interact(() -> session.filing().openUnfiled(() -> {
      awaited(arrives);
      return other;
    }));
    Hand.until(() -> session.filing().busyProperty().get());
    answers.asked.clear();
    return arrives;
  }

  private static void awaited(CountDownLatch latch) {
    try {
      assertTrue(latch.await(60, TimeUnit.SECONDS));
    } catch (InterruptedException closing) {
      Thread.currentThread().interrupt();
    }
  }

  @Test
  void whatIsDoneWhileAnotherFileIsReadStaysWhenThePersonSaysSo(FxRobot robot) {
    CountDownLatch arrives = reading(robot);
    box(robot, "Meanwhile", 1, 1, 1, 1);
    Job mine = session.job();
    answers.unsaved = Asker.Unsaved.STAY;
    arrives.countDown();
    Hand.until(() -> !session.filing().busyProperty().get());
    Hand.until(() -> !answers.asked.isEmpty());
    assertEquals(List.of("unsaved " + mine.name()), answers.asked);
    assertEquals(mine, session.job());
    assertTrue(session.noticeProperty().get().contains("Other"), session.noticeProperty().get());
  }

  @Test
  void itGivesWayWhenThePersonLetsItGo(FxRobot robot) {
    CountDownLatch arrives = reading(robot);
    box(robot, "Meanwhile", 1, 1, 1, 1);
    answers.unsaved = Asker.Unsaved.LOSE;
    arrives.countDown();
    Hand.until(() -> session.job().name().equals("Other"));
    assertEquals(1, answers.asked.size());
  }

  @Test
  void itIsSavedBeforeTheOtherOpensWhenThePersonWantsThat(FxRobot robot) throws Exception {
    Path file = folder.resolve("meanwhile.thimble");
    CountDownLatch arrives = reading(robot);
    box(robot, "Meanwhile", 1, 1, 1, 1);
    answers.unsaved = Asker.Unsaved.SAVE;
    answers.save = Optional.of(file);
    arrives.countDown();
    Hand.until(() -> session.job().name().equals("Other"));
    assertTrue(Files.size(file) > 0);
  }

  @Test
  void savingWhileAFileIsReadSaysWhyItDoesNot(FxRobot robot) {
    CountDownLatch arrives = reading(robot);
    answers.save = Optional.of(folder.resolve("not.thimble"));
    AtomicBoolean saved = new AtomicBoolean(true);
    robot.interact(() -> saved.set(session.filing().saveAs()));
    assertFalse(saved.get());
    assertTrue(session.noticeProperty().get().contains("being read"), session.noticeProperty().get());
    answers.unsaved = Asker.Unsaved.LOSE;
    arrives.countDown();
    Hand.until(() -> session.job().name().equals("Other"));
  }

  @Test
  void nothingIsSaidOfAJobThatTheChecksHaveNotLookedAt(FxRobot robot) {
    robot.interact(() -> session.stationProperty().set(Station.CHECK));
    Label summary = robot.lookup("#findings-summary").queryAs(Label.class);
    Hand.until(() -> session.checking().looked());
    AtomicReference<String> atOnce = new AtomicReference<>();
    robot.interact(() -> {
      session.take(session.job().withName("Fresh"), Optional.empty());
      session.stationProperty().set(Station.CHECK);
      atOnce.set(summary.getText());
    });
    assertEquals(Wording.text("findings.looking"), atOnce.get());
    Hand.until(() -> !summary.getText().equals(atOnce.get()));
  }

  @Test
  void whatIsLetGoOfIsTrulyStopped(FxRobot robot) {
    AtomicReference<Thread> at = new AtomicReference<>();
    CountDownLatch ended = new CountDownLatch(1);
    robot.interact(() -> session.tryBeside(endless(at, ended)));
    Hand.until(() -> at.get() != null);
    robot.interact(session::dropTry);
    awaited(ended);
    assertFalse(session.trying());
  }

  private static Edit endless(AtomicReference<Thread> at, CountDownLatch ended) {
    return new Edit("Endless", job -> {
      at.set(Thread.currentThread());
      try {
        while (!Thread.currentThread().isInterrupted()) {
          Ongoing.check();
        }
        return job;
      } finally {
        ended.countDown();
      }
    });
  }

  @Test
  void anEditThatFailedIsNotBegunAgainByTheNextOne(FxRobot robot) {
    AtomicInteger begun = new AtomicInteger();
    CountDownLatch fails = new CountDownLatch(1);
    robot.interact(() -> session.applyBeside(new Edit("Fails", job -> {
      begun.incrementAndGet();
      awaited(fails);
      throw new IllegalStateException("on purpose");
    })));
    assertTrue(session.working());
    WaitForAsyncUtils.autoCheckException = false;
    try {
      fails.countDown();
      Hand.until(() -> !session.working());
    } finally {
      WaitForAsyncUtils.clearExceptions();
      WaitForAsyncUtils.autoCheckException = true;
    }
    box(robot, "Afterwards", 1, 1, 1, 1);
    QuickRobot.settled();
    assertEquals(1, begun.get());
    assertEquals(1, session.face().items().size());
  }

  @Test
  void aLongEditJoinsWhatWasDoneMeanwhile(FxRobot robot) {
    CountDownLatch goes = new CountDownLatch(1);
    robot.interact(() -> session.applyBeside(new Edit("Long", job -> {
      while (goes.getCount() > 0) {
        Ongoing.check();
      }
      return job.changed(job.faces().get(0).id(), f -> f.withName("Long done"));
    })));
    box(robot, "Meanwhile", 1, 1, 1, 1);
    assertEquals(1, session.face().items().size());
    goes.countDown();
    Hand.until(() -> session.face().name().equals("Long done"));
    assertEquals(1, session.face().items().size(), "and the box is still there");
    robot.interact(() -> session.undo());
    assertEquals(1, session.face().items().size());
  }
}
