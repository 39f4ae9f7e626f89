package org.zipthimble.core.store;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import java.util.zip.CRC32;

/** Bytes damaged by chance: bits turned, parts cut, doubled or replaced by words that readers stumble over. */
final class Damage {
  private static final byte[][] WORDS = words("0", "-1", "1e400", "NaN", "99999999999", "2147483647", "-2147483648", "\u0000", "\r\n", "<",
      ">", "\"", "'", "{", "}", "[", "]",
      ",", "null", "true", "/", "..", "%PDF-1.7", "endstream", "obj", "<use href='#a'/>", "matrix(1e9 0 0 0 0 0)", "url(#a)", "SPLINE",
      "70\n8\n", "M0 0L", "\u00ff\u00ff\u00ff\u00ff",
      "\u007f\u00ff\u00ff\u00ff", "\u0000\u0000\u0000\u0000", "&#x0;", "\"faces\":", "\"width\":", "\"id\":\"i1\"", "curv", "mft2", "glyf",
      "loca");

  private Damage() {}

  private static byte[][] words(String... words) {
    return Arrays.stream(words).map(w -> w.getBytes(StandardCharsets.ISO_8859_1)).toArray(byte[][]::new);
  }

  static byte[] damaged(byte[] sound, Random r) {
    byte[] b = sound.clone();
    for (int n = 1 + r.nextInt(5); n > 0 && b.length > 0; n--) {
      int at = r.nextInt(b.length);
      int end = Math.min(b.length, at + 1 + r.nextInt(16));
      byte[] middle = Arrays.copyOfRange(b, at, end);
      switch (r.nextInt(7)) {
        case 0 -> b[at] = (byte) r.nextInt(256);
        case 1 -> b[at] ^= 1 << r.nextInt(8);
        case 2 -> b = joined(Arrays.copyOf(b, at), WORDS[r.nextInt(WORDS.length)], Arrays.copyOfRange(b, at, b.length));
        case 3 -> b = joined(Arrays.copyOf(b, at), WORDS[r.nextInt(WORDS.length)], Arrays.copyOfRange(b, end, b.length));
        case 4 -> b = joined(Arrays.copyOf(b, at), Arrays.copyOfRange(b, end, b.length));
        case 5 -> {
          byte[][] parts = new byte[2 + 1 + r.nextInt(20)][];
          Arrays.fill(parts, middle);
          parts[0] = Arrays.copyOf(b, at);
          parts[parts.length - 1] = Arrays.copyOfRange(b, at, b.length);
          b = joined(parts);
        }
        default -> b = r.nextInt(4) == 0 ? Arrays.copyOf(b, at) : b;
      }
    }
    return r.nextBoolean() ? summed(b) : b;
  }

  /** A PNG's chunks with right sums again, so that damage gets past them. */
  private static byte[] summed(byte[] b) {
    if (b.length < 16 || (b[0] & 255) != 0x89 || b[1] != 'P') {
      return b;
    }
    int at = 8;
    while (at + 12 <= b.length) {
      int length = (b[at] & 255) << 24 | (b[at + 1] & 255) << 16 | (b[at + 2] & 255) << 8 | b[at + 3] & 255;
      if (length < 0 || length > b.length - at - 12) {
        return b;
      }
      CRC32 crc = new CRC32();
      crc.update(b, at + 4, length + 4);
      for (int i = 0; i < 4; i++) {
        b[at + 8 + length + i] = (byte) (crc.getValue() >> 24 - 8 * i);
      }
      at += 12 + length;
    }
    return b;
  }

  private static byte[] joined(byte[]... parts) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    for (byte[] part : parts) {
      out.writeBytes(part);
    }
    return out.toByteArray();
  }
}
