package org.zipthimble.core.picture;

/**
 * A picture as it was brought in: the untouched bytes and what they hold.
 *
 * @param name the file's name when it was brought in
 * @param width in pixels
 * @param height in pixels
 */
public record Picture(Blob blob, Kind kind, String name, int width, int height) {
  /** Checks the pixels. */
  public Picture {
    if (width < 1 || height < 1) {
      throw new IllegalArgumentException("a picture needs pixels: " + width + " x " + height);
    }
  }

  /** The picture's identity: that of its bytes. */
  public String id() {
    return blob.id();
  }

  /** Pixels per inch across when the picture is placed this wide, in inches. */
  public double ppiAt(double placedWidth, double placedHeight) {
    return Math.min(width / placedWidth, height / placedHeight);
  }
}
