package org.zipthimble.core.guide;

import java.util.List;
import org.zipthimble.core.wording.Wording;

/** The orders that people come with, each from blank to file; the help goes through them, and each has a ready job to look at. */
public enum Order {
  /** Art round a tapered tumbler. */
  TUMBLER("tumbler-wrap"),
  /** Two metal bookmarks on one sheet. */
  BOOKMARKS("metal-bookmarks"),
  /** The back of a postcard. */
  POSTCARD("thank-you"),
  /** A decal that is pressed on with an iron. */
  DECAL("shirt"),
  /** An album of eight pages. */
  ALBUM("plot-album"),
  /** An invitation with a frame and a curve. */
  INVITATION("swap-invitation"),
  /** A flyer with flowing text. */
  FLYER("swap-flyer"),
  /** A stencil that is larger than the mat. */
  STENCIL("bed-sign"),
  /** A pane in three vinyls. */
  VINYLS("window-decal"),
  /** An invitation made of repeats. */
  REPEATS("foil-invitation"),
  /** Pictures clipped to shapes, shown on a photo. */
  CLIPPED("seed-wheel"),
  /** A bookmark with a panel that shows through. */
  PANEL("bookmark"),
  /** A print for shirts with bends and symmetry. */
  SHIRT("colouring-phrase"),
  /** Three designs of one set of facts. */
  DESIGNS("swap-designs"),
  /** Words round a plate. */
  RING("seed-ring"),
  /** A list to print. */
  LIST("sowing-list"),
  /** A large sign. */
  SIGN("sowing-poster"),
  /** A metal panel with pictures in its letters. */
  METAL("metal-panel"),
  /** Colouring pages bound as a book. */
  COLOURING("colouring-phrase"),
  /** Labels from a list, printed and cut. */
  LABELS("jar-labels"),
  /** Wall prints in four sizes. */
  PRINTS("sowing-poster");

  private final String demo;

  Order(String demo) {
    this.demo = demo;
  }

  /** The ready job that is like it, by the name of its file. */
  public String demo() {
    return demo;
  }

  /** What it is called. */
  public String title() {
    return Wording.of(this);
  }

  /** What to do, one step after the other. */
  public List<String> steps() {
    return List.of(Wording.of(this, "steps").split("\n"));
  }
}
