package org.zipthimble.desktop.state;

import java.util.ArrayDeque;
import java.util.Queue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;

/**
 * The one pool for all work beside the window; what is more than its threads can do waits, so that memory holds. Threads that have nothing
 * to do end by themselves; closing interrupts what is under way and waits for it.
 */
public final class Background {
  private static final int MOST_THREADS = 24;
  private static final int IDLE_SECONDS = 5;
  private static final AtomicInteger NUMBER = new AtomicInteger();
  private static final AtomicReference<ExecutorService> POOL = new AtomicReference<>(made());
  private static final AtomicReference<Consumer<Throwable>> ON_FAILURE = new AtomicReference<>(failed -> { });

  private Background() {}

  private static ExecutorService made() {
    ThreadPoolExecutor pool = new ThreadPoolExecutor(MOST_THREADS, MOST_THREADS, IDLE_SECONDS, TimeUnit.SECONDS,
        new LinkedBlockingQueue<>(), run -> {
      Thread daemon = new Thread(run, "beside-" + NUMBER.incrementAndGet());
      daemon.setDaemon(true);
      return daemon;
    });
    pool.allowCoreThreadTimeOut(true);
    return pool;
  }

  /** Who is told what work throws that nobody else takes; on the thread of the work. */
  public static void setOnFailure(Consumer<Throwable> told) {
    ON_FAILURE.set(told);
  }

  static void failed(Throwable failure) {
    ON_FAILURE.get().accept(failure);
  }

  /** Does work beside the window; begun by {@link LatestWork}, {@link EditWorker} or {@link Errand} alone. */
  static void run(Runnable work) {
    begin(() -> {
      try {
        work.run();
      } catch (RuntimeException | Error e) {
        failed(e);
      }
    });
  }

  private static void begin(Runnable kept) {
    try {
      POOL.get().execute(kept);
    } catch (RejectedExecutionException closing) {
      failed(closing);
    }
  }

  /** A queue that waits for a thread. */
  private static final class Waiting implements Runnable {
    private final WorkQueue queue;

    Waiting(WorkQueue queue) {
      this.queue = queue;
    }

    @Override
    public void run() {
      queue.next();
    }
  }

  /** A queue of the pool: what is given to it is done one after another. */
  public static final class WorkQueue {
    private final Queue<Runnable> waiting = new ArrayDeque<>();
    private boolean under;

    /** Does work after all that was given before. */
    public synchronized void run(Runnable work) {
      waiting.add(work);
      if (!under) {
        under = true;
        begin(new Waiting(this));
      }
    }

    private void next() {
      for (Runnable work = taken(); work != null; work = taken()) {
        try {
          work.run();
        } catch (RuntimeException | Error e) {
          failed(e);
        }
      }
    }

    /** What waits is dropped; what is given afterwards is done again. */
    private synchronized void drop() {
      waiting.clear();
      under = false;
    }

    /** The next work; once the pool is closed what still waits is dropped. */
    private synchronized Runnable taken() {
      if (Thread.currentThread().isInterrupted()) {
        waiting.clear();
      }
      Runnable work = waiting.poll();
      under = work != null;
      return work;
    }
  }

  /** How many threads there are, for the test that nothing is left behind. */
  public static int threads() {
    return ((ThreadPoolExecutor) POOL.get()).getPoolSize();
  }

  /** How many pieces of work are under way or wait, for tests that go on when they are done. */
  public static int underWay() {
    ThreadPoolExecutor pool = (ThreadPoolExecutor) POOL.get();
    return pool.getActiveCount() + pool.getQueue().size();
  }

  /**
   * Interrupts what is under way and waits for it, a while at most; afterwards there is a new pool for a new window.
   *
   * @return whether all of it has ended
   */
  public static boolean close(long millis) {
    ExecutorService old = POOL.getAndSet(made());
    old.shutdownNow().stream().filter(Waiting.class::isInstance).forEach(w -> ((Waiting) w).queue.drop());
    try {
      return old.awaitTermination(millis, TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
