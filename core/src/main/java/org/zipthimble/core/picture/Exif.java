package org.zipthimble.core.picture;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;

/** How the camera was held: the orientation of Exif (JEITA CP-3451, tag 274), which TIFF has too. */
final class Exif {
  private static final int ORIENTATION = 274;

  private Exif() {}

  /** The orientation in a TIFF structure that begins at a place, 1 to 8; 1 when there is none that can be read. */
  static int turn(byte[] bytes, int from, int end) {
    if (end - from < 14) {
      return 1;
    }
    boolean little = bytes[from] == 'I';
    long directory = from + number(bytes, from + 4, 4, little);
    if (directory < from || directory + 2 > end) {
      return 1;
    }
    int at = (int) directory;
    long count = number(bytes, at, 2, little);
    for (int i = 0; i < count && at + 2 + 12 * (i + 1) <= end; i++) {
      int field = at + 2 + 12 * i;
      if (number(bytes, field, 2, little) == ORIENTATION) {
        int turn = (int) number(bytes, field + 8, 2, little);
        return turn >= 1 && turn <= 8 ? turn : 1;
      }
    }
    return 1;
  }

  private static long number(byte[] bytes, int at, int size, boolean little) {
    long out = 0;
    for (int i = 0; i < size; i++) {
      out = out << 8 | bytes[little ? at + size - 1 - i : at + i] & 255;
    }
    return out;
  }

  /** Whether turning swaps width and height. */
  static boolean swaps(int turn) {
    return turn >= 5;
  }

  /** The picture upright. */
  static BufferedImage upright(BufferedImage image, int turn) {
    if (turn == 1) {
      return image;
    }
    int w = image.getWidth();
    int h = image.getHeight();
    AffineTransform map = switch (turn) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
      default -> new AffineTransform(0, -1, 1, 0, 0, w);
    };
    int type = image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB;
    BufferedImage out = new BufferedImage(swaps(turn) ? h : w, swaps(turn) ? w : h, type);
    Graphics2D g = out.createGraphics();
    g.drawImage(image, map, null);
    g.dispose();
    return out;
  }
}
