package org.zipthimble.core.picture;

import java.util.Optional;

/** A kind of picture file, told by its first bytes and never by its name. */
public enum Kind {
  /** Portable Network Graphics. */
  PNG("png"),
  /** JPEG. */
  JPEG("jpg");

  private final String ending;

  Kind(String ending) {
    this.ending = ending;
  }

  /** The usual ending of such a file's name, without the dot. */
  public String ending() {
    return ending;
  }

  /** The kind whose signature these bytes begin with. */
  public static Optional<Kind> of(byte[] bytes) {
    if (bytes.length > 8 && (bytes[0] & 255) == 0x89 && bytes[1] == 'P' && bytes[2] == 'N' && bytes[3] == 'G') {
      return Optional.of(PNG);
    }
    if (bytes.length > 3 && (bytes[0] & 255) == 0xFF && (bytes[1] & 255) == 0xD8 && (bytes[2] & 255) == 0xFF) {
      return Optional.of(JPEG);
    }
    return Optional.empty();
  }
}
