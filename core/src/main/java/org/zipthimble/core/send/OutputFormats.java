package org.zipthimble.core.send;

import java.util.List;
import java.util.stream.Collectors;
import org.zipthimble.core.wording.Trouble;

/** Every kind of output file, in the order they are offered. */
public final class OutputFormats {
  private static final List<OutputFormat> ALL = List.of(
      new PdfFormat(), new PngFormat(), new JpegFormat(), new TiffFormat(), new SvgFormat(), new DxfFormat(), new PlotterFormat());

  private OutputFormats() {}

  /** All of them. */
  public static List<OutputFormat> all() {
    return ALL;
  }

  /**
   * The kind for a file name.
   *
   * @throws Trouble when the ending is none that can be written; all that can be are named
   */
  public static OutputFormat of(String fileName) throws Trouble {
    return ALL.stream().filter(f -> !f.endingOf(fileName).isEmpty()).findFirst().orElseThrow(() -> Trouble.of(
        "send.unknownEnding", fileName, ALL.stream().map(OutputFormat::ending).collect(Collectors.joining(", "))));
  }

  /** The kind by its word. */
  public static OutputFormat byId(String id) {
    return ALL.stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow(() -> new IllegalArgumentException("no format " + id));
  }

  /** The kinds that can hold something. */
  public static List<OutputFormat> holding(Content content) {
    return ALL.stream().filter(f -> f.contents().contains(content)).toList();
  }
}
