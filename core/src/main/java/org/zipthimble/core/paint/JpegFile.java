package org.zipthimble.core.paint;

import java.awt.Graphics2D;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.Raster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
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
 * never in memory as a whole. The resolution stands in the JFIF segment (ISO/IEC 10918-5), dots per inch,
 * as a whole number. An RGB file carries the profile of sRGB, one in inks that of the press.
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
  private static final int APP14 = 0xEE;
  private static final int MOST_PIECE = 65_000;
  private static final int TRIED = 12;
  private static final int TRIED_ROWS = 64;

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
    write(bands, quality, Optional.empty(), out, progress);
  }

  /** Bands in four inks and the profile of the press. */
  public record Inks(InkBands bands, byte[] profile) {}

  /**
   * Writes the page in RGB or in inks.
   *
   * @param quality 0.3 to 1
   * @param inks the same page's inks; without, the file is RGB
   * @throws Trouble when a side has more pixels than the format can say
   */
  public static void write(Bands bands, double quality, Optional<Inks> inks, OutputStream out, Progress progress)
      throws IOException, Stopped, Trouble {
    if (Math.max(bands.width(), bands.height()) > MOST_SIDE) {
      throw Trouble.of("raster.jpegSide", bands.width(), bands.height(), MOST_SIDE);
    }
    // Inks are coded without coarser colour, in blocks of 8.
    int block = inks.isPresent() ? BLOCK / 2 : BLOCK;
    int acrossBlocks = (bands.width() + block - 1) / block;
    int rows = Math.min(MOST_ROWS, MOST_INTERVAL / acrossBlocks * block);
    int interval = acrossBlocks * (rows / block);
    int[] count = {0};
    bands.each(rows, (row, some) -> encode(bands, row, some, quality, inks), bytes -> {
      int scan = scan(bytes);
      if (count[0] == 0) {
        head(bytes, scan, bands, interval, inks, out);
      } else {
        out.write(0xFF);
        out.write(0xD0 + (count[0] - 1) % 8);
      }
      out.write(bytes, scan, bytes.length - 2 - scan);
      count[0]++;
    }, progress);
    out.write(new byte[] {(byte) 0xFF, (byte) 0xD9});
  }

  /** About how many bytes the file will have: some bands, evenly spread, are coded. */
  public static long estimate(Bands bands, double quality, Optional<Inks> inks, Progress progress) throws IOException, Stopped {
    int steps = Math.max(1, bands.height() / (TRIED * TRIED_ROWS));
    long bytes = 0;
    long rows = 0;
    for (int row = 0; row < bands.height(); row += TRIED_ROWS * steps) {
      progress.step((double) row / bands.height());
      int some = Math.min(TRIED_ROWS, bands.height() - row);
      byte[] coded = encode(bands, row, some, quality, inks);
      bytes += coded.length - scan(coded);
      rows += some;
    }
    return 700 + inks.map(i -> (long) i.profile().length).orElse((long) ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData().length)
        + bytes * bands.height() / rows;
  }

  private static byte[] encode(Bands bands, int row, int rows, double quality, Optional<Inks> inks) throws IOException {
    if (inks.isPresent()) {
      byte[] amounts = inks.get().bands().of(row, rows);
      for (int i = 0; i < amounts.length; i++) {
        // Such files hold what the inks leave (common practice since the marker that says so has no such field).
        amounts[i] = (byte) ~amounts[i];
      }
      int width = bands.width();
      return encode(new IIOImage(Raster.createInterleavedRaster(
          new DataBufferByte(amounts, amounts.length), width, rows, 4 * width, 4, new int[] {0, 1, 2, 3}, null), null, null), quality);
    }
    BufferedImage band = bands.band(row, rows);
    BufferedImage rgb = new BufferedImage(band.getWidth(), band.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = rgb.createGraphics();
    g.drawImage(band, 0, 0, null);
    g.dispose();
    return encode(new IIOImage(rgb, null, null), quality);
  }

  private static byte[] encode(IIOImage image, double quality) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream(); ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam param = writer.getDefaultWriteParam();
      param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      param.setCompressionQuality((float) Math.max(0.3, Math.min(1, quality)));
      writer.setOutput(out);
      writer.write(null, image, param);
      out.flush();
      return bytes.toByteArray();
    } finally {
      writer.dispose();
    }
  }

  /** Writes the first band's tables with the whole page's height, the resolution and the restart interval. */
  private static void head(byte[] jpeg, int scan, Bands bands, int interval, Optional<Inks> inks, OutputStream out) throws IOException {
    out.write(new byte[] {(byte) 0xFF, (byte) 0xD8});
    out.write(jfif(bands.ppi()));
    if (inks.isPresent()) {
      out.write(new byte[] {(byte) 0xFF, (byte) APP14, 0, 14, 'A', 'd', 'o', 'b', 'e', 0, 100, 0, 0, 0, 0, 0});
      profile(inks.get().profile(), out);
    } else {
      profile(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData(), out);
    }
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
      if (marker != APP0 && marker != APP14) {
        out.write(segment);
      }
      at += length;
    }
  }

  /** The profile in pieces (ISO 15076-1, B.4). */
  private static void profile(byte[] icc, OutputStream out) throws IOException {
    int pieces = (icc.length + MOST_PIECE - 1) / MOST_PIECE;
    for (int i = 0; i < pieces; i++) {
      byte[] part = Arrays.copyOfRange(icc, i * MOST_PIECE, Math.min(icc.length, (i + 1) * MOST_PIECE));
      out.write(ByteBuffer.allocate(18).putShort((short) 0xFFE2).putShort((short) (part.length + 16))
          .put("ICC_PROFILE".getBytes(StandardCharsets.US_ASCII)).put((byte) 0).put((byte) (i + 1)).put((byte) pieces).array());
      out.write(part);
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
