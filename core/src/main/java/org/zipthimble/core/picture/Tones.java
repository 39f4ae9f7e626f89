package org.zipthimble.core.picture;

import io.soabase.recordbuilder.core.RecordBuilder;

/** How bright, hard, warm and colourful a picture is made; each -1 to 1, 0 for as it is. */
@RecordBuilder
public record Tones(double brightness, double contrast, double warmth, double saturation) implements TonesBuilder.With {
  /** As it is. */
  public static final Tones NONE = new Tones(0, 0, 0, 0);

  /** Checks the figures. */
  public Tones {
    if (!part(brightness) || !part(contrast) || !part(warmth) || !part(saturation)) {
      throw new IllegalArgumentException("tones are -1 to 1");
    }
  }

  private static boolean part(double v) {
    return v >= -1 && v <= 1;
  }
}
