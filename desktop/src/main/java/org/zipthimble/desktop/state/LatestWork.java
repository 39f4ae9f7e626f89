package org.zipthimble.desktop.state;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Does work on a thread of its own and brings the newest result to the interface; older wishes are dropped. */
public final class LatestWork {
  private final ExecutorService thread;
  private final AtomicReference<Runnable> wish = new AtomicReference<>();

  /** A worker whose thread has a name. */
  public LatestWork(String name) {
    thread = Executors.newSingleThreadExecutor(run -> {
      Thread daemon = new Thread(run, name);
      daemon.setDaemon(true);
      return daemon;
    });
  }

  /** Wishes for work; the result is given on the interface thread unless a newer wish came first. */
  public <T> void want(Supplier<T> work, Consumer<T> done) {
    Runnable run = () -> {
      T result = work.get();
      Platform.runLater(() -> done.accept(result));
    };
    wish.set(run);
    thread.execute(() -> {
      if (wish.compareAndSet(run, null)) {
        run.run();
      }
    });
  }

  /** Does work after all that was asked for before; nothing is dropped. */
  public <T> void queue(Supplier<T> work, Consumer<T> done) {
    thread.execute(() -> {
      T result = work.get();
      Platform.runLater(() -> done.accept(result));
    });
  }
}
