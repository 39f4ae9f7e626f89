package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.overlay.Fit;
import org.zipthimble.core.work.Ongoing;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Turns pictures into outlines. The outlines come in the unit square of the picture, its top left at 0, 0. */
public final class Trace {
  /** The most pixels that are traced; a larger picture is halved first. */
  public static final long MOST_PIXELS = 16_000_000;

  private static final float HALF = 0.5f;

  private static final float[] RED = weighed(0.299);
  private static final float[] GREEN = weighed(0.587);
  private static final float[] BLUE = weighed(0.114);

  /** Lines of so many places together are fitted between two looks whether to go on. */
  private static final int AT_ONCE = 50_000;

  private Trace() {}

  /**
   * How a picture is traced.
   *
   * @param colours 1 for one colour by threshold, or 2 to 8
   * @param threshold darker than this is traced, 1 to 255; for one colour only
   * @param smoothness 0 (every step of the pixels) to 10, in pixels
   * @param speck what is smaller, in square pixels, is left out; 0 to 1,000,000
   */
  public record TraceSetting(int colours, int threshold, double smoothness, double speck) {
    /** The most colours. */
    public static final int MOST_COLOURS = 8;

    /** The smoothest, in pixels. */
    public static final double SMOOTHEST = 10;

    /** The largest speck that can be left out, in square pixels. */
    public static final double LARGEST_SPECK = 1_000_000;

    /** One colour, dark on light. */
    public static final TraceSetting USUAL = new TraceSetting(1, 128, 1, 16);

    /** Checks the ranges. */
    public TraceSetting {
      if (colours < 1 || colours > MOST_COLOURS || threshold < 1 || threshold > 255 || !(smoothness >= 0 && smoothness <= SMOOTHEST)
          || !(speck >= 0 && speck <= LARGEST_SPECK)) {
        throw new IllegalArgumentException("a trace's figures are out of range");
      }
    }
  }

  /** An outline and its colour. */
  public record Layer(Colour colour, Path unit) {}

  /**
   * Traces a picture.
   *
   * @return one layer for each colour, the lowest first; each lies under those above it, so that no gap shows
   * @throws Stopped when the person stopped it
   */
  public static List<Layer> of(BufferedImage image, TraceSetting asked, Progress progress) throws Stopped {
    BufferedImage small = held(image);
    int width = small.getWidth();
    int height = small.getHeight();
    if (asked.colours() == 1) {
      // half a step beyond: white is not darker than 255
      float level = (255.5f - asked.threshold()) / 255;
      Path path = outline(darkness(small), width, height, level, asked, progress, 0, 1);
      return path.segments().isEmpty() ? List.of() : List.of(new Layer(Colour.BLACK, path));
    }
    return coloured(small, asked, progress);
  }

  /**
   * The outline of what is opaque in a picture.
   *
   * @param threshold how opaque it must be, 1 to 255
   * @return the whole unit square for a picture without transparency
   */
  public static Path opaque(BufferedImage image, int threshold) {
    BufferedImage small = held(image);
    int width = small.getWidth();
    int height = small.getHeight();
    if (!small.getColorModel().hasAlpha()) {
      return org.zipthimble.core.geom.Shapes.rectangle(new org.zipthimble.core.geom.Box(0, 0, 1, 1));
    }
    try {
      return outline(opacity(small), width, height, threshold / 255f, new TraceSetting(1, 128, 0.4, 4), Progress.SILENT, 0, 1);
    } catch (Stopped never) {
      throw new IllegalStateException(never);
    }
  }

  private static Blur.Rows darkness(BufferedImage image) {
    return (y, into) -> {
      int[] row = new int[into.length];
      Pixels.row(image, y, row);
      for (int x = 0; x < row.length; x++) {
        into[x] = darkness(row[x]);
      }
    };
  }

