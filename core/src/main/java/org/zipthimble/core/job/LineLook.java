package org.zipthimble.core.job;

import org.zipthimble.core.colour.Colour;

/** How a line is drawn: its width in points, above zero up to 720, and its colour. */
public record LineLook(double widthPt, Colour colour) {
  /** Checks the width. */
  public LineLook {
    if (!(widthPt > 0 && widthPt <= 720)) {
      throw new IllegalArgumentException("a line is above 0 and up to 720 pt wide: " + widthPt);
    }
  }
}
