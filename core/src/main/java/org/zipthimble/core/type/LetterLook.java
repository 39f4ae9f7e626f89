package org.zipthimble.core.type;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.UnaryOperator;
import org.zipthimble.core.colour.Colour;

/**
 * How letters look.
 *
 * @param sizePt type size in points, 1 to 2000
 * @param tracking space added after each letter in thousandths of an em, -200 to 2000; between two letters alone it is kerning by hand
 */
@RecordBuilder
public record LetterLook(String family, String style, double sizePt, double tracking, Colour colour, LetterDetail detail)
    implements LetterLookBuilder.With {
  /** Checks the ranges. */
  public LetterLook {
    LookRanges.check("type size", sizePt, WordStyle.LEAST_PT, WordStyle.MOST_PT);
    LookRanges.check("tracking", tracking, -200, 2000);
    if (family == null || style == null || colour == null || detail == null) {
      throw new IllegalArgumentException("a look of letters needs all its parts");
    }
  }

  /** The em in inches. */
  public double em() {
    return sizePt / 72;
  }

  /** The same with every colour changed, those of its lines too. */
  public LetterLook recoloured(UnaryOperator<Colour> map) {
    List<LetterRing> rings = detail.rings().stream().map(r -> new LetterRing(r.widthPt(), map.apply(r.colour()), r.side())).toList();
    return withColour(map.apply(colour)).withDetail(detail.withRings(rings));
  }

  /** The same in another size, with lines as much wider or thinner; held within the ranges. */
  public LetterLook scaled(double factor) {
    List<LetterRing> rings = detail.rings().stream()
        .map(r -> new LetterRing(Math.min(LetterRing.MOST_PT, r.widthPt() * factor), r.colour(), r.side())).toList();
    return withSizePt(Math.max(WordStyle.LEAST_PT, Math.min(WordStyle.MOST_PT, sizePt * factor))).withDetail(detail.withRings(rings));
  }

  /**
   * The look after a style has changed: what was as the style had it is as the style has it now, own changes stay.
   *
   * @param was the style's look before
   * @param is the style's look now
   */
  public LetterLook following(LetterLook was, LetterLook is) {
    LetterDetail old = was.detail;
    LetterDetail now = is.detail;
    boolean sameFace = family.equals(was.family) && style.equals(was.style);
    return new LetterLook(
        sameFace ? is.family : family, sameFace ? is.style : style,
        LookRanges.followed(sizePt, was.sizePt, is.sizePt), LookRanges.followed(tracking, was.tracking, is.tracking),
        LookRanges.followed(colour, was.colour, is.colour),
        new LetterDetail(
            LookRanges.followed(detail.raise(), old.raise(), now.raise()),
            LookRanges.followed(detail.letters(), old.letters(), now.letters()),
            LookRanges.followed(detail.features(), old.features(), now.features()),
            LookRanges.followed(detail.rings(), old.rings(), now.rings())));
  }
}
