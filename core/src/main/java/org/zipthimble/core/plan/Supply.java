package org.zipthimble.core.plan;

import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.units.Size;

/**
 * What a lane is cut from, one sheet of it.
 *
 * @param size of the mat, the sheet or the scrap's box, in inches; of a roll its width and the longest length of a cut
 * @param margin along every edge where the blade does not go, in inches; 0 to 3
 * @param roll whether only as much length is used as is needed
 * @param scrap the outline of an irregular piece of stock within the size; empty for a whole rectangle
 */
public record Supply(Size size, double margin, boolean roll, Optional<Path> scrap) {
  /** The widest margin, in inches. */
  public static final double MOST_MARGIN = 3;

  /** The shortest side, in inches. */
  public static final double LEAST_SIDE = 1;

  /** The longest side, in inches. */
  public static final double MOST_SIDE = 2000;

  /** A mat of 12 x 12 in, which cuts 11.5 x 11.5 (common practice, no source). */
  public static final Supply MAT_12 = mat(12, 12, 0.25);

  /** A mat of 12 x 24 in, which cuts 11.5 x 23.5 (common practice, no source). */
  public static final Supply MAT_24 = mat(12, 24, 0.25);

  /** A roll 12 in wide, cut up to 10 ft long. */
  public static final Supply ROLL_12 = new Supply(new Size(12, 120), 0.25, true, Optional.empty());

  /** Checks the figures. */
  public Supply {
    if (!(margin >= 0 && margin <= MOST_MARGIN) || Math.max(size.width(), size.height()) > MOST_SIDE
        || Math.min(size.width(), size.height()) - 2 * margin < 0.25) {
      throw new IllegalArgumentException("a supply needs room to cut: " + size + " less " + margin);
    }
  }

  /** A mat or sheet; its sides and the edge that is not cut in inches. */
  public static Supply mat(double width, double height, double margin) {
    return new Supply(new Size(width, height), margin, false, Optional.empty());
  }

  /** Where the blade goes. */
  public Box usable() {
    return new Box(0, 0, size.width(), size.height()).grown(-margin);
  }

  /** The same turned by a quarter; a roll and a scrap stay as they are. */
  public Supply turned() {
    return roll || scrap.isPresent() ? this : new Supply(size.swapped(), margin, false, scrap);
  }
}
