package org.zipthimble.core.item;

import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.picture.Picture;

/**
 * A picture that an object shows, retouched as it is.
 *
 * @param toBox the map from the picture's unit square to the object's own box, in inches from its top left
 */
public record ShownPicture(Picture picture, Affine toBox) {
  /** A picture over the whole of its object's box. */
  static ShownPicture filling(Picture picture, Placement p) {
    return new ShownPicture(picture, Affine.scale(p.width(), p.height()));
  }

  /** A picture as it lies in a mount. */
  static ShownPicture mounted(Picture picture, PictureFit fit, Placement p) {
    return new ShownPicture(picture, fit.toBox(picture.width(), picture.height(), p.width(), p.height()));
  }

  /** Pixels per inch across and down, the lower one; the map goes on from the object's box to where it is seen. */
  public double ppi(Affine fromBox) {
    Affine all = toBox.then(fromBox);
    return picture.ppiAt(Math.hypot(all.a(), all.b()), Math.hypot(all.c(), all.d()));
  }
}
