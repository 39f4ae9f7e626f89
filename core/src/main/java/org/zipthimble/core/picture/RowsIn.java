package org.zipthimble.core.picture;

import java.awt.Point;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.PixelInterleavedSampleModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.IOException;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;

/**
 * Takes the rows of a photograph as its decoder gives them, red first, into a picture that has blue first. The toolkit's own rasters do
 * that byte by byte through what may lie in any way, which takes half as long as the decoding.
 */
final class RowsIn extends WritableRaster {
  private static final int BYTES = 3;

  private final int stride;
  private final byte[] held;

  private RowsIn(PixelInterleavedSampleModel model, DataBufferByte data) {
    super(model, data, new Point(0, 0));
    this.stride = model.getScanlineStride();
    this.held = data.getData();
  }

  /**
   * Reads a picture whose reader would make one of blue, green and red bytes, of that kind.
   *
   * @param some what of it is read; its step goes by {@code step}
   * @throws IOException when it cannot be decoded
   */
  static BufferedImage read(ImageReader reader, ImageReadParam some, int step) throws IOException {
    int width = (reader.getWidth(0) + step - 1) / step;
    int height = (reader.getHeight(0) + step - 1) / step;
    BufferedImage usual = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    WritableRaster raster = usual.getRaster();
    RowsIn rows = new RowsIn((PixelInterleavedSampleModel) raster.getSampleModel(), (DataBufferByte) raster.getDataBuffer());
    some.setDestination(new BufferedImage(usual.getColorModel(), rows, false, null));
    reader.read(0, some);
    return usual;
  }

  @Override
  public void setRect(int dx, int dy, Raster from) {
    boolean asDecoded = from.getSampleModel() instanceof PixelInterleavedSampleModel && from.getDataBuffer() instanceof DataBufferByte
        && from.getNumBands() == BYTES && ((PixelInterleavedSampleModel) from.getSampleModel()).getPixelStride() == BYTES;
    int left = dx + from.getMinX();
    int top = dy + from.getMinY();
    if (!asDecoded || left < 0 || top < 0 || left + from.getWidth() > getWidth() || top + from.getHeight() > getHeight()) {
      super.setRect(dx, dy, from);
      return;
    }
    PixelInterleavedSampleModel model = (PixelInterleavedSampleModel) from.getSampleModel();
    byte[] given = ((DataBufferByte) from.getDataBuffer()).getData();
    int[] places = model.getBandOffsets();
    for (int y = 0; y < from.getHeight(); y++) {
      int at = from.getDataBuffer().getOffset() + (from.getMinY() + y - from.getSampleModelTranslateY()) * model.getScanlineStride()
          + (from.getMinX() - from.getSampleModelTranslateX()) * BYTES;
      row(given, at + places[0], at + places[1], at + places[2], (top + y) * stride + left * BYTES, from.getWidth());
    }
  }

  private void row(byte[] given, int red, int green, int blue, int to, int width) {
    byte[] into = held;
    for (int i = 0; i < width * BYTES; i += BYTES) {
      into[to + i] = given[blue + i];
      into[to + i + 1] = given[green + i];
      into[to + i + 2] = given[red + i];
    }
  }
}
