package org.zipthimble.core.check.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * All forms of all words of the dictionary that ships, so that a job without a fault in it need not wait for the dictionary with its
 * rules, which takes far longer to read. The words stand in the order of their UTF-8 bytes, in blocks; within a block each tells how many
 * bytes it shares with the one before, then how many follow, then these. Ahead of them stands how many blocks there are and where each
 * begins.
 */
final class Vocabulary {
  /** The resource, made from the dictionary by the test that holds it against it. */
  static final String FILE = "/org/zipthimble/core/check/en.forms";

  /** Words to a block. */
  static final int BLOCK = 32;

  private static final class Shipped {
    private static final Vocabulary ENGLISH = read();

    private Shipped() {}

    private static Vocabulary read() {
      try (InputStream in = Vocabulary.class.getResourceAsStream(FILE)) {
        if (in == null) {
          throw new IllegalStateException("the dictionary is not in the program: " + FILE);
        }
        return new Vocabulary(in.readAllBytes());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  private final ByteBuffer all;
  private final int blocks;

  /** A vocabulary of these bytes. */
  Vocabulary(byte[] bytes) {
    this.all = ByteBuffer.wrap(bytes);
    this.blocks = all.getInt(0);
  }

  /** The one that ships; safe for several threads. */
  static Vocabulary english() {
    return Shipped.ENGLISH;
  }

  /** Whether a word stands in it just as it is written. */
  boolean has(String word) {
    byte[] sought = word.getBytes(StandardCharsets.UTF_8);
    int low = 0;
    int high = blocks - 1;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (compare(start(middle) + 2, all.get(start(middle) + 1), sought) <= 0) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    return blocks > 0 && within(low, sought);
  }

  private int start(int block) {
    return all.getInt((block + 1) * Integer.BYTES);
  }

  private int compare(int at, int length, byte[] sought) {
    return Arrays.compareUnsigned(all.array(), at, at + length, sought, 0, sought.length);
  }

  private boolean within(int block, byte[] sought) {
    byte[] word = new byte[Byte.MAX_VALUE];
    int at = start(block);
    int end = block + 1 < blocks ? start(block + 1) : all.capacity();
    while (at < end) {
      int shared = all.get(at);
      int rest = all.get(at + 1);
      all.get(at + 2, word, shared, rest);
      if (Arrays.equals(word, 0, shared + rest, sought, 0, sought.length)) {
        return true;
      }
      at += 2 + rest;
    }
    return false;
  }
}
