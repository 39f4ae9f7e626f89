package org.zipthimble.practice.printer;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Size;

/**
 * What a sender asks for.
 *
 * @param format of the document, such as application/pdf
 * @param paper it is meant for, in inches; empty for whatever lies in the tray
 * @param tray by its name; empty for the first that has the paper
 * @param mirror whether the printer is to turn it; empty for as it is set
 * @param ppi empty for as it is set
 */
@RecordBuilder
public record Wish(
    String name, String user, String format, int copies, Optional<Size> paper, Optional<String> tray, Optional<Printing.Scaling> scaling,
    Optional<Boolean> mirror,
    Optional<Double> ppi) implements WishBuilder.With {
  /** The most copies. */
  public static final int MOST_COPIES = 99;

  /** Checks the count. */
  public Wish {
    if (copies < 1 || copies > MOST_COPIES) {
      throw new IllegalArgumentException("copies are 1 to " + MOST_COPIES + ": " + copies);
    }
  }

  /** One of a document, as the printer is set. */
  public static Wish of(String name, String format) {
    return new Wish(name, "person", format, 1, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
  }
}
