package org.zipthimble.core.paint;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.zipthimble.core.picture.PdfOutside;
import org.zipthimble.core.picture.Picture;

/** A page of another PDF inside of ours, fitted to the unit square. */
final class PdfInside {
  private static final Set<String> SCREEN = Set.of("rg", "RG");
  private static final Set<String> SPACES = Set.of("DeviceRGB", "CalRGB", "Lab", "RGB");
  private static final int DEEPEST = 40;

  private PdfInside() {}

  /**
   * The page with its outlines.
   *
   * @param press whether it must be all inks with its fonts inside; empty when it is not
   */
  static Optional<PDFormXObject> form(PDDocument document, Picture picture, boolean press) throws IOException {
    try (PDDocument source = Loader.loadPDF(picture.blob().bytes())) {
      if (press && !inked(source)) {
        return Optional.empty();
      }
      PDFormXObject form = new LayerUtility(document).importPageAsForm(source, 0);
      PDRectangle box = form.getBBox();
      AffineTransform own = form.getMatrix().createAffineTransform();
      Rectangle2D seen = own.createTransformedShape(
          new Rectangle2D.Double(box.getLowerLeftX(), box.getLowerLeftY(), box.getWidth(), box.getHeight())).getBounds2D();
      AffineTransform unit = AffineTransform.getScaleInstance(1 / seen.getWidth(), 1 / seen.getHeight());
      unit.translate(-seen.getX(), -seen.getY());
      unit.concatenate(own);
      form.setMatrix(unit);
      form.getCOSObject().removeItem(COSName.getPDFName("OC"));
      PdfOutside.removed(form.getCOSObject());
      return Optional.of(form);
    }
  }

  /** Whether a page uses inks alone and carries its fonts; what cannot be told counts as not. */
  private static boolean inked(PDDocument source) {
    try {
      COSDictionary page = source.getPage(0).getCOSObject();
      COSDictionary resources = source.getPage(0).getResources() == null ? new COSDictionary()
          : source.getPage(0).getResources().getCOSObject();
      return !screenContent(source.getPage(0).getContents().readAllBytes()) && plain(resources, new HashSet<>(), 0)
          && !(page.getDictionaryObject(COSName.GROUP) instanceof COSDictionary
              && screenSpace(((COSDictionary) page.getDictionaryObject(COSName.GROUP)).getDictionaryObject(COSName.CS)));
    } catch (IOException | RuntimeException unclear) {
      return false;
    }
  }

  private static boolean screenContent(byte[] content) throws IOException {
    PDFStreamParser parser = new PDFStreamParser(content);
    for (Object token : parser.parse()) {
      if (token instanceof Operator && (SCREEN.contains(((Operator) token).getName()) || ((Operator) token).getName().equals("BI"))
          || token instanceof COSName && SPACES.contains(((COSName) token).getName())) {
        return true;
      }
    }
    return false;
  }

  private static boolean screenSpace(COSBase space) {
    if (space instanceof COSName) {
      return SPACES.contains(((COSName) space).getName());
    }
    if (space instanceof COSArray && ((COSArray) space).size() > 1) {
      COSArray array = (COSArray) space;
      String kind = array.getName(0, "");
      COSBase second = array.getObject(1);
      if (kind.equals("ICCBased")) {
        COSBase n = second instanceof COSStream ? ((COSStream) second).getDictionaryObject(COSName.N) : null;
        return !(n instanceof COSNumber) || ((COSNumber) n).intValue() == 3;
      }
      return SPACES.contains(kind) || kind.equals("Indexed") && screenSpace(second)
          || (kind.equals("Separation") || kind.equals("DeviceN")) && array.size() > 2 && screenSpace(array.getObject(2));
    }
    return false;
  }

  /** Looks through resources: spaces, pictures, forms, shadings and fonts. */
  private static boolean plain(COSBase base, Set<COSBase> seen, int depth) throws IOException {
    COSBase is = base instanceof COSObject ? ((COSObject) base).getObject() : base;
    if (is == null || depth > DEEPEST || !(is instanceof COSDictionary || is instanceof COSArray) || !seen.add(is)) {
      return depth <= DEEPEST;
    }
    if (is instanceof COSArray) {
      boolean fits = !screenSpace(is);
      for (COSBase one : (COSArray) is) {
        fits = fits && plain(one, seen, depth + 1);
      }
      return fits;
    }
    COSDictionary dictionary = (COSDictionary) is;
    if (screenSpace(dictionary.getDictionaryObject(COSName.COLORSPACE)) || screenSpace(dictionary.getDictionaryObject(COSName.CS))
        || !carried(dictionary)) {
      return false;
    }
    boolean form = COSName.FORM.equals(dictionary.getDictionaryObject(COSName.SUBTYPE)) && dictionary instanceof COSStream;
    if (form) {
      try (var in = ((COSStream) dictionary).createInputStream()) {
        if (screenContent(in.readAllBytes())) {
          return false;
        }
      }
    }
    boolean fits = true;
    for (COSName key : dictionary.keySet()) {
      boolean up = key.equals(COSName.PARENT) || key.equals(COSName.P);
      COSBase value = dictionary.getDictionaryObject(key);
      fits = fits && (up || !(value instanceof COSName && SPACES.contains(((COSName) value).getName())) && plain(value, seen, depth + 1));
    }
    return fits;
  }

  /** A font's description must hold its file. */
  private static boolean carried(COSDictionary d) {
    if (!COSName.FONT_DESC.equals(d.getDictionaryObject(COSName.TYPE))) {
      boolean bare = COSName.FONT.equals(d.getDictionaryObject(COSName.TYPE)) && d.getDictionaryObject(COSName.FONT_DESC) == null
          && d.getDictionaryObject(COSName.DESCENDANT_FONTS) == null && !COSName.TYPE3.equals(d.getDictionaryObject(COSName.SUBTYPE));
      return !bare;
    }
    return d.containsKey(COSName.FONT_FILE) || d.containsKey(COSName.FONT_FILE2) || d.containsKey(COSName.FONT_FILE3);
  }
}
