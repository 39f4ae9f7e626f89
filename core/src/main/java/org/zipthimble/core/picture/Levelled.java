package org.zipthimble.core.picture;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import java.util.Optional;
import org.zipthimble.core.geom.Affine;

/**
 * Draws opaque pictures whose sides lie along those of the pixels they are drawn into, as nearly all pictures do: first down the columns,
 * then along the rows, by cubic convolution (Keys, "Cubic Convolution Interpolation for Digital Image Processing", 1981, with a = -1/2).
 * Where a picture is made smaller, the kernel is as wide as a drawn pixel, so that nothing of it is left out and no fine pattern beats
 * against the pixels.
 *
 * <p>Red, green and blue of a pixel are weighed together in one number of 64 bits, 21 for each: the sum of all, each with its sign, is the
 * same as if each were summed alone, and something added beforehand keeps every part above nought.
 */
public final class Levelled {
  /** How far, in drawn pixels, a side may lean over the whole picture. */
  private static final double LEAN = 1e-3;

  /** Made smaller by more than this in one direction, a picture is left to others. */
  private static final double MOST_WIDE = 16;

  /** So many are weighed at once. */
  private static final int TOGETHER = 4;

  private static final int LANE = 21;
  private static final long ALL = (1L << LANE) - 1;

  /** Weights down a column add up to two to this; what comes of them keeps two bits more than a colour has. */
  private static final int DOWN_BITS = 11;

  private static final int KEPT_BITS = 2;

  /** Weights along a row. */
  private static final int ALONG_BITS = 9;

  /** So much is added in the first pass, and what is left of it in the second. */
  private static final int BIAS = 1 << 19;

  private static final int DROPPED_BITS = DOWN_BITS - KEPT_BITS;
  private static final long FIRST = lanes(BIAS + (1 << DROPPED_BITS - 1));
  private static final long LANES = lanes((1 << LANE - DROPPED_BITS) - 1);
  private static final long SECOND = lanes(1 << ALONG_BITS + KEPT_BITS - 1);

  private final BufferedImage image;
  private final Taps across;
  private final Taps down;
  private final int[] argb;
  /** Rows of the picture, its three colours spread, each where its number falls. */
  private final long[][] rows;
  private final int[] held;

  private Levelled(BufferedImage image, Taps across, Taps down) {
    this.image = image;
    this.across = across;
    this.down = down;
    this.argb = new int[image.getWidth()];
    this.rows = new long[down.most][image.getWidth()];
    this.held = new int[down.most];
    Arrays.fill(held, -1);
  }

  private static long lanes(long each) {
    return each << 2 * LANE | each << LANE | each;
  }

  /**
   * Opaque pixels and where they lie.
   *
   * @param left the column of the first of them
   * @param top its row
   */
  public record Part(BufferedImage image, int left, int top) {}

  /** Whether a picture can be drawn here: it is opaque, lies level, turned over perhaps, and is not made very narrow. */
  public static boolean can(BufferedImage image, Affine toPixels) {
    boolean level = Math.abs(toPixels.b()) < LEAN && Math.abs(toPixels.c()) < LEAN;
    return level && !image.getColorModel().hasAlpha()
        && image.getWidth() <= MOST_WIDE * Math.abs(toPixels.a()) && image.getHeight() <= MOST_WIDE * Math.abs(toPixels.d());
  }

  /**
   * The pixels of a picture that fall into a part of what is drawn into: those whose middles lie on it.
   *
   * @param toPixels from the unit square to pixels
   * @param wanted the part that is seen
   * @return empty where no pixel falls into it
   * @throws IllegalArgumentException for a picture that cannot be drawn here
   */
  public static Optional<Part> of(BufferedImage image, Affine toPixels, Rectangle wanted) {
    if (!can(image, toPixels)) {
      throw new IllegalArgumentException("a picture that leans or is seen through");
    }
    Rectangle on = middles(toPixels).intersection(wanted);
    if (on.isEmpty()) {
      return Optional.empty();
    }
    BufferedImage out = new BufferedImage(on.width, on.height, BufferedImage.TYPE_INT_RGB);
    Taps across = new Taps(image.getWidth(), toPixels.a(), toPixels.e(), on.x, on.width, ALONG_BITS);
    Taps down = new Taps(image.getHeight(), toPixels.d(), toPixels.f(), on.y, on.height, DOWN_BITS);
    new Levelled(image, across, down).draw(((DataBufferInt) out.getRaster().getDataBuffer()).getData());
    return Optional.of(new Part(out, on.x, on.y));
  }

  /** The pixels whose middles lie on the picture. */
  private static Rectangle middles(Affine toPixels) {
    double left = Math.min(toPixels.e(), toPixels.e() + toPixels.a());
    double top = Math.min(toPixels.f(), toPixels.f() + toPixels.d());
    int x = (int) Math.ceil(left - 0.5);
    int y = (int) Math.ceil(top - 0.5);
    return new Rectangle(x, y, (int) Math.ceil(left + Math.abs(toPixels.a()) - 0.5) - x,
        (int) Math.ceil(top + Math.abs(toPixels.d()) - 0.5) - y);
  }

