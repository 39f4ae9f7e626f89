package org.zipthimble.core.proof;

import java.util.Set;
import java.util.TreeSet;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.marks.Art;
import org.zipthimble.core.marks.FinishedArea;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.PageRun;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.Shade;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.sheet.SheetSigns;
import org.zipthimble.core.wording.Trouble;

/** The plates of their own that pages ask for, told from their marks: spot inks of colours, spot colours of cut lines. */
final class Plates implements MarkOut {
  private final Inking inking;
  private final Set<String> found = new TreeSet<>();

  private Plates(Inking inking) {
    this.inking = inking;
  }

  static Set<String> of(PageRun pages, Inking inking) throws Trouble {
    Plates plates = new Plates(inking);
    for (int i = 0; i < pages.count(); i++) {
      pages.at(i).marks().accept(plates);
    }
    return plates.found;
  }

  private void ink(Ink ink) {
    ink.asSpot().map(Ink.Spot::name).ifPresent(found::add);
  }

  @Override
  public void fill(Path path, Colour colour) {
    if (!path.segments().isEmpty()) {
      ink(inking.of(colour));
    }
  }

  @Override
  public void fill(Path path, Shade shade) {
    // Gradients run in the process inks.
  }

  @Override
  public void fill(Path path, FinishedArea finish) {
    if (inking.plated(finish.colour())) {
      fill(path, finish.colour());
    }
  }

  /** Halos are plain colour; what is blurred becomes a picture. */
  @Override
  public void art(Art art) {
    art.shadow().ifPresent(h -> ink(inking.of(h.colour())));
    art.glow().ifPresent(h -> ink(inking.of(h.colour())));
    if (art.blur() <= 0) {
      art.marks().accept(this);
    }
  }

  @Override
  public void line(Path path, Pen pen) {
    if (!path.segments().isEmpty()) {
      pen.spot().filter(name -> !name.equals(SheetSigns.ALL_PLATES)).ifPresent(found::add);
      if (pen.spot().isEmpty()) {
        ink(inking.of(pen.colour()));
      }
    }
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    if (!run.glyphs().isEmpty()) {
      ink(inking.ofWords(colour));
    }
  }

  @Override
  public void picture(Picture picture, Affine toPage) {
    // Pictures are in the process inks.
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
