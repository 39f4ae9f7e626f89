package org.zipthimble.core.send;

import java.util.Locale;
import org.zipthimble.core.wording.Wording;

/** What of a job a file holds. */
public enum Content {
  /** Its faces as pages to print. */
  PAGES,
  /** All that is cut, as it stands on the item: one group for each face, lane and kind. */
  DESIGN,
  /** Every sheet as it goes under the blade: a file for each, or a page of a PDF. */
  SHEETS,
  /** How a design that is split over several sheets is put together. */
  ASSEMBLY,
  /** A page for the customer to look at and sign. */
  PROOF,
  /** The one page that goes with the job to the press. */
  TRAVELLER;

  /** Its name. */
  public String title() {
    return Wording.of(this);
  }

  /** The word for it on the command line. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** Whether it is for a cutter. */
  public boolean cut() {
    return this == DESIGN || this == SHEETS || this == ASSEMBLY;
  }
}
