package org.zipthimble.practice.printer;

import java.awt.image.BufferedImage;
import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/**
 * The machine itself: it takes documents one after another, lays their pages onto the paper of a tray as it is set and as it was asked,
 * and puts sheets into its output tray. It jams, runs out of paper and ink, and is switched off in the middle when it is told to. Safe for
 * several threads.
 */
public final class Printer implements Closeable {
  /** Jobs that are remembered. */
  private static final int MOST_JOBS = 200;

  /** Sheets that stay in the output tray. */
  private static final int MOST_SHEETS = 60;

  /** Documents that wait. */
  private static final int MOST_WAITING = 30;

  /** The part of the ink that a full page of letter size takes. */
  private static final double INK_A_SHEET = 0.004;
  private static final long TICK = 40;

  private final Runnable changed;
  private final Map<Integer, Work> jobs = new LinkedHashMap<>();
  private final List<Printed> sheets = new ArrayList<>();
  private final BlockingQueue<Work> waiting = new LinkedBlockingQueue<>(MOST_WAITING);
  private final Thread thread;
  private final long began = System.nanoTime();
  private PrinterSetup setup;
  private Trouble trouble = Trouble.NONE;
  private int jamAt = -1;
  private int numbered;
  private int sheetNumber;
  private volatile boolean open = true;
  private String words = "";

  /** What keeps a printer from printing. */
  public enum Trouble {
    /** Nothing. */
    NONE("none"),
    /** Paper is stuck in it. */
    JAM("media-jam-error"),
    /** The tray is empty. */
    NO_PAPER("media-empty-error"),
    /** The ink has run out. */
    NO_INK("marker-supply-empty-error"),
    /** The cover is open. */
    COVER("cover-open-error");

    private final String keyword;

    Trouble(String keyword) {
      this.keyword = keyword;
    }

    /** What the standard calls it (RFC 8011, printer-state-reasons). */
    public String keyword() {
      return keyword;
    }
  }

  /** How far a job is; the figures are those of the standard (RFC 8011, job-state). */
  public enum State {
    /** It waits. */
    PENDING(3),
    /** It is being printed. */
    PROCESSING(5),
    /** It stands still until the printer's trouble is mended. */
    STOPPED(6),
    /** Somebody took it back. */
    CANCELED(7),
    /** It could not be printed. */
    ABORTED(8),
    /** It is done. */
    COMPLETED(9);

    private final int code;

    State(int code) {
      this.code = code;
    }

    /** Its figure. */
    public int code() {
      return code;
    }

    /** Whether nothing more comes of it. */
    public boolean over() {
      return code >= 7;
    }
  }

  /** A job as it is known now. */
  public record Seen(int id, Wish wish, State state, String words, int bytes, int pages, int done, int created, int begun, int ended) {}

  private static final class Work {
    private final int id;
    private final int created;
    private Wish wish;
    private byte[] document;
    private State state = State.PENDING;
    private String words = "";
    private int pages;
    private int done;
    private int begun = -1;
    private int ended = -1;
    private boolean cancel;

    Work(int id, Wish wish, int created) {
      this.id = id;
      this.wish = wish;
      this.created = created;
    }
  }

  /** A printer that is set up; it is told when anything changed, by whatever thread changed it. */
  public Printer(PrinterSetup setup, Runnable changed) {
    this.setup = setup;
    this.changed = changed;
    thread = new Thread(this::work, "practice-printer");
    thread.setDaemon(true);
    thread.start();
  }

  /** How it is set up. */
  public synchronized PrinterSetup setup() {
    return setup;
  }

  /** Sets it up; what is being printed goes on as it began. */
  public void set(PrinterSetup next) {
    synchronized (this) {
      setup = next;
      if (trouble == Trouble.NO_INK && next.level() > 0 || trouble == Trouble.NO_PAPER && next.trays().stream()
          .allMatch(t -> t.sheets() > 0)) {
        trouble = Trouble.NONE;
      }
      notifyAll();
    }
    changed.run();
  }

  /** Makes trouble, or mends it. */
  public void trouble(Trouble next) {
    synchronized (this) {
      trouble = next;
      jamAt = -1;
      notifyAll();
    }
    changed.run();
  }

