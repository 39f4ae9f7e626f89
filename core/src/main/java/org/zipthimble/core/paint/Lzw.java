package org.zipthimble.core.paint;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;

/** Packs bytes as TIFF 6.0, section 13 says: codes of 9 to 12 bits, the highest bit first, widened one code early. */
final class Lzw {
  private static final int CLEAR = 256;
  private static final int END = 257;
  private static final int MOST = 4094;

  /** Where each pair of a code and a byte is looked for; a prime well above 4096. */
  private static final int SLOTS = 9001;

  private final ByteArrayOutputStream out;
  private final int[] keys = new int[SLOTS];
  private final int[] codes = new int[SLOTS];
  private int next;
  private int width;
  private int bits;
  private int count;

  private Lzw(int length) {
    out = new ByteArrayOutputStream(length / 2 + 64);
  }

  static byte[] packed(byte[] plain) {
    Lzw lzw = new Lzw(plain.length);
    lzw.clear();
    int now = -1;
    for (byte b : plain) {
      int value = b & 255;
      if (now < 0) {
        now = value;
        continue;
      }
      int slot = lzw.slot(now << 8 | value);
      if (lzw.keys[slot] >= 0) {
        now = lzw.codes[slot];
      } else {
        lzw.put(now);
        lzw.learn(slot, now << 8 | value);
        now = value;
      }
    }
    if (now >= 0) {
      lzw.put(now);
      lzw.grown();
    }
    lzw.put(END);
    if (lzw.count > 0) {
      lzw.out.write(lzw.bits << 8 - lzw.count);
    }
    return lzw.out.toByteArray();
  }

  private void clear() {
    if (width == 0) {
      width = 9;
    }
    put(CLEAR);
    Arrays.fill(keys, -1);
    next = 258;
    width = 9;
  }

  private int slot(int key) {
    int slot = key % SLOTS;
    while (keys[slot] >= 0 && keys[slot] != key) {
      slot = slot + 1 == SLOTS ? 0 : slot + 1;
    }
    return slot;
  }

  private void learn(int slot, int key) {
    keys[slot] = key;
    codes[slot] = next;
    grown();
    if (next >= MOST) {
      clear();
    }
  }

  private void grown() {
    next++;
    if (next == 512 || next == 1024 || next == 2048) {
      width++;
    }
  }

  private void put(int code) {
    bits = bits << width | code;
    count += width;
    while (count >= 8) {
      out.write(bits >> count - 8);
      count -= 8;
    }
    bits &= (1 << count) - 1;
  }
}
