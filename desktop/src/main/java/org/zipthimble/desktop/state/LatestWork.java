package org.zipthimble.desktop.state;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Ongoing;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * The one way to begin work beside the window whose result the interface takes: on the interface thread, the newest alone. What is dropped
 * is truly stopped: work asks its progress, or is asked from deep within ({@link Ongoing}).
 */
public final class LatestWork {
  /** So long the window waits for what is quick, in milliseconds: nobody sees it wait. */
  static final long BLINK_MILLIS = 120;

  private final Background.WorkQueue queue = new Background.WorkQueue();
  private final AtomicReference<Running> wish = new AtomicReference<>();
  private volatile Running under;

  /** Work that reads something from outside, or may last; it ends where its progress says so. */
  public interface Task<T> {
    /** Does it, on a thread of the pool. */
    T run(Progress progress) throws Trouble, Stopped;
  }

  /** One piece of work, and whether it goes on. */
  private final class Running implements Progress, Runnable {
    private final Runnable work;
    private volatile boolean stopped;

    Running(Consumer<Running> work) {
      this.work = () -> work.accept(this);
    }

    @Override
    public void at(double fraction) {
      // how far it is nobody is shown here
    }

    @Override
    public boolean stopped() {
      return stopped;
    }

    @Override
    public void run() {
      under = this;
      try {
        Ongoing.under(this, () -> {
          work.run();
          return null;
        });
      } catch (Stopped byThePerson) {
        stopped = true;
      } finally {
        under = null;
      }
    }

    void later(Runnable told) {
      Platform.runLater(() -> {
        if (!stopped) {
          told.run();
        }
      });
    }
  }

  /**
   * Wishes for work; wishes that have not begun are dropped for it, and what is under way is still shown: for what is seen to change under
   * the hand.
   */
  public <T> void want(Supplier<T> work, Consumer<T> done) {
    wish(one -> {
      T result = work.get();
      one.later(() -> done.accept(result));
    });
  }

  /**
   * Wishes for work in place of what was wished for before, which is stopped: for what is said of a job, which would be told of an older
   * one.
   */
  public <T> void replace(Supplier<T> work, Consumer<T> done) {
    drop();
    want(work, done);
  }

  /**
   * Reads something in place of what was being read before; a trouble is told in its sentence. What is quick is there at once, before this
   * returns. For the interface thread only.
   */
  public <T> void read(Task<T> work, Consumer<T> done, Consumer<String> trouble) {
    drop();
    CompletableFuture<Runnable> told = new CompletableFuture<>();
    AtomicBoolean taken = new AtomicBoolean();
    wish(one -> {
      try {
        T result = work.run(one);
        told.complete(() -> done.accept(result));
      } catch (Trouble because) {
        told.complete(() -> trouble.accept(because.getMessage()));
      } catch (Stopped byThePerson) {
        one.stopped = true;
        return;
      }
      one.later(() -> take(told, taken));
    });
    try {
      told.get(BLINK_MILLIS, TimeUnit.MILLISECONDS);
      take(told, taken);
    } catch (TimeoutException longer) {
      // it is taken when it arrives
    } catch (ExecutionException never) {
      throw new IllegalStateException(never);
    } catch (InterruptedException closing) {
      Thread.currentThread().interrupt();
    }
  }

  private static void take(CompletableFuture<Runnable> told, AtomicBoolean taken) {
    if (taken.compareAndSet(false, true)) {
      told.join().run();
    }
  }

  private void wish(Consumer<Running> work) {
    Running run = new Running(work);
    wish.set(run);
    queue.run(() -> {
      if (wish.compareAndSet(run, null)) {
        run.run();
      }
    });
  }

  /** Stops what is under way and drops what was wished for; neither is shown. */
  public void drop() {
    for (Running one : new Running[] {wish.getAndSet(null), under}) {
      if (one != null) {
        one.stopped = true;
      }
    }
  }

  /**
   * The bytes of a file that a person chose.
   *
   * @throws Trouble when it cannot be read
   */
  public static byte[] bytes(Path file) throws Trouble {
    try {
      return Files.readAllBytes(file);
    } catch (IOException e) {
      throw Trouble.because(e, "file.unreadable", file.getFileName());
    }
  }

  /** Does something beside the window of which nothing comes that is shown, such as making ready or tidying up. */
  public static void aside(Runnable work) {
    Background.run(work);
  }

  /** Does work after all that was asked for before; nothing is dropped. */
  public <T> void queue(Supplier<T> work, Consumer<T> done) {
    queue.run(() -> {
      T result = work.get();
      Platform.runLater(() -> done.accept(result));
    });
  }
}
