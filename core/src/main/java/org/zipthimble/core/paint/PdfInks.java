package org.zipthimble.core.paint;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDResources;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.colour.Inking;

/** Colours as inks: amounts of the four process inks, or a plate of their own. */
final class PdfInks implements PdfColours {
  private final Inking inking;
  private final PdfAssets assets;

  PdfInks(Inking inking, PdfAssets assets) {
    this.inking = inking;
    this.assets = assets;
  }

  @Override
  public String fill(Colour colour, boolean words, PDResources resources) {
    return operator(words ? inking.ofWords(colour) : inking.of(colour), resources, "k", "cs", "scn");
  }

  @Override
  public String stroke(Colour colour, PDResources resources) {
    return operator(inking.of(colour), resources, "K", "CS", "SCN");
  }

  private String operator(Ink ink, PDResources resources, String process, String space, String tint) {
    return ink.accept(new Ink.Visitor<>() {
      @Override
      public String process(Ink.Process is) {
        return PdfText.joined(is.process().parts()) + " " + process;
      }

      @Override
      public String spot(Ink.Spot is) {
        COSName name = resources.add(assets.spot(is.name(), is.alternate()));
        return "/" + name.getName() + " " + space + " " + PdfText.joined(is.tint()) + " " + tint;
      }
    });
  }

  @Override
  public boolean overprints(Colour colour) {
    return InkOut.overprints(inking.ofWords(colour));
  }

  @Override
  public boolean plated(Colour colour) {
    return inking.plated(colour);
  }

  @Override
  public String paper() {
    return "0 0 0 0 k";
  }

  @Override
  public COSBase space() {
    return COSName.DEVICECMYK;
  }

  @Override
  public COSArray parts(Colour colour) {
    return PdfShades.numbers(inking.of(colour).process().parts());
  }

  @Override
  public int pieces() {
    return InkOut.PIECES;
  }
}
