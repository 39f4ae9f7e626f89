package org.zipthimble.core.paint;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.Adler32;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.zipthimble.core.picture.Pixels;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * Writes a page as PNG (ISO/IEC 15948) while it is painted: RGB, eight bits, with or without opacity, its
 * resolution and the screen's profile recorded. Bands are filtered and deflated (RFC 1951) each by itself and ended at a byte's edge,
 * so that they join to one zlib stream (RFC 1950).
 */
public final class PngFile {
  private static final int ROWS = 256;
  private static final int LEVEL = 3;
  private static final int ADLER_BASE = 65521;
  private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};

  private PngFile() {}

  /** Writes the page; its resolution is recorded as pixels per metre, rounded: 300 gives 11811. */
  public static void write(Bands bands, OutputStream out, Progress progress) throws IOException, Stopped {
    head(out, bands.width(), bands.height(), bands.open(), bands.ppi());
    long[] sums = {1, 0};
    bands.each(ROWS, (row, rows) -> part(bands.band(row, rows)), part -> {
      chunk(out, "IDAT", part.deflated());
      append(sums, part);
    }, progress);
    tail(out, sums);
  }

  private static void head(OutputStream out, int width, int height, boolean alpha, double ppi) throws IOException {
    out.write(SIGNATURE);
    chunk(out, "IHDR", ByteBuffer.allocate(13).putInt(width).putInt(height)
        .put((byte) 8).put((byte) (alpha ? 6 : 2)).put((byte) 0).put((byte) 0).put((byte) 0).array());
    chunk(out, "iCCP", profile());
    int perMetre = (int) Math.round(ppi / 0.0254);
    chunk(out, "pHYs", ByteBuffer.allocate(9).putInt(perMetre).putInt(perMetre).put((byte) 1).array());
    chunk(out, "IDAT", new byte[] {0x78, (byte) 0x9C});
  }

  private static void tail(OutputStream out, long[] sums) throws IOException {
    byte[] end = ByteBuffer.allocate(6).put((byte) 3).put((byte) 0).putInt((int) (sums[1] << 16 | sums[0])).array();
    chunk(out, "IDAT", end);
    chunk(out, "IEND", new byte[0]);
  }

  /**
   * The bytes of a picture that is already there, written in the same way.
   *
   * @param ppi its resolution, recorded as pixels per metre, rounded
   */
  public static byte[] bytes(BufferedImage image, double ppi) {
    boolean alpha = image.getColorModel().hasAlpha();
    BufferedImage plain = plain(image, alpha ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      head(out, image.getWidth(), image.getHeight(), alpha, ppi);
      long[] sums = {1, 0};
      Part whole = part(plain);
      chunk(out, "IDAT", whole.deflated());
      append(sums, whole);
      tail(out, sums);
    } catch (IOException e) {
      throw new UncheckedIOException("memory takes all that is written", e);
    }
    return out.toByteArray();
  }

  private static BufferedImage plain(BufferedImage image, int type) {
    int width = image.getWidth();
    int height = image.getHeight();
    DataBufferInt held = image.getType() == type ? (DataBufferInt) image.getRaster().getDataBuffer() : null;
    if (held != null && held.getData().length == width * height) {
      return image;
    }
    BufferedImage out = new BufferedImage(width, height, type);
    out.setRGB(0, 0, width, height, Pixels.argb(image), 0, width);
    return out;
  }

  /** The screen's profile under its name, deflated (ISO/IEC 15948, 11.3.3.3). */
  private static byte[] profile() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write("sRGB".getBytes(StandardCharsets.ISO_8859_1));
    out.write(new byte[2]);
    try (DeflaterOutputStream deflated = new DeflaterOutputStream(out)) {
      deflated.write(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
    }
    return out.toByteArray();
  }

  /** A deflated band with the sums of its plain bytes (Adler-32, begun at nothing). */
  private record Part(byte[] deflated, long length, long low, long high) {}

  /** Joins the sums of two runs of bytes: those of the second are shifted by the first's low sum for each of its bytes. */
  private static void append(long[] sums, Part part) {
    sums[1] = (sums[1] + part.high() + part.length() % ADLER_BASE * sums[0]) % ADLER_BASE;
    sums[0] = (sums[0] + part.low()) % ADLER_BASE;
  }

  private static Part part(BufferedImage band) {
    byte[] filtered = new PngFilter(band.getWidth(), band.getColorModel().hasAlpha() ? 4 : 3)
        .rows(((DataBufferInt) band.getRaster().getDataBuffer()).getData(), band.getHeight());
    Adler32 sum = new Adler32();
    sum.update(filtered);
    // The library begins its low sum at one, and counts that one for every byte in the high sum.
    long low = Math.floorMod((sum.getValue() & 0xFFFF) - 1, (long) ADLER_BASE);
    long high = Math.floorMod((sum.getValue() >>> 16) - filtered.length, (long) ADLER_BASE);
    Deflater deflater = new Deflater(LEVEL, true);
    deflater.setInput(filtered);
    ByteArrayOutputStream out = new ByteArrayOutputStream(filtered.length / 8 + 1024);
    byte[] buffer = new byte[1 << 16];
    int made;
    do {
      made = deflater.deflate(buffer, 0, buffer.length, Deflater.SYNC_FLUSH);
      out.write(buffer, 0, made);
    } while (made == buffer.length);
    deflater.end();
    return new Part(out.toByteArray(), filtered.length, low, high);
  }

  private static void chunk(OutputStream out, String type, byte[] data) throws IOException {
    byte[] name = type.getBytes(StandardCharsets.US_ASCII);
    CRC32 crc = new CRC32();
    crc.update(name);
    crc.update(data);
    DataOutputStream numbers = new DataOutputStream(out);
    numbers.writeInt(data.length);
    numbers.write(name);
    numbers.write(data);
    numbers.writeInt((int) crc.getValue());
  }

  /**
   * A picture turned back by a quarter, counter-clockwise.
   *
   * @throws Trouble when it cannot be read
   */
  public static byte[] turned(byte[] png, double ppi) throws Trouble {
    try {
      BufferedImage read = ImageIO.read(new ByteArrayInputStream(png));
      if (read == null) {
        throw Trouble.of("proof.damaged", "PNG");
      }
      BufferedImage out = new BufferedImage(read.getHeight(), read.getWidth(), BufferedImage.TYPE_INT_RGB);
      for (int y = 0; y < read.getHeight(); y++) {
        for (int x = 0; x < read.getWidth(); x++) {
          out.setRGB(y, read.getWidth() - 1 - x, read.getRGB(x, y));
        }
      }
      return bytes(out, ppi);
    } catch (IOException e) {
      throw Trouble.because(e, "proof.damaged", "PNG");
    }
  }
}
