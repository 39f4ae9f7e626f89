package org.zipthimble.core.proof;

import java.io.ByteArrayInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.util.zip.CRC32;
import org.zipthimble.core.wording.Trouble;

/**
 * The size a PNG says it has, read chunk by chunk with every checksum tried (ISO/IEC 15948, 5 and 11).
 *
 * @param width in pixels
 * @param height in pixels
 * @param perMetre pixels per metre, 0 when the file does not say
 */
public record PngMeasure(int width, int height, int perMetre) {
  private static final long SIGNATURE = 0x89504E470D0A1A0AL;
  private static final int IHDR = 0x49484452;
  private static final int PHYS = 0x70485973;
  private static final int IEND = 0x49454E44;

  /**
   * Measures a PNG.
   *
   * @throws Trouble when it is not a whole PNG
   */
  public static PngMeasure of(String name, byte[] bytes) throws Trouble {
    return of(name, new ByteArrayInputStream(bytes));
  }

  /**
   * Measures a PNG, one chunk in memory at a time.
   *
   * @throws Trouble when it is not a whole PNG
   */
  public static PngMeasure of(String name, InputStream stream) throws Trouble {
    try {
      DataInputStream in = new DataInputStream(stream);
      if (in.readLong() != SIGNATURE) {
        throw Trouble.of("proof.damaged", name);
      }
      int width = 0;
      int height = 0;
      int perMetre = 0;
      while (true) {
        int length = in.readInt();
        byte[] chunk = in.readNBytes(length < 0 ? 0 : length + 4);
        CRC32 crc = new CRC32();
        crc.update(chunk);
        if (length < 0 || chunk.length < length + 4 || (int) crc.getValue() != in.readInt()) {
          throw Trouble.of("proof.damaged", name);
        }
        ByteBuffer data = ByteBuffer.wrap(chunk);
        switch (data.getInt()) {
          case IHDR -> {
            width = data.getInt();
            height = data.getInt();
          }
          case PHYS -> perMetre = data.get(12) == 1 ? data.getInt() : 0;
          case IEND -> {
            return new PngMeasure(width, height, perMetre);
          }
          default -> { }
        }
      }
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "proof.damaged", name);
    }
  }

  /** Pixels per inch, 0 when the file does not say. */
  public double ppi() {
    return perMetre * 0.0254;
  }
}
