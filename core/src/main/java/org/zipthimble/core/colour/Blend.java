package org.zipthimble.core.colour;

/** How colours mix with what lies below; the blend modes of PDF (ISO 32000-1, 11.3.5). */
public enum Blend {
  /** Lies on top. */
  NORMAL("Normal"),
  /** Darkens by both. */
  MULTIPLY("Multiply"),
  /** Lightens by both. */
  SCREEN("Screen"),
  /** Multiplies darks and screens lights of what is below. */
  OVERLAY("Overlay"),
  /** The darker one. */
  DARKEN("Darken"),
  /** The lighter one. */
  LIGHTEN("Lighten"),
  /** Brightens what is below. */
  COLOR_DODGE("ColorDodge"),
  /** Darkens what is below. */
  COLOR_BURN("ColorBurn"),
  /** Multiplies or screens by what lies on top. */
  HARD_LIGHT("HardLight"),
  /** Darkens or lightens softly by what lies on top. */
  SOFT_LIGHT("SoftLight"),
  /** The distance of both. */
  DIFFERENCE("Difference"),
  /** As the distance, softer. */
  EXCLUSION("Exclusion"),
  /** The hue alone. */
  HUE("Hue"),
  /** The saturation alone. */
  SATURATION("Saturation"),
  /** Hue and saturation. */
  COLOR("Color"),
  /** The lightness alone. */
  LUMINOSITY("Luminosity");

  private final String pdf;

  Blend(String pdf) {
    this.pdf = pdf;
  }

  /** Its name in a PDF. */
  public String pdf() {
    return pdf;
  }
}
