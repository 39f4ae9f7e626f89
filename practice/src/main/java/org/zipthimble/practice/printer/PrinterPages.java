package org.zipthimble.practice.printer;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.w3c.dom.Node;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Size;

/** The pages of a document that a printer was sent, and how they are put on paper. */
final class PrinterPages implements AutoCloseable {
  /** The most pages. */
  static final int MOST = 400;

  private static final double PT = 72;
  private static final double MOST_PIXELS = 80e6;
  private static final double MOST_SIDE = 200;
  private static final double USUAL_PICTURE_PPI = 300;
  private static final int PNG_SIGNATURE = 8;

  /** Length and name of a chunk, in bytes. */
  private static final int CHUNK_HEAD = 8;

  /** The name of chunks that hold packed rows: IDAT. */
  private static final int ROWS = 0x49444154;

  private final PDDocument pdf;
  private final List<BufferedImage> pictures = new ArrayList<>();
  private final List<Size> sizes = new ArrayList<>();

  private PrinterPages(PDDocument pdf) {
    this.pdf = pdf;
  }

  /**
   * Reads a document.
   *
   * @throws IOException when it is none that a printer can print
   */
  static PrinterPages of(byte[] document) throws IOException {
    if (document.length > 4 && document[0] == '%' && document[1] == 'P' && document[2] == 'D' && document[3] == 'F') {
      return pdf(document);
    }
    return picture(document);
  }

  private static PrinterPages pdf(byte[] document) throws IOException {
    PDDocument read;
    try {
      read = Loader.loadPDF(document);
    } catch (RuntimeException e) {
      throw new IOException(e);
    }
    PrinterPages pages = new PrinterPages(read);
    if (read.getNumberOfPages() < 1 || read.getNumberOfPages() > MOST) {
      read.close();
      throw new IOException("pages");
    }
    for (PDPage page : read.getPages()) {
      PDRectangle box = page.getCropBox();
      boolean turned = page.getRotation() % 180 != 0;
      Size size = new Size(side(box.getWidth()), side(box.getHeight()));
      pages.sizes.add(turned ? size.swapped() : size);
    }
    return pages;
  }

  private static double side(double pt) throws IOException {
    if (!(pt > 0.1 * PT && pt < MOST_SIDE * PT)) {
      throw new IOException("page size");
    }
    return pt / PT;
  }

