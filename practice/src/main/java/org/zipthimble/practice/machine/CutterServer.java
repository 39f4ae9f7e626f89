package org.zipthimble.practice.machine;

import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.Closeable;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javax.imageio.ImageIO;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Wording;

/**
 * A practice cutter that listens on loopback, one job at a time. A sender speaks plotter language; lines that begin with
 * '#' tell it about the sheet ({@code docs/practice-cutter.md}). It answers in lines: "ready", "ok N" after each order,
 * "refused", "done" and "stopped", each with plain words.
 */
public final class CutterServer implements Closeable {
  private static final int LARGEST_PRINT = 60_000_000;
  private static final int LAST_WORDS_MS = 1000;
  private static final int TURN_MS = 3000;
  private static final int FIRST_MS = 10_000;
  private static final int PAUSE_MS = 3_600_000;
  private static final int MOST_WAITING = 8;
  /** Heights of a sheet that make sense, in inches. */
  private static final double LEAST_SHEET = 0.1;
  private static final double MOST_SHEET = 2000;

  private final ServerSocket socket;
  private final Semaphore turn = new Semaphore(1, true);
  private final Semaphore waiting = new Semaphore(MOST_WAITING);
  private final Consumer<CutterServer> changed;
  private volatile Setup setup;
  private volatile Misplacement askew = Misplacement.NONE;
  private volatile Cutter cutter;
  private volatile BufferedImage print;
  private volatile double printPpi;
  private volatile double offBy;
  private volatile String words = "";
  private volatile boolean open = true;
  private volatile boolean busy;
  private volatile double stopAfter = Double.MAX_VALUE;
  private final Thread listener;
  private volatile Socket now;

  /**
   * Begins to listen.
   *
   * @param port 0 for any free one
   * @param changed told after anything changed, by the working thread
   */
  public CutterServer(int port, Setup setup, Consumer<CutterServer> changed) throws IOException {
    this.socket = new ServerSocket(port, 4, InetAddress.getLoopbackAddress());
    this.setup = setup;
    this.cutter = new Cutter(setup);
    this.changed = changed;
    this.listener = new Thread(this::listen, "practice-cutter");
    listener.setDaemon(true);
    listener.start();
  }

  /** The port it listens on. */
  public int port() {
    return socket.getLocalPort();
  }

  /** Sets the machine up for the next job. */
  public void set(Setup next) {
    setup = next;
    if (!busy) {
      cutter = new Cutter(next);
    }
    changed.accept(this);
  }

  /** How the next printed sheet will lie. */
  public void set(Misplacement next) {
    askew = next;
    changed.accept(this);
  }

  /** Stops after a length has been cut, in inches, as a jam would. */
  public void stopAfter(double inches) {
    stopAfter = inches;
  }

  /** Stops now, in the middle of the job. */
  public void stop() {
    cutter.stop();
  }

  /** How it is set up. */
  public Setup setup() {
    return setup;
  }

  /** The machine with all that it cut. */
  public Cutter cutter() {
    return cutter;
  }

  /** The printed sheet on the mat. */
  public Optional<BufferedImage> print() {
    return Optional.ofNullable(print);
  }

  /** Pixels for each inch of the print. */
  public double printPpi() {
    return printPpi;
  }

  /** How the sheet lies. */
  public Misplacement askew() {
    return askew;
  }

  /** What it said last. */
  public String words() {
    return words;
  }

  /** Whether it is at work. */
  public boolean busy() {
    return busy;
  }

