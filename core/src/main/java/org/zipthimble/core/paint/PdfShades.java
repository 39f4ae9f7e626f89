package org.zipthimble.core.paint;

import java.util.List;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.zipthimble.core.marks.Shade;

/** Shades, dashes and overprint as PDF objects (ISO 32000-1, 8.4.3.6, 8.6.7 and 8.7.4.5). */
final class PdfShades {
  private PdfShades() {}

  static PDShading shading(Shade shade, PdfColours colours) {
    COSDictionary dictionary = new COSDictionary();
    dictionary.setInt(COSName.SHADING_TYPE, shade.round() ? PDShading.SHADING_TYPE3 : PDShading.SHADING_TYPE2);
    dictionary.setItem(COSName.COLORSPACE, colours.space());
    dictionary.setItem(COSName.COORDS, shade.round() ? numbers(0, 0, 0, 0, 0, 1) : numbers(0, 0, 1, 0));
    COSArray extend = new COSArray();
    extend.add(COSBoolean.TRUE);
    extend.add(COSBoolean.TRUE);
    dictionary.setItem(COSName.EXTEND, extend);
    dictionary.setItem(COSName.FUNCTION, stitched(shade, colours));
    return shade.round() ? new PDShadingType3(dictionary) : new PDShadingType2(dictionary);
  }

  /** One exponential function of order 1 for each piece between two colours, stitched at their places. */
  private static COSDictionary stitched(Shade shade, PdfColours colours) {
    COSArray functions = new COSArray();
    COSArray bounds = new COSArray();
    COSArray encode = new COSArray();
    Shade finer = shade.finer(colours.pieces());
    int last = finer.colours().size() - 1;
    for (int i = 0; i < last; i++) {
      functions.add(between(colours.parts(finer.colours().get(i)), colours.parts(finer.colours().get(i + 1))));
      encode.add(COSInteger.ZERO);
      encode.add(COSInteger.ONE);
      if (i > 0) {
        bounds.add(number(finer.places().get(i)));
      }
    }
    COSDictionary out = new COSDictionary();
    out.setInt(COSName.FUNCTION_TYPE, 3);
    out.setItem(COSName.DOMAIN, numbers(finer.places().get(0), finer.places().get(last)));
    out.setItem(COSName.FUNCTIONS, functions);
    out.setItem(COSName.BOUNDS, bounds);
    out.setItem(COSName.ENCODE, encode);
    return out;
  }

  private static COSDictionary between(COSArray from, COSArray to) {
    COSDictionary out = new COSDictionary();
    out.setInt(COSName.FUNCTION_TYPE, 2);
    out.setItem(COSName.DOMAIN, numbers(0, 1));
    out.setItem(COSName.C0, from);
    out.setItem(COSName.C1, to);
    out.setInt(COSName.N, 1);
    return out;
  }

  static COSArray numbers(double... values) {
    COSArray array = new COSArray();
    for (double value : values) {
      array.add(number(value));
    }
    return array;
  }

  private static COSBase number(double value) {
    try {
      return new COSFloat(PdfText.number(value));
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }

  static String dashes(List<Double> lengths) {
    StringBuilder out = new StringBuilder("[");
    lengths.forEach(l -> out.append(PdfText.number(l)).append(' '));
    return out.toString().stripTrailing() + "] 0 d";
  }

  /** What lies under the line is printed as if it were not there. */
  static PDExtendedGraphicsState overprint() {
    PDExtendedGraphicsState state = new PDExtendedGraphicsState();
    state.setStrokingOverprintControl(true);
    state.setNonStrokingOverprintControl(true);
    state.setOverprintMode(1);
    return state;
  }
}