  private static PrinterPages picture(byte[] document) throws IOException {
    PrinterPages pages = new PrinterPages(null);
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(document))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new IOException("format");
      }
      ImageReader reader = readers.next();
      reader.setInput(in);
      if ((double) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
        throw new IOException("pixels");
      }
      IIOImage image = reader.readAll(0, null);
      BufferedImage pixels = (BufferedImage) image.getRenderedImage();
      double ppi = ppi(image.getMetadata());
      pages.pictures.add(pixels);
      pages.sizes.add(new Size(pixels.getWidth() / ppi, pixels.getHeight() / ppi));
      reader.dispose();
    } catch (RuntimeException e) {
      throw new IOException(e);
    }
    return pages;
  }

  /** Pixels per inch as the picture says; the usual of pictures that do not. */
  private static double ppi(IIOMetadata metadata) {
    if (metadata != null && metadata.isStandardMetadataFormatSupported()) {
      Node root = metadata.getAsTree("javax_imageio_1.0");
      for (Node child = root.getFirstChild(); child != null; child = child.getNextSibling()) {
        for (Node one = child.getFirstChild(); one != null; one = one.getNextSibling()) {
          if (one.getNodeName().equals("HorizontalPixelSize")) {
            double mm = Double.parseDouble(one.getAttributes().getNamedItem("value").getNodeValue());
            double ppi = mm > 0 ? 25.4 / mm : 0;
            return ppi >= 36 && ppi <= 2400 ? ppi : USUAL_PICTURE_PPI;
          }
        }
      }
    }
    return USUAL_PICTURE_PPI;
  }

  List<Size> sizes() {
    return List.copyOf(sizes);
  }

  /** A page on white paper. */
  BufferedImage on(int page, Printing how, double ppi) throws IOException {
    int wide = (int) Math.round(how.paper().width() * ppi);
    int high = (int) Math.round(how.paper().height() * ppi);
    BufferedImage sheet = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = sheet.createGraphics();
    g.setColor(Color.WHITE);
    // the reader of pages clears them with this before it draws
    g.setBackground(Color.WHITE);
    g.fillRect(0, 0, wide, high);
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    Box reach = how.reach();
    g.clip(new Rectangle2D.Double(reach.x() * ppi, reach.y() * ppi, reach.width() * ppi, reach.height() * ppi));
    Size size = sizes.get(page);
    Affine map = how.place(size).then(Affine.scale(ppi, ppi));
    try {
      if (pdf == null) {
        BufferedImage picture = pictures.get(page);
        map = Affine.scale(size.width() / picture.getWidth(), size.height() / picture.getHeight()).then(map);
        g.drawImage(picture, awt(map), null);
      } else {
        g.transform(awt(Affine.scale(1 / PT, 1 / PT).then(map)));
        new PDFRenderer(pdf).renderPageToGraphics(page, g, 1);
      }
    } catch (RuntimeException e) {
      throw new IOException(e);
    } finally {
      g.dispose();
    }
    margins(sheet, reach, ppi);
    return sheet;
  }

  /** The reader of pages sets a clip of its own: what it drew beyond the printer's reach stays white. */
  private static void margins(BufferedImage sheet, Box reach, double ppi) {
    int left = (int) Math.round(reach.x() * ppi);
    int top = (int) Math.round(reach.y() * ppi);
    int right = (int) Math.round(reach.right() * ppi);
    int low = (int) Math.round(reach.bottom() * ppi);
    Graphics2D g = sheet.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, left, sheet.getHeight());
    g.fillRect(right, 0, sheet.getWidth() - right, sheet.getHeight());
    g.fillRect(0, 0, sheet.getWidth(), top);
    g.fillRect(0, low, sheet.getWidth(), sheet.getHeight() - low);
    g.dispose();
  }

  private static AffineTransform awt(Affine m) {
    return new AffineTransform(m.a(), m.b(), m.c(), m.d(), m.e(), m.f());
  }

  /** A sheet as PNG, with its resolution. */
  static byte[] png(BufferedImage sheet, double ppi) {
    return PngFile.bytes(sheet, ppi);
  }

  /**
   * A sheet as a page of its own size. A picture in PDF may be packed as it is in PNG (ISO 32000-1, 7.4.4.4), so the packed rows are taken
   * over as they are.
   *
   * @param png in RGB, as {@link #png} makes it
   * @param paper in inches
   */
  static byte[] pdf(byte[] png, Size paper) throws IOException {
    ByteBuffer in = ByteBuffer.wrap(png).position(PNG_SIGNATURE);
    ByteArrayOutputStream packed = new ByteArrayOutputStream(png.length);
    int width = in.getInt(in.position() + CHUNK_HEAD);
    int height = in.getInt(in.position() + CHUNK_HEAD + Integer.BYTES);
    while (in.remaining() > CHUNK_HEAD) {
      int length = in.getInt();
      if (in.getInt() == ROWS) {
        packed.write(png, in.position(), length);
      }
      in.position(in.position() + length + Integer.BYTES);
    }
    COSDictionary how = new COSDictionary();
    how.setInt(COSName.PREDICTOR, 15);
    how.setInt(COSName.COLORS, 3);
    how.setInt(COSName.COLUMNS, width);
    try (PDDocument out = new PDDocument()) {
      PDPage page = new PDPage(new PDRectangle((float) (paper.width() * PT), (float) (paper.height() * PT)));
      out.addPage(page);
      PDImageXObject image = new PDImageXObject(out, new ByteArrayInputStream(packed.toByteArray()), COSName.FLATE_DECODE, width, height,
          8, PDDeviceRGB.INSTANCE);
      image.getCOSObject().setItem(COSName.DECODE_PARMS, how);
      try (PDPageContentStream content = new PDPageContentStream(out, page)) {
        content.drawImage(image, 0, 0, page.getMediaBox().getWidth(), page.getMediaBox().getHeight());
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      out.save(bytes);
      return bytes.toByteArray();
    }
  }

  @Override
  public void close() throws IOException {
    if (pdf != null) {
      pdf.close();
    }
  }
}
