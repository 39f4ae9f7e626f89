package org.zipthimble.core.type;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.zipthimble.core.colour.Colour;

/**
 * How words look.
 *
 * @param sizePt type size in points, 1 to 2000
 * @param leadingPercent distance of baselines as per cent of the size, 50 to 400
 * @param tracking space added after each letter in thousandths of an em, -200 to 2000
 */
@RecordBuilder
public record WordStyle(
    String family, String style, double sizePt, double leadingPercent, double tracking, Align align, Colour colour) implements WordStyleBuilder.With {
  /** Least and most type size in points. */
  public static final double LEAST_PT = 1;

  /** Most type size in points. */
  public static final double MOST_PT = 2000;

  /** Checks the ranges. */
  public WordStyle {
    check("type size", sizePt, LEAST_PT, MOST_PT);
    check("leading", leadingPercent, 50, 400);
    check("tracking", tracking, -200, 2000);
    if (family == null || style == null || align == null || colour == null) {
      throw new IllegalArgumentException("a word style needs all its parts");
    }
  }

  private static void check(String what, double value, double least, double most) {
    if (!(value >= least && value <= most)) {
      throw new IllegalArgumentException(what + " must be " + least + " to " + most + ": " + value);
    }
  }

  /** The same in another face. */
  public WordStyle inFace(String newFamily, String newStyle) {
    return withFamily(newFamily).withStyle(newStyle);
  }
}
