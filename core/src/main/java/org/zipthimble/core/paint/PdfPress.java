package org.zipthimble.core.paint;

import org.zipthimble.core.colour.Inking;

/**
 * How a PDF for a press is written: PDF/X-4 (ISO 15930-7:2010).
 *
 * @param inking which ink every colour becomes
 * @param condition the printing condition's name in the registry, or "Custom"
 * @param pictures what becomes of pictures
 */
public record PdfPress(Inking inking, String condition, Pictures pictures) {
  /** What becomes of pictures. */
  public enum Pictures {
    /** They become inks here. */
    INK,
    /** They stay RGB with their profile, and the shop converts them. */
    SCREEN,
    /** They stay as they came: RGB with their profile, or the inks they were brought in with. */
    AS_CAME
  }
}
