package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.stream.IntStream;

/** Multiplies pixels by Lanczos' kernel of three lobes (Duchon 1979), across and then down, on premultiplied colours. */
final class Enlarge {
  private static final int LOBES = 3;

  private Enlarge() {}

  /** The picture with more pixels; premultiplied where it is see-through. */
  static BufferedImage by(BufferedImage image, double times) {
    int width = (int) Math.round(image.getWidth() * times);
    int height = (int) Math.round(image.getHeight() * times);
    int[] across = across(pixels(image), image.getWidth(), image.getHeight(), width);
    int[] all = down(across, width, image.getHeight(), height);
    BufferedImage out = new BufferedImage(width, height, image.getType());
    System.arraycopy(all, 0, ((DataBufferInt) out.getRaster().getDataBuffer()).getData(), 0, all.length);
    return out;
  }

  private static int[] pixels(BufferedImage image) {
    return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
  }

  private static int[] across(int[] in, int width, int height, int wide) {
    int[] out = new int[wide * height];
    Weights weights = new Weights(width, wide);
    IntStream.range(0, height).parallel().forEach(y -> {
      for (int x = 0; x < wide; x++) {
        out[y * wide + x] = weights.sum(in, y * width, 1, x);
      }
    });
    return out;
  }

  private static int[] down(int[] in, int width, int height, int high) {
    int[] out = new int[width * high];
    Weights weights = new Weights(height, high);
    IntStream.range(0, high).parallel().forEach(y -> {
      for (int x = 0; x < width; x++) {
        out[y * width + x] = weights.sum(in, x, width, y);
      }
    });
    return out;
  }

  /** For each new pixel where the kernel begins and its weights, which sum to 1. */
  private static final class Weights {
    private final int length;
    private final int[] first;
    private final float[] weights;

    Weights(int length, int wanted) {
      this.length = length;
      this.first = new int[wanted];
      this.weights = new float[wanted * 2 * LOBES];
      for (int i = 0; i < wanted; i++) {
        double middle = (i + 0.5) * length / wanted - 0.5;
        first[i] = (int) Math.floor(middle) - LOBES + 1;
        double sum = 0;
        for (int k = 0; k < 2 * LOBES; k++) {
          sum += kernel(first[i] + k - middle);
        }
        for (int k = 0; k < 2 * LOBES; k++) {
          weights[i * 2 * LOBES + k] = (float) (kernel(first[i] + k - middle) / sum);
        }
      }
    }

    private static double kernel(double x) {
      if (x == 0) {
        return 1;
      }
      double p = Math.PI * x;
      return Math.abs(x) >= LOBES ? 0 : LOBES * Math.sin(p) * Math.sin(p / LOBES) / (p * p);
    }

    int sum(int[] in, int base, int step, int at) {
      float a = 0;
      float r = 0;
      float g = 0;
      float b = 0;
      for (int k = 0; k < 2 * LOBES; k++) {
        int pixel = in[base + Math.max(0, Math.min(length - 1, first[at] + k)) * step];
        float w = weights[at * 2 * LOBES + k];
        a += w * (pixel >>> 24);
        r += w * (pixel >> 16 & 255);
        g += w * (pixel >> 8 & 255);
        b += w * (pixel & 255);
      }
      int alpha = part(a, 255);
      boolean solid = in[base] >>> 24 == 0 && alpha == 0;
      int most = solid ? 255 : alpha;
      return alpha << 24 | part(r, most) << 16 | part(g, most) << 8 | part(b, most);
    }

    private static int part(float v, int most) {
      return Math.max(0, Math.min(most, Math.round(v)));
    }
  }
}
