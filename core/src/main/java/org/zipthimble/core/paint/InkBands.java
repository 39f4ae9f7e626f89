package org.zipthimble.core.paint;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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
  /** How many colours of the palette are painted at once, and what is left of a pixel that has no colour worth knowing. */
  private static final int CHANNELS = 3;
  private static final double LITTLE = 0.5 / 255;

  private final DrawnPage page;
  private final Affine toPixels;
  private final boolean turned;
  private final Inking inking;
  private final InkTable table;
  private final Halvings pictures;
  private final List<Colour> own;

  /**
   * Bands of a page at a resolution.
   *
   * @param turned whether its pixels are laid left for right
   */
  public InkBands(DrawnPage page, double ppi, Inking inking, Halvings pictures, boolean turned) {
    this(page, RasterPainter.toPixels(page, ppi), inking, pictures, turned);
  }

  /** Bands of a page seen through a map from its inches to pixels. */
  public InkBands(DrawnPage page, Affine toPixels, Inking inking, Halvings pictures) {
    this(page, toPixels, inking, pictures, false);
  }

  private InkBands(DrawnPage page, Affine toPixels, Inking inking, Halvings pictures, boolean turned) {
    this.turned = turned;
    this.page = MarkTape.kept(page);
    this.toPixels = toPixels;
    this.inking = inking;
    this.table = inking.table();
    this.pictures = pictures;
    Set<Colour> met = new HashSet<>();
    this.page.marks().accept(new Met(met, inking));
    this.own = met.stream().filter(inking.own()::containsKey).sorted(Comparator.comparing(Colour::hex)).toList();
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
    for (int i = 0; i < own.size(); i += CHANNELS) {
      own(own.subList(i, Math.min(own.size(), i + CHANNELS)), row, band, pixels, inks);
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
    if (turned) {
      Bands.turn(words);
    }
    int[] masks = ((DataBufferInt) words.getRaster().getDataBuffer()).getData();
    for (int i = 0; i < masks.length; i++) {
      int cover = masks[i] >> 16 & 255;
      if (cover > 0) {
        lay(inks, 4 * i, cover, masks[i] >> 8 & 255);
      }
    }
    return inks;
  }

  /**
   * Colours of the palette have the inks it says, at smoothed edges for as much of the pixel as they cover: they are painted once more,
   * each in a channel of its own, and what is left of the pixel without them has the inks of its colour.
   */
  private void own(List<Colour> some, int row, BufferedImage band, int[] pixels, byte[] inks) {
    BufferedImage covers = new BufferedImage(band.getWidth(), band.getHeight(), BufferedImage.TYPE_INT_RGB);
    RasterOut out = new RasterOut(covers, toPixels.then(Affine.move(0, -row)), pictures);
    page.marks().accept(new Covering(out, inking, some));
    out.done();
    if (turned) {
      Bands.turn(covers);
    }
    int[] masks = ((DataBufferInt) covers.getRaster().getDataBuffer()).getData();
    int[] rest = new int[1];
    byte[] below = new byte[4];
    double[] mixed = new double[4];
    for (int i = 0; i < masks.length; i++) {
      if ((masks[i] & 0xFFFFFF) == 0) {
        continue;
      }
      double left = 1;
      Arrays.fill(mixed, 0);
      double[] colour = {pixels[i] >> 16 & 255, pixels[i] >> 8 & 255, pixels[i] & 255};
      for (int k = 0; k < some.size(); k++) {
        double cover = (masks[i] >> 16 - 8 * k & 255) / 255.0;
        double[] plates = inking.own().get(some.get(k)).process().parts();
        for (int n = 0; n < 4; n++) {
          mixed[n] += cover * plates[n] * 255;
        }
        colour[0] -= cover * some.get(k).red();
        colour[1] -= cover * some.get(k).green();
        colour[2] -= cover * some.get(k).blue();
        left -= cover;
      }
      if (left > LITTLE) {
        rest[0] = part(colour[0] / left) << 16 | part(colour[1] / left) << 8 | part(colour[2] / left);
        table.inks(rest, 0, 1, below, 0);
        for (int n = 0; n < 4; n++) {
          mixed[n] += left * (below[n] & 255);
        }
      }
      for (int n = 0; n < 4; n++) {
        inks[4 * i + n] = (byte) part(mixed[n]);
      }
    }
  }

  private static int part(double value) {
    return (int) Math.max(0, Math.min(255, Math.round(value)));
  }

  /** Lays black on a pixel: where it is the full plate the other inks stay below it. */
  private static void lay(byte[] inks, int at, int cover, int black) {
    boolean full = black >= cover;
    for (int i = 0; i < 3 && !full; i++) {
      inks[at + i] = (byte) ((inks[at + i] & 255) * (255 - cover) / 255);
    }
    inks[at + 3] = (byte) Math.min(255, (inks[at + 3] & 255) * (255 - cover) / 255 + black);
  }

  /** Tells which colours are laid on anywhere. */
  private static final class Met implements MarkOut {
    private final Set<Colour> met;
    private final Inking inking;

    Met(Set<Colour> met, Inking inking) {
      this.met = met;
      this.inking = inking;
    }

    @Override
    public void fill(Path path, Colour colour) {
      met.add(colour);
    }

    @Override
    public void fill(Path path, Shade shade) {
      // the colours between its stops are nobody's own
    }

    @Override
    public void fill(Path path, Finish finish) {
      if (inking.plated(finish.colour())) {
        met.add(finish.colour());
      }
    }

    @Override
    public void line(Path path, Pen pen) {
      met.add(pen.colour());
    }

    @Override
    public void words(GlyphRun run, Affine toPage, Colour colour) {
      met.add(colour);
    }

    @Override
    public void picture(Picture picture, Affine toPage) {
      // a picture's pixels go through the profile
    }

    @Override
    public void art(Art art) {
      art.through(o -> this).marks().accept(this);
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

  /** Paints how much of a pixel a few colours cover, each in a channel of its own; all else takes from that. */
  private static final class Covering extends Apart {
    private final RasterOut raster;
    private final Inking inking;
    private final List<Colour> some;

    Covering(RasterOut raster, Inking inking, List<Colour> some) {
      super(raster, inking, true);
      this.raster = raster;
      this.inking = inking;
      this.some = some;
    }

    private Colour channel(Colour colour) {
      int k = some.indexOf(colour);
      return k < 0 ? Colour.BLACK : new Colour(k == 0 ? 255 : 0, k == 1 ? 255 : 0, k == 2 ? 255 : 0);
    }

    @Override
    public void fill(Path path, Colour colour) {
      raster.fill(path, channel(colour));
    }

    @Override
    public void fill(Path path, Finish finish) {
      fill(path, inking.plated(finish.colour()) ? finish.colour() : Colour.BLACK);
    }

    @Override
    public void line(Path path, Pen pen) {
      raster.line(path, pen.in(channel(pen.colour())));
    }

    @Override
    public void words(GlyphRun run, Affine toPage, Colour colour) {
      if (!black(colour)) {
        raster.words(run, toPage, channel(colour));
      }
    }

    @Override
    public void picture(Picture picture, Affine toPage) {
      raster.silhouette(picture, toPage);
    }

    @Override
    public void art(Art art) {
      raster.art(art.plain(Colour.BLACK).through(o -> new Covering((RasterOut) o, inking, some)));
    }
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

    final boolean black(Colour colour) {
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
