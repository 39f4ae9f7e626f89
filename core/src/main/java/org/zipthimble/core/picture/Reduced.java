package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * A picture in a few colours: the middles of groups of near colours (Lloyd's rule, begun from the colours farthest
 * from each other), each pixel then given to the nearest, and single stray pixels to what is around them.
 *
 * @param labels the colour of each pixel, -1 where the picture is see-through
 */
record Reduced(List<Colour> colours, int[] labels) {
  private static final int SAMPLES = 20_000;
  private static final int ROUNDS = 12;

  static Reduced of(BufferedImage image, int count, Progress progress) throws Stopped {
    int width = image.getWidth();
    int height = image.getHeight();
    int[] pixels = Pixels.argb(image);
    progress.step(0.1);
    double[][] middles = middles(sample(pixels), count);
    progress.step(0.2);
    int[] labels = new int[pixels.length];
    IntStream.range(0, height).parallel().forEach(y -> label(pixels, y * width, (y + 1) * width, middles, labels));
    progress.step(0.3);
    int[] calm = calmed(calmed(labels, width, height), width, height);
    List<Colour> colours = new ArrayList<>();
    for (double[] m : middles) {
      colours.add(new Colour((int) Math.rint(m[0]), (int) Math.rint(m[1]), (int) Math.rint(m[2])));
    }
    progress.step(0.4);
    return new Reduced(colours, calm);
  }

  long[] counts() {
    long[] counts = new long[colours.size()];
    for (int label : labels) {
      if (label >= 0) {
        counts[label]++;
      }
    }
    return counts;
  }

  private static List<int[]> sample(int[] pixels) {
    List<int[]> out = new ArrayList<>();
    int step = Math.max(1, pixels.length / SAMPLES);
    for (int i = 0; i < pixels.length; i += step) {
      if (pixels[i] >>> 24 >= 128) {
        out.add(new int[] {pixels[i] >> 16 & 255, pixels[i] >> 8 & 255, pixels[i] & 255});
      }
    }
    return out;
  }

  private static double[][] middles(List<int[]> sample, int count) {
    List<double[]> middles = new ArrayList<>();
    if (sample.isEmpty()) {
      return new double[0][];
    }
    middles.add(new double[] {sample.get(0)[0], sample.get(0)[1], sample.get(0)[2]});
    while (middles.size() < count) {
      int[] farthest = sample.get(0);
      double most = 0;
      for (int[] s : sample) {
        double least = Double.MAX_VALUE;
        for (double[] m : middles) {
          least = Math.min(least, away(m, s[0], s[1], s[2]));
        }
        if (least > most) {
          most = least;
          farthest = s;
        }
      }
      if (most < 300) {
        break;
      }
      middles.add(new double[] {farthest[0], farthest[1], farthest[2]});
    }
    double[][] out = middles.toArray(new double[0][]);
    for (int round = 0; round < ROUNDS; round++) {
      double[][] sums = new double[out.length][4];
      for (int[] s : sample) {
        double[] sum = sums[nearest(out, s[0] << 16 | s[1] << 8 | s[2])];
        sum[0] += s[0];
        sum[1] += s[1];
        sum[2] += s[2];
        sum[3]++;
      }
      for (int i = 0; i < out.length; i++) {
        if (sums[i][3] > 0) {
          out[i] = new double[] {sums[i][0] / sums[i][3], sums[i][1] / sums[i][3], sums[i][2] / sums[i][3]};
        }
      }
    }
    return out;
  }

  private static void label(int[] pixels, int begin, int end, double[][] middles, int[] labels) {
    for (int i = begin; i < end; i++) {
      // Neighbours are often of the very same colour.
      boolean again = i > begin && pixels[i] == pixels[i - 1];
      labels[i] = again ? labels[i - 1] : pixels[i] >>> 24 < 128 ? -1 : nearest(middles, pixels[i]);
    }
  }

  private static int nearest(double[][] middles, int rgb) {
    int best = 0;
    double least = Double.MAX_VALUE;
    for (int i = 0; i < middles.length; i++) {
      double away = away(middles[i], rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255);
      if (away < least) {
        least = away;
        best = i;
      }
    }
    return best;
  }

  /** Squared distance with the eye's weights for red, green and blue (common practice, no source). */
  private static double away(double[] m, int r, int g, int b) {
    double dr = m[0] - r;
    double dg = m[1] - g;
    double db = m[2] - b;
    return 2 * dr * dr + 4 * dg * dg + 3 * db * db;
  }

  /** Each pixel takes the colour that five or more of its eight neighbours share. */
  private static int[] calmed(int[] labels, int width, int height) {
    int[] out = labels.clone();
    IntStream.range(1, Math.max(1, height - 1)).parallel().forEach(y -> {
      for (int at = y * width + 1; at < (y + 1) * width - 1; at++) {
        if (shared(labels, at, labels[at - 1], width)) {
          out[at] = labels[at - 1];
        }
        if (shared(labels, at, labels[at + 1], width)) {
          out[at] = labels[at + 1];
        }
      }
    });
    return out;
  }

  /** Whether five or more of the nine pixels about a place have a colour that its own is not. */
  private static boolean shared(int[] labels, int at, int candidate, int width) {
    if (candidate == labels[at]) {
      return false;
    }
    int same = 0;
    for (int dy = -width; dy <= width; dy += width) {
      for (int dx = -1; dx <= 1; dx++) {
        same += labels[at + dy + dx] == candidate ? 1 : 0;
      }
    }
    return same >= 5;
  }
}
