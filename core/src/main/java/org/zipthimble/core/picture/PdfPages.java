package org.zipthimble.core.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.zipthimble.core.wording.Trouble;

/** Pages of PDF files as pictures: each is kept as a file of one page. Nothing outside of the file is ever asked for. */
public final class PdfPages {
  /** The pixels that an inch of a page counts as where pixels are asked for. */
  static final double PPI = 300;

  private static final int MOST_PAGES = 60;
  private static final double POINTS = 72;

  private PdfPages() {}

  /** Where the library may keep its list of the machine's fonts, instead of in the person's home folder. */
  public static void keepListIn(Path folder) {
    System.setProperty("pdfbox.fontcache", folder.toString());
  }

  /**
   * The pages of a file, each as a picture.
   *
   * @throws Trouble when it is damaged, locked by a password, or has more pages than can be placed
   */
  public static List<Picture> of(String name, byte[] bytes, Pictures.Limits limits) throws Trouble {
    if (bytes.length > limits.bytes()) {
      throw Trouble.of("picture.tooManyBytes", name, limits.bytes() / 1_000_000);
    }
    if (Kind.of(bytes).filter(k -> k == Kind.PDF).isEmpty()) {
      throw Trouble.of("picture.unknownKind", name);
    }
    try (PDDocument document = Loader.loadPDF(bytes)) {
      int count = document.getNumberOfPages();
      if (count < 1 || count > MOST_PAGES) {
        throw Trouble.of("picture.pdfPages", name, count, MOST_PAGES);
      }
      List<Picture> out = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        out.add(look(count == 1 ? name : name + " " + (i + 1), count == 1 ? bytes : alone(document, i), limits));
      }
      return out;
    } catch (org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException locked) {
      throw Trouble.because(locked, "picture.pdfLocked", name);
    } catch (IOException | RuntimeException | StackOverflowError e) {
      throw Trouble.because(e, "picture.damaged", name);
    }
  }

  private static byte[] alone(PDDocument document, int index) throws IOException {
    try (PDDocument one = new PDDocument()) {
      one.importPage(document.getPage(index));
      one.setDocumentId(index + 1L);
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      one.save(out, CompressParameters.NO_COMPRESSION);
      return out.toByteArray();
    }
  }

  /** Looks at a file of one page. */
  static Picture look(String name, byte[] bytes, Pictures.Limits limits) throws Trouble {
    try (PDDocument document = Loader.loadPDF(bytes)) {
      if (document.getNumberOfPages() != 1) {
        return of(name, bytes, limits).get(0);
      }
      PDPage page = document.getPage(0);
      PDRectangle box = page.getCropBox();
      boolean swaps = page.getRotation() % 180 != 0;
      double wide = (swaps ? box.getHeight() : box.getWidth()) / POINTS * PPI;
      double high = (swaps ? box.getWidth() : box.getHeight()) / POINTS * PPI;
      if (!(wide >= 1 && high >= 1) || wide * high > limits.pixels()) {
        throw Trouble.of("picture.tooManyPixels", name, Math.round(wide), Math.round(high), limits.pixels() / 1_000_000);
      }
      Picture picture = Picture.of(new Blob(bytes), Kind.PDF, name, (int) Math.round(wide), (int) Math.round(high));
      draw(picture, (int) Math.max(1, Math.ceil(Math.sqrt(wide * high / 1_000_000))));
      return picture;
    } catch (org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException locked) {
      throw Trouble.because(locked, "picture.pdfLocked", name);
    } catch (OutOfMemoryError e) {
      throw Trouble.because(e, "picture.noMemory", name);
    } catch (IOException | RuntimeException | StackOverflowError e) {
      throw Trouble.because(e, "picture.damaged", name);
    }
  }

  /** Draws the page, see-through where it is bare, at a part of its pixels. */
  static BufferedImage draw(Picture picture, int step) throws Trouble {
    try (PDDocument document = Loader.loadPDF(picture.blob().bytes())) {
      PDFRenderer renderer = new CountedRenderer(document);
      renderer.setSubsamplingAllowed(step > 1);
      RenderingHints hints = new RenderingHints(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
      hints.put(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
      hints.put(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
      renderer.setRenderingHints(hints);
      // The retouched size may be a crop; the page itself is drawn whole.
      PDPage page = document.getPage(0);
      PdfOutside.removed(page.getCOSObject().getDictionaryObject(COSName.RESOURCES));
      boolean swaps = page.getRotation() % 180 != 0;
      double scale = PPI / POINTS / step;
      int wide = (int) Math.max(1, Math.round((swaps ? page.getCropBox().getHeight() : page.getCropBox().getWidth()) * scale));
      int high = (int) Math.max(1, Math.round((swaps ? page.getCropBox().getWidth() : page.getCropBox().getHeight()) * scale));
      BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB);
      Graphics2D g = image.createGraphics();
      g.setBackground(new Color(0, true));
      renderer.renderPageToGraphics(0, g, (float) scale);
      g.dispose();
      return premultiplied(image);
    } catch (CountedRenderer.TooMuch e) {
      throw Trouble.because(e, "picture.pdfTooMuch", picture.name());
    } catch (IOException | RuntimeException | StackOverflowError e) {
      throw Trouble.because(e, "picture.damaged", picture.name());
    }
  }

  private static BufferedImage premultiplied(BufferedImage image) {
    image.coerceData(true);
    BufferedImage out = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
    image.copyData(out.getRaster());
    return out;
  }
}
