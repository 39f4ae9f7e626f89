package org.zipthimble.core.importer;

import java.util.List;
import org.zipthimble.core.bring.SvgIn;
import org.zipthimble.core.wording.Trouble;

/** Drawings as SVG, without a size in 96, 72 or 90 units an inch (CSS, PostScript points, common practice). */
final class SvgImporter extends Importer {
  @Override
  public List<String> endings() {
    return List.of(".svg");
  }

  @Override
  public Brings brings() {
    return Brings.DRAWING;
  }

  @Override
  public List<Double> unitsPerInch() {
    return List.of(96.0, 72.0, 90.0);
  }
  @Override
  protected long mostBytes(Bringing how) {
    return how.drawings().bytes();
  }

  @Override
  protected String tooLarge() {
    return "drawing.tooManyBytes";
  }

  @Override
  protected Brought read(String name, byte[] bytes, Bringing how) throws Trouble {
    return new Brought.Drawing(SvgIn.read(name, bytes, how.perInch(), how.drawings()));
  }
}
