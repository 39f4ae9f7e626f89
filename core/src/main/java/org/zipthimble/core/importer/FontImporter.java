package org.zipthimble.core.importer;

import java.util.List;
import org.zipthimble.core.bring.FontIn;
import org.zipthimble.core.wording.Trouble;

/** Outline fonts. */
final class FontImporter extends Importer {
  @Override
  public List<String> endings() {
    return List.of(".ttf", ".otf");
  }

  @Override
  public Brings brings() {
    return Brings.FONT;
  }

  @Override
  protected long mostBytes(Bringing how) {
    return FontIn.MOST_BYTES;
  }

  @Override
  protected String tooLarge() {
    return "font.large";
  }

  @Override
  protected Brought read(String name, byte[] bytes, Bringing how) throws Trouble {
    return new Brought.Lettering(FontIn.read(name, bytes));
  }
}