  /** Jams after so many sheets more. */
  public synchronized void jamAfter(int count) {
    jamAt = sheetNumber + count;
  }

  /** What keeps it from printing now. */
  public synchronized Trouble trouble() {
    return trouble;
  }

  /** What it said last, in plain words. */
  public synchronized String words() {
    return words;
  }

  /** Whole seconds since it was switched on, 1 or more. */
  public int upTime() {
    return (int) Math.max(1, (System.nanoTime() - began) / 1_000_000_000L + 1);
  }

  /** Whether it is at work. */
  public synchronized boolean busy() {
    return jobs.values().stream().anyMatch(j -> j.state == State.PROCESSING || j.state == State.STOPPED);
  }

  /** Jobs that are not over. */
  public synchronized int queued() {
    return (int) jobs.values().stream().filter(j -> !j.state.over()).count();
  }

  /** The sheets in the output tray, the oldest first. */
  public synchronized List<Printed> sheets() {
    return List.copyOf(sheets);
  }

  /** Empties the output tray. */
  public void empty() {
    synchronized (this) {
      sheets.clear();
    }
    changed.run();
  }

  /** All jobs that are remembered, the oldest first. */
  public synchronized List<Seen> jobs() {
    return jobs.values().stream().map(Printer::seen).toList();
  }

  /** A job by its number. */
  public synchronized Optional<Seen> job(int id) {
    return Optional.ofNullable(jobs.get(id)).map(Printer::seen);
  }

  private static Seen seen(Work w) {
    return new Seen(w.id, w.wish, w.state, w.words, w.document == null ? 0 : w.document.length, w.pages, w.done, w.created, w.begun,
        w.ended);
  }

  /** Makes a job that waits for its document; empty when too many wait. */
  public synchronized Optional<Seen> create(Wish wish) {
    if (queued() >= MOST_WAITING) {
      return Optional.empty();
    }
    Work work = new Work(++numbered, wish, upTime());
    jobs.put(work.id, work);
    List<Integer> old = jobs.values().stream().filter(j -> j.state.over()).map(j -> j.id).toList();
    for (int i = 0; i < old.size() && jobs.size() > MOST_JOBS; i++) {
      jobs.remove(old.get(i));
    }
    return Optional.of(seen(work));
  }

  /** Hands a job its document, which is printed from then on; whether there was such a job without one. */
  public boolean document(int id, String format, byte[] document) {
    synchronized (this) {
      Work work = jobs.get(id);
      if (work == null || work.document != null || work.state.over()) {
        return false;
      }
      work.wish = work.wish.withFormat(format);
      work.document = document;
      waiting.add(work);
    }
    changed.run();
    return true;
  }

  /** Takes a job back; whether it was not over yet. */
  public boolean cancel(int id) {
    synchronized (this) {
      Work work = jobs.get(id);
      if (work == null || work.state.over()) {
        return false;
      }
      work.cancel = true;
      if (work.state == State.PENDING) {
        over(work, State.CANCELED, Wording.text("printer.canceled"));
      }
      notifyAll();
    }
    changed.run();
    return true;
  }

  private void over(Work work, State state, String said) {
    work.state = state;
    work.words = said;
    work.ended = upTime();
    words = said;
  }

  private void work() {
    while (open) {
      try {
        Work next = waiting.take();
        synchronized (this) {
          if (next.state.over()) {
            continue;
          }
          next.state = State.PROCESSING;
          next.begun = upTime();
        }
        changed.run();
        print(next);
      } catch (InterruptedException e) {
        return;
      }
      changed.run();
    }
  }

  private void print(Work work) throws InterruptedException {
    try (PrinterPages pages = PrinterPages.of(work.document)) {
      work.pages = pages.sizes().size();
      for (int copy = 0; copy < work.wish.copies(); copy++) {
        for (int page = 0; page < pages.sizes().size(); page++) {
          if (!sheet(work, pages, page)) {
            return;
          }
        }
      }
      synchronized (this) {
        over(work, State.COMPLETED, Wording.text("printer.done", work.done, work.wish.name()));
      }
    } catch (IOException | OutOfMemoryError e) {
      synchronized (this) {
        over(work, State.ABORTED, Wording.text("printer.unreadable", work.wish.name()));
      }
    }
  }

