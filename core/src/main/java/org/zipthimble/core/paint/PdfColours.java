package org.zipthimble.core.paint;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.pdmodel.PDResources;
import org.zipthimble.core.colour.Colour;

/** How colours are written into the content of a PDF. */
interface PdfColours {
  /** The operator that fills with a colour. */
  String fill(Colour colour, boolean words, PDResources resources);

  /** The operator that draws lines in a colour. */
  String stroke(Colour colour, PDResources resources);

  /** Whether words in this colour are laid over what is below without knocking it out. */
  boolean overprints(Colour colour);

  /** Whether a colour has a plate of its own. */
  default boolean plated(Colour colour) {
    return false;
  }

  /** The operator that fills with the colour of bare paper. */
  String paper();

  /** The space that gradients and groups are in. */
  COSBase space();

  /** A colour in that space. */
  COSArray parts(Colour colour);

  /** Into how many pieces a gradient is cut between two colours, so that it runs as on the screen. */
  int pieces();
}
