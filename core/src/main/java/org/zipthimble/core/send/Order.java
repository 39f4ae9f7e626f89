package org.zipthimble.core.send;

import java.nio.file.Path;
import java.util.OptionalInt;
import org.zipthimble.core.sheet.PageOptions;

/**
 * What is to be written.
 *
 * @param face one face by its number from 1, or all
 * @param ppi pixels per inch of picture files
 */
public record Order(Path file, OptionalInt face, double ppi, PageOptions options, SendOptions manner) {
  /** Least pixels per inch. */
  public static final double LEAST_PPI = 10;

  /** Most pixels per inch. */
  public static final double MOST_PPI = 2400;

  /** In the usual manner. */
  public static Order of(Path file, OptionalInt face, double ppi, PageOptions options) {
    return new Order(file, face, ppi, options, SendOptions.USUAL);
  }

  /** Checks the resolution. */
  public Order {
    if (!(ppi >= LEAST_PPI && ppi <= MOST_PPI)) {
      throw new IllegalArgumentException("resolution must be " + LEAST_PPI + " to " + MOST_PPI + ": " + ppi);
    }
  }
}
