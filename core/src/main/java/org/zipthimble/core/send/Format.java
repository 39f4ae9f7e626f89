package org.zipthimble.core.send;

import java.util.List;
import java.util.Locale;
import org.zipthimble.core.wording.Trouble;

/** A kind of output file, told by the ending of its name. */
public enum Format {
  /** Portable Document Format; all faces in one file. */
  PDF(".pdf"),
  /** Portable Network Graphics; one file for each face. */
  PNG(".png"),
  /** JPEG; one file for each face. */
  JPEG(".jpg", ".jpeg"),
  /** Tagged Image File Format; one file for each face, in inks for a press. */
  TIFF(".tif", ".tiff"),
  /** Scalable Vector Graphics, for cutters and other programs. */
  SVG(".svg"),
  /** Drawing exchange format, for cutters and other programs. */
  DXF(".dxf"),
  /** Plotter language, for cutters. */
  PLOTTER(".plt", ".hpgl");

  private final List<String> endings;

  Format(String... endings) {
    this.endings = List.of(endings);
  }

  /**
   * The kind for a file name.
   *
   * @throws Trouble when the ending is none that can be written
   */
  public static Format of(String fileName) throws Trouble {
    String lower = fileName.toLowerCase(Locale.ROOT);
    for (Format format : values()) {
      if (format.endings.stream().anyMatch(lower::endsWith)) {
        return format;
      }
    }
    throw Trouble.of("send.unknownEnding", fileName);
  }

  /** The ending that a file name of this kind has. */
  public String endingOf(String fileName) {
    String lower = fileName.toLowerCase(Locale.ROOT);
    return endings.stream().filter(lower::endsWith).findFirst().orElse("");
  }

  /** Whether it is made of pixels, one file for each face. */
  public boolean pixels() {
    return this == PNG || this == JPEG || this == TIFF;
  }

  /** Whether it holds cut lines and nothing else. */
  public boolean cuts() {
    return this == SVG || this == DXF || this == PLOTTER;
  }

  /** Whether it can hold amounts of ink. */
  public boolean inks() {
    return this == PDF || this == TIFF || this == JPEG;
  }

  /** The usual ending of such files, with its dot. */
  public String ending() {
    return endings.get(0);
  }
}
