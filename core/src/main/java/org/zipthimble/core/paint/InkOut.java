package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Optional;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.font.GlyphRun;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.marks.Art;
import org.zipthimble.core.marks.FinishedArea;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.Shade;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pixels;

/**
 * Draws marks in inks, as a page group in the space of the press is drawn (ISO 32000-1, 11.6.6): what the inks leave white is mixed, three
 * plates as the parts of one picture and black as another. For separable blend modes that is the standard's own way with inks (11.3.5.2);
 * for the others the three plates count as a colour, and black comes from below or, for the lightness, from above (11.3.5.3): the same
 * modes give just that for a grey picture.
 *
 * <p>Black words in black ink alone leave what lies below them on the other plates (overprint mode 1, 8.6.7 and 11.7.4.3).
 */
final class InkOut implements MarkOut {
  /** Into how many pieces a gradient is cut between two of its colours, here as in a PDF. */
  static final int PIECES = 8;

  private final Inking inking;
  private final List<Plates> all;

  /** A picture of what some plates leave white: that of black, or of the three others. */
  private record Plates(RasterOut out, boolean black) {
    Colour of(Cmyk ink) {
      return black ? new Colour(left(ink.black()), left(ink.black()), left(ink.black()))
          : new Colour(left(ink.cyan()), left(ink.magenta()), left(ink.yellow()));
    }

    private static int left(double ink) {
      return (int) Math.round(255 * (1 - ink));
    }
  }

  private InkOut(Inking inking, List<Plates> all) {
    this.inking = inking;
    this.all = all;
  }

  /** Draws into two pictures: of what cyan, magenta and yellow leave white, and of what black does. */
  static InkOut of(RasterOut colours, RasterOut black, Inking inking) {
    return new InkOut(inking, List.of(new Plates(colours, false), new Plates(black, true)));
  }

  /** Whether words of an ink leave the other plates as they are. */
  static boolean overprints(Ink ink) {
    return ink.equals(new Ink.Process(Cmyk.BLACK));
  }

  @Override
  public void fill(Path path, Colour colour) {
    Cmyk ink = inking.of(colour).process();
    all.forEach(p -> p.out().fill(path, p.of(ink)));
  }

  @Override
  public void fill(Path path, Shade shade) {
    Shade finer = shade.finer(PIECES);
    all.forEach(p -> p.out().fill(path, new Shade(
        finer.round(), finer.places(), finer.colours().stream().map(c -> p.of(inking.of(c).process())).toList(), finer.toPage())));
  }

  @Override
  public void fill(Path path, FinishedArea finish) {
    if (inking.plated(finish.colour())) {
      fill(path, finish.colour());
    } else {
      MarkOut.super.fill(path, finish);
    }
  }

  @Override
  public void line(Path path, Pen pen) {
    Cmyk ink = inking.of(pen.colour()).process();
    all.forEach(p -> p.out().line(path, pen.in(p.of(ink))));
  }

  @Override
  public void words(GlyphRun run, Affine toPage, Colour colour) {
    Ink ink = inking.ofWords(colour);
    boolean over = overprints(ink);
    for (Plates p : all) {
      if (over && !p.black()) {
        p.out().wordsUnder(run, toPage, p.of(Cmyk.NONE));
      } else {
        p.out().words(run, toPage, p.of(ink.process()));
      }
    }
  }

  @Override
  public void picture(Picture picture, Affine toPage) {
    Optional<RasterOut.Laid> laid = all.get(0).out().drawn(picture, toPage);
    laid.ifPresent(l -> all.forEach(p -> p.out().lay(new RasterOut.Laid(inked(l.image(), p.black()), l.left(), l.top()))));
  }

  /** What is blurred is blurred in the screen's colours, as where it becomes a picture of a PDF. */
  @Override
  public void art(Art art) {
    for (Plates p : all) {
      Art coloured = art.withShadow(art.shadow().map(h -> h.withColour(p.of(inking.of(h.colour()).process()))))
          .withGlow(art.glow().map(h -> h.withColour(p.of(inking.of(h.colour()).process()))));
      if (art.blur() > 0) {
        p.out().art(coloured, image -> inked(image, p.black()));
      } else {
        p.out().art(coloured.through(o -> new InkOut(inking, List.of(new Plates((RasterOut) o, p.black())))));
      }
    }
  }

  @Override
  public Scope clip(Path path) {
    return both(all.stream().map(p -> p.out().clip(path)).toList());
  }

  @Override
  public Scope opacity(double opacity) {
    return both(all.stream().map(p -> p.out().opacity(opacity)).toList());
  }

  private static Scope both(List<Scope> scopes) {
    return () -> scopes.forEach(Scope::close);
  }

  /** What the inks of a picture leave white, as see-through as the picture. */
  private BufferedImage inked(BufferedImage picture, boolean black) {
    int width = picture.getWidth();
    BufferedImage out = new BufferedImage(width, picture.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
    int[] to = ((DataBufferInt) out.getRaster().getDataBuffer()).getData();
    int[] row = new int[width];
    byte[] inks = new byte[4 * width];
    for (int y = 0; y < picture.getHeight(); y++) {
      Pixels.row(picture, y, row);
      inking.table().inks(row, 0, width, inks, 0);
      for (int x = 0; x < width; x++) {
        int alpha = row[x] >>> 24;
        int at = 4 * x;
        int pixel = alpha << 24;
        for (int i = 0; i < 3 && alpha > 0; i++) {
          pixel |= ((255 - (inks[black ? at + 3 : at + i] & 255)) * alpha + 127) / 255 << 16 - 8 * i;
        }
        to[y * width + x] = pixel;
      }
    }
    return out;
  }
}
