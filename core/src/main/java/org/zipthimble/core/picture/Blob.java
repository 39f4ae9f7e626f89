package org.zipthimble.core.picture;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;

/**
 * Bytes that never change, known by their SHA-256. Two blobs are equal when their bytes are, and both are known by the same. What a file
 * states of its bytes can be taken as it is said and proved later: working it out takes longer than all else about a large file.
 */
public final class Blob {
  private static final int HEAD = 8_000_000;

  private final byte[] bytes;
  private final String id;
  private volatile boolean proved;

  /** Keeps a copy of the bytes. */
  public Blob(byte[] bytes) {
    this.bytes = bytes.clone();
    this.id = digest(this.bytes);
    this.proved = true;
  }

  private Blob(byte[] bytes, String stated) {
    this.bytes = bytes;
    this.id = stated;
  }

  /**
   * Bytes with what is said to be their SHA-256, not proved yet.
   *
   * @param bytes taken over as they are: nobody changes them any more
   * @param stated in hexadecimal
   */
  static Blob stated(byte[] bytes, String stated) {
    return new Blob(bytes, stated);
  }

  /** Whether the bytes have the SHA-256 that was stated of them. It is worked out the first time, at some 100 million bytes a second. */
  public boolean proved() {
    if (!proved) {
      proved = digest(bytes).equals(id);
    }
    return proved;
  }

  private static String digest(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("this Java has no SHA-256", e);
    }
  }

  /** The SHA-256 in hexadecimal. */
  public String id() {
    return id;
  }

  /** How many bytes. */
  public int length() {
    return bytes.length;
  }

  /** A copy of the bytes. */
  public byte[] bytes() {
    return bytes.clone();
  }

  /** Up to the first 8 million bytes. */
  byte[] head() {
    return Arrays.copyOf(bytes, Math.min(bytes.length, HEAD));
  }

  /** Reads the bytes without copying them. */
  public InputStream open() {
    return new ByteArrayInputStream(bytes);
  }

  @Override
  public boolean equals(Object other) {
    return this == other || other instanceof Blob && ((Blob) other).id.equals(id)
        && (proved && ((Blob) other).proved || Arrays.equals(((Blob) other).bytes, bytes));
  }

  @Override
  public int hashCode() {
    return id.hashCode();
  }

  @Override
  public String toString() {
    return "Blob " + id.substring(0, 8) + ", " + bytes.length + " bytes";
  }
}
