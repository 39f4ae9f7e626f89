package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.HashMap;
import java.util.Map;
import org.zipthimble.core.colour.Cmyk;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.InkTable;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.marks.Art;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.marks.Finish;
import org.zipthimble.core.marks.MarkOut;
import org.zipthimble.core.marks.MarkTape;
import org.zipthimble.core.marks.Pen;
import org.zipthimble.core.marks.Shade;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.type.GlyphRun;

/**
 * Turns painted bands into inks for a press. Black and grey words are painted once more by themselves, so that they stand on the
 * black plate alone: pure black over what is below, grey in its stead. Spot inks stand as the process inks that are named for them.
 */
public final class InkBands {
  private final DrawnPage page;
  private final Affine toPixels;
  private final Inking inking;
  private final InkTable table;
  private final Halvings pictures;
  private final Map<Integer, byte[]> said = new HashMap<>();

  /** Bands of a page at a resolution. */
  public InkBands(DrawnPage page, double ppi, Inking inking, Halvings pictures) {
    this(page, Affine.scale(ppi, ppi), inking, pictures);
  }

  /** Bands of a page seen through a map from its inches to pixels. */
  public InkBands(DrawnPage page, Affine toPixels, Inking inking, Halvings pictures) {
    this.page = MarkTape.kept(page);
    this.toPixels = toPixels;
    this.inking = inking;
    this.table = inking.table();
    this.pictures = pictures;
    inking.own().forEach((colour, ink) -> {
      byte[] plates = new byte[4];
      for (int i = 0; i < 4; i++) {
        plates[i] = (byte) Math.round(ink.process().parts()[i] * 255);
      }
      said.put(colour.red() << 16 | colour.green() << 8 | colour.blue(), plates);
    });
  }

  /** The page without black words, for the bands that are turned into inks. */
  public static DrawnPage without(DrawnPage page, Inking inking) {
    return new DrawnPage(page.name(), page.size(), page.trim(), page.bleed(), out -> page.marks().accept(new Apart(out, inking, false)));
  }

  /** Four bytes for each pixel of a band that begins at a row. */
  byte[] of(BufferedImage band, int row) {
    int[] pixels = ((DataBufferInt) band.getRaster().getDataBuffer()).getData();
    byte[] inks = new byte[pixels.length * 4];
    table.inks(pixels, 0, pixels.length, inks, 0);
    if (!said.isEmpty()) {
      said(pixels, inks);
    }
    BufferedImage words = new BufferedImage(band.getWidth(), band.getHeight(), BufferedImage.TYPE_INT_RGB);
    RasterOut out = new RasterOut(words, toPixels.then(Affine.move(0, -row)), pictures);
    page.marks().accept(new Apart(out, inking, true) {
      @Override
      public void picture(Picture picture, Affine toPage) {
        out.silhouette(picture, toPage);
      }
    });
    out.done();
    int[] masks = ((DataBufferInt) words.getRaster().getDataBuffer()).getData();
    for (int i = 0; i < masks.length; i++) {
      int cover = masks[i] >> 16 & 255;
      if (cover > 0) {
        lay(inks, 4 * i, cover, masks[i] >> 8 & 255);
      }
    }
    return inks;
  }

  /** Colours of the palette have the inks it says. */
  private void said(int[] pixels, byte[] inks) {
    for (int i = 0; i < pixels.length; i++) {
      byte[] own = said.get(pixels[i] & 0xFFFFFF);
      if (own != null) {
        System.arraycopy(own, 0, inks, 4 * i, 4);
      }
    }
  }

  /** Lays black on a pixel: where it is the full plate the other inks stay below it. */
  private static void lay(byte[] inks, int at, int cover, int black) {
    boolean full = black >= cover;
    for (int i = 0; i < 3 && !full; i++) {
      inks[at + i] = (byte) ((inks[at + i] & 255) * (255 - cover) / 255);
    }
    inks[at + 3] = (byte) Math.min(255, (inks[at + 3] & 255) * (255 - cover) / 255 + black);
  }

  /** Passes on either all but black words, or those alone: red tells how much of a pixel they cover, green how much black that is. */
  private static class Apart implements MarkOut {
    private final MarkOut out;
    private final Inking inking;
    private final boolean words;

    Apart(MarkOut out, Inking inking, boolean words) {
      this.out = out;
      this.inking = inking;
      this.words = words;
    }

    private boolean black(Colour colour) {
      Ink ink = inking.ofWords(colour);
      Cmyk process = ink.process();
      return ink.asSpot().isEmpty() && process.cyan() + process.magenta() + process.yellow() == 0 && process.black() > 0;
    }

    @Override
    public void fill(Path path, Colour colour) {
      out.fill(path, words ? Colour.BLACK : colour);
    }

    @Override
    public void fill(Path path, Shade shade) {
      if (words) {
        out.fill(path, Colour.BLACK);
      } else {
        out.fill(path, shade);
      }
    }

    @Override
    public void fill(Path path, Finish finish) {
      if (words || inking.plated(finish.colour())) {
        fill(path, finish.colour());
      } else {
        out.fill(path, finish);
      }
    }

    @Override
    public void line(Path path, Pen pen) {
      out.line(path, words ? pen.in(Colour.BLACK) : pen);
    }

    @Override
    public void words(GlyphRun run, Affine toPage, Colour colour) {
      if (!words) {
        if (!black(colour)) {
          out.words(run, toPage, colour);
        }
      } else if (black(colour)) {
        out.words(run, toPage, new Colour(255, (int) Math.round(255 * inking.ofWords(colour).process().black()), 0));
      } else {
        out.words(run, toPage, Colour.BLACK);
      }
    }

    @Override
    public void picture(Picture picture, Affine toPage) {
      out.picture(picture, toPage);
    }

    /** Soft art covers black words as it covers all else; what only darkens leaves them as they are. */
    @Override
    public void art(Art art) {
      if (!words) {
        out.art(art.through(o -> new Apart(o, inking, false)));
      } else if (!art.blend().darkens()) {
        out.art(art.plain(Colour.BLACK).through(o -> new Apart(o, inking, true) {
          @Override
          public void picture(Picture picture, Affine toPage) {
            ((RasterOut) o).silhouette(picture, toPage);
          }
        }));
      }
    }

    @Override
    public Scope clip(Path path) {
      return out.clip(path);
    }

    @Override
    public Scope opacity(double opacity) {
      return out.opacity(opacity);
    }
  }
}
