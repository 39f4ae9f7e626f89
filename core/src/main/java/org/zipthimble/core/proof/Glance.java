package org.zipthimble.core.proof;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleBinaryOperator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.picture.Kind;
import org.zipthimble.core.picture.Levelled;
import org.zipthimble.core.picture.Pictures;

/** Written files drawn as small as they are looked at, from their own bytes and with the reading libraries. */
public final class Glance {
  /** Pixels are left out while reading only where so many times as many are there as are shown. */
  private static final double SPARE = 3;
  private static final double POINTS = 72;

  private Glance() {}

  /**
   * Draws a written picture file small, without taking all its pixels into memory; what is left of them is averaged, so that fine lines
   * stay even.
   *
   * @param share from its width and height in pixels, how many pixels are to be shown for each; 1 at most is used
   * @throws IOException when it cannot be read
   */
  public static BufferedImage picture(Path file, DoubleBinaryOperator share) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new IOException("no picture in " + file);
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        double shown = Math.min(1, share.applyAsDouble(reader.getWidth(0), reader.getHeight(0)));
        int step = Math.max(1, (int) (1 / (SPARE * shown)));
        Kind kind = switch (reader.getFormatName().toLowerCase(Locale.ROOT)) {
          case "jpeg" -> Kind.JPEG;
          case "tif", "tiff" -> Kind.TIFF;
          default -> Kind.PNG;
        };
        byte[] bytes = kind == Kind.JPEG ? Files.readAllBytes(file) : new byte[0];
        return reduced(Pictures.read(reader, kind, bytes, step), shown * step);
      } finally {
        reader.dispose();
      }
    }
  }

  private static BufferedImage reduced(BufferedImage read, double share) {
    if (share >= 1) {
      return read;
    }
    boolean clear = read.getColorModel().hasAlpha();
    int width = Math.max(1, (int) Math.rint(read.getWidth() * share));
    int height = Math.max(1, (int) Math.rint(read.getHeight() * share));
    BufferedImage plain = drawn(read, read.getWidth(), read.getHeight(), clear);
    if (!clear) {
      return Levelled.of(plain, new Affine(width, 0, 0, height, 0, 0), new Rectangle(width, height)).orElseThrow().image();
    }
    // by halves, for the drawing looks at no more than four pixels for one
    int wide = plain.getWidth();
    int high = plain.getHeight();
    while (wide > 2 * width && high > 2 * height) {
      wide /= 2;
      high /= 2;
      plain = drawn(plain, wide, high, true);
    }
    return drawn(plain, width, height, true);
  }

  private static BufferedImage drawn(BufferedImage image, int width, int height, boolean clear) {
    BufferedImage out = new BufferedImage(width, height, clear ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.drawImage(image, 0, 0, width, height, null);
    g.dispose();
    return out;
  }

  /**
   * Draws some pages of a written PDF, the first ones where there are many.
   *
   * @param most how many pages
   * @param ppi from a page's width and height in inches, pixels per inch
   * @throws IOException when it cannot be read
   */
  public static List<BufferedImage> pages(Path pdf, int most, DoubleBinaryOperator ppi) throws IOException {
    List<BufferedImage> drawn = new ArrayList<>();
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      PDFRenderer reader = new PDFRenderer(document);
      for (int i = 0; i < Math.min(most, document.getNumberOfPages()); i++) {
        PDRectangle page = document.getPage(i).getCropBox();
        drawn.add(reader.renderImageWithDPI(i, (float) ppi.applyAsDouble(page.getWidth() / POINTS, page.getHeight() / POINTS),
            ImageType.RGB));
      }
    }
    return drawn;
  }
}
