package org.zipthimble.core.picture;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * What the head of a JPEG file says (ISO/IEC 10918-1, annex B): its components and its profile (ISO 15076-1, B.4).
 *
 * @param components 1, 3, or 4 for inks
 * @param inverted whether 255 stands for no ink
 * @param luma whether the inks are written as luma and chroma
 */
record JpegHead(int components, boolean inverted, boolean luma, Optional<byte[]> profile) {
  private static final int MOST_PROFILE = 4_000_000;

  /** Reads the markers up to the first scan; what cannot be read is as usual. */
  static JpegHead of(byte[] file) {
    int components = 3;
    boolean inverted = false;
    boolean luma = false;
    ByteArrayOutputStream icc = new ByteArrayOutputStream();
    int at = 2;
    while (at + 4 <= file.length && (file[at] & 255) == 0xFF) {
      int marker = file[at + 1] & 255;
      if (marker == 0xDA || marker == 0xD9) {
        break;
      }
      int length = (file[at + 2] & 255) << 8 | file[at + 3] & 255;
      int from = at + 4;
      int end = Math.min(file.length, at + 2 + length);
      if (length < 2 || from > end) {
        break;
      }
      if (marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC && end - from > 5) {
        components = file[from + 5] & 255;
      } else if (marker == 0xE2 && begins(file, from, end, "ICC_PROFILE\0") && end - from > 14 && icc.size() < MOST_PROFILE) {
        icc.write(file, from + 14, end - from - 14);
      } else if (marker == 0xEE && length >= 14 && end - from >= 12) {
        inverted = true;
        luma = (file[from + 11] & 255) == 2;
      }
      at += 2 + length;
    }
    return new JpegHead(components, inverted, luma, icc.size() == 0 ? Optional.empty() : Optional.of(icc.toByteArray()));
  }

  /**
   * The same pixels without comments and without segments of programs: only what tells how the pixels are to be read stays, that is the
   * JFIF head, a profile and the marker of inks. What cannot be read stays as it is.
   */
  static byte[] bare(byte[] file) {
    ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
    out.write(file, 0, Math.min(2, file.length));
    int at = 2;
    while (at + 4 <= file.length && (file[at] & 255) == 0xFF) {
      int marker = file[at + 1] & 255;
      int length = (file[at + 2] & 255) << 8 | file[at + 3] & 255;
      if (marker == 0xDA || length < 2 || at + 2 + length > file.length) {
        break;
      }
      boolean program = marker >= 0xE1 && marker <= 0xEF && marker != 0xEE
          && !(marker == 0xE2 && begins(file, at + 4, at + 2 + length, "ICC_PROFILE\0"));
      if (!program && marker != 0xFE) {
        out.write(file, at, 2 + length);
      }
      at += 2 + length;
    }
    out.write(file, Math.min(at, file.length), file.length - Math.min(at, file.length));
    return out.toByteArray();
  }

  private static boolean begins(byte[] file, int from, int end, String words) {
    byte[] wanted = words.getBytes(StandardCharsets.US_ASCII);
    for (int i = 0; i < wanted.length; i++) {
      if (from + i >= end || file[from + i] != wanted[i]) {
        return false;
      }
    }
    return true;
  }
}
