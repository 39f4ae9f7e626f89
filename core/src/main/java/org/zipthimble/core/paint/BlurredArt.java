package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Optional;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.marks.Art;
import org.zipthimble.core.picture.Blur;
import org.zipthimble.core.picture.Halvings;

/**
 * Art drawn into pixels with its blur and its feather, and the halos of its silhouette. The pixels beside what is seen are drawn
 * too as far as a bell reaches, so that bands and whole pages come out the same.
 */
final class BlurredArt {
  private final int left;
  private final int top;
  private final BufferedImage image;
  private final double scale;
  private final Art art;

  private BlurredArt(int left, int top, BufferedImage image, double scale, Art art) {
    this.left = left;
    this.top = top;
    this.image = image;
    this.scale = scale;
    this.art = art;
  }

  /**
   * Draws.
   *
   * @param seen what is looked at, in pixels
   * @return empty when nothing of it can be seen
   */
  static Optional<BlurredArt> of(Art art, Affine toPixels, Box seen, Halvings pictures) {
    double border = art.reach() * toPixels.meanScale() + 4;
    Optional<Box> area = toPixels.apply(art.area()).grown(border).meet(seen.grown(border));
    if (area.isEmpty()) {
      return Optional.empty();
    }
    int left = (int) Math.floor(area.get().x());
    int top = (int) Math.floor(area.get().y());
    int width = (int) Math.ceil(area.get().right()) - left + 1;
    int height = (int) Math.ceil(area.get().bottom()) - top + 1;
    BlurredArt made = drawn(art, toPixels, left, top, width, height, pictures);
    made.feather();
    made.blur();
    return Optional.of(made);
  }

  /** The same art over the same pixels, without its feather and its blur. */
  static BlurredArt unsoftened(Art art, Affine toPixels, BlurredArt like, Halvings pictures) {
    return drawn(art, toPixels, like.left, like.top, like.image.getWidth(), like.image.getHeight(), pictures);
  }

  private static BlurredArt drawn(Art art, Affine toPixels, int left, int top, int width, int height, Halvings pictures) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
    RasterOut out = new RasterOut(image, toPixels.then(Affine.move(-left, -top)), pictures);
    art.marks().accept(out);
    out.done();
    return new BlurredArt(left, top, image, toPixels.meanScale(), art);
  }

  int left() {
    return left;
  }

  int top() {
    return top;
  }

  BufferedImage image() {
    return image;
  }

  private int[] pixels() {
    return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
  }

  /** One part of all pixels. */
  private float[] field(int shift) {
    int[] pixels = pixels();
    float[] out = new float[pixels.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = pixels[i] >>> shift & 255;
    }
    return out;
  }

  private float[] soft(int shift, double inches) {
    return Blur.soft(field(shift), image.getWidth(), image.getHeight(), inches * scale);
  }

  /** How much of the art the feather leaves, 0 to 255. */
  static float kept(float softened) {
    return Math.max(0, Math.min(255, 2 * softened - 255));
  }

  private void feather() {
    if (art.feather() <= 0) {
      return;
    }
    float[] soft = soft(24, art.feather());
    int[] pixels = pixels();
    for (int i = 0; i < pixels.length; i++) {
      float keep = kept(soft[i]) / 255;
      int out = 0;
      for (int shift = 24; shift >= 0; shift -= 8) {
        out |= Math.round((pixels[i] >>> shift & 255) * keep) << shift;
      }
      pixels[i] = out;
    }
  }

  private void blur() {
    if (art.blur() <= 0) {
      return;
    }
    int[] out = new int[pixels().length];
    for (int shift = 24; shift >= 0; shift -= 8) {
      float[] soft = soft(shift, art.blur());
      for (int i = 0; i < out.length; i++) {
        out[i] |= Math.round(Math.max(0, Math.min(255, soft[i]))) << shift;
      }
    }
    System.arraycopy(out, 0, pixels(), 0, out.length);
  }

  /** The silhouette of what the feather leaves of plain art, 0 to 255, for outputs that draw the art themselves. */
  byte[] featherMask() {
    float[] soft = soft(24, art.feather());
    byte[] out = new byte[soft.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = (byte) Math.round(kept(soft[i]));
    }
    return out;
  }

  /** How dense a halo is, 0 to 255, its opacity not counted. */
  byte[] density(Art.Halo halo) {
    float[] soft = soft(24, halo.sigma());
    byte[] out = new byte[soft.length];
    for (int i = 0; i < out.length; i++) {
      out[i] = (byte) Math.round(Math.max(0, Math.min(255, soft[i] * halo.gain())));
    }
    return out;
  }

  /** A halo as a picture, its opacity counted; its shift is not. */
  BufferedImage halo(Art.Halo halo) {
    byte[] density = density(halo);
    BufferedImage out = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
    int[] to = ((DataBufferInt) out.getRaster().getDataBuffer()).getData();
    Colour c = halo.colour();
    for (int i = 0; i < to.length; i++) {
      double alpha = (density[i] & 255) * halo.opacity();
      to[i] = (int) Math.round(alpha) << 24 | part(c.red(), alpha) << 16 | part(c.green(), alpha) << 8 | part(c.blue(), alpha);
    }
    return out;
  }

  private static int part(int colour, double alpha) {
    return (int) Math.round(colour * alpha / 255);
  }
}
