package org.zipthimble.core.send;

import java.util.Locale;
import org.zipthimble.core.wording.Trouble;

/** A kind of output file, told by the ending of its name. */
public enum Format {
  /** Portable Document Format; all faces in one file. */
  PDF,
  /** Portable Network Graphics; one file for each face. */
  PNG;

  /**
   * The kind for a file name.
   *
   * @throws Trouble when the ending is none that can be written
   */
  public static Format of(String fileName) throws Trouble {
    String lower = fileName.toLowerCase(Locale.ROOT);
    for (Format format : values()) {
      if (lower.endsWith(format.ending())) {
        return format;
      }
    }
    throw Trouble.of("send.unknownEnding", fileName);
  }

  /** The ending of such files, with its dot. */
  public String ending() {
    return "." + name().toLowerCase(Locale.ROOT);
  }
}
