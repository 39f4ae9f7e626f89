package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.util.Optional;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Inking;

/** A page seen through a lens, and what was found on the way. */
public final class LensView {
  private final BufferedImage image;
  private final int[] rgb;
  private final byte[] inks;
  private final Inking inking;
  private final double highest;
  private final double share;

  LensView(BufferedImage image, int[] rgb, byte[] inks, Inking inking, double highest, double share) {
    this.image = image;
    this.rgb = rgb;
    this.inks = inks;
    this.inking = inking;
    this.highest = highest;
    this.share = share;
  }

  /** What is seen; see-through outside of what is printed. */
  public BufferedImage image() {
    return image;
  }

  /** The highest load of ink, 0 to 4; 0 through the lens for the range. */
  public double highest() {
    return highest;
  }

  /** The part of the printed area that is over the limit, or out of range, 0 to 1. */
  public double share() {
    return share;
  }

  /**
   * What is at one place.
   *
   * @param miss how far the nearest printed colour is from the one wanted, as CIEDE2000
   */
  public record Reading(Colour colour, Cmyk inks, double miss) {}

  /** What is at a pixel; empty outside of what is printed. */
  public Optional<Reading> at(int x, int y) {
    int width = image.getWidth();
    if (x < 0 || y < 0 || x >= width || y >= image.getHeight() || image.getRGB(x, y) >>> 24 == 0) {
      return Optional.empty();
    }
    int at = y * width + x;
    Colour colour = Colour.of(rgb[at] & 0xFFFFFF);
    return Optional.of(new Reading(colour, new Cmyk(part(4 * at), part(4 * at + 1), part(4 * at + 2), part(4 * at + 3)), inking.press().miss(colour)));
  }

  private double part(int at) {
    return (inks[at] & 255) / 255.0;
  }
}
