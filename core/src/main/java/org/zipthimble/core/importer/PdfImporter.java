package org.zipthimble.core.importer;

import java.util.List;
import org.zipthimble.core.picture.PdfPages;
import org.zipthimble.core.wording.Trouble;

/** Pages of a PDF, each a picture. */
final class PdfImporter extends Importer {
  @Override
  public List<String> endings() {
    return List.of(".pdf");
  }

  @Override
  public Brings brings() {
    return Brings.PICTURES;
  }

  @Override
  protected long mostBytes(Bringing how) {
    return how.pictures().bytes();
  }

  @Override
  protected String tooLarge() {
    return "picture.tooManyBytes";
  }

  @Override
  protected Brought read(String name, byte[] bytes, Bringing how) throws Trouble {
    return new Brought.Pictured(PdfPages.of(name, bytes, how.pictures()));
  }
}
