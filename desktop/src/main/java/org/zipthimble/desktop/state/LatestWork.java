package org.zipthimble.desktop.state;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Does work beside the window and brings the newest result to the interface; older wishes that have not begun are dropped. */
public final class LatestWork {
  private final Background.Lane lane = new Background.Lane();
  private final AtomicReference<Runnable> wish = new AtomicReference<>();
  private final AtomicInteger dropped = new AtomicInteger();

  /** Wishes for work; the result is given on the interface thread unless a newer wish came before it was begun, or it was dropped. */
  public <T> void want(Supplier<T> work, Consumer<T> done) {
    int before = dropped.get();
    Runnable run = () -> {
      T result = work.get();
      Platform.runLater(() -> {
        if (dropped.get() == before) {
          done.accept(result);
        }
      });
    };
    wish.set(run);
    lane.run(() -> {
      if (wish.compareAndSet(run, null)) {
        run.run();
      }
    });
  }

  /** Drops what was wished for; a result that is under way counts for nothing. */
  public void drop() {
    dropped.incrementAndGet();
    wish.set(null);
  }

  /** Does work after all that was asked for before; nothing is dropped. */
  public <T> void queue(Supplier<T> work, Consumer<T> done) {
    lane.run(() -> {
      T result = work.get();
      Platform.runLater(() -> done.accept(result));
    });
  }
}
