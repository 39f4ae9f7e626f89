package org.zipthimble.desktop.state;

import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.core.work.Ongoing;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * Something that a person began, watches and may stop, such as writing files or driving a machine; nothing else takes its place. For the
 * interface thread.
 */
public final class Errand {
  private volatile Going under;

  /** One errand that is under way. */
  private static final class Going implements Progress {
    private final DoubleConsumer far;
    private volatile boolean stopped;

    Going(DoubleConsumer far) {
      this.far = far;
    }

    @Override
    public void at(double fraction) {
      Platform.runLater(() -> far.accept(fraction));
    }

    @Override
    public boolean stopped() {
      return stopped;
    }
  }

  /**
   * How an errand ends: one of these is called, on the interface thread, whatever happens.
   *
   * @param done with what came of it
   * @param trouble with a sentence
   * @param stopped when the person stopped it
   */
  public record Ending<T>(Consumer<T> done, Consumer<String> trouble, Runnable stopped) {}

  /**
   * Begins it beside the window; work asks its progress, or is asked from deep within, whether it goes on.
   *
   * @param far told how far it is, 0 to 1, on the interface thread
   */
  public <T> void begin(LatestWork.Task<T> work, DoubleConsumer far, Ending<T> ending) {
    Going going = new Going(far);
    under = going;
    Background.run(() -> {
      Runnable told = () -> ending.trouble().accept(Wording.text("window.failed"));
      try {
        told = Ongoing.under(going, () -> came(work, going, ending));
      } catch (Stopped byThePerson) {
        told = ending.stopped();
      } finally {
        Platform.runLater(told);
      }
    });
  }

  private static <T> Runnable came(LatestWork.Task<T> work, Progress going, Ending<T> ending) {
    try {
      T result = work.run(going);
      return () -> ending.done().accept(result);
    } catch (Trouble trouble) {
      return () -> ending.trouble().accept(trouble.getMessage());
    } catch (Stopped byThePerson) {
      return ending.stopped();
    }
  }

  /** Stops what is under way; it says so when it has ended. */
  public void stop() {
    Going going = under;
    if (going != null) {
      going.stopped = true;
    }
  }
}
