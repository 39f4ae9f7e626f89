package org.zipthimble.core.colour;

import java.util.Arrays;

/**
 * A table of colours over a grid of 3 or 4 inputs (ISO 15076-1, 10.10 to 10.12). Three inputs are a colour of Lab, whose greys
 * run along one axis: all eight corners around are weighed, so that greys stay grey. Of four inks the last three are weighed by
 * the four corners of a tetrahedron, and the first linearly between two such results.
 */
final class Grid {
  private final int[] sizes;
  private final int[] steps;
  private final int outputs;
  private final float[] values;

  /**
   * A grid.
   *
   * @param sizes how many places each input has, 2 or more; the last one changes fastest
   * @param values 0 to 1, all outputs of a place together
   */
  Grid(int[] sizes, int outputs, float[] values) {
    this.sizes = sizes.clone();
    this.outputs = outputs;
    this.values = values;
    this.steps = new int[sizes.length];
    int step = outputs;
    for (int i = sizes.length - 1; i >= 0; i--) {
      steps[i] = step;
      step *= sizes[i];
    }
    if (step != values.length || sizes.length < 3 || sizes.length > 4) {
      throw new IllegalArgumentException("a grid of " + Arrays.toString(sizes) + " with " + values.length + " values");
    }
  }

  double[] at(double[] in) {
    double[] out = new double[outputs];
    if (sizes.length == 3) {
      box(in, out);
      return out;
    }
    double place = place(in[0], sizes[0]);
    int low = Math.min((int) place, sizes[0] - 2);
    double share = place - low;
    solid(in, 1, low * steps[0], 1 - share, out);
    if (share > 0) {
      solid(in, 1, (low + 1) * steps[0], share, out);
    }
    return out;
  }

  /** A curve of a damaged profile may give what is no number: that is taken as none. */
  private static double place(double v, int size) {
    return Double.isNaN(v) ? 0 : Math.max(0, Math.min(1, v)) * (size - 1);
  }

  private void box(double[] in, double[] out) {
    int base = 0;
    double[] share = new double[3];
    for (int i = 0; i < 3; i++) {
      double place = place(in[i], sizes[i]);
      int low = Math.min((int) place, sizes[i] - 2);
      share[i] = place - low;
      base += low * steps[i];
    }
    for (int corner = 0; corner < 8; corner++) {
      int at = base;
      double weight = 1;
      for (int i = 0; i < 3; i++) {
        boolean far = (corner >> i & 1) == 1;
        at += far ? steps[i] : 0;
        weight *= far ? share[i] : 1 - share[i];
      }
      add(at, weight, out);
    }
  }

  /** Adds what three inputs give, from the first of them on, weighed. */
  private void solid(double[] in, int first, int base, double weight, double[] out) {
    int at = base;
    double[] share = new double[3];
    for (int i = 0; i < 3; i++) {
      double place = place(in[first + i], sizes[first + i]);
      int low = Math.min((int) place, sizes[first + i] - 2);
      share[i] = place - low;
      at += low * steps[first + i];
    }
    int a = share[0] >= share[1] ? (share[0] >= share[2] ? 0 : 2) : share[1] >= share[2] ? 1 : 2;
    int c = share[0] < share[1] ? (share[0] < share[2] ? 0 : 2) : share[1] < share[2] ? 1 : 2;
    int b = 3 - a - c;
    add(at, (1 - share[a]) * weight, out);
    at += steps[first + a];
    add(at, (share[a] - share[b]) * weight, out);
    at += steps[first + b];
    add(at, (share[b] - share[c]) * weight, out);
    add(at + steps[first + c], share[c] * weight, out);
  }

  private void add(int at, double weight, double[] out) {
    if (weight != 0) {
      for (int o = 0; o < outputs; o++) {
        out[o] += values[at + o] * weight;
      }
    }
  }
}
