package org.zipthimble.core.marks;

import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.picture.Picture;

/**
 * Where marks go. All places are inches on the page, y downwards, origin at the page's top left. Marks
 * come from the lowest to the topmost.
 */
public interface MarkOut {
  /** Fills a path by the non-zero rule. */
  void fill(Path path, Colour colour);

  /** Fills a path by the non-zero rule with colours that run into each other. */
  void fill(Path path, Shade shade);

  /** Fills a path by the non-zero rule with a surface. */
  default void fill(Path path, FinishedArea finish) {
    if (!path.segments().isEmpty()) {
      try (Scope scope = clip(path)) {
        picture(finish.picture(), finish.toPage());
      }
    }
  }

  /** Draws along a path. */
  void line(Path path, Pen pen);

  /** Draws a solid line with butt ends and mitred corners; the width is in inches. */
  default void line(Path path, double width, Colour colour) {
    line(path, Pen.plain(width, colour));
  }

  /** Sets words; the map takes the run's baseline to the page. */
  void words(GlyphRun run, Affine toPage, Colour colour);

  /** Tells what words say where they were drawn as paths; outputs without text need nothing of it. */
  default void told(GlyphRun run, Affine toPage) {
    // nothing is drawn
  }

  /** Places a picture; the map takes the unit square, top left at 0, 0, to the page. */
  void picture(Picture picture, Affine toPage);

  /** Until closed, only what is inside the path is drawn. */
  Scope clip(Path path);

  /** Until closed, all is drawn as one and laid down with this opacity, 0 to 1. */
  Scope opacity(double opacity);

  /** Draws something as one with its effects; outputs that know no effects draw it as it is. */
  default void art(Art art) {
    art.marks().accept(this);
  }

  /** Draws what stands on several pieces; outputs that can store it once do so, all others draw it as it is. */
  default void stamp(Stamp stamp, Affine toPage) {
    stamp.marks().draw(toPage, this);
  }

  /** Until closed, all belongs to a layer that a machine works through; outputs without layers draw it as it is. */
  default Scope step(ProcessingStep step) {
    return () -> {};
  }

  /** Until closed, all words together say this, in the order of reading; outputs without text draw them as they are. */
  default Scope said(String text) {
    return () -> {};
  }

  /** Something pushed, which closing takes back. */
  interface Scope extends AutoCloseable {
    @Override
    void close();
  }
}
