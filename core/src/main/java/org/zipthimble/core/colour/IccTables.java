package org.zipthimble.core.colour;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Reads the tables of an ICC profile: lut8, lut16, lutAToB and lutBToA (ISO 15076-1, 10.10 to 10.13). */
final class IccTables {
  private static final long MOST_VALUES = 8_000_000;

  /** Sound tables give 0 to 1 or a little past; a damaged one's powers may run off without end. */
  private static final double FARTHEST = 100;

  private IccTables() {}

  /**
   * A chain of steps from one side to the other.
   *
   * @param legacy whether Lab is written as in lut16, where 65,280 stands for a lightness of 100
   */
  record Table(List<UnaryOperator<double[]>> steps, int inputs, int outputs, boolean legacy) {
    double[] at(double[] in) {
      double[] now = in;
      for (UnaryOperator<double[]> step : steps) {
        now = step.apply(now);
      }
      for (int i = 0; i < now.length; i++) {
        now[i] = Double.isNaN(now[i]) ? 0 : Math.max(-FARTHEST, Math.min(FARTHEST, now[i]));
      }
      return now;
    }
  }

  /**
   * Reads a table.
   *
   * @throws IllegalArgumentException when it is none, is cut short or is absurdly large
   */
  static Table read(ByteBuffer tag) {
    try {
      String kind = signature(tag, 0);
      return switch (kind) {
        case "mft1" -> plain(tag, 1);
        case "mft2" -> plain(tag, 2);
        case "mAB " -> curved(tag, true);
        case "mBA " -> curved(tag, false);
        default -> throw new IllegalArgumentException("no table: " + kind);
      };
    } catch (BufferUnderflowException | IndexOutOfBoundsException cut) {
      throw new IllegalArgumentException("a table is cut short", cut);
    }
  }

