package org.zipthimble.core.paint;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.util.Arrays;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * Writes a page as JPEG (ISO/IEC 10918-1) while it is painted. The library encodes each band with the
 * same tables; the bands' scans are joined as restart intervals (clause B.2.1, B.2.4.4), so the page is
 * never in memory as a whole. The resolution stands in the JFIF segment (ISO/IEC 10918-5), dots per inch.
 */
public final class JpegFile {
  /** The most pixels of a side that the format can say. */
  public static final int MOST_SIDE = 65_500;

  private static final int BLOCK = 16;
  private static final int MOST_INTERVAL = 65_535;
  private static final int MOST_ROWS = 256;
  private static final int SOF0 = 0xC0;
  private static final int SOS = 0xDA;
  private static final int APP0 = 0xE0;

  static {
    ImageIO.setUseCache(false);
  }

  private JpegFile() {}

  /**
   * Writes the page.
   *
   * @param quality 0.3 to 1
   * @throws Trouble when a side has more pixels than the format can say
   */
  public static void write(Bands bands, double quality, OutputStream out, Progress progress) throws IOException, Stopped, Trouble {
    if (Math.max(bands.width(), bands.height()) > MOST_SIDE) {
      throw Trouble.of("raster.jpegSide", bands.width(), bands.height(), MOST_SIDE);
    }
    int acrossBlocks = (bands.width() + BLOCK - 1) / BLOCK;
    int rows = Math.min(MOST_ROWS, MOST_INTERVAL / acrossBlocks * BLOCK);
    int interval = acrossBlocks * (rows / BLOCK);
    int[] count = {0};
    bands.each(rows, (band, row) -> encode(band, quality), bytes -> {
      int scan = scan(bytes);
      if (count[0] == 0) {
        head(bytes, scan, bands, interval, out);
      } else {
        out.write(0xFF);
        out.write(0xD0 + (count[0] - 1) % 8);
      }
      out.write(bytes, scan, bytes.length - 2 - scan);
      count[0]++;
    }, progress);
    out.write(new byte[] {(byte) 0xFF, (byte) 0xD9});
  }

  private static byte[] encode(BufferedImage band, double quality) throws IOException {
    BufferedImage rgb = new BufferedImage(band.getWidth(), band.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = rgb.createGraphics();
    g.drawImage(band, 0, 0, null);
    g.dispose();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream(); ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality((float) Math.max(0.3, Math.min(1, quality)));
      writer.setOutput(out);
      writer.write(null, new IIOImage(rgb, null, null), param);
      out.flush();
      return bytes.toByteArray();
    } finally {
      writer.dispose();
    }
  }

  /** Writes the first band's tables with the whole page's height, the resolution and the restart interval. */
  private static void head(byte[] jpeg, int scan, Bands bands, int interval, OutputStream out) throws IOException {
    out.write(new byte[] {(byte) 0xFF, (byte) 0xD8});
    out.write(jfif(bands.ppi()));
    for (int at = 2; at < scan;) {
      int marker = jpeg[at + 1] & 255;
      int length = 2 + ((jpeg[at + 2] & 255) << 8 | jpeg[at + 3] & 255);
      byte[] segment = Arrays.copyOfRange(jpeg, at, at + length);
      if (marker == SOF0) {
        segment[5] = (byte) (bands.height() >> 8);
        segment[6] = (byte) bands.height();
      }
      if (marker == SOS) {
        out.write(ByteBuffer.allocate(6).putShort((short) 0xFFDD).putShort((short) 4).putShort((short) interval).array());
      }
      if (marker != APP0) {
        out.write(segment);
      }
      at += length;
    }
  }

  private static byte[] jfif(double ppi) {
    short dots = (short) Math.round(ppi);
    return ByteBuffer.allocate(18).putShort((short) 0xFFE0).putShort((short) 16).put(new byte[] {'J', 'F', 'I', 'F', 0, 1, 2, 1})
        .putShort(dots).putShort(dots).put((byte) 0).put((byte) 0).array();
  }

  /** Where the coded pixels begin. */
  private static int scan(byte[] jpeg) throws IOException {
    for (int at = 2; at + 4 < jpeg.length;) {
      int length = 2 + ((jpeg[at + 2] & 255) << 8 | jpeg[at + 3] & 255);
      if ((jpeg[at + 1] & 255) == SOS) {
        return at + length;
      }
      at += length;
    }
    throw new IOException("a coded band has no scan");
  }
}
