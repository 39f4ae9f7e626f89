package org.zipthimble.core.colour;

import java.util.stream.IntStream;
import org.zipthimble.core.kept.Recent;

/**
 * The inks of a press over a fine grid of sRGB, for pictures: between places the four corners of a tetrahedron are weighed
 * in whole numbers. Never changes; safe for several threads.
 */
public final class InkTable {
  /** Places each way: 65 keeps the error below what 8 bits show almost everywhere. */
  private static final int SIZE = 65;

  private static final int ROW = SIZE * SIZE;
  private static final Recent<Press, Void, InkTable> LATELY = Recent.plain(3, InkTable::made);

  /** Inks of all places, 12 bits of whole and 4 of part, cyan first. */
  private final short[] values;

  private InkTable(short[] values) {
    this.values = values;
  }

  /** The table of a press; the last few are kept. */
  public static InkTable of(Press press) {
    return LATELY.get(press);
  }

  private static InkTable made(Press press) {
    short[] values = new short[SIZE * ROW * 4];
    IntStream.range(0, SIZE).parallel().forEach(r -> {
      for (int g = 0; g < SIZE; g++) {
        for (int b = 0; b < SIZE; b++) {
          double[] ink = press.ink(r / (SIZE - 1.0), g / (SIZE - 1.0), b / (SIZE - 1.0)).parts();
          for (int i = 0; i < 4; i++) {
            values[((r * SIZE + g) * SIZE + b) * 4 + i] = (short) Math.round(ink[i] * 255 * 64);
          }
        }
      }
    });
    return new InkTable(values);
  }

  /**
   * Turns pixels into inks.
   *
   * @param rgb pixels as 0xRRGGBB; the highest byte is of no account
   * @param inks four bytes for each pixel, 255 for the full plate
   */
  public void inks(int[] rgb, int from, int count, byte[] inks, int at) {
    int last = -1;
    for (int i = 0; i < count; i++) {
      int pixel = rgb[from + i] & 0xFFFFFF;
      int to = at + 4 * i;
      if (pixel == last) {
        System.arraycopy(inks, to - 4, inks, to, 4);
      } else {
        one(pixel, inks, to);
        last = pixel;
      }
    }
  }

  private void one(int pixel, byte[] inks, int at) {
    // 255 parts stand for 64 steps of the table: place and share in 255ths of a step.
    int r = (pixel >> 16) * (SIZE - 1);
    int g = (pixel >> 8 & 255) * (SIZE - 1);
    int b = (pixel & 255) * (SIZE - 1);
    int ri = Math.min(r / 255, SIZE - 2);
    int gi = Math.min(g / 255, SIZE - 2);
    int bi = Math.min(b / 255, SIZE - 2);
    int rs = r - ri * 255;
    int gs = g - gi * 255;
    int bs = b - bi * 255;
    int base = ((ri * SIZE + gi) * SIZE + bi) * 4;
    int rStep = ROW * 4;
    int gStep = SIZE * 4;
    int bStep = 4;
    int firstStep = rs >= gs && rs >= bs ? rStep : gs >= bs ? gStep : bStep;
    int first = Math.max(rs, Math.max(gs, bs));
    int lastStep = firstStep == rStep ? (gs < bs ? gStep : bStep) : firstStep == gStep ? (rs < bs ? rStep : bStep) : rs < gs ? rStep
        : gStep;
    int third = lastStep == rStep ? rs : lastStep == gStep ? gs : bs;
    int second = rs + gs + bs - first - third;
    int one = base + firstStep;
    int full = base + rStep + gStep + bStep;
    int two = full - lastStep;
    for (int i = 0; i < 4; i++) {
      int sum = values[base + i] * (255 - first) + values[one + i] * (first - second) + values[two + i] * (second - third)
          + values[full + i] * third;
      inks[at + i] = (byte) ((sum + 255 * 32) / (255 * 64));
    }
  }
}