  /** Prints one sheet; false when the job was taken back. */
  private boolean sheet(Work work, PrinterPages pages, int page) throws IOException, InterruptedException {
    Tray tray = ready(work);
    if (tray == null) {
      return false;
    }
    PrinterSetup now = setup();
    Printing how = how(now, work.wish, tray);
    double ppi = work.wish.ppi().orElse(now.ppi());
    BufferedImage image = pages.on(page, how, ppi);
    if (!waits(work, now.pace())) {
      return false;
    }
    Size asked = pages.sizes().get(page);
    Box all = new Box(0, 0, asked.width(), asked.height());
    byte[] png = PrinterPages.png(image, ppi);
    synchronized (this) {
      sheetNumber++;
      work.done++;
      sheets.add(new Printed(sheetNumber, work.id, work.wish.name(), page + 1, asked, how, how.lost(asked, all), tray, now.ink(), ppi,
          png));
      while (sheets.size() > MOST_SHEETS) {
        sheets.remove(0);
      }
      Tray left = setup.trays().stream().filter(t -> t.name().equals(tray.name())).findFirst().orElse(tray);
      double used = INK_A_SHEET * how.paper().width() * how.paper().height() / 93.5;
      setup = setup.with(left.withSheets(Math.max(0, left.sheets() - 1))).withLevel(Math.max(0, setup.level() - used));
      if (jamAt >= 0 && sheetNumber >= jamAt) {
        jamAt = -1;
        trouble = Trouble.JAM;
      }
    }
    changed.run();
    return true;
  }

  /** How a page is laid on the paper of a tray. */
  static Printing how(PrinterSetup setup, Wish wish, Tray tray) {
    Printing.Scaling scaling = setup.override() ? setup.scaling() : wish.scaling().orElse(setup.scaling());
    // the printer's own mirror and one that was asked for with the job turn it twice, as drivers do
    boolean mirror = setup.mirror() != wish.mirror().orElse(false);
    return new Printing(tray.paper(), setup.margins(), scaling, setup.enlarge(), mirror);
  }

  /** Waits until there is paper and ink and nothing is wrong; null when the job was taken back meanwhile. */
  private Tray ready(Work work) throws InterruptedException {
    while (true) {
      synchronized (this) {
        if (work.cancel) {
          over(work, State.CANCELED, Wording.text("printer.canceled"));
          return null;
        }
        Tray tray = tray(work.wish);
        if (trouble == Trouble.NONE && setup.level() <= 0) {
          trouble = Trouble.NO_INK;
        }
        if (trouble == Trouble.NONE && tray.sheets() == 0) {
          trouble = Trouble.NO_PAPER;
        }
        if (trouble == Trouble.NONE) {
          work.state = State.PROCESSING;
          work.words = "";
          return tray;
        }
        work.state = State.STOPPED;
        words = Wording.text("printer.trouble." + trouble.name().toLowerCase(java.util.Locale.ROOT));
        work.words = words;
      }
      changed.run();
      synchronized (this) {
        if (trouble != Trouble.NONE && !work.cancel) {
          wait(1000);
        }
      }
    }
  }

  /** The tray that was asked for, or the first with the paper that was; else the first. */
  private Tray tray(Wish wish) {
    Optional<Tray> named = wish.tray().flatMap(n -> setup.trays().stream().filter(t -> t.name().equals(n)).findFirst());
    Optional<Tray> fitting = wish.paper().flatMap(p -> setup.trays().stream().filter(t -> same(t.paper(), p)).findFirst());
    return named.or(() -> fitting).orElse(setup.trays().get(0));
  }

  private static boolean same(Size a, Size b) {
    return Math.abs(a.width() - b.width()) < 0.02 && Math.abs(a.height() - b.height()) < 0.02
        || Math.abs(a.width() - b.height()) < 0.02 && Math.abs(a.height() - b.width()) < 0.02;
  }

  private boolean waits(Work work, double seconds) throws InterruptedException {
    long until = System.nanoTime() + (long) (seconds * 1e9);
    while (System.nanoTime() < until) {
      synchronized (this) {
        if (work.cancel) {
          over(work, State.CANCELED, Wording.text("printer.canceled"));
          return false;
        }
        wait(TICK);
      }
    }
    return true;
  }

  @Override
  public void close() {
    open = false;
    thread.interrupt();
  }
}
