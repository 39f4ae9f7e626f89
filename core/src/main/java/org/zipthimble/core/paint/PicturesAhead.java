package org.zipthimble.core.paint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.Shade;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.wording.Trouble;

/**
 * Finds where on a page pictures begin, so that they can be decoded beside each other before the bands that need them wait for one after
 * another.
 */
final class PicturesAhead implements MarkOut {
  /**
   * A picture on the page.
   *
   * @param row the first row of pixels that it reaches
   * @param share drawn pixels over picture pixels
   */
  record Met(Picture picture, double row, double share) {
    /** Decodes it as it will be drawn; what cannot be decoded is told by the band that draws it. */
    void decode(Halvings pictures) {
      try {
        pictures.atLeast(picture, share);
      } catch (Trouble later) {
        // the band that needs it fails with the same sentence
      }
    }
  }

  private final Affine toPixels;
  private final Box page;
  private final List<Met> met = new ArrayList<>();

  /**
   * Looks for pictures.
   *
   * @param page in pixels
   */
  PicturesAhead(Affine toPixels, Box page) {
    this.toPixels = toPixels;
    this.page = page;
  }

  /** The share of a picture's pixels that are drawn. */
  static double share(Picture picture, Affine toPixels) {
    return Math.max(Math.hypot(toPixels.a(), toPixels.b()) / picture.width(), Math.hypot(toPixels.c(), toPixels.d()) / picture.height());
  }

  /** All that were met, the topmost first. */
  List<Met> fromTheTop() {
    return met.stream().sorted(Comparator.comparingDouble(Met::row)).toList();
  }

  @Override
  public void picture(Picture picture, Affine toPage) {
    Affine all = toPage.then(toPixels);
    all.apply(new Box(0, 0, 1, 1)).meet(page).ifPresent(seen -> met.add(new Met(picture, seen.y(), share(picture, all))));
  }

  @Override
  public void fill(Path path, Colour colour) {
    // pictures alone are looked for
  }

  @Override
  public void fill(Path path, Shade shade) {
    // pictures alone are looked for
  }

  @Override
  public void line(Path path, Pen pen) {
    // pictures alone are looked for
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    // pictures alone are looked for
  }

  @Override
  public Scope clip(Path path) {
    return () -> { };
  }

  @Override
  public Scope opacity(double opacity) {
    return () -> { };
  }
}
