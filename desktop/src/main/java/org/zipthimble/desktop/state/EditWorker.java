package org.zipthimble.desktop.state;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.zipthimble.core.edit.Edit;
import org.zipthimble.core.edit.Flow;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Ongoing;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * Works out what edits give: quick ones while the person waits for a blink, longer ones beside the window, which says so
 * and goes on. A newer wish, or dropping it, stops an older one. For the interface thread only.
 */
final class EditWorker {
  private final Consumer<String> say;
  private Wish wish = new Wish();
  private boolean under;

  /** Something that is being worked out, and whether it still is. */
  private static final class Wish implements Progress {
    private volatile boolean dropped;

    @Override
    public void at(double fraction) {
      // that it goes on is said by its name
    }

    @Override
    public boolean stopped() {
      return dropped;
    }
  }

  /** Tells the person through a sentence that something is being worked out; an empty one takes it back. */
  EditWorker(Consumer<String> say) {
    this.say = say;
  }

  /**
   * Works out what an edit makes of a job; done is told on the interface thread, at once where that is quick.
   *
   * @param patience how long the window waits for it, in milliseconds; 0 for not at all
   */
  void out(Job from, Edit edit, long patience, Consumer<Job> done) {
    drop();
    Wish mine = new Wish();
    wish = mine;
    CompletableFuture<Job> work = new CompletableFuture<>();
    Background.run(() -> {
      try {
        work.complete(Ongoing.under(mine, () -> Flow.settled(edit.change().apply(from))));
      } catch (Stopped dropped) {
        work.cancel(false);
      } catch (RuntimeException | Error failed) {
        work.completeExceptionally(failed);
      }
    });
    try {
      done.accept(work.get(patience, TimeUnit.MILLISECONDS));
    } catch (TimeoutException longer) {
      under = true;
      say.accept(Wording.text("working.out", edit.label()));
      work.whenComplete((job, failed) -> Platform.runLater(() -> ended(mine, job, failed, done)));
    } catch (ExecutionException failed) {
      throw unchecked(failed.getCause());
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  private void ended(Wish mine, Job job, Throwable failed, Consumer<Job> done) {
    if (mine.dropped) {
      return;
    }
    drop();
    if (failed != null) {
      throw unchecked(failed.getCause() == null ? failed : failed.getCause());
    }
    done.accept(job);
  }

  /** Whatever is being worked out is stopped. */
  void drop() {
    wish.dropped = true;
    if (under) {
      under = false;
      say.accept("");
    }
  }

  /** Whether something is being worked out beside the window. */
  boolean under() {
    return under;
  }

  private static RuntimeException unchecked(Throwable cause) {
    return cause instanceof RuntimeException ? (RuntimeException) cause : new IllegalStateException(cause);
  }
}
