package org.zipthimble.practice.printer;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/**
 * How a practice printer is set up, as its own driver would be.
 *
 * @param trays one or more
 * @param margins that it cannot reach, in inches
 * @param scaling where the sender says nothing
 * @param override whether its own scaling counts whatever the sender says, as drivers do that were left on "fit"
 * @param enlarge per cent by which borderless pages are made larger
 * @param mirror whether its own setting turns pages left for right
 * @param ppi of what it prints, pixels per inch
 * @param ink what is in its tanks
 * @param level of ink that is left, 0 to 1
 * @param pace seconds that a page takes; 0 for at once
 */
@RecordBuilder
public record PrinterSetup(
    List<Tray> trays, Insets margins, Printing.Scaling scaling, boolean override, double enlarge, boolean mirror, double ppi, Ink ink,
    double level, double pace)
    implements PrinterSetupBuilder.With {
  /** A desktop printer with letter paper and transfer paper of tabloid size. */
  public static final PrinterSetup USUAL = new PrinterSetup(
      List.of(new Tray("main", new Size(8.5, 11), PaperKind.PLAIN, 100, true),
      new Tray("by-pass-tray", new Size(13, 19), PaperKind.TRANSFER, 20, true)),
      Insets.all(Printing.USUAL_MARGIN), Printing.Scaling.ACTUAL, false, 2, false, 300, Ink.DESKTOP, 1, 0.5);

  /** What is in the tanks. */
  public enum Ink {
    /** For paper. */
    DESKTOP,
    /** For transfers: it goes over into a coating under heat. */
    TRANSFER;

    /** Its name. */
    public String title() {
      return Wording.of(this);
    }
  }

  /** Checks the figures. */
  public PrinterSetup {
    trays = List.copyOf(trays);
    boolean sound = !trays.isEmpty() && enlarge >= 0 && enlarge <= 20 && ppi >= 36 && ppi <= 1200 && level >= 0 && level <= 1 && pace >= 0
        && pace <= 600;
    if (!sound || scaling == null || ink == null) {
      throw new IllegalArgumentException("a printer's set-up is out of range");
    }
  }

  /** The same with one tray in place of that of its name. */
  public PrinterSetup with(Tray tray) {
    return withTrays(trays.stream().map(t -> t.name().equals(tray.name()) ? tray : t).toList());
  }
}
