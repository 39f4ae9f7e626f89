package org.zipthimble.core.picture;

/** How bright, hard, warm and colourful a picture is made; each -1 to 1, 0 for as it is. */
public record Tones(double brightness, double contrast, double warmth, double saturation) {
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

  /** The same with another brightness. */
  public Tones bright(double v) {
    return new Tones(v, contrast, warmth, saturation);
  }

  /** The same with another contrast. */
  public Tones hard(double v) {
    return new Tones(brightness, v, warmth, saturation);
  }

  /** The same with another warmth. */
  public Tones warm(double v) {
    return new Tones(brightness, contrast, v, saturation);
  }

  /** The same with another saturation. */
  public Tones colourful(double v) {
    return new Tones(brightness, contrast, warmth, v);
  }
}
