package org.zipthimble.core.plan;

import org.zipthimble.core.item.CutKind;

/** What a lane is made of. The least widths are common practice, no source. */
public enum Material {
  /** Self-adhesive vinyl, seen from its own side. */
  CUT_VINYL(1.0 / 16, false, CutKind.KISS),
  /** Film pressed on with heat, cut from behind. */
  IRON_ON(1.0 / 16, true, CutKind.KISS),
  /** Card and heavy paper. */
  CARD(1.0 / 16, false, CutKind.THROUGH),
  /** Self-adhesive paper, printed first. */
  STICKER_PAPER(1.0 / 16, false, CutKind.KISS),
  /** Film that paint is laid through. */
  STENCIL_FILM(1.0 / 8, false, CutKind.THROUGH);

  private final double leastWidth;
  private final boolean mirrored;
  private final CutKind kind;

  Material(double leastWidth, boolean mirrored, CutKind kind) {
    this.leastWidth = leastWidth;
    this.mirrored = mirrored;
    this.kind = kind;
  }

  /** Parts narrower than this tear, in inches. */
  public double leastWidth() {
    return leastWidth;
  }

  /** Whether it is cut as a mirror image. */
  public boolean mirrored() {
    return mirrored;
  }

  /** How it is usually cut. */
  public CutKind kind() {
    return kind;
  }
}
