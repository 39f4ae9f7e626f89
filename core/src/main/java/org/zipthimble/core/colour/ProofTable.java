package org.zipthimble.core.colour;

import java.util.stream.IntStream;
import org.zipthimble.core.kept.Recent;

/** What inks look like on paper, as colours of the screen, over a grid of all four: for whole pictures. Safe for several threads. */
public final class ProofTable {
  private static final int SIZE = 15;
  private static final Recent<PaperProof, Void, ProofTable> LATELY = Recent.plain(3, asked -> made(asked.press(), asked.paper()));

  private record PaperProof(Press press, boolean paper) {}

  private static final double[] STEPS = new double[256];

  static {
    for (int i = 0; i < 256; i++) {
      STEPS[i] = i * (SIZE - 1) / 255.0;
    }
  }

  private final float[] values;

  private ProofTable(float[] values) {
    this.values = values;
  }

  /**
   * The table of a press.
   *
   * @param paper whether the paper's own tone is shown too
   */
  public static ProofTable of(Press press, boolean paper) {
    return LATELY.get(new PaperProof(press, paper));
  }

  private static ProofTable made(Press press, boolean paper) {
    float[] values = new float[SIZE * SIZE * SIZE * SIZE * 3];
    IntStream.range(0, SIZE * SIZE).parallel().forEach(cm -> {
      for (int y = 0; y < SIZE; y++) {
        for (int k = 0; k < SIZE; k++) {
          double most = SIZE - 1.0;
          Cmyk ink = new Cmyk(cm / SIZE / most, cm % SIZE / most, y / most, k / most);
          Colour seen = (paper ? press.onPaper(ink) : press.seen(ink)).colour();
          int at = ((cm * SIZE + y) * SIZE + k) * 3;
          values[at] = seen.red();
          values[at + 1] = seen.green();
          values[at + 2] = seen.blue();
        }
      }
    });
    return new ProofTable(values);
  }

  /** The colour of four bytes of ink, as 0xRRGGBB. */
  public int rgb(byte[] inks, int at) {
    double red = 0;
    double green = 0;
    double blue = 0;
    int base = 0;
    double[] share = new double[4];
    int[] step = {SIZE * SIZE * SIZE * 3, SIZE * SIZE * 3, SIZE * 3, 3};
    for (int i = 0; i < 4; i++) {
      double place = STEPS[inks[at + i] & 255];
      int low = Math.min((int) place, SIZE - 2);
      share[i] = place - low;
      base += low * step[i];
    }
    for (int corner = 0; corner < 16; corner++) {
      double weight = 1;
      int index = base;
      for (int i = 0; i < 4 && weight > 0; i++) {
        boolean far = (corner >> i & 1) == 1;
        weight *= far ? share[i] : 1 - share[i];
        index += far ? step[i] : 0;
      }
      if (weight > 0) {
        red += values[index] * weight;
        green += values[index + 1] * weight;
        blue += values[index + 2] * weight;
      }
    }
    return (int) Math.round(red) << 16 | (int) Math.round(green) << 8 | (int) Math.round(blue);
  }
}
