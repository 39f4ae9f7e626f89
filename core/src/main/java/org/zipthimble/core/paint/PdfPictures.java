package org.zipthimble.core.paint;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDICCBased;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.zipthimble.core.colour.InkTable;
import org.zipthimble.core.geom.Affine;
import org.zipthimble.core.picture.Halvings;
import org.zipthimble.core.picture.Levelled;
import org.zipthimble.core.picture.Picture;
import org.zipthimble.core.picture.Pixels;
import org.zipthimble.core.wording.Trouble;

/** Pictures of a PDF for a press (ISO 32000-1, 8.9.5). */
final class PdfPictures {
  private PdfPictures() {}

  /** A picture as four inks, row by row; what is see-through goes into a mask of its own. */
  static PDImageXObject inInk(PDDocument document, BufferedImage image, InkTable table) throws IOException {
    int width = image.getWidth();
    COSStream stream = plain(document, image, COSName.DEVICECMYK);
    int[] row = new int[width];
    byte[] inks = new byte[width * 4];
    try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
      for (int y = 0; y < image.getHeight(); y++) {
        Pixels.row(image, y, row);
        table.inks(row, 0, width, inks, 0);
        out.write(inks);
      }
    }
    if (image.getColorModel().hasAlpha()) {
      stream.setItem(COSName.SMASK, mask(document, image));
    }
    return (PDImageXObject) PDImageXObject.createXObject(stream, null);
  }

  private static COSStream mask(PDDocument document, BufferedImage image) throws IOException {
    int width = image.getWidth();
    COSStream stream = plain(document, image, COSName.DEVICEGRAY);
    int[] row = new int[width];
    byte[] alpha = new byte[width];
    try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
      for (int y = 0; y < image.getHeight(); y++) {
        Pixels.row(image, y, row);
        for (int x = 0; x < width; x++) {
          alpha[x] = (byte) (row[x] >>> 24);
        }
        out.write(alpha);
      }
    }
    return stream;
  }

  /** A picture with a share of its pixels. */
  static BufferedImage coarser(Picture picture, double share, Halvings halvings) throws Trouble {
    BufferedImage image = halvings.atLeast(picture, share);
    int width = (int) Math.max(1, Math.round(picture.width() * share));
    int height = (int) Math.max(1, Math.round(picture.height() * share));
    Affine whole = Affine.scale(width, height);
    if (Levelled.can(image, whole)) {
      return Levelled.of(image, whole, new Rectangle(width, height)).orElseThrow().image();
    }
    BufferedImage out = new BufferedImage(width, height, image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB_PRE
        : BufferedImage.TYPE_INT_RGB);
    Graphics2D g = out.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    g.drawImage(image, 0, 0, width, height, null);
    g.dispose();
    return out;
  }

  /** Grey values as a picture. */
  static COSStream grey(PDDocument document, byte[] values, int width, int height) throws IOException {
    COSStream stream = plain(document, width, height, COSName.DEVICEGRAY);
    stream.setBoolean(COSName.INTERPOLATE, true);
    try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
      out.write(values);
    }
    return stream;
  }

  private static COSStream plain(PDDocument document, BufferedImage image, COSBase space) {
    return plain(document, image.getWidth(), image.getHeight(), space);
  }

  private static COSStream plain(PDDocument document, int width, int height, COSBase space) {
    COSStream stream = document.getDocument().createCOSStream();
    stream.setItem(COSName.TYPE, COSName.XOBJECT);
    stream.setItem(COSName.SUBTYPE, COSName.IMAGE);
    stream.setInt(COSName.WIDTH, width);
    stream.setInt(COSName.HEIGHT, height);
    stream.setInt(COSName.BITS_PER_COMPONENT, 8);
    stream.setItem(COSName.COLORSPACE, space);
    return stream;
  }

  /** The screen's RGB with its profile. */
  static PDColorSpace screen(PDDocument document) throws IOException {
    PDICCBased based = new PDICCBased(document);
    PDStream stream = based.getPDStream();
    try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
      new ByteArrayInputStream(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData()).transferTo(out);
    }
    stream.getCOSObject().setInt(COSName.N, 3);
    stream.getCOSObject().setItem(COSName.ALTERNATE, COSName.DEVICERGB);
    return PDColorSpace.create(based.getCOSObject());
  }
}