  /** Switches it off, even in the middle of a job. */
  @Override
  public void close() throws IOException {
    open = false;
    // what is switched off says nothing more: the line goes first, or the cutter would still tell that it has stopped
    Socket talking = now;
    if (talking != null) {
      talking.close();
    }
    socket.close();
    cutter.stop();
    // the system lets a caller in as long as the listener has not woken up: nobody is served by what is switched off
    try {
      listener.join(LAST_WORDS_MS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void listen() {
    while (open) {
      try {
        Socket client = socket.accept();
        client.setTcpNoDelay(true);
        Thread thread = new Thread(() -> serve(client), "practice-client");
        thread.setDaemon(true);
        if (open && waiting.tryAcquire()) {
          thread.start();
        } else {
          client.close();
        }
      } catch (IOException | RuntimeException gone) {
        if (open) {
          say("practice.gone");
        }
      }
    }
  }

  /** One job at a time; who comes in between waits a moment and is then told that the machine is at work. */
  private void serve(Socket client) {
    boolean mine = false;
    try (client) {
      mine = turn.tryAcquire(TURN_MS, TimeUnit.MILLISECONDS);
      if (!mine) {
        answer(client.getOutputStream(), "stopped", Wording.text("practice.atWork"));
        return;
      }
      now = client;
      busy = true;
      job(client);
    } catch (SocketTimeoutException silent) {
      say("practice.silentClient");
    } catch (IOException | RuntimeException gone) {
      say("practice.gone");
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } finally {
      waiting.release();
      if (mine) {
        busy = false;
        turn.release();
        changed.accept(this);
      }
    }
  }

  private void job(Socket client) throws IOException {
    cutter = new Cutter(setup);
    print = null;
    OutputStream out = client.getOutputStream();
    answer(out, "ready", Wording.text("practice.ready", inches(setup.width()), inches(setup.height()), setup.blade()));
    say("practice.working", inches(setup.width()), inches(setup.height()), setup.blade());
    InputStream in = new BufferedInputStream(client.getInputStream());
    // Who says nothing at all is let go soon; a person may pause a job for long.
    client.setSoTimeout(FIRST_MS);
    in.mark(1);
    int first = in.read();
    if (first >= 0) {
      in.reset();
    }
    client.setSoTimeout(PAUSE_MS);
    while (true) {
      in.mark(1);
      int c = in.read();
      if (c == '#') {
        told(line(in), in, out);
      } else if (c < 0) {
        break;
      } else if (c > ' ') {
        in.reset();
        break;
      }
    }
    orders(new OrderReader(in), out);
    drain(client, in);
  }

  /** Takes what is still on its way, for a connection closed on unread orders loses the last words too. */
  private static void drain(Socket client, InputStream in) throws IOException {
    client.shutdownOutput();
    client.setSoTimeout(LAST_WORDS_MS);
    byte[] rest = new byte[4096];
    try {
      for (int read = in.read(rest), all = 0; read >= 0 && all < LARGEST_PRINT; read = in.read(rest)) {
        all += read;
      }
    } catch (SocketTimeoutException quiet) {
      client.setSoTimeout(0);
    }
  }

  private void orders(OrderReader reader, OutputStream out) throws IOException {
    int done = 0;
    double paced = 0;
    while (true) {
      Optional<CutterOrder> order;
      try {
        order = reader.next();
      } catch (OrderReader.Nonsense nonsense) {
        answer(out, "refused", say("practice.nonsense", nonsense.getMessage()));
        answer(out, "ok", String.valueOf(++done));
        continue;
      }
      if (order.isEmpty()) {
        break;
      }
      Cutter.Refusal refusal = cutter.obey(order.get());
      if (cutter.report().length() >= stopAfter) {
        cutter.stop();
        stopAfter = Double.MAX_VALUE;
      }
      done++;
      paced = pace(paced);
      switch (refusal) {
        case OUTSIDE -> answer(out, "refused", say("practice.outside", done));
        case UNKNOWN -> answer(out, "refused", say("practice.unknown", order.get().word()));
        case NO_MATERIAL -> {
          cutter.finish();
          answer(out, "stopped", say("practice.noMaterial", inches(setup.material()), inches(cutter.report().length())));
          return;
        }
        case STOPPED -> {
          cutter.finish();
          answer(out, "stopped", say("practice.stopped", inches(cutter.report().length())));
          return;
        }
        default -> { }
      }
      answer(out, "ok", String.valueOf(done));
      if (done % 8 == 0) {
        changed.accept(this);
      }
      if (order.get().word().equals("SP") && order.get().figures().equals(List.of(0.0))) {
        break;
      }
    }
    cutter.finish();
    CutterReport r = cutter.report();
    String way = Lengths.plain(r.seconds(), 0);
    answer(out, "done", print == null ? say("practice.done", inches(r.length()), way, r.lifts(), inches(r.travel()))
        : say("practice.donePrinted", inches(r.length()), way, r.lifts(), inches(r.travel()), Lengths.plain(offBy, 4)));
  }

  /** Takes as long as a real machine, divided by its hurry. */
  private double pace(double paced) throws IOException {
    if (setup.hurry() <= 0) {
      return paced;
    }
    double due = cutter.report().seconds() / setup.hurry() - paced;
    if (due < 0.005) {
      return paced;
    }
    try {
      Thread.sleep((long) Math.min(500, due * 1000));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
    return paced + due;
  }

  /** What a sender tells of the sheet: its height, or a print with marks to be scanned. */
  private void told(String line, InputStream in, OutputStream out) throws IOException {
    String[] parts = line.strip().split("\\s+");
    try {
      if (parts[0].equals("sheet")) {
        double height = Double.parseDouble(parts[1]);
        if (!(height >= LEAST_SHEET && height <= MOST_SHEET)) {
          throw new IllegalArgumentException("sheet");
        }
        cutter.sheet(height);
      } else if (parts[0].equals("print")) {
        double ppi = Double.parseDouble(parts[1]);
        int bytes = Integer.parseInt(parts[2]);
        double radius = Double.parseDouble(parts[3]);
        List<Point> marks = new ArrayList<>();
        for (int i = 4; i + 1 < parts.length; i += 2) {
          marks.add(new Point(Double.parseDouble(parts[i]), Double.parseDouble(parts[i + 1])));
        }
        if (bytes < 0 || bytes > LARGEST_PRINT || marks.size() < 3 || marks.size() > 16 || !(ppi >= 20 && ppi <= 1200)
            || !(radius > 0 && radius <= 1)
            || marks.stream().anyMatch(m -> !(Math.abs(m.x()) <= MOST_SHEET && Math.abs(m.y()) <= MOST_SHEET))) {
          throw new IllegalArgumentException("print");
        }
        scan(in.readNBytes(bytes), ppi, radius, marks, out);
      } else {
        throw new IllegalArgumentException(parts[0]);
      }
    } catch (RuntimeException e) {
      answer(out, "refused", say("practice.nonsense", line.length() > 20 ? line.substring(0, 20) : line));
    }
  }

  private void scan(byte[] bytes, double ppi, double radius, List<Point> marks, OutputStream out) throws IOException {
    BufferedImage sheet = ImageIO.read(new ByteArrayInputStream(bytes));
    if (sheet == null) {
      throw new IllegalArgumentException("print");
    }
    print = sheet;
    printPpi = ppi;
    List<Point> found = Scan.marks(Scan.seen(sheet, ppi, askew, setup.width(), setup.height()), marks, radius);
    if (found.isEmpty()) {
      answer(out, "refused", say("practice.noMarks"));
      cutter.stop();
      return;
    }
    Affine fitted = Scan.fit(marks, found);
    cutter.correct(fitted);
    offBy = error(fitted, Box.around(marks));
    answer(out, "scanned", say("practice.scanned", marks.size(), Lengths.plain(offBy, 4)));
  }

  /** The greatest difference at the corners of the marks between where the sheet lies and where it is thought to lie. */
  private double error(Affine fitted, Box box) {
    double most = 0;
    for (Point corner : box.corners()) {
      most = Math.max(most, fitted.apply(corner).distance(askew.map().apply(corner)));
    }
    return most;
  }

  private static String line(InputStream in) throws IOException {
    StringBuilder out = new StringBuilder();
    for (int c = in.read(); c != '\n'; c = in.read()) {
      if (c < 0 || out.length() > 4000) {
        throw new EOFException();
      }
      out.append((char) c);
    }
    return out.toString();
  }

  private String say(String key, Object... values) {
    words = Wording.text(key, values);
    changed.accept(this);
    return words;
  }

  private static void answer(OutputStream out, String word, String more) throws IOException {
    out.write((word + " " + more.replace('\n', ' ') + "\n").getBytes(StandardCharsets.UTF_8));
    out.flush();
  }

  private static String inches(double value) {
    return Lengths.plain(value, 2);
  }

  /** A misplacement by chance. */
  public static Misplacement chance() {
    return Misplacement.random(new Random());
  }
}