  static String signature(ByteBuffer bytes, int at) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < 4; i++) {
      out.append((char) (bytes.get(at + i) & 255));
    }
    return out.toString();
  }

  private static int small(ByteBuffer b, int at) {
    return b.get(at) & 255;
  }

  private static void channels(int inputs, int outputs) {
    if (inputs < 3 || inputs > 4 || outputs < 3 || outputs > 4) {
      throw new IllegalArgumentException("a table of " + inputs + " to " + outputs);
    }
  }

  /** Curves, a grid, curves; the matrix of lut8 and lut16 counts for XYZ alone and is not used with Lab. */
  private static Table plain(ByteBuffer b, int width) {
    int inputs = small(b, 8);
    int outputs = small(b, 9);
    int size = small(b, 10);
    channels(inputs, outputs);
    int entries = width == 1 ? 256 : b.getShort(48) & 0xFFFF;
    int exits = width == 1 ? 256 : b.getShort(50) & 0xFFFF;
    if (size < 2 || entries < 2 || entries > 4096 || exits < 2 || exits > 4096) {
      throw new IllegalArgumentException("a table's sizes are out of range");
    }
    int[] at = {width == 1 ? 48 : 52};
    List<UnaryOperator<double[]>> steps = new ArrayList<>();
    steps.add(each(tables(b, at, inputs, entries, width)));
    int[] sizes = new int[inputs];
    java.util.Arrays.fill(sizes, size);
    Grid grid = grid(b, at, sizes, outputs, width);
    steps.add(grid::at);
    steps.add(each(tables(b, at, outputs, exits, width)));
    return new Table(steps, inputs, outputs, width == 2);
  }

  private static List<Curve> tables(ByteBuffer b, int[] at, int count, int entries, int width) {
    List<Curve> out = new ArrayList<>();
    for (int c = 0; c < count; c++) {
      double[] values = new double[entries];
      for (int i = 0; i < entries; i++) {
        values[i] = value(b, at, width);
      }
      out.add(Curve.through(values));
    }
    return out;
  }

  private static double value(ByteBuffer b, int[] at, int width) {
    double v = width == 1 ? small(b, at[0]) / 255.0 : (b.getShort(at[0]) & 0xFFFF) / 65535.0;
    at[0] += width;
    return v;
  }

  private static Grid grid(ByteBuffer b, int[] at, int[] sizes, int outputs, int width) {
    long count = outputs;
    for (int size : sizes) {
      count *= size;
      if (size < 2 || count > MOST_VALUES) {
        throw new IllegalArgumentException("a grid is out of range");
      }
    }
    if (at[0] + count * width > b.limit()) {
      throw new IllegalArgumentException("a grid is cut short");
    }
    float[] values = new float[(int) count];
    for (int i = 0; i < values.length; i++) {
      values[i] = (float) value(b, at, width);
    }
    return new Grid(sizes, outputs, values);
  }

  private static UnaryOperator<double[]> each(List<Curve> curves) {
    return in -> {
      double[] out = new double[in.length];
      for (int i = 0; i < in.length; i++) {
        out[i] = curves.get(i).at(in[i]);
      }
      return out;
    };
  }

  private static Table curved(ByteBuffer b, boolean toLab) {
    int inputs = small(b, 8);
    int outputs = small(b, 9);
    channels(inputs, outputs);
    int lab = toLab ? outputs : inputs;
    int device = toLab ? inputs : outputs;
    List<UnaryOperator<double[]>> steps = new ArrayList<>();
    curves(b, b.getInt(12), lab, steps);
    if (b.getInt(16) != 0) {
      steps.add(matrix(b, b.getInt(16)));
    }
    curves(b, b.getInt(20), 3, steps);
    if (b.getInt(24) != 0) {
      int clut = b.getInt(24);
      int[] sizes = new int[inputs];
      for (int i = 0; i < inputs; i++) {
        sizes[i] = small(b, clut + i);
      }
      int width = small(b, clut + 16);
      if (width != 1 && width != 2) {
        throw new IllegalArgumentException("a grid's precision is 1 or 2: " + width);
      }
      Grid grid = grid(b, new int[] {clut + 20}, sizes, outputs, width);
      steps.add(grid::at);
    } else if (inputs != outputs) {
      throw new IllegalArgumentException("a table of " + inputs + " to " + outputs + " without a grid");
    }
    curves(b, b.getInt(28), device, steps);
    if (toLab) {
      java.util.Collections.reverse(steps);
    }
    return new Table(steps, inputs, outputs, false);
  }

  private static UnaryOperator<double[]> matrix(ByteBuffer b, int at) {
    double[] m = new double[12];
    for (int i = 0; i < 12; i++) {
      m[i] = b.getInt(at + 4 * i) / 65536.0;
    }
    return in -> {
      double[] out = new double[3];
      for (int i = 0; i < 3; i++) {
        out[i] = m[3 * i] * in[0] + m[3 * i + 1] * in[1] + m[3 * i + 2] * in[2] + m[9 + i];
      }
      return out;
    };
  }

  private static void curves(ByteBuffer b, int offset, int count, List<UnaryOperator<double[]>> steps) {
    if (offset == 0) {
      return;
    }
    int at = offset;
    List<Curve> out = new ArrayList<>();
    for (int c = 0; c < count; c++) {
      String kind = signature(b, at);
      if (kind.equals("curv")) {
        int n = b.getInt(at + 8);
        if (n < 0 || n > 65536) {
          throw new IllegalArgumentException("a curve of " + n + " values");
        }
        out.add(curve(b, at + 12, n));
        at += 12 + 2 * n;
      } else if (kind.equals("para")) {
        int type = b.getShort(at + 8) & 0xFFFF;
        if (type > 4) {
          throw new IllegalArgumentException("a curve of kind " + type);
        }
        int n = new int[] {1, 3, 4, 5, 7}[type];
        double[] p = new double[7];
        for (int i = 0; i < n; i++) {
          p[i] = b.getInt(at + 12 + 4 * i) / 65536.0;
        }
        if (type > 0 && p[1] == 0) {
          throw new IllegalArgumentException("a curve without a slope");
        }
        out.add(Curve.figures(type, p));
        at += 12 + 4 * n;
      } else {
        throw new IllegalArgumentException("no curve: " + kind);
      }
      at = (at + 3) / 4 * 4;
    }
    steps.add(each(out));
  }

  private static Curve curve(ByteBuffer b, int at, int n) {
    if (n == 0) {
      return Curve.STRAIGHT;
    }
    if (n == 1) {
      return Curve.power((b.getShort(at) & 0xFFFF) / 256.0);
    }
    double[] values = new double[n];
    for (int i = 0; i < n; i++) {
      values[i] = (b.getShort(at + 2 * i) & 0xFFFF) / 65535.0;
    }
    return Curve.through(values);
  }
}
