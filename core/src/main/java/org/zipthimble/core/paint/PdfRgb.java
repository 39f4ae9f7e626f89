package org.zipthimble.core.paint;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDResources;
import org.zipthimble.core.colour.Colour;

/** Colours as they are: the device's RGB, told to be sRGB by the output intent. */
final class PdfRgb implements PdfColours {
  @Override
  public String fill(Colour colour, boolean words, PDResources resources) {
    return PdfText.joined(colour.red() / 255.0, colour.green() / 255.0, colour.blue() / 255.0) + " rg";
  }

  @Override
  public String stroke(Colour colour, PDResources resources) {
    return PdfText.joined(colour.red() / 255.0, colour.green() / 255.0, colour.blue() / 255.0) + " RG";
  }

  @Override
  public boolean overprints(Colour colour) {
    return false;
  }

  @Override
  public String paper() {
    return "1 1 1 rg";
  }

  @Override
  public COSBase space() {
    return COSName.DEVICERGB;
  }

  @Override
  public COSArray parts(Colour colour) {
    return PdfShades.numbers(colour.red() / 255.0, colour.green() / 255.0, colour.blue() / 255.0);
  }

  @Override
  public int pieces() {
    return 1;
  }
}
