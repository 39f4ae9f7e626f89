package org.zipthimble.practice.printer;

import java.io.IOException;
import java.util.Map;
import java.util.TreeMap;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Lengths;
import org.zipthimble.core.units.Size;

/**
 * A sheet in the output tray.
 *
 * @param number of the sheet since the printer was switched on, from 1
 * @param job whose sheet it is
 * @param page of the document, from 1
 * @param asked the size of the page as it was sent, in inches
 * @param how it was laid on the paper
 * @param lost of the page at each of its sides, in inches of the page
 * @param png the sheet as a picture
 */
public record Printed(
    int number, int job, String name, int page, Size asked, Printing how, Insets lost, Tray tray, PrinterSetup.Ink ink, double ppi,
    byte[] png) {
  /** Keeps a copy. */
  public Printed {
    png = png.clone();
  }

  /** The sheet as a page of its own size. */
  public byte[] pdf() throws IOException {
    return PrinterPages.pdf(png, how.paper());
  }

  /** How large the page came out, in inches. */
  public Size came() {
    double s = how.scale(asked);
    return new Size(asked.width() * s, asked.height() * s);
  }

  /** What a sender may read about it, a line a figure; lengths are inches. */
  public Map<String, String> told() {
    Map<String, String> out = new TreeMap<>();
    out.put("number", String.valueOf(number));
    out.put("job", String.valueOf(job));
    out.put("page", String.valueOf(page));
    out.put("paperWidth", plain(how.paper().width()));
    out.put("paperHeight", plain(how.paper().height()));
    out.put("askedWidth", plain(asked.width()));
    out.put("askedHeight", plain(asked.height()));
    out.put("cameWidth", plain(came().width()));
    out.put("cameHeight", plain(came().height()));
    out.put("scale", plain(how.scale(asked)));
    out.put("scaling", how.scaling().name());
    out.put("enlarge", plain(how.enlarge()));
    out.put("mirror", String.valueOf(how.mirror()));
    out.put("marginLeft", plain(how.margins().left()));
    out.put("marginTop", plain(how.margins().top()));
    out.put("marginRight", plain(how.margins().right()));
    out.put("marginBottom", plain(how.margins().bottom()));
    out.put("tray", tray.name());
    out.put("kind", tray.kind().name());
    out.put("rightSide", String.valueOf(tray.rightSide()));
    out.put("ink", ink.name());
    out.put("ppi", plain(ppi));
    return out;
  }

  private static String plain(double value) {
    return Lengths.plain(value, 6);
  }
}
