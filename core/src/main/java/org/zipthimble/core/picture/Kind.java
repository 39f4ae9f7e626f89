package org.zipthimble.core.picture;

import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** A kind of picture file, told by its first bytes and never by its name. */
public enum Kind {
  /** Portable Network Graphics. */
  PNG("png"),
  /** JPEG. */
  JPEG("jpg"),
  /** Tagged Image File Format. */
  TIFF("tif"),
  /** Graphics Interchange Format; its first picture. */
  GIF("gif"),
  /** Windows bitmap. */
  BMP("bmp"),
  /** WebP (RFC 9649). */
  WEBP("webp"),
  /** A page of a Portable Document Format file; drawn by its outlines, at any size. */
  PDF("pdf"),
  /** A surface that is worked out; never a file. */
  TEXTURE("txt");

  private static final int HEAD = 1024;

  private final String ending;

  Kind(String ending) {
    this.ending = ending;
  }

  /** The usual ending of such a file's name, without the dot. */
  public String ending() {
    return ending;
  }

  /** Whether it has outlines and is sharp at every size. */
  public boolean outlines() {
    return this == PDF || this == TEXTURE;
  }

  /** The kind whose signature these bytes begin with. */
  public static Optional<Kind> of(byte[] bytes) {
    if (bytes.length > 8 && (bytes[0] & 255) == 0x89 && bytes[1] == 'P' && bytes[2] == 'N' && bytes[3] == 'G') {
      return Optional.of(PNG);
    }
    if (bytes.length > 3 && (bytes[0] & 255) == 0xFF && (bytes[1] & 255) == 0xD8 && (bytes[2] & 255) == 0xFF) {
      return Optional.of(JPEG);
    }
    if (bytes.length > 8 && (begins(bytes, 'I', 'I', 42, 0) || begins(bytes, 'M', 'M', 0, 42))) {
      return Optional.of(TIFF);
    }
    if (bytes.length > 12 && begins(bytes, 'G', 'I', 'F', '8')) {
      return Optional.of(GIF);
    }
    if (bytes.length > 16 && begins(bytes, 'R', 'I', 'F', 'F') && bytes[8] == 'W' && bytes[9] == 'E' && bytes[10] == 'B'
        && bytes[11] == 'P') {
      return Optional.of(WEBP);
    }
    if (bytes.length > 64 && pdf(bytes)) {
      return Optional.of(PDF);
    }
    return bytes.length > 26 && begins(bytes, 'B', 'M') ? Optional.of(BMP) : Optional.empty();
  }

  /** A PDF file may begin with something else: its header stands within the first 1,024 bytes (common practice of readers). */
  private static boolean pdf(byte[] bytes) {
    String head = new String(bytes, 0, Math.min(HEAD, bytes.length), StandardCharsets.ISO_8859_1);
    return head.contains("%PDF-");
  }

  private static boolean begins(byte[] bytes, int... wanted) {
    for (int i = 0; i < wanted.length; i++) {
      if ((bytes[i] & 255) != wanted[i]) {
        return false;
      }
    }
    return true;
  }
}
