package org.zipthimble.core.picture;

import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;

/** Bytes that never change, known by their SHA-256. Two blobs are equal when their bytes are. */
public final class Blob {
  private static final int HEAD = 8_000_000;

  private final byte[] bytes;
  private final String id;

  /** Keeps a copy of the bytes. */
  public Blob(byte[] bytes) {
    this.bytes = bytes.clone();
    try {
      this.id = HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(this.bytes));
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
    return other instanceof Blob && ((Blob) other).id.equals(id);
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
