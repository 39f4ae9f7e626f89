package org.zipthimble.core.paint;

import org.zipthimble.core.colour.Inking;

/**
 * How a PDF for a press is written: PDF/X-4 (ISO 15930-7:2010).
 *
 * @param inking which ink every colour becomes
 * @param condition the printing condition's name in the registry, or "Custom"
 * @param picturesInk whether pictures become inks here; else they stay RGB with their profile and the shop converts them
 */
public record PdfPress(Inking inking, String condition, boolean picturesInk) {}
