package org.zipthimble.core.send;

import java.nio.file.Path;
import java.util.Optional;

/**
 * What is to be written for a cutter.
 *
 * @param file its ending tells the kind: .svg, .dxf, .plt or .pdf; several sheets get their number in the name
 * @param what the design as it stands on the item, the sheets as they are laid, or how to put a split design together
 * @param lane one lane by its id, or all
 */
public record CutOrder(Path file, What what, Optional<String> lane) {
  /** What a file shows. */
  public enum What {
    /** Everything as it stands on the item, one group for each face, lane and kind. */
    DESIGN,
    /** Every sheet as it goes under the blade; a file for each, or a page of a PDF. */
    SHEETS,
    /** How to put a split design together; PDF only. */
    ASSEMBLY
  }
}
