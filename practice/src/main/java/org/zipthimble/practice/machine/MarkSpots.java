package org.zipthimble.practice.machine;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.ArrayList;
import java.util.List;
import org.zipthimble.core.geom.Point;

/** Round dark spots in a grey picture: parts that hang together, told by their size, by how round they are and how full. */
final class MarkSpots {
  private static final int DARK = 128;

  /** A disc fills this part of the box around it. */
  private static final double FULL = Math.PI / 4;
  private static final double UNEVEN = 0.12;
  private static final double LEAST = 0.6;
  private static final double MOST = 1.6;

  private final byte[] levels;
  private final int width;
  private final int height;
  private final boolean[] seen;
  private final int[] stack;

  private MarkSpots(BufferedImage image) {
    levels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    width = image.getWidth();
    height = image.getHeight();
    seen = new boolean[width * height];
    stack = new int[width * height];
  }

  /** The middles of all spots of about a radius, in inches; the picture holds one byte a pixel. */
  static List<Point> of(BufferedImage grey, double radius, double ppi) {
    MarkSpots spots = new MarkSpots(grey);
    double area = Math.PI * radius * radius * ppi * ppi;
    List<Point> out = new ArrayList<>();
    for (int i = 0; i < spots.seen.length; i++) {
      if (!spots.seen[i] && spots.dark(i)) {
        spots.part(i, area, ppi, out);
      }
    }
    return out;
  }

  private int level(int at) {
    return levels[at] & 255;
  }

  private boolean dark(int at) {
    return level(at) < DARK;
  }

  private void part(int from, double area, double ppi, List<Point> out) {
    int top = 0;
    stack[top++] = from;
    seen[from] = true;
    int count = 0;
    int left = width;
    int right = 0;
    int high = height;
    int low = 0;
    while (top > 0) {
      int at = stack[--top];
      int x = at % width;
      int y = at / width;
      count++;
      left = Math.min(left, x);
      right = Math.max(right, x);
      high = Math.min(high, y);
      low = Math.max(low, y);
      for (int next : new int[] {x > 0 ? at - 1 : -1, x + 1 < width ? at + 1 : -1, y > 0 ? at - width : -1,
          y + 1 < height ? at + width : -1}) {
        if (next >= 0 && !seen[next] && dark(next)) {
          seen[next] = true;
          stack[top++] = next;
        }
      }
    }
    double wide = right + 1.0 - left;
    double tall = low + 1.0 - high;
    boolean round = Math.abs(wide / tall - 1) < UNEVEN && Math.abs(count / (wide * tall) - FULL) < UNEVEN;
    if (round && count > LEAST * area && count < MOST * area) {
      out.add(middle(left - 2, high - 2, right + 2, low + 2, ppi));
    }
  }

  /** The middle of darkness, the soft edge counted in part. */
  private Point middle(int left, int top, int right, int low, double ppi) {
    double sum = 0;
    double sx = 0;
    double sy = 0;
    for (int y = Math.max(0, top); y <= Math.min(height - 1, low); y++) {
      for (int x = Math.max(0, left); x <= Math.min(width - 1, right); x++) {
        double dark = 1 - level(y * width + x) / 255.0;
        sum += dark;
        sx += dark * (x + 0.5);
        sy += dark * (y + 0.5);
      }
    }
    return new Point(sx / sum / ppi, sy / sum / ppi);
  }
}