  private void draw(int[] out) {
    int width = image.getWidth();
    int beside = across.most;
    long[] sums = new long[width];
    long[] wide = new long[width + 2 * beside];
    long[][] about = new long[down.most][];
    for (int y = 0; y < down.count; y++) {
      for (int k = 0; k < down.most; k++) {
        about[k] = row(Math.max(0, Math.min(image.getHeight() - 1, down.first[y] + k)));
      }
      Arrays.fill(sums, FIRST);
      for (int k = 0; k < down.most; k += TOGETHER) {
        down(sums, about, down.weights, y * down.most, k);
      }
      for (int x = 0; x < width; x++) {
        wide[beside + x] = sums[x] >>> DROPPED_BITS & LANES;
      }
      Arrays.fill(wide, 0, beside, wide[beside]);
      Arrays.fill(wide, beside + width, wide.length, wide[beside + width - 1]);
      along(wide, out, y * across.count);
    }
  }

  /** Adds four rows to the sums, each as much as it weighs. */
  private static void down(long[] sums, long[][] about, int[] weights, int at, int k) {
    long[] one = about[k];
    long[] two = about[k + 1];
    long[] three = about[k + 2];
    long[] four = about[k + 3];
    long ofOne = weights[at + k];
    long ofTwo = weights[at + k + 1];
    long ofThree = weights[at + k + 2];
    long ofFour = weights[at + k + 3];
    for (int x = 0; x < sums.length; x++) {
      sums[x] += one[x] * ofOne + two[x] * ofTwo + three[x] * ofThree + four[x] * ofFour;
    }
  }

  /** Weighs along a row that goes on at both ends with its last pixels. */
  private void along(long[] wide, int[] out, int to) {
    int[] weights = across.weights;
    int[] first = across.first;
    int most = across.most;
    for (int x = 0; x < first.length; x++) {
      int at = x * most;
      long sum = SECOND;
      int from = first[x] + most;
      for (int end = from + most; from < end; from += TOGETHER) {
        sum += wide[from] * weights[at] + wide[from + 1] * weights[at + 1] + wide[from + 2] * weights[at + 2] + wide[from + 3]
            * weights[at + 3];
        at += TOGETHER;
      }
      out[to + x] = colour(sum >>> 2 * LANE) << 16 | colour(sum >>> LANE) << 8 | colour(sum);
    }
  }

  /** The value of the lowest lane without what was added, cut to what a colour can be. */
  private static int colour(long lanes) {
    int value = (int) (lanes & ALL) - BIAS >> ALONG_BITS + KEPT_BITS;
    return (value & ~255) == 0 ? value : value < 0 ? 0 : 255;
  }

  private long[] row(int y) {
    int slot = y % rows.length;
    long[] row = rows[slot];
    if (held[slot] != y) {
      held[slot] = y;
      int[] pixels = argb;
      Pixels.row(image, y, pixels);
      for (int x = 0; x < row.length; x++) {
        long pixel = pixels[x];
        row[x] = (pixel & 0xFF0000) << 2 * LANE - 16 | (pixel & 0xFF00) << LANE - 8 | pixel & 0xFF;
      }
    }
    return row;
  }

  /** Which pixels of a row or a column are weighed for each that is drawn, and how much. */
  private static final class Taps {
    private final int count;
    /** So many are weighed for each, always some fours. */
    private final int most;
    private final int[] first;
    private final int[] weights;

    Taps(int length, double scale, double shift, int from, int count, int bits) {
      this.count = count;
      double step = length / scale;
      double wide = Math.max(1, Math.abs(step));
      this.most = ((int) Math.ceil(4 * wide) + TOGETHER - 1) / TOGETHER * TOGETHER;
      this.first = new int[count];
      this.weights = new int[count * most];
      double[] exact = new double[most];
      for (int i = 0; i < count; i++) {
        double middle = (from + i + 0.5 - shift) * step - 0.5;
        first[i] = (int) Math.floor(middle) - most / 2 + 1;
        double sum = 0;
        for (int k = 0; k < most; k++) {
          exact[k] = cubic((first[i] + k - middle) / wide);
          sum += exact[k];
        }
        int left = 1 << bits;
        int largest = 0;
        for (int k = 0; k < most; k++) {
          weights[i * most + k] = (int) Math.round(exact[k] / sum * (1 << bits));
          left -= weights[i * most + k];
          largest = exact[k] > exact[largest] ? k : largest;
        }
        weights[i * most + largest] += left;
      }
    }

    private static double cubic(double at) {
      double t = Math.abs(at);
      return t < 1 ? (1.5 * t - 2.5) * t * t + 1 : t < 2 ? ((-0.5 * t + 2.5) * t - 4) * t + 2 : 0;
    }
  }
}
