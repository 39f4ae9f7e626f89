package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Contour;
import org.zipthimble.core.geom.Fit;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/** Turns pictures into outlines. The outlines come in the unit square of the picture, its top left at 0, 0. */
public final class Trace {
  /** The most pixels that are traced; a larger picture is halved first. */
  public static final long MOST_PIXELS = 16_000_000;

  private static final float HALF = 0.5f;

  private Trace() {}

  /**
   * How a picture is traced.
   *
   * @param colours 1 for one colour by threshold, or 2 to 8
   * @param threshold darker than this is traced, 1 to 255; for one colour only
   * @param smoothness 0 (every step of the pixels) to 10, in pixels
   * @param speck what is smaller, in square pixels, is left out; 0 to 1,000,000
   */
  public record Asked(int colours, int threshold, double smoothness, double speck) {
    /** The most colours. */
    public static final int MOST_COLOURS = 8;

    /** The smoothest, in pixels. */
    public static final double SMOOTHEST = 10;

    /** The largest speck that can be left out, in square pixels. */
    public static final double LARGEST_SPECK = 1_000_000;

    /** One colour, dark on light. */
    public static final Asked USUAL = new Asked(1, 128, 1, 16);

    /** Checks the ranges. */
    public Asked {
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
  public static List<Layer> of(BufferedImage image, Asked asked, Progress progress) throws Stopped {
    BufferedImage small = held(image);
    int width = small.getWidth();
    int height = small.getHeight();
    if (asked.colours() == 1) {
      float[] field = new float[width * height];
      IntStream.range(0, height).parallel().forEach(y -> {
        int[] row = new int[width];
        Pixels.row(small, y, row);
        for (int x = 0; x < width; x++) {
          field[y * width + x] = darkness(row[x]);
        }
      });
      progress.step(0.3);
      float level = 1 - asked.threshold() / 255f;
      Path path = outline(field, width, height, level, asked, progress, 0.3, 1);
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
    float[] field = new float[width * height];
    IntStream.range(0, height).parallel().forEach(y -> {
      int[] row = new int[width];
      Pixels.row(small, y, row);
      for (int x = 0; x < width; x++) {
        field[y * width + x] = (row[x] >>> 24) / 255f;
      }
    });
    try {
      return outline(field, width, height, threshold / 255f, new Asked(1, 128, 0.4, 4), Progress.SILENT, 0, 1);
    } catch (Stopped never) {
      throw new IllegalStateException(never);
    }
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
    float luma = 0.299f * (argb >> 16 & 255) + 0.587f * (argb >> 8 & 255) + 0.114f * (argb & 255);
    return (1 - luma / 255) * (argb >>> 24) / 255;
  }

  private static List<Layer> coloured(BufferedImage image, Asked asked, Progress progress) throws Stopped {
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
    float[] field = new float[width * height];
    for (int layer = 0; layer < place.length; layer++) {
      for (int i = 0; i < field.length; i++) {
        int label = reduced.labels()[i];
        field[i] = label >= 0 && place[label] >= layer ? 1 : 0;
      }
      double from = 0.4 + 0.6 * layer / place.length;
      Path path = outline(field, width, height, HALF, asked, progress, from, from + 0.6 / place.length);
      if (!path.segments().isEmpty()) {
        layers.add(new Layer(reduced.colours().get(order.get(layer)), path));
      }
    }
    return layers;
  }

  private static Path outline(
      float[] field, int width, int height, float level, Asked asked, Progress progress, double from, double to) throws Stopped {
    float[] soft = Blur.soft(field, width, height, 0.8 * asked.smoothness() + 0.4 * Math.min(1, asked.smoothness()));
    progress.step(from + (to - from) * 0.3);
    List<List<Point>> chains = IsoLines.of(soft, width, height, level);
    List<Contour> contours = new ArrayList<>();
    double tolerance = 0.2 + 0.25 * asked.smoothness();
    for (int i = 0; i < chains.size(); i++) {
      progress.step(from + (to - from) * (0.4 + 0.6 * i / chains.size()));
      List<Point> chain = chains.get(i);
      if (area(chain) >= Math.max(asked.speck(), 0.5)) {
        Contour contour = Fit.traced(chain, tolerance);
        if (!contour.spans().isEmpty()) {
          contours.add(contour);
        }
      }
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
