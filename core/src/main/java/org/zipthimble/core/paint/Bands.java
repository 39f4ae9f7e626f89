package org.zipthimble.core.paint;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.MarkTape;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * Paints a page band after band on white paper and hands each, already turned into what a file needs, on
 * in order. Several threads work ahead by a few bands, so the memory it takes does not grow with the page.
 */
public final class Bands {
  /** The most pixels of a page that is written in bands. */
  public static final long MOST_PIXELS = 1_000_000_000;

  private final DrawnPage page;
  private final double ppi;
  private final boolean open;
  private final boolean turned;
  private final Halvings pictures;
  private final int width;
  private final int height;

  /** Makes part of a file of some rows; called by several threads. */
  interface Maker<T> {
    T make(int firstRow, int rows) throws IOException;
  }

  /** Takes the parts in order. */
  interface Taker<T> {
    void take(T part) throws IOException;
  }

  /**
   * A page at a resolution.
   *
   * @param ppi pixels per inch; the page's pixels are its inches times this, rounded
   * @throws Trouble when the page would have more than {@link #MOST_PIXELS}
   */
  public Bands(DrawnPage page, double ppi, Halvings pictures) throws Trouble {
    this(page, ppi, pictures, false, false);
  }

  /** The same, of a page whose pixels are laid left for right: each row of the mirror image is the row of the other, read backwards. */
  public static Bands of(DrawnPage page, double ppi, Halvings pictures, boolean open, boolean turned) throws Trouble {
    return new Bands(page, ppi, pictures, open, turned);
  }

  /** The same without paper, with ppi pixels per inch: see-through where nothing is printed. */
  public static Bands open(DrawnPage page, double ppi, Halvings pictures) throws Trouble {
    return new Bands(page, ppi, pictures, true, false);
  }

  private Bands(DrawnPage page, double ppi, Halvings pictures, boolean open, boolean turned) throws Trouble {
    long w = Math.max(1, Math.round(page.size().width() * ppi));
    long h = Math.max(1, Math.round(page.size().height() * ppi));
    if (w * h > MOST_PIXELS) {
      throw Trouble.of("raster.tooLarge", w, h, Lengths.plain(ppi, 1), MOST_PIXELS / 1_000_000);
    }
    this.page = MarkTape.kept(page);
    this.ppi = ppi;
    this.open = open;
    this.turned = turned;
    this.pictures = pictures;
    this.width = (int) w;
    this.height = (int) h;
  }

  /** In pixels. */
  public int width() {
    return width;
  }

  /** In pixels. */
  public int height() {
    return height;
  }

  /** Pixels per inch. */
  public double ppi() {
    return ppi;
  }

  /** Turns every row of a band around. */
  static void turn(BufferedImage band) {
    int[] pixels = ((DataBufferInt) band.getRaster().getDataBuffer()).getData();
    int width = band.getWidth();
    for (int from = 0; from < pixels.length; from += width) {
      for (int x = 0; x < width / 2; x++) {
        int kept = pixels[from + x];
        pixels[from + x] = pixels[from + width - 1 - x];
        pixels[from + width - 1 - x] = kept;
      }
    }
  }

  <T> void each(int rows, Maker<T> maker, Taker<T> taker, Progress progress) throws IOException, Stopped {
    int threads = Math.max(1, Math.min(4, Runtime.getRuntime().availableProcessors()));
    ExecutorService pool = Executors.newFixedThreadPool(threads, run -> {
      Thread thread = new Thread(run, "bands");
      thread.setDaemon(true);
      return thread;
    });
    Deque<Future<T>> ahead = new ArrayDeque<>();
    PicturesAhead found = new PicturesAhead(RasterPainter.toPixels(page, ppi), new Box(0, 0, width, height));
    page.marks().accept(found);
    Deque<PicturesAhead.Met> waiting = new ArrayDeque<>(found.fromTheTop());
    try {
      int next = 0;
      int done = 0;
      while (done < height) {
        while (next < height && ahead.size() < threads + 1) {
          int row = next;
          while (!waiting.isEmpty() && waiting.peek().row() < row + (threads + 2) * rows) {
            PicturesAhead.Met picture = waiting.remove();
            pool.submit(() -> picture.decode(pictures));
          }
          ahead.add(pool.submit(() -> maker.make(row, Math.min(rows, height - row))));
          next += rows;
        }
        progress.step((double) done / height);
        taker.take(ahead.remove().get());
        done += rows;
      }
      progress.at(1);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Stopped();
    } catch (ExecutionException e) {
      throw failure(e);
    } finally {
      pool.shutdownNow();
    }
  }

  private static IOException failure(ExecutionException e) {
    if (e.getCause() instanceof OutOfMemoryError) {
      throw (OutOfMemoryError) e.getCause();
    }
    return e.getCause() instanceof IOException ? (IOException) e.getCause() : new IOException(e.getCause().getMessage(), e.getCause());
  }

  /** Whether it is painted without paper. */
  boolean open() {
    return open;
  }

  /** Some rows of the page; with opacity and not premultiplied where there is no paper. */
  BufferedImage band(int row, int rows) {
    BufferedImage band = new BufferedImage(width, rows, open ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
    if (!open) {
      Graphics2D paper = band.createGraphics();
      paper.setColor(Color.WHITE);
      paper.fillRect(0, 0, width, rows);
      paper.dispose();
    }
    RasterOut out = new RasterOut(band, RasterPainter.toPixels(page, ppi).then(Affine.move(0, -row)), pictures);
    page.marks().accept(out);
    out.done();
    if (turned) {
      turn(band);
    }
    return band;
  }
}
