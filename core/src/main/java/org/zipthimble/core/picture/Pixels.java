package org.zipthimble.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentSampleModel;
import java.awt.image.DataBufferByte;
import java.awt.image.WritableRaster;

/**
 * Takes pixels out of pictures, whole rows at a time where a picture holds them nearly that way: asked one by one each goes through its
 * colour model.
 */
public final class Pixels {
  private static final int OPAQUE = 0xFF000000;

  private Pixels() {}

  /** All pixels of a picture, row by row: 0xAARRGGBB each, not premultiplied, in the colours of the screen. */
  public static int[] argb(BufferedImage image) {
    int[] out = new int[image.getWidth() * image.getHeight()];
    argb(image, 0, 0, image.getWidth(), image.getHeight(), out, 0);
    return out;
  }

  /** The same of one row. */
  public static void row(BufferedImage image, int y, int[] into) {
    argb(image, 0, y, image.getWidth(), 1, into, 0);
  }

  /**
   * The same of a part of it.
   *
   * @param x its first column
   * @param into takes them from a place on, width times height of them
   * @throws ArrayIndexOutOfBoundsException where the part reaches beyond the picture, or the pixels beyond what takes them
   */
  public static void argb(BufferedImage image, int x, int y, int width, int height, int[] into, int at) {
    int type = image.getType();
    if (type == BufferedImage.TYPE_3BYTE_BGR || type == BufferedImage.TYPE_BYTE_GRAY) {
      bytes(image, x, y, width, height, into, at);
      return;
    }
    if (type != BufferedImage.TYPE_INT_RGB && type != BufferedImage.TYPE_INT_ARGB && type != BufferedImage.TYPE_INT_ARGB_PRE) {
      image.getRGB(x, y, width, height, into, at, width);
      return;
    }
    int end = at + width * height;
    int[] held = at == 0 ? into : new int[width * height];
    image.getRaster().getDataElements(x, y, width, height, held);
    if (held != into) {
      System.arraycopy(held, 0, into, at, held.length);
    }
    if (type == BufferedImage.TYPE_INT_RGB) {
      for (int i = at; i < end; i++) {
        into[i] |= OPAQUE;
      }
    } else if (type == BufferedImage.TYPE_INT_ARGB_PRE) {
      ColorModel model = image.getColorModel();
      for (int i = at; i < end; i++) {
        int alpha = into[i] >>> 24;
        if (alpha != 255) {
          into[i] = alpha == 0 ? 0 : model.getRGB(into[i]);
        }
      }
    }
  }

  /**
   * Blue, green and red, a byte each, as photographs are decoded, or a grey in one byte. The toolkit's colour model takes greys for light
   * that is not yet bent for a screen and makes them lighter, its drawing does not; files of greys mean what its drawing shows.
   */
  private static void bytes(BufferedImage image, int x, int y, int width, int height, int[] into, int at) {
    if (x < 0 || y < 0 || x + width > image.getWidth() || y + height > image.getHeight()) {
      throw new ArrayIndexOutOfBoundsException("a part beyond the picture");
    }
    WritableRaster raster = image.getRaster();
    ComponentSampleModel model = (ComponentSampleModel) raster.getSampleModel();
    byte[] held = ((DataBufferByte) raster.getDataBuffer()).getData();
    int step = model.getPixelStride();
    int[] places = model.getBandOffsets();
    int red = places[0];
    int green = places[places.length / 2];
    int blue = places[places.length - 1];
    for (int row = 0; row < height; row++) {
      int from = raster.getDataBuffer().getOffset() + (y + row - raster.getSampleModelTranslateY()) * model.getScanlineStride()
          + (x - raster.getSampleModelTranslateX()) * step;
      int to = at + row * width;
      for (int i = 0; i < width; i++) {
        into[to + i] = OPAQUE | (held[from + red] & 255) << 16 | (held[from + green] & 255) << 8 | held[from + blue] & 255;
        from += step;
      }
    }
  }
}
