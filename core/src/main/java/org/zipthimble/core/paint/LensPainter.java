package org.zipthimble.core.paint;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.HashMap;
import java.util.Map;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Inking;
import org.zipthimble.core.colour.Lens;
import org.zipthimble.core.colour.Press;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.marks.DrawnPage;
import org.zipthimble.core.picture.Halvings;

/** Paints a page as it is seen through a lens: in ink, where it is out of range, how much ink lies there, one plate alone. */
public final class LensPainter {
  private static final int FAINT = 110;

  private LensPainter() {}

  /**
   * A whole page as it will look in ink on its stock, for small pictures.
   *
   * @param ppi pixels per inch
   */
  public static BufferedImage proof(DrawnPage page, double ppi, Halvings pictures, Inking inking, Colour stock) {
    int width = (int) Math.max(1, Math.round(page.size().width() * ppi));
    int height = (int) Math.max(1, Math.round(page.size().height() * ppi));
    Box all = new Box(0, 0, page.size().width(), page.size().height());
    return paint(page, all, Affine.scale(ppi, ppi), width, height, pictures, inking, Lens.IN_INK, 4, stock).image();
  }

  /**
   * Paints.
   *
   * @param within what is printed, in page inches
   * @param limit the most ink in one place, 1 to 4
   * @param stock the colour of what is printed on, which shows through
   */
  public static LensView paint(
      DrawnPage page, Box within, Affine toPixels, int width, int height, Halvings pictures, Inking inking, Lens lens, double limit,
      Colour stock) {
    BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D paper = plain.createGraphics();
    paper.setColor(Color.WHITE);
    paper.fillRect(0, 0, width, height);
    paper.dispose();
    RasterOut out = new RasterOut(plain, toPixels, pictures);
    page.marks().accept(out);
    out.done();
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
    int[] from = ((DataBufferInt) plain.getRaster().getDataBuffer()).getData();
    int[] to = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    Box pixels = toPixels.apply(within);
    Area area = new Area(width, Math.max(0, (int) Math.round(pixels.x())), Math.max(0, (int) Math.round(pixels.y())),
        Math.min(width, (int) Math.round(pixels.right())), Math.min(height, (int) Math.round(pixels.bottom())));
    byte[] inks = new InkBands(page, toPixels, width, inking, pictures).of(0, height);
    if (lens == Lens.ON_STOCK) {
      for (int y = area.top(); y < area.bottom(); y++) {
        for (int x = area.left(); x < area.right(); x++) {
          to[y * width + x] = 0xFF000000 | through(from[y * width + x], stock);
        }
      }
      return new LensView(image, from, inks, inking, 0, 0);
    }
    return lens == Lens.OUT_OF_RANGE ? range(inks, from, to, area, image, inking)
        : inked(inks, from, to, area, image, inking, lens, limit, stock);
  }

  private record Area(int width, int left, int top, int right, int bottom) {
    long size() {
      return (long) Math.max(0, right - left) * Math.max(0, bottom - top);
    }
  }

  private static LensView inked(byte[] inks, int[] from, int[] to, Area area, BufferedImage image, Inking inking, Lens lens, double limit,
      Colour stock) {
    int most = (int) Math.round(limit * 255);
    int highest = 0;
    long over = 0;
    for (int y = area.top(); y < area.bottom(); y++) {
      for (int x = area.left(); x < area.right(); x++) {
        int at = 4 * (y * area.width() + x);
        int load = (inks[at] & 255) + (inks[at + 1] & 255) + (inks[at + 2] & 255) + (inks[at + 3] & 255);
        highest = Math.max(highest, load);
        over += load > most ? 1 : 0;
        to[at / 4] = 0xFF000000 | switch (lens) {
          case INK_LOAD -> load(load, most);
          case IN_INK -> through(inking.proof().rgb(inks, at), stock);
          default -> grey(255 - (inks[at + lens.plate()] & 255));
        };
      }
    }
    return new LensView(image, from, inks, inking, highest / 255.0, area.size() == 0 ? 0 : (double) over / area.size());
  }

  /** What is left of the stock's light: white art is bare stock. */
  private static int through(int rgb, Colour stock) {
    return (rgb >> 16 & 255) * stock.red() / 255 << 16 | (rgb >> 8 & 255) * stock.green() / 255 << 8 | (rgb & 255) * stock.blue() / 255;
  }

  /** Paper white where no ink lies, ink blue up to the limit, tomato beyond it. */
  private static int load(int load, int most) {
    double part = Math.min(1, (double) load / most);
    return load > most ? 0xB8402E : mixed(0xFFFFFF, 0x2B2F55, part * 0.85);
  }

  private static int mixed(int a, int b, double t) {
    int out = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      out |= (int) Math.round((a >> shift & 255) * (1 - t) + (b >> shift & 255) * t) << shift;
    }
    return out;
  }

  private static int grey(int v) {
    return v << 16 | v << 8 | v;
  }

  /** The art faint and grey, plum stripes where inks miss the colour. */
  private static LensView range(byte[] inks, int[] from, int[] to, Area area, BufferedImage image, Inking inking) {
    Map<Integer, Boolean> known = new HashMap<>();
    long missed = 0;
    for (int y = area.top(); y < area.bottom(); y++) {
      for (int x = area.left(); x < area.right(); x++) {
        int pixel = from[y * area.width() + x] & 0xFFFFFF;
        // Colours a few steps apart miss alike; a coarser key keeps the work small.
        boolean miss = known.computeIfAbsent(pixel & 0xFCFCFC, k -> inking.press().miss(Colour.of(pixel)) > Press.MISSED);
        missed += miss ? 1 : 0;
        int light = ((pixel >> 16) * 2 + (pixel >> 8 & 255) * 5 + (pixel & 255)) / 8;
        int faint = grey(FAINT + light * (255 - FAINT) / 255);
        to[y * area.width() + x] = 0xFF000000 | (miss ? ((x + y) % 7 < 4 ? 0x7A3F63 : pixel) : faint);
      }
    }
    return new LensView(image, from, inks, inking, 0, area.size() == 0 ? 0 : (double) missed / area.size());
  }
}
