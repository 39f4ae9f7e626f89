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

/**
 * Works out what edits give: quick ones while the person waits for a blink, longer ones beside the window, which says so
 * and goes on. A newer wish, or dropping it, makes an older one count for nothing. For the interface thread only.
 */
final class EditWorker {
  private static final long BLINK_MILLIS = 120;

  private final Consumer<String> say;
  private int wish;
  private boolean under;

  /** Tells the person through a sentence that something is being worked out; an empty one takes it back. */
  EditWorker(Consumer<String> say) {
    this.say = say;
  }

  /** Works out what an edit makes of a job; done is told on the interface thread, at once where that is quick. */
  void out(Job from, Edit edit, Consumer<Job> done) {
    drop();
    int mine = wish;
    CompletableFuture<Job> work = CompletableFuture.supplyAsync(() -> Flow.settled(edit.change().apply(from)), Background::run);
    try {
      done.accept(work.get(BLINK_MILLIS, TimeUnit.MILLISECONDS));
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

  private void ended(int mine, Job job, Throwable failed, Consumer<Job> done) {
    if (mine != wish) {
      return;
    }
    drop();
    if (failed != null) {
      throw unchecked(failed.getCause() == null ? failed : failed.getCause());
    }
    done.accept(job);
  }

  /** Whatever is being worked out counts for nothing any more. */
  void drop() {
    wish++;
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