  private static Blur.Rows opacity(BufferedImage image) {
    return (y, into) -> {
      int[] row = new int[into.length];
      Pixels.row(image, y, row);
      for (int x = 0; x < row.length; x++) {
        into[x] = (row[x] >>> 24) / 255f;
      }
    };
  }

  private static BufferedImage held(BufferedImage image) {
    BufferedImage out = image;
    while ((long) out.getWidth() * out.getHeight() > MOST_PIXELS) {
      out = Halvings.half(out);
    }
    return out;
  }

  /** How dark a pixel is on white, 0 to 1, by the luma weights of Rec. ITU-R BT.601. */
  private static float darkness(int argb) {
    float dark = 1 - RED[argb >> 16 & 255] - GREEN[argb >> 8 & 255] - BLUE[argb & 255];
    int alpha = argb >>> 24;
    return alpha == 255 ? dark : dark * alpha / 255;
  }

  /** What a part of a colour adds to its lightness, for each of its values. */
  private static float[] weighed(double weight) {
    float[] out = new float[256];
    for (int i = 0; i < out.length; i++) {
      out[i] = (float) (weight * i / 255);
    }
    return out;
  }

  private static List<Layer> coloured(BufferedImage image, TraceSetting asked, Progress progress) throws Stopped {
    int width = image.getWidth();
    int height = image.getHeight();
    Reduced reduced = Reduced.of(image, asked.colours(), progress);
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < reduced.colours().size(); i++) {
      order.add(i);
    }
    long[] counts = reduced.counts();
    order.sort(Comparator.comparingLong(i -> -counts[i]));
    int[] place = new int[order.size()];
    for (int i = 0; i < place.length; i++) {
      place[order.get(i)] = i;
    }
    List<Layer> layers = new ArrayList<>();
    for (int layer = 0; layer < place.length; layer++) {
      Ongoing.check();
      int least = layer;
      Blur.Rows field = (y, into) -> {
        for (int x = 0; x < width; x++) {
          int label = reduced.labels()[y * width + x];
          into[x] = label >= 0 && place[label] >= least ? 1 : 0;
        }
      };
      double from = 0.4 + 0.6 * layer / place.length;
      Path path = outline(field, width, height, HALF, asked, progress, from, from + 0.6 / place.length);
      if (!path.segments().isEmpty()) {
        layers.add(new Layer(reduced.colours().get(order.get(layer)), path));
      }
    }
    return layers;
  }

  private static Path outline(
      Blur.Rows field, int width, int height, float level, TraceSetting asked, Progress progress, double from, double to) throws Stopped {
    float[] soft = Blur.soft(field, width, height, 0.8 * asked.smoothness() + 0.4 * Math.min(1, asked.smoothness()));
    progress.step(from + (to - from) * 0.4);
    List<List<Point>> chains = new ArrayList<>(IsoLines.of(soft, width, height, level));
    chains.removeIf(chain -> area(chain) < Math.max(asked.speck(), 0.5));
    double tolerance = 0.2 + 0.25 * asked.smoothness();
    List<Contour> contours = new ArrayList<>();
    for (int done = 0; done < chains.size();) {
      Ongoing.check();
      progress.step(from + (to - from) * (0.5 + 0.5 * done / chains.size()));
      int end = done;
      for (int places = 0; end < chains.size() && places < AT_ONCE; end++) {
        places += chains.get(end).size();
      }
      contours.addAll(chains.subList(done, end).parallelStream().map(chain -> Fit.traced(chain, tolerance))
          .filter(c -> !c.spans().isEmpty()).toList());
      done = end;
    }
    return Contour.path(contours).mapped(Affine.scale(1.0 / width, 1.0 / height));
  }

  private static double area(List<Point> chain) {
    double sum = 0;
    for (int i = 0; i < chain.size(); i++) {
      Point a = chain.get(i);
      Point b = chain.get((i + 1) % chain.size());
      sum += a.x() * b.y() - b.x() * a.y();
    }
    return Math.abs(sum) / 2;
  }
}
