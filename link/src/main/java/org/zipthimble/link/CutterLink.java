package org.zipthimble.link;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.ConnectException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Stopped;

/**
 * Streams plotter language to a cutter on this machine. Only a few orders are under way at a time, so that pausing and
 * stopping take hold at once and progress is what was truly cut.
 */
public final class CutterLink {
  /** The port a practice cutter listens on. */
  public static final int PORT = 9117;

  private static final int UNDER_WAY = 6;
  private static final int PATIENCE_MS = 20_000;

  private CutterLink() {}

  /** Watches and steers a job under way; called by the thread that sends. */
  public interface Watch {
    /** So many of all orders are done. */
    void done(int orders, int all);

    /** The cutter said something in plain words. */
    void said(String words);

    /** Whether to wait. */
    boolean paused();

    /** Whether to end. */
    boolean stopped();
  }

  /**
   * A printed sheet for the cutter to look at.
   *
   * @param png the whole sheet
   * @param ppi pixels for each inch
   * @param radius of the marks in inches
   * @param marks where they are on the sheet, in inches from its top left
   */
  public record Print(byte[] png, double ppi, double radius, List<Point> marks) {
    /** Keeps copies. */
    public Print {
      png = png.clone();
      marks = List.copyOf(marks);
    }
  }

  /**
   * How a job ended.
   *
   * @param whole whether all was cut
   * @param words what the cutter said at the end
   * @param done orders that were done; the job can go on from there
   * @param refused what the cutter refused, in its words
   */
  public record Ending(boolean whole, String words, int done, List<String> refused) {}

  /**
   * Sends a job.
   *
   * @param height of the sheet in inches
   * @param from the first order to send, 0 for all; setting up is sent again in any case
   * @throws Trouble when no cutter answers, or it is switched off in the middle; the sentence says how far it came
   * @throws Stopped when the person stopped it
   */
  public static Ending send(int port, String plotter, double height, Optional<Print> print, int from, Watch watch)
      throws Trouble, Stopped {
    List<String> orders = orders(plotter, from);
    int done = 0;
    try (Socket socket = new Socket()) {
      socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 3000);
      socket.setSoTimeout(PATIENCE_MS);
      socket.setTcpNoDelay(true);
      OutputStream out = socket.getOutputStream();
      BufferedReader in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
      watch.said(after(in.readLine()));
      out.write(String.format(Locale.ROOT, "#sheet %.6f%n", height).getBytes(StandardCharsets.US_ASCII));
      if (print.isPresent()) {
        show(out, print.get());
      }
      List<String> refused = new ArrayList<>();
      int sent = 0;
      while (true) {
        if (watch.stopped()) {
          throw new Stopped();
        }
        if (watch.paused()) {
          Thread.sleep(40);
          continue;
        }
        StringBuilder next = new StringBuilder();
        while (sent < orders.size() && sent - done < UNDER_WAY) {
          next.append(orders.get(sent++)).append(';');
        }
        hand(out, next);
        String line = in.readLine();
        if (line == null) {
          throw new IOException("switched off");
        }
        if (line.startsWith("ok ")) {
          done++;
          watch.done(from + done, from + orders.size());
        } else if (line.startsWith("refused ")) {
          refused.add(after(line));
          watch.said(after(line));
        } else if (line.startsWith("done ") || line.startsWith("stopped ")) {
          watch.said(after(line));
          return new Ending(line.startsWith("done "), after(line), from + done, List.copyOf(refused));
        } else {
          watch.said(after(line));
        }
      }
    } catch (ConnectException e) {
      throw Trouble.because(e, "practice.noCutter", port);
    } catch (SocketTimeoutException e) {
      throw Trouble.because(e, "practice.silent", port);
    } catch (IOException e) {
      throw Trouble.because(e, "practice.switchedOff", from + done, from + orders.size());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Stopped();
    }
  }

  /** Hands orders over; a cutter that takes no more may still have something to say, so that reading tells what is wrong. */
  private static void hand(OutputStream out, CharSequence orders) {
    try {
      out.write(orders.toString().getBytes(StandardCharsets.US_ASCII));
      out.flush();
    } catch (IOException closed) {
      // The answer that follows says why, or ends and then it was switched off.
    }
  }

  private static void show(OutputStream out, Print print) throws IOException {
    StringBuilder line = new StringBuilder(
        String.format(Locale.ROOT, "#print %.3f %d %.4f", print.ppi(), print.png().length, print.radius()));
    print.marks().forEach(m -> line.append(String.format(Locale.ROOT, " %.6f %.6f", m.x(), m.y())));
    out.write(line.append('\n').toString().getBytes(StandardCharsets.US_ASCII));
    out.write(print.png());
  }

  /** Single orders; what sets the machine up is always among them, cuts only from the first that is wanted. */
  private static List<String> orders(String plotter, int from) {
    List<String> out = new ArrayList<>();
    int index = 0;
    for (String order : plotter.split(";")) {
      String plain = order.strip();
      if (!plain.isEmpty()) {
        boolean moves = plain.startsWith("PU") || plain.startsWith("PD");
        if (index >= from || !moves) {
          out.add(plain);
        }
        index++;
      }
    }
    return out;
  }

  /** The order from which a broken job should go on: the lifted move before the stroke that was not finished. */
  public static int resume(String plotter, int done) {
    int index = 0;
    int last = 0;
    for (String order : plotter.split(";")) {
      String plain = order.strip();
      if (!plain.isEmpty()) {
        if (index >= done) {
          break;
        }
        last = plain.startsWith("PU") ? index : last;
        index++;
      }
    }
    return last;
  }

  private static String after(String line) throws IOException {
    if (line == null) {
      throw new IOException("switched off");
    }
    int space = line.indexOf(' ');
    return space < 0 ? line : line.substring(space + 1);
  }
}
