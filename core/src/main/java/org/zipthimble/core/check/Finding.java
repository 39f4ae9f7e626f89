package org.zipthimble.core.check;

import java.util.Optional;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.units.Side;
import org.zipthimble.core.wording.Wording;

/**
 * Something that was found, as a value.
 *
 * @param code what kind it is, such as {@code bleed-short}; stable, for programs
 * @param faceId the face it is on
 * @param itemId the object it concerns, if it is one
 * @param side the side it concerns, if it is one
 * @param where the place in inches on the face
 * @param figure what was measured, in the unit that limit is in
 * @param limit what was asked for
 * @param title a few words
 * @param sentence what is wrong, with the figure
 * @param mend what to do
 */
public record Finding(
    String code, Weight weight, String faceId, Optional<String> itemId, Optional<Side> side, Box where, double figure,
    double limit, String title, String sentence, String mend) {
  /** A finding in the words that stand under its code, filled with values. */
  public static Finding worded(
      String code, Weight weight, String faceId, Optional<String> itemId, Box where, double figure, double limit, Object... values) {
    String key = "finding." + code;
    return new Finding(
        code, weight, faceId, itemId, Optional.empty(), where, figure, limit, Wording.text(key + ".title", values),
        Wording.text(key + ".sentence", values), Wording.text(key + ".mend", values));
  }
}
