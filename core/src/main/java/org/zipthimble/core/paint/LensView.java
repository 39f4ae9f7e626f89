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
    return Optional.of(new Reading(colour(x, y), inks(x, y), inking.press().miss(colour(x, y))));
  }

  /** The colour on the screen at a pixel. */
  public Colour colour(int x, int y) {
    return Colour.of(rgb[y * image.getWidth() + x] & 0xFFFFFF);
  }

  /** The inks at a pixel. */
  public Cmyk inks(int x, int y) {
    int at = 4 * (y * image.getWidth() + x);
    return new Cmyk(part(at), part(at + 1), part(at + 2), part(at + 3));
  }

  private double part(int at) {
    return (inks[at] & 255) / 255.0;
  }
}
