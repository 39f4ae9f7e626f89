package org.zipthimble.core.importer;

import java.util.List;
import org.zipthimble.core.bring.TableIn;
import org.zipthimble.core.wording.Trouble;

/** Lists as text with commas, semicolons or tabs, and workbooks. */
final class TableImporter extends Importer {
  @Override
  public List<String> endings() {
    return List.of(".csv", ".tsv", ".xlsx", ".txt");
  }

  @Override
  public Brings brings() {
    return Brings.LIST;
  }

  @Override
  protected long mostBytes(Bringing how) {
    return TableIn.MOST_BYTES;
  }

  @Override
  protected String tooLarge() {
    return "table.tooLarge";
  }

  @Override
  protected Brought read(String name, byte[] bytes, Bringing how) throws Trouble {
    return new Brought.Listed(TableIn.read(name, bytes, how.encoding(), how.sheet()));
  }
}
