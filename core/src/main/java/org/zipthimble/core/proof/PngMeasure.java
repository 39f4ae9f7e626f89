package org.zipthimble.core.proof;

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
    ByteBuffer in = ByteBuffer.wrap(bytes);
    if (in.remaining() < 8 || in.getLong() != SIGNATURE) {
      throw Trouble.of("proof.damaged", name);
    }
    int width = 0;
    int height = 0;
    int perMetre = 0;
    while (in.remaining() >= 12) {
      int length = in.getInt();
      int at = in.position();
      if (length < 0 || length > in.remaining() - 8) {
        throw Trouble.of("proof.damaged", name);
      }
      int type = in.getInt(at);
      CRC32 crc = new CRC32();
      crc.update(bytes, at, 4 + length);
      if ((int) crc.getValue() != in.getInt(at + 4 + length)) {
        throw Trouble.of("proof.damaged", name);
      }
      if (type == IHDR) {
        width = in.getInt(at + 4);
        height = in.getInt(at + 8);
      } else if (type == PHYS && in.get(at + 12) == 1) {
        perMetre = in.getInt(at + 4);
      } else if (type == IEND) {
        return new PngMeasure(width, height, perMetre);
      }
      in.position(at + 8 + length);
    }
    throw Trouble.of("proof.damaged", name);
  }

  /** Pixels per inch, 0 when the file does not say. */
  public double ppi() {
    return perMetre * 0.0254;
  }
}
