package org.zipthimble.core.importer;

import java.util.List;
import org.zipthimble.core.bring.PaletteFile;
import org.zipthimble.core.wording.Trouble;

/** Colours: a palette file, custom properties of a style sheet, or the fills of a drawing. */
final class PaletteImporter extends Importer {
  @Override
  public List<String> endings() {
    return List.of(".gpl", ".css", ".svg");
  }

  @Override
  public Brings brings() {
    return Brings.PALETTE;
  }

  @Override
  protected long mostBytes(Bringing how) {
    return PaletteFile.MOST_BYTES;
  }

  @Override
  protected String tooLarge() {
    return "palette.tooLarge";
  }

  @Override
  protected Brought read(String name, byte[] bytes, Bringing how) throws Trouble {
    return new Brought.Coloured(PaletteFile.read(name, bytes));
  }
}
