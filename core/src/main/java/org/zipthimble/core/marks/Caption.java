package org.zipthimble.core.marks;

import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Typesetter;
import org.zipthimble.core.type.WordStyle;

/** Words of the program's own on pages that it makes, in its own faces. */
public final class Caption {
  /** The ink of such pages. */
  public static final Colour INK = new Colour(0x2B, 0x2F, 0x55);

  private static final double LEADING = 130;

  private Caption() {}

  /** Sets words in a box of inches, breaking lines at its width. */
  public static void words(MarkOut out, String text, String family, String style, double pt, Box box, Align align, Colour colour) {
    if (text.isBlank()) {
      return;
    }
    SetWords set = Typesetter.set(text, new WordStyle(family, style, pt, LEADING, 0, align, colour), box.width(), box.height(),
        BundledFonts.shelf());
    for (SetWords.Placed placed : set.placed()) {
      out.words(placed.piece().run(), placed.toBlock().then(Affine.move(box.x(), box.y())), colour);
    }
  }

  /** A heading; its type in points, its box in inches. */
  public static void heading(MarkOut out, String text, double pt, Box box) {
    words(out, text, "Fraunces", "Semibold", pt, box, Align.LEFT, INK);
  }

  /** Plain words; their type in points, their box in inches. */
  public static void plain(MarkOut out, String text, double pt, Box box) {
    words(out, text, "Figtree", "Regular", pt, box, Align.LEFT, INK);
  }

  /** Words that weigh more; their type in points, their box in inches. */
  public static void strong(MarkOut out, String text, double pt, Box box) {
    words(out, text, "Figtree", "Bold", pt, box, Align.LEFT, INK);
  }
}
