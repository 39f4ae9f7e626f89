package org.zipthimble.core.importer;

import java.util.List;
import org.zipthimble.core.bring.DxfIn;
import org.zipthimble.core.wording.Trouble;

/** Drawings as DXF, without units in inches, millimetres or points. */
final class DxfImporter extends Importer {
  @Override
  public List<String> endings() {
    return List.of(".dxf");
  }

  @Override
  public Brings brings() {
    return Brings.DRAWING;
  }

  @Override
  public List<Double> unitsPerInch() {
    return List.of(1.0, 25.4, 72.0);
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
    return new Brought.Drawing(DxfIn.read(name, bytes, how.perInch(), how.drawings()));
  }
}
