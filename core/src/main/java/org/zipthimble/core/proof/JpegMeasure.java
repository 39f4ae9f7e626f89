package org.zipthimble.core.proof;

import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.zipthimble.core.wording.Trouble;

/**
 * The size a JPEG says it has, read marker by marker to its end (ISO/IEC 10918-1, annex B; the
 * resolution from the JFIF segment, ISO/IEC 10918-5).
 *
 * @param width in pixels
 * @param height in pixels
 * @param ppi pixels per inch, 0 when the file does not say
 */
public record JpegMeasure(int width, int height, int ppi) {
  private static final int SOI = 0xFFD8;
  private static final int EOI = 0xD9;
  private static final int SOS = 0xDA;
  private static final int APP0 = 0xE0;

  /**
   * Measures a JPEG.
   *
   * @throws Trouble when it is not a whole JPEG
   */
  public static JpegMeasure of(String name, InputStream stream) throws Trouble {
    try {
      DataInputStream in = new DataInputStream(stream);
      if (in.readUnsignedShort() != SOI) {
        throw Trouble.of("proof.damaged", name);
      }
      JpegMeasure found = new JpegMeasure(0, 0, 0);
      int marker = marker(in);
      while (marker != EOI) {
        byte[] segment = in.readNBytes(in.readUnsignedShort() - 2);
        found = found.with(marker, segment);
        marker = marker == SOS ? afterScan(in) : marker(in);
      }
      if (found.width == 0 || found.height == 0) {
        throw Trouble.of("proof.damaged", name);
      }
      return found;
    } catch (IOException | RuntimeException e) {
      throw Trouble.because(e, "proof.damaged", name);
    }
  }

  private JpegMeasure with(int marker, byte[] s) {
    boolean frame = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC;
    if (frame) {
      return new JpegMeasure((s[3] & 255) << 8 | s[4] & 255, (s[1] & 255) << 8 | s[2] & 255, ppi);
    }
    if (marker == APP0 && s.length >= 12 && new String(s, 0, 4, StandardCharsets.US_ASCII).equals("JFIF")) {
      int density = (s[8] & 255) << 8 | s[9] & 255;
      return new JpegMeasure(width, height, s[7] == 1 ? density : s[7] == 2 ? (int) Math.round(density * 2.54) : 0);
    }
    return this;
  }

  private static int marker(DataInputStream in) throws IOException {
    if (in.readUnsignedByte() != 0xFF) {
      throw new IOException("a marker is missing");
    }
    int marker = in.readUnsignedByte();
    while (marker == 0xFF) {
      marker = in.readUnsignedByte();
    }
    return marker;
  }

  /** Passes over coded pixels, their stuffed zeros and restart markers, to the next marker. */
  private static int afterScan(DataInputStream in) throws IOException {
    int before = 0;
    while (true) {
      int value = in.read();
      if (value < 0) {
        throw new EOFException("the scan has no end");
      }
      if (before == 0xFF && value != 0 && value != 0xFF && (value < 0xD0 || value > 0xD7)) {
        return value;
      }
      before = value;
    }
  }
}
