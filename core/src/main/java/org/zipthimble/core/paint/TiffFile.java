package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.Deflater;
import org.zipthimble.core.work.Progress;
import org.zipthimble.core.work.Stopped;

/**
 * Writes a page as TIFF 6.0 while it is painted: RGB, or four inks for a press, with its profile and its resolution, each
 * band a strip of its own. Strips wait in a file beside until all are there, for the directory must know where each begins;
 * memory does not grow with the page.
 */
public final class TiffFile {
  private static final int ROWS = 128;
  private static final int LEVEL = 6;

  private static final int SHORT = 3;
  private static final int LONG = 4;
  private static final int RATIONAL = 5;

  private TiffFile() {}

  /** How strips are packed. */
  public enum Packing {
    /** Lempel, Ziv and Welch (TIFF 6.0, section 13): every reader knows it. */
    LZW(5),
    /** Deflate (TIFF Technical Note 2): smaller. */
    ZIP(8);

    private final int number;

    Packing(int number) {
      this.number = number;
    }
  }

  /** A field of the directory; its value is in its four bytes or stands elsewhere. */
  private record Field(int tag, int type, int count, byte[] value) {}

  /**
   * Writes the page.
   *
   * @param inks the same bands in inks; without, the file is RGB
   * @param profile the ICC profile that tells what the values mean
   */
  public static void write(Bands bands, Optional<InkBands> inks, Packing packing, byte[] profile, OutputStream out, Progress progress)
      throws IOException, Stopped {
    int parts = inks.isPresent() ? 4 : 3;
    Path waiting = Files.createTempFile("strips", ".part");
    List<Integer> lengths = new ArrayList<>();
    try {
      try (OutputStream strips = new BufferedOutputStream(Files.newOutputStream(waiting), 1 << 16)) {
        bands.each(ROWS, (row, rows) -> packed(inks.isPresent() ? inks.get().of(row, rows) : rgb(bands.band(row, rows)),
            bands.width() * parts, parts, packing), strip -> {
          lengths.add(strip.length);
          strips.write(strip);
        }, progress);
      }
      head(bands, parts, packing, profile, lengths, out);
      Files.copy(waiting, out);
    } finally {
      Files.deleteIfExists(waiting);
    }
  }

  private static byte[] rgb(BufferedImage band) {
    int[] pixels = ((DataBufferInt) band.getRaster().getDataBuffer()).getData();
    byte[] out = new byte[pixels.length * 3];
    for (int i = 0; i < pixels.length; i++) {
      out[3 * i] = (byte) (pixels[i] >> 16);
      out[3 * i + 1] = (byte) (pixels[i] >> 8);
      out[3 * i + 2] = (byte) pixels[i];
    }
    return out;
  }

  /** Each value less the one before it of the same channel (TIFF 6.0, section 14), then packed. */
  private static byte[] packed(byte[] strip, int row, int parts, Packing packing) {
    for (int start = 0; start < strip.length; start += row) {
      for (int i = start + row - 1; i >= start + parts; i--) {
        strip[i] -= strip[i - parts];
      }
    }
    if (packing == Packing.LZW) {
      return Lzw.packed(strip);
    }
    Deflater deflater = new Deflater(LEVEL);
    deflater.setInput(strip);
    deflater.finish();
    ByteArrayOutputStream out = new ByteArrayOutputStream(strip.length / 4 + 1024);
    byte[] buffer = new byte[1 << 16];
    while (!deflater.finished()) {
      out.write(buffer, 0, deflater.deflate(buffer));
    }
    deflater.end();
    return out.toByteArray();
  }

  private static void head(Bands bands, int parts, Packing packing, byte[] profile, List<Integer> lengths, OutputStream out)
      throws IOException {
    byte[] resolution = ByteBuffer.allocate(8).putInt((int) Math.round(bands.ppi() * 1000)).putInt(1000).array();
    byte[] program = "Zip Thimble\0".getBytes(StandardCharsets.US_ASCII);
    List<Field> fields = new ArrayList<>(List.of(
        number(256, LONG, bands.width()), number(257, LONG, bands.height()), numbers(258, parts), number(259, SHORT, packing.number),
        number(262, SHORT, parts == 4 ? 5 : 2), new Field(273, LONG, lengths.size(), new byte[4 * lengths.size()]),
        number(277, SHORT, parts),
        number(278, LONG, ROWS), new Field(279, LONG, lengths.size(), bytes(lengths)), new Field(282, RATIONAL, 1, resolution),
        new Field(283, RATIONAL, 1, resolution), number(284, SHORT, 1), number(296, SHORT, 2), new Field(305, 2, program.length, program),
        number(317, SHORT, 2)));
    if (parts == 4) {
      fields.add(number(332, SHORT, 1));
    }
    fields.add(new Field(34675, 7, profile.length, profile));
    int free = 8 + 2 + 12 * fields.size() + 4;
    long begin = free;
    for (Field field : fields) {
      begin += field.value().length > 4 ? field.value().length + field.value().length % 2 : 0;
    }
    long end = begin + lengths.stream().mapToLong(Integer::longValue).sum();
    if (end > 0xFFFFFFFFL) {
      throw new IOException("a TIFF file of " + end + " bytes: 4 GB is the most");
    }
    List<Integer> places = new ArrayList<>();
    long at = begin;
    for (int length : lengths) {
      places.add((int) at);
      at += length;
    }
    fields.replaceAll(f -> f.tag() == 273 ? new Field(273, LONG, f.count(), bytes(places)) : f);
    ByteBuffer head = ByteBuffer.allocate((int) begin);
    head.put((byte) 'M').put((byte) 'M').putShort((short) 42).putInt(8).putShort((short) fields.size());
    for (Field field : fields) {
      head.putShort((short) field.tag()).putShort((short) field.type()).putInt(field.count());
      if (field.value().length > 4) {
        head.putInt(free);
        head.put(free, field.value());
        free += field.value().length + field.value().length % 2;
      } else {
        head.put(ByteBuffer.allocate(4).put(field.value()).array());
      }
    }
    head.putInt(0);
    out.write(head.array());
  }

  private static Field number(int tag, int type, int value) {
    return new Field(tag, type, 1, type == SHORT ? ByteBuffer.allocate(2).putShort((short) value).array()
        : ByteBuffer.allocate(4).putInt(value).array());
  }

  /** Eight bits for each channel. */
  private static Field numbers(int tag, int parts) {
    ByteBuffer out = ByteBuffer.allocate(2 * parts);
    for (int i = 0; i < parts; i++) {
      out.putShort((short) 8);
    }
    return new Field(tag, SHORT, parts, out.array());
  }

  private static byte[] bytes(List<Integer> values) {
    ByteBuffer out = ByteBuffer.allocate(4 * values.size());
    values.forEach(out::putInt);
    return out.array();
  }
}
