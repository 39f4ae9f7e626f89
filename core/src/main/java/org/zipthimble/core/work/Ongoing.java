package org.zipthimble.core.work;

import java.util.function.Supplier;

/**
 * Whether the work of this thread goes on. Long computations that are deep within others ask {@link #check} between two steps, so that
 * they end when the person stops what they are for; whoever begins such work says what it is stopped by. Nothing half-made is kept: what
 * ends here ends all that waits for it on the thread.
 */
public final class Ongoing {
  private static final ThreadLocal<Progress> NOW = new ThreadLocal<>();

  private Ongoing() {}

  /** Ends everything on its way; no failure, so that nobody who looks for failures takes it for one. */
  private static final class Ended extends Error {
    private static final long serialVersionUID = 1L;

    Ended() {
      super("stopped", null, false, false);
    }
  }

  /**
   * Does work that ends when the person asks for that.
   *
   * @throws Stopped when stopping was asked for before the work was done
   */
  public static <T> T under(Progress progress, Supplier<T> work) throws Stopped {
    Progress around = NOW.get();
    NOW.set(progress);
    try {
      return work.get();
    } catch (Ended stopped) {
      if (around != null && around.stopped()) {
        throw stopped;
      }
      throw new Stopped();
    } finally {
      if (around == null) {
        NOW.remove();
      } else {
        NOW.set(around);
      }
    }
  }

  /** Goes on, or ends the work that the person has stopped. Costs a few nanoseconds. */
  public static void check() {
    Progress progress = NOW.get();
    if (progress != null && progress.stopped()) {
      throw new Ended();
    }
  }
}
