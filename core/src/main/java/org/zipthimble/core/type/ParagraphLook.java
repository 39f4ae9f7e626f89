package org.zipthimble.core.type;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a paragraph is set.
 *
 * @param leadingPercent distance of baselines as per cent of the size, 50 to 400
 */
@RecordBuilder
public record ParagraphLook(Align align, double leadingPercent, ParagraphDetail detail) implements ParagraphLookBuilder.With {
  /** Checks the ranges. */
  public ParagraphLook {
    LookRanges.check("leading", leadingPercent, 50, 400);
    if (align == null || detail == null) {
      throw new IllegalArgumentException("a look of a paragraph needs all its parts");
    }
  }

  /** The same with its lengths larger by a factor above 0. */
  public ParagraphLook scaled(double factor) {
    ParagraphDetail d = detail;
    return withDetail(new ParagraphDetail(
        d.leadingPt().map(v -> held(v * factor, 1, 4000)), held(d.beforePt() * factor, 0, 4000), held(d.afterPt() * factor, 0, 4000),
        held(d.left() * factor, 0, 100), held(d.right() * factor, 0, 100), held(d.first() * factor, -100, 100),
        d.tabs().stream().map(t -> new TabStop(held(t.at() * factor, 0.001, 200), t.kind(), t.leader())).toList(),
        d.mark().map(m -> new ListMark(m.sign(), held(m.hang() * factor, 0, 20))), d.hyphens(), d.company()));
  }

  private static double held(double value, double least, double most) {
    return Math.max(least, Math.min(most, value));
  }

  /** The look after a style has changed: own changes stay. */
  public ParagraphLook following(ParagraphLook was, ParagraphLook is) {
    ParagraphDetail d = detail;
    ParagraphDetail old = was.detail;
    ParagraphDetail now = is.detail;
    return new ParagraphLook(
        LookRanges.followed(align, was.align, is.align), LookRanges.followed(leadingPercent, was.leadingPercent, is.leadingPercent),
        new ParagraphDetail(
            LookRanges.followed(d.leadingPt(), old.leadingPt(), now.leadingPt()),
            LookRanges.followed(d.beforePt(), old.beforePt(), now.beforePt()),
            LookRanges.followed(d.afterPt(), old.afterPt(), now.afterPt()), LookRanges.followed(d.left(), old.left(), now.left()),
            LookRanges.followed(d.right(), old.right(), now.right()), LookRanges.followed(d.first(), old.first(), now.first()),
            LookRanges.followed(d.tabs(), old.tabs(), now.tabs()), LookRanges.followed(d.mark(), old.mark(), now.mark()),
            LookRanges.followed(d.hyphens(), old.hyphens(), now.hyphens()),
            LookRanges.followed(d.company(), old.company(), now.company())));
  }
}
