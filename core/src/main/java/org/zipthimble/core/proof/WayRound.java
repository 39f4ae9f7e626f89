package org.zipthimble.core.proof;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import org.zipthimble.core.picture.Pixels;

/** Which way round pixels show an art: as it is seen, or turned left for right. Told from the pixels alone. */
public enum WayRound {
  /** As it is seen. */
  AS_SEEN,
  /** Turned left for right. */
  MIRRORED,
  /** The art looks the same both ways. */
  EITHER,
  /** It is another art. */
  NEITHER;

  private static final int SIDE = 480;

  /** Art that differs less from its mirror image is the same both ways, as a share of full scale; so is a blank page. */
  private static final double SAME = 0.0015;

  /** The right way must be nearer than the wrong one by this factor. */
  private static final double CLEARLY = 0.6;

  /**
   * Compares.
   *
   * @param found what has left, whatever its size
   * @param seen the same part as it is seen
   */
  public static WayRound of(BufferedImage found, BufferedImage seen) {
    int wide = seen.getWidth() >= seen.getHeight() ? SIDE : Math.max(8, SIDE * seen.getWidth() / seen.getHeight());
    int high = seen.getWidth() >= seen.getHeight() ? Math.max(8, SIDE * seen.getHeight() / seen.getWidth()) : SIDE;
    int[] art = small(seen, wide, high);
    int[] left = small(found, wide, high);
    int[] box = inked(art, wide);
    double same = difference(art, art, wide, true, box);
    double straight = difference(left, art, wide, false, box);
    double turned = difference(left, art, wide, true, box);
    if (same < SAME) {
      return EITHER;
    }
    if (Math.min(straight, turned) > CLEARLY * Math.max(straight, turned)) {
      return NEITHER;
    }
    return straight < turned ? AS_SEEN : MIRRORED;
  }

  private static int[] small(BufferedImage image, int wide, int high) {
    BufferedImage now = image;
    // halved step by step, so that every pixel counts
    while (now.getWidth() > 2 * wide && now.getHeight() > 2 * high) {
      now = scaled(now, now.getWidth() / 2, now.getHeight() / 2);
    }
    return Pixels.argb(scaled(now, wide, high));
  }

  private static BufferedImage scaled(BufferedImage image, int wide, int high) {
    BufferedImage out = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setColor(java.awt.Color.WHITE);
    g.fillRect(0, 0, wide, high);
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.drawImage(image, 0, 0, wide, high, null);
    g.dispose();
    return out;
  }

  /**
   * The rows and columns in which something is seen: first and last row, first and last column, the columns as far from the left as from
   * the right.
   */
  private static int[] inked(int[] art, int wide) {
    int[] box = {art.length / wide - 1, 0, wide - 1, 0};
    for (int i = 0; i < art.length; i++) {
      if ((art[i] & 0xFFFFFF) != 0xFFFFFF) {
        int column = Math.min(i % wide, wide - 1 - i % wide);
        box[0] = Math.min(box[0], i / wide);
        box[1] = Math.max(box[1], i / wide);
        box[2] = Math.min(box[2], column);
      }
    }
    box[3] = wide - 1 - box[2];
    return box;
  }

  private static double difference(int[] a, int[] b, int wide, boolean turned, int[] box) {
    long sum = 0;
    long count = 0;
    for (int row = box[0]; row <= box[1]; row++) {
      for (int column = box[2]; column <= box[3]; column++) {
        int one = a[row * wide + column];
        int other = b[row * wide + (turned ? wide - 1 - column : column)];
        for (int shift = 0; shift <= 16; shift += 8) {
          sum += Math.abs((one >> shift & 255) - (other >> shift & 255));
        }
        count++;
      }
    }
    return count == 0 ? 0 : sum / (3.0 * 255 * count);
  }
}
