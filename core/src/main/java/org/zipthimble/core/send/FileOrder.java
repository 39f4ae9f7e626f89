package org.zipthimble.core.send;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalInt;
import org.zipthimble.core.sheet.PageOptions;

/**
 * What is to be written.
 *
 * @param file its ending tells the kind; several files get their face or their number in the name
 * @param content what it holds; what its kind usually holds when empty
 * @param face one face by its number from 1, or all
 * @param lane one lane by its id, or all
 * @param ppi pixels per inch of picture files
 * @param options how pages are made of faces
 * @param how it is written
 * @param standIns whether words may be cut in the stand-in face where theirs is missing: only with the person's word
 */
@RecordBuilder
public record FileOrder(
    Path file, Optional<Content> content, OptionalInt face, Optional<String> lane, double ppi, PageOptions options, SendOptions how,
    boolean standIns)
    implements FileOrderBuilder.With {
  /** Least pixels per inch. */
  public static final double LEAST_PPI = 10;

  /** Most pixels per inch. */
  public static final double MOST_PPI = 2400;

  /** Checks the resolution. */
  public FileOrder {
    if (!(ppi >= LEAST_PPI && ppi <= MOST_PPI)) {
      throw new IllegalArgumentException("resolution must be " + LEAST_PPI + " to " + MOST_PPI + ": " + ppi);
    }
  }

  /**
   * What a kind of file usually holds, of one face or all, in the usual way.
   *
   * @param face one face by its number from 1, or all
   * @param ppi pixels per inch, {@link #LEAST_PPI} to {@link #MOST_PPI}
   * @throws IllegalArgumentException when the resolution is outside of that
   */
  public static FileOrder of(Path file, OptionalInt face, double ppi, PageOptions options) {
    return new FileOrder(file, Optional.empty(), face, Optional.empty(), ppi, options, SendOptions.USUAL, false);
  }
}
